import { stockOf } from '../catalogue/catalogue';
import type { Catalogue, Piece } from '../catalogue/stock';
import type { Part } from '../design/shapes/shapes';
import type { Design, Drive, Driven, Fixing, Joint } from '../design/design';
import { areaOf, clipped, inside, type Pair } from '../geometry/polygon';
import { add, dot, minus, norm, scale, type Point } from '../geometry/space';
import { acrossOf, piecesOf, type Across, type Straight } from './straights';

/**
 * From the end and the edge of a piece to a pre-drilled screw, in shanks: 7 and 3 (EN 1995-1-1:2004 table 8.2,
 * pre-drilled, unloaded end and edge; 8.7.1 for thin screws). Decision 19.
 */
export const END_SHANKS = 7;
export const EDGE_SHANKS = 3;
/** Pilot hole as a share of the shank: 0.7 (EN 1995-1-1:2004 10.4.5), 0.85 in dense wood (from memory). */
const PILOT = { softwood: 0.7, durable: 0.85 } as const;
/** Between two fixings that pass each other (from memory). mm. */
const APART_MM = 1.5;
/** Two faces that lie on each other, for the lengths they are stated in. mm. */
const TOUCHING_MM = 3;

/** The pilot hole of a screw in a timber, to half a millimetre. mm. */
export function pilotFor(thickMm: number, dense: boolean): number {
  return Math.max(1, Math.round(2 * thickMm * (dense ? PILOT.durable : PILOT.softwood)) / 2);
}

/** What of an outline is far enough from its ends and edges for a screw. */
function inFrom(outline: readonly Pair[], axis: Pair, endMm: number, edgeMm: number): Pair[] {
  return outline.reduce<Pair[]>(
    (left, from, i) => {
      const to = outline[(i + 1) % outline.length] as Pair;
      const long = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
      const facing = Math.abs((axis[0] * (to[1] - from[1]) - axis[1] * (to[0] - from[0])) / long);
      return clipped(left, from, to, facing > 0.6 ? endMm : edgeMm);
    },
    [...outline],
  );
}

const both = (a: readonly Pair[], b: readonly Pair[]): Pair[] =>
  b.length < 3 ? [] : b.reduce<Pair[]>((left, from, i) => clipped(left, from, b[(i + 1) % b.length] as Pair), [...a]);

const middleOf = (outline: readonly Pair[]): Pair => [
  outline.reduce((sum, [x]) => sum + x, 0) / outline.length,
  outline.reduce((sum, [, y]) => sum + y, 0) / outline.length,
];

// A grid of quarters (from memory).
const QUARTERS = [-1, -0.75, -0.5, -0.25, 0, 0.25, 0.5, 0.75, 1] as const;

/** Shares of the half-width of a region, from its middle, in which heads may sit: corners first, so that no two stand in one grain; where those are taken, wherever there is room. */
const SPREAD: readonly Pair[] = [
  ...[1, 0.8, 0.6, 0.4, 0.2].flatMap((by): Pair[] => [
    [-by, -by],
    [by, by],
    [-by, by],
    [by, -by],
    [-by, 0],
    [by, 0],
    [0, -by],
    [0, by],
  ]),
  ...QUARTERS.flatMap((x) => QUARTERS.map((y): Pair => [x, y])),
];

/** Places in a region, those far from each other first. */
function spotsIn(region: readonly Pair[]): Pair[] {
  const [xs, ys] = [region.map(([x]) => x), region.map(([, y]) => y)];
  const [halfX, halfY] = [(Math.max(...xs) - Math.min(...xs)) / 2, (Math.max(...ys) - Math.min(...ys)) / 2];
  const centre: Pair = [(Math.max(...xs) + Math.min(...xs)) / 2, (Math.max(...ys) + Math.min(...ys)) / 2];
  const [mx, my] = middleOf(region);
  return SPREAD.map(([x, y]): Pair => [centre[0] + x * halfX, centre[1] + y * halfY]).filter(([x, y]) =>
    inside([x + (mx - x) * 1e-3, y + (my - y) * 1e-3], region),
  );
}

/** Ways of setting so many in a region, the best first: one in the middle, more of them askew or in two rows. */
function patterns(count: number, region: readonly Pair[]): Pair[][] {
  if (count === 1) return [[middleOf(region)]];
  const [xs, ys] = [region.map(([x]) => x), region.map(([, y]) => y)];
  const [lowX, highX, lowY, highY] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const longX = highX - lowX >= highY - lowY;
  const place = (along: number, side: number): Pair =>
    longX
      ? [lowX + along * (highX - lowX), side < 0 ? lowY : highY]
      : [side < 0 ? lowX : highX, lowY + along * (highY - lowY)];
  const rows = Math.ceil(count / 2);
  const askew = (flip: number): Pair[] =>
    Array.from({ length: count }, (_, i) => place(i / (count - 1), i % 2 === 0 ? -flip : flip));
  const twoRows = Array.from({ length: count }, (_, i) =>
    place(rows === 1 ? 0.5 : Math.floor(i / 2) / (rows - 1), i % 2 === 0 ? -1 : 1),
  );
  const middle = middleOf(region);
  return [...(count >= 4 ? [twoRows] : []), askew(1), askew(-1)].filter((pattern) =>
    pattern.every(([x, y]) => inside([x + (middle[0] - x) * 1e-3, y + (middle[1] - y) * 1e-3], region)),
  );
}

