<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { plantList } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { saved } from '$lib/shell/toaster';
  import { count } from '$lib/words/counts';

  const client = useQueryClient();
  const plants = plantList();
  const saving = new Saving();
  let task = $state('');
  let search = $state('');
  let chosen = $state<number[]>([]);
  const found = $derived(
    (plants.data ?? []).filter(
      ({ id, name, placeName, kindName }) =>
        chosen.includes(id) ||
        `${name} ${placeName} ${kindName}`.toLowerCase().includes(search.trim().toLowerCase()),
    ),
  );

  async function give(event: SubmitEvent) {
    event.preventDefault();
    const result = await saving.save((headers) =>
      answered(api.POST('/api/small-jobs', { headers, body: { task, plants: chosen } })),
    );
    if (!result) return;
    saved(client, `${task}: ${count(chosen.length, 'plant')}`, result);
    task = search = '';
    chosen = [];
  }
</script>

<details class="sheet">
  <summary>A small job of your own</summary>
  <form onsubmit={give} novalidate>
    <FormHead problem={saving.problem} fields={['task', 'plants']} />
    <TextField
      label="What is to be done"
      placeholder="Dark cover round the clear pot"
      fault={faultOf(saving.problem, 'task')}
      bind:value={task}
    />
    <TextField
      label="On which plants"
      type="search"
      placeholder="name, place or kind"
      bind:value={search}
    />
    {#if faultOf(saving.problem, 'plants')}
      <p class="fault" role="alert">{faultOf(saving.problem, 'plants')}</p>
    {/if}
    <div class="plants" role="group" aria-label="Plants">
      {#each found.slice(0, 200) as plant (plant.id)}
        <label>
          <input class="checkbox" type="checkbox" value={plant.id} bind:group={chosen} />
          <span>{plant.name} <span class="quiet">{plant.placeName}</span></span>
        </label>
      {:else}
        <p class="quiet">No plant is called that, or stands there.</p>
      {/each}
    </div>
    <button class="act" disabled={saving.busy}
      >{chosen.length ? `Give it to ${count(chosen.length, 'plant')}` : 'Give it to them'}</button
    >
  </form>
</details>

<style>
  summary {
    display: flex;
    align-items: center;
    min-height: 44px;
    font-weight: 600;
    cursor: pointer;
  }
  form {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 10px;
    justify-items: start;
  }
  .plants {
    width: 100%;
    max-height: 264px;
    overflow-y: auto;
    columns: 2 280px;
  }
  label {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    break-inside: avoid;
    cursor: pointer;
  }
  .fault {
    margin: 0;
  }
</style>
