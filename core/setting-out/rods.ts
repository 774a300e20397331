import { extentOf } from '../design/extent';
import { CATALOGUE } from '../catalogue/catalogue';
import { postLines, postNumbers, postsIn } from '../design/post-numbers';
import { plantsOf, type Design, type Joint } from '../design/design';
import { axisOf, type Bar } from '../design/shapes/bar';
import { asShape, shapeOf, type Part } from '../design/shapes/shapes';
import { alongOf, cornerOf } from '../design/shapes/sheet';
import { distanceToStretch } from '../geometry/polygon';
import { lengthOf, onStretch, tangentAt } from '../geometry/curve';
import { add, dot, minus, reach, scale, type Point } from '../geometry/space';
import { setFixings } from '../joinery/set-fixings';
import { inches } from '../quantity/length';
import { tapeFor } from './tape';
import { asMet, type RodMark, type Rod, SAME_MM, asMarked, merged } from './rod';

/** Plants stand in one row, and posts on one run of a path, where they are no farther off it. mm. */
const IN_LINE_MM = 80;
/** Two that cross are square to each other within this. */
const SQUARE = 0.2;

const isBar = (part: Part | undefined): part is Bar => asShape(part, 'bar') !== null;
const straight = (part: Part | undefined): part is Bar => isBar(part) && part.bent === undefined;
/**
 * Everything that is measured along something, as running figures from one named zero, in the order they
 * are met: posts and plants along the ground from the start of the row, the pieces of each run of rails or
 * panels, and each timber from its first end with what crosses it. Timbers marked alike are told once. A post has one
 * number wherever it is met.
 */
export function rodsOf(placed: Design): Rod[] {
  const design: Design = { ...placed, joints: setFixings(placed, CATALOGUE) };
  return [...numbered(groundRods(design)), ...runRods(design), ...heightRods(design), ...timberRods(design)].map(
    inOrder,
  );
}

/** Those that are worth marking: what goes aslant is marked in its place. */
export const rodsToMark = (design: Design): Rod[] =>
  rodsOf(design).filter(({ role }) => design.traits[role]?.as !== 'brace');

/** Marks in the order they are met. */
const inOrder = (rod: Rod): Rod => ({ ...rod, marks: rod.marks.toSorted(asMet) });

/** Lines of posts, numbered where there are several. */
function numbered(rods: readonly Rod[]): Rod[] {
  const lines = rods.filter((rod) => rod.kind === 'posts');
  return rods.map((rod) => (rod.kind === 'posts' && lines.length > 1 ? { ...rod, line: lines.indexOf(rod) + 1 } : rod));
}

function groundRods(design: Design): Rod[] {
  const numbers = postNumbers(design);
  if ('path' in design.ground) {
    const { path } = design.ground;
    return path.slice(1).flatMap((to, i) => legRod(path[i] as Point, to, postsIn(design), numbers) ?? []);
  }
  const tape = tapeFor(design.ground);
  const posts = postLines(design).flatMap((line) => postRod(line, (at) => at[0], [1, 0, 0], tape, numbers) ?? []);
  const rows = new Map<string, (typeof design.stations)[number][]>();
  for (const station of design.stations) {
    if (station.side === 'round' || station.side === 'pocket') continue;
    const key = `${station.side} ${Math.round(station.at[1] / IN_LINE_MM)}`;
    rows.set(key, [...(rows.get(key) ?? []), station]);
  }
  const planned = new Set(plantsOf(design).map((one) => one.id));
  const plants = [...rows.values()].map((row): Rod => {
    const marks = row
      .toSorted((a, b) => a.alongMm - b.alongMm)
      .map((station, i): RodMark => ({
        atMm: station.alongMm,
        of: planned.has(station.id) ? 'plant' : 'spare',
        what: station.crop,
        no: i + 1,
      }));
    return {
      kind: 'plants',
      role: row[0]?.side ?? '',
      parts: row.map((one) => one.id),
      lengthMm: design.builtMm,
      alike: 1,
      marks,
    };
  });
  return [...posts, ...merged(plants)];
}

/** Posts along one run of a path, by a tape on the soil from its first corner. */
function legRod(from: Point, to: Point, standing: readonly Bar[], numbers: ReadonlyMap<string, number>): Rod | null {
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
  if (long < 1) return null;
  const along: Point = [(to[0] - from[0]) / long, (to[1] - from[1]) / long, 0];
  const near = standing.filter(
    ({ to: at }) => distanceToStretch([at[0], at[1]], [from[0], from[1]], [to[0], to[1]]) < IN_LINE_MM,
  );
  return postRod(
    near,
    (at) => dot(minus(at, from), along),
    along,
    (mm) => (mm * reach(from, to)) / long,
    numbers,
  );
}