/** Least distance between two stretches that do not run along each other; of those that do, from their ends. mm. */
function between(a: Driven, b: Driven): number {
  const [p, q] = [a.at, b.at];
  const [d, e] = [scale(a.way, a.longMm), scale(b.way, b.longMm)];
  const w = minus(p, q);
  const [dd, de, ee, dw, ew] = [dot(d, d), dot(d, e), dot(e, e), dot(d, w), dot(e, w)];
  const square = dd * ee - de * de;
  const clamp = (x: number): number => Math.max(0, Math.min(1, x));
  let s = square > 1e-6 * dd * ee ? clamp((de * ew - ee * dw) / square) : 0;
  const t = clamp((de * s + ew) / ee);
  s = clamp((de * t - dw) / dd);
  return norm(minus(add(p, scale(d, s)), add(q, scale(e, t))));
}

/** Whether two fixings would meet in the wood. */
export const wouldMeet = (a: Driven, b: Driven): boolean =>
  norm(minus(a.at, b.at)) < a.longMm + b.longMm + a.thickMm + b.thickMm &&
  between(a, b) < (a.thickMm + b.thickMm) / 2 + APART_MM;

/** How far what has a stated place may be moved where it would meet another, along its member and across it. mm. */
const NUDGES: readonly Pair[] = [0, 8, 16, 24, 32].flatMap((by): Pair[] =>
  by === 0
    ? [[0, 0]]
    : [
        [by, 0],
        [-by, 0],
        [0, by / 2],
        [0, -by / 2],
        [by, by / 2],
        [-by, -by / 2],
      ],
);

/**
 * Works out where every screw, nail, eye and staple of a design sits: in the face that its joint's parts
 * share, far enough from ends and edges not to split them, and clear of those that are there already; those
 * with a stated place first. What is too small for that keeps as much of the distances as it has. Of two
 * that are halved into each other the one nearer to the head is gone through. Joints come back in their order.
 */
export function setFixings(design: Pick<Design, 'parts' | 'joints'>, catalogue: Catalogue): readonly Joint[] {
  const known = setBefore.get(design.joints);
  if (known) return known;
  const set = setAnew(design, catalogue);
  setBefore.set(design.joints, set);
  return set;
}

/** A sheet asks for the same joints in its close-ups, its marks and its tools. */
const setBefore = new WeakMap<readonly Joint[], readonly Joint[]>();

function setAnew({ parts, joints }: Pick<Design, 'parts' | 'joints'>, catalogue: Catalogue): Joint[] {
  const named = new Map(parts.map((part) => [part.id, part]));
  const there = new Map<string, Driven[]>();
  const keep = (driven: readonly Driven[]): void => {
    for (const one of driven)
      for (const id of partsOf(one)) {
        const known = there.get(id);
        if (known) known.push(one);
        else there.set(id, [one]);
      }
  };
  const setOne = (joint: Joint, fixing: Fixing): Fixing => {
    const { drive } = fixing;
    if (!drive) return fixing;
    const piece = stockOf(catalogue, fixing.stock, 'piece');
    const before = partsOf(drive).flatMap((id) => there.get(id) ?? []);
    const driven = drive.places
      ? asStated(drive, drive.places, makeDriven(drive, piece, named, catalogue), before, named)
      : laidOut(joint, drive, fixing.count, piece, before, named, catalogue);
    keep(driven);
    return { ...fixing, driven };
  };
  const done = new Map<Fixing, Fixing>();
  for (const stated of [true, false])
    for (const joint of joints)
      for (const fixing of joint.fixings)
        if (stated === (fixing.drive?.places !== undefined || !fixing.drive)) done.set(fixing, setOne(joint, fixing));
  return joints.map((joint) => ({ ...joint, fixings: joint.fixings.map((one) => done.get(one) ?? one) }));
}

/** The parts of a design that a fixing is in. @example partsOf({ through: 'batten-1', into: null }) // ['batten-1'] */
export const partsOf = ({ through, into }: Pick<Drive, 'through' | 'into'>): string[] =>
  [into, through].filter((id) => id !== null);

type Make = (at: Point) => Driven;

function makeDriven(
  { through, into, way, drilled }: Pick<Drive, 'through' | 'into' | 'way' | 'drilled'>,
  piece: Piece,
  named: ReadonlyMap<string, Part>,
  catalogue: Catalogue,
): Make {
  const wood = into === null ? null : catalogue.stock((named.get(into) as Part).stock);
  const thickMm = piece.thickMm ?? 0;
  const dense = wood?.form === 'timber' && wood.treatment === 'durable';
  return (at) => ({
    at,
    way,
    through,
    into,
    longMm: piece.goesInMm ?? piece.lengthMm,
    thickMm,
    // Into a wall it is drilled as wide as its plug, or as is said of it.
    pilotMm: into !== null && (piece.threaded || drilled) ? pilotFor(thickMm, dense) : null,
  });
}

