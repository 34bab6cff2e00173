import { describe, expect, it } from 'vitest';
import { crowded, labels, spread } from './layout';

const crowd = Array.from({ length: 400 }, (_, id) => ({
  id,
  x: 100 + (id % 7) * 3,
  y: 300 + (id % 5) * 3,
}));

describe('the field of all plants', () => {
  it('opens a crowded spot up', () => {
    const spots = spread(crowd, 6, 560, 560);
    let over = 0;
    for (let i = 0; i < spots.length; i++)
      for (let j = i + 1; j < spots.length; j++)
        if (Math.hypot(spots[i]!.x - spots[j]!.x, spots[i]!.y - spots[j]!.y) < 9) over++;
    expect(over).toBeLessThan(spots.length / 20);
  });

  it('tells a crowd from a few that stand together', () => {
    const many = spread(crowd, 6, 560, 560);
    expect(crowded(many[0]!, many, 6)).toBe(true);
    const few = spread(crowd.slice(0, 4), 6, 560, 560);
    expect(few.some((spot) => crowded(spot, few, 6))).toBe(false);
  });

  it('finds a spot for each of two thousand plants', () => {
    const many = Array.from({ length: 2000 }, (_, id) => ({
      id,
      x: (id * 37) % 560,
      y: (id * 91) % 560,
    }));
    const spots = spread(many, 3, 560, 560);
    const placed = labels(
      many.map(({ id }) => ({ id, text: `Oncidium Number ${id}` })),
      spots,
      3,
      560,
      560,
    );
    expect(placed.length).toBeLessThan(many.length);
    expect(new Set(spots.map(({ id }) => id)).size).toBe(2000);
  }, 30_000);

  it('keeps every plant in the frame', () => {
    for (const { x, y } of spread([{ id: 1, x: -50, y: 900 }], 6, 560, 560)) {
      expect(x).toBeGreaterThanOrEqual(6);
      expect(y).toBeLessThanOrEqual(554);
    }
  });

  it('never lays a name over another, over a plant, or out of the frame', () => {
    const spots = spread(crowd, 6, 560, 560);
    const named = spots.map(({ id }) => ({ id, text: `Oncidium Number ${id}` }));
    const placed = labels(named, spots, 6, 560, 560);
    expect(placed.length).toBeGreaterThan(3);
    const boxes = placed.map(({ x, y, text }) => ({ x, y, wide: text.length * 6.6 + 4 }));
    for (let i = 0; i < boxes.length; i++) {
      const a = boxes[i]!;
      expect(a.x).toBeGreaterThanOrEqual(0);
      expect(a.x + a.wide).toBeLessThanOrEqual(560);
      for (let j = i + 1; j < boxes.length; j++) {
        const b = boxes[j]!;
        const apart = a.x + a.wide <= b.x || b.x + b.wide <= a.x || Math.abs(a.y - b.y) >= 16;
        expect(apart).toBe(true);
      }
    }
  });

  it('names a plant at the edge above or below where its neighbour leaves no room beside it', () => {
    const spots = spread(
      [
        { id: 1, x: 10, y: 100 },
        { id: 2, x: 90, y: 100 },
      ],
      6,
      560,
      560,
    );
    const [placed] = labels([{ id: 1, text: 'Miltoniopsis Long Name' }], spots, 6, 560, 560);
    expect(placed).toMatchObject({ id: 1, x: 0 });
    expect(Math.abs(placed!.y - 100)).toBeGreaterThan(6);
  });
});
