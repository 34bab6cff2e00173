import type { Schemas } from '$lib/interface/schemas';
import { times } from '$lib/words/numbers';
import { volumeSaid } from '$lib/words/units.svelte';

export type StockLine = Schemas['StockLine'];

const ML_A_LITRE = 1000;

export const sortOf = (line: StockLine): 'pots' | 'loose' | 'things' =>
  line.pot ? 'pots' : line.component ? 'loose' : 'things';

/** How much there is, as it is read. */
export function amountSaid(line: StockLine): string {
  return line.component ? volumeSaid(line.amount) : String(line.amount);
}

/** How much there is, as it is typed: pots by number, components in litres. */
export function amountOut(line: StockLine): string {
  return String(line.component ? Math.round(line.amount) / ML_A_LITRE : line.amount);
}

export function amountIn(line: StockLine, typed: string): number {
  return times(typed, line.component ? ML_A_LITRE : 1);
}
