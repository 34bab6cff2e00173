<script lang="ts">
  import { untrack } from 'svelte';
  import { plantList } from '$lib/api/queries';
  import TextField from './TextField.svelte';

  interface Props {
    label: string;
    chosen: number[];
    fault?: string;
  }
  let { label, chosen = $bindable(), fault }: Props = $props();
  const MOST = 200;
  const plants = plantList();
  let search = $state('');
  const chosenBefore = untrack(() => [...chosen]);
  const found = $derived(
    (plants.data ?? [])
      .filter(
        ({ id, name, placeName, kindName }) =>
          chosen.includes(id) ||
          `${name} ${placeName} ${kindName}`.toLowerCase().includes(search.trim().toLowerCase()),
      )
      .sort((one, other) => +chosenBefore.includes(other.id) - +chosenBefore.includes(one.id)),
  );
</script>

<TextField {label} type="search" placeholder="name, place or kind" bind:value={search} />
{#if fault}<p class="fault" role="alert">{fault}</p>{/if}
<div class="plants" role="group" aria-label="Plants">
  {#each found.slice(0, MOST) as plant (plant.id)}
    <label>
      <input class="checkbox" type="checkbox" value={plant.id} bind:group={chosen} />
      <span>{plant.name} <span class="quiet">{plant.placeName}</span></span>
    </label>
  {:else}
    <p class="quiet">No plant is called that, or stands there.</p>
  {/each}
</div>

<style>
  .plants {
    width: 100%;
    max-height: 264px;
    overflow-y: auto;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(280px, 100%), 1fr));
    column-gap: 16px;
  }
  label {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    cursor: pointer;
  }
  .fault {
    margin: 0;
  }
</style>
