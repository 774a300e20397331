import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clockAt, instantOf, isZone } from './clock';

const zone = fc.constantFrom(
  'Europe/Dublin',
  'America/Denver',
  'Australia/Adelaide',
  'Asia/Kathmandu',
  'America/Sao_Paulo',
);
/** What the machine's own calendar says clocks of a zone show: ICU's rules, independent of the package under test. */
const shownBy = (ms: number, timeZone: string): string =>
  new Intl.DateTimeFormat('sv-SE', { timeZone, dateStyle: 'short', timeStyle: 'short' }).format(ms);

describe('clocks', () => {
  it('an instant by the clock of a zone is what clocks there show, summer and winter', () => {
    fc.assert(
      fc.property(
        zone,
        fc.integer({ min: 0, max: 364 }),
        fc.integer({ min: 4 * 60, max: 23 * 60 }),
        (place, day, minutes) => {
          const date = new Date(Date.UTC(2026, 0, 1 + day)).toISOString().slice(0, 10);
          const ms = instantOf(date, minutes, place);
          const clock = `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
          expect(shownBy(ms, place)).toBe(`${date} ${clock}`);
          expect(clockAt(ms, place).minutes).toBe(minutes);
        },
      ),
    );
    // Irish clocks are an hour ahead of UTC in summer; Nepal's are 5 h 45 min ahead all year (IANA time zone database).
    expect(instantOf('2026-07-01', 12 * 60, 'Europe/Dublin')).toBe(Date.UTC(2026, 6, 1, 11));
    expect(clockAt(0, 'Asia/Kathmandu').aheadMinutes % 15).toBe(0);
    expect([isZone('Europe/Dublin'), isZone('Moon/Tranquility')]).toEqual([true, false]);
  });
});
