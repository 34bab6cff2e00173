import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import type { Growth, PlantMap } from './map';
import MapFromAbove from './MapFromAbove.svelte';

function growth(name: string, x: number, more: Partial<Growth> = {}): Growth {
  return {
    name,
    firmness: 'FIRM',
    roots: 4,
    newRoots: false,
    front: 'SPENT',
    x,
    y: 0,
    heading: null,
    ...more,
  };
}

const MAP: PlantMap = {
  growths: [growth('1', -30), growth('2', 0), growth('3', 30, { front: 'LEAD', newRoots: true })],
  joints: [
    { one: '1', other: '2', natural: false },
    { one: '2', other: '3', natural: true },
  ],
};
const drawn = (more: object = {}) => ({ map: MAP, marks: [], radiusMm: 12, ...more });

describe('the plant seen from above', () => {
  it('says of each growth what it is', () => {
    render(MapFromAbove, drawn());
    expect(screen.getByLabelText('Growth 3, lead, firm, 4 roots, new roots')).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });

  it('is changed with the arrow keys, two millimetres at a time', async () => {
    const onmap = vi.fn<(map: PlantMap) => void>();
    render(MapFromAbove, drawn({ onmap }));
    screen.getByRole('button', { name: /Growth 2/ }).focus();
    await userEvent.keyboard('{ArrowUp}');
    expect(onmap).toHaveBeenCalledOnce();
    const [map] = onmap.mock.calls[0]!;
    expect(map.growths[1]).toMatchObject({ x: 0, y: 2 });
    expect(map.growths[0]).toEqual(MAP.growths[0]);
  });

  it('is told of with Enter, without moving', async () => {
    const onmap = vi.fn();
    render(MapFromAbove, drawn({ onmap }));
    const second = screen.getByRole('button', { name: /Growth 2/ });
    expect(second.getAttribute('aria-pressed')).toBe('false');
    second.focus();
    await userEvent.keyboard('{Enter}');
    expect(second.getAttribute('aria-pressed')).toBe('true');
    expect(onmap).not.toHaveBeenCalled();
  });

  it('is cut by a tap or a key at a joint', async () => {
    const oncut = vi.fn();
    render(MapFromAbove, drawn({ cuts: [1], oncut }));
    const first = screen.getByRole('button', { name: 'Cut between 1 and 2' });
    const second = screen.getByRole('button', { name: 'Cut between 2 and 3' });
    expect(second.getAttribute('aria-pressed')).toBe('true');
    await userEvent.click(first);
    second.focus();
    await userEvent.keyboard(' ');
    expect(oncut.mock.calls).toEqual([[0], [1]]);
  });

  it('shows only what stays', () => {
    render(MapFromAbove, drawn({ only: ['2', '3'], oncut: vi.fn() }));
    expect(screen.queryByLabelText(/Growth 1/)).toBeNull();
    expect(screen.getAllByRole('button')).toHaveLength(1);
  });
});
