<script lang="ts">
  import VerdictTurn from '$lib/drawings/VerdictTurn.svelte';
  import type { Schemas } from '$lib/interface/schemas';

  /** What a figure would change; nothing while it is worked out. */
  const { would }: { would: Schemas['Effect'] | undefined } = $props();
</script>

{#if !would}
  <p class="quiet" role="status">Judging every plant by it…</p>
{:else if !would.changed.length}
  <p class="quiet">With it no verdict of today would change.</p>
{:else}
  <details>
    <summary
      >With it {would.changed.length} of {would.plants} verdicts of today would change</summary
    >
    <ul>
      {#each would.changed as plant (plant.plantId)}
        <li><VerdictTurn {plant} size={14} /></li>
      {/each}
    </ul>
  </details>
{/if}

<style>
  summary {
    min-height: 44px;
    align-content: center;
    font-size: 14.5px;
  }
  ul {
    display: grid;
    gap: 6px;
    margin-bottom: 8px;
  }
</style>
