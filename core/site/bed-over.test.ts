import fc from 'fast-check';
import { expect, it } from 'vitest';
import { areaOf, clipped, type Pair } from '../geometry/polygon';
import { bedPast, shareGround } from './bed-over';
import { cornersOf, type PlanSpot } from './plot';
import { bedOnPlot, notchOf, type Bed } from './bed';

const mm = (min: number, max: number) => fc.integer({ min, max });
const placed = fc.record({ xMm: mm(0, 8000), yMm: mm(0, 8000), turnDeg: mm(0, 359) });
const rectangle = fc
  .tuple(placed, mm(400, 6000), mm(300, 1500))
  .map(([at, lengthMm, widthMm]) => ({ at, lengthMm, widthMm, corners: cornersOf(at, lengthMm, widthMm) }));
/** What two convex outlines share. */
const shared = (a: readonly PlanSpot[], b: readonly PlanSpot[]): Pair[] =>
  b.reduce<Pair[]>((left, from, i) => clipped(left, from, b[(i + 1) % b.length] as Pair), [...a]);

it('two beds share ground where the clipping of one by the other leaves some, and none where it leaves nothing', () => {
  fc.assert(
    fc.property(rectangle, rectangle, (a, b) => {
      const left = shared(a.corners, b.corners);
      const area = left.length < 3 ? 0 : areaOf(left);
      const shares = shareGround(a.corners, b.corners);
      expect(shareGround(b.corners, a.corners)).toBe(shares);
      if (area === 0) expect(shares).toBe(false);
      // A sixth of the smaller one is no sliver.
      if (area > Math.min(a.lengthMm * a.widthMm, b.lengthMm * b.widthMm) / 6) expect(shares).toBe(true);
    }),
  );
});

it('what lies in the hollow of a bed shares no ground with it; what lies on its soil does', () => {
  const bed = {
    ...{ lengthMm: 3000, widthMm: 3000, xMm: 5000, yMm: 5000, turnDeg: 0 },
    outline: { shape: 'keyhole', notchLongMm: 1200, notchDeepMm: 1500 },
  } as Bed;
  const notch = notchOf(bed)!;
  const [left, right, back] = [3500 + notch.fromMm, 3500 + notch.toMm, 3500 + notch.deepMm];
  fc.assert(
    fc.property(mm(3600, 6400), mm(3600, 6400), (x, y) => {
      const tub = cornersOf({ xMm: x, yMm: y, turnDeg: 0 }, 200, 200);
      const isHollow = x - 100 >= left && x + 100 <= right && y + 100 <= back;
      const isSoil = x + 100 <= left || x - 100 >= right || y - 100 >= back;
      fc.pre(isHollow || isSoil);
      expect(shareGround(bedOnPlot(bed), tub)).toBe(isSoil);
    }),
  );
});

it('goes past the edge by as much as its farthest corner does', () => {
  fc.assert(
    fc.property(mm(-5000, 5000), mm(-5000, 5000), (x, y) => {
      const bed = {
        lengthMm: 2000,
        widthMm: 1000,
        turnDeg: 0,
        xMm: 5000 + x,
        yMm: 5000 + y,
        outline: { shape: 'rectangle' },
      } as Bed;
      const past = Math.max(Math.abs(x) + 1000 - 4000, Math.abs(y) + 500 - 4000);
      const site = { widthMm: 8000, depthMm: 8000 };
      const at = { ...bed, xMm: bed.xMm - 1000, yMm: bed.yMm - 1000 };
      expect(bedPast(at, site)).toBeCloseTo(past > 60 ? past : 0, 6);
    }),
  );
});
