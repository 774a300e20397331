import { outlineOf } from '../geometry/outline';
import { middleOfBounds, type Pair } from '../geometry/polygon';
import { heightAt } from '../site/ground';
import { toPlot, type Frame } from '../site/frame';
import { pastEdge, placer } from '../site/plot';
import { bodiesOf } from './bodies';
import type { Design } from './design';
import { extentOf } from './extent';
import { asShape, shapeOf, type Part } from './shapes/shapes';

/** What leads plants to a support is not what it stands on. */
const standing = ({ parts, traits }: Design): Part[] => parts.filter(({ role }) => traits[role]?.as !== 'guide');

/** What is poured lies below, and a cord is no hindrance. */
const covering = (design: Design): Part[] =>
  standing(design).filter((part) => shapeOf(part).nature !== 'mass' && shapeOf(part).nature !== 'cord');

const flat = (part: Part): Pair[] => extentOf(part).map(([x, y]): Pair => [x, y]);

/** Where things go into the ground, in the structure's own frame. */
export const feetOf = (design: Design): Pair[] =>
  standing(design).flatMap((part) =>
    shapeOf(part)
      .feet(part)
      .map(([x, y]): Pair => [x, y]),
  );

/** How many of its feet have to go deeper into the ground than this. mm. */
export const feetLetIn = (design: Design, deeperMm = 0): number =>
  standing(design)
    .filter((part) => (asShape(part, 'bar')?.buriedMm ?? Infinity) > deeperMm)
    .flatMap((part) => shapeOf(part).feet(part)).length;

/** What of a stiff member is so near the soil stands on it: feet that are not let in (from memory). mm. */
const ON_SOIL_MM = 60;

/** Where the face of the wall is that it hangs on, across its bed; null for what stands by itself. mm. */
export const wallFace = ({ views }: Pick<Design, 'views'>): number | null =>
  views.find(({ wallMm }) => wallMm !== undefined)?.wallMm ?? null;

/** Where it stands: its feet in the soil, and the ends of stiff members that rest on it; in its own frame. What hangs on a wall does not. */
export function stanceOf(design: Design): Pair[] {
  if (wallFace(design) !== null) return [];
  return standing(design).flatMap((part): Pair[] => {
    const shape = shapeOf(part);
    const resting =
      shape.nature === 'member'
        ? extentOf(part).filter(([x, y, z]) => Math.abs(z - heightAt(design.ground, x, y)) < ON_SOIL_MM)
        : [];
    return [...shape.feet(part), ...resting].map(([x, y]): Pair => [x, y]);
  });
}

/** How far any of it lies beyond the edge of a plot that is so wide and deep. mm. */
export function overEdge(design: Design, frame: Frame, plot: { widthMm: number; depthMm: number }): number {
  const on = placer(frame);
  return pastEdge(
    covering(design).flatMap((part) => extentOf(part).map(([along, across]) => on(along, across))),
    plot,
  );
}

/**
 * What a structure covers, seen from above: the outlines of its stiff members and faces, in its own
 * frame; one to a body for what is in one piece, one to a stretch for what follows a path. mm.
 */
export function footprintOf(design: Design): readonly Pair[][] {
  const known = footprints.get(design) ?? coveredBy(design);
  footprints.set(design, known);
  return known;
}

/** A plot asks for the same outlines whenever anything on it moves. */
const footprints = new WeakMap<Design, readonly Pair[][]>();

function coveredBy(design: Design): Pair[][] {
  const counted = covering(design);
  const path = design.walls
    ? [...design.walls, ...design.walls.slice(0, 1)]
    : 'path' in design.ground
      ? design.ground.path
      : null;
  if (!path) {
    const covers = new Set(counted);
    const bodies =
      design.bodies > 1
        ? bodiesOf(design.parts, design.joints).map((body) => body.filter((part) => covers.has(part)))
        : [counted];
    return bodies.filter((body) => body.length > 0).map((body) => outlineOf(body.flatMap(flat)));
  }
  // Walls go on past corners that turn in by as much as they are thick.
  const pastMm = design.walls ? 200 : 120;
  return path.slice(1).map((to, i) => {
    const from = path[i] as (typeof path)[number];
    const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
    const [ux, uy] = [(to[0] - from[0]) / long, (to[1] - from[1]) / long];
    const along = (spot: Pair): number => (spot[0] - from[0]) * ux + (spot[1] - from[1]) * uy;
    const across = (spot: Pair): number => (spot[1] - from[1]) * ux - (spot[0] - from[0]) * uy;
    const near = (spot: Pair): boolean =>
      along(spot) > -pastMm && along(spot) < long + pastMm && Math.abs(across(spot)) < 300;
    // What is round the corner of a wall is the next one's.
    const own = (spots: readonly Pair[]): boolean => {
      const middle = along(middleOfBounds(spots));
      return !design.walls || (middle > -1 && middle < long + 1);
    };
    const spots = counted
      .map(flat)
      .filter((some) => some.every(near) && own(some))
      .flat();
    if (!design.walls || spots.length === 0) return outlineOf(spots);
    // A wall is as thick all along as where its posts stand.
    const [alongs, acrosses] = [spots.map(along), spots.map(across)];
    const [start, end] = [Math.min(...alongs), Math.max(...alongs)];
    const [low, high] = [Math.min(...acrosses), Math.max(...acrosses)];
    const at = (far: number, aside: number): Pair => [from[0] + far * ux - aside * uy, from[1] + far * uy + aside * ux];
    return [at(start, low), at(end, low), at(end, high), at(start, high)];
  });
}

/** Its stiff members one by one, each where it lies on the plot; of `standing` ones those alone that stand in the ground. */
export const membersOf = (design: Design, frame: Frame, standing: boolean): Pair[][] =>
  design.parts
    .filter((part) => shapeOf(part).nature === 'member' && (!standing || shapeOf(part).feet(part).length > 0))
    .map((part) => outlineOf(flat(part)).map(([x, y]) => toPlot(frame, x, y)));

/** What a structure covers on the plot, piece by piece, each convex. */
export const coverOf = (design: Design, frame: Frame): (readonly Pair[])[] =>
  footprintOf(design)
    .filter((outline) => outline.length > 1)
    .map((outline) => outline.map(([x, y]) => toPlot(frame, x, y)));
