<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import type { Sieve } from './sieve';

  interface Props {
    sieve: Sieve;
    places: Schemas['Place'][];
    kinds: [string, string][];
    approaches: Schemas['ApproachChoice'][];
  }
  let { sieve = $bindable(), places, kinds, approaches }: Props = $props();
</script>

<div class="filters">
  <label>
    <span class="sr-only">Find a plant</span>
    <input class="input" type="search" placeholder="Name, number…" bind:value={sieve.sought} />
  </label>
  <select class="select" aria-label="Place" bind:value={sieve.place}>
    <option value="">all places</option>
    {#each places as each (each.id)}
      <option value={String(each.id)}>{each.name}</option>
    {/each}
  </select>
  <select class="select" aria-label="Kind" bind:value={sieve.kind}>
    <option value="">all kinds</option>
    {#each kinds as [key, name] (key)}<option value={key}>{name}</option>{/each}
  </select>
  <select class="select" aria-label="Approach" bind:value={sieve.approach}>
    <option value="">all approaches</option>
    {#each approaches as each (each.approach)}
      <option value={each.approach}>{each.name}</option>
    {/each}
  </select>
  <select class="select" aria-label="Order" bind:value={sieve.order}>
    <option value="urgent">by urgency</option>
    <option value="move">by next move</option>
  </select>
  <label class="tick"
    ><input class="checkbox" type="checkbox" bind:checked={sieve.asideOnly} /> aside</label
  >
</div>

<style>
  .filters {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-left: auto;
  }
  .filters .input {
    width: 150px;
  }
  .filters .select {
    width: 148px;
  }
  .tick {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  @media (max-width: 1000px) {
    .filters {
      margin-left: 0;
    }
  }
  @media (max-width: 700px) {
    .filters > *,
    .filters .select,
    .filters .input {
      width: 100%;
    }
  }
</style>
