import { overlap } from '../geometry/polygon';
import type { Bed } from './bed';
import { cornersOf, distanceTo, type Feature, type Placed, type PlanSpot, type Site } from './plot';

/** Walking room left round a bed: 18″ (common practice, no source). mm. */
const WALK_MM = 457;

/** What lies on a plot so large. */
interface Lying {
  site: Pick<Site, 'widthMm' | 'depthMm'>;
  beds: readonly Bed[];
  features: readonly Feature[];
}

/** A rectangle where it lies, and the circle round it: two whose circles do not meet need not be looked at closer. */
interface Lain {
  corners: readonly PlanSpot[];
  xMm: number;
  yMm: number;
  reachMm: number;
}
const lain = (at: Placed, lengthMm: number, widthMm: number): Lain => ({
  corners: cornersOf(at, lengthMm, widthMm),
  xMm: at.xMm,
  yMm: at.yMm,
  reachMm: Math.hypot(lengthMm, widthMm) / 2,
});
const near = (a: Lain, b: Lain, byMm = 0): boolean =>
  (a.xMm - b.xMm) ** 2 + (a.yMm - b.yMm) ** 2 < (a.reachMm + b.reachMm + byMm) ** 2;
const inWay = (a: Lain, b: Lain): boolean => near(a, b) && overlap(a.corners, b.corners);

/**
 * Whether a bed, or anything as large, could lie at a place: on the plot, with walking room to other beds and off
 * everything else. What lies there is laid out once for as many places as are asked about: a search asks about thousands.
 */
export function freeGround({
  site,
  beds,
  features,
}: Lying): (bed: Pick<Bed, 'id' | 'lengthMm' | 'widthMm'>, at: Placed) => boolean {
  const others = beds.map((bed) => ({ id: bed.id, lies: lain(bed, bed.lengthMm, bed.widthMm) }));
  const things = features.map((feature) => ({ feature, lies: lain(feature, feature.lengthMm, feature.widthMm) }));
  // What was in the way last is mostly in the way of the next place too.
  let last = others[0];
  return (bed, at) => {
    const own = lain(at, bed.lengthMm, bed.widthMm);
    if (own.corners.some(([x, y]) => x < 0 || y < 0 || x > site.widthMm || y > site.depthMm)) return false;
    const roomy = lain(at, bed.lengthMm + 2 * WALK_MM, bed.widthMm + 2 * WALK_MM);
    const blocks = ({ id, lies }: (typeof others)[number]): boolean => id !== bed.id && inWay(roomy, lies);
    const blocking = last && blocks(last) ? last : others.find(blocks);
    last = blocking ?? last;
    if (blocking) return false;
    return things.every(
      ({ feature, lies }) =>
        !inWay(own, lies) &&
        (feature.kind === 'path' ||
          !near(own, lies, feature.keepClearMm) ||
          downItsMiddle(own).every((spot) => distanceTo(spot, feature) >= feature.keepClearMm)),
    );
  };
}

/** Nine places down the middle of a rectangle, from end to end. */
function downItsMiddle({ corners }: Lain): PlanSpot[] {
  const [a, b, , d] = corners as [PlanSpot, PlanSpot, PlanSpot, PlanSpot];
  return Array.from({ length: 9 }, (_, i) => [
    a[0] + ((b[0] - a[0]) * i) / 8 + (d[0] - a[0]) / 2,
    a[1] + ((b[1] - a[1]) * i) / 8 + (d[1] - a[1]) / 2,
  ]);
}

/** A free place is looked for every so far (from memory). mm. */
const SEARCH_MM = 250;

/**
 * The first free place on a plot for something so large, row by row from the lower left, so far from its edge and turned
 * as is first asked for; null where there is none. mm.
 * @example freePlace(plan, bed, { besideMm: [600, 0], turnsDeg: [90, 0] })
 */
export function freePlace(
  plan: Lying,
  bed: Pick<Bed, 'id' | 'lengthMm' | 'widthMm'>,
  { besideMm, turnsDeg }: { besideMm: readonly number[]; turnsDeg: readonly (0 | 90)[] },
): Placed | null {
  const { widthMm, depthMm } = plan.site;
  const isFree = freeGround(plan);
  for (const beside of besideMm)
    for (const turnDeg of turnsDeg) {
      const [along, across] = turnDeg === 90 ? [bed.widthMm, bed.lengthMm] : [bed.lengthMm, bed.widthMm];
      const [inX, inY] = [along / 2 + beside, across / 2 + beside];
      for (let yMm = SEARCH_MM; yMm < depthMm; yMm += SEARCH_MM)
        for (let xMm = SEARCH_MM; xMm < widthMm; xMm += SEARCH_MM)
          if (
            Math.min(xMm, widthMm - xMm) >= inX &&
            Math.min(yMm, depthMm - yMm) >= inY &&
            isFree(bed, { xMm, yMm, turnDeg })
          )
            return { xMm, yMm, turnDeg };
    }
  return null;
}
