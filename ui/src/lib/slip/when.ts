import type { Schemas } from '$lib/interface/schemas';
import { short } from '$lib/words/dates';

/** The day of a verdict, behind its name; nothing where none is meant. */
export function day(slip: Schemas['Slip']): string {
  const on = (date: string | null | undefined) => (date ? short(date, slip.judgedOn) : '');
  switch (slip.when.kind) {
    case 'NOW':
      return 'today';
    case 'BY':
      return slip.when.to && slip.when.to < slip.judgedOn
        ? `late since ${on(slip.when.to)}`
        : `by ${on(slip.when.to)}`;
    case 'BETWEEN':
      return `until ${on(slip.when.to)}`;
    case 'WAIT_FOR':
      return slip.when.likely && slip.when.likely > slip.judgedOn
        ? `until about ${on(slip.when.likely)}`
        : '';
    default:
      return '';
  }
}
