import type { Plan } from '@lignum/core/plan/plan';
import { bedOnPlot } from '@lignum/core/site/bed';
import { cornersOf, onPlan, type PlanSpot } from '@lignum/core/site/plot';
import { bedsNamed, pathOf } from '@lignum/core/site/stands/stands';

/** A garden from above as small as a stamp: the paths of an SVG of that size, y down, one for all that is drawn alike. Px. */
export interface SmallPlan {
  width: number;
  height: number;
  /** What lies about; of it houses and walls. */
  ground: string;
  walls: string;
  beds: string;
  /** What stands, by the line it stands along. */
  rows: string;
}

/** The stamp. Px. */
const STAMP = { width: 128, height: 92 };

/** The small plan of a (checked) plan, without anything being worked out: rows lie along the middle of their bed. */
export function smallPlan(plan: Plan): SmallPlan {
  const scale = Math.min(STAMP.width / plan.site.widthMm, STAMP.height / plan.site.depthMm);
  /** In tenths of a pixel, and after the first from place to place: shorter by a third. */
  const tenths = (mm: number): number => Math.round(mm * scale * 10);
  const path = (spots: readonly PlanSpot[], closed: boolean): string => {
    const at = spots.map(([x, y]) => [tenths(x), tenths(plan.site.depthMm - y)] as const);
    const steps = at.map(([x, y], i) => {
      const [fromX, fromY] = at[i - 1] ?? [0, 0];
      return `${i === 0 ? 'M' : 'l'}${(x - fromX) / 10} ${(y - fromY) / 10}`;
    });
    return steps.join('') + (closed ? 'Z' : '');
  };
  const rowOf = ({ stand }: Plan['structures'][number]): string => {
    const way = pathOf(stand);
    if (way)
      return path(
        way.spots.map((spot) => [spot.xMm, spot.yMm]),
        way.closed,
      );
    const [a, b] = bedsNamed(stand).flatMap((id) => plan.beds.find((bed) => bed.id === id) ?? []);
    if (!a) return '';
    const ends: PlanSpot[] = b
      ? [
          [a.xMm, a.yMm],
          [b.xMm, b.yMm],
        ]
      : [onPlan(a, -a.lengthMm / 2, 0), onPlan(a, a.lengthMm / 2, 0)];
    return path(ends, false);
  };
  const isBuilt = ({ kind }: Plan['features'][number]): boolean => kind === 'house' || kind === 'wall';
  const outlines = (some: Plan['features']): string =>
    some.map((one) => path(cornersOf(one, one.lengthMm, one.widthMm), true)).join('');
  return {
    width: Math.round(plan.site.widthMm * scale),
    height: Math.round(plan.site.depthMm * scale),
    ground: outlines(plan.features.filter((one) => !isBuilt(one))),
    walls: outlines(plan.features.filter(isBuilt)),
    beds: plan.beds.map((bed) => path(bedOnPlot(bed), true)).join(''),
    rows: plan.structures.map(rowOf).join(''),
  };
}
