<script lang="ts">
  import type { Problem } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { faultOf } from '$lib/forms/faults';
  import Field from '$lib/forms/Field.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import Tick from '$lib/forms/Tick.svelte';
  import { bounds } from '$lib/api/queries';
  import { NEW_PLACE, type TypedPlant } from './adding';

  interface Props {
    choosable: Schemas['Place'][];
    chosen: string;
    form: TypedPlant;
    problem?: Problem;
  }
  let { choosable, chosen, form = $bindable(), problem }: Props = $props();
  const figures = bounds();
</script>

<Field label="Place" fault={faultOf(problem, 'placeId')}>
  {#snippet children({ id, describedBy, invalid })}
    <select
      class="select"
      {id}
      aria-describedby={describedBy}
      aria-invalid={invalid}
      value={chosen}
      onchange={(event) => (form.place = event.currentTarget.value)}
    >
      <option value="" disabled>Choose…</option>
      {#each choosable as each (each.id)}
        <option value={String(each.id)}>{each.name}</option>
      {/each}
      <option value={NEW_PLACE}>A new place…</option>
    </select>
  {/snippet}
</Field>
{#if chosen === NEW_PLACE}
  <TextField
    label="Name of the new place"
    fault={faultOf(problem, 'newPlace.name')}
    bind:value={form.placeName}
  />
  <Tick
    label="Under lamps, {figures.data?.lampHours ?? 'some'} hours a day"
    bind:checked={form.placeLit}
  />
{/if}
