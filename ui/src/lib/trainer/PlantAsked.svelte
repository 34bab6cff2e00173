<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Sentence from '$lib/words/Sentence.svelte';
  import { short } from '$lib/words/dates';
  import CasePhotos from './CasePhotos.svelte';
  import Seen from './Seen.svelte';

  interface Props {
    plant: Schemas['PlantCase'];
    roots: Schemas['RootLengths'] | undefined;
    /** Whether it was misjudged before. */
    again: boolean;
    /** Whose plant it is, where that is not said by its number. */
    whose?: string;
    today: string;
  }
  const { plant, roots, again, whose, today }: Props = $props();
  const [first, ...former] = $derived(plant.days);
</script>

<section class="sheet" aria-labelledby="asked">
  <h2 id="asked">{plant.name}</h2>
  <p class="quiet">
    {plant.kindName}; takes a move {plant.readyWhen}.
    {whose ?? (plant.plantId == null ? 'A made-up plant' : 'One of yours')}{again
      ? ', asked again'
      : ''}.
  </p>
  <p class="day">{short(plant.on, today)}</p>
  <ul class="known">
    {#each plant.known as line, i (i)}<li><Sentence parts={line} {today} /></li>{/each}
  </ul>
  {#if plant.plantId != null}
    <CasePhotos plantId={plant.plantId} on={plant.on} {today} />
  {/if}
  {#if first}
    {#if first.on !== plant.on}<h3>{short(first.on, today)}</h3>{/if}
    <Seen seen={first.seen} {roots} {today} />
  {/if}
  {#if former.length}
    <details class="fold">
      <summary>Seen before</summary>
      {#each former as day (day.on)}
        <p>
          <b>{short(day.on, today)}</b>
          {#each day.seen as each, i (each.title)}
            {i ? '; ' : ''}{each.title}: <Sentence parts={each.words} {today} />
          {/each}
        </p>
      {/each}
    </details>
  {/if}
</section>

<style>
  h2,
  p {
    margin: 0;
  }
  .day {
    margin-top: 8px;
    font: 520 18px var(--font-serif);
  }
  .known {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 18px;
    margin: 2px 0 10px;
  }
  h3 {
    margin: 8px 0 4px;
    font-size: 16px;
  }
  details p {
    margin: 0 0 6px;
    font-size: 14.5px;
  }
</style>
