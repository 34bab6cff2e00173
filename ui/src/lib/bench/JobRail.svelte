<script lang="ts">
  import type { AtBench } from './atBench.svelte';

  interface Props {
    bench: AtBench;
  }
  const { bench }: Props = $props();
  let rail: HTMLElement;
  $effect(() => {
    const at = bench.at;
    rail.querySelectorAll('li')[at]?.scrollIntoView({ block: 'nearest', inline: 'center' });
  });
  const MARKS = { DONE: '✓', SKIPPED: '–', OPEN: '' };
</script>

<nav aria-label="Steps of the job" bind:this={rail}>
  <ol>
    {#each bench.steps as step, i (step.task)}
      {@const state = bench.state(step.task)}
      <li class={state.toLowerCase()}>
        <button
          type="button"
          aria-current={i === bench.at ? 'step' : undefined}
          onclick={() => bench.go(i)}
        >
          <span class="turn" aria-hidden="true">{MARKS[state] || i + 1}</span>
          <span class="title">{step.title}</span>
          <span class="sr-only">{state === 'OPEN' ? '' : state.toLowerCase()}</span>
        </button>
      </li>
    {/each}
  </ol>
</nav>

<style>
  button {
    position: relative;
    display: flex;
    align-items: center;
    gap: 10px;
    width: 100%;
    min-height: 44px;
    padding: 4px 10px;
    border: 0;
    border-radius: 10px;
    background: none;
    color: var(--color-ink-2);
    font: 500 15px var(--font-sans);
    text-align: left;
    cursor: pointer;
  }
  [aria-current='step'] {
    background: var(--color-plum-wash);
    color: var(--color-ink);
    font-weight: 650;
  }
  .turn {
    display: grid;
    place-items: center;
    flex: none;
    width: 26px;
    height: 26px;
    border: 1.5px solid var(--color-edge);
    border-radius: 50%;
    font-size: 13px;
  }
  .done .turn {
    background: var(--color-moss);
    border-color: var(--color-moss);
    color: var(--color-leaf);
  }
  .skipped .turn {
    border-style: dashed;
  }
  @media (max-width: 900px) {
    ol {
      display: flex;
      gap: 4px;
      overflow-x: auto;
      scrollbar-width: none;
    }
    /* Heard, not seen, but for where one is. */
    .title {
      position: absolute;
      overflow: hidden;
      width: 1px;
      height: 1px;
      clip-path: inset(50%);
    }
    [aria-current='step'] .title {
      position: static;
      width: auto;
      height: auto;
      clip-path: none;
      white-space: nowrap;
    }
    button {
      padding: 4px 9px;
    }
  }
</style>
