import type { Plan, StructurePlan } from '../plan/plan';
import { alongPath, besidePath, onPath, shortLeg } from '../site/path';
import type { PlanSpot } from '../site/plot';
import { asStand, type Stand } from '../site/stands/stands';
import type { Sketch } from './guard-sketches';

/** Crossing itself anywhere: a path inside another that is too narrow for it. */
const isTangled = (was: readonly PlanSpot[], now: readonly PlanSpot[]): boolean =>
  was.slice(1).some((to, i) => {
    const [from, a, b] = [was[i], now[i], now[i + 1]] as [PlanSpot, PlanSpot, PlanSpot];
    return (to[0] - from[0]) * (b[0] - a[0]) + (to[1] - from[1]) * (b[1] - a[1]) <= 0;
  });

/**
 * A second fence along all of a first, as that is built and so far from it: outside it, or inside where the plot ends
 * there; with a gate in line with each of those in the first. Empty where it finds room on neither side.
 * @example secondAlong(plan, fence, 1370).map(({ kind }) => kind) // ['garden-fence', 'garden-gate']
 */
export function secondAlong(plan: Plan, first: StructurePlan, apartMm: number): Sketch[] {
  const stand = asStand(first.stand, 'path');
  if (!stand) return [];
  const { spots, closed, inside } = stand;
  const { widthMm, depthMm } = plan.site;
  const flat = (all: typeof spots): PlanSpot[] =>
    [...all, ...(closed ? all.slice(0, 1) : [])].map(({ xMm, yMm }): PlanSpot => [xMm, yMm]);
  const out = inside === 'left' ? apartMm : -apartMm;
  const beside = [out, -out]
    .map((rightMm) => besidePath(spots, closed, rightMm))
    .find(
      (all) =>
        all.every(({ xMm, yMm }) => xMm >= 0 && yMm >= 0 && xMm <= widthMm && yMm <= depthMm) &&
        !shortLeg(all, closed) &&
        !isTangled(flat(spots), flat(all)),
    );
  if (!beside) return [];
  // As high as the two of them have to be: that is suggested of both.
  const { height: _height, ...knobs } = first.knobs;
  const gates = plan.structures.flatMap((gate): Sketch[] => {
    const run = asStand(gate.stand, 'run');
    if (run?.of !== first.id) return [];
    const at = alongPath(beside, closed, onPath(spots, closed, run.atMm));
    const stands: Stand = { on: 'run', of: '0', atMm: Math.round(at) };
    return [{ kind: gate.kind, stand: stands, plantings: [], knobs: gate.knobs }];
  });
  return [{ kind: first.kind, stand: { ...stand, spots: beside }, plantings: [], knobs }, ...gates];
}
