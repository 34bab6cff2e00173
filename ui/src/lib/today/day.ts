import type { Schemas } from '$lib/interface/schemas';
import { count } from '$lib/words/counts';
import { daysBetween, long, plusDays } from '$lib/words/dates';
import { timeSaid } from '$lib/words/minutes';

const NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'];
const WEEK = 7;

export interface Day {
  today: string;
  /** How many cannot wait. */
  urgent: number;
  round?: Schemas['RoundAhead'];
  bench?: Schemas['DayPlanned'];
}

/** The day in one line. */
export function headline({ today, urgent, round, bench }: Day): string {
  const parts = [];
  if (urgent) parts.push(`${NUMBERS[urgent] ?? urgent} cannot wait`);
  if (round?.day === today) parts.push(`one round, ${timeSaid(round.minutes)}`);
  if (bench?.jobs.length) {
    const days = daysBetween(today, bench.on);
    if (days === 0) parts.push(`bench day, ${timeSaid(bench.taken)}`);
    else if (days <= WEEK) parts.push(`bench day on ${long(bench.on).split(' ')[0]}`);
  }
  const said = parts.join('; ');
  return said ? said.charAt(0).toUpperCase() + said.slice(1) : 'Nothing asks for you today';
}

export interface Turn {
  plant: Schemas['PlantLine'];
  turns: 'opens' | 'closes';
  on: string;
}

/** The windows that open or close within a week, in the order of their days. */
export function windows(plants: Schemas['PlantLine'][], today: string): Turn[] {
  const end = plusDays(today, WEEK);
  const soon = (day: string | null | undefined): day is string =>
    Boolean(day && day >= today && day <= end);
  return plants
    .flatMap((plant): Turn[] => {
      const { kind, from, to } = plant.when;
      if (kind === 'WAIT_FOR')
        return soon(from) && from > today ? [{ plant, turns: 'opens', on: from }] : [];
      const closes = (kind === 'BY' || kind === 'BETWEEN') && soon(to);
      return closes ? [{ plant, turns: 'closes', on: to }] : [];
    })
    .sort((a, b) => a.on.localeCompare(b.on));
}

/** Small jobs of one kind, with how many plants want them; the most wanted first. */
export function byTheWay(jobs: Schemas['SmallJobLine'][]): { words: string; plants: string }[] {
  const kinds = new Map<string, { words: string; names: string[] }>();
  for (const job of jobs) {
    const words = job.words.map(({ text }) => text).join('');
    const key = job.fix ?? words;
    const known = kinds.get(key);
    if (known) known.names.push(job.name);
    else kinds.set(key, { words, names: [job.name] });
  }
  return [...kinds.values()]
    .sort((a, b) => b.names.length - a.names.length)
    .map(({ words, names }) => ({
      words,
      plants: names.length === 1 ? names[0]! : count(names.length, 'plant'),
    }));
}
