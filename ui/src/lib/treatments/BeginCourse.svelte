<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { SvelteSet } from 'svelte/reactivity';
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { neighboursOf } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import ChoosePlants from '$lib/forms/ChoosePlants.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FoldedForm from '$lib/forms/FoldedForm.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import { number } from '$lib/words/numbers';
  import TextField from '$lib/forms/TextField.svelte';
  import { saved } from '$lib/shell/toaster';
  import { count } from '$lib/words/counts';

  interface Props {
    /** On which plants it begins, as far as that is known. */
    first: number[];
    open: boolean;
  }
  const { first, open }: Props = $props();
  const client = useQueryClient();
  const saving = new Saving();
  let product = $state('');
  let against = $state<Schemas['CourseEntry']['against']>('PESTS');
  let everyDays = $state('7');
  let times = $state('3');
  let chosen = $derived([...first]);
  let apart = $state(true);
  const leftOut = new SvelteSet<number>();
  const near = neighboursOf(() => chosen);
  const neighbours = $derived(
    chosen.length ? (near.data ?? []).filter(({ plantId }) => !chosen.includes(plantId)) : [],
  );
  const FIELDS = ['product', 'against', 'everyDays', 'times', 'plants'];

  const leave = (id: number) => {
    if (!leftOut.delete(id)) leftOut.add(id);
  };

  async function begin(event: SubmitEvent) {
    event.preventDefault();
    const body = {
      product,
      against,
      everyDays: number(everyDays),
      times: number(times),
      plants: chosen,
      neighbours: neighbours.map(({ plantId }) => plantId).filter((id) => !leftOut.has(id)),
      apart,
    };
    const result = await saving.save((headers) =>
      answered(api.POST('/api/treatments', { headers, body })),
    );
    if (!result) return;
    saved(client, `${product}: begun on ${count(chosen.length, 'plant')}`, result);
    product = '';
    chosen = [];
  }
</script>

<FoldedForm title="Begin a course" {open} onsubmit={begin}>
  <FormHead problem={saving.problem} fields={FIELDS} />
  <div class="fields">
    <TextField
      label="What is used"
      hint="As its label calls it; the label says how much and how often"
      fault={faultOf(saving.problem, 'product')}
      bind:value={product}
    />
    <ChoiceField
      label="Against"
      choices={[
        { value: 'PESTS', words: 'pests' },
        { value: 'ROT', words: 'rot' },
      ]}
      bind:value={() => against, (value) => (against = value as Schemas['CourseEntry']['against'])}
    />
    <TextField
      label="Days from one to the next"
      inputmode="numeric"
      fault={faultOf(saving.problem, 'everyDays')}
      bind:value={everyDays}
    />
    <TextField
      label="How often"
      inputmode="numeric"
      fault={faultOf(saving.problem, 'times')}
      bind:value={times}
    />
  </div>
  <ChoosePlants label="On which plants" fault={faultOf(saving.problem, 'plants')} bind:chosen />
  {#if neighbours.length}
    <fieldset>
      <legend>These stand beside them; they are looked at too</legend>
      {#each neighbours as plant (plant.plantId)}
        <label>
          <input
            class="checkbox"
            type="checkbox"
            checked={!leftOut.has(plant.plantId)}
            onchange={() => leave(plant.plantId)}
          />
          <span>{plant.name} <span class="quiet">{plant.placeName}</span></span>
        </label>
      {/each}
    </fieldset>
  {/if}
  <label>
    <input class="checkbox" type="checkbox" bind:checked={apart} />
    Keep the treated ones apart from now on
  </label>
  <button class="act go" disabled={saving.busy}
    >{chosen.length ? `Begin on ${count(chosen.length, 'plant')}` : 'Begin'}</button
  >
</FoldedForm>

<style>
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
    gap: 12px;
    width: 100%;
    align-items: start;
  }
  fieldset {
    margin: 0;
    padding: 0;
    border: 0;
  }
  legend {
    font-weight: 600;
  }
  label {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    cursor: pointer;
  }
</style>
