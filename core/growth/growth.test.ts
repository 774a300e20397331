import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Crop } from '../crops/crop';
import { CROPS } from '../crops/table';
import { REGIONS } from '../site/regions';
import { dayOfYear, monthDayOf } from '../site/sun/season';
import { degreeDay, hotSpell, warmthBetween, warmthOf } from './degree-days';
import { opensOn } from './flowering';
import { dayAtHeight, grownShare, sizeAt, TOLD_FOR, warmthAt, yearOf, type Climate } from './growth';
import { outgrownOn } from './outgrown';

const crop = (id: string): Crop => CROPS.find((one) => one.id === id) as Crop;
const day = fc.integer({ min: 0, max: 364 });
const anyCrop = fc.constantFrom(...CROPS);
const anySite = fc.constantFrom(...REGIONS).map(({ site }): Climate => site);
const TOLD: Climate = { ...TOLD_FOR, firstFrost: '10-15', latitudeDeg: 45 };
const after = (from: string | number | null, to: number | null): number =>
  (to ?? NaN) - (typeof from === 'string' ? dayOfYear(from) : (from ?? NaN));

describe('the warmth of a day', () => {
  it('is the area of a sine over the base, as a sum over a fine cut of the day has it: an independent count', () => {
    const degrees = fc.double({ min: -20, max: 45, noNaN: true });
    fc.assert(
      fc.property(degrees, degrees, degrees, (a, b, base) => {
        const [min, max] = [Math.min(a, b), Math.max(a, b)];
        const parts = 2000;
        const sum = Array.from({ length: parts }, (_, i) =>
          Math.max(0, (max + min) / 2 + ((max - min) / 2) * Math.sin((2 * Math.PI * (i + 0.5)) / parts) - base),
        ).reduce((all, one) => all + one, 0);
        expect(degreeDay(min, max, base)).toBeCloseTo(sum / parts, 2);
      }),
    );
  });

  it('over the days of a month keeps to the month’s mean, and is the same every year', () => {
    for (const { site } of REGIONS) {
      const year = warmthOf(site.monthlyC, -40);
      const mean = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0) / list.length;
      // Over so low a base it is the mean temperature, but for what the cut-off takes.
      const none = warmthOf({ max: Array(12).fill(12), min: Array(12).fill(2) }, 0);
      expect(warmthBetween(none, 10.5, 20.25)).toBeCloseTo(9.75 * 7, 9);
      expect(warmthBetween(year, 0, 365)).toBeCloseTo(warmthBetween(year, 365, 730), 6);
      expect(mean(year)).toBeLessThanOrEqual(mean([...site.monthlyC.max, ...site.monthlyC.min]) + 40.5);
    }
  });
});

describe('the curve to full size', () => {
  it('is that of Yin and others (2003) with its fastest growth halfway, and is turned round exactly', () => {
    const share = fc.double({ min: 1e-6, max: 1, noNaN: true });
    fc.assert(
      fc.property(share, (t) => {
        const [te, tm] = [1, 0.5];
        const published = (1 + (te - t) / (te - tm)) * (t / te) ** (te / (te - tm));
        expect(sizeAt(t)).toBeCloseTo(published, 12);
        expect(warmthAt(sizeAt(t))).toBeCloseTo(t, 6);
      }),
    );
  });
});

describe('a crop’s year', () => {
  it('in the season that the table is told for is what the table says, to the day', () => {
    for (const one of CROPS.filter(({ years, sow }) => !years && sow.from > -16)) {
      const { starts, pickedFrom } = yearOf(one, { ...TOLD, firstFrost: '12-30' });
      expect(after(starts, pickedFrom), one.id).toBeCloseTo(one.daysToCrop.least, 6);
    }
  });

  it('of perennials keeps to the trade’s weeks in it (common practice, no source)', () => {
    const flowers = (id: string) => after(TOLD.lastFrost, yearOf(crop(id), TOLD).flowers) / 7;
    const ripens = (id: string) => {
      const year = yearOf(crop(id), TOLD);
      return after(year.flowers, year.pickedFrom);
    };
    expect(flowers('raspberry')).toBeGreaterThanOrEqual(4);
    expect(flowers('raspberry')).toBeLessThanOrEqual(6);
    expect(ripens('raspberry')).toBeCloseTo(30, 0);
    expect(flowers('blackberry') - flowers('raspberry')).toBeGreaterThanOrEqual(2);
    expect(flowers('blackberry') - flowers('raspberry')).toBeLessThanOrEqual(3);
    for (const id of ['blackberry', 'loganberry']) expect([40, 45]).toContain(Math.round(ripens(id)));
    for (const id of ['grape', 'hardy-kiwi']) {
      expect(flowers(id)).toBeGreaterThanOrEqual(3);
      expect(flowers(id)).toBeLessThanOrEqual(6);
    }
    expect(Math.abs(flowers('strawberry'))).toBeLessThan(1);
    expect(ripens('strawberry')).toBeCloseTo(30, 0);
    // Autumn canes fruit from late summer.
    expect(monthDayOf(yearOf(crop('autumn-raspberry'), TOLD).pickedFrom ?? 0).slice(0, 2)).toBe('08');
  });

  it('goes in its order everywhere: starts, flowers, is picked, ends', () => {
    fc.assert(
      fc.property(anyCrop, anySite, (one, site) => {
        const { starts, flowers, pickedFrom, pickedTo, ends } = yearOf(one, site);
        const told = [starts, flowers, pickedFrom, pickedTo, ends].filter((at) => at !== null);
        expect(told).toEqual(told.toSorted((a, b) => a - b));
        expect(ends - starts).toBeLessThan(2 * 365);
        expect(pickedFrom === null).toBe(pickedTo === null);
      }),
    );
  });

  it('is never later for more warmth, and stays open where it is too cold', () => {
    const warmer = (site: Climate, by: number): Climate => ({
      ...site,
      monthlyC: { max: site.monthlyC.max.map((c) => c + by), min: site.monthlyC.min.map((c) => c + by) },
    });
    fc.assert(
      fc.property(anyCrop, anySite, fc.double({ min: 0.2, max: 4, noNaN: true }), (one, site, by) => {
        const [cool, warm] = [yearOf(one, site), yearOf(one, warmer(site, by))];
        if (cool.pickedFrom !== null) expect(warm.pickedFrom).toBeLessThanOrEqual(cool.pickedFrom + 1e-6);
        expect(yearOf(one, warmer(site, -45)).pickedFrom).toBeNull();
      }),
    );
  });

  it('on the other side of the earth is the same half a year on', () => {
    const round = (list: readonly number[]) => [...list.slice(6), ...list.slice(0, 6)];
    const half = (monthDay: string) => monthDayOf(dayOfYear(monthDay) + 182);
    fc.assert(
      fc.property(anyCrop, anySite, (one, site) => {
        const other: Climate = {
          latitudeDeg: -site.latitudeDeg,
          lastFrost: half(site.lastFrost),
          firstFrost: half(site.firstFrost),
          monthlyC: { max: round(site.monthlyC.max), min: round(site.monthlyC.min) },
        };
        const [here, there] = [yearOf(one, site), yearOf(one, other)];
        const apart = (a: number, b: number) => Math.abs(((((b - a - 182) % 365) + 365 + 182) % 365) - 182);
        expect(apart(here.starts, there.starts)).toBeLessThan(6);
        if (here.pickedFrom !== null && there.pickedFrom !== null)
          expect(apart(here.pickedFrom, there.pickedFrom)).toBeLessThan(8);
      }),
    );
  });
});

