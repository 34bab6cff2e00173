import type { Schemas } from '$lib/interface/schemas';
import { times } from '$lib/words/numbers';
import { volumeIn, volumeOut, volumeSaid } from '$lib/words/units.svelte';

export type StockLine = Schemas['StockLine'];

export const sortOf = (line: StockLine): 'pots' | 'loose' | 'things' =>
  line.pot ? 'pots' : line.component ? 'loose' : 'things';

/** How much there is, as it is read. */
export function amountSaid(line: StockLine): string {
  return line.component ? volumeSaid(line.amount) : String(line.amount);
}

/** How much there is, as it is typed: pots by number, components in litres or quarts. */
export function amountOut(line: StockLine): string {
  return line.component ? volumeOut(Math.round(line.amount), 'large') : String(line.amount);
}

export function amountIn(line: StockLine, typed: string): number {
  return line.component && typed.trim() !== '' ? volumeIn(typed, 'large') : times(typed, 1);
}
