<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, Problem, type Schemas } from '$lib/api/client';
  import { choices, plantPage } from '$lib/api/queries';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import DayField from '$lib/forms/DayField.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import LookRow, { looked, type TypedLook } from '$lib/forms/LookRow.svelte';
  import { measuredIn, measuredOut } from '$lib/words/units.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import PhotoPick from '$lib/photos/PhotoPick.svelte';
  import { sendPhoto } from '$lib/photos/send';
  import { lastSeen } from '$lib/journal/last';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { failed, saved } from '$lib/shell/toaster';
  import { short } from '$lib/words/dates';

  const client = useQueryClient();
  const id = $derived(Number(page.params.id));
  const corrects = $derived(Number(page.url.searchParams.get('corrects')) || undefined);
  const query = plantPage(() => id);
  const options = choices();
  const plant = $derived(query.data);
  const today = $derived(plant?.slip.judgedOn ?? '');
  const wrong = $derived(plant?.journal.find((line) => line.id === corrects));

  let on = $state('');
  let note = $state('');
  let looks = $state<Record<string, TypedLook>>({});
  /** How many leads are looked at, each with roots of its own. */
  let leads = $state(1);
  let ready = $state(false);
  let problem = $state<Problem>();
  let busy = $state(false);
  let files = $state<File[]>([]);
  let sending = $state('');

  // The form is filled once, when plant and choices are there; later answers leave it alone.
  $effect(() => {
    if (ready || !plant || !options.data) return;
    on = wrong?.on ?? today;
    note = wrong?.note ?? '';
    const all = options.data.leads;
    looks = Object.fromEntries(
      options.data.looks
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
    );
    const [item, mm] = (page.url.searchParams.get('measured') ?? '').split(':');
    if (item && looks[item] && mm) looks[item]!.measured = measuredOut(Number(mm), 'mm');
    leads = Math.max(
      1,
      ...plant.journal.flatMap((line) =>
        Object.keys(line.looks).map((spot) => all.indexOf(spot.split('/')[1] as Lead) + 1),
      ),
    );
    ready = true;
  });

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

  const fields = $derived(['on', ...Object.keys(looks).map((item) => `looks.${item}`)]);

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

  const lookedAt = $derived(options.data?.leads.slice(0, leads) ?? []);

  async function weigh() {
    try {
      const weighed = await answered(
        api.GET('/api/instruments/scale/{plantId}', { params: { path: { plantId: id } } }),
      );
      if (weighed.daysToDry == null) failed(new Error('It has not dried yet by its weight.'));
      else looks['daysToDry'] = { answers: [], measured: String(weighed.daysToDry) };
    } catch (failure) {
      failed(failure);
    }
  }

  function sentLooks(): Record<string, Schemas['LookEntry']> {
    return Object.fromEntries(
      Object.entries(looks)
        .filter(([, look]) => looked(look))
        .map(([item, look]) => [
          item,
          {
            answers: look.answers,
            measured: look.measured.trim() === '' ? null : measuredIn(look.measured, unit(item)),
          },
        ]),
    );
  }

  /** The look is kept by now; a picture that is refused is said, and can be added on its page. */
  async function sendPhotos(look: number) {
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

  async function save(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    problem = undefined;
    try {
      const result = await answered(
        api.POST('/api/plants/{id}/inspections', {
          params: { path: { id } },
          body: { on, looks: sentLooks(), note, corrects: corrects ?? null },
        }),
      );
      saved(client, `Saved. ${result.plant.slip.title}`, result);
      await sendPhotos(result.entryId);
      await goto(`/plants/${id}`);
    } catch (failure) {
      problem = failure instanceof Problem ? failure : new Problem(String(failure));
    } finally {
      busy = false;
    }
  }
</script>

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
    </div>
    <form class="sheet" onsubmit={save} novalidate>
      <FormFault sentence={otherFaults(problem, fields)} />
      {#if first}<PhotoPick bind:files />{/if}
      {#each sections as section (section.key)}
        <details open={section.open}>
          <summary>{section.title}</summary>
          {#if section.looks.some((choice) => choice.ofALead)}
            <label class="leads">
              Leads
              <select class="select" bind:value={leads}>
                {#each options.data?.leads ?? [] as lead, i (lead)}
                  <option value={i + 1}>{i + 1}</option>
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
              {#if looks[spot]}
                <LookRow
                  {choice}
                  {lead}
                  bind:look={looks[spot]!}
                  last={lastSeen(plant, choice, spot, corrects)}
                  fault={faultOf(problem, `looks.${spot}`)}
                />
              {/if}
            {/each}
          {/each}
        </details>
      {/each}
      <div class="two">
        <DayField label="Seen on" fault={faultOf(problem, 'on')} bind:value={on} />
        <TextField label="Note" fault={faultOf(problem, 'note')} bind:value={note} />
      </div>
      {#if !first}<PhotoPick bind:files />{/if}
      <div class="end">
        <button class="act go" disabled={busy}
          >{busy ? sending || 'Saving…' : 'Save and judge'}</button
        >
        <a class="link" href="/plants/{id}">Back without saving</a>
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
