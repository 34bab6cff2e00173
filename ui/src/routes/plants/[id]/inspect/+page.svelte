<script lang="ts">
  import { tick } from 'svelte';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { choices, plantPage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import DayField from '$lib/forms/DayField.svelte';
  import { Draft } from '$lib/forms/drafts.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import { entriesOf, retypedLooks } from '$lib/looks/looks';
  import TextField from '$lib/forms/TextField.svelte';
  import { sheetKeys } from '$lib/inspect/sheetKeys';
  import { freshSheet, measuredBefore, sections, type Sheet } from '$lib/inspect/inspectionSheet';
  import SheetHead from '$lib/inspect/SheetHead.svelte';
  import SheetSection from '$lib/inspect/SheetSection.svelte';
  import PhotoPick from '$lib/photos/PhotoPick.svelte';
  import { sendPhotos } from '$lib/photos/sendAll';
  import { startHere } from '$lib/forms/start';
  import { saved } from '$lib/shell/toaster';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { measuredOut } from '$lib/words/units.svelte';

  const client = useQueryClient();
  const id = $derived(Number(page.params.id));
  const corrects = $derived(page.url.searchParams.get('corrects') ?? undefined);
  const first = $derived(page.url.searchParams.has('first'));
  const measured = $derived(measuredBefore(page.url.searchParams.get('measured')));
  const query = plantPage(() => id);
  const options = choices();
  const plant = $derived(query.data);
  const today = $derived(plant?.today ?? '');
  const wrong = $derived(plant?.journal.find((line) => line.act === corrects));
  const looks = $derived(options.data?.looks ?? []);
  const parts = $derived(options.data ? sections(options.data, first, wrong) : []);

  let form = $state<Sheet>();
  let files = $state<File[]>([]);
  let sending = $state('');
  const saving = new Saving();
  const problem = $derived(saving.problem);
  // svelte-ignore state_referenced_locally
  const draft = new Draft<Sheet>(`inspect.${id}.${corrects ?? ''}`, (typed, from) => ({
    ...typed,
    looks: retypedLooks(typed.looks, looks, from),
  }));

  // The form is filled once, when plant and choices are there; later answers leave it alone.
  $effect(() => {
    if (form || !plant || !options.data) return;
    const filled = draft.begin(freshSheet(plant.today, options.data, wrong, plant.journal));
    const look = measured && filled.looks[measured.item];
    if (look) look.measured = measuredOut(measured.mm, 'mm');
    form = filled;
    void tick().then(() => startHere(document.querySelector('details[open] fieldset input')));
  });

  $effect(() => {
    if (form) draft.keep($state.snapshot(form) as Sheet);
  });

  const fields = $derived(['on', ...Object.keys(form?.looks ?? {}).map((spot) => `looks.${spot}`)]);

  /** What was measured before anybody typed. */
  function known(spot: string): number | null | undefined {
    return wrong?.looks[spot]?.measured ?? (measured?.item === spot ? measured.mm : undefined);
  }

  async function save(event?: SubmitEvent) {
    event?.preventDefault();
    const { on, note, looks: typed } = form!;
    const sent = entriesOf(typed, looks, known) as Schemas['NewInspection']['looks'];
    const result = await saving.save((headers) =>
      answered(
        api.POST('/api/plants/{id}/inspections', {
          params: { path: { id } },
          headers,
          body: { on, looks: sent, note, corrects: corrects ?? null },
        }),
      ),
    );
    if (!result) return;
    draft.saved();
    saved(client, `Saved. ${result.plant.slip?.title ?? ''}`, result);
    await sendPhotos(client, id, files, {
      look: result.act,
      sending: (n) => (sending = `Keeping picture ${n} of ${files.length}…`),
    });
    await goto(`/plants/${id}`);
  }
</script>

<svelte:window onkeydown={(event) => sheetKeys(event, parts, () => void save())} />
<svelte:head><title>Inspect {plant?.name ?? ''} · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if plant && form && options.data}
    <SheetHead name={plant.name} {wrong} {first} {today} sections={parts.length} />
    <form class="sheet" onsubmit={save} novalidate>
      <FormHead {problem} {fields} since={draft.since} anew={() => (form = draft.drop())} />
      {#if first}<PhotoPick bind:files />{/if}
      {#each parts as section, at (section.key)}
        <SheetSection
          {section}
          {at}
          bind:sheet={form}
          {plant}
          leads={options.data.leads}
          {corrects}
          {problem}
        />
      {/each}
      <div class="two">
        <DayField label="Seen on" fault={faultOf(problem, 'on')} bind:value={form.on} />
        <TextField label="Note" fault={faultOf(problem, 'note')} bind:value={form.note} />
      </div>
      {#if !first}<PhotoPick bind:files />{/if}
      <div class="form-end" id="end">
        <button class="act go" disabled={saving.busy || sending !== ''}
          >{sending || (saving.busy ? 'Saving…' : 'Save and judge')}</button
        >
        <a class="link" href="/plants/{id}">Back; what is typed stays here</a>
      </div>
    </form>
  {/if}
</Waiting>

<style>
  form {
    max-width: 1010px;
  }
  .two {
    display: grid;
    grid-template-columns: 210px minmax(0, 1fr);
    gap: 18px;
    padding: 14px 0;
  }
  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
