<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';
  import { capital } from '$lib/words/units.svelte';

  interface Props {
    foretold: Schemas['ForetoldView'][];
    today: string;
  }
  const { foretold, today }: Props = $props();

  const said = (each: Schemas['ForetoldCase']) =>
    `${each.name}: foretold on ${short(each.said, today)} for ${short(each.seen, today)}, ${each.came ? 'came so' : 'came otherwise'}`;
</script>

<section class="sheet" aria-labelledby="foretold">
  <h2 id="foretold">Were the forecasts right?</h2>
  {#each foretold as line (line.what)}
    <p>
      {capital(line.words)}: <b>{line.came} of {line.of}</b> inside the range
    </p>
    <ul aria-label="The newest of {line.words}">
      {#each line.newest as each (`${each.plantId} ${each.said} ${each.seen}`)}
        <li>
          <a
            href="/plants/{each.plantId}"
            class:otherwise={!each.came}
            title={said(each)}
            aria-label={said(each)}
          ></a>
        </li>
      {/each}
    </ul>
  {/each}
  <p class="quiet">From each look to the next, as it was foretold then. Nine in ten is the aim.</p>
</section>

<style>
  h2 {
    margin: 0 0 6px;
  }
  p {
    margin: 0;
  }
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    margin: 6px 0 12px;
  }
  a {
    display: block;
    width: 20px;
    height: 20px;
    border: 1.5px solid var(--color-moss);
    border-radius: 4px;
    background: color-mix(in srgb, var(--color-moss) 18%, transparent);
  }
  /* Told apart without colour: what came otherwise is empty and cut across. */
  .otherwise {
    border-color: var(--color-clay);
    background: linear-gradient(
      to top right,
      transparent 45%,
      var(--color-clay) 45%,
      var(--color-clay) 55%,
      transparent 55%
    );
  }
</style>
