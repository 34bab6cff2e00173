import { describe, expect, it } from 'vitest';
import { Carrying, stepped } from './carrying.svelte';
import type { PlantMap } from './map';

const MAP: PlantMap = {
  growths: [
    {
      name: '1',
      firmness: 'FIRM',
      roots: 1,
      newRoots: false,
      front: 'LEAD',
      x: 10,
      y: 20,
      heading: null,
    },
  ],
  joints: [],
};

describe('a growth that is carried', () => {
  it('lies where the finger is, by as much as that went', () => {
    const carrying = new Carrying();
    carrying.take('1', { x: 3, y: 3 }, MAP);
    carrying.pull({ x: 8, y: -1 }, MAP);
    expect(carrying.map!.growths[0]).toMatchObject({ x: 15, y: 16 });
    expect(carrying.drop({ x: 8, y: -1 })!.growths[0]).toMatchObject({ x: 15, y: 16 });
    expect(carrying.map).toBeUndefined();
  });

  it('stays where it was after a tap that shook', () => {
    const carrying = new Carrying();
    carrying.take('1', { x: 3, y: 3 }, MAP);
    carrying.pull({ x: 4, y: 4 }, MAP);
    expect(carrying.drop({ x: 4, y: 4 })).toBeUndefined();
  });

  it('is let go where it was when the touch is broken off', () => {
    const carrying = new Carrying();
    carrying.take('1', { x: 0, y: 0 }, MAP);
    carrying.pull({ x: 30, y: 0 }, MAP);
    carrying.leave();
    expect(carrying.map).toBeUndefined();
    expect(carrying.drop({ x: 30, y: 0 })).toBeUndefined();
  });

  it('moves only by the arrows', () => {
    expect(stepped(MAP, '1', 'ArrowLeft')!.growths[0]).toMatchObject({ x: 8, y: 20 });
    expect(stepped(MAP, '1', 'Enter')).toBeUndefined();
  });
});
