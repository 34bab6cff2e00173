<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import { short } from '$lib/words/dates';
  import { capital } from '$lib/words/units.svelte';

  const { page }: { page: Schemas['TrainerPage'] } = $props();
  const progress = $derived(page.progress);
  const most = $derived(Math.max(1, ...progress.weeks.map(({ of }) => of)));
  const HIGH = 64;
  const WIDE = 18;
  const height = (many: number) => (many / most) * HIGH;
</script>

<section class="sheet" aria-labelledby="goes">
  <h2 id="goes">How it goes</h2>
  {#if progress.of}
    <p>
      <b>{progress.right} of {progress.of}</b> right. {count(page.known, 'case')} of {page.cases} known{page.due
        ? `, ${page.due} to come back today`
        : ''}.
    </p>
    <svg
      viewBox="0 0 {progress.weeks.length * WIDE} {HIGH + 4}"
      role="img"
      aria-label="Right answers by week: {progress.weeks
        .filter(({ of }) => of)
        .map(({ from, right, of }) => `from ${short(from, page.today)} ${right} of ${of}`)
        .join(', ')}"
    >
      {#each progress.weeks as { from, right, of }, i (from)}
        <rect
          class="of"
          x={i * WIDE + 2}
          y={HIGH - height(of)}
          width={WIDE - 4}
          height={height(of)}
        />
        <rect
          class="right"
          x={i * WIDE + 2}
          y={HIGH - height(right)}
          width={WIDE - 4}
          height={height(right)}
        />
        <line x1={i * WIDE} x2={(i + 1) * WIDE} y1={HIGH + 1} y2={HIGH + 1} />
      {/each}
    </svg>
    <p class="quiet">Twelve weeks, by week: green was right, ochre was not.</p>
    {#if progress.mistakes.length}
      <h3>Mistakes</h3>
      <ul>
        {#each progress.mistakes as { mark, words, count: many } (mark)}
          <li><b>{many}</b> {words}</li>
        {/each}
      </ul>
    {/if}
    {#if progress.sure.length}
      <h3>How well you know it</h3>
      <ul>
        {#each progress.sure as { sure, words, right, of } (sure)}
          <li>{capital(words)}: <b>{right} of {of}</b> right</li>
        {/each}
      </ul>
    {/if}
  {:else}
    <p>
      {count(page.cases, 'case')}, {page.own
        ? `${page.own} of them from the past of your own plants`
        : 'made up; those of your own plants come with their moves'}. What you misjudge comes back.
    </p>
  {/if}
</section>

<style>
  h2,
  p {
    margin: 0 0 6px;
  }
  h3 {
    margin: 10px 0 2px;
    font-size: 16px;
  }
  svg {
    display: block;
    width: 100%;
    max-width: 300px;
  }
  .of {
    fill: var(--color-ochre);
  }
  .right {
    fill: var(--color-moss);
  }
  line {
    stroke: var(--color-edge);
    stroke-width: 1;
  }
</style>
