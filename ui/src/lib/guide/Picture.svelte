<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { pictures } from './pictures';

  interface Props {
    item: string;
    /** Which answer; none for how it is measured. */
    answer?: string;
    roots: Schemas['RootLengths'];
  }
  const { item, answer = '', roots }: Props = $props();
  const Drawing = $derived(pictures[item]);
</script>

<svg viewBox="0 0 120 84" aria-hidden="true">
  {#if Drawing}<Drawing {item} {answer} {roots} />{/if}
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    fill: none;
    stroke: var(--color-ink);
    stroke-width: 2;
    stroke-linecap: round;
    stroke-linejoin: round;
    /* So that it is read at the size of a card. */
    font: 600 14.5px var(--font-sans);
  }
  svg :global(.live) {
    stroke: var(--color-moss);
    fill: var(--color-moss-wash);
  }
  svg :global(.mark) {
    stroke: var(--color-plum);
    fill: var(--color-plum-wash);
  }
  svg :global(.dry) {
    stroke: var(--color-ochre);
    fill: var(--color-ochre-wash);
  }
  svg :global(.bad) {
    stroke: var(--color-clay);
    fill: var(--color-clay-wash);
  }
  svg :global(.water) {
    stroke: var(--color-slate);
    fill: var(--color-slate-wash);
  }
  svg :global(.paper) {
    fill: var(--color-slip);
  }
  svg :global(.medium) {
    stroke: none;
    fill: var(--color-ochre-wash);
  }
  svg :global(.surface) {
    stroke: var(--color-ochre);
  }
  svg :global(.chip) {
    stroke: var(--color-ochre);
    stroke-width: 1.2;
    fill: var(--color-leaf);
  }
  svg :global(.pot) {
    stroke: var(--color-ink-2);
    stroke-width: 2.4;
  }
  svg :global(.tip) {
    stroke: var(--color-moss);
    fill: var(--color-moss);
  }
  svg :global(.ruler) {
    stroke: var(--color-ink-2);
    stroke-width: 1.4;
    fill: var(--color-slip);
  }
  svg :global(.thin) {
    stroke-width: 1.3;
  }
  svg :global(.dot) {
    stroke: none;
    fill: var(--color-ink);
  }
  svg :global([fill='none']) {
    fill: none;
  }
  svg :global(text) {
    stroke: none;
    fill: var(--color-ink-2);
  }
</style>
