import { expect, test } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { timeline } from './timeline';

function line(id: number, on: string, more: Partial<Schemas['Line']> = {}): Schemas['Line'] {
  return {
    id,
    kind: 'INSPECTION',
    on,
    recordedOn: on,
    words: [],
    note: '',
    standing: 'HOLDS',
    pottedOn: null,
    act: `act-${id}`,
    corrects: null,
    canTakeBack: true,
    looks: {},
    potting: null,
    cameIn: false,
    ...more,
  };
}

function photo(id: number, takenOn: string, look: number | null = null): Schemas['Photo'] {
  return {
    id,
    plantId: 1,
    uid: `photo-${id}`,
    look: look === null ? null : `act-${look}`,
    takenOn,
    datedByPicture: true,
    width: 4,
    height: 3,
    caption: '',
  };
}

const keys = (lines: Schemas['Line'][], photos: Schemas['Photo'][]) =>
  timeline(lines, photos).map((moment) => [moment.key, ...moment.photos.map((each) => each.id)]);

test('a picture stands with its look, whatever day it says', () => {
  expect(keys([line(2, '2027-05-10'), line(1, '2027-05-01')], [photo(7, '2027-04-01', 1)])).toEqual(
    [['2'], ['1', 7]],
  );
});

test('several pictures belong to one look', () => {
  expect(
    keys([line(1, '2027-05-01')], [photo(7, '2027-05-01', 1), photo(8, '2027-05-01', 1)]),
  ).toEqual([['1', 7, 8]]);
});

test('without a look of its own it stands with the only look of its day', () => {
  expect(keys([line(1, '2027-05-01')], [photo(7, '2027-05-01')])).toEqual([['1', 7]]);
  const two = [line(2, '2027-05-01'), line(1, '2027-05-01')];
  expect(keys(two, [photo(7, '2027-05-01')])).toEqual([['2'], ['1'], ['photo-7', 7]]);
});

test('a potting or a line taken back is no look', () => {
  const lines = [
    line(2, '2027-05-01', { kind: 'POTTING' }),
    line(1, '2027-05-01', { standing: 'TAKEN_BACK' }),
  ];
  expect(keys(lines, [photo(7, '2027-05-01')])).toEqual([['2'], ['1'], ['photo-7', 7]]);
});

test('pictures of a day without a look stand together by their day', () => {
  const photos = [photo(9, '2027-05-05'), photo(8, '2027-05-03'), photo(7, '2027-05-05')];
  expect(keys([line(2, '2027-05-10'), line(1, '2027-05-04')], photos)).toEqual([
    ['2'],
    ['photo-9', 9, 7],
    ['1'],
    ['photo-8', 8],
  ]);
});

test('a corrected look hands its pictures to the correction of the correction', () => {
  const lines = [
    line(3, '2027-05-01', { corrects: 'act-2' }),
    line(2, '2027-05-01', { corrects: 'act-1', standing: 'CORRECTED' }),
    line(1, '2027-05-01', { standing: 'CORRECTED' }),
  ];
  expect(keys(lines, [photo(7, '2027-05-01', 1)])).toEqual([['3', 7], ['2'], ['1']]);
});
