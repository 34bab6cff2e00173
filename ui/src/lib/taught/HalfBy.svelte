<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';

  interface Props {
    tips: Schemas['HalfBy'];
    holds: Schemas['HalfBy'];
  }
  const { tips, holds }: Props = $props();

  const LAST = 200;
  const x = scaleLinear([0, LAST], [8, 258]).clamp(true);
  const rows = $derived([
    { words: 'new root tips', half: tips },
    { words: 'had taken hold', half: holds },
  ]);

  function said({ cases, after, by }: Schemas['HalfBy']): string {
    if (after == null || by == null) return `of ${count(cases, 'move')} not yet half`;
    const when = by - after > 1 ? `day ${after + 1} to ${by}` : `day ${by}`;
    return `${when}, from ${count(cases, 'move')}`;
  }
</script>

<section class="sheet" aria-labelledby="half">
  <h2 id="half">How long half of them took</h2>
  {#each rows as { words, half } (words)}
    <p>{words}: <b>{said(half)}</b></p>
    <svg viewBox="0 0 266 34" width="100%" aria-hidden="true">
      <path d="M8 10H258" stroke="var(--color-rule)" stroke-width="8" stroke-linecap="round" />
      {#if half.after != null && half.by != null}
        <path
          d="M{x(half.after)} 10H{x(half.by)}"
          stroke="var(--color-slate)"
          stroke-width="8"
          stroke-linecap="round"
        />
      {/if}
      {#each [0, 50, 100, 150, 200] as day (day)}
        <text
          x={day === 0 ? 4 : day === LAST ? 262 : x(day)}
          y="31"
          font-size="12"
          text-anchor={day === 0 ? 'start' : day === LAST ? 'end' : 'middle'}
          fill="var(--color-ink-2)">{day}</text
        >
      {/each}
    </svg>
  {/each}
  <p class="quiet">Days from the move; nobody watches, so it lies between two looks.</p>
</section>

<style>
  h2,
  p {
    margin: 0 0 4px;
  }
</style>
