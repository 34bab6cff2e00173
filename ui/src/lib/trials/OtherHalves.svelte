<script lang="ts">
  import { plantList } from '$lib/api/queries';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { halvesFirst } from './halves';

  interface Props {
    plants: number[];
    /** The other half of each, in their order; 0 for none yet. */
    others: number[];
    fault?: string;
  }
  let { plants, others = $bindable(), fault }: Props = $props();
  const all = plantList();
  const named = $derived(
    plants.map((id) => ({ id, name: all.data?.find((plant) => plant.id === id)?.name ?? '' })),
  );

  function choose(at: number, id: number) {
    others = plants.map((_, i) => (i === at ? id : (others[i] ?? 0)));
  }
</script>

<div class="halves" role="group" aria-label="The other half of each">
  {#each named as { id, name }, i (id)}
    <ChoiceField
      label="The other half of {name}"
      choices={[
        { value: '0', words: 'choose it' },
        ...halvesFirst(all.data ?? [], id).map((plant) => ({
          value: String(plant.id),
          words: `${plant.name}, ${plant.placeName}`,
        })),
      ]}
      bind:value={() => String(others[i] ?? 0), (value) => choose(i, Number(value))}
    />
  {:else}
    <p class="quiet">Choose first on which plants it is tried.</p>
  {/each}
  {#if fault}<p class="fault" role="alert">{fault}</p>{/if}
</div>

<style>
  .halves {
    display: grid;
    gap: 8px;
    width: 100%;
    max-width: 520px;
  }
</style>
