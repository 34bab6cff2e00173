<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { shortcut } from '$lib/forms/shortcut.svelte';
  import AboutSoMany from './AboutSoMany.svelte';
  import type { AtBench, Fate } from './atBench.svelte';
  import { fates } from './fates';
  import TallyFollows from './TallyFollows.svelte';

  interface Props {
    bench: AtBench;
    choices: Schemas['Choices'];
  }
  const { bench, choices }: Props = $props();
  const all = $derived(fates(choices));

  let taps = $state<Fate[]>([]);
  const counts = $derived(bench.told.tally.counts);
  function tap(fate: Fate) {
    taps.push(fate);
    bench.count(fate, 1);
  }

  function untap() {
    const fate = taps.pop();
    if (fate) bench.count(fate, -1);
  }

  function keys(event: KeyboardEvent) {
    const key = shortcut(event);
    const fate = all[Number(key) - 1];
    if (fate) tap(fate.fate);
    if (key === 'u') untap();
  }
</script>

<svelte:window onkeydown={keys} />

<div class="pad" role="group" aria-label="Root tally">
  {#each all as { fate, words, hue }, i (fate)}
    <button type="button" class={hue} onclick={() => tap(fate)}>
      <span class="count">{counts[fate] ?? 0}</span>
      <span>{words}</span>
      <span class="kbd-hint" aria-hidden="true">{i + 1}</span>
    </button>
  {/each}
  <button type="button" class="undo" disabled={!taps.length} onclick={untap}>
    Undo the last tap <span class="kbd-hint" aria-hidden="true">U</span>
  </button>
</div>
<AboutSoMany {bench} fates={all} />

<TallyFollows {bench} />

<style>
  .pad {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(168px, 1fr));
    gap: 10px;
  }
  button {
    position: relative;
    display: flex;
    align-items: center;
    gap: 12px;
    --least: 72px;
    min-height: var(--least);
    padding: 8px 14px;
    border: 2px solid var(--hue);
    border-radius: 14px;
    background: var(--color-slip);
    color: var(--color-ink);
    font: 600 16px/1.2 var(--font-sans);
    text-align: left;
    cursor: pointer;
  }
  button:active {
    background: var(--wash);
  }
  .moss {
    --hue: var(--color-moss);
    --wash: var(--color-moss-wash);
  }
  .ochre {
    --hue: var(--color-ochre);
    --wash: var(--color-ochre-wash);
  }
  .clay {
    --hue: var(--color-clay);
    --wash: var(--color-clay-wash);
  }
  .undo {
    --hue: var(--color-edge);
    --wash: var(--color-rule);
    justify-content: center;
  }
  .undo[disabled] {
    opacity: 0.55;
    cursor: default;
  }
  .count {
    min-width: 40px;
    font: 560 34px/1 var(--font-serif);
    text-align: center;
  }
  button .kbd-hint {
    position: absolute;
    top: 6px;
    right: 8px;
  }
  @media (max-width: 700px) {
    .pad {
      grid-template-columns: 1fr 1fr;
      gap: 8px;
    }
    button {
      --least: 64px;
      gap: 6px;
      padding: 4px 8px;
      font-size: 15px;
    }
    button .kbd-hint {
      display: none;
    }
    .count {
      font-size: 28px;
    }
  }
</style>
