import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distanceToOutline, areaOf } from '../geometry/polygon';
import { bedArea, bedOutline, CORNERS, narrows, roomOf, type Bed } from './bed';

const anyPolygon = fc.record({
  lengthMm: fc.integer({ min: 400, max: 12_000 }),
  widthMm: fc.integer({ min: 400, max: 4000 }),
  corners: fc.integer(CORNERS),
});
const bedOf = (o: {
  lengthMm: number;
  widthMm: number;
  corners: number;
}): Pick<Bed, 'lengthMm' | 'widthMm' | 'outline'> => ({
  lengthMm: o.lengthMm,
  widthMm: o.widthMm,
  outline: { shape: 'polygon', corners: o.corners },
});

describe('a bed of equal sides', () => {
  it('touches all four sides of its length and width, its front one of its own; regular where those are', () => {
    fc.assert(
      fc.property(anyPolygon, (one) => {
        const outline = bedOutline(bedOf(one));
        const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
        expect(outline.length).toBe(one.corners);
        expect(Math.max(...xs)).toBeCloseTo(one.lengthMm / 2, 6);
        expect(Math.min(...xs)).toBeCloseTo(-one.lengthMm / 2, 6);
        expect(Math.max(...ys)).toBeCloseTo(one.widthMm / 2, 6);
        expect([outline[0], outline[1]].map((at) => at?.[1])).toEqual([
          expect.closeTo(-one.widthMm / 2, 6),
          expect.closeTo(-one.widthMm / 2, 6),
        ]);
        expect(narrows(bedOf(one))).toBe(true);
      }),
    );
    // A hexagon 2 m long is of sides of 1 m, 1.732 m across: 3√3/2 square metres (Euclid).
    const hexagon = bedOf({ lengthMm: 2000, widthMm: 1000 * Math.sqrt(3), corners: 6 });
    expect(bedArea(hexagon) / 1e6).toBeCloseTo((3 * Math.sqrt(3)) / 2, 6);
    const octagon = bedOf({ lengthMm: 2000, widthMm: 2000, corners: 8 });
    expect(bedArea(octagon) / 1e6).toBeCloseTo(8 * (Math.SQRT2 - 1), 6);
  });

  it('has room for a row as wide as is asked, inside its outline, the longest there is; for a box nearly the largest', () => {
    fc.assert(
      fc.property(anyPolygon, fc.double({ min: 0.02, max: 0.9, noNaN: true }), (one, share) => {
        const bed = bedOf(one);
        const outline = bedOutline(bed);
        const wide = share * one.widthMm;
        for (const room of [roomOf(bed, wide), roomOf(bed)]) {
          const [x, y] = [room.fromMm - one.lengthMm / 2, room.frontMm - one.widthMm / 2];
          for (const at of [
            [x, y],
            [x + room.lengthMm, y],
            [x, y + room.widthMm],
            [x + room.lengthMm, y + room.widthMm],
          ] as const)
            expect(distanceToOutline(at, outline)).toBeLessThan(0.01);
        }
        expect(roomOf(bed, wide).widthMm).toBeLessThanOrEqual(wide + 1e-6);
        // Tried another way: how far a point may go out from the middle, by halving.
        const half = (at: number): number => {
          let [low, high] = [0, one.lengthMm / 2];
          for (let i = 0; i < 40; i++) {
            const middle = (low + high) / 2;
            if (distanceToOutline([middle, at], outline) < 1e-6) low = middle;
            else high = middle;
          }
          return low;
        };
        let best = 0;
        for (let i = 1; i < 12; i++)
          for (let k = 0; k <= 12; k++) {
            const tall = (one.widthMm * i) / 12;
            const front = -one.widthMm / 2 + ((one.widthMm - tall) * k) / 12;
            best = Math.max(best, 2 * Math.min(half(front), half(front + tall)) * tall);
          }
        const most = roomOf(bed);
        expect(most.lengthMm * most.widthMm).toBeGreaterThan(best * 0.97);
        expect(most.lengthMm * most.widthMm).toBeLessThanOrEqual(areaOf(outline));
      }),
      { numRuns: 20 },
    );
  });
});
