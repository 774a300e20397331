import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Joint } from '../design/design';
import type { Bar } from '../design/shapes/bar';
import type { Point } from '../geometry/space';
import { pilotFor, setFixings, wouldMeet } from './set-fixings';

const bar = (id: string, from: Point, to: Point, wide: Point, o: Partial<Bar> = {}): Bar => ({
  id,
  role: 'rail',
  stock: 'timber-2x4-untreated',
  shape: 'bar',
  from,
  to,
  cutMm: Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]),
  wide,
  wideMm: 140,
  thickMm: 38,
  ends: [{ cut: 'square' }, { cut: 'square' }],
  holes: [],
  buriedMm: 0,
  ...o,
});

/** A rail that laps a post by as much as both are wide, screwed through from the front. */
function lapped(count: number, o: Partial<Bar> = {}) {
  const post = bar('post', [0, 0, 0], [0, 0, 1500], [1, 0, 0], o);
  const rail = bar('rail', [-70, -38, 1430], [1200, -38, 1430], [0, 0, 1]);
  const joint: Joint = {
    id: 'j',
    kind: 'rail to post',
    places: [[0, -19, 1430]],
    parts: ['rail', 'post'],
    fixings: [{ stock: 'screw-long', count, drive: { through: 'rail', into: 'post', way: [0, 1, 0] } }],
  };
  const [set] = setFixings({ parts: [post, rail], joints: [joint] }, CATALOGUE);
  return { driven: set?.fixings[0]?.driven ?? [], post, rail };
}

describe('where screws sit', () => {
  it('is seven shanks from every end and three from every edge where there is room (EN 1995-1-1:2004, table 8.2), through one into the other, clear of each other', () => {
    for (const count of [1, 2, 3, 4]) {
      const { driven } = lapped(count);
      expect(driven).toHaveLength(count);
      for (const one of driven) {
        const [x, y, z] = one.at;
        expect(y).toBeCloseTo(-57, 6);
        // Within the lap of 140 × 140: the post ends above it and the rail to its left; the rest are edges.
        const ends = [x + 70, 1500 - z];
        const edges = [70 - x, z - 1360];
        for (const mm of ends) expect(mm).toBeGreaterThanOrEqual(7 * one.thickMm - 1e-6);
        for (const mm of edges) expect(mm).toBeGreaterThanOrEqual(3 * one.thickMm - 1e-6);
        expect([one.through, one.into, one.longMm > 57]).toEqual(['rail', 'post', true]);
      }
      driven.forEach((a, i) => driven.slice(i + 1).forEach((b) => expect(wouldMeet(a, b)).toBe(false)));
      // As far apart as the lap allows: nobody sets four screws in one corner.
      if (count > 1)
        expect(Math.max(...driven.map(({ at }) => at[2])) - Math.min(...driven.map(({ at }) => at[2]))).toBeGreaterThan(
          20,
        );
    }
  });

  it('has a pilot of 0.7 of the shank in softwood (EN 1995-1-1:2004, 10.4.5), more in dense wood, by what its point is in', () => {
    // To half a millimetre: 0.7 × 5 = 3.5, 0.85 × 5 = 4.25 → 4.5 or 4; never less than 1.
    expect([4, 5, 6, 8].map((thick) => pilotFor(thick, false))).toEqual([3, 3.5, 4, 5.5]);
    fc.assert(
      fc.property(fc.double({ min: 3, max: 12, noNaN: true }), (thick) => {
        expect(pilotFor(thick, true)).toBeGreaterThanOrEqual(pilotFor(thick, false));
        expect(Math.abs(pilotFor(thick, false) - 0.7 * thick)).toBeLessThanOrEqual(0.25);
        expect(Math.abs(pilotFor(thick, true) - 0.85 * thick)).toBeLessThanOrEqual(0.25);
      }),
    );
    const dense = CATALOGUE.all.find((one) => one.form === 'timber' && one.treatment === 'durable');
    const soft = lapped(1).driven[0];
    expect(soft?.pilotMm).toBe(pilotFor(soft?.thickMm ?? NaN, false));
    expect(lapped(1, { stock: dense?.id ?? '' }).driven[0]?.pilotMm).toBe(pilotFor(soft?.thickMm ?? NaN, true));
  });
});
