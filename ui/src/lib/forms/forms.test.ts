import { describe, expect, it } from 'vitest';
import { Problem } from '$lib/api/client';
import { faultOf, otherFaults } from './faults';
import { number, optional, shown } from '$lib/words/numbers';

const problem = new Problem('Two entries are wrong.', [
  { field: 'mix[0].share', sentence: 'A share is a number over 0.' },
  { field: 'potMm', sentence: 'A pot is 20 to 3000 mm wide.' },
]);

describe('what is wrong with a form', () => {
  it('stands at the entry it belongs to, also for a part of it', () => {
    expect(faultOf(problem, 'potMm')).toBe('A pot is 20 to 3000 mm wide.');
    expect(faultOf(problem, 'mix')).toBe('A share is a number over 0.');
    expect(faultOf(problem, 'pot')).toBeUndefined();
    expect(faultOf(undefined, 'potMm')).toBeUndefined();
  });

  it('is said above the form where no entry shows it', () => {
    expect(otherFaults(problem, ['mix'])).toBe('A pot is 20 to 3000 mm wide.');
    expect(otherFaults(problem, ['mix', 'potMm'])).toBeUndefined();
    expect(otherFaults(new Problem('It does not answer.'), ['mix'])).toBe('It does not answer.');
  });
});

describe('a typed number', () => {
  it('may have a comma', () => {
    expect(number(' 3,5 ')).toBe(3.5);
    expect(number('-2.25')).toBe(-2.25);
  });

  it('is sent as typed when it is none, so that the answer names its field', () => {
    expect(number('ten')).toBe('ten');
    expect(number('')).toBe('');
  });

  it('is nothing where nothing was typed, and 0 is a number', () => {
    expect(optional('  ')).toBeNull();
    expect(optional('0')).toBe(0);
    expect(shown(null)).toBe('');
    expect(shown(0)).toBe('0');
  });
});
