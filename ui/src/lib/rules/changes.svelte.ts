import type { Schemas } from '$lib/interface/schemas';
import { measuredIn, measuredOut } from '$lib/words/units.svelte';

type Figure = Schemas['RuleLine'];

/** The figure in force as it is written. */
export function inForce(figure: Figure): string {
  return measuredOut(figure.own ?? figure.standard, figure.unit);
}

/** Figures typed and not yet saved. */
export class Changes {
  /** By key; null puts the default back. */
  typed = $state<Record<string, string | null>>({});

  get count(): number {
    return Object.keys(this.typed).length;
  }

  has(key: string): boolean {
    return key in this.typed;
  }

  /** What stands in the entry of a figure. */
  shown(figure: Figure): string {
    if (!this.has(figure.key)) return inForce(figure);
    return this.typed[figure.key] ?? measuredOut(figure.standard, figure.unit);
  }

  /** Whether the default is to be put back. */
  putsBack(key: string): boolean {
    return this.typed[key] === null;
  }

  /** What is typed as it stands already is no change. */
  type(figure: Figure, text: string): void {
    const as = (written: string) => measuredIn(written, figure.unit);
    if (text.trim() === '' || as(text) === as(inForce(figure))) delete this.typed[figure.key];
    else this.typed[figure.key] = text;
  }

  putBack(figure: Figure): void {
    this.typed[figure.key] = null;
  }

  leave(key: string): void {
    delete this.typed[key];
  }

  leaveAll(): void {
    this.typed = {};
  }

  /** As they are sent, by key. */
  values(figures: Figure[]): Record<string, number> {
    const unit = (key: string) => figures.find((figure) => figure.key === key)?.unit;
    return Object.fromEntries(
      Object.entries(this.typed).map(([key, typed]) => [
        key,
        // Null, which the description cannot say of a map, puts the default back.
        typed === null ? (null as unknown as number) : measuredIn(typed, unit(key)),
      ]),
    );
  }
}

/** The chapters with those figures that answer to what is sought. */
export function found(
  chapters: Schemas['Chapter'][],
  sought: string,
  wanted: (figure: Figure) => boolean,
): Schemas['Chapter'][] {
  const words = sought.trim().toLowerCase().split(/\s+/);
  const told = (figure: Figure, chapter: Schemas['Chapter']) =>
    `${figure.name} ${figure.key} ${figure.reason} ${chapter.title}`.toLowerCase();
  return chapters
    .map((chapter) => ({
      ...chapter,
      figures: chapter.figures.filter(
        (figure) => wanted(figure) && words.every((word) => told(figure, chapter).includes(word)),
      ),
    }))
    .filter((chapter) => chapter.figures.length);
}
