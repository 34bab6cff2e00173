import type { Schemas } from '$lib/api/client';
import { looked, type TypedLook } from '$lib/forms/LookRow.svelte';
import { sent, type TypedPart } from '$lib/forms/MixEditor.svelte';
import { measuredIn } from '$lib/words/units.svelte';
import { sentTraits, typedTraits, type TypedTraits } from '$lib/kinds/traits';

/** What is supposed to be otherwise, while it is typed. */
export interface Supposed {
  on: string;
  approach: string;
  aim: string;
  pottedOn: string;
  moisture: string;
  mix: TypedPart[];
  looks: Record<string, TypedLook>;
  traits: TypedTraits;
  figures: Record<string, string>;
}

/** Everything as it is. */
export function asItIs(spots: string[]): Supposed {
  return {
    on: '',
    approach: '',
    aim: '',
    pottedOn: '',
    moisture: '',
    mix: [],
    looks: Object.fromEntries(spots.map((spot) => [spot, { answers: [], measured: '' }])),
    traits: typedTraits({}),
    figures: {},
  };
}

/** The question as it is sent. */
export function question(
  supposed: Supposed,
  choices: Schemas['LookChoice'][],
  rules: Schemas['RuleLine'][] = [],
): Schemas['WhatIf'] {
  const units = new Map(choices.map((choice) => [choice.item, choice.measure?.unit]));
  const ruleUnits = new Map(rules.map((figure) => [figure.key, figure.unit]));
  const looks = Object.entries(supposed.looks)
    .filter(([, look]) => looked(look))
    .map(([spot, look]) => [
      spot,
      look.forgotten
        ? null
        : {
            answers: look.answers,
            measured:
              look.measured.trim() === '' ? null : measuredIn(look.measured, units.get(spot)),
          },
    ]);
  const traits = sentTraits(supposed.traits);
  const deviates = Object.values(traits).some((trait) => trait !== null);
  const figures = Object.entries(supposed.figures)
    .filter(([, typed]) => typed.trim() !== '')
    .map(([key, typed]) => [key, measuredIn(typed, ruleUnits.get(key))]);
  return {
    on: supposed.on || null,
    approach: (supposed.approach || null) as Schemas['WhatIf']['approach'],
    aim: (supposed.aim || null) as Schemas['WhatIf']['aim'],
    pottedOn: supposed.pottedOn.trim() || null,
    moisture: (supposed.moisture || null) as Schemas['WhatIf']['moisture'],
    mix: supposed.mix.length ? sent(supposed.mix) : null,
    looks: Object.fromEntries(looks),
    deviation: deviates ? traits : null,
    figures: Object.fromEntries(figures),
  };
}