describe('how far a crop has grown', () => {
  it('never shrinks from its start to its end, is whole when it is grown, and gone or bare after', () => {
    fc.assert(
      fc.property(anyCrop, anySite, day, day, (one, site, a, b) => {
        const { starts, grown, ends } = yearOf(one, site);
        const at = (n: number) => grownShare(one, n, site);
        const [first, second] = [starts + Math.min(a, b), starts + Math.max(a, b)].map(Math.ceil) as [number, number];
        if (second <= Math.min(ends, starts + 364)) {
          expect(at(second).leaf).toBeGreaterThanOrEqual(at(first).leaf);
          expect(at(second).height).toBeGreaterThanOrEqual(at(first).height);
        }
        if (grown !== null && Math.ceil(grown) <= ends) expect(at(Math.ceil(grown)).leaf).toBe(1);
        const stands = one.years?.winter === 'stands';
        if (ends - starts < 360)
          expect(at(Math.ceil(ends) + 1)).toEqual(stands ? { height: 1, leaf: 0.2 } : { height: 0, leaf: 0 });
      }),
    );
  });

  it('the day it reaches a height is the day on which it is so high', () => {
    fc.assert(
      fc.property(anyCrop, anySite, fc.double({ min: 0.05, max: 1, noNaN: true }), (one, site, share) => {
        const at = dayAtHeight(one, one.heightMm * share, site);
        expect(dayAtHeight(one, one.heightMm + 1, site)).toBeNull();
        if (at === null) return;
        const after = grownShare(one, Math.ceil(at), site).height;
        const before = grownShare(one, Math.floor(at), site).height;
        expect(after).toBeGreaterThanOrEqual(share - 1e-9);
        if (Math.floor(at) > yearOf(one, site).starts) expect(before).toBeLessThanOrEqual(share + 1e-9);
      }),
    );
  });

  it('canes that stand all winter are opened for insects in early summer and never “outgrow” a net in autumn', () => {
    for (const { site, id } of REGIONS) {
      const year = yearOf(crop('raspberry'), site);
      const months = site.latitudeDeg < 0 ? ['09', '10', '11'] : ['03', '04', '05', '06', '07'];
      expect(months, id).toContain(opensOn(crop('raspberry'), site, 1.3)?.slice(0, 2));
      expect(outgrownOn(crop('raspberry'), 1200, site)).toBe(year.starts);
      expect(outgrownOn(crop('raspberry'), 2400, site)).toBeNull();
      expect(opensOn(crop('raspberry'), site, 25)).toBeNull();
    }
  });
});

describe('the hot part of a year', () => {
  it('goes from month to month in straight lines: 24 °C between means of 23.5 and 25.5, and of 25 and 20.5, by hand', () => {
    // 15 June and 16 July are 31 days apart, 24 °C a quarter of the way; 16 August and 15 September 30, at 2/9 of it.
    const hot = hotSpell(TOLD_FOR.monthlyC, 24);
    expect([hot?.from, hot?.to]).toEqual([Math.ceil(165 + 31 / 4), Math.floor(227 + (30 * 2) / 9)]);
    expect(hotSpell(TOLD_FOR.monthlyC, 26)).toBeNull();
    expect(hotSpell(TOLD_FOR.monthlyC, -20)).toEqual({ from: 0, to: 364 });
  });

  it('goes on over the new year where that is summer: every place half a year on has the same spell half a year on', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 5, max: 40 }), { minLength: 12, maxLength: 12 }), (max) => {
        const hot = hotSpell({ max }, 24);
        if (!hot) return expect(Math.max(...max)).toBeLessThan(24.5);
        const turned = hotSpell({ max: max.map((_, month) => max[(month + 6) % 12] as number) }, 24);
        expect(Math.abs((turned?.to ?? 0) - (turned?.from ?? 0) - (hot.to - hot.from))).toBeLessThanOrEqual(4);
      }),
    );
  });
});
