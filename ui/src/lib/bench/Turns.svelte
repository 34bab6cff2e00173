<script lang="ts">
  import type { AtBench } from './atBench.svelte';

  interface Props {
    bench: AtBench;
    busy: boolean;
    /** Goes to another step. */
    turn: (how: () => void) => void;
    done: () => void;
  }
  const { bench, busy, turn, done }: Props = $props();
</script>

<div class="turns">
  <button
    type="button"
    class="act tall"
    disabled={bench.at === 0}
    onclick={() => turn(() => bench.go(bench.at - 1))}
    >Back <span class="kbd-hint held" aria-hidden="true">⌫</span></button
  >
  {#if !bench.last}
    <button type="button" class="act tall" onclick={() => turn(() => bench.skip())}
      >Skip <span class="kbd-hint" aria-hidden="true">S</span></button
    >
  {/if}
  <button type="button" class="act tall go" disabled={busy} onclick={done}
    >{bench.last ? 'Write it down' : 'Done'}
    <span class="kbd-hint held" aria-hidden="true">↵</span></button
  >
</div>

<style>
  .turns {
    display: grid;
    grid-template-columns: auto auto minmax(0, 1fr);
    gap: 10px;
    position: sticky;
    bottom: 0;
    padding: 10px 0;
    background: var(--color-paper);
  }
  .turns .act {
    padding: 0 26px;
  }
  .turns .act:last-child {
    grid-column: -2;
  }
  @media (max-width: 700px) {
    .turns {
      bottom: 68px;
    }
    .turns .act {
      padding: 0 14px;
    }
    .kbd-hint {
      display: none;
    }
  }
</style>
