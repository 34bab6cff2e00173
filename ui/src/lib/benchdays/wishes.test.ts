import { describe, expect, it } from 'vitest';
import { laid, nextFree, type Plan, wishesOf, withDay, withoutDay } from './wishes';

const job = (plantId: number, pinned: boolean) => ({ plantId, pinned });
const plan = {
  days: [
    { on: '2027-05-22', minutes: 180, jobs: [job(1, true), job(2, false)] },
    { on: '2027-05-23', minutes: 60, jobs: [] },
  ],
} as unknown as Plan;

describe('wishes', () => {
  it('are the days and what somebody chose', () => {
    expect(wishesOf(plan)).toEqual({
      days: [
        { on: '2027-05-22', minutes: 180 },
        { on: '2027-05-23', minutes: 60 },
      ],
      pins: [{ plant: 1, on: '2027-05-22' }],
      laid: [{ plant: 2, on: '2027-05-22' }],
    });
  });

  it('hold one day for a plant, or none', () => {
    const moved = laid(wishesOf(plan), 1, '2027-05-23');
    expect(moved.pins).toEqual([{ plant: 1, on: '2027-05-23' }]);
    expect(laid(moved, 1).pins).toEqual([]);
  });

  it('keep days in their order, each once', () => {
    const more = withDay(wishesOf(plan), { on: '2027-05-16', minutes: 30 });
    expect(more.days.map(({ on }) => on)).toEqual(['2027-05-16', '2027-05-22', '2027-05-23']);
    expect(withDay(more, { on: '2027-05-22', minutes: 90 }).days[1]!.minutes).toBe(90);
  });

  it('lose with a day what was pinned to it', () => {
    expect(withoutDay(wishesOf(plan), '2027-05-22')).toMatchObject({
      days: [{ on: '2027-05-23', minutes: 60 }],
      pins: [],
    });
  });

  it('propose the next free day of a weekend', () => {
    expect(nextFree(plan, '2027-05-15')).toBe('2027-05-16');
    expect(nextFree(plan, '2027-05-16')).toBe('2027-05-29');
  });
});
