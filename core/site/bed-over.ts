import { inside } from '../geometry/polygon';
import { bedOnPlot, isOnFloor, type Bed } from './bed';
import {
  cornersOf,
  EDGE_FORGIVEN_MM,
  pastEdge,
  type Feature,
  type FeatureKind,
  type PlanSpot,
  type Site,
} from './plot';

/** What soil cannot lie on; under a tree and over a buried line it can. */
const NO_GROUND: ReadonlySet<FeatureKind> = new Set(['house', 'wall', 'fence', 'water', 'well', 'compost']);
/** Beds are laid by hand: so much over each other is none (from memory). mm. */
const FORGIVEN_MM = 60;
/** Where two may share ground it is looked at in so many places each way. */
const LOOKS = 16;

interface Box {
  low: PlanSpot;
  high: PlanSpot;
}
const boxOf = (spots: readonly PlanSpot[]): Box => {
  const [xs, ys] = [spots.map(([x]) => x), spots.map(([, y]) => y)];
  return { low: [Math.min(...xs), Math.min(...ys)], high: [Math.max(...xs), Math.max(...ys)] };
};

/** Whether two outlines, hollow ones too, share more ground than is forgiven: looked for on a grid over what their boxes share. mm. */
export function shareGround(a: readonly PlanSpot[], b: readonly PlanSpot[]): boolean {
  const [one, other] = [boxOf(a), boxOf(b)];
  const low = [0, 1].map((i) => Math.max(one.low[i as 0 | 1], other.low[i as 0 | 1]) + FORGIVEN_MM / 2) as [
    number,
    number,
  ];
  const high = [0, 1].map((i) => Math.min(one.high[i as 0 | 1], other.high[i as 0 | 1]) - FORGIVEN_MM / 2) as [
    number,
    number,
  ];
  if (low[0] >= high[0] || low[1] >= high[1]) return false;
  for (let i = 0; i < LOOKS; i++)
    for (let j = 0; j < LOOKS; j++) {
      const spot: PlanSpot = [
        low[0] + ((i + 0.5) / LOOKS) * (high[0] - low[0]),
        low[1] + ((j + 0.5) / LOOKS) * (high[1] - low[1]),
      ];
      if (inside(spot, a) && inside(spot, b)) return true;
    }
  return false;
}

/** What a bed lies over that it cannot lie over, by name; each pair of beds is told at the one that comes later. */
export function bedsOver(
  beds: readonly Bed[],
  features: readonly Feature[],
): { bed: string; id: string; over: string }[] {
  const outlines = beds.map(bedOnPlot);
  return beds.flatMap((bed, n) => {
    const mine = outlines[n] as PlanSpot[];
    const others = beds.slice(0, n).filter((_, i) => shareGround(mine, outlines[i] as PlanSpot[]));
    // What is grown on a balcony or a roof may well lie over the house.
    const things = isOnFloor(bed)
      ? []
      : features.filter(
          (one) => NO_GROUND.has(one.kind) && shareGround(mine, cornersOf(one, one.lengthMm, one.widthMm)),
        );
    return [...others, ...things].map((one) => ({
      bed: bed.id,
      id: one.id,
      over: one.name || ('kind' in one ? one.kind : ''),
    }));
  });
}

/** How far a bed goes over the edge of the plot; nought where that is no more than is forgiven. mm. */
export function bedPast(bed: Bed, plot: Pick<Site, 'widthMm' | 'depthMm'>): number {
  const past = pastEdge(bedOnPlot(bed), plot);
  return past > EDGE_FORGIVEN_MM ? past : 0;
}
