import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { outlineOf } from '../../geometry/outline';
import { areaOf, inside, type Pair } from '../../geometry/polygon';
import { cross, minus, norm, reach, scale, type Point } from '../../geometry/space';
import { cornersOf, flatBase, onSheet, sheetOf, SHEET, type Sheet } from './sheet';

const places = fc.array(fc.tuple(fc.integer({ min: 0, max: 1000 }), fc.integer({ min: 0, max: 800 })), {
  minLength: 3,
  maxLength: 12,
});
const anyOutline = places.map((all) => outlineOf(all as Pair[])).filter((outline) => areaOf(outline) > 5000);
const cutTo = (outline: readonly Pair[]): Sheet =>
  sheetOf({
    id: 's',
    role: 'end sheet',
    of: { id: 'glazing-4', wireMm: 4, openingMm: 90, stepMm: 70 },
    base: flatBase([100, 200, 300], [0.6, 0.8, 0], 1000),
    heightMm: 800,
    outline,
  });

describe('a sheet that is cut to an outline', () => {
  it('has that area, whatever way it lies: by the fan of triangles in space', () => {
    fc.assert(
      fc.property(anyOutline, (outline) => {
        const [patch] = SHEET.faces(cutTo(outline)) as [Point[]];
        const [first, ...rest] = patch as [Point, ...Point[]];
        const area = rest
          .slice(1)
          .reduce((sum, at, i) => sum + norm(cross(minus(rest[i] as Point, first), minus(at, first))) / 2, 0);
        expect(area / areaOf(outline)).toBeCloseTo(1, 9);
      }),
    );
  });

  it('its wires lie in it from rim to rim, none outside', () => {
    fc.assert(
      fc.property(anyOutline, (outline) => {
        const sheet = cutTo(outline);
        const [, ...wires] = SHEET.wires(sheet);
        for (const wire of wires) {
          const [a, b] = wire as [Point, Point];
          const middle = scale([a[0] + b[0], a[1] + b[1], a[2] + b[2]], 0.5);
          expect(SHEET.distanceTo(sheet, middle)).toBeLessThan(1e-6);
          // Gone on past its ends it is outside.
          for (const [end, other] of [
            [a, b],
            [b, a],
          ] as const) {
            const past: Point = [0, 1, 2].map((k) => end[k as 0] + (end[k as 0] - other[k as 0]) * 0.05) as never;
            expect(SHEET.distanceTo(sheet, past)).toBeGreaterThan(1e-3 * reach(a, b) * 0.01);
          }
        }
      }),
    );
  });

  it('is as far from a place as its nearest part: by a fine net of places on it (brute force)', () => {
    fc.assert(
      fc.property(
        anyOutline,
        fc.tuple(
          fc.integer({ min: -500, max: 1500 }),
          fc.integer({ min: -500, max: 1500 }),
          fc.integer({ min: -500, max: 1500 }),
        ),
        (outline, at) => {
          const sheet = cutTo(outline);
          const net: Point[] = [...cornersOf(sheet)];
          for (let x = 0; x <= 1000; x += 20)
            for (let y = 0; y <= 800; y += 20) if (inside([x, y], outline)) net.push(onSheet(sheet, x, y));
          const nearest = Math.min(...net.map((one) => reach(one, at)));
          const told = SHEET.distanceTo(sheet, at);
          expect(told).toBeLessThanOrEqual(nearest + 1e-6);
          // On an edge between two places of the net.
          if (told > 60) expect(nearest - told).toBeLessThan(40);
        },
      ),
      { numRuns: 40 },
    );
  });
});
