<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import { placeList } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import Tick from '$lib/forms/Tick.svelte';

  const client = useQueryClient();
  const places = placeList();
  const saving = new Saving();
  let name = $state('');
  let lit = $state(false);

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const added = await saving.save((headers) =>
      answered(api.POST('/api/places', { headers, body: { name, lampHours: lit ? 14 : null } })),
    );
    if (!added) return;
    name = '';
    lit = false;
    await changed(client, 'places');
  }
</script>

<form class="sheet" aria-labelledby="first-places" onsubmit={add} novalidate>
  <h2 id="first-places">Where they stand</h2>
  {#if places.data?.length}
    <ul aria-label="Places">
      {#each places.data as place (place.id)}
        <li>
          {place.name}{#if place.lampHours}, {place.lampHours} h of lamps{/if}
        </li>
      {/each}
    </ul>
  {/if}
  <FormHead problem={saving.problem} fields={['name']} />
  <TextField
    label="A sill, a shelf, a room"
    hint="As you call it; more of it can be said under Places"
    fault={faultOf(saving.problem, 'name')}
    bind:value={name}
  />
  <Tick label="Under lamps, 14 hours a day" bind:checked={lit} />
  <button class="act" disabled={saving.busy}>{saving.busy ? 'Adding…' : 'Add the place'}</button>
</form>

<style>
  form {
    display: grid;
    gap: 10px;
    justify-items: start;
  }
  form :global(.field) {
    width: 100%;
  }
  h2,
  ul {
    margin: 0;
  }
  ul {
    padding-left: 18px;
  }
</style>
