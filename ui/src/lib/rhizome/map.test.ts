import { describe, expect, it } from 'vitest';
import {
  atTheRim,
  centre,
  degrees,
  grown,
  heading,
  hour,
  named,
  neighbours,
  part,
  pieces,
  spot,
  towards,
  without,
  type PlantMap,
} from './map';

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
  it('reads directions from the clock', () => {
    expect(degrees({ x: 10, y: 0 })).toBeCloseTo(90);
    expect(hour(90)).toBe(3);
    expect(hour(0)).toBe(12);
    expect(hour(352)).toBe(12);
    expect(towards(180, 20).y).toBeCloseTo(-20);
  });

  it('sets a growth in front of a lead, which leads no more', () => {
    const next = grown(row, '3', 30);
    expect(next.growths.filter(({ front }) => front === 'LEAD').map(({ name }) => name)).toEqual([
      '4',
    ]);
    expect(spot(named(next, '4')!).y).toBeCloseTo(60);
    expect(neighbours(next, '4')).toEqual(['3']);
  });

  it('sets another lead beside what has grown on', () => {
    const next = grown(row, '2', 30);
    expect(next.growths.filter(({ front }) => front === 'LEAD')).toHaveLength(2);
    expect(heading(next, named(next, '4')!)).toBeCloseTo(60);
  });

  it('sets no two growths on one place', () => {
    let map = row;
    for (let i = 0; i < 4; i++) map = grown(map, '2', 30);
    const places = map.growths.map(
      (each) => `${Math.round(spot(each).x)} ${Math.round(spot(each).y)}`,
    );
    expect(new Set(places).size).toBe(map.growths.length);
  });

  it('takes a growth out of the middle, and the rest hangs together', () => {
    const next = without(row, '2');
    expect(next.joints).toEqual([{ one: '1', other: '3', natural: false }]);
    const alone = without(without(next, '1'), '3');
    expect(alone.growths).toHaveLength(1);
  });

  it('sets a lead by its distance to the rim and the clock', () => {
    const next = atTheRim(row, '3', 20, 3, 120, { x: 5, y: 0 });
    expect(spot(named(next, '3')!).x).toBeCloseTo(45);
    expect(spot(named(next, '3')!).y).toBeCloseTo(0);
  });

  it('is shown in part, in the middle of what there is', () => {
    expect(part(row, ['2', '3']).joints).toEqual([{ one: '2', other: '3', natural: false }]);
    expect(centre(part(row, ['2', '3']))).toEqual({ x: 0, y: 15 });
  });

  it('falls into pieces where it is cut', () => {
    expect([...pieces(row, [1]).values()]).toEqual([0, 0, 1]);
    expect(new Set(pieces(row, []).values()).size).toBe(1);
  });
});
