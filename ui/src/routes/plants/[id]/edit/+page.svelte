<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, Problem, type Schemas } from '$lib/api/client';
  import { benchList, choices, plantList, plantPage } from '$lib/api/queries';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import DayField from '$lib/forms/DayField.svelte';
  import Field from '$lib/forms/Field.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import TraitFields from '$lib/kinds/TraitFields.svelte';
  import { sentTraits, TRAITS, typedTraits } from '$lib/kinds/traits';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { toaster } from '$lib/shell/toaster';

  const client = useQueryClient();
  const id = $derived(Number(page.params.id));
  const query = plantPage(() => id);
  const options = choices();
  const benches = benchList();
  const plant = $derived(query.data);

  type Card = Schemas['CardEntry'];
  let version = $state(0);
  let card = $state<Card>({} as Card);
  let profile = $state('');
  let bench = $state('');
  let aim = $state('');
  let approach = $state('');
  let arrivedOn = $state('');
  let rootless = $state(false);
  let traits = $state(typedTraits({}));
  /** The number of the plant it was divided from. */
  let mothers = $state('');
  let apart = $state('');
  let held = $state('');
  const plants = plantList();
  let ready = $state(false);
  let problem = $state<Problem>();

  // The form is filled once; later answers leave it alone.
  $effect(() => {
    if (ready || !plant) return;
    version = plant.version;
    const { mother, daughters, asideOn, statusWords, ...own } = plant.card;
    void [daughters, asideOn, statusWords];
    card = { ...own, motherId: mother?.id ?? null };
    mothers = mother ? mother.number : '';
    apart = own.apartSince ?? '';
    held = own.heldSince ?? '';
    profile = plant.profile;
    bench = String(plant.bench.id);
    aim = plant.aim;
    approach = plant.approach ?? '';
    arrivedOn = plant.arrivedOn ?? '';
    rootless = plant.cameRootless;
    traits = typedTraits(plant.deviation);
    ready = true;
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
    'profile',
    'benchId',
    'arrivedOn',
    ...TRAITS,
  ];

  /** The plant of the typed number; a number that is none is refused by its field. */
  function motherId(): number | null {
    const wanted = mothers.trim();
    if (!wanted) return null;
    const found = plants.data?.find((each) => each.number === wanted);
    if (!found)
      throw new Problem('', [
        { field: 'card.motherId', sentence: `There is no plant with the number ${wanted}.` },
      ]);
    return found.id;
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    problem = undefined;
    try {
      const saved = await answered(
        api.PUT('/api/plants/{id}', {
          params: { path: { id } },
          body: {
            version,
            card: {
              ...card,
              motherId: motherId(),
              apartSince: apart || null,
              heldSince: held || null,
            },
            profile,
            benchId: Number(bench),
            aim: aim as Schemas['PlantEntry']['aim'],
            approach: (approach || null) as Schemas['PlantEntry']['approach'],
            arrivedOn: arrivedOn || null,
            cameRootless: rootless,
            deviation: sentTraits(traits),
          },
        }),
      );
      client.setQueryData(['plant', id], saved);
      void client.invalidateQueries({ queryKey: ['plants'] });
      toaster.success({ title: `Saved. ${saved.slip.title}`, duration: 5000 });
      await goto(`/plants/${id}`);
    } catch (failure) {
      problem = failure instanceof Problem ? failure : new Problem(String(failure));
    }
  }
</script>

<svelte:head><title>Edit {plant?.name ?? ''} · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if plant && ready && options.data}
    <h1>{plant.name}</h1>
    <form class="sheet" onsubmit={save} novalidate>
      <FormFault sentence={otherFaults(problem, fields)} />
      <div class="two">
        <TextField
          label="Number"
          fault={faultOf(problem, 'card.number') ?? faultOf(problem, 'number')}
          bind:value={card.number}
        />
        <TextField
          label="Name on the label"
          hint="Letter by letter, mistakes and all"
          fault={faultOf(problem, 'card.label')}
          bind:value={card.label}
        />
        <TextField
          label="Believed to be"
          hint="Empty if the label is believed"
          fault={faultOf(problem, 'card.believed')}
          bind:value={card.believed}
        />
        <TextField
          label="Confirmed on flowering"
          hint="Empty until it has flowered true"
          fault={faultOf(problem, 'card.confirmed')}
          bind:value={card.confirmed}
        />
        <TextField
          label="Parents"
          fault={faultOf(problem, 'card.parents')}
          bind:value={card.parents}
        />
        <TextField
          label="Divided from"
          hint="The number of the mother plant"
          fault={faultOf(problem, 'card.motherId')}
          bind:value={mothers}
        />
        <ChoiceField
          label="Kind"
          choices={options.data.profiles.map((each) => ({ value: each.key, words: each.name }))}
          fault={faultOf(problem, 'profile')}
          bind:value={profile}
        />
        <ChoiceField
          label="Bench"
          choices={(benches.data ?? []).map((each) => ({
            value: String(each.id),
            words: each.name,
          }))}
          fault={faultOf(problem, 'benchId')}
          bind:value={bench}
        />
        <ChoiceField
          label="What you want of it"
          choices={options.data.aims.map((each) => ({ value: each.aim, words: each.words }))}
          bind:value={aim}
        />
        <ChoiceField
          label="Approach"
          unchosen="that of its bench or the collection"
          choices={options.data.approaches.map((each) => ({
            value: each.approach,
            words: each.name,
          }))}
          hint={options.data.approaches.find((each) => each.approach === approach)?.principle}
          bind:value={approach}
        />
        <DayField
          label="Came on"
          hint="Empty if nobody knows"
          fault={faultOf(problem, 'arrivedOn')}
          bind:value={arrivedOn}
        />
        <label class="tick">
          <input class="checkbox" type="checkbox" bind:checked={rootless} />
          It came without live roots
        </label>
      </div>
      <h2>Its life here</h2>
      <div class="two">
        <ChoiceField
          label="Status"
          choices={options.data.statuses}
          bind:value={() => card.status, (value) => (card.status = value as Card['status'])}
        />
        <TextField
          label="Why"
          hint="To whom it went, or what it died of"
          fault={faultOf(problem, 'card.statusReason')}
          bind:value={card.statusReason}
        />
        <DayField
          label="Kept apart since"
          hint="Empty when it may stand with the others"
          fault={faultOf(problem, 'card.apartSince')}
          bind:value={apart}
        />
        <DayField
          label="Held in its pot since"
          hint="In the pot it came in, until roots show"
          fault={faultOf(problem, 'card.heldSince')}
          bind:value={held}
        />
        <TextField
          label="Came from"
          fault={faultOf(problem, 'card.cameFrom')}
          bind:value={card.cameFrom}
        />
        <TextField label="Price" fault={faultOf(problem, 'card.price')} bind:value={card.price} />
      </div>
      <Field label="Notes" fault={faultOf(problem, 'card.notes')}>
        {#snippet children({ id: field, describedBy, invalid })}
          <textarea
            class="textarea"
            rows="3"
            id={field}
            aria-describedby={describedBy}
            aria-invalid={invalid}
            bind:value={card.notes}></textarea>
        {/snippet}
      </Field>
      <h2>In what it differs from its kind</h2>
      <TraitFields bind:traits choices={options.data} otherwise={plant.traits} {problem} />
      <div class="end">
        <button class="act go">Save</button>
        <a class="link" href="/plants/{id}">Back without saving</a>
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
  .tick {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    margin-top: 26px;
  }
  .end {
    display: flex;
    gap: 20px;
    align-items: center;
  }
</style>
