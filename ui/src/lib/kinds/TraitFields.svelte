<script lang="ts">
  import type { Problem, Schemas } from '$lib/api/client';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import { lengthUnit, warmthUnit } from '$lib/words/units.svelte';
  import { typedTraits, type TypedTraits } from './traits';

  interface Props {
    traits: TypedTraits;
    choices: Schemas['Choices'];
    /** What holds where an entry is left empty; none if nothing may be left empty. */
    otherwise?: Schemas['DeviationEntry'];
    problem?: Problem;
  }
  let { traits = $bindable(), choices, otherwise, problem }: Props = $props();

  const rules = $derived(
    choices.readyRules.map((each) => ({ value: each.rule, words: each.words })),
  );
  const moistures = $derived(
    choices.moistures.map((each) => ({ value: each.moisture, words: each.words })),
  );
  const BRANCHING = [
    { value: 'YES', words: 'yes' },
    { value: 'SOME', words: 'some' },
    { value: 'NO', words: 'no' },
  ];
  const SEEN = [
    { value: 'false', words: 'can be seen' },
    { value: 'true', words: 'hidden' },
  ];
  const words = $derived(
    (all: { value: string; words: string }[], value: string | null | undefined) =>
      otherwise && `as its kind: ${all.find((each) => each.value === value)?.words ?? '–'}`,
  );
  const NUMBERS = $derived([
    { key: 'rootSpeed', label: 'New roots grow', unit: `${lengthUnit()} a week` },
    { key: 'rhizomeStepMm', label: 'From growth to growth', unit: lengthUnit() },
    { key: 'growthsAYear', label: 'Growths a year', unit: 'on one lead' },
    { key: 'leastGrowths', label: 'A division needs', unit: 'growths' },
    { key: 'nightLeast', label: 'Nights not under', unit: warmthUnit() },
    { key: 'dayMost', label: 'Days not over', unit: warmthUnit() },
  ] as const);
  const held = $derived(otherwise && typedTraits(otherwise));
</script>

<div class="traits">
  <ChoiceField
    label="Takes a move"
    choices={rules}
    unchosen={words(rules, otherwise?.readyRule)}
    hint={choices.readyRules.find(
      (each) => each.rule === (traits.readyRule || otherwise?.readyRule),
    )?.reason}
    fault={faultOf(problem, 'readyRule')}
    bind:value={traits.readyRule}
  />
  <ChoiceField
    label="Broken roots branch"
    choices={BRANCHING}
    unchosen={words(BRANCHING, otherwise?.branching)}
    bind:value={traits.branching}
  />
  <ChoiceField
    label="Kept"
    choices={moistures}
    unchosen={words(moistures, otherwise?.moisture)}
    bind:value={traits.moisture}
  />
  <ChoiceField
    label="Roots in the pot"
    choices={SEEN}
    unchosen={words(SEEN, otherwise && String(otherwise.rootsHidden))}
    bind:value={traits.rootsHidden}
  />
  {#each NUMBERS as each (each.key)}
    <TextField
      label={each.label}
      hint={each.unit}
      inputmode="decimal"
      placeholder={held?.[each.key]}
      fault={faultOf(problem, each.key)}
      bind:value={traits[each.key]}
    />
  {/each}
</div>

<style>
  .traits {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
    gap: 14px;
    align-items: start;
  }
</style>
