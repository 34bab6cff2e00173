import { expect, test } from 'vitest';
import type { Schemas } from '$lib/interface/schemas';
import { units } from '$lib/words/units.svelte';
import { asItIs, question } from './asked';

const choices = {
  looks: [
    { item: 'newRoots', measure: { words: 'longest', unit: 'mm' } },
    { item: 'smell', measure: null },
  ] as unknown as Schemas['LookChoice'][],
  traits: [
    { trait: 'rootSpeed', title: '', ofAPlant: true, unit: 'mm a week', answers: [] },
    { trait: 'leastGrowths', title: '', ofAPlant: true, unit: 'growths', answers: [] },
    { trait: 'roots', title: '', ofAPlant: false, unit: null, answers: [] },
  ] as Schemas['TraitChoice'][],
};

test('asking for nothing asks for everything as it is', () => {
  expect(question(asItIs(['newRoots', 'smell']), choices)).toEqual({
    on: null,
    approach: null,
    aim: null,
    pottedOn: null,
    moisture: null,
    mix: null,
    looks: {},
    deviation: null,
    handling: null,
    figures: {},
  });
});

test('only what was tapped or typed is asked', () => {
  const supposed = asItIs(['newRoots', 'smell', 'newRoots/B']);
  supposed.looks['newRoots'] = { answers: [], measured: '34' };
  supposed.looks['newRoots/B'] = { answers: ['NUB'], measured: '' };
  supposed.on = '2027-08-01';
  supposed.pottedOn = ' 2026-05 ';
  supposed.mix = [{ component: 'PUMICE', parts: '2' }] as never;
  expect(question(supposed, choices)).toMatchObject({
    on: '2027-08-01',
    pottedOn: '2026-05',
    mix: [{ component: 'PUMICE', parts: 2 }],
    looks: {
      newRoots: { answers: [], measured: 34 },
      'newRoots/B': { answers: ['NUB'], measured: null },
    },
  });
});

test('a look that is to be forgotten is sent as nothing', () => {
  const supposed = asItIs(['smell']);
  supposed.looks['smell'] = { answers: [], measured: '', forgotten: true };
  expect(question(supposed, choices).looks).toEqual({ smell: null });
});

test('one trait of its own makes a deviation of it', () => {
  const supposed = asItIs([]);
  supposed.traits.rootSpeed = '9';
  const asked = question(supposed, choices);
  expect(asked.deviation).toEqual({ rootSpeed: 9, leastGrowths: null });
});

test('figures are numbers, and what is none is sent as it was typed', () => {
  const supposed = asItIs([]);
  supposed.figures = { 'need.sour': '25,5', 'need.mixed': 'much', 'need.rim': ' ' };
  expect(question(supposed, choices).figures).toEqual({ 'need.sour': 25.5, 'need.mixed': 'much' });
});

test('lengths among the figures are typed in the chosen unit', () => {
  units.length = 'INCH';
  const supposed = asItIs([]);
  supposed.figures = { 'roots.nub-most': '0.5', 'need.sour': '25' };
  const rules = [
    { key: 'roots.nub-most', unit: 'mm' },
    { key: 'need.sour', unit: 'points' },
  ] as unknown as Schemas['RuleLine'][];
  expect(question(supposed, choices, rules).figures).toEqual({
    'roots.nub-most': 12.7,
    'need.sour': 25,
  });
  units.length = 'MM';
});

test('how a move would be done is asked for once something of it is chosen', () => {
  const asked = { ...asItIs([]), soaked: true };
  expect(question(asked, choices).handling).toEqual({ opened: null, soaked: true, potCut: false });
});
