import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Planted } from '../crops/planted';
import { CROPS } from '../crops/table';
import { feet, inches } from '../quantity/length';
import { placeStations, plantUnder, STATION_SCHOOLS, stationsAlong } from './rules/stations';

const school = fc.constantFrom(...STATION_SCHOOLS.map(({ id }) => id));
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyPlanted = fc
  .tuple(fc.constantFrom(...CROPS), fc.nat(3), fc.integer({ min: 1, max: 40 }))
  .map(([crop, n, count]): Omit<Planted, 'id'> => ({
    bed: 'b',
    crop,
    training: crop.trainings[n % crop.trainings.length] as Planted['training'],
    count,
  }));

describe('plants along a length', () => {
  it('the two schools give what the trade has them give: 8′ at 12″ nine from end to end, 10′ at 12″ ten half a space in', () => {
    // Worked values of the trade (common practice, no source).
    const ends = stationsAlong(feet(8), inches(12), 'ends');
    const inset = stationsAlong(feet(10), inches(12), 'inset');
    expect([ends.length, ends[0], ends.at(-1)]).toEqual([9, 0, feet(8)]);
    expect(inset).toHaveLength(10);
    expect(inset[0]).toBeCloseTo(inches(6), 6);
  });

  it('stand their spacing apart, as many as have room, with equal rests at both ends', () => {
    fc.assert(
      fc.property(mm(100, 30_000), mm(50, 2000), school, (length, spacing, way) => {
        const at = stationsAlong(length, spacing, way);
        at.slice(1).forEach((to, i) => expect(to - (at[i] ?? 0)).toBeCloseTo(spacing, 6));
        expect(at[0]).toBeCloseTo(length - (at.at(-1) ?? 0), 6);
        if (length < spacing) return;
        const [first = 0] = at;
        expect(first).toBeGreaterThanOrEqual(way === 'ends' ? -0.3 : spacing / 2 - 0.3);
        // One more would not go in.
        expect(first).toBeLessThan(way === 'ends' ? spacing / 2 : spacing);
      }),
    );
  });
});

it('where plantings meet in a row none shares a place: from one to the next is half the space of either', () => {
  fc.assert(
    fc.property(fc.array(anyPlanted, { minLength: 2, maxLength: 4 }), mm(3000, 30_000), school, (some, long, way) => {
      const planted = some.map((one, i): Planted => ({ ...one, id: `p${i}` }));
      const asked = planted.map((one) => one.count * one.training.spacingMm);
      const sum = asked.reduce((total, one) => total + one, 0);
      // Every planting gets room for one at the least.
      fc.pre(planted.every((one, i) => (long * (asked[i] ?? 0)) / sum > one.training.spacingMm * 1.01));
      const stations = placeStations({
        planted,
        ground: { lengthMm: long, riseMm: 0 },
        fromMm: 0,
        lengthMm: long,
        school: way,
        rows: [{ acrossMm: 0, side: 'front' }],
      });
      for (const one of planted) expect(stations.some((station) => station.planting === one.id)).toBe(true);
      stations.slice(1).forEach((to, i) => {
        const from = stations[i] as (typeof stations)[number];
        expect(to.alongMm - from.alongMm).toBeGreaterThanOrEqual((from.spacingMm + to.spacingMm) / 2 - 0.6);
      });
      expect(stations[0]?.alongMm).toBeGreaterThanOrEqual(-0.3);
      expect(stations.at(-1)?.alongMm).toBeLessThanOrEqual(long + 0.3);
    }),
  );
});

it('rows under a cover are where an arm picks them, from both sides or from the front; in a bed too wide for all there is one at least', () => {
  fc.assert(
    fc.property(
      anyPlanted,
      mm(300, 3000),
      mm(200, 700),
      fc.constantFrom('both sides' as const, 'front only' as const),
      (one, wide, armMm, standFrom) => {
        const rows = plantUnder({
          planted: [{ ...one, id: 'p' }],
          ground: { lengthMm: 3000, riseMm: 0 },
          fromMm: 0,
          lengthMm: 3000,
          acrossMm: 0,
          wideMm: wide,
          bed: { widthMm: wide, standFrom },
          armMm,
        }).map(({ at }) => at[1]);
        expect(rows.length).toBeGreaterThan(0);
        for (const y of rows)
          expect(Math.min(wide / 2 + y, standFrom === 'front only' ? Infinity : wide / 2 - y)).toBeLessThanOrEqual(
            armMm + 1,
          );
      },
    ),
  );
});

it('what is opened from its front has its tall crops behind, and holds no fewer plants for it', () => {
  fc.assert(
    fc.property(
      fc.array(anyPlanted, { minLength: 2, maxLength: 3 }),
      mm(1000, 6000),
      mm(300, 2000),
      (some, long, wide) => {
        const planted = some.map((one, i): Planted => ({ ...one, id: `p${i}` }));
        const under = (tall?: 'behind' | 'before') =>
          plantUnder({
            planted,
            ground: { lengthMm: long, riseMm: 0 },
            fromMm: 0,
            lengthMm: long,
            acrossMm: 0,
            wideMm: wide,
            ...(tall ? { tall } : {}),
            bed: { widthMm: wide, standFrom: 'both sides' },
            armMm: 1000,
          });
        const [mixed, apart] = [under(), under('behind')];
        const count = (stations: typeof mixed) => stations.filter((one) => !one.spare).length;
        expect(count(apart)).toBeGreaterThanOrEqual(count(mixed));
        for (const one of planted)
          expect(apart.filter(({ planting, spare }) => planting === one.id && !spare).length).toBeLessThanOrEqual(
            one.count,
          );
        const rowsOf = new Map<number, Set<number>>();
        for (const { at, growsMm } of apart) rowsOf.set(at[1], (rowsOf.get(at[1]) ?? new Set()).add(growsMm));
        // Rows of one crop each rise from front to back; mixed ones are left where they hold more.
        if ([...rowsOf.values()].some((heights) => heights.size > 1)) return;
        const heights = [...rowsOf].toSorted(([a], [b]) => a - b).map(([, [height]]) => height ?? 0);
        expect(heights).toEqual(heights.toSorted((a, b) => a - b));
        // What is opened from behind is planted the other way round.
        const turned = [...new Map(under('before').map(({ at, growsMm }) => [at[1], growsMm]))];
        if (turned.length === heights.length)
          expect(turned.toSorted(([a], [b]) => b - a).map(([, height]) => height)).toEqual(
            turned.map(([, height]) => height).toSorted((a, b) => a - b),
          );
      },
    ),
  );
});
