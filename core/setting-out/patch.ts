import { within } from '../drawing/plot-plan';
import type { View } from '../drawing/primitive';
import { middleOfBounds } from '../geometry/polygon';
import type { Plan } from '../plan/plan';
import type { PlanSpot } from '../site/plot';
import { lyingOn, type WhereItGoes } from './where-it-goes';

/** Shown of the plot around what is built, and how long the arrow is that says where its front faces. mm. */
const AROUND_MM = 900;
const ARROW_MM = 500;

/** The piece of the plot about a structure: its box, what lies in it with the middle of what is seen of it, and the arrow out of its front. */
export interface Patch {
  box: View['box'];
  shown: readonly { name: string; at: PlanSpot }[];
  arrow: readonly [from: PlanSpot, to: PlanSpot];
}

/** A place in what is seen of something for its number: its middle, or aside along it where the arrow is at that. */
function clearOf(arrow: Patch['arrow'], seen: readonly PlanSpot[]): PlanSpot {
  const [x, y] = middleOfBounds(seen);
  const reach = (axis: 0 | 1): number =>
    Math.max(...seen.map((at) => at[axis])) - Math.min(...seen.map((at) => at[axis]));
  const [dx, dy] = reach(0) > reach(1) ? [reach(0) / 4, 0] : [0, reach(1) / 4];
  const away = ([px, py]: PlanSpot): number => Math.min(...arrow.map(([ax, ay]) => Math.hypot(px - ax, py - ay)));
  if (away([x, y]) > 2 * ARROW_MM) return [x, y];
  return away([x + dx, y + dy]) >= away([x - dx, y - dy]) ? [x + dx, y + dy] : [x - dx, y - dy];
}

export function patchAround(plan: Plan, { beds, found, covers, frontWay: [dx, dy] }: WhereItGoes): Patch {
  const lying = lyingOn(plan);
  const own = lying.filter(({ name, is }) => is === 'bed' && beds.includes(name));
  const tapes = found.flatMap(({ at, offsets }) => [at, ...offsets.map((one) => one.at)]);
  const all = [...covers.flat(), ...tapes, ...own.flatMap(({ outline }) => outline)];
  const [xs, ys] = [all.map(([x]) => x), all.map(([, y]) => y)];
  const box = {
    left: Math.min(...xs) - AROUND_MM,
    right: Math.max(...xs) + AROUND_MM,
    bottom: Math.min(...ys) - AROUND_MM,
    top: Math.max(...ys) + AROUND_MM,
  };
  // From its outermost place that way, straight out.
  const [mx, my] = middleOfBounds(covers.flat());
  const far = Math.max(...covers.flat().map(([x, y]) => (x - mx) * dx + (y - my) * dy));
  const out = (mm: number): PlanSpot => [mx + dx * mm, my + dy * mm];
  const arrow: Patch['arrow'] = [out(far), out(far + ARROW_MM)];
  return {
    box,
    shown: lying.flatMap(({ name, outline }) => {
      const cut = within(outline, box);
      return cut.length > 2 ? [{ name, at: clearOf(arrow, cut) }] : [];
    }),
    arrow,
  };
}
