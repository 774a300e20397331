import type { Spot } from './primitive';
import type { Paper } from './sheet';

/** How far a spot lies from a chain of spots. Pixels. */
function fromChain([x, y]: Spot, chain: readonly Spot[]): number {
  let nearest = Infinity;
  for (let i = 1; i < chain.length; i++) {
    const [[ax, ay], [bx, by]] = [chain[i - 1] as Spot, chain[i] as Spot];
    const [dx, dy] = [bx - ax, by - ay];
    const along = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)));
    nearest = Math.min(nearest, Math.hypot(x - ax - along * dx, y - ay - along * dy));
  }
  return nearest;
}

function isIn([x, y]: Spot, outline: readonly Spot[]): boolean {
  return outline.reduce((inside, [ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length] as Spot;
    return ay > y !== by > y && x < ax + ((y - ay) * (bx - ax)) / (by - ay) ? !inside : inside;
  }, false);
}

const areaOf = (outline: readonly Spot[]): number =>
  Math.abs(
    outline.reduce((sum, [ax, ay], i) => {
      const [bx, by] = outline[(i + 1) % outline.length] as Spot;
      return sum + ax * by - bx * ay;
    }, 0),
  ) / 2;

/**
 * The part that is pointed at on paper: the smallest that lies under the spot, else the nearest one. Pixels.
 * @param reachPx what lies farther off is not meant
 * @example partAt(paper, [120, 40], 22) // 'post-2'
 */
export function partAt(paper: Pick<Paper, 'marks'>, at: Spot, reachPx: number): string | null {
  let under: { part: string; area: number } | null = null;
  let near: { part: string; px: number } | null = null;
  for (const mark of paper.marks) {
    if (!('part' in mark) || mark.part === undefined) continue;
    const chains = mark.draw === 'shape' ? [[...mark.points, mark.points[0] as Spot]] : mark.lines;
    if (mark.draw === 'shape' && isIn(at, mark.points)) {
      const area = areaOf(mark.points);
      if (!under || area <= under.area) under = { part: mark.part, area };
    }
    const px = Math.min(...chains.map((chain) => fromChain(at, chain)));
    if (px <= reachPx && (!near || px < near.px)) near = { part: mark.part, px };
  }
  return (under ?? near)?.part ?? null;
}
