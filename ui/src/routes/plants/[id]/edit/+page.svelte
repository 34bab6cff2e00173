<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, Problem, type Schemas } from '$lib/api/client';
  import { placeList, choices, gonePlants, plantList, plantPage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import DraftNotice from '$lib/forms/DraftNotice.svelte';
  import { Draft } from '$lib/forms/drafts.svelte';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import DayField from '$lib/forms/DayField.svelte';
  import Field from '$lib/forms/Field.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import Tick from '$lib/forms/Tick.svelte';
  import TraitFields from '$lib/kinds/TraitFields.svelte';
  import {
    retypedTraits,
    sentTraits,
    TRAITS,
    typedTraits,
    type TypedTraits,
  } from '$lib/kinds/traits';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { saved } from '$lib/shell/toaster';

  const client = useQueryClient();
  const id = $derived(Number(page.params.id));
  const query = plantPage(() => id);
  const options = choices();
  const places = placeList();
  const plant = $derived(query.data);

  type Card = Schemas['CardEntry'];
  interface Typed {
    card: Card;
    kind: string;
    place: string;
    aim: string;
    approach: string;
    arrivedOn: string;
    rootless: boolean;
    traits: TypedTraits;
    /** The number of the plant it was divided from. */
    mothers: string;
    apart: string;
    held: string;
  }
  const plants = plantList();
  const gone = gonePlants();
  let form = $state<Typed>();
  /** The plant as it was when the form was filled; what is sent goes with its version. */
  let was = $state<Schemas['PlantPage']>();
  const saving = new Saving();
  const problem = $derived(saving.problem);
  // svelte-ignore state_referenced_locally
  const draft = new Draft<Typed>(`card.${id}`, (old, from) => ({
    ...old,
    traits: retypedTraits(old.traits, from),
  }));

  // The form is filled once; later answers leave it alone.
  $effect(() => {
    if (form || !plant) return;
    was = plant;
    const { mother, daughters, asideOn, statusWords, ...own } = plant.card;
    void [daughters, asideOn, statusWords];
    form = draft.begin({
      card: { ...own, motherId: mother?.id ?? null },
      mothers: mother ? mother.number : '',
      apart: own.apartSince ?? '',
      held: own.heldSince ?? '',
      kind: plant.kind,
      place: String(plant.place.id),
      aim: plant.aim,
      approach: plant.approach ?? '',
      arrivedOn: plant.arrivedOn ?? '',
      rootless: plant.cameRootless,
      traits: typedTraits(plant.deviation),
    });
  });

  $effect(() => {
    if (form) draft.keep($state.snapshot(form) as Typed);
  });

  const CARD = [
    'number',
    'label',
    'believed',
    'confirmed',
    'parents',
    'statusReason',
    'notes',
    'cameFrom',
    'price',
    'motherId',
    'apartSince',
    'heldSince',
  ];
  const fields = [
    ...CARD.map((field) => `card.${field}`),
    'number',
    'kind',
    'placeId',
    'arrivedOn',
    ...TRAITS,
  ];

  /** The plant of the typed number; a number that is none is refused by its field. */
  function motherId(wanted: string): number | null {
    if (!wanted) return null;
    const all = [...(plants.data ?? []), ...(gone.data ?? [])];
    const found = all.find((each) => each.number === wanted);
    if (!found)
      throw new Problem('', [
        { field: 'card.motherId', sentence: `There is no plant with the number ${wanted}.` },
      ]);
    return found.id;
  }

  function entry(typed: Typed, version: string): Schemas['PlantEntry'] {
    return {
      version,
      card: {
        ...typed.card,
        motherId: motherId(typed.mothers.trim()),
        apartSince: typed.apart || null,
        heldSince: typed.held || null,
      },
      kind: typed.kind,
      placeId: Number(typed.place),
      aim: typed.aim as Schemas['PlantEntry']['aim'],
      approach: (typed.approach || null) as Schemas['PlantEntry']['approach'],
      arrivedOn: typed.arrivedOn || null,
      cameRootless: typed.rootless,
      deviation: sentTraits(typed.traits, was?.deviation),
    };
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    const { id: of, version } = was!;
    const result = await saving.save(async (headers) =>
      answered(
        api.PUT('/api/plants/{id}', {
          params: { path: { id: of } },
          headers,
          body: entry(form!, version),
        }),
      ),
    );
    if (!result) return;
    draft.saved();
    const after = result.plant!;
    saved(client, `Saved. ${after.slip?.title ?? after.card.statusWords}`, result);
    await goto(`/plants/${of}`);
  }
</script>

<svelte:head><title>Edit {plant?.name ?? ''} · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if plant && form && options.data}
    <h1>{plant.name}</h1>
    <form class="sheet" data-start onsubmit={save} novalidate>
      <FormFault sentence={otherFaults(problem, fields)} />
      <DraftNotice since={draft.since} anew={() => (form = draft.drop())} />
      <div class="two">
        <TextField
          label="Number"
          fault={faultOf(problem, 'card.number') ?? faultOf(problem, 'number')}
          bind:value={form.card.number}
        />
        <TextField
          label="Name on the label"
          hint="Letter by letter, mistakes and all"
          fault={faultOf(problem, 'card.label')}
          bind:value={form.card.label}
        />
        <TextField
          label="Believed to be"
          hint="Empty if the label is believed"
          fault={faultOf(problem, 'card.believed')}
          bind:value={form.card.believed}
        />
        <TextField
          label="Confirmed on flowering"
          hint="Empty until it has flowered true"
          fault={faultOf(problem, 'card.confirmed')}
          bind:value={form.card.confirmed}
        />
        <TextField
          label="Parents"
          fault={faultOf(problem, 'card.parents')}
          bind:value={form.card.parents}
        />
        <TextField
          label="Divided from"
          hint="The number of the mother plant"
          fault={faultOf(problem, 'card.motherId')}
          bind:value={form.mothers}
        />
        <ChoiceField
          label="Kind"
          choices={options.data.kinds.map((each) => ({ value: each.key, words: each.name }))}
          fault={faultOf(problem, 'kind')}
          bind:value={form.kind}
        />
        <ChoiceField
          label="Place"
          choices={(places.data ?? []).map((each) => ({
            value: String(each.id),
            words: each.name,
          }))}
          fault={faultOf(problem, 'placeId')}
          bind:value={form.place}
        />
        <ChoiceField
          label="What you want of it"
          choices={options.data.aims.map((each) => ({ value: each.aim, words: each.words }))}
          bind:value={form.aim}
        />
        <ChoiceField
          label="Approach"
          unchosen="that of its place or the collection"
          choices={options.data.approaches.map((each) => ({
            value: each.approach,
            words: each.name,
          }))}
          hint={options.data.approaches.find((each) => each.approach === form?.approach)?.principle}
          bind:value={form.approach}
        />
        <DayField
          label="Came on"
          hint="Empty if nobody knows"
          fault={faultOf(problem, 'arrivedOn')}
          bind:value={form.arrivedOn}
        />
        <Tick label="It came without live roots" bind:checked={form.rootless} />
      </div>
      <h2>Its life here</h2>
      <div class="two">
        <ChoiceField
          label="Status"
          choices={options.data.statuses}
          bind:value={
            () => form!.card.status, (value) => (form!.card.status = value as Card['status'])
          }
        />
        <TextField
          label="Why"
          hint="To whom it went, or what it died of"
          fault={faultOf(problem, 'card.statusReason')}
          bind:value={form.card.statusReason}
        />
        <DayField
          label="Kept apart since"
          hint="Empty when it may stand with the others"
          fault={faultOf(problem, 'card.apartSince')}
          bind:value={form.apart}
        />
        <DayField
          label="Held in its pot since"
          hint="In the pot it came in, until roots show"
          fault={faultOf(problem, 'card.heldSince')}
          bind:value={form.held}
        />
        <TextField
          label="Came from"
          fault={faultOf(problem, 'card.cameFrom')}
          bind:value={form.card.cameFrom}
        />
        <TextField
          label="Price"
          fault={faultOf(problem, 'card.price')}
          bind:value={form.card.price}
        />
      </div>
      <Field label="Notes" fault={faultOf(problem, 'card.notes')}>
        {#snippet children({ id: field, describedBy, invalid })}
          <textarea
            class="textarea"
            rows="3"
            id={field}
            aria-describedby={describedBy}
            aria-invalid={invalid}
            bind:value={() => form!.card.notes, (typed) => (form!.card.notes = typed)}></textarea>
        {/snippet}
      </Field>
      <h2>In what it differs from its kind</h2>
      <TraitFields
        bind:traits={form.traits}
        choices={options.data}
        otherwise={plant.traits}
        {problem}
      />
      <div class="end">
        <button class="act go" disabled={saving.busy}>{saving.busy ? 'Saving…' : 'Save'}</button>
        <a class="link" href="/plants/{id}">Back; what is typed stays here</a>
      </div>
    </form>
  {/if}
</Waiting>

<style>
  h1 {
    margin: 0 0 14px;
    overflow-wrap: anywhere;
  }
  form {
    display: grid;
    gap: 18px;
    max-width: 960px;
    padding: 20px 22px;
  }
  .two {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
    gap: 16px;
    align-items: start;
  }
  .end {
    display: flex;
    gap: 20px;
    align-items: center;
  }
</style>
