import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import type { Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import { outlineOf } from '../../../geometry/outline';
import { reach } from '../../../geometry/space';
import type { Plan } from '../../../plan/plan';
import { settingOf } from '../../../plan/setting-of';
import { feet } from '../../../quantity/length';
import { onPlan } from '../../../site/plot';
import type { PlaceOn } from '../../../site/stands/stands';
import { onBed, planOnBed } from '../../onto-bed.fixture';
import { kindOf } from '../../registry';
import { ringArea } from '../../rules/ring';
import { aboutThree } from '../../rules/lashing';
import { bundleRadius, lashingMm, TAIL_MM } from './cord';
import { bearingOfSide, shadedSide, SIDE_RAD } from './shaded';

const setting = settingOf(kindOf, planOnBed('weave'), planOnBed('weave').structures[0] as Plan['structures'][number]);
const bean = { crop: 'runner-bean', training: 'single' };

describe('tepee', () => {
  it('poles are long enough by Pythagoras, pass the tie side by side, and the ladder and the plants leave the door open', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 20 }),
        fc.double({ min: 700, max: 1300, noNaN: true }),
        fc.double({ min: 1500, max: 2400, noNaN: true }),
        fc.double({ min: 400, max: 800, noNaN: true }),
        (poles, radius, height, door) => {
          const { design, ofRole } = onBed(
            'tepee',
            { form: 'tepee', poles, radius, height, door, doorAt: 'front', ladder: 'yes' },
            { lengthMm: 3000, widthMm: 3000 },
            bean,
          );
          const middle = [design.builtMm / 2, 0] as const;
          for (const pole of ofRole<Bar>('pole')) {
            expect(pole.cutMm).toBeGreaterThanOrEqual(Math.hypot(height, radius) + pole.buriedMm);
            // At the height of the tie every pole passes its middle at the radius of the bundle.
            const [x, y] = [0, 1].map(
              (i) =>
                (pole.from[i] as number) +
                ((pole.to[i] as number) - (pole.from[i] as number)) *
                  ((height - pole.from[2]) / (pole.to[2] - pole.from[2])),
            );
            expect(Math.hypot((x as number) - middle[0], (y as number) - middle[1])).toBeCloseTo(
              bundleRadius(poles, pole.wideMm),
              6,
            );
          }
          const half = Math.asin(door / 2 / radius);
          const off = (x: number, y: number): number =>
            Math.abs(Math.atan2(Math.sin(Math.atan2(y, x) + Math.PI / 2), Math.cos(Math.atan2(y, x) + Math.PI / 2)));
          for (const station of design.stations)
            expect(off(station.at[0] - middle[0], station.at[1])).toBeGreaterThanOrEqual(half - 1e-9);
          for (const string of ofRole<Line>('ladder string')) {
            expect(string.path).toHaveLength(poles);
            const [first, last] = [string.path[0], string.path.at(-1)];
            // As wide as the triangle of the door is there, but for the poles passing side by side at the tie.
            const wide = reach(first ?? [0, 0, 0], last ?? [0, 0, 0]);
            expect(Math.abs(wide - door * (1 - (first?.[2] ?? 0) / height))).toBeLessThanOrEqual(
              2 * bundleRadius(poles, 45),
            );
          }
        },
      ),
      { numRuns: cases(25) },
    );
  });

  it('the cord about three poles is the hull of three circles, by an independent outline; the tail is 6′', () => {
    const circle = (x: number, y: number) =>
      Array.from({ length: 720 }, (_, i): [number, number] => [
        x + 20 * Math.cos((i * Math.PI) / 360),
        y + 20 * Math.sin((i * Math.PI) / 360),
      ]);
    const hull = outlineOf([...circle(0, 0), ...circle(40, 0), ...circle(20, 20 * Math.sqrt(3))]);
    const girth = hull.reduce((sum, [x, y], i) => {
      const [nx, ny] = hull[(i + 1) % hull.length] ?? [x, y];
      return sum + Math.hypot(nx - x, ny - y);
    }, 0);
    expect(aboutThree(40)).toBeCloseTo(girth, 1);
    expect([TAIL_MM, lashingMm(12, 38) > TAIL_MM + 3 * aboutThree(38)]).toEqual([feet(6), true]);
  });

  it('the door is on the shaded side, whichever way the bed and the plan lie; the ring is dug by its area', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.constantFrom(52, -34),
        (turnDeg, northDeg, latitudeDeg) => {
          const here = {
            ...setting,
            place: { on: 'bed' as const, bed: { ...(setting.place as PlaceOn<'bed'>).bed, turnDeg } },
            site: { ...setting.site, northDeg, latitudeDeg },
          };
          const side = shadedSide(here);
          const [x, y] = onPlan({ xMm: 0, yMm: 0, turnDeg }, Math.cos(SIDE_RAD[side]), Math.sin(SIDE_RAD[side]));
          // A bearing b lies at (sin(b − north), cos(b − north)) on the plan.
          const bearing = (bearingOfSide(side, here) - northDeg) * (Math.PI / 180);
          expect([x, y]).toEqual([expect.closeTo(Math.sin(bearing), 6), expect.closeTo(Math.cos(bearing), 6)]);
          const poleward = Math.cos((bearingOfSide(side, here) * Math.PI) / 180) * Math.sign(latitudeDeg);
          expect(poleward).toBeGreaterThanOrEqual(Math.SQRT1_2 - 1e-9);
        },
      ),
    );
    // Two circles, by the schoolbook.
    expect(ringArea(900, 300, { middleRad: 0, halfRad: 0 })).toBeCloseTo(Math.PI * (1050 ** 2 - 750 ** 2), 3);
  });
});