/** Posts along a line on the ground: both faces and the middle of each. */
function postRod(
  posts: readonly Bar[],
  along: (at: Point) => number,
  way: Point,
  tape: (levelMm: number) => number,
  numbers: ReadonlyMap<string, number>,
): Rod | null {
  if (posts.length < 2) return null;
  const marks = posts
    .map((post) => ({ post, at: along(footOf(post)), half: halfAlong(post, way) }))
    .toSorted((a, b) => a.at - b.at)
    .flatMap(({ post, at, half }): RodMark[] => facesAt(tape(at), half, post, numbers));
  return {
    kind: 'posts',
    role: (posts[0] as Bar).role,
    parts: posts.map((post) => post.id),
    lengthMm: Math.max(...marks.map((mark) => mark.atMm)),
    alike: 1,
    marks,
  };
}

const footOf = (bar: Bar): Point => add(bar.from, scale(tangentAt(axisOf(bar), 0), bar.buriedMm));

/** Half of what a timber takes along a direction that is square to it. mm. */
function halfAlong(bar: Bar, way: Point): number {
  if (bar.round) return bar.wideMm / 2;
  const across = extentOf(bar).map((at) => dot(at, way));
  const middle = [bar.from, bar.to].map((at) => dot(at, way));
  return (Math.max(...across) - Math.min(...across) - Math.abs((middle[1] ?? 0) - (middle[0] ?? 0))) / 2;
}

const facesAt = (atMm: number, half: number, part: Bar, numbers: ReadonlyMap<string, number>): RodMark[] =>
  (
    [
      [-half, 'near face'],
      [0, 'middle'],
      [half, 'far face'],
    ] as const
  ).map(([off, of]) => ({ atMm: atMm + off, of, what: part.role, part: part.id, no: numbers.get(part.id) ?? 0 }));

/** Rails, beams, panels and boards that follow each other in one line along the row: where each begins and ends. */
function runRods(design: Design): Rod[] {
  if ('path' in design.ground) return [];
  const tape = tapeFor(design.ground);
  const lines = new Map<string, { part: Part; from: number; to: number }[]>();
  for (const part of design.parts) {
    const ends = runEnds(part);
    if (!ends) continue;
    const key = `${part.role} ${Math.round(ends.y / 5)} ${Math.round(ends.up / 5)}`;
    lines.set(key, [...(lines.get(key) ?? []), { part, from: tape(ends.from), to: tape(ends.to) }]);
  }
  const runs = [...lines.values()].filter((line) => line.length > 1);
  return merged(
    runs.map((line): Rod => ({
      kind: 'run',
      role: (line[0] as { part: Part }).part.role,
      parts: line.map(({ part }) => part.id),
      lengthMm: Math.max(...line.map((one) => one.to)),
      alike: 1,
      marks: line
        .toSorted((a, b) => a.from - b.from)
        .flatMap(({ part, from, to }, i): RodMark[] => [
          { atMm: from, of: 'starts', what: part.role, no: i + 1 },
          { atMm: to, of: 'ends', what: part.role, no: i + 1 },
        ]),
    })),
  );
}

/** The ends along the row of what runs along it. */
function runEnds(part: Part): { from: number; to: number; y: number; up: number } | null {
  if (straight(part) && part.buriedMm === 0 && Math.abs(tangentAt(axisOf(part), 0)[0]) > 0.9) {
    const slope = (part.to[2] - part.from[2]) / (part.to[0] - part.from[0]);
    return {
      from: Math.min(part.from[0], part.to[0]),
      to: Math.max(part.from[0], part.to[0]),
      y: part.from[1],
      up: part.from[2] - slope * part.from[0],
    };
  }
  const sheet = asShape(part, 'sheet');
  // Stiff panels that stand beside each other; a shelf lies where it lies.
  if (sheet?.base.curve === 'line' && sheet.up[2] > 0.5 && CATALOGUE.stock(sheet.stock).form === 'panel') {
    const way = alongOf(sheet);
    if (Math.abs(way[0]) < 0.9) return null;
    const from = cornerOf(sheet);
    return { from: from[0], to: from[0] + way[0] * sheet.cutMm, y: from[1], up: from[2] - (way[2] / way[0]) * from[0] };
  }
  return null;
}

/** What crosses a timber, and where its fixings sit, from its first end. */
function timberRods(design: Design): Rod[] {
  const { named, of, numbers } = jointsOf(design);
  return merged(
    design.parts.flatMap((part): Rod[] => {
      if (!straight(part) || part.buriedMm > 0 || part.round) return [];
      const joints = of.get(part.id) ?? [];
      // Pilot holes are marked by the eye or the nail that goes into them.
      const filled = joints.some((joint) => joint.fixings.some((one) => one.drive?.through === null));
      const marks = asMarked([
        ...crossings(part, joints, named, numbers),
        ...(filled ? [] : part.holes).map((hole, i): RodMark => ({
          atMm: hole.atMm,
          of: 'hole',
          what: part.role,
          no: i + 1,
        })),
      ]).filter(({ atMm }) => atMm > SAME_MM && atMm < lengthOf(axisOf(part)) - SAME_MM);
      if (marks.length === 0) return [];
      return [{ kind: 'timber', role: part.role, parts: [part.id], lengthMm: part.cutMm, alike: 1, marks }];
    }),
  );
}

