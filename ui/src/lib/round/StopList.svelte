<script lang="ts">
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import { round } from './walk.svelte';

  interface Props {
    /** Goes to a stop of the walk. */
    go: (at: number) => void;
  }
  const { go }: Props = $props();
  const walk = $derived(round.now!);
  /** Of a long walk only what lies near is listed. */
  const NEAR = 40;
</script>

<nav class="sheet stops" aria-label="Plants of this round">
  <h2>{walk.title}</h2>
  <p class="quiet">{walk.at} of {walk.stops.length} seen</p>
  <ol>
    {#each walk.stops as each, i (each.plantId)}
      {#if Math.abs(i - walk.at) < NEAR}
        <li>
          <button
            type="button"
            aria-current={i === walk.at ? 'step' : undefined}
            onclick={() => go(i)}
          >
            <span class="tick" aria-hidden="true">{walk.left[each.plantId] ? '✓' : ''}</span>
            <span>{each.name}</span>
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
    list-style: none;
    padding: 0;
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
  @media (max-width: 1100px) {
    .stops {
      display: none;
    }
  }
</style>
