<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, Problem, type Schemas } from '$lib/api/client';
  import { choices, plantPage } from '$lib/api/queries';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import Field from '$lib/forms/Field.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import LookRow, { looked, type TypedLook } from '$lib/forms/LookRow.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { saved } from '$lib/shell/toaster';
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
  let ready = $state(false);
  let problem = $state<Problem>();
  let busy = $state(false);

  // The form is filled once, when plant and choices are there; later answers leave it alone.
  $effect(() => {
    if (ready || !plant || !options.data) return;
    on = wrong?.on ?? today;
    note = wrong?.note ?? '';
    looks = Object.fromEntries(
      options.data.looks.map(({ item }) => {
        const known = wrong?.looks[item];
        return [
          item,
          {
            answers: known?.answers ?? [],
            measured: known?.measured == null ? '' : String(known.measured),
          },
        ];
      }),
    );
    ready = true;
  });

  // Open are the parts that decide most; the others are one tap away.
  const OPEN = ['STANDING', 'ROOTS', 'MEDIUM'];
  const sections = $derived.by(() => {
    const all = options.data?.looks ?? [];
    return [...new Set(all.map((look) => look.section))].map((key) => {
      const own = all.filter((look) => look.section === key);
      const known = own.some((look) => wrong?.looks[look.item]);
      return { key, title: own[0]!.sectionTitle, looks: own, open: known || OPEN.includes(key) };
    });
  });

  const fields = $derived(['on', ...Object.keys(looks).map((item) => `looks.${item}`)]);

  function last(choice: Schemas['LookChoice']): string | undefined {
    const line = plant?.journal.find(
      (each) => each.standing === 'HOLDS' && each.id !== corrects && each.looks[choice.item],
    );
    const look = line?.looks[choice.item];
    if (!line || !look) return undefined;
    const words = choice.answers
      .filter(({ answer }) => look.answers.includes(answer))
      .map((each) => each.words);
    const measured =
      look.measured == null ? [] : [`${look.measured} ${choice.measure?.unit ?? ''}`];
    return `${[...words, ...measured].join(' ')}, ${short(line.on, today)}`;
  }

  function sentLooks(): Record<string, Schemas['LookEntry']> {
    return Object.fromEntries(
      Object.entries(looks)
        .filter(([, look]) => looked(look))
        .map(([item, look]) => [
          item,
          {
            answers: look.answers,
            measured: look.measured.trim() === '' ? null : length(look.measured),
          },
        ]),
    );
  }

  /** What is no number is sent as it was typed, so that the answer names the field. */
  function length(typed: string): number {
    const number = Number(typed.replace(',', '.'));
    return Number.isNaN(number) ? (typed as unknown as number) : number;
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
      await goto(`/plants/${id}`);
    } catch (failure) {
      problem = failure instanceof Problem ? failure : new Problem(String(failure));
    } finally {
      busy = false;
    }
  }
</script>

<svelte:head><title>Inspect {plant?.label ?? ''} · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if plant && ready}
    <div class="top">
      <h1>{plant.label}</h1>
      <span class="quiet"
        >{wrong
          ? `correcting what was written for ${short(wrong.on, today)}; the old line stays readable`
          : 'tap what you see; leave the rest as not looked at'}</span
      >
    </div>
    <form class="sheet" onsubmit={save} novalidate>
      <FormFault sentence={otherFaults(problem, fields)} />
      {#each sections as section (section.key)}
        <details open={section.open}>
          <summary>{section.title}</summary>
          {#each section.looks as choice (choice.item)}
            {#if looks[choice.item]}
              <LookRow
                {choice}
                bind:look={looks[choice.item]!}
                last={last(choice)}
                fault={faultOf(problem, `looks.${choice.item}`)}
              />
            {/if}
          {/each}
        </details>
      {/each}
      <div class="two">
        <Field label="Seen on" fault={faultOf(problem, 'on')}>
          {#snippet children({ id: field, describedBy, invalid })}
            <input
              class="input"
              type="date"
              id={field}
              aria-describedby={describedBy}
              aria-invalid={invalid}
              bind:value={on}
            />
          {/snippet}
        </Field>
        <Field label="Note" fault={faultOf(problem, 'note')}>
          {#snippet children({ id: field, describedBy, invalid })}
            <input
              class="input"
              id={field}
              aria-describedby={describedBy}
              aria-invalid={invalid}
              autocomplete="off"
              bind:value={note}
            />
          {/snippet}
        </Field>
      </div>
      <div class="end">
        <button class="act go" disabled={busy}>{busy ? 'Saving…' : 'Save and judge'}</button>
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
