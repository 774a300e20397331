import type { Plan } from '@lignum/core/plan/plan';
import {
  cornersOf,
  FEATURE_NATURES,
  type Feature,
  type FeatureKind,
  type Placed,
  type PlanSpot,
} from '@lignum/core/site/plot';
import type { Bed } from '@lignum/core/site/bed';
import { changeBed, changeFeature } from '../shell/edits';

/** Anything that can be taken hold of on the plot. */
export type Thing = { is: 'bed'; id: string; bed: Bed } | { is: 'feature'; id: string; feature: Feature };

export const thingsOf = (plan: Plan): Thing[] => [
  ...plan.features.map((feature): Thing => ({ is: 'feature', id: feature.id, feature })),
  ...plan.beds.map((bed): Thing => ({ is: 'bed', id: bed.id, bed })),
];

export const bodyOf = (thing: Thing): Placed & { lengthMm: number; widthMm: number; name: string } =>
  thing.is === 'bed' ? thing.bed : { ...thing.feature, name: thing.feature.name || thing.feature.kind };

export const moveThing = (
  thing: Thing,
  change: Partial<Placed & { lengthMm: number; widthMm: number }>,
): ((plan: Plan) => Plan) => (thing.is === 'bed' ? changeBed(thing.id, change) : changeFeature(thing.id, change));

export interface Extent {
  left: number;
  right: number;
  bottom: number;
  top: number;
}
export function extentOf(thing: Thing): Extent {
  const body = bodyOf(thing);
  const corners = cornersOf(body, body.lengthMm, body.widthMm);
  const xs = corners.map((corner) => corner[0]);
  const ys = corners.map((corner) => corner[1]);
  return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) };
}

/** A dragged thing jumps to another's edge, or the plot's, within this. mm. */
const CATCH_MM = 140;

/**
 * Where a dragged thing settles: its edges on others' edges where they come close, else its corner on
 * a round length. Gives the middle, and the lines it was caught by.
 */
export function settleDrag(
  plan: Plan,
  thing: Thing,
  middle: PlanSpot,
  stepMm: number,
): { xMm: number; yMm: number; caught: { axis: 'x' | 'y'; at: number }[] } {
  const now = extentOf(thing);
  const body = bodyOf(thing);
  const [dx, dy] = [middle[0] - body.xMm, middle[1] - body.yMm];
  const others = thingsOf(plan)
    .filter((one) => one.id !== thing.id)
    .map(extentOf);
  const edges = {
    x: [0, plan.site.widthMm, ...others.flatMap((one) => [one.left, one.right])],
    y: [0, plan.site.depthMm, ...others.flatMap((one) => [one.bottom, one.top])],
  };
  const caught: { axis: 'x' | 'y'; at: number }[] = [];
  const settle = (axis: 'x' | 'y', low: number, high: number, wish: number): number => {
    const best = edges[axis]
      .flatMap((edge) => [
        { edge, by: edge - low },
        { edge, by: edge - high },
      ])
      .sort((a, b) => Math.abs(a.by) - Math.abs(b.by))[0];
    if (best && Math.abs(best.by) < CATCH_MM) {
      caught.push({ axis, at: best.edge });
      return wish + best.by;
    }
    return wish + Math.round(low / stepMm) * stepMm - low;
  };
  return {
    xMm: settle('x', now.left + dx, now.right + dx, middle[0]),
    yMm: settle('y', now.bottom + dy, now.top + dy, middle[1]),
    caught,
  };
}

export const newFeature = (plan: Plan, kind: FeatureKind): Feature => {
  const { lengthMm, widthMm, heightMm, keepClearMm } = FEATURE_NATURES[kind];
  return {
    id: `feature-${crypto.randomUUID().slice(0, 8)}`,
    kind,
    name: kind[0]?.toUpperCase() + kind.slice(1),
    xMm: Math.round(plan.site.widthMm / 2),
    yMm: Math.round(plan.site.depthMm / 2),
    turnDeg: 0,
    lengthMm: Math.min(lengthMm, plan.site.widthMm),
    widthMm,
    heightMm,
    keepClearMm,
  };
};
