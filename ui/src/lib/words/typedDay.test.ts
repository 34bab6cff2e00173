import { expect, test } from 'vitest';
import { besideTyped, typedDay } from './typedDay';

const TODAY = '2027-03-01';

test.each([
  ['2027-05-09', '2027-05-09'],
  [' 2027-5-9 ', '2027-05-09'],
  ['20270509', '2027-05-09'],
  ['today', TODAY],
  ['Yesterday', '2027-02-28'],
  ['-3', '2027-02-26'],
  ['-0', TODAY],
])('%s is %s', (typed, day) => {
  expect(typedDay(typed, TODAY)).toBe(day);
});

test.each(['', '9.5.2027', '09/05/2027', '2027-05', 'spring', '2027509', '--3'])(
  '“%s” is sent as it stands, so that the answer can say what is wrong',
  (typed) => {
    expect(typedDay(typed, TODAY)).toBe(typed);
  },
);

test('the arrows go a day on and a day back, and begin with today', () => {
  expect(besideTyped('2027-02-28', TODAY, 1)).toBe('2027-03-01');
  expect(besideTyped('2027-01-01', TODAY, -1)).toBe('2026-12-31');
  expect(besideTyped('', TODAY, 1)).toBe(TODAY);
  expect(besideTyped('2027-99-99', TODAY, 1)).toBe(TODAY);
});
