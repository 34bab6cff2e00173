import { Problem } from '$lib/api/client';
import type { Schemas } from '$lib/interface/schemas';
import { retypedTraits, sentTraits, typedTraits, type TypedTraits } from '$lib/kinds/traits';
import type { Written } from '$lib/words/units.svelte';

type Card = Schemas['CardEntry'];
type Trait = Schemas['TraitChoice'];

/** A card while it is typed. */
export interface TypedCard {
  card: Card;
  kind: string;
  place: string;
  aim: string;
  approach: string;
  arrivedOn: string;
  rootless: boolean;
  traits: TypedTraits;
  /** The number of the plant it was divided from. */
  mothers: string;
  apart: string;
  held: string;
}

/** The card of a plant as it stands. */
export function typedCard(plant: Schemas['PlantPage'], traits: Trait[]): TypedCard {
  const { mother, daughters, asideOn, statusWords, ...own } = plant.card;
  void [daughters, asideOn, statusWords];
  return {
    card: { ...own, flowers: plant.flowers, motherId: mother?.id ?? null },
    mothers: mother ? mother.number : '',
    apart: own.apartSince ?? '',
    held: own.heldSince ?? '',
    kind: plant.kind,
    place: String(plant.place.id),
    aim: plant.aim,
    approach: plant.approach ?? '',
    arrivedOn: plant.arrivedOn ?? '',
    rootless: plant.cameRootless,
    traits: typedTraits(plant.deviation, traits),
  };
}

/** A card that was typed in other units. */
export function retypedCard(old: TypedCard, traits: Trait[], from: Written): TypedCard {
  return { ...old, traits: retypedTraits(old.traits, traits, from) };
}

/** Plants as they can be the mother of another. */
type Numbered = { id: number; number: string };

/** The plant of the typed number; a number that is none is refused by its field. */
function motherId(wanted: string, all: Numbered[]): number | null {
  if (!wanted) return null;
  const found = all.find((each) => each.number === wanted);
  if (!found)
    throw new Problem('', [
      { field: 'card.motherId', sentence: `There is no plant with the number ${wanted}.` },
    ]);
  return found.id;
}

/**
 * A card as it is sent.
 *
 * @param was the plant as it was when its card was opened
 * @param all every plant that is or was there
 * @throws Problem naming the mother, if there is no plant of that number
 */
export function sentCard(
  typed: TypedCard,
  was: Pick<Schemas['PlantPage'], 'version' | 'deviation'>,
  traits: Trait[],
  all: Numbered[],
): Schemas['PlantEntry'] {
  return {
    version: was.version,
    card: {
      ...typed.card,
      motherId: motherId(typed.mothers.trim(), all),
      apartSince: typed.apart || null,
      heldSince: typed.held || null,
    },
    kind: typed.kind,
    placeId: Number(typed.place),
    aim: typed.aim as Schemas['PlantEntry']['aim'],
    approach: (typed.approach || null) as Schemas['PlantEntry']['approach'],
    arrivedOn: typed.arrivedOn || null,
    cameRootless: typed.rootless,
    deviation: sentTraits(typed.traits, traits, was.deviation),
  };
}

const ON_THE_CARD = [
  'number',
  'label',
  'believed',
  'confirmed',
  'flowers',
  'parents',
  'statusReason',
  'notes',
  'cameFrom',
  'price',
  'motherId',
  'apartSince',
  'heldSince',
];

/** The entries of a card, as faults name them. */
export const CARD_PATHS = [
  ...ON_THE_CARD.map((field) => `card.${field}`),
  'number',
  'kind',
  'placeId',
  'arrivedOn',
];
