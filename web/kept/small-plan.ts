import type { Plan } from '@lignum/core/plan/plan';
import { bedOnPlot } from '@lignum/core/site/bed';
import { cornersOf, onPlan, type FeatureKind, type PlanSpot } from '@lignum/core/site/plot';
import { bedsNamed, pathOf } from '@lignum/core/site/stands/stands';

/** What a garden looks like from above, no more than a card shows: outlines in mm on the plot, y up. */
export interface SmallPlan {
  widthMm: number;
  depthMm: number;
  beds: readonly (readonly PlanSpot[])[];
  features: readonly { kind: FeatureKind; outline: readonly PlanSpot[] }[];
  /** What stands, by the line it stands along. */
  rows: readonly (readonly PlanSpot[])[];
}

const whole = (spots: readonly PlanSpot[]): PlanSpot[] => spots.map(([x, y]) => [Math.round(x), Math.round(y)]);

/** The small plan of a (checked) plan, without anything being worked out: rows lie along the middle of their bed. */
export function smallPlan(plan: Plan): SmallPlan {
  const rowOf = ({ stand }: Plan['structures'][number]): PlanSpot[] => {
    const path = pathOf(stand);
    if (path) {
      const spots = path.spots.map((spot): PlanSpot => [spot.xMm, spot.yMm]);
      return path.closed && spots[0] ? [...spots, spots[0]] : spots;
    }
    const [a, b] = bedsNamed(stand).flatMap((id) => plan.beds.find((bed) => bed.id === id) ?? []);
    if (a && b)
      return [
        [a.xMm, a.yMm],
        [b.xMm, b.yMm],
      ];
    return a ? [onPlan(a, -a.lengthMm / 2, 0), onPlan(a, a.lengthMm / 2, 0)] : [];
  };
  return {
    widthMm: plan.site.widthMm,
    depthMm: plan.site.depthMm,
    beds: plan.beds.map((bed) => whole(bedOnPlot(bed))),
    features: plan.features.map((one) => ({
      kind: one.kind,
      outline: whole(cornersOf(one, one.lengthMm, one.widthMm)),
    })),
    rows: plan.structures.map((one) => whole(rowOf(one))).filter((row) => row.length > 1),
  };
}
