import { describe, expect, it } from 'vitest';
import { ago, daysBetween, long, partial, plusDays, short, span, writeIso } from './dates';

describe('days in words', () => {
  it('leaves out the year that everybody knows', () => {
    expect(short('2027-05-16', '2027-01-01')).toBe('16 May');
    expect(short('2026-05-16', '2027-01-01')).toBe('16 May 2026');
    expect(long('2027-05-15')).toBe('Saturday 15 May');
  });

  it('says a potting date no more exactly than it is known', () => {
    expect(partial('2026-10-03')).toBe('3 Oct 2026');
    expect(partial('2026-10')).toBe('Oct 2026');
    expect(partial('2026')).toBe('2026');
    expect(partial('unknown')).toBe('on an unknown day');
  });

  it('says a window once where its ends share the month', () => {
    expect(span('2027-05-14', '2027-05-29', '2027-05-01')).toBe('14–29 May');
    expect(span('2027-05-28', '2027-06-03', '2027-05-01')).toBe('28 May–3 Jun');
    expect(span('2027-05-28', '2027-05-28', '2027-05-01')).toBe('28 May');
  });

  it('writes days without words where that is wanted', () => {
    writeIso(true);
    expect(short('2027-05-16', '2027-01-01')).toBe('2027-05-16');
    expect(span('2027-05-14', '2027-05-29', '2027-05-01')).toBe('2027-05-14 – 2027-05-29');
    expect(partial('2026-10')).toBe('2026-10');
    writeIso(false);
  });

  it('says how long ago a day was', () => {
    expect([0, 1, 12].map(ago)).toEqual(['today', 'yesterday', '12 days ago']);
  });

  it('counts days over the change of the clocks', () => {
    expect(daysBetween('2027-03-27', '2027-03-29')).toBe(2);
    expect(plusDays('2027-10-30', 2)).toBe('2027-11-01');
  });
});
