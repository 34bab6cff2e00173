import { afterEach, describe, expect, it } from 'vitest';
import {
  lengthIn,
  lengthOut,
  lengthSaid,
  measuredBack,
  measuredIn,
  measuredOut,
  retyped,
  unitOf,
  units,
  volumeIn,
  volumeOut,
  volumeSaid,
  volumeUnit,
  warmthIn,
  warmthOut,
} from './units.svelte';

afterEach(() => units.take({ length: 'MM', warmth: 'C', volume: 'LITRE', days: 'WORDS' }));

describe('what nobody has touched', () => {
  it('goes back as it was, whatever it looks like in other units', () => {
    for (const length of ['MM', 'CM', 'INCH'] as const) {
      units.length = length;
      for (const mm of [20, 83, 100, 130, 7.5]) {
        expect(measuredBack(measuredOut(mm, 'mm'), 'mm', mm)).toBe(mm);
        expect(measuredBack('3', 'mm', mm)).toBe(measuredIn('3', 'mm'));
      }
    }
    units.warmth = 'F';
    expect(measuredBack(measuredOut(18.3, '°C'), '°C', 18.3)).toBe(18.3);
    expect(measuredBack('12', 'mm', undefined)).toBe(304.8);
  });

  it('is typed anew when the units change', () => {
    const from = { length: 'MM', warmth: 'C' } as const;
    expect(retyped('84', 'mm', from)).toBe('84');
    units.length = 'INCH';
    expect(retyped('84', 'mm', from)).toBe('3.31');
    expect(retyped('', 'mm', from)).toBe('');
    expect(retyped('many', 'mm', from)).toBe('many');
    expect(retyped('5', '', from)).toBe('5');
  });
});

describe('the chosen units', () => {
  it('writes lengths as chosen and sends mm', () => {
    expect(lengthSaid(34)).toBe('34 mm');
    units.length = 'CM';
    expect(lengthSaid(34)).toBe('3.4 cm');
    expect(lengthIn('3,4')).toBe(34);
    units.length = 'INCH';
    expect(lengthSaid(25.4)).toBe('1 in');
    expect(lengthIn('0.5')).toBe(12.7);
  });

  it('brings back what it wrote', () => {
    for (const length of ['MM', 'CM', 'INCH'] as const) {
      units.length = length;
      for (const mm of [1, 6, 19.5, 34, 120])
        expect(Math.abs(lengthIn(lengthOut(mm)) - mm)).toBeLessThan(0.2);
    }
    units.warmth = 'F';
    expect(warmthOut(20)).toBe('68');
    expect(warmthIn('68')).toBe(20);
  });

  it('says volumes by the jug', () => {
    expect(volumeSaid(993)).toBe('993 ml');
    expect(volumeSaid(1940)).toBe('1.9 l');
    units.volume = 'US';
    expect(volumeSaid(575)).toBe('19 fl oz');
    expect(volumeSaid(1940)).toBe('2 qt');
    expect(volumeUnit('large')).toBe('quarts');
    expect(volumeIn('2', 'large')).toBe(1892.71);
    expect(volumeOut(1892.71, 'large')).toBe('2');
    expect(volumeIn('1,5', 'small')).toBe(44.36);
  });

  it('leaves what is no length alone', () => {
    units.length = 'INCH';
    expect(measuredIn('6.5', '')).toBe(6.5);
    expect(measuredIn('6', 'days')).toBe(6);
  });

  it('writes every figure in its unit', () => {
    units.take({ length: 'CM', warmth: 'F', volume: 'LITRE', days: 'WORDS' });
    expect([unitOf('mm'), unitOf('mm a week'), unitOf('°C'), unitOf('minutes')]).toEqual([
      'cm',
      'cm a week',
      '°F',
      'minutes',
    ]);
    expect([
      measuredOut(17, 'mm a week'),
      measuredOut(20, '°C'),
      measuredOut(60, 'minutes'),
    ]).toEqual(['1.7', '68', '60']);
    expect(measuredIn('1.7', 'mm a week')).toBe(17);
    expect(measuredIn('68', '°C')).toBe(20);
  });

  it('sends what is no number as it was typed', () => {
    units.length = 'INCH';
    expect(lengthIn('six')).toBe('six');
  });
});
