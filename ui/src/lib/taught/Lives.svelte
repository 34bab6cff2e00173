<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import { capital } from '$lib/words/units.svelte';
  import Interval from './Interval.svelte';
  import { tintAgainst } from './tints';

  const { lives }: { lives: Schemas['LifeView'][] } = $props();

  const most = $derived(Math.max(12, ...lives.map((life) => Math.max(life.high, life.assumed))));
  const months = (number: number) => count(Math.round(number), 'month');
</script>

<section class="sheet" aria-labelledby="lives">
  <h2 id="lives">How long it lasts here</h2>
  <p class="quiet">
    From pieces that were felt, against the calendar; in a warm room, watered when dry. The bar is
    where the truth lies in nine cases of ten, the tick is what the almanac assumes.
  </p>
  <ul>
    {#each lives as life (life.figure)}
      <li>
        <span>{capital(life.words)}</span>
        <span class="count">{count(life.pots, 'pot')}</span>
        <Interval
          from={0}
          to={most}
          {...life}
          tint={tintAgainst(life.against)}
          few={life.against === 'FEW'}
          label="Between {months(life.low)} and {months(life.high)}; assumed {months(life.assumed)}"
        />
        <span class="says" class:clear={life.proposed != null}
          >{#if life.against !== 'FEW'}{Math.round(life.low)} to {months(life.high)}:{/if}
          {life.says}</span
        >
      </li>
    {/each}
  </ul>
</section>

<style>
  h2,
  p {
    margin: 0;
  }
  ul {
    margin-top: 8px;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 210px) 70px minmax(120px, 290px) minmax(0, 1fr);
    gap: 4px 14px;
    align-items: center;
    padding: 5px 0;
    border-top: 1px solid var(--color-rule);
    font-size: 15px;
  }
  .count,
  .says {
    color: var(--color-ink-2);
    font-size: 14px;
  }
  .clear {
    color: var(--color-plum);
    font-weight: 600;
  }
  @media (max-width: 700px) {
    li {
      grid-template-columns: minmax(0, 1fr) auto;
    }
    li > :global(svg),
    .says {
      grid-column: 1 / -1;
    }
  }
</style>
