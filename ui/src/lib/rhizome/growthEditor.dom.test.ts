import { render, screen } from '@testing-library/svelte';
import { userEvent } from '@testing-library/user-event';
import { expect, it } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import GrowthEditor from './GrowthEditor.svelte';
import type { Growth, MapChange, PlantMap } from './map';

const LEAD: Growth = {
  name: '1',
  firmness: 'FIRM',
  roots: 3,
  newRoots: false,
  front: 'LEAD',
  x: 0,
  y: 0,
  heading: 0,
};

it('keeps a quick second tap, and makes it of the growth that is chosen by then', async () => {
  const asked: (string | undefined)[] = [];
  const answers: (() => void)[] = [];
  let map: PlantMap = { growths: [LEAD], joints: [] };
  const given = {
    map,
    name: '1',
    stepMm: 24,
    choices: { fronts: [], firmness: [] } as unknown as Schemas['Choices'],
    onmap: () => undefined,
    onredraw: async (change: MapChange) => {
      asked.push(change.name);
      await new Promise<void>((resolve) => answers.push(resolve));
      const next = { ...LEAD, name: String(map.growths.length + 1) };
      map = { ...map, growths: [...map.growths, next] };
      return map;
    },
    onselect: (name: string | undefined) => void rerender({ ...given, map, name: name! }),
  };
  const { rerender } = render(GrowthEditor, given);
  const more = screen.getByRole('button', { name: 'One more in front' });
  await userEvent.click(more);
  await userEvent.click(more);
  expect(asked).toEqual(['1']);
  answers.shift()!();
  await expect.poll(() => asked).toEqual(['1', '2']);
  answers.shift()!();
  await expect.poll(() => screen.getByRole('heading').textContent).toBe('Growth 3');
});