/** A level line past posts on a slope: so far over the soil at the highest of them (from memory). mm. */
export const LEVEL_OVER_MM = inches(12);
/** Soil that differs by less from post to post is level. mm. */
const LEVEL_MM = 10;

/** How high the level line is, from a structure's zero; null where the soil is level. mm. */
function levelLine(design: Design): number | null {
  const soil = postsIn(design).map((post) => footOf(post)[2]);
  return soil.length > 1 && Math.max(...soil) - Math.min(...soil) > LEVEL_MM ? Math.max(...soil) + LEVEL_OVER_MM : null;
}

/** Heights on what stands in the ground, from the soil at it: what is fixed to it, its top, and on a slope where a level line passes. */
function heightRods(design: Design): Rod[] {
  const { named, of, numbers } = jointsOf(design);
  const level = levelLine(design);
  return merged(
    postsIn(design).flatMap((part): Rod[] => {
      const long = lengthOf(axisOf(part)) - part.buriedMm;
      const marks = asMarked([
        ...crossings(part, of.get(part.id) ?? [], named, numbers).map((mark) => ({
          ...mark,
          atMm: mark.atMm - part.buriedMm,
        })),
        ...(level === null ? [] : [{ atMm: level - footOf(part)[2], of: 'level', what: 'level', no: 0 } as const]),
        // What is longer than it stands is cut off when it stands.
        { atMm: long, of: part.cutMm > lengthOf(axisOf(part)) + SAME_MM ? 'end' : 'top', what: part.role, no: 0 },
      ]).filter(({ atMm }) => atMm > SAME_MM);
      if (marks.length === 0) return [];
      return [{ kind: 'heights', role: part.role, parts: [part.id], lengthMm: long, alike: 1, marks }];
    }),
  );
}

function jointsOf(design: Design): {
  named: Map<string, Part>;
  of: Map<string, Joint[]>;
  numbers: ReadonlyMap<string, number>;
} {
  const of = new Map<string, Joint[]>();
  const marked = design.joints.filter(
    ({ fixings }) => fixings.length === 0 || fixings.some((one) => !one.drive?.byEye),
  );
  for (const joint of marked)
    for (const id of joint.parts) {
      const known = of.get(id);
      if (known) known.push(joint);
      else of.set(id, [joint]);
    }
  return { named: new Map(design.parts.map((part) => [part.id, part])), of, numbers: postNumbers(design) };
}

function crossings(
  bar: Bar,
  joints: readonly Joint[],
  named: ReadonlyMap<string, Part>,
  numbers: ReadonlyMap<string, number>,
): RodMark[] {
  const axis = tangentAt(axisOf(bar), 0);
  const along = (at: Point): number => dot(minus(at, bar.from), axis);
  const marks: RodMark[] = [];
  for (const joint of joints) {
    const own = joint.fixings
      .flatMap((one) => one.driven ?? [])
      .filter((one) => one.into === bar.id || one.through === bar.id);
    const others = joint.parts.filter((id) => id !== bar.id).map((id) => named.get(id) as Part);
    const square = others.filter(
      (other): other is Bar =>
        straight(other) && !other.round && Math.abs(dot(tangentAt(axisOf(other), 0), axis)) < SQUARE,
    );
    if (square.length > 0) {
      for (const other of square) {
        // Where its middle line passes, at the place of the joint that is nearest to both.
        const off = (place: Point): number =>
          shapeOf(other).distanceTo(other, place) + shapeOf(bar).distanceTo(bar, place);
        const place = joint.places.reduce((best, one) => (off(one) < off(best) ? one : best));
        marks.push(...facesAt(along(onStretch(place, other.from, other.to)), halfAlong(other, axis), other, numbers));
      }
      continue;
    }
    if (others.some((other) => shapeOf(other).nature === 'mass')) continue;
    const spots = own.length > 0 ? own.map((one) => along(one.at)) : placesOn(bar, joint).map(along);
    marks.push(...spots.map((atMm): RodMark => ({ atMm, of: 'fixing', what: joint.kind, no: 0 })));
  }
  return marks;
}

/** Those places of a joint that lie at a timber; what is wound about several in one place is met once. */
function placesOn(bar: Bar, joint: Joint): Point[] {
  const at = (place: Point): number => shapeOf(bar).distanceTo(bar, place);
  return joint.places
    .filter((place) => at(place) < AT_MM)
    .toSorted((a, b) => at(a) - at(b))
    .reduce<Point[]>((kept, place) => (kept.some((one) => reach(one, place) < WOUND_MM) ? kept : [...kept, place]), []);
}
/** What is nearer than this to a timber is at it; places nearer to each other than this are wound as one. mm. */
const AT_MM = 40;
const WOUND_MM = 90;
