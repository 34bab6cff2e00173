import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import AheadChart from './AheadChart.svelte';

const points = (likely: number) => ({ least: likely - 5, likely, most: likely + 10 });
const week = (day: string, need: number, open: boolean) => ({
  day,
  need: points(need),
  readiness: points(60),
  open,
});

describe('the year ahead', () => {
  it('says in words what it draws, and hatches the weeks in which the season is shut', () => {
    const ahead = {
      weeks: [
        week('2027-05-15', 20, true),
        week('2027-05-22', 21, false),
        week('2027-05-29', 22, false),
        week('2027-06-05', 23, true),
      ],
      wanted: 25,
      nextMove: { earliest: '2027-05-15', likely: '2027-05-15', latest: '2027-07-01' },
      words: [],
    };
    const { container } = render(AheadChart, { ahead, today: '2027-05-15' });
    const name = screen.getByRole('img').getAttribute('aria-label');
    expect(name).toBe('wants a move, of 100: 15 May 20; would take one, of 100: 15 May 60');
    expect(container.querySelectorAll('rect[fill="url(#shut)"]')).toHaveLength(2);
    expect(container.querySelectorAll('path[opacity="0.22"]')).toHaveLength(2);
    const move = container.querySelector('rect[height="5"]')!;
    expect([move.getAttribute('x'), move.getAttribute('width')]).toEqual(['30', '306']);
  });
});
