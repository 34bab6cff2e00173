import { describe, expect, it } from 'vitest';
import { aimedAt, type Course, dueOf, type Neighbour, planOf, type Treated } from './course';

const treated = (plantId: number, more: Partial<Treated>) =>
  ({ plantId, treatNow: false, lookNow: false, over: false, ...more }) as Treated;
const beside = (plantId: number, more: Partial<Neighbour>) =>
  ({ plantId, lookNow: false, over: false, found: false, ...more }) as Neighbour;
const course = (plants: Treated[], neighbours: Neighbour[] = [], times = 3) =>
  ({ against: 'PESTS', times, everyDays: 7, plants, neighbours }) as Course;

describe('a course', () => {
  it('says what is planned', () => {
    expect(planOf(course([]))).toBe('against pests, 3 treatments, 7 days apart');
    expect(planOf(course([], [], 1))).toBe('against pests, 1 treatment');
  });

  it('names those that want something today', () => {
    const all = course(
      [treated(1, { treatNow: true }), treated(2, {}), treated(3, { over: true })],
      [beside(4, { lookNow: true }), beside(5, {})],
    );
    expect(dueOf(all)).toEqual([1, 3, 4]);
  });

  it('aims each button at those it can be for', () => {
    const all = course(
      [treated(1, { treatNow: true }), treated(2, {}), treated(3, { over: true })],
      [beside(4, { found: true }), beside(5, { over: true })],
    );
    expect(aimedAt(all, [1, 2, 3, 4, 5])).toEqual({
      treat: [1],
      clean: [1, 2, 4],
      join: [4],
      end: [3, 5],
      early: [1, 2, 4],
    });
    expect(aimedAt(all, [2]).treat).toEqual([]);
  });
});
