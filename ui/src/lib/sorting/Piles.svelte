<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import { GONE, PILES } from './piles';
  import { ofPile } from './sieve';

  interface Props {
    /** The plants that are piled up. */
    plants: Schemas['PlantLine'][];
    /** How many are no longer here. */
    gone: number;
    /** The pile that is chosen; empty for none. */
    pile: string;
  }
  let { plants, gone, pile = $bindable() }: Props = $props();

  const piles = $derived(
    PILES.map((each) => ({ ...each, count: ofPile(plants, each.key).length })),
  );
</script>

<div class="piles" role="group" aria-label="Piles">
  {#each piles as each (each.key)}
    {#if each.count || pile === each.key}
      <button
        type="button"
        class="pile"
        aria-pressed={pile === each.key}
        style="--wash: var(--color-{each.hue}-wash); --hue: var(--color-{each.hue})"
        onclick={() => (pile = pile === each.key ? '' : each.key)}
      >
        <span><VerdictMark verdict={each.verdicts[0]!} size={15} /> {each.title}</span>
        <b>{each.count}</b>
      </button>
    {/if}
  {/each}
  {#if gone || pile === GONE}
    <button
      type="button"
      class="pile"
      aria-pressed={pile === GONE}
      style="--wash: var(--color-leaf); --hue: var(--color-ink-2)"
      onclick={() => (pile = pile === GONE ? '' : GONE)}
    >
      <span>No longer here</span>
      <b>{gone}</b>
    </button>
  {/if}
</div>

<style>
  .piles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(104px, 1fr));
    gap: 8px;
    margin-bottom: 12px;
  }
  .pile {
    display: grid;
    min-height: 64px;
    padding: 8px 12px;
    border: 2px solid transparent;
    border-radius: 10px;
    background: var(--wash);
    color: var(--hue);
    font: 600 14px var(--font-sans);
    text-align: left;
    cursor: pointer;
  }
  .pile span {
    display: flex;
    gap: 6px;
    align-items: center;
  }
  .pile b {
    font: 520 24px var(--font-serif);
    color: var(--color-ink);
  }
  .pile[aria-pressed='true'] {
    border-color: var(--hue);
  }
</style>
