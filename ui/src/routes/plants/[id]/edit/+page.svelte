<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { placeList, choices, gonePlants, plantList, plantPage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import { CARD_PATHS, retypedCard, sentCard, typedCard, type TypedCard } from '$lib/card/editing';
  import ItsLife from '$lib/card/ItsLife.svelte';
  import WhatItIs from '$lib/card/WhatItIs.svelte';
  import { Draft } from '$lib/forms/drafts.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TraitFields from '$lib/kinds/TraitFields.svelte';
  import { ofAPlant, traitPaths } from '$lib/kinds/traits';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { saved } from '$lib/shell/toaster';

  const client = useQueryClient();
  const id = $derived(Number(page.params.id));
  const query = plantPage(() => id);
  const options = choices();
  const places = placeList();
  const plants = plantList();
  const gone = gonePlants();
  const plant = $derived(query.data);
  const traits = $derived(options.data ? ofAPlant(options.data) : []);

  let form = $state<TypedCard>();
  /** The plant as it was when the form was filled; what is sent goes with its version. */
  let was = $state<Schemas['PlantPage']>();
  const saving = new Saving();
  const problem = $derived(saving.problem);
  // svelte-ignore state_referenced_locally
  const draft = new Draft<TypedCard>(`card.${id}`, (old, from) => retypedCard(old, traits, from));

  // The form is filled once; later answers leave it alone.
  $effect(() => {
    if (form || !plant || !options.data) return;
    was = plant;
    form = draft.begin(typedCard(plant, traits));
  });

  $effect(() => {
    if (form) draft.keep($state.snapshot(form) as TypedCard);
  });

  async function save(event: SubmitEvent) {
    event.preventDefault();
    const known = was!;
    const result = await saving.save(async (headers) =>
      answered(
        api.PUT('/api/plants/{id}', {
          params: { path: { id: known.id } },
          headers,
          body: sentCard(form!, known, traits, [...(plants.data ?? []), ...(gone.data ?? [])]),
        }),
      ),
    );
    if (!result) return;
    draft.saved();
    const after = result.plant!;
    saved(client, `Saved. ${after.slip?.title ?? after.card.statusWords}`, result);
    await goto(`/plants/${known.id}`);
  }
</script>

<svelte:head><title>Edit {plant?.name ?? ''} · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if plant && form && options.data}
    <h1>{plant.name}</h1>
    <form class="sheet" data-start onsubmit={save} novalidate>
      <FormHead
        {problem}
        fields={[...CARD_PATHS, ...traitPaths('deviation', traits)]}
        since={draft.since}
        anew={() => (form = draft.drop())}
      />
      <WhatItIs bind:form options={options.data} places={places.data ?? []} {problem} />
      <h2>Its life here</h2>
      <ItsLife bind:form options={options.data} {problem} lastChance={plant.lastChance} />
      <h2>In what it differs from its kind</h2>
      <TraitFields
        bind:traits={form.traits}
        asked={traits}
        within="deviation"
        otherwise={plant.traits}
        {problem}
      />
      <div class="form-end">
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
</style>
