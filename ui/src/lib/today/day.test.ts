import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { byTheWay, headline, windows } from './day';

const today = '2027-05-15';
const bench = (on: string) => ({ on, taken: 190, jobs: [{}] }) as unknown as Schemas['DayPlanned'];
const round = (day: string) => ({ day, minutes: 26 }) as Schemas['RoundAhead'];
const plant = (kind: string, from: string | null, to: string | null) =>
  ({ when: { kind, from, to } }) as unknown as Schemas['PlantLine'];

describe('the day in one line', () => {
  it('names what cannot wait, the round and the bench day', () => {
    expect(headline({ today, urgent: 2, round: round(today), bench: bench('2027-05-22') })).toBe(
      'Two cannot wait; one round, 26 min; bench day on Saturday',
    );
    expect(headline({ today, urgent: 0, round: round(today) })).toBe('One round, 26 min');
    expect(headline({ today, urgent: 12, bench: bench(today) })).toBe(
      '12 cannot wait; bench day, 3 h 10',
    );
  });

  it('is kind about an empty one', () => {
    expect(
      headline({ today, urgent: 0, round: round('2027-05-18'), bench: bench('2027-06-22') }),
    ).toBe('Nothing asks for you today');
  });
});

describe('windows of the week', () => {
  it('open for those that wait and close for those that should be moved', () => {
    const turns = windows(
      [
        plant('WAIT_FOR', '2027-05-20', '2027-06-20'),
        plant('WAIT_FOR', '2027-05-01', '2027-06-20'),
        plant('BY', today, '2027-05-17'),
        plant('BETWEEN', today, '2027-06-17'),
        plant('OPEN', null, null),
        plant('NOW', today, today),
      ],
      today,
    );
    expect(turns.map(({ turns, on }) => [turns, on])).toEqual([
      ['closes', '2027-05-17'],
      ['opens', '2027-05-20'],
    ]);
  });
});

describe('small jobs by the way', () => {
  it('stand by kind, the most wanted first', () => {
    const job = (name: string, fix: string | null, text: string) =>
      ({ name, fix, words: [{ text }] }) as unknown as Schemas['SmallJobLine'];
    expect(
      byTheWay([
        job('A', 'STAKE', 'Stake it'),
        job('B', 'TOP_UP', 'Top up'),
        job('C', 'TOP_UP', 'Top up'),
      ]),
    ).toEqual([
      { words: 'Top up', plants: '2 plants' },
      { words: 'Stake it', plants: 'A' },
    ]);
  });
});
