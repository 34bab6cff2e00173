import { describe, expect, it } from 'vitest';
import { about, corrected, rowsOf, saidOf, type SheetView } from './broughtIn';

const view = {
  meanings: [
    { meaning: 'LABEL', words: 'name', often: false },
    { meaning: 'NOTES', words: 'notes', often: true },
  ],
} as SheetView;

describe('what is said of a list', () => {
  it('is about a thing in one column only', () => {
    expect(about(view, ['LABEL', 'NOTES', 'PLACE'], 1, 'LABEL')).toEqual([
      'NOTES',
      'LABEL',
      'PLACE',
    ]);
  });

  it('goes into the notes from as many columns as wanted', () => {
    expect(about(view, ['LABEL', 'NOTES', 'PLACE'], 2, 'NOTES')).toEqual([
      'LABEL',
      'NOTES',
      'NOTES',
    ]);
  });

  it('holds as it was said last', () => {
    expect(saidOf([{ words: 'a', key: 'x' }], { words: 'a', key: 'y' })).toEqual([
      { words: 'a', key: 'y' },
    ]);
    const once = corrected([], { row: 3, column: 1 }, '2024');
    expect(corrected(once, { row: 3, column: 1 }, '2025')).toEqual([
      { row: 3, column: 1, text: '2025' },
    ]);
    expect(corrected(once, { row: 3, column: 2 }, 'x')).toHaveLength(2);
  });

  it('counts a row once however much is wrong with it', () => {
    const remark = { column: 0, text: '', why: '' };
    expect(
      rowsOf([
        { row: 4, ...remark },
        { row: 4, ...remark },
        { row: 7, ...remark },
      ]),
    ).toEqual([4, 7]);
  });
});
