import type { Schemas } from '$lib/interface/schemas';
import { entriesOf, retypedLooks, untouched, type TypedLook } from '$lib/looks/looks';
import { sentMix, type TypedPart } from '$lib/forms/mix';
import { ofAPlant, retypedTraits, sentTraits, type TypedTraits } from '$lib/kinds/traits';
import { measuredIn, units as written, type Written } from '$lib/words/units.svelte';

type Choices = Pick<Schemas['Choices'], 'looks' | 'traits'>;

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
  /** How a move would be done: how far the ball is opened, and what helps it out. */
  opened: string;
  soaked: boolean;
  potCut: boolean;
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
    looks: Object.fromEntries(spots.map((spot) => [spot, untouched()])),
    traits: {},
    opened: '',
    soaked: false,
    potCut: false,
    figures: {},
  };
}

/** What was supposed in other units. */
export function retypedSupposed(supposed: Supposed, choices: Choices, from: Written): Supposed {
  return {
    ...supposed,
    traits: retypedTraits(supposed.traits, ofAPlant(choices), from),
    // The figures of rules are in units of their own, which are not known here.
    figures:
      from.length === written.length && from.warmth === written.warmth ? supposed.figures : {},
    looks: retypedLooks(supposed.looks, choices.looks, from),
  };
}

/** The question as it is sent. */
export function question(
  supposed: Supposed,
  choices: Choices,
  rules: Schemas['RuleLine'][] = [],
): Schemas['WhatIf'] {
  const ruleUnits = new Map(rules.map((figure) => [figure.key, figure.unit]));
  const traits = sentTraits(supposed.traits, ofAPlant(choices));
  const deviates = Object.values(traits).some((trait) => trait !== null);
  const handled = supposed.opened || supposed.soaked || supposed.potCut;
  const figures = Object.entries(supposed.figures)
    .filter(([, typed]) => typed.trim() !== '')
    .map(([key, typed]) => [key, measuredIn(typed, ruleUnits.get(key))]);
  return {
    on: supposed.on || null,
    approach: (supposed.approach || null) as Schemas['WhatIf']['approach'],
    aim: (supposed.aim || null) as Schemas['WhatIf']['aim'],
    pottedOn: supposed.pottedOn.trim() || null,
    moisture: (supposed.moisture || null) as Schemas['WhatIf']['moisture'],
    mix: supposed.mix.length ? sentMix(supposed.mix) : null,
    // A look that is to be forgotten is sent as null, which the description cannot say of a map.
    looks: entriesOf(supposed.looks, choices.looks) as Schemas['WhatIf']['looks'],
    deviation: deviates ? traits : null,
    handling: handled
      ? {
          opened: (supposed.opened || null) as Schemas['HandlingEntry']['opened'],
          soaked: supposed.soaked,
          potCut: supposed.potCut,
        }
      : null,
    figures: Object.fromEntries(figures),
  };
}
