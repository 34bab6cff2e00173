import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '$lib/api/client';
import type { Schemas } from '$lib/interface/schemas';
import { caseKeys } from './caseKeys';
import Say from './Say.svelte';
import { CaseInHand } from './sitting.svelte';

const plant: Schemas['PlantCase'] = {
  name: 'Oncidium Slow Barge',
  plantId: null,
  kind: 'oncidium',
  kindName: 'Oncidium alliance',
  readyWhen: 'at the nubs',
  on: '2027-05-12',
  known: [],
  days: [],
  mayLook: [{ item: 'smell', title: 'Smell', how: 'At the holes' }],
  ways: [
    { way: 'MOVE_UP', words: 'Move up' },
    { way: 'FULL_REPOT', words: 'Full repot' },
  ],
  aim: 'AS_IT_COMES',
};
const drawing: Schemas['DrawingCase'] = {
  item: 'smell',
  title: 'Smell',
  shown: 'SOUR',
  names: [
    { answer: 'WOODY', words: 'woody', sign: '' },
    { answer: 'SOUR', words: 'sour', sign: '' },
  ],
};
const judged = { mark: 'RIGHT' } as Schemas['CaseJudged'];
const sent = vi.fn();

beforeEach(() => {
  sent.mockReset();
  vi.spyOn(api, 'POST').mockImplementation((async (path: string, { body }: { body: unknown }) => {
    sent(path, body);
    return { data: judged, response: new Response() };
  }) as unknown as typeof api.POST);
});

const inHand = (of: Partial<Schemas['NextCase']>) =>
  new CaseInHand({ key: 'made-up.x', again: false, plant: null, drawing: null, ...of });

function press(hand: CaseInHand, key: string, next = () => {}) {
  caseKeys(new KeyboardEvent('keydown', { key }), hand, next);
}

describe('a case by its keys', () => {
  it('is judged once it is said what and how, and not before', async () => {
    const hand = inHand({ plant });
    press(hand, 'Enter');
    press(hand, '3');
    press(hand, 'Enter');
    expect(sent).not.toHaveBeenCalled();
    press(hand, 'w');
    press(hand, 's');
    press(hand, 'Enter');
    await vi.waitFor(() => expect(hand.judged).toEqual(judged));
    expect(sent).toHaveBeenCalledExactlyOnceWith('/api/trainer/cases/{key}/answer', {
      asks: 'MOVE',
      how: 'FULL_REPOT',
      looked: [],
      sure: 'SURE',
    });
  });

  it('forgets how it is moved once it is left, and how sure somebody was who says it twice', async () => {
    const hand = inHand({ plant });
    for (const key of ['3', 'q', '1', 'g', 'g', 'Enter']) press(hand, key);
    await vi.waitFor(() => expect(hand.judged).toEqual(judged));
    expect(sent).toHaveBeenCalledWith(expect.anything(), {
      asks: 'LEAVE',
      how: null,
      looked: [],
      sure: null,
    });
  });

  it('names a drawing by its place, and Enter goes on after that alone', async () => {
    const hand = inHand({ drawing });
    const next = vi.fn();
    press(hand, 'Enter', next);
    expect(next).not.toHaveBeenCalled();
    press(hand, '2', next);
    await vi.waitFor(() => expect(hand.judged).toEqual(judged));
    expect(sent).toHaveBeenCalledWith(expect.anything(), { taken: 'SOUR', sure: null });
    press(hand, '1', next);
    expect(sent).toHaveBeenCalledOnce();
    press(hand, 'Enter', next);
    expect(next).toHaveBeenCalledOnce();
  });
});

describe('a judgement by thumb', () => {
  it('asks how only of what is moved now', async () => {
    const hand = inHand({ plant });
    render(Say, { hand, plant });
    const judge = screen.getByRole<HTMLButtonElement>('button', { name: 'That is my judgement' });
    expect(judge.disabled).toBe(true);
    await userEvent.click(screen.getByRole('button', { name: /Move it now/ }));
    expect(judge.disabled).toBe(true);
    await userEvent.click(screen.getByRole('button', { name: /Full repot/ }));
    expect(judge.disabled).toBe(false);
    await userEvent.click(screen.getByRole('button', { name: /Leave it alone/ }));
    expect(screen.queryByRole('button', { name: /Full repot/ })).toBeNull();
    expect(judge.disabled).toBe(false);
  });
});
