<script lang="ts">
  import { tick } from 'svelte';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, type Schemas } from '$lib/api/client';
  import { choices, plantPage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import DraftNotice from '$lib/forms/DraftNotice.svelte';
  import { Draft } from '$lib/forms/drafts.svelte';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import DayField from '$lib/forms/DayField.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import LookRow, { looked, type TypedLook } from '$lib/forms/LookRow.svelte';
  import { measuredBack, measuredOut, retyped } from '$lib/words/units.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import PhotoPick from '$lib/photos/PhotoPick.svelte';
  import { sendPhoto } from '$lib/photos/send';
  import { lastSeen } from '$lib/journal/last';
  import { startHere } from '$lib/shell/start';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { failed, saved } from '$lib/shell/toaster';
  import { short } from '$lib/words/dates';

  const client = useQueryClient();
  const id = $derived(Number(page.params.id));
  const corrects = $derived(page.url.searchParams.get('corrects') ?? undefined);
  const query = plantPage(() => id);
  const options = choices();
  const plant = $derived(query.data);
  const today = $derived(plant?.today ?? '');
  const wrong = $derived(plant?.journal.find((line) => line.act === corrects));

  interface Typed {
    on: string;
    note: string;
    looks: Record<string, TypedLook>;
    /** How many leads are looked at, each with roots of its own. */
    leads: number;
  }
  let form = $state<Typed>({ on: '', note: '', looks: {}, leads: 1 });
  let ready = $state(false);
  let files = $state<File[]>([]);
  let sending = $state('');
  const saving = new Saving();
  const problem = $derived(saving.problem);
  // svelte-ignore state_referenced_locally
  const draft = new Draft<Typed>(`inspect.${id}.${corrects ?? ''}`, (typed, from) => ({
    ...typed,
    looks: Object.fromEntries(
      Object.entries(typed.looks).map(([spot, look]) => [
        spot,
        { ...look, measured: retyped(look.measured, unit(spot), from) },
      ]),
    ),
  }));

  // The form is filled once, when plant and choices are there; later answers leave it alone.
  $effect(() => {
    if (ready || !plant || !options.data) return;
    form = draft.begin(fresh(plant, options.data));
    const [item, mm] = (page.url.searchParams.get('measured') ?? '').split(':');
    if (item && form.looks[item] && mm) form.looks[item]!.measured = measuredOut(Number(mm), 'mm');
    ready = true;
    void tick().then(() => startHere(document.querySelector('details[open] fieldset')));
  });

  $effect(() => {
    const typed = $state.snapshot(form) as Typed;
    if (ready) draft.keep(typed);
  });

  /** The form as nobody has touched it yet. */
  function fresh(of: Schemas['PlantPage'], choices: Schemas['Choices']): Typed {
    const all = choices.leads;
    return {
      on: wrong?.on ?? today,
      note: wrong?.note ?? '',
      looks: Object.fromEntries(
        choices.looks
          .flatMap((look) => spots(look, all))
          .map(({ spot }) => {
            const known = wrong?.looks[spot];
            return [
              spot,
              {
                answers: known?.answers ?? [],
                measured: known?.measured == null ? '' : measuredOut(known.measured, unit(spot)),
              },
            ];
          }),
      ),
      leads: Math.max(
        1,
        ...of.journal.flatMap((line) =>
          Object.keys(line.looks).map((spot) => all.indexOf(spot.split('/')[1] as Lead) + 1),
        ),
      ),
    };
  }

  // Open are the parts that decide most; the others are one tap away.
  const OPEN = ['STANDING', 'ROOTS', 'MEDIUM'];
  const first = $derived(page.url.searchParams.has('first'));
  const sections = $derived.by(() => {
    const looks = options.data?.looks ?? [];
    if (!first) return bySection(looks, OPEN);
    const order = options.data?.firstLook ?? [];
    return [
      {
        key: 'FIRST',
        title: 'The first look',
        looks: order.flatMap((item) => looks.find((look) => look.item === item) ?? []),
        open: true,
      },
      ...bySection(
        looks.filter((look) => !order.includes(look.item)),
        [],
      ),
    ];
  });

  function bySection(all: Schemas['LookChoice'][], open: string[]) {
    return [...new Set(all.map((look) => look.section))].map((key) => {
      const own = all.filter((look) => look.section === key);
      const known = own.some((look) => wrong?.looks[look.item]);
      return {
        key: key as string,
        title: own[0]!.sectionTitle,
        looks: own,
        open: known || open.includes(key),
      };
    });
  }

  const fields = $derived(['on', ...Object.keys(form.looks).map((item) => `looks.${item}`)]);

  function unit(spot: string): string | undefined {
    return options.data?.looks.find((look) => look.item === spot.split('/')[0])?.measure?.unit;
  }

  type Lead = Schemas['Choices']['leads'][number];

  /** Where to look for one item: once, or on each lead. */
  function spots(choice: Schemas['LookChoice'], all: Lead[]) {
    if (!choice.ofALead) return [{ spot: choice.item, lead: undefined }];
    return all.map((lead, i) => ({
      spot: i === 0 ? choice.item : `${choice.item}/${lead}`,
      lead: all.length > 1 ? lead : undefined,
    }));
  }

  const lookedAt = $derived(options.data?.leads.slice(0, form.leads) ?? []);

  async function weigh() {
    try {
      const weighed = await answered(
        api.GET('/api/instruments/scale/{plantId}', { params: { path: { plantId: id } } }),
      );
      if (weighed.daysToDry == null) failed(new Error('It has not dried yet by its weight.'));
      else form.looks['daysToDry'] = { answers: [], measured: String(weighed.daysToDry) };
    } catch (failure) {
      failed(failure);
    }
  }

  function sentLooks(): Record<string, Schemas['LookEntry']> {
    return Object.fromEntries(
      Object.entries(form.looks)
        .filter(([, look]) => looked(look))
        .map(([item, look]) => [
          item,
          {
            answers: look.answers,
            measured:
              look.measured.trim() === ''
                ? null
                : measuredBack(look.measured, unit(item), known(item)),
          },
        ]),
    );
  }

  /** What was measured before anybody typed. */
  function known(item: string): number | null | undefined {
    const [measured, mm] = (page.url.searchParams.get('measured') ?? '').split(':');
    return wrong?.looks[item]?.measured ?? (measured === item ? Number(mm) : undefined);
  }

  /** The look is kept by now; a picture that is refused is said, and can be added on its page. */
  async function sendPhotos(look: string) {
    for (const [i, file] of files.entries()) {
      sending = `Keeping picture ${i + 1} of ${files.length}…`;
      try {
        await sendPhoto(id, file, look);
      } catch (failure) {
        failed(failure);
      }
    }
    if (files.length) void client.invalidateQueries({ queryKey: ['photos', id] });
  }

  async function save(event?: SubmitEvent) {
    event?.preventDefault();
    const result = await saving.save((headers) =>
      answered(
        api.POST('/api/plants/{id}/inspections', {
          params: { path: { id } },
          headers,
          body: { on: form.on, looks: sentLooks(), note: form.note, corrects: corrects ?? null },
        }),
      ),
    );
    if (!result) {
      await tick();
      startHere(document.querySelector('form [aria-invalid="true"], form .fault'));
      return;
    }
    draft.saved();
    saved(client, `Saved. ${result.plant.slip?.title ?? ''}`, result);
    await sendPhotos(result.act);
    await goto(`/plants/${id}`);
  }

  /** Keys go from section to section: with Alt anywhere, by themselves where nothing is typed. */
  function keys(event: KeyboardEvent) {
    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      void save();
      return;
    }
    const typing =
      event.target instanceof HTMLElement &&
      event.target.matches('input:not([type=radio], [type=checkbox]), textarea, select');
    if ((typing && !event.altKey) || event.ctrlKey || event.metaKey) return;
    const digit = /^(?:Digit|Numpad)([0-9])$/.exec(event.code)?.[1];
    const section = sections[Number(digit) - 1];
    if (digit === undefined || (digit !== '0' && !section)) return;
    event.preventDefault();
    goTo(digit === '0' ? 'end' : `section-${section!.key}`);
  }

  function goTo(place: string) {
    const at = document.getElementById(place);
    if (at instanceof HTMLDetailsElement) at.open = true;
    startHere(at instanceof HTMLDetailsElement ? at.querySelector('fieldset') : at);
    at?.scrollIntoView({ block: 'start' });
  }
