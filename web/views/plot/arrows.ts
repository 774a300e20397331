import type { PlanSpot } from '@lignum/core/site/plot';

const ARROWS: Readonly<Record<string, PlanSpot>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
/** With Shift an arrow goes twelve inches of an imperial tape, and as many steps of a metric one. */
const FAR = 12;

/** How far an arrow key moves something on the plot; null for any other key. mm. */
export function arrowMove(
  { key, shiftKey }: { key: string; shiftKey: boolean },
  stepMm: number,
  far = FAR,
): PlanSpot | null {
  const way = ARROWS[key];
  const step = stepMm * (shiftKey ? far : 1);
  return way ? [way[0] * step, way[1] * step] : null;
}
