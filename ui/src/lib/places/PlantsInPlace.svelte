<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import type { Standing } from './standing.svelte';

  interface Props {
    /** In their order. */
    plants: Schemas['PlantLine'][];
    standing: Standing;
    drop: (event: DragEvent, at: number) => void;
    keys: (event: KeyboardEvent, plant: Schemas['PlantLine'], at: number) => void;
  }
  const { plants, standing, drop, keys }: Props = $props();
</script>

<ol>
  {#each plants as plant, at (plant.id)}
    <li
      draggable="true"
      class:carried={standing.carried === plant.id || standing.sent === plant.id}
      aria-busy={standing.sent === plant.id}
      ondragstart={() => (standing.carried = plant.id)}
      ondragend={() => (standing.carried = undefined)}
      ondragover={(event) => event.preventDefault()}
      ondrop={(event) => drop(event, at)}
    >
      <a
        id="plant-{plant.id}"
        href="/plants/{plant.id}"
        draggable="false"
        onkeydown={(event) => keys(event, plant, at)}
      >
        <span class="place" aria-label="place {at + 1}">{at + 1}</span>
        <VerdictMark verdict={plant.verdict} size={15} />
        {plant.name}
      </a>
    </li>
  {/each}
</ol>

<style>
  ol {
    list-style: none;
    padding: 0;
    margin: 10px 0 0;
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  ol li {
    border: 1px solid var(--color-rule);
    border-radius: 10px;
    background: var(--color-slip);
    cursor: grab;
  }
  ol li.carried {
    opacity: 0.45;
  }
  ol a {
    display: inline-flex;
    gap: 7px;
    align-items: center;
    min-height: 40px;
    padding: 0 12px;
    color: var(--color-ink);
    font-size: 14px;
    text-decoration: none;
  }
  ol a:hover {
    text-decoration: underline;
  }
  .place {
    min-width: 18px;
    color: var(--color-ink-2);
    font-size: 13px;
    font-variant-numeric: tabular-nums;
  }
</style>
