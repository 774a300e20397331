import { extentOf } from '../design/extent';
import { toPlot } from '../site/frame';
import type { Stand } from '../site/stands/stands';
import { SOIL } from '../site/underfoot';
import { wholeStep } from '../structures/rules/tidy';
import { computeAs, type SeenStructure } from './compute-as';
import type { Plan, StructurePlan } from './plan';
import type { Kinds } from './setting-of';

/** Between what stands out of it and the middle of the fence (from memory). mm. */
const CLEAR_MM = 100;
/** So much wider than the leaf on each side: the posts that it hangs on are seen in it (from memory). mm. */
const POST_MM = 90;

/**
 * Where something that is walked through stands at a gate, in line with it and wide enough for its leaf: on the side to
 * which that does not swing, or on the other where that one is past the edge of the plot; null where nothing swings. `kind` has to stand on open ground and to have a knob for its inside.
 */
export function atGate(
  kinds: Kinds,
  plan: Plan,
  kind: string,
  gate: Pick<SeenStructure, 'sized' | 'frame'>,
): { stand: Stand; knobs: StructurePlan['knobs'] } | null {
  const { doorway, builtMm } = gate.sized.design;
  if (!doorway) return null;
  const away = doorway.swings === 'front' ? 1 : -1;
  const put = (outMm: number, away: 1 | -1): Stand => {
    const [xMm, yMm] = toPlot(gate.frame, doorway.at[0], away * outMm);
    // Its way goes off square to the fence.
    return {
      on: 'spot',
      at: { xMm, yMm, turnDeg: (((gate.frame.turnDeg + away * 90) % 360) + 360) % 360 },
      underfoot: SOIL,
    };
  };
  const sketch: StructurePlan = { id: 'at-gate', name: '', kind, stand: put(0, away), plantings: [], knobs: {} };
  const { sized } = computeAs(kinds, { ...plan, structures: [...plan.structures, sketch] }, sketch);
  const along = sized.design.parts.flatMap((part) => extentOf(part).map(([x]) => x));
  const outMm = Math.max(0, -Math.min(...along)) + CLEAR_MM;
  const { widthMm, depthMm } = plan.site;
  const fits = (side: 1 | -1): boolean => {
    const [x, y] = toPlot(gate.frame, doorway.at[0], side * (outMm + Math.max(...along)));
    return x >= 0 && y >= 0 && x <= widthMm && y <= depthMm;
  };
  const side = fits(away) ? away : (-away as 1 | -1);
  const leastMm = wholeStep(builtMm + 2 * POST_MM, plan.garden.market);
  const usualMm = Number(sized.knobs['inside']?.value ?? 0);
  return { stand: put(outMm, side), knobs: usualMm < leastMm ? { inside: leastMm } : {} };
}