</script>

<svelte:window onkeydown={keys} />
<svelte:head><title>Inspect {plant?.name ?? ''} · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if plant && ready}
    <div class="top">
      <h1>{plant.name}</h1>
      <span class="quiet"
        >{wrong
          ? `correcting what was written for ${short(wrong.on, today)}; the old line stays readable`
          : first
            ? 'photograph it with its tag, then turn it over from the newest growth down'
            : 'tap what you see; leave the rest as not looked at'}</span
      >
      <span class="quiet keys" aria-hidden="true">
        <span class="kbd-hint">1</span>–<span class="kbd-hint">{sections.length}</span> section ·
        <span class="kbd-hint">0</span> end · <span class="kbd-hint">Ctrl ↵</span> save
      </span>
    </div>
    <form class="sheet" onsubmit={save} novalidate>
      <FormFault sentence={otherFaults(problem, fields)} />
      <DraftNotice since={draft.since} anew={() => (form = draft.drop())} />
      {#if first}<PhotoPick bind:files />{/if}
      {#each sections as section, i (section.key)}
        <details open={section.open} id="section-{section.key}">
          <summary>{section.title} <span class="kbd-hint" aria-hidden="true">{i + 1}</span></summary
          >
          {#if section.looks.some((choice) => choice.ofALead)}
            <label class="leads">
              Leads
              <select class="select" bind:value={form.leads}>
                {#each options.data?.leads ?? [] as lead, at (lead)}
                  <option value={at + 1}>{at + 1}</option>
                {/each}
              </select>
              <span class="quiet">young growths at the front, each with roots of its own</span>
            </label>
          {/if}
          {#each section.looks as choice (choice.item)}
            {#if choice.item === 'daysToDry'}
              <button type="button" class="link" onclick={weigh}>Days to dry from the scale</button>
            {/if}
            {#each spots(choice, lookedAt) as { spot, lead } (spot)}
              {#if form.looks[spot]}
                <LookRow
                  {choice}
                  {lead}
                  bind:look={form.looks[spot]!}
                  last={lastSeen(plant, choice, spot, corrects)}
                  fault={faultOf(problem, `looks.${spot}`)}
                />
              {/if}
            {/each}
          {/each}
        </details>
      {/each}
      <div class="two">
        <DayField label="Seen on" fault={faultOf(problem, 'on')} bind:value={form.on} />
        <TextField label="Note" fault={faultOf(problem, 'note')} bind:value={form.note} />
      </div>
      {#if !first}<PhotoPick bind:files />{/if}
      <div class="end" id="end">
        <button class="act go" disabled={saving.busy || sending !== ''}
          >{sending || (saving.busy ? 'Saving…' : 'Save and judge')}</button
        >
        <a class="link" href="/plants/{id}">Back; what is typed stays here</a>
      </div>
    </form>
  {/if}
</Waiting>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 6px 14px;
    margin-bottom: 14px;
  }
  h1 {
    overflow-wrap: anywhere;
  }
  .leads .quiet {
    font: 400 14px var(--font-sans);
  }
  summary {
    display: flex;
    align-items: center;
    min-height: 46px;
    font: 520 20px var(--font-serif);
    cursor: pointer;
  }
  summary .kbd-hint {
    margin-left: 10px;
    font-family: var(--font-sans);
  }
  .keys {
    margin-left: auto;
  }
  @media (hover: none) {
    .keys {
      display: none;
    }
  }
  summary::before {
    content: '▸';
    width: 22px;
    color: var(--color-plum);
    font-family: var(--font-sans);
  }
  details[open] > summary::before {
    content: '▾';
  }
  details {
    border-bottom: 1px solid var(--color-rule);
  }
  form {
    max-width: 1010px;
  }
  .leads {
    display: flex;
    align-items: center;
    gap: 10px;
    padding-top: 10px;
    font: 520 17px var(--font-serif);
  }
  .leads .select {
    width: 76px;
  }
  .two {
    display: grid;
    grid-template-columns: 210px minmax(0, 1fr);
    gap: 18px;
    padding: 14px 0;
  }
  .end {
    display: flex;
    gap: 20px;
    align-items: center;
  }
  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
    }
  }
</style>
