import type { Schemas } from '$lib/interface/schemas';
import { typedLook, type TypedLook } from '$lib/looks/looks';

type Choices = Pick<Schemas['Choices'], 'looks' | 'leads' | 'firstLook'>;
type Look = Schemas['LookChoice'];
type Lead = Schemas['Choices']['leads'][number];
type Line = Pick<Schemas['Line'], 'on' | 'note' | 'looks'>;

/** A sheet of looks while it is filled in. */
export interface Sheet {
  on: string;
  note: string;
  looks: Record<string, TypedLook>;
  /** How many leads are looked at, each with roots of its own. */
  leads: number;
}

/** What was measured elsewhere and comes along in the address, as in {@code newRoots:34}. */
export function measuredBefore(text: string | null): { item: string; mm: number } | undefined {
  const [item, mm] = (text ?? '').split(':');
  return item && mm ? { item, mm: Number(mm) } : undefined;
}

/** Where to look for one item: once, or on each lead. */
export function spotsOf(look: Look, leads: Lead[]): { spot: string; lead: Lead | undefined }[] {
  if (!look.ofALead) return [{ spot: look.item, lead: undefined }];
  return leads.map((lead, i) => ({
    spot: i === 0 ? look.item : `${look.item}/${lead}`,
    lead: leads.length > 1 ? lead : undefined,
  }));
}

/**
 * The sheet as nobody has touched it yet.
 *
 * @param wrong the line that is corrected, if one is
 * @param lines all lines of the plant, which say how many leads it has
 */
export function freshSheet(
  today: string,
  choices: Choices,
  wrong: Line | undefined,
  lines: Pick<Line, 'looks'>[],
): Sheet {
  const looks: Sheet['looks'] = {};
  for (const choice of choices.looks)
    for (const { spot } of spotsOf(choice, choices.leads)) {
      looks[spot] = typedLook(wrong?.looks[spot], choice.measure?.unit);
    }
  const leadOf = (spot: string) => choices.leads.indexOf(spot.split('/')[1] as Lead) + 1;
  return {
    on: wrong?.on ?? today,
    note: wrong?.note ?? '',
    looks,
    leads: Math.max(1, ...lines.flatMap((line) => Object.keys(line.looks).map(leadOf))),
  };
}

/** A part of the sheet that opens and closes. */
export interface Section {
  key: string;
  title: string;
  looks: Look[];
  open: boolean;
}

/** Open are the parts that decide most; the others are one tap away. */
const OPEN = ['STANDING', 'ROOTS', 'MEDIUM'];

/**
 * The sheet in its parts.
 *
 * @param first whether it is the first look at a plant that has just come, which has its own order
 */
export function sections(choices: Choices, first: boolean, wrong: Line | undefined): Section[] {
  if (!first) return bySection(choices.looks, OPEN, wrong);
  const asked = choices.firstLook.flatMap(
    (item) => choices.looks.find((look) => look.item === item) ?? [],
  );
  const rest = choices.looks.filter((look) => !choices.firstLook.includes(look.item));
  return [
    { key: 'FIRST', title: 'The first look', looks: asked, open: true },
    ...bySection(rest, [], wrong),
  ];
}

function bySection(all: Look[], open: string[], wrong: Line | undefined): Section[] {
  return [...new Set(all.map((look) => look.section))].map((key) => {
    const looks = all.filter((look) => look.section === key);
    const known = looks.some((look) => wrong?.looks[look.item]);
    return { key, title: looks[0]!.sectionTitle, looks, open: known || open.includes(key) };
  });
}
