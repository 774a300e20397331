import { extentOf } from '../design/extent';
import { lookOf } from '../catalogue/catalogue';
import type { Solid } from '../design/shapes/shape';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { outlineOf } from '../geometry/outline';
import { minus, type Point } from '../geometry/space';
import type { Tied } from '../plan/around';
import { toPlot } from '../site/frame';
import type { Primitive, Spot, View } from './primitive';
import type { Projection } from '../design/projection';

/** The box around chains of points. */
export function boxAround(chains: readonly (readonly Spot[])[]): View['box'] {
  const box = { left: Infinity, right: -Infinity, bottom: Infinity, top: -Infinity };
  for (const chain of chains) {
    for (const [right, up] of chain) {
      if (right < box.left) box.left = right;
      if (right > box.right) box.right = right;
      if (up < box.bottom) box.bottom = up;
      if (up > box.top) box.top = up;
    }
  }
  return box;
}

/** Every spot that a part touches in a view. */
export const extent = (part: Part, flat: Projection): Spot[] => extentOf(part).map(flat);

/** A part in a view, in the look of its stock: what is in the ground is drawn as hidden. A face shows all its wires where it is seen square. */
export function drawPart(part: Part, flat: Projection, square: boolean): Primitive[] {
  const shape = shapeOf(part);
  const ink = lookOf(part.stock);
  const onEdge = shape.nature === 'face' && !square;
  const hidden = shape.hidden(part);
  const lines = onEdge ? shape.edges(part) : thinned(shape.wires(part));
  return [
    ...shape.solids(part).map((solid): Primitive => ({
      draw: 'shape',
      ink: solid.below ? 'hidden' : ink,
      points: outlineOfSolid(solid, flat),
      part: part.id,
    })),
    ...(lines.length > 0
      ? [
          {
            draw: 'lines',
            ink: onEdge && ink === 'wire' ? 'edge' : ink,
            lines: lines.map((line) => line.map(flat)),
            part: part.id,
          } satisfies Primitive,
        ]
      : []),
    ...(hidden.length > 0
      ? [
          {
            draw: 'lines',
            ink: 'hidden',
            lines: hidden.map((line) => line.map(flat)),
            part: part.id,
          } satisfies Primitive,
        ]
      : []),
  ];
}

/** What stands beside a structure and is planned apart: its members over the soil, thin. */
export function drawBeside({ parts, at }: Tied, flat: Projection): Primitive[] {
  const seen: Projection = ([x, y, z]) => {
    const [right, up] = toPlot(at, x, y);
    return flat([right, up, z + at.baseMm]);
  };
  return parts
    .filter((part) => shapeOf(part).nature === 'member')
    .flatMap((part) => shapeOf(part).solids(part))
    .filter((solid) => !solid.below)
    .map((solid) => ({ draw: 'shape', ink: 'beside', points: outlineOfSolid(solid, seen) }));
}

/** More wires than this in one face are drawn every second, third…: the eye sees a mesh, not a grey. */
const MOST_WIRES = 110;
const thinned = (wires: Point[][]): Point[][] => {
  const every = Math.ceil(wires.length / MOST_WIRES);
  return every === 1 ? wires : wires.filter((_, i) => i % every === 0 || i === wires.length - 1);
};

function outlineOfSolid(solid: Solid, flat: Projection): Spot[] {
  if (solid.solid === 'box') return outlineOf(solid.corners.map(flat));
  if (solid.solid === 'plate') return sweptOutline(solid.outline, solid.through, flat);
  // What is poured between walls that turn in on it is no more than its own outline.
  if (solid.solid === 'prism' && !solid.peak && outlineOf(solid.base.map(flat)).length < solid.base.length) {
    const [bottom, top] = [solid.base[0], solid.top[0]] as [Point, Point];
    return sweptOutline(solid.base, minus(top, bottom), flat);
  }
  if (solid.solid === 'prism')
    return outlineOf([...solid.base, ...solid.top, ...(solid.peak ? [solid.peak] : [])].map(flat));
  return ribbon(solid.path.map(flat), solid.radiusMm);
}

/** What a board of any outline covers where its face is seen aslant: each edge that looks the way of its thickness is moved on by that. */
function sweptOutline(face: readonly Point[], through: Point, flat: Projection): Spot[] {
  const near = face.map(flat);
  const zero = flat([0, 0, 0]);
  const by = flat(through);
  const [dx, dy] = [by[0] - zero[0], by[1] - zero[1]];
  const turn = near.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = near[(i + 1) % near.length] as Spot;
    return sum + x * nextY - nextX * y;
  }, 0);
  // Seen on its edge it has no face, only what its corners lie between.
  if (Math.abs(turn) < 1)
    return outlineOf(
      near.flatMap(([x, y]): Spot[] => [
        [x, y],
        [x + dx, y + dy],
      ]),
    );
  const moves = near.map(([x, y], i) => {
    const [nextX, nextY] = near[(i + 1) % near.length] as Spot;
    return ((nextY - y) * dx - (nextX - x) * dy) * turn > 0;
  });
  return near.flatMap(([x, y], i): Spot[] => {
    const [before, after] = [moves[(i + near.length - 1) % near.length] ?? false, moves[i] ?? false];
    const moved: Spot = [x + dx, y + dy];
    if (before === after) return [before ? moved : [x, y]];
    return before ? [moved, [x, y]] : [[x, y], moved];
  });
}

const ROUND_CORNERS = 16;
/** Shorter than this on the paper, a tube is seen from its end. mm. */
const ON_END_MM = 1;

/** A tube seen from its side: its middle line, as wide as it is thick; a circle where it is seen from its end. */
function ribbon(path: readonly Spot[], radius: number): Spot[] {
  const box = boxAround([path]);
  if (Math.hypot(box.right - box.left, box.top - box.bottom) < ON_END_MM) {
    const [x, y] = path[0] as Spot;
    return Array.from({ length: ROUND_CORNERS }, (_, i): Spot => {
      const at = (2 * Math.PI * i) / ROUND_CORNERS;
      return [x + radius * Math.cos(at), y + radius * Math.sin(at)];
    });
  }
  const beside = (side: number): Spot[] =>
    path.map(([x, y], i): Spot => {
      const [before, after] = [path[Math.max(0, i - 1)] as Spot, path[Math.min(path.length - 1, i + 1)] as Spot];
      const [dx, dy] = [after[0] - before[0], after[1] - before[1]];
      const long = Math.hypot(dx, dy) || 1;
      return [x - (side * radius * dy) / long, y + (side * radius * dx) / long];
    });
  return [...beside(1), ...beside(-1).reverse()];
}
