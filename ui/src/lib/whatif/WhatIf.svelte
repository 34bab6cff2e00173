<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { rulesPage } from '$lib/api/queries';
  import { Trying } from '$lib/api/trying.svelte';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { Draft } from '$lib/forms/drafts.svelte';
  import { faultOf } from '$lib/forms/faults';
  import DayField from '$lib/forms/DayField.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import LookRow from '$lib/looks/LookRow.svelte';
  import Tick from '$lib/forms/Tick.svelte';
  import TraitFields from '$lib/kinds/TraitFields.svelte';
  import { ofAPlant, traitPaths } from '$lib/kinds/traits';
  import Changes from './Changes.svelte';
  import OtherFigures from './OtherFigures.svelte';
  import OtherPot from './OtherPot.svelte';
  import { asItIs, question, retypedSupposed, type Supposed } from './asked';

  interface Props {
    plant: Schemas['PlantPage'];
    choices: Schemas['Choices'];
    /** What was seen last of a thing, in words. */
    last: (item: string) => string | undefined;
    /** Takes the slip as it would be; nothing while everything is as it is. */
    supposed: (slip: Schemas['Slip'] | undefined) => void;
    close: () => void;
  }
  const { plant, choices, last, supposed, close }: Props = $props();

  const OPENED = [
    { value: 'WHOLE', words: 'left whole' },
    { value: 'ONE_SIDE', words: 'opened on one side' },
    { value: 'ALL', words: 'opened all round' },
  ];
  const rules = rulesPage();
  const spots = $derived(choices.looks.map((look) => look.item));
  // svelte-ignore state_referenced_locally
  const draft = new Draft<Supposed>(`what-if.${plant.id}`, (old, from) =>
    retypedSupposed(old, choices, from),
  );
  // svelte-ignore state_referenced_locally
  let asked = $state(draft.begin(asItIs(choices.looks.map((look) => look.item))));
  const trying = new Trying<Schemas['WouldBe']>(200);
  const would = $derived(trying.answer);
  const problem = $derived(trying.problem);
  const traits = $derived(ofAPlant(choices));

  const sections = $derived.by(() => {
    const keys = [...new Set(choices.looks.map((look) => look.section))];
    return keys.map((key) => {
      const own = choices.looks.filter((look) => look.section === key);
      return { key, title: own[0]!.sectionTitle, looks: own };
    });
  });
  /** The figures that the slip rests on now. */
  const figures = $derived.by(() => {
    const used = new Set((plant.slip?.reasons ?? []).map((reason) => reason.rule));
    const all = (rules.data ?? []).flatMap((chapter) => chapter.figures);
    return all.filter((figure) => used.has(figure.key) || figure.key.startsWith('verdict.must'));
  });
  const nothing = JSON.stringify(question(asItIs([]), { looks: [], traits: [] }));
  const body = $derived(JSON.stringify(question(asked, choices, figures)));

  $effect(() => {
    const wanted = body;
    return trying.ask(wanted === nothing ? undefined : () => ask(wanted));
  });

  $effect(() => supposed(would?.slip));

  function ask(wanted: string): Promise<Schemas['WouldBe']> {
    return answered(
      api.POST('/api/plants/{id}/what-if', {
        params: { path: { id: plant.id } },
        body: JSON.parse(wanted) as Schemas['WhatIf'],
      }),
    );
  }

  $effect(() => draft.keep($state.snapshot(asked) as Supposed));

  function startOver() {
    asked = draft.drop();
  }

  const fields = $derived([
    'on',
    'pottedOn',
    'mix',
    ...spots.map((spot) => `looks.${spot}`),
    ...traitPaths('deviation', traits),
    ...figures.map((figure) => figure.key),
  ]);
</script>

<section class="sheet" aria-labelledby="whatif">
  <div class="head">
    <h2 id="whatif">What if</h2>
    <span class="quiet">Change anything and read the slip beside it; nothing is saved.</span>
    <span class="acts">
      <button type="button" class="act small" onclick={startOver} disabled={body === nothing}
        >As it is</button
      >
      <button type="button" class="act small" onclick={close}
        >Close <span class="kbd-hint held">Esc</span></button
      >
    </span>
  </div>
  <FormHead {problem} {fields} since={draft.since} anew={startOver} />

  <Changes {would} />

  <div class="few">
    <DayField label="On the day" fault={faultOf(problem, 'on')} bind:value={asked.on} />
    <ChoiceField
      label="By the approach"
      unchosen="as it is"
      choices={choices.approaches.map((each) => ({ value: each.approach, words: each.name }))}
      bind:value={asked.approach}
    />
    <ChoiceField
      label="With the aim"
      unchosen="as it is"
      choices={choices.aims.map((each) => ({ value: each.aim, words: each.words }))}
      bind:value={asked.aim}
    />
  </div>

  {#each sections as section (section.key)}
    <details class="fold" open={section.key === 'ROOTS'}>
      <summary>{section.title}</summary>
      {#each section.looks as choice (choice.item)}
        <LookRow
          {choice}
          leave="as it is"
          forgettable={last(choice.item) !== undefined}
          last={last(choice.item)}
          fault={faultOf(problem, `looks.${choice.item}`)}
          bind:look={asked.looks[choice.item]!}
        />
      {/each}
    </details>
  {/each}

  <details class="fold">
    <summary>How it would be moved</summary>
    <div class="few">
      <ChoiceField
        label="The root ball"
        unchosen="as its method has it"
        choices={OPENED}
        bind:value={asked.opened}
      />
      <Tick label="Soaked until the roots are supple" bind:checked={asked.soaked} />
      <Tick label="The pot cut or broken off" bind:checked={asked.potCut} />
    </div>
  </details>

  <details class="fold">
    <summary>What it stands in</summary>
    <OtherPot {plant} {choices} {problem} bind:asked />
  </details>

  <details class="fold">
    <summary>Its kind</summary>
    <TraitFields
      bind:traits={asked.traits}
      asked={traits}
      within="deviation"
      otherwise={plant.traits}
      {problem}
    />
  </details>

  <details class="fold">
    <summary>The figures this slip rests on</summary>
    <OtherFigures {figures} {problem} bind:typed={asked.figures} />
  </details>
</section>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: baseline;
  }
  .acts {
    margin-left: auto;
    display: flex;
    gap: 8px;
  }
  details {
    border-top: 1px solid var(--color-rule);
    padding-bottom: 8px;
  }
  details:first-of-type {
    margin-top: 14px;
  }
</style>
