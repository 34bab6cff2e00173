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
  import { typedMix } from '$lib/forms/mix';
  import MixEditor from '$lib/forms/MixEditor.svelte';
  import Tick from '$lib/forms/Tick.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import TraitFields from '$lib/kinds/TraitFields.svelte';
  import { ofAPlant, traitPaths } from '$lib/kinds/traits';
  import Sentence from '$lib/words/Sentence.svelte';
  import { asItIs, question, retypedSupposed, type Supposed } from './asked';
  import { measuredOut, unitOf } from '$lib/words/units.svelte';

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

  <div class="changes" aria-live="polite">
    {#if would?.changes.length}
      <ul>
        {#each would.changes as change, i (i)}
          <li><Sentence parts={change} today={would.slip.judgedOn} /></li>
        {/each}
      </ul>
    {:else if would}
      <p class="quiet">That makes no difference.</p>
    {:else}
      <p class="quiet">Everything is as it is.</p>
    {/if}
  </div>

  <div class="three">
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
    <details open={section.key === 'ROOTS'}>
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

  <details>
    <summary>How it would be moved</summary>
    <div class="three">
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

  <details>
    <summary>What it stands in</summary>
    <div class="three pot">
      <TextField
        label="Potted on"
        hint="A day, a month, a year, or unknown"
        placeholder={plant.potting.pottedOn}
        fault={faultOf(problem, 'pottedOn')}
        bind:value={asked.pottedOn}
      />
      <ChoiceField
        label="Kept"
        unchosen="as it is"
        choices={choices.moistures.map((each) => ({ value: each.moisture, words: each.words }))}
        bind:value={asked.moisture}
      />
    </div>
    {#if asked.mix.length}
      <MixEditor
        bind:mix={asked.mix}
        components={choices.components}
        fault={faultOf(problem, 'mix')}
      />
      <button type="button" class="link" onclick={() => (asked.mix = [])}>The mix as it is</button>
    {:else}
      <button type="button" class="link" onclick={() => (asked.mix = typedMix(plant.potting.mix))}
        >Another mix than {plant.potting.mixWords}</button
      >
    {/if}
  </details>

  <details>
    <summary>Its kind</summary>
    <TraitFields
      bind:traits={asked.traits}
      asked={traits}
      within="deviation"
      otherwise={plant.traits}
      {problem}
    />
  </details>

  <details>
    <summary>The figures this slip rests on</summary>
    <div class="three">
      {#each figures as figure (figure.key)}
        <TextField
          label={figure.key}
          hint="{measuredOut(figure.own ?? figure.standard, figure.unit)} {unitOf(
            figure.unit,
          )}: {figure.reason}"
          inputmode="decimal"
          placeholder={measuredOut(figure.own ?? figure.standard, figure.unit)}
          fault={faultOf(problem, figure.key)}
          bind:value={
            () => asked.figures[figure.key] ?? '', (typed) => (asked.figures[figure.key] = typed)
          }
        />
      {/each}
    </div>
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
  .changes {
    min-height: 66px;
    margin: 10px 0 14px;
    padding: 10px 14px;
    border: 1px dashed var(--color-plum);
    border-radius: 10px;
    background: var(--color-slip);
  }
  .changes ul {
    list-style: disc;
    padding-left: 18px;
  }
  .three {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
    gap: 14px;
    align-items: start;
  }
  .pot {
    margin-bottom: 14px;
  }
  details {
    border-top: 1px solid var(--color-rule);
    padding-bottom: 8px;
  }
  details:first-of-type {
    margin-top: 14px;
  }
  summary {
    min-height: 44px;
    display: flex;
    align-items: center;
    font: 520 18px var(--font-serif);
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
</style>
