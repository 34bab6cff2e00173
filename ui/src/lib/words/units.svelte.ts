import type { Schemas } from '$lib/interface/schemas';
import { number } from './numbers';

const MM = { MM: 1, CM: 10, INCH: 25.4 } as const;
const NAMES = { MM: 'mm', CM: 'cm', INCH: 'in' } as const;
const DECIMALS = { MM: 1, CM: 2, INCH: 2 } as const;

/** The small and the large measure of each, in ml. */
const VOLUMES = {
  LITRE: [
    { ml: 1, name: 'ml', words: 'ml' },
    { ml: 1000, name: 'l', words: 'litres' },
  ],
  US: [
    { ml: 29.5735, name: 'fl oz', words: 'fl oz' },
    { ml: 946.353, name: 'qt', words: 'quarts' },
  ],
} as const;

/** In what lengths, temperatures, volumes and days are written; inside the program it is mm, °C and ISO. */
class Units {
  length = $state<Schemas['UnitsChosen']['length']>('MM');
  warmth = $state<Schemas['UnitsChosen']['warmth']>('C');
  volume = $state<Schemas['UnitsChosen']['volume']>('LITRE');
  days = $state<Schemas['UnitsChosen']['days']>('WORDS');

  /** As they are chosen now. */
  get chosen(): Schemas['UnitsChosen'] {
    return { length: this.length, warmth: this.warmth, volume: this.volume, days: this.days };
  }

  take(chosen: Schemas['UnitsChosen']): void {
    this.length = chosen.length;
    this.warmth = chosen.warmth;
    this.volume = chosen.volume;
    this.days = chosen.days;
  }
}

export const units = new Units();

/** The units that typed numbers are in. */
export type Written = Pick<Units, 'length' | 'warmth'>;

function trimmed(value: number, decimals: number): string {
  return String(Number(value.toFixed(decimals)));
}

/** "mm", "cm" or "in". */
export function lengthUnit(): string {
  return NAMES[units.length];
}

/** "°C" or "°F". */
export function warmthUnit(): string {
  return units.warmth === 'F' ? '°F' : '°C';
}

/** The unit that stands behind an entry: lengths and warmth as chosen, all else as it is. */
export function unitOf(unit: string): string {
  return unit === '°C' ? warmthUnit() : unit.replace(/^mm\b/, lengthUnit());
}

/** A length as a number in the chosen unit. */
export function lengthOut(mm: number): string {
  return trimmed(mm / MM[units.length], DECIMALS[units.length]);
}

/** A length with its unit. */
export function lengthSaid(mm: number): string {
  return `${lengthOut(mm)} ${lengthUnit()}`;
}

/** A typed length in mm, to a hundredth; what is no number is sent as it was typed. */
export function lengthIn(typed: string, length = units.length): number {
  const value = number(typed);
  return typeof value === 'number' ? Number((value * MM[length]).toFixed(2)) : value;
}

/** A temperature as a number in the chosen unit. */
export function warmthOut(celsius: number): string {
  return trimmed(units.warmth === 'F' ? celsius * 1.8 + 32 : celsius, 1);
}

/** A typed temperature in °C; what is no number is sent as it was typed. */
export function warmthIn(typed: string, warmth = units.warmth): number {
  const value = number(typed);
  if (typeof value !== 'number') return value;
  return warmth === 'F' ? Number(((value - 32) / 1.8).toFixed(2)) : value;
}

/** A volume with its unit, as closely as a jug or a cup measures. */
export function volumeSaid(ml: number): string {
  const [small, large] = VOLUMES[units.volume];
  return ml < large.ml
    ? `${Math.round(ml / small.ml)} ${small.name}`
    : `${trimmed(ml / large.ml, 1)} ${large.name}`;
}

/** Water for feeding: by the litre or by the gallon. */
export const WATER = {
  LITRE: { litres: 1, one: 'a litre', several: 'litres' },
  US: { litres: 3.785412, one: 'a gallon', several: 'gallons' },
} as const;

/** In what volumes are typed: the small one or the large one. */
export function volumeUnit(which: 'small' | 'large'): string {
  return VOLUMES[units.volume][which === 'small' ? 0 : 1].words;
}

/** Words at the beginning of an entry's name. */
export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** A volume as a number in the chosen unit, as closely as it is kept. */
export function volumeOut(ml: number, which: 'small' | 'large'): string {
  return trimmed(ml / VOLUMES[units.volume][which === 'small' ? 0 : 1].ml, 3);
}

/** A typed volume in ml, to a hundredth; what is no number is sent as it was typed. */
export function volumeIn(typed: string, which: 'small' | 'large'): number {
  const value = number(typed);
  const { ml } = VOLUMES[units.volume][which === 'small' ? 0 : 1];
  return typeof value === 'number' ? Number((value * ml).toFixed(2)) : value;
}

function isLength(unit: string | undefined): boolean {
  return unit === 'mm' || unit === 'mm a week';
}

/**
 * What stands in an entry, in the unit of the program: what was known where nobody has touched it,
 * since a number that is shown rounded would come back as another one.
 */
export function measuredBack(
  typed: string,
  unit: string | undefined,
  known: number | null | undefined,
): number {
  return known != null && typed.trim() === measuredOut(known, unit)
    ? known
    : measuredIn(typed, unit);
}

/** What was typed in other units, as it is typed in those that hold now. */
export function retyped(typed: string, unit: string | undefined, from: Written): string {
  if (typed.trim() === '' || (from.length === units.length && from.warmth === units.warmth))
    return typed;
  const value = measuredIn(typed, unit, from);
  return typeof value === 'number' ? measuredOut(value, unit) : typed;
}

/** A typed number in the unit of the program that it stands for. */
export function measuredIn(typed: string, unit: string | undefined, from: Written = units): number {
  if (isLength(unit)) return lengthIn(typed, from.length);
  return unit === '°C' ? warmthIn(typed, from.warmth) : number(typed);
}

/** A number of the program as it is shown beside its unit. */
export function measuredOut(value: number, unit: string | undefined): string {
  if (isLength(unit)) return lengthOut(value);
  return unit === '°C' ? warmthOut(value) : String(value);
}
