<script lang="ts">
  import { goto } from '$app/navigation';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { labelRead, placeList } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import { Draft } from '$lib/forms/drafts.svelte';
  import PottedOnField from '$lib/forms/PottedOnField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import DayField from '$lib/forms/DayField.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import MixEditor from '$lib/forms/MixEditor.svelte';
  import MoistureField from '$lib/forms/MoistureField.svelte';
  import { retypedPot } from '$lib/forms/pot';
  import PotFields from '$lib/forms/PotFields.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import Tick from '$lib/forms/Tick.svelte';
  import { saved } from '$lib/shell/toaster';
  import PlaceChoice from './PlaceChoice.svelte';
  import KindField from './KindField.svelte';
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

  const kind = $derived(options.kinds.find(({ key }) => key === form.kind));
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

  const read = labelRead(() => form.label.trim());
  const genus = $derived(read.data?.genus ?? undefined);
  /** The kind that was proposed by the name, until another is chosen. */
  let proposed = $state('');
  const kindHint = $derived.by(() => {
    if (!kind) return 'Decides how it is judged';
    if (proposed !== form.kind) return `Takes a move ${kind.readyWhen}`;
    return genus?.sure
      ? `By its genus; takes a move ${kind.readyWhen}`
      : `A guess by its genus, in which roots differ; takes a move ${kind.readyWhen}`;
  });

  function chooseKind() {
    if (kind) form.moisture = kind.moisture;
  }

  /** What the name proposes is taken, until another is chosen. */
  $effect(() => {
    if (!genus || form.kind === genus.kind || (form.kind && form.kind !== proposed)) return;
    form.kind = proposed = genus.kind;
    chooseKind();
  });

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
    <KindField
      kinds={options.kinds}
      genera={options.genera}
      hint={kindHint}
      fault={faultOf(problem, 'kind')}
      bind:value={form.kind}
      onchange={chooseKind}
    />

    <PlaceChoice choosable={places.data ?? []} chosen={chosenPlace} bind:form {problem} />
  </div>

  <PottedOnField fault={faultOf(problem, 'pottedOn')} bind:pottedOn={form.pottedOn} />

  <details bind:open={unfolded}>
    <summary>More of it: its pot and mix, where it came from, what is to be done first</summary>
    <div class="more">
      <PotFields bind:pot={form.pot} pots={options.pots} {problem} />
      <MixEditor
        bind:mix={form.mix}
        components={options.components}
        fault={faultOf(problem, 'mix')}
      />
      <MoistureField bind:moisture={form.moisture} moistures={options.moistures} />

      <div class="two">
        <DayField
          label="Came on"
          hint="The day it came to you; empty if nobody knows"
          fault={faultOf(problem, 'arrivedOn')}
          bind:value={form.arrivedOn}
        />
        <Tick label="It came without live roots" bind:checked={form.cameRootless} />
        <TextField
          label="Came from"
          fault={faultOf(problem, 'cameFrom')}
          bind:value={form.cameFrom}
        />
        <TextField
          label="Price"
          hint="If you want to keep it"
          fault={faultOf(problem, 'price')}
          bind:value={form.price}
        />
        <Tick label="Keep it apart, and look it over now" bind:checked={form.apart} />
        <Tick label="Hold it in the pot it came in" bind:checked={form.held} />
      </div>
    </div>
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
  .more {
    display: grid;
    gap: 18px;
    padding-top: 10px;
  }
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 18px;
    align-items: start;
  }
  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
