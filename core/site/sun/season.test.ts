import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../cases.fixture';
import { growingMonths, samplesOfDay } from './samples';
import { COMMON_YEAR, dayOfYear, monthDayOf } from './season';

const day = fc.integer({ min: 0, max: 364 });
const frosts = fc.record({ lastFrost: day.map(monthDayOf), firstFrost: day.map(monthDayOf) });
const place = fc.record({
  latitudeDeg: fc.double({ min: -50, max: 50, noNaN: true }),
  longitudeDeg: fc.double({ min: -180, max: 180, noNaN: true }),
});

describe('days of a common year', () => {
  it('are counted as a calendar has them: the clock’s own, an independent count', () => {
    for (let n = 0; n < 365; n++) {
      const at = new Date(Date.UTC(COMMON_YEAR, 0, 1 + n));
      const written = at.toISOString().slice(5, 10);
      expect(monthDayOf(n)).toBe(written);
      expect(dayOfYear(written)).toBe(n);
    }
  });

  it('go round the year, from before its start and after its end', () => {
    fc.assert(
      fc.property(day, fc.integer({ min: -3, max: 3 }), (n, years) => {
        expect(monthDayOf(n + 365 * years)).toBe(monthDayOf(n));
      }),
    );
    expect([monthDayOf(-1), monthDayOf(365), monthDayOf(364.4)]).toEqual(['12-31', '01-01', '12-31']);
  });

  it('the months that grow run from the last frost’s to the first frost’s, across the new year too', () => {
    fc.assert(
      fc.property(frosts, (site) => {
        const months = growingMonths(site);
        expect([months[0], months.at(-1)]).toEqual([
          Number(site.lastFrost.slice(0, 2)),
          Number(site.firstFrost.slice(0, 2)),
        ]);
        months.slice(1).forEach((month, i) => expect(month).toBe(((months[i] ?? 0) % 12) + 1));
        expect(months.length).toBeLessThanOrEqual(12);
      }),
    );
  });
});

describe('a day’s sun', () => {
  it('is taken at even steps while it is up; its hours are the day’s, and with the night’s make twenty-four', () => {
    fc.assert(
      fc.property(place, fc.integer({ min: 1, max: 12 }), fc.constantFrom(10, 20, 60), (where, month, step) => {
        const hours = (at: typeof where) =>
          samplesOfDay(COMMON_YEAR, month, 15, at, step).reduce((sum, one) => sum + one.hours, 0);
        for (const { sun } of samplesOfDay(COMMON_YEAR, month, 15, where, step))
          expect(sun.altitudeRad).toBeGreaterThan(0);
        // What is day here is night at the other end of the earth, but for the sun's own width and the step.
        const other = { latitudeDeg: -where.latitudeDeg, longitudeDeg: where.longitudeDeg };
        expect(Math.abs(hours(where) + hours(other) - 24)).toBeLessThan(0.4 + (2 * step) / 60);
      }),
      { numRuns: cases(40) },
    );
  });
});
