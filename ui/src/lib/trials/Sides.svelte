<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    page: Schemas['TrialPage'];
    today: string;
  }
  const { page, today }: Props = $props();
  const sides = $derived(
    [
      { head: 'Tried on', plants: page.plants.filter(({ side }) => side === 'TRIED') },
      { head: page.trial.others, plants: page.plants.filter(({ side }) => side === 'AGAINST') },
    ].filter(({ plants }) => plants.length),
  );
</script>

<div class="sides">
  {#each sides as { head, plants } (head)}
    <section aria-label={head}>
      <h2>{head}</h2>
      <ul>
        {#each plants as plant (plant.plantId)}
          <li>
            <a class="link" href="/plants/{plant.plantId}">{plant.name}</a>
            <span class="quiet">{plant.placeName}</span>
            {#if plant.left && page.trial.state !== 'CLOSED'}
              <span class="left">counts until {short(plant.left, today)}</span>
            {/if}
            {#if plant.cameOf.length}
              <p><Sentence parts={plant.cameOf} {today} /></p>
            {/if}
          </li>
        {/each}
      </ul>
    </section>
  {/each}
</div>

<style>
  .sides {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(280px, 100%), 1fr));
    gap: 16px;
  }
  h2 {
    margin: 0 0 4px;
    font-size: 16px;
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    padding: 4px 0;
  }
  li p {
    margin: 2px 0 0;
    color: var(--color-ink-2);
  }
  .left {
    color: var(--color-clay);
  }
</style>
