import { describe, expect, it } from 'vitest';
import { centre, degrees, part, towards, type PlantMap } from './map';

const growth = (name: string, y: number, front: 'LEAD' | 'SPENT' = 'SPENT') => ({
  name,
  firmness: 'FIRM' as const,
  roots: 3,
  newRoots: false,
  front,
  x: 0,
  y,
  heading: null,
});
const row: PlantMap = {
  growths: [growth('1', -30), growth('2', 0), growth('3', 30, 'LEAD')],
  joints: [
    { one: '1', other: '2', natural: false },
    { one: '2', other: '3', natural: false },
  ],
};

describe('the map of a plant', () => {
  it('measures directions from 12 o’clock', () => {
    expect(degrees({ x: 10, y: 0 })).toBeCloseTo(90);
    expect(towards(180, 20).y).toBeCloseTo(-20);
  });

  it('is shown in part, in the middle of what there is', () => {
    expect(part(row, ['2', '3']).joints).toEqual([{ one: '2', other: '3', natural: false }]);
    expect(centre(part(row, ['2', '3']))).toEqual({ x: 0, y: 15 });
  });
});
