import { onPlan, type Placed, type PlanSpot } from './plot';

/**
 * The one way from a structure's own frame to the plot: where its zero lies, how it is turned, and how high its zero
 * is over the paths. Decision 1.
 */
export interface Frame extends Placed {
  baseMm: number;
}

/** A place of a structure's own frame on the plot. */
export const toPlot = (frame: Frame, xMm: number, yMm: number): PlanSpot => onPlan(frame, xMm, yMm);

/** A frame that is told in another one, as told on the plot; and one on the plot, as seen from another. */
export function outOf(outer: Frame, inner: Frame): Frame {
  const [xMm, yMm] = toPlot(outer, inner.xMm, inner.yMm);
  return { xMm, yMm, turnDeg: outer.turnDeg + inner.turnDeg, baseMm: outer.baseMm + inner.baseMm };
}
export function into(outer: Frame, onPlot: Frame): Frame {
  const [xMm, yMm] = toFrame(outer, [onPlot.xMm, onPlot.yMm]);
  return { xMm, yMm, turnDeg: onPlot.turnDeg - outer.turnDeg, baseMm: onPlot.baseMm - outer.baseMm };
}

/** A place of the plot in a structure's own frame. */
export function toFrame(frame: Frame, [x, y]: PlanSpot): PlanSpot {
  const turn = (frame.turnDeg * Math.PI) / 180;
  const [dx, dy] = [x - frame.xMm, y - frame.yMm];
  return [dx * Math.cos(turn) + dy * Math.sin(turn), dy * Math.cos(turn) - dx * Math.sin(turn)];
}