/** Each at its stated place, or moved a little where it would meet another. */
function asStated(
  drive: Drive,
  places: readonly Point[],
  make: Make,
  before: readonly Driven[],
  named: ReadonlyMap<string, Part>,
): Driven[] {
  const [first] = partsOf(drive);
  if (first === undefined) return places.map(make);
  const held = named.get(first) as Part;
  const across = acrossOf(drive.way, held);
  const pieces = piecesOf(held, across);
  const set: Driven[] = [];
  for (const place of places) {
    const tries = NUDGES.map(([u, v]) => make(add(add(place, scale(across.u, u)), scale(across.v, v))));
    const free = tries.find(
      (one, i) =>
        (i === 0 || pieces.some((piece) => piece.crossing(one.at))) &&
        [...before, ...set].every((other) => !wouldMeet(one, other)),
    );
    set.push(free ?? (tries[0] as Driven));
  }
  return set;
}

/**
 * What is kept of the distances from ends and from edges where a face is too small for both: a pre-drilled end
 * gives way before an edge does (from memory).
 */
const LESS: readonly Pair[] = [
  [1, 1],
  [0.8, 1],
  [0.6, 1],
  [0.45, 1],
  [0.45, 0.75],
  [0.3, 0.75],
  [0.3, 0.5],
  [0.22, 0.42],
  [0.15, 0.34],
  [0.15, 0.17],
  [0, 0],
];

/** Where the heads of a joint's screws sit in the face that the two share. */
function laidOut(
  joint: Joint,
  drive: Drive,
  count: number,
  piece: Piece,
  before: readonly Driven[],
  named: ReadonlyMap<string, Part>,
  catalogue: Catalogue,
): Driven[] {
  const face =
    sharedFace(drive, named) ??
    (drive.through === null ? null : sharedFace({ ...drive, through: drive.into, into: drive.through }, named));
  // What is sold too short to reach what it should hold is said by a check; it is drawn where it was meant.
  if (!face) {
    const make = makeDriven(drive, piece, named, catalogue);
    return Array.from({ length: count }, (_, i) => make(joint.places[i % joint.places.length] as Point));
  }
  const { across, head, hold, ids } = face;
  const make = makeDriven({ ...drive, ...ids }, piece, named, catalogue);
  const at = ([u, v]: Pair): Point => {
    const flat = add(scale(across.u, u), scale(across.v, v));
    return add(flat, scale(across.way, (head.crossing(flat) ?? hold.crossing(flat))?.[0] ?? 0));
  };
  const clear = (some: readonly Driven[]): boolean =>
    some.every((one, i) => [...before, ...some.slice(0, i)].every((other) => !wouldMeet(one, other)));
  const thick = piece.thickMm ?? 0;
  let last: Driven[] = [];
  for (const [ends, edges] of LESS) {
    const [end, edge] = [END_SHANKS * thick * ends, EDGE_SHANKS * thick * edges];
    const region = both(inFrom(head.outline, head.axis, end, edge), inFrom(hold.outline, hold.axis, end, edge));
    if (region.length < 3) continue;
    for (const pattern of patterns(count, region)) {
      last = pattern.map((spot) => make(at(spot)));
      if (clear(last)) return last;
    }
    const found: Driven[] = [];
    for (const spot of [middleOf(region), ...spotsIn(region)].slice(count === 1 ? 0 : 1)) {
      const one = make(at(spot));
      if (found.length < count && [...before, ...found].every((other) => !wouldMeet(one, other))) found.push(one);
    }
    if (found.length === count) return found;
  }
  return last.length === count
    ? last
    : Array.from({ length: count }, () => make(at(middleOf(both(head.outline, hold.outline)))));
}

/** Of two members, the pieces that lie on each other the way a screw goes, with the largest face in common. */
function sharedFace(
  { through, into, way }: Drive,
  named: ReadonlyMap<string, Part>,
): { across: Across; head: Straight; hold: Straight; ids: Pick<Drive, 'through' | 'into'> } | null {
  // What is in no part has its places stated.
  const holder = named.get(into ?? '') as Part;
  const across = acrossOf(way, holder);
  const heads = piecesOf(through === null ? holder : (named.get(through) as Part), across);
  let best: { head: Straight; hold: Straight; area: number } | null = null;
  for (const head of heads)
    for (const hold of through === null ? [head] : piecesOf(holder, across)) {
      const common = both(head.outline, hold.outline);
      if (common.length < 3) continue;
      const [u, v] = middleOf(common);
      const flat = add(scale(across.u, u), scale(across.v, v));
      const [a, b] = [head.crossing(flat), hold.crossing(flat)];
      if (!a || !b || (through !== null && Math.abs(a[1] - b[0]) > TOUCHING_MM)) continue;
      const area = areaOf(common);
      if (area > Math.max(1, best?.area ?? 0)) best = { head, hold, area };
    }
  return best && { across, head: best.head, hold: best.hold, ids: { through, into } };
}
