import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { distanceToStretch, inside, type Pair } from '../geometry/polygon';
import { bedArea, bedOutline, farthestSoil, outOfReach, toPick, type Bed } from './bed';

const bed = (change: Partial<Bed>): Bed => ({
  id: 'b',
  name: 'B',
  note: '',
  lengthMm: 2400,
  widthMm: 1200,
  heightMm: 0,
  fill: 'loose',
  outline: { shape: 'rectangle' },
  standFrom: 'both sides',
  riseMm: 0,
  xMm: 0,
  yMm: 0,
  turnDeg: 0,
  grew: [],
  soil: 'loam',
  wind: 'usual',
  ...change,
});

describe('how far soil is from where one stands', () => {
  it('is half the width of a rectangle picked from both long sides, all of it from the front alone, whatever its ends (by hand)', () => {
    expect(farthestSoil(bed({})).mm).toBeCloseTo(600, 6);
    expect(farthestSoil(bed({})).at[1]).toBeCloseTo(0, 6);
    expect(farthestSoil(bed({ standFrom: 'front only' })).mm).toBeCloseTo(1200, 6);
    expect(farthestSoil(bed({ lengthMm: 1200 })).mm).toBeCloseTo(600, 6);
    // All round an oval one may stand at its ends as well: a circle of 1200 is reached from 600 (a polygon, a little less).
    expect(farthestSoil(bed({ lengthMm: 1200, outline: { shape: 'round' } })).mm).toBeCloseTo(600, -1);
  });

  it('is no less anywhere that is tried, in a notched bed as in another, than it is found to be, to a step of its grid', () => {
    fc.assert(
      fc.property(
        fc.record({
          lengthMm: fc.integer({ min: 1500, max: 4000 }),
          widthMm: fc.integer({ min: 1500, max: 3000 }),
          notchLongMm: fc.integer({ min: 300, max: 1000 }),
          notchDeepMm: fc.integer({ min: 300, max: 1200 }),
          shape: fc.constantFrom('keyhole', 'corner'),
        }),
        fc.array(
          fc.tuple(fc.double({ min: -0.5, max: 0.5, noNaN: true }), fc.double({ min: -0.5, max: 0.5, noNaN: true })),
          {
            minLength: 40,
            maxLength: 40,
          },
        ),
        ({ lengthMm, widthMm, ...notch }, tries) => {
          const one = bed({ lengthMm, widthMm, outline: notch });
          const outline = bedOutline(one);
          // Its ends need not be free; front, back and notch are stood at.
          const sides = outline
            .map((from, i) => [from, outline[(i + 1) % outline.length] as Pair] as const)
            .filter(([a, b]) => !(Math.abs(a[0] - b[0]) < 1 && Math.abs(Math.abs(a[0]) - lengthMm / 2) < 1));
          const far = farthestSoil(one).mm;
          for (const [u, w] of tries) {
            const at: Pair = [u * lengthMm, w * widthMm];
            if (!inside(at, outline)) continue;
            const mm = Math.min(...sides.map(([a, b]) => distanceToStretch(at, a, b)));
            expect(mm).toBeLessThanOrEqual(far + Math.hypot(lengthMm, widthMm) / 24);
          }
        },
      ),
      { numRuns: cases(40) },
    );
  });

  it('covers all of its length and width but its notch, of an oval π/4 of them', () => {
    const size = { lengthMm: 3000, widthMm: 2000 };
    for (const shape of ['keyhole', 'corner'] as const)
      expect(bedArea({ ...size, outline: { shape, notchLongMm: 1000, notchDeepMm: 500 } })).toBeCloseTo(5.5e6, 6);
    expect(bedArea({ ...size, outline: { shape: 'round' } }) / (6e6 * (Math.PI / 4))).toBeCloseTo(1, 1);
  });

  it('leaves a strip out of reach in the middle, or at the back where that is against something; none where an arm does', () => {
    const wide = (standFrom: Bed['standFrom'], widthMm: number) =>
      outOfReach({ widthMm, standFrom, outline: { shape: 'rectangle' } }, 457);
    expect(wide('both sides', 914)).toBeNull();
    expect(wide('both sides', 1214)).toEqual({ wideMm: 300, acrossMm: 0 });
    expect(wide('front only', 457)).toBeNull();
    expect(wide('front only', 657)).toEqual({ wideMm: 200, acrossMm: 228.5 });
    expect([
      toPick({ widthMm: 1200, standFrom: 'both sides' }, 200),
      toPick({ widthMm: 1200, standFrom: 'front only' }, 200),
    ]).toEqual([400, 800]);
  });
});
