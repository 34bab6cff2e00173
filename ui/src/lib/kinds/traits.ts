import type { Schemas } from '$lib/interface/schemas';
import { measuredBack, measuredOut, retyped, type Written } from '$lib/words/units.svelte';

type Trait = Schemas['TraitChoice'];
type Told = Partial<Record<string, string | number | boolean | null>>;

/** Traits while they are typed, by their keys; what is missing or empty is as in the kind. */
export type TypedTraits = Record<string, string>;

function isNumber(trait: Trait): boolean {
  return trait.unit != null;
}

/** One trait as it stands in its entry. */
export function typedTrait(trait: Trait, value: Told[string]): string {
  if (value == null) return '';
  return typeof value === 'number' ? measuredOut(value, trait.unit ?? undefined) : String(value);
}

export function typedTraits(told: Schemas['Traits'], traits: Trait[]): TypedTraits {
  return Object.fromEntries(
    traits.map((trait) => [trait.trait, typedTrait(trait, (told as Told)[trait.trait])]),
  );
}

/** Traits that were typed in other units. */
export function retypedTraits(typed: TypedTraits, traits: Trait[], from: Written): TypedTraits {
  return Object.fromEntries(
    traits.map((trait) => [
      trait.trait,
      retyped(typed[trait.trait] ?? '', trait.unit ?? undefined, from),
    ]),
  );
}

/**
 * Traits as they are sent.
 *
 * @param known what was typed over; what was left alone goes back as it was
 */
export function sentTraits(
  typed: TypedTraits,
  traits: Trait[],
  known: Schemas['Traits'] = {},
): Schemas['Traits'] {
  const sent: Told = {};
  for (const trait of traits) {
    const text = (typed[trait.trait] ?? '').trim();
    const was = (known as Told)[trait.trait];
    if (isNumber(trait))
      sent[trait.trait] =
        text === '' ? null : measuredBack(text, trait.unit ?? undefined, was as number | null);
    else if (text === 'true' || text === 'false') sent[trait.trait] = text === 'true';
    else sent[trait.trait] = text === '' && trait.answers.length ? null : text;
  }
  return sent as Schemas['Traits'];
}

/** The names of the entries, as faults name them. */
export function traitPaths(within: string, traits: Trait[]): string[] {
  return traits.map((trait) => `${within}.${trait.trait}`);
}

/** The traits that a single plant can have of its own. */
export function ofAPlant(choices: Pick<Schemas['Choices'], 'traits'>): Trait[] {
  return choices.traits.filter((trait) => trait.ofAPlant);
}
