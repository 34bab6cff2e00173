<script lang="ts">
  import { dndzone } from 'svelte-dnd-action';
  import type { Schemas } from '$lib/interface/schemas';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import { dropped, zone } from '$lib/forms/dragged';
  import type { Standing } from './standing.svelte';

  type PlantLine = Schemas['PlantLine'];
  interface Props {
    /** In their order. */
    plants: PlantLine[];
    standing: Standing;
    put: (plant: PlantLine, at: number) => void;
    keys: (event: KeyboardEvent, plant: PlantLine, at: number) => void;
  }
  const { plants, standing, put, keys }: Props = $props();
  /** As they lie while one is carried over them. */
  let lying = $derived(plants);
</script>

<ol
  use:dndzone={zone('plant', lying, standing.sent !== undefined)}
  onconsider={({ detail }) => (lying = detail.items)}
  onfinalize={({ detail }) => {
    lying = detail.items;
    const here = dropped(detail, plants);
    if (here) put(here.item, here.at);
  }}
>
  {#each lying as plant, at (plant.id)}
    <li class:sent={standing.sent === plant.id} aria-busy={standing.sent === plant.id}>
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
    margin: 10px 0 0;
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    /* Room to let one go where none stands yet. */
    min-height: 44px;
    border-radius: 10px;
  }
  ol:global(.open) {
    outline: 1px dashed var(--color-ink-2);
    outline-offset: 3px;
  }
  ol li {
    border: 1px solid var(--color-rule);
    border-radius: 10px;
    background: var(--color-slip);
    cursor: grab;
  }
  ol li.sent {
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
