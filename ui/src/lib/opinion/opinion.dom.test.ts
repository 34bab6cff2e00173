import { render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { api } from '$lib/api/client';
import type { Schemas } from '$lib/interface/schemas';
import Beside from './Beside.svelte';
import { OpinionFile, OpinionInHand } from './opinion.svelte';

const question = { mellowAlmanac: 'question', plant: 'a-plant' } as Schemas['OpinionQuestion'];
const plant = { name: 'Oncidium Slow Barge', ways: [{ way: 'MOVE_UP' }] } as Schemas['PlantCase'];
const held: Schemas['Opinion'] = {
  asks: 'LEAVE',
  title: 'Leave',
  advice: [],
  method: '',
  reasons: [],
  looks: ['Smell'],
};
const beside: Schemas['OpinionsBeside'] = {
  plantId: 7,
  name: 'Oncidium Slow Barge',
  on: '2027-05-12',
  from: '',
  answeredOn: '2027-05-14',
  asks: 'LET_GO',
  how: null,
  says: 'Nothing is left of it.',
  theirs: held,
  ours: { ...held, title: 'Wait' },
  parts: [],
};
const sent = vi.fn();
const file = (text: string) => ({ text: () => Promise.resolve(text) }) as File;

beforeEach(() => {
  sent.mockReset();
  vi.spyOn(api, 'POST').mockImplementation((async (path: string, { body }: { body: unknown }) => {
    sent(path, body);
    const data = path.endsWith('compare') ? beside : plant;
    return { data, response: new Response() };
  }) as unknown as typeof api.POST);
});

describe('a file that was chosen', () => {
  it('shows the plant where it asks, and both opinions where it answers', async () => {
    const chosen = new OpinionFile();
    await chosen.read(file(JSON.stringify(question)));
    expect(chosen.hand?.asked.plant).toBe(plant);
    expect(chosen.beside).toBeUndefined();
    await chosen.read(file(JSON.stringify({ mellowAlmanac: 'answer' })));
    expect(chosen.hand).toBeUndefined();
    expect(chosen.beside).toBe(beside);
  });

  it('is refused in words where it is no such file', async () => {
    const chosen = new OpinionFile();
    await chosen.read(file('no JSON'));
    expect(chosen.reading.problem?.message).toContain('neither asks for an opinion nor brings one');
    expect(sent).not.toHaveBeenCalled();
  });
});

it('an opinion is sent once it says what, and how where the plant is moved', async () => {
  const hand = new OpinionInHand(question, plant);
  await hand.judge();
  hand.call('MOVE');
  await hand.judge();
  expect(sent).not.toHaveBeenCalled();
  hand.by('MOVE_UP');
  hand.says = 'The bark is old.';
  await hand.judge();
  expect(sent).toHaveBeenCalledWith('/api/opinions/answer', {
    question,
    asks: 'MOVE',
    how: 'MOVE_UP',
    from: '',
    says: 'The bark is old.',
  });
});

describe('two opinions', () => {
  const told = (of: Partial<Schemas['OpinionsBeside']>) => {
    render(Beside, { beside: { ...beside, ...of }, today: '2027-05-15' });
    return screen.getByRole('region', { name: /Oncidium Slow Barge/ }).textContent;
  };

  it('say what whoever answered would do, and hold both almanacs against each other', () => {
    const words = told({});
    expect(words).toContain('They, without knowing what yours says: Let it go');
    expect(words).toContain('Nothing is left of it.');
    expect(words).toContain('Both almanacs ask for the same');
    expect(screen.getByRole('region', { name: 'Theirs' }).textContent).toContain('Leave');
    expect(screen.getByRole('region', { name: 'Yours' }).textContent).toContain('Wait');
  });

  it('name where they part', () => {
    const words = told({ parts: ['They would let it go; yours would wait.'] });
    expect(words).toContain('They would let it go; yours would wait.');
    expect(words).not.toContain('ask for the same');
  });
});
