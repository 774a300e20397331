import type { Bar, EndCut, Fill, Sheet } from '../design/design';
import { add, cross, minus, scale, unit, type Point } from '../geometry/space';
import type { Spot } from './primitive';

const SLANT = Math.SQRT1_2 / 2;
/** Less of a bar than this is not drawn apart; it would have no direction. mm. */
const SEEN_MM = 0.01;

export type Projection = (point: Point) => Spot;

/**
 * The three views of a working drawing: from the front, from above, and along the row from its
 * start; and a slanting one (cabinet projection: depth at 45°, halved) that shows the whole at once.
 */
export const PROJECTIONS: Record<'elevation' | 'plan' | 'end' | 'slant', Projection> = {
  elevation: ([x, , z]) => [x, z],
  plan: ([x, y]) => [x, y],
  end: ([, y, z]) => [y, z],
  slant: ([x, y, z]) => [x + y * SLANT, z + y * SLANT],
};

const lean = (end: EndCut, cut: 'mitre' | 'angle'): number => (end.cut === cut ? Math.tan(end.angleRad) : 0);

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
        const cut = bar.ends[end] as EndCut;
        const shift =
          ((w * bar.wideMm) / 2) * lean(cut, 'mitre') * (end === 0 && bothMitred ? -1 : 1) +
          ((t * bar.thickMm) / 2) * lean(cut, 'angle');
        const base = add(end === 0 ? bar.from : bar.to, scale(axis, shift));
        return add(add(base, scale(bar.wide, (w * bar.wideMm) / 2)), scale(thick, (t * bar.thickMm) / 2));
      }),
    ),
  );
}

/** A bar as pieces of even thickness: one, and a tongue for each end that a notch is cut into. */
export function barPieces(bar: Bar): Bar[] {
  const axis = unit(minus(bar.to, bar.from));
  const thick = unit(cross(axis, bar.wide));
  const square: EndCut = { cut: 'square' };
  const tongues: Bar[] = [];
  let { from, to } = bar;
  bar.ends.forEach((end, i) => {
    if (end.cut !== 'notch') return;
    const shoulder = add(i === 0 ? bar.from : bar.to, scale(axis, (i === 0 ? 1 : -1) * end.longMm));
    const aside = scale(thick, (-end.off * end.deepMm) / 2);
    tongues.push({
      ...bar,
      from: add(i === 0 ? bar.from : shoulder, aside),
      to: add(i === 0 ? shoulder : bar.to, aside),
      thickMm: bar.thickMm - end.deepMm,
      ends: [square, square],
    });
    if (i === 0) from = shoulder;
    else to = shoulder;
  });
  return tongues.length === 0
    ? [bar]
    : [
        {
          ...bar,
          from,
          to,
          ends: bar.ends.map((end) => (end.cut === 'notch' ? square : end)) as unknown as Bar['ends'],
        },
        ...tongues,
      ];
}

/** The bar's part below ground and the part above, each a bar; null where there is none. */
export function splitAtGround(bar: Bar): { above: Bar; below: Bar | null } {
  if (bar.buriedMm < SEEN_MM) return { above: bar, below: null };
  const axis = unit(minus(bar.to, bar.from));
  const soil = add(bar.from, scale(axis, bar.buriedMm));
  const square: EndCut = { cut: 'square' };
  return {
    above: { ...bar, from: soil, ends: [square, bar.ends[1]] },
    below: { ...bar, to: soil, ends: [bar.ends[0], square] },
  };
}

/** Both sets of wires of a sheet, as lines in space. */
export function sheetWires(sheet: Sheet): { uprights: Point[][]; levels: Point[][] } {
  const at = (along: number, up: number): Point =>
    add(add(sheet.corner, scale(sheet.along, along)), scale(sheet.up, up));
  return {
    uprights: sheet.uprightsMm.map((along) => [at(along, sheet.levelsMm[0] ?? 0), at(along, sheet.heightMm)]),
    levels: sheet.levelsMm.map((up) => [at(0, up), at(sheet.cutMm, up)]),
  };
}

/** Outline of what is poured into a hole: two rims and the top of the crown. */
export function fillPoints(fill: Fill): Point[] {
  const radius = fill.diameterMm / 2;
  const rim = (up: number): Point[] =>
    Array.from({ length: 12 }, (_, i): Point => [
      fill.bottom[0] + radius * Math.cos((i * Math.PI) / 6),
      fill.bottom[1] + radius * Math.sin((i * Math.PI) / 6),
      fill.bottom[2] + up,
    ]);
  return [...rim(0), ...rim(fill.cutMm), [fill.bottom[0], fill.bottom[1], fill.bottom[2] + fill.cutMm + fill.crownMm]];
}
