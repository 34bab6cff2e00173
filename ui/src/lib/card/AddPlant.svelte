<script lang="ts">
  import { goto } from '$app/navigation';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { placeList } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import { Draft } from '$lib/forms/drafts.svelte';
  import PottedOnField from '$lib/forms/PottedOnField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import { retypedPot } from '$lib/forms/pot';
  import TextField from '$lib/forms/TextField.svelte';
  import { saved } from '$lib/shell/toaster';
  import PlaceChoice from './PlaceChoice.svelte';
  import MoreOfIt from './MoreOfIt.svelte';
  import KindByName from './KindByName.svelte';
  import { NEW_PLACE, newPlant, sentPlant, type TypedPlant } from './adding';

  interface Props {
    choices: Schemas['Choices'];
    /** The plant that it was divided from, if it was. */
    mother?: Schemas['PlantPage'];
  }
  const { choices: options, mother }: Props = $props();

  const client = useQueryClient();
  const places = placeList();

  // svelte-ignore state_referenced_locally
  const draft = new Draft<TypedPlant>(mother ? `division.${mother.id}` : 'new', (old, from) => ({
    ...old,
    pot: retypedPot(old.pot, from),
  }));
  // svelte-ignore state_referenced_locally
  let form = $state<TypedPlant>(draft.begin(newPlant(mother)));
  const saving = new Saving();
  const problem = $derived(saving.problem);

  $effect(() => draft.keep($state.snapshot(form) as TypedPlant));

  const chosenPlace = $derived(form.place || (places.data?.length ? '' : NEW_PLACE));
  const fields = [
    'label',
    'kind',
    'placeId',
    'newPlace.name',
    'pottedOn',
    'mix',
    'pot',
    'arrivedOn',
    'cameFrom',
    'price',
  ];

  /** What may be left folded, unless something in it is wrong or was told before. */
  const FOLDED = ['mix', 'pot', 'arrivedOn', 'cameFrom', 'price'];
  const wrong = $derived(
    problem?.faults.some(({ field }) => FOLDED.some((each) => field.startsWith(each))) ?? false,
  );
  // svelte-ignore state_referenced_locally
  let unfolded = $state(Boolean(mother) || form.mix.length > 0 || form.cameFrom !== '');
  $effect(() => {
    if (wrong) unfolded = true;
  });

  async function add(event: SubmitEvent) {
    event.preventDefault();
    const isNew = chosenPlace === NEW_PLACE;
    const body = sentPlant(form, chosenPlace, mother);
    const result = await saving.save((headers) =>
      answered(api.POST('/api/plants', { headers, body })),
    );
    if (!result) return;
    if (isNew) void changed(client, 'places');
    draft.saved();
    saved(client, `${result.plant.name} added as ${result.plant.card.number}`, result);
    await goto(`/plants/${result.plant.id}${form.apart ? '/inspect?first' : ''}`);
  }
</script>

<form class="sheet" data-start onsubmit={add} novalidate>
  <FormHead {problem} {fields} since={draft.since} anew={() => (form = draft.drop())} />
  {#if mother}
    <p class="quiet">
      A division of {mother.card.number}
      {mother.name}; it stands in the journals of both.
    </p>
  {/if}
  <TextField
    label="Name on the label"
    hint="Letter by letter, mistakes and all"
    fault={faultOf(problem, 'label')}
    bind:value={form.label}
  />

  <div class="two">
    <KindByName bind:form choices={options} fault={faultOf(problem, 'kind')} />

    <PlaceChoice choosable={places.data ?? []} chosen={chosenPlace} bind:form {problem} />
  </div>

  <PottedOnField fault={faultOf(problem, 'pottedOn')} bind:pottedOn={form.pottedOn} />

  <details bind:open={unfolded}>
    <summary>More of it: its pot and mix, where it came from, what is to be done first</summary>
    <MoreOfIt bind:form choices={options} {problem} />
  </details>

  <div class="form-end">
    <button class="act go" disabled={saving.busy}
      >{saving.busy ? 'Adding…' : 'Add the plant'}</button
    >
    <a class="link" href="/plants">Back; what is typed stays here</a>
  </div>
</form>

<style>
  form {
    display: grid;
    gap: 18px;
    max-width: 760px;
    padding: 20px 22px;
  }
  summary {
    font-weight: 600;
    padding: 8px 0;
  }
</style>
