import type { Schemas } from '$lib/interface/schemas';
import { measuredBack, measuredOut, retyped, type Written } from '$lib/words/units.svelte';

/** What has been tapped for one thing to look at; without answer or measure: not looked at. */
export interface TypedLook {
  answers: string[];
  measured: string;
  /** To be taken as not looked at, whatever is known; only where that is asked. */
  forgotten?: boolean;
}

type Choice = Pick<Schemas['LookChoice'], 'item' | 'measure'>;

export function untouched(): TypedLook {
  return { answers: [], measured: '' };
}

/** What was seen, as it is typed over. */
export function typedLook(
  known: Schemas['LookEntry'] | null | undefined,
  unit: string | undefined,
): TypedLook {
  return known
    ? {
        answers: known.answers,
        measured: known.measured == null ? '' : measuredOut(known.measured, unit),
      }
    : untouched();
}

export function looked(look: TypedLook): boolean {
  return look.answers.length > 0 || look.measured.trim() !== '' || Boolean(look.forgotten);
}

/** The thing that a spot is of; growths of their own leads are named after a slash. */
function itemOf(spot: string): string {
  return spot.split('/')[0]!;
}

function unitsOf(choices: Choice[]): (spot: string) => string | undefined {
  const units = new Map(choices.map((choice) => [choice.item, choice.measure?.unit]));
  return (spot) => units.get(itemOf(spot));
}

/**
 * Looks as they are sent, by their spots: what was touched alone; nothing for a forgotten one.
 *
 * @param known what was measured before anybody typed; left alone, it goes back as it was
 */
export function entriesOf(
  looks: Record<string, TypedLook>,
  choices: Choice[],
  known: (spot: string) => number | null | undefined = () => undefined,
): Record<string, Schemas['LookEntry'] | null> {
  const unit = unitsOf(choices);
  return Object.fromEntries(
    Object.entries(looks)
      .filter(([, look]) => looked(look))
      .map(([spot, look]) => [
        spot,
        look.forgotten
          ? null
          : {
              answers: look.answers,
              measured:
                look.measured.trim() === ''
                  ? null
                  : measuredBack(look.measured, unit(spot), known(spot)),
            },
      ]),
  );
}

/** Looks that were typed in other units. */
export function retypedLooks(
  looks: Record<string, TypedLook>,
  choices: Choice[],
  from: Written,
): Record<string, TypedLook> {
  const unit = unitsOf(choices);
  return Object.fromEntries(
    Object.entries(looks).map(([spot, look]) => [
      spot,
      { ...look, measured: retyped(look.measured, unit(spot), from) },
    ]),
  );
}
