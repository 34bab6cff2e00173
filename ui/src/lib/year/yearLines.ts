import type { Schemas } from '$lib/interface/schemas';
import { short } from '$lib/words/dates';
import { dayNumber } from './days';

type Line = Schemas['YearLine'];
type Past = Schemas['YearPast'];

/** Days that lie together, counted from 1970. */
export interface Span {
  from: number;
  until: number;
}

/** A plant's year as it is drawn. */
export interface DrawnLine {
  id: number;
  name: string;
  place: string;
  walk: number;
  opens: number;
  says: string;
  phases: (Span & { kind: Schemas['YearPhase']['kind'] })[];
  meant?: Span & { likely: number; waits: boolean };
  nextMove?: number;
  due?: number;
  spent?: number;
  looks: number[];
  bench?: number;
  treated?: Span;
}

/** What was seen of it in its past, as it is drawn. */
export interface DrawnPast {
  flowers: Span[];
  rests: Span[];
  treated: Span[];
  nubs: number[];
  potted: number[];
  looks: number[];
}

export const NOTHING_PAST: DrawnPast = {
  flowers: [],
  rests: [],
  treated: [],
  nubs: [],
  potted: [],
  looks: [],
};

const span = ({ from, until }: Schemas['YearSpan']): Span => ({
  from: dayNumber(from),
  until: dayNumber(until) + 1,
});

const maybe = (day: string | null | undefined) => (day ? dayNumber(day) : undefined);

/** In a sentence, for those who do not see it drawn. */
export function said(line: Line, today: string): string {
  const parts = [
    line.opens &&
      (line.opens === today ? 'takes a move now' : `takes a move from ${short(line.opens, today)}`),
    line.nextMove && `next move about ${short(line.nextMove, today)}`,
    line.due && (line.due === today ? 'medium due' : `medium due from ${short(line.due, today)}`),
    line.looks[0] && `next look ${short(line.looks[0].best, today)}`,
    line.bench && `bench day ${short(line.bench, today)}`,
    line.treated && `under treatment until ${short(line.treated.until, today)} at the least`,
  ].filter(Boolean);
  return `${line.name}: ${parts.join('; ') || 'nothing ahead'}`;
}

export function drawn(line: Line, today: string): DrawnLine {
  return {
    id: line.plantId,
    name: line.name,
    place: line.placeName,
    walk: line.walk,
    opens: maybe(line.opens) ?? Infinity,
    says: said(line, today),
    phases: line.phases.map((phase) => ({ kind: phase.kind, ...span(phase) })),
    meant: line.meant
      ? {
          ...span(line.meant),
          likely: dayNumber(line.meant.likely),
          waits: line.meant.waits,
        }
      : undefined,
    nextMove: maybe(line.nextMove),
    due: maybe(line.due),
    spent: maybe(line.spent),
    looks: line.looks.map(({ best }) => dayNumber(best)),
    bench: maybe(line.bench),
    treated: line.treated ? span(line.treated) : undefined,
  };
}

export const drawnPast = (past: Past): DrawnPast => ({
  flowers: past.flowers.map(span),
  rests: past.rests.map(span),
  treated: past.treated.map(span),
  nubs: past.nubs.map(dayNumber),
  potted: past.potted.map(dayNumber),
  looks: past.looks.map(dayNumber),
});

/** Those called so, in the order wanted. */
export function ordered(lines: DrawnLine[], by: 'opens' | 'place', search: string): DrawnLine[] {
  const wanted = search.trim().toLowerCase();
  const found = wanted
    ? lines.filter(({ name, place }) => `${name} ${place}`.toLowerCase().includes(wanted))
    : lines;
  return by === 'place'
    ? found
    : [...found].sort((a, b) => (a.opens === b.opens ? a.walk - b.walk : a.opens - b.opens));
}

/** The nubs of the year before a day, the last of them. */
export function nubsLastYear(past: DrawnPast, today: number): number | undefined {
  return past.nubs.filter((day) => day <= today - 180 && day > today - 550).at(-1);
}
