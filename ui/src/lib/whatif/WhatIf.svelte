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
  import TraitFields from '$lib/kinds/TraitFields.svelte';
  import { ofAPlant, traitPaths } from '$lib/kinds/traits';
  import WhatIfHead from './WhatIfHead.svelte';
  import Changes from './Changes.svelte';
  import OtherFigures from './OtherFigures.svelte';
  import OtherLooks from './OtherLooks.svelte';
  import OtherMove from './OtherMove.svelte';
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

<section class="sheet whatif" aria-labelledby="whatif">
  <WhatIfHead same={body === nothing} {startOver} {close} />
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

  <OtherLooks {choices} {last} {problem} bind:looks={asked.looks} />

  <OtherMove bind:asked />

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
  .whatif :global(.fold) {
    border-top: 1px solid var(--color-rule);
    padding-bottom: 8px;
  }
  .whatif :global(.fold:first-of-type) {
    margin-top: 14px;
  }
</style>
