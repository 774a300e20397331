import type { Bar, Fill, Part, Sheet } from '../design/design';
import { outlineOf } from '../geometry/outline';
import { add, minus, scale, unit } from '../geometry/space';
import type { Ink, Primitive, Spot, View } from './primitive';
import { barCorners, barPieces, fillPoints, sheetWires, splitAtGround, type Projection } from './project';

/** The box around many points. (A long row has more of them than a call takes arguments.) */
export function boxAround(spots: readonly Spot[]): View['box'] {
  const box = { left: Infinity, right: -Infinity, bottom: Infinity, top: -Infinity };
  for (const [right, up] of spots) {
    box.left = Math.min(box.left, right);
    box.right = Math.max(box.right, right);
    box.bottom = Math.min(box.bottom, up);
    box.top = Math.max(box.top, up);
  }
  return box;
}

/** Every spot that a part touches in a view. */
export function extent(part: Part, flat: Projection): Spot[] {
  if (part.shape === 'bar') return barPieces(part).flatMap(barCorners).map(flat);
  if (part.shape === 'line') return part.path.map(flat);
  if (part.shape === 'fill') return fillPoints(part).map(flat);
  const wires = sheetWires(part);
  return [...wires.levels, ...wires.uprights].flat().map(flat);
}

const CORD_INKS: Partial<Record<Part['role'], Ink>> = { 'line wire': 'wire', 'guy wire': 'wire', chain: 'wire' };
const SHEET_INKS: Partial<Record<Part['role'], Ink>> = { 'fine mesh': 'net', 'wind skirt': 'cloth' };

/** A part in a view: what is in the ground is drawn as hidden. A sheet shows all its wires where it is seen square. */
export function drawPart(part: Part, flat: Projection, fromFront: boolean): Primitive[] {
  if (part.shape === 'bar') return drawBar(part, flat);
  if (part.shape === 'line')
    return [{ draw: 'lines', ink: CORD_INKS[part.role] ?? 'twine', lines: [part.path.map(flat)], part: part.id }];
  if (part.shape === 'fill') return [drawFill(part, flat)];
  return drawSheet(part, flat, fromFront);
}

export const isTimber = (stock: string): boolean => /^(timber|pole|cane)/.test(stock);

function drawBar(bar: Bar, flat: Projection): Primitive[] {
  const ink: Ink = isTimber(bar.stock) ? 'timber' : 'steel';
  const { above, below } = splitAtGround(bar);
  return [
    ...(below
      ? [{ draw: 'shape', ink: 'hidden', points: outlineOf(barCorners(below).map(flat)), part: bar.id } as const]
      : []),
    ...barPieces(above).map((piece): Primitive => ({
      draw: 'shape',
      ink,
      points: outlineOf(barCorners(piece).map(flat)),
      part: bar.id,
    })),
    ...drawHoles(bar, flat),
  ];
}

/** Small enough to be a point, large enough to be seen. */
function drawHoles(bar: Bar, flat: Projection): Primitive[] {
  const axis = unit(minus(bar.to, bar.from));
  const under = scale(bar.wide, -bar.wideMm / 2);
  return bar.holes.map((hole): Primitive => {
    const middle = add(bar.from, scale(axis, hole.atMm));
    return {
      draw: 'lines',
      ink: 'hidden',
      lines: [[flat(add(middle, under)), flat(minus(middle, under))]],
      part: bar.id,
    };
  });
}

const drawFill = (fill: Fill, flat: Projection): Primitive => ({
  draw: 'shape',
  ink: fill.role === 'gravel' ? 'gravel' : 'concrete',
  points: outlineOf(fillPoints(fill).map(flat)),
  part: fill.id,
});

/** Seen square, every wire; seen on edge, a single line. */
function drawSheet(sheet: Sheet, flat: Projection, square: boolean): Primitive[] {
  const { uprights, levels } = sheetWires(sheet);
  const lines = square ? [...uprights, ...levels] : [levels[0] ?? [], uprights[0] ?? []];
  return [
    {
      draw: 'lines',
      ink: SHEET_INKS[sheet.role] ?? 'wire',
      lines: lines.map((line) => line.map(flat)),
      part: sheet.id,
    },
  ];
}
