import type { Schemas } from '$lib/interface/schemas';
import { sendFile } from '$lib/api/files';

export type SheetView = Schemas['SheetView'];
export type Decisions = Schemas['SheetDecisions'];
export type Reading = Schemas['SheetReadingView'];
export type Remark = Schemas['RemarkView'];

/** Has a file read by the program, whatever it is. */
export const readFile = (file: File): Promise<SheetView> =>
  sendFile('/api/sheets', file, 'application/octet-stream', { query: { name: file.name } });

/** What the program guesses, with nothing said yet. */
export const guessed = (view: SheetView): Decisions => ({
  ...view.guess,
  kinds: [],
  places: [],
  corrected: [],
  leftOut: [],
});

/** What was said about some words, in place of what was said of them before. */
export const saidOf = <T extends { words: string }>(said: T[], one: T): T[] => [
  ...said.filter(({ words }) => words !== one.words),
  one,
];

/** What is to stand in a cell, in place of what was to stand there before. */
export const corrected = (
  cells: Decisions['corrected'],
  { row, column }: { row: number; column: number },
  text: string,
): Decisions['corrected'] => [
  ...cells.filter((cell) => cell.row !== row || cell.column !== column),
  { row, column, text },
];

/** Another column that was about the same gives it up and goes into the notes. */
export function about(
  view: SheetView,
  columns: Decisions['columns'],
  column: number,
  meaning: Decisions['columns'][number],
): Decisions['columns'] {
  const often = view.meanings.find((each) => each.meaning === meaning)?.often ?? false;
  return columns.map((each, at) =>
    at === column ? meaning : each === meaning && !often ? 'NOTES' : each,
  );
}

/** Several remarks of one row are one row to correct or to leave out. */
export const rowsOf = (remarks: Remark[]): number[] => [...new Set(remarks.map(({ row }) => row))];
