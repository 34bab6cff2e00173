<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { choices, plantPage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import DayField from '$lib/forms/DayField.svelte';
  import { Draft } from '$lib/forms/drafts.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import MixEditor from '$lib/forms/MixEditor.svelte';
  import { typedMix } from '$lib/forms/mix';
  import { sentRepot, type TypedRepot } from '$lib/card/repotting';
  import MoistureField from '$lib/forms/MoistureField.svelte';
  import { retypedPot, typedPot } from '$lib/forms/pot';
  import PotFields from '$lib/forms/PotFields.svelte';
  import PottedOnField from '$lib/forms/PottedOnField.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { saved } from '$lib/shell/toaster';
  import BenchCautions from '$lib/bench/BenchCautions.svelte';
  import { short } from '$lib/words/dates';

  const client = useQueryClient();
  const id = $derived(Number(page.params.id));
  const corrects = $derived(page.url.searchParams.get('corrects') ?? undefined);
  const query = plantPage(() => id);
  const options = choices();
  const plant = $derived(query.data);
  /** The line that is corrected, and what it says of the pot. */
  const wrong = $derived(plant?.journal.find((line) => line.act === corrects));
  const before = $derived(wrong?.potting ?? plant?.potting);
  /** What a plant came in may have been potted on a day that nobody knows. */
  const cameIn = $derived(wrong?.cameIn ?? false);

  let form = $state<TypedRepot>();
  const saving = new Saving();
  const problem = $derived(saving.problem);
  // svelte-ignore state_referenced_locally
  const draft = new Draft<TypedRepot>(`repot.${id}.${corrects ?? ''}`, (old, from) => ({
    ...old,
    pot: retypedPot(old.pot, from),
  }));

  $effect(() => {
    if (form || !plant || !before) return;
    form = draft.begin({
      on: wrong && !cameIn ? wrong.on : plant.today,
      pottedOn: cameIn ? before.pottedOn : '',
      mix: typedMix(before.mix),
      moisture: before.moisture,
      pot: typedPot(before),
      note: wrong?.note ?? '',
    });
  });

  $effect(() => {
    if (form) draft.keep($state.snapshot(form) as TypedRepot);
  });

  const fields = ['on', 'pottedOn', 'mix', 'note', 'pot'];

  async function save(event: SubmitEvent) {
    event.preventDefault();
    const result = await saving.save((headers) =>
      answered(
        api.POST('/api/plants/{id}/repots', {
          params: { path: { id } },
          headers,
          body: sentRepot(form!, { corrects, cameIn, before }),
        }),
      ),
    );
    if (!result) return;
    draft.saved();
    const next = result.plant.checks[0];
    const what = wrong ? 'Corrected.' : 'Repotted.';
    saved(
      client,
      next ? `${what} ${next.title} ${short(next.best, result.plant.today)}` : what,
      result,
    );
    await goto(`/plants/${id}`);
  }
</script>

<svelte:head
  ><title>{wrong ? 'Correct a repot of' : 'Repot'} {plant?.name ?? ''} · Mellow Almanac</title
  ></svelte:head
>

<Waiting {query}>
  {#if plant && form}
    <div class="page-head">
      <h1>{plant.name}</h1>
      <span class="quiet"
        >{wrong
          ? `correcting what was written for ${short(wrong.on, plant.today)}; the old line stays readable`
          : "the medium's clock starts anew, and a follow-up is booked"}</span
      >
    </div>
    <div class="columns">
      <form class="sheet" data-start onsubmit={save} novalidate>
        <FormHead {problem} {fields} since={draft.since} anew={() => (form = draft.drop())} />
        {#if cameIn}
          <PottedOnField fault={faultOf(problem, 'pottedOn')} bind:pottedOn={form.pottedOn} />
        {:else}
          <DayField label="Repotted on" fault={faultOf(problem, 'on')} bind:value={form.on} />
        {/if}
        <PotFields bind:pot={form.pot} pots={options.data?.pots ?? []} {problem} />
        <MixEditor
          bind:mix={form.mix}
          components={options.data?.components ?? []}
          fault={faultOf(problem, 'mix')}
        />
        <MoistureField bind:moisture={form.moisture} moistures={options.data?.moistures ?? []} />
        <TextField label="Note" fault={faultOf(problem, 'note')} bind:value={form.note} />
        <div class="form-end">
          <button class="act go" disabled={saving.busy}
            >{saving.busy ? 'Saving…' : wrong ? 'Keep the correction' : 'Log the repot'}</button
          >
          <a class="link" href="/plants/{id}">Back; what is typed stays here</a>
        </div>
      </form>
      <BenchCautions />
    </div>
  {/if}
</Waiting>

<style>
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 640px) minmax(0, 360px);
    gap: 16px;
    align-items: start;
  }
  form {
    display: grid;
    gap: 18px;
    padding: 20px 22px;
  }
  @media (max-width: 900px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
