<script lang="ts">
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import { outbox } from './outbox.svelte';
  import { round } from './walk.svelte';

  interface Props {
    /** Goes to a stop of the walk. */
    go: (at: number) => void;
  }
  const { go }: Props = $props();
  const walk = $derived(round.now!);
  const left = $derived(Object.values(walk.left));
  const seen = $derived(left.filter((key) => outbox.has(key)).length);
  const passed = $derived(left.filter((key) => key === 'passed').length);

  /** Only the program's answer ticks a plant. */
  function standing(plantId: number): { sign: string; words: string } {
    const key = walk.left[plantId];
    if (!key) return { sign: '', words: '' };
    if (key === 'passed') return { sign: '–', words: 'passed by' };
    if (outbox.has(key)) return { sign: '✓', words: 'seen' };
    const letter = outbox.letters.find((each) => each.key === key);
    if (letter?.refused !== undefined) return { sign: '!', words: 'not saved' };
    return letter ? { sign: '…', words: 'waits to be sent' } : { sign: '', words: '' };
  }

  /** Of a long walk only what lies near is listed. */
  const NEAR = 40;
</script>

<nav class="sheet stops" aria-label="Plants of this round">
  <h2>{walk.title}</h2>
  <p class="quiet">
    {seen} of {walk.stops.length} seen{passed ? `, ${passed} passed by` : ''}
  </p>
  <ol>
    {#each walk.stops as each, i (each.plantId)}
      {#if Math.abs(i - walk.at) < NEAR}
        {@const at = standing(each.plantId)}
        <li>
          <button
            type="button"
            aria-current={i === walk.at ? 'step' : undefined}
            onclick={() => go(i)}
          >
            <span class="tick" class:bad={at.sign === '!'} aria-hidden="true">{at.sign}</span>
            <span
              >{each.name}{#if at.words}<span class="sr-only">, {at.words}</span>{/if}</span
            >
            <VerdictMark verdict={each.verdict} size={15} />
          </button>
        </li>
      {/if}
    {/each}
  </ol>
  <button type="button" class="link" onclick={() => round.end()}>End the round</button>
</nav>

<style>
  .stops {
    position: sticky;
    top: 12px;
    max-height: calc(100vh - 24px);
    overflow: auto;
    padding: 14px 0;
  }
  .stops h2,
  .stops p,
  .stops > .link {
    margin: 0 14px 4px;
  }
  ol {
    margin: 6px 0;
  }
  .stops li button {
    display: grid;
    grid-template-columns: 16px minmax(0, 1fr) 16px;
    gap: 6px;
    align-items: center;
    width: 100%;
    min-height: 40px;
    padding: 4px 12px;
    border: 0;
    background: none;
    color: var(--color-ink);
    font: 14px var(--font-sans);
    text-align: left;
    cursor: pointer;
  }
  .stops [aria-current='step'] {
    background: var(--color-plum-wash);
    font-weight: 650;
  }
  .tick {
    color: var(--color-moss);
  }
  .tick.bad {
    color: var(--color-clay);
    font-weight: 700;
  }
  @media (max-width: 1100px) {
    .stops {
      display: none;
    }
  }
</style>
