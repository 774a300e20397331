import type { Bar, EndCut, Sheet } from '../design/design';
import { add, cross, minus, scale, unit, type Point } from '../design/space';
import type { Spot } from './primitive';

export type Projection = (point: Point) => Spot;

/** The three views of a working drawing: from the front, from above, and along the row from its start. */
export const PROJECTIONS: Record<'elevation' | 'plan' | 'end', Projection> = {
  elevation: ([x, , z]) => [x, z],
  plan: ([x, y]) => [x, y],
  end: ([, y, z]) => [y, z],
};

const lean = (end: EndCut): number => (end.cut === 'mitre' ? Math.tan(end.angleRad) : 0);

/**
 * Corners of a bar with its end cuts. A mitred bar is longer on the side its `wide` direction points
 * to: by half the width times the tangent at each end, and as much shorter on the other.
 */
export function barCorners(bar: Bar): Point[] {
  const axis = unit(minus(bar.to, bar.from));
  const thick = unit(cross(axis, bar.wide));
  const bothMitred = bar.ends[0].cut === 'mitre' && bar.ends[1].cut === 'mitre';
  return [0, 1].flatMap((end) =>
    [-1, 1].flatMap((w) =>
      [-1, 1].map((t) => {
        const shift = ((w * bar.wideMm) / 2) * lean(bar.ends[end] as EndCut) * (end === 0 && bothMitred ? -1 : 1);
        const base = add(end === 0 ? bar.from : bar.to, scale(axis, shift));
        return add(add(base, scale(bar.wide, (w * bar.wideMm) / 2)), scale(thick, (t * bar.thickMm) / 2));
      }),
    ),
  );
}

/** The bar's part below ground and the part above, each a bar; null where there is none. */
export function splitAtGround(bar: Bar): { above: Bar; below: Bar | null } {
  if (bar.buriedMm <= 0) return { above: bar, below: null };
  const axis = unit(minus(bar.to, bar.from));
  const soil = add(bar.from, scale(axis, bar.buriedMm));
  const square: EndCut = { cut: 'square' };
  return { above: { ...bar, from: soil, ends: [square, bar.ends[1]] }, below: { ...bar, to: soil, ends: [bar.ends[0], square] } };
}

/** Both sets of wires of a sheet, as lines in space. */
export function sheetWires(sheet: Sheet): { uprights: Point[][]; levels: Point[][] } {
  const at = (along: number, up: number): Point => add(add(sheet.corner, scale(sheet.along, along)), scale(sheet.up, up));
  return {
    uprights: sheet.uprightsMm.map((along) => [at(along, sheet.levelsMm[0] ?? 0), at(along, sheet.heightMm)]),
    levels: sheet.levelsMm.map((up) => [at(0, up), at(sheet.cutMm, up)]),
  };
}
