<script lang="ts">
  interface Props {
    aside: boolean;
    /** Whether there is a plant before to go back to. */
    begun: boolean;
    /** Whether the plant is there to be judged. */
    ready: boolean;
    /** Whether anything was looked at. */
    looked: boolean;
    same: () => void;
    pullAside: () => void;
    photograph: (files: FileList | null) => void;
    undo: () => void;
    next: () => void;
  }
  const { aside, begun, ready, looked, same, pullAside, photograph, undo, next }: Props = $props();
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
  <label class="act photo">
    Photograph
    <input
      type="file"
      accept="image/*"
      capture="environment"
      class="sr-only"
      onchange={(event) => photograph(event.currentTarget.files)}
    />
  </label>
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
  .acts .act:first-child,
  .hint {
    grid-column: 1 / -1;
  }
  .acts .act {
    padding: 0 10px;
  }
  .photo:focus-within {
    outline: 2px solid var(--color-plum);
    outline-offset: 2px;
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
    .acts .act:first-child {
      grid-column: 1;
      grid-row: 2;
    }
    .acts .next {
      grid-column: 2 / -1;
      grid-row: 2;
    }
    .acts .act {
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
