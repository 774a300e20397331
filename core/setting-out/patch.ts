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
  return {
    box,
    shown: lying.flatMap(({ name, outline }) => {
      const cut = within(outline, box);
      return cut.length > 2 ? [{ name, at: middleOfBounds(cut) }] : [];
    }),
    arrow: [out(far), out(far + ARROW_MM)],
  };
}
