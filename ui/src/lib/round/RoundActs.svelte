<script lang="ts">
  import Photograph from '$lib/photos/Photograph.svelte';
  import type { Schemas } from '$lib/interface/schemas';

  interface Props {
    stop: Schemas['Stop'];
    /** Whether there is a plant before to go back to. */
    begun: boolean;
    /** Whether the plant is there to be judged. */
    ready: boolean;
    /** Whether anything was looked at. */
    looked: boolean;
    same: () => void;
    pullAside: () => void;
    undo: () => void;
    next: () => void;
  }
  const { stop, begun, ready, looked, same, pullAside, undo, next }: Props = $props();
  const aside = $derived(stop.asideOn != null);
</script>

{#snippet key(name: string)}<span
    class="kbd-hint"
    class:held={'↵↑↓'.includes(name)}
    aria-hidden="true">{name}</span
  >{/snippet}

<div class="acts">
  <button type="button" class="act" onclick={same}>Same as last time {@render key('=')}</button>
  <button type="button" class="act" aria-pressed={aside} onclick={pullAside}
    >{aside ? 'Aside for the bench' : 'Pull aside'} {@render key('P')}</button
  >
  <Photograph plantId={stop.plantId} of={stop.name} />
  <button type="button" class="act" disabled={!begun} onclick={undo}>Undo {@render key('U')}</button
  >
  <button type="button" class="act go next" disabled={!ready} onclick={next}
    >{looked ? 'Next plant' : 'Pass by'} {@render key('↵')}</button
  >
  <p class="quiet hint">
    {@render key('1')}–{@render key('9')} answer · {@render key('↑')}{@render key('↓')} row · {@render key(
      '?',
    )} how
  </p>
</div>

<style>
  .acts {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
  }
  .acts > :global(.act:first-child),
  .hint {
    grid-column: 1 / -1;
  }
  .acts :global(.act) {
    padding: 0 10px;
  }
  .next {
    min-height: 52px;
    font-size: 17px;
  }
  .hint {
    text-align: center;
  }
  @media (hover: none) {
    .hint {
      display: none;
    }
  }
  @media (max-width: 700px) {
    .acts {
      position: fixed;
      inset: auto 0 66px;
      z-index: 4;
      grid-template-columns: 1fr 1fr 1fr;
      padding: 8px 12px;
      background: var(--color-leaf);
      border-top: 1px solid var(--color-rule);
    }
    .acts > :global(.act:first-child) {
      grid-column: 1;
      grid-row: 2;
    }
    .acts .next {
      grid-column: 2 / -1;
      grid-row: 2;
    }
    .acts :global(.act) {
      font-size: 13.5px;
      padding: 0 6px;
    }
    .acts .next {
      font-size: 17px;
    }
    .hint {
      display: none;
    }
  }
</style>
