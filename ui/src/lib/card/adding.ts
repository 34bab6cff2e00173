import type { Schemas } from '$lib/interface/schemas';
import { sentMix, typedMix, type TypedPart } from '$lib/forms/mix';
import { NO_POT, sentPot, type TypedPot } from '$lib/forms/pot';

/** Where nothing is said of the mix, nobody knows it. */
const NOBODY_KNOWS: Schemas['MixPart'][] = [{ component: 'UNKNOWN', parts: 1 }];

/** Chosen where the plant stands in a place that is not there yet. */
export const NEW_PLACE = 'new';

/** A plant that is about to come, while it is typed. */
export interface TypedPlant {
  label: string;
  kind: string;
  place: string;
  placeName: string;
  placeLit: boolean;
  pottedOn: string;
  /** Empty while nothing was chosen; unknown is a choice too. */
  mix: TypedPart[];
  moisture: Schemas['MoistureChoice']['moisture'];
  pot: TypedPot;
  arrivedOn: string;
  cameRootless: boolean;
  cameFrom: string;
  price: string;
  apart: boolean;
  held: boolean;
}

/** An empty sheet; a division begins as its mother stands. */
export function newPlant(mother: Schemas['PlantPage'] | undefined): TypedPlant {
  return {
    label: mother?.card.label ?? '',
    kind: mother?.kind ?? '',
    place: mother ? String(mother.place.id) : '',
    placeName: '',
    placeLit: false,
    pottedOn: mother?.today ?? '',
    mix: mother ? typedMix(mother.potting.mix) : [],
    moisture: mother?.potting.moisture ?? 'DRIES_BETWEEN',
    pot: { ...NO_POT },
    arrivedOn: '',
    cameRootless: false,
    cameFrom: '',
    price: '',
    apart: false,
    held: false,
  };
}

/**
 * The plant as it is sent.
 *
 * @param chosen the place's id, a new one, or nothing yet
 */
export function sentPlant(
  typed: TypedPlant,
  chosen: string,
  mother: Pick<Schemas['PlantPage'], 'id'> | undefined,
): Schemas['NewPlant'] {
  const { place, placeName, placeLit, mix, pot, arrivedOn, ...rest } = typed;
  void place;
  return {
    ...rest,
    placeId: chosen && chosen !== NEW_PLACE ? Number(chosen) : null,
    newPlace: chosen === NEW_PLACE ? { name: placeName, lamps: placeLit } : null,
    mix: mix.length ? sentMix(mix) : NOBODY_KNOWS,
    pot: sentPot(pot),
    arrivedOn: arrivedOn || null,
    motherId: mother?.id ?? null,
  };
}
