import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CROPS } from '../../crops/table';
import { COMMON_YEAR, growingMonths, samplesOfDay } from './samples';
import { dayAtHeight, dayOfYear, grownShare, monthDayOf } from './season';

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
      { numRuns: 40 },
    );
  });
});

describe('how far a crop has grown', () => {
  const annual = fc.constantFrom(...CROPS.filter(({ seasons }) => seasons === 1));
  const SITE = { lastFrost: '05-05', firstFrost: '10-28' };

  it('rises evenly from its first week to its first picking and is gone after the frost', () => {
    fc.assert(
      fc.property(annual, day, (crop, n) => {
        const share = grownShare(crop, n, SITE);
        expect(share).toBeGreaterThanOrEqual(0);
        expect(share).toBeLessThanOrEqual(1);
        const start = dayOfYear(SITE.lastFrost) + crop.sow.from * 7;
        if (n > start && n < start + crop.daysToCrop.least && n < dayOfYear(SITE.firstFrost))
          expect(share).toBeCloseTo((n - start) / crop.daysToCrop.least, 9);
        if (n > dayOfYear(SITE.firstFrost) + 31) expect(share).toBe(0);
      }),
    );
  });

  it('the day it reaches a height is the day on which that share of it has grown; never, where it is never so high', () => {
    fc.assert(
      fc.property(annual, fc.double({ min: 0.05, max: 1, noNaN: true }), (crop, share) => {
        const at = dayAtHeight(crop, crop.heightMm * share, SITE) ?? NaN;
        const grown = (at - dayOfYear(SITE.lastFrost) - crop.sow.from * 7) / crop.daysToCrop.least;
        expect(grown).toBeCloseTo(share, 9);
        expect(dayAtHeight(crop, crop.heightMm + 1, SITE)).toBeNull();
      }),
    );
  });

  it('what stands for years is in leaf from a month before the last frost, and bare in winter', () => {
    const lasting = CROPS.filter(({ seasons }) => seasons > 1);
    expect(lasting.length).toBeGreaterThan(0);
    for (const crop of lasting)
      expect([grownShare(crop, dayOfYear('07-15'), SITE), grownShare(crop, dayOfYear('01-15'), SITE)]).toEqual([
        1, 0.2,
      ]);
  });
});
