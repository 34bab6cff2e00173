import type { Schemas } from '$lib/api/client';
import { looked, type TypedLook } from '$lib/forms/LookRow.svelte';
import { sent, type TypedPart } from '$lib/forms/MixEditor.svelte';
import { measuredIn, retyped, units as written, type Written } from '$lib/words/units.svelte';
import { retypedTraits, sentTraits, typedTraits, type TypedTraits } from '$lib/kinds/traits';

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

/** What was supposed in other units. */
export function retypedSupposed(
  supposed: Supposed,
  choices: Schemas['LookChoice'][],
  from: Written,
): Supposed {
  const units = new Map(choices.map((choice) => [choice.item, choice.measure?.unit]));
  return {
    ...supposed,
    traits: retypedTraits(supposed.traits, from),
    // The figures of rules are in units of their own, which are not known here.
    figures:
      from.length === written.length && from.warmth === written.warmth ? supposed.figures : {},
    looks: Object.fromEntries(
      Object.entries(supposed.looks).map(([spot, look]) => [
        spot,
        { ...look, measured: retyped(look.measured, units.get(spot), from) },
      ]),
    ),
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
