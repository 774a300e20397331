import { extentOf } from '../design/extent';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Design, Driven, Joint } from '../design/design';
import { asShape, shapeOf, type Part } from '../design/shapes/shapes';
import { comesWithin, touches } from '../design/nearest';
import { add, dot, norm, reach, scale, unit, UP, ALONG, type Point } from '../geometry/space';
import { setFixings } from '../joinery/set-fixings';
import { heightAt } from '../site/ground';
import { boxAround, drawPart, extent } from './draw-part';
import type { Chain, Primitive, Spot, View } from './primitive';
import { projectionOf, type Projection } from '../design/projection';

/** So many of one small part in a joint; of what is driven, the pilot hole it wants and what it goes through and into, by role. mm. */
export interface Held {
  stock: string;
  count: number;
  eachMm?: number;
  pilotMm: number | null;
  through: string | null;
  into: string | null;
  /** What it goes through turns on it: it is not driven home. */
  turns: boolean;
}

/** One joint of a kind, drawn large: what meets in it, and where its fixings sit. Decision 18. */
export interface CloseUp {
  /** The kind of joint, as the bill groups it. */
  kind: string;
  /** How many such joints there are, and what one of them is held by. */
  count: number;
  fixings: readonly Held[];
  parts: readonly { role: string; stock: string }[];
  views: readonly View[];
}

/** Radius of what is shown: so many times the widest timber of the joint, within limits. mm. */
const TIMES_THE_WIDEST = 1.4;
const LEAST_RADIUS_MM = 55;
const MOST_RADIUS_MM = 260;
const MESH_RADIUS_MM = 190;
/** Marks closer than this are one, and a chain of more says too much. */
const SAME_MM = 1.5;
const MOST_MARKS = 5;
/** The clearest of the first few joints of a kind is drawn. */
const MOST_LOOKED_AT = 8;

const isMember = (part: Part | undefined): boolean => part !== undefined && shapeOf(part).nature === 'member';
const isCord = (part: Part | undefined): boolean => part !== undefined && shapeOf(part).nature === 'cord';

const known = new WeakMap<Design, CloseUp[]>();

/** A close-up of each kind of joint that fixings or cord hold together, in the order they are put together; not of what hangs in a wire alone. */
export function closeUps(placed: Design): CloseUp[] {
  const before = known.get(placed);
  if (before) return before;
  const made = drawCloseUps(placed);
  known.set(placed, made);
  return made;
}

function drawCloseUps(placed: Design): CloseUp[] {
  const design: Design = { ...placed, joints: setFixings(placed, CATALOGUE) };
  const byKind = new Map<string, Joint[]>();
  const named = new Map(design.parts.map((part) => [part.id, part]));
  const tied = (joint: Joint): boolean => joint.parts.some((id) => isCord(named.get(id)));
  for (const joint of design.joints)
    if (joint.fixings.length > 0 || tied(joint)) byKind.set(joint.kind, [...(byKind.get(joint.kind) ?? []), joint]);
  return [...byKind]
    .filter(([, [first]]) => first && (first.parts.length > 1 || isMember(named.get(first.parts[0] as string))))
    .map(([kind, joints]): CloseUp => {
      const partsOf = (joint: Joint): Part[] => joint.parts.map((id) => named.get(id) as Part);
      const strangers = (joint: Joint): number => {
        const { middle, radius } = windowOf(joint, partsOf(joint));
        return design.parts.filter((part) => comesWithin(part, middle, radius)).length - joint.parts.length;
      };
      // Where most of a kind meet another end to end (rails, boards), that is shown, and how much each bears on.
      const beside = abutting(joints);
      const usual = beside.size > joints.length / 2 ? [...beside.keys()] : joints;
      const joint = leastOf(usual.slice(0, MOST_LOOKED_AT), strangers);
      const other = usual === joints ? undefined : beside.get(joint);
      const own = other ? [...new Set([...partsOf(joint), ...partsOf(other)])] : partsOf(joint);
      return {
        kind,
        count: joints.length,
        fixings: heldBy(joint, named),
        parts: [
          ...new Map(
            own.map((part) => [`${part.role} ${part.stock}`, { role: part.role, stock: part.stock }]),
          ).values(),
        ],
        views: viewsOf(design, other ? { ...joint, fixings: [...joint.fixings, ...other.fixings] } : joint, own),
      };
    });
}

/** Of joints of a kind those that are at one place on one part with another of it: two that butt there; each with the other. */
function abutting(joints: readonly Joint[]): ReadonlyMap<Joint, Joint> {
  const first = new Map<string, Joint>();
  const pairs = new Map<Joint, Joint>();
  for (const joint of joints)
    for (const id of joint.parts) {
      const key = `${id} ${(joint.places[0] as Point).map(Math.round)}`;
      const other = first.get(key);
      if (!other) first.set(key, joint);
      else if (other.parts.join() !== joint.parts.join()) pairs.set(joint, other).set(other, joint);
    }
  return pairs;
}

/** What holds one joint, alike ones counted together. */
function heldBy(joint: Joint, named: ReadonlyMap<string, Part>): Held[] {
  const roleOf = (id: string | null | undefined): string | null => (id ? (named.get(id)?.role ?? null) : null);
  const all = new Map<string, Held>();
  for (const { stock, count, eachMm, drive, driven } of joint.fixings) {
    const turns = drive?.turns === true;
    const first = driven?.[0];
    const [through, into] = [roleOf(first?.through), roleOf(first?.into)];
    const key = `${stock} ${eachMm ?? ''} ${through} ${into} ${turns}`;
    const known = all.get(key);
    all.set(key, {
      stock,
      ...(eachMm === undefined ? {} : { eachMm }),
      count: count + (known?.count ?? 0),
      pilotMm: first?.pilotMm ?? null,
      through,
      into,
      turns,
    });
  }
  return [...all.values()];
}

/** A driven fixing as it sits: its head, and its shank hidden in the wood; seen from its end, the head alone. */
function drawDriven({ at, way, longMm, thickMm }: Driven, flat: Projection): Primitive[] {
  const [head, point] = [flat(at), flat(add(at, scale(way, longMm)))];
  const long = Math.hypot(point[0] - head[0], point[1] - head[1]);
  if (long < 2 * thickMm) return [{ draw: 'dot', ink: 'fixing', at: head }];
  const aside: Spot = [-(point[1] - head[1]) / long, (point[0] - head[0]) / long];
  const across = (from: Spot, half: number): [Spot, Spot] => [
    [from[0] + aside[0] * half, from[1] + aside[1] * half],
    [from[0] - aside[0] * half, from[1] - aside[1] * half],
  ];
  return [
    { draw: 'lines', ink: 'fixing', lines: [across(head, HEAD_TO_SHANK * thickMm)] },
    { draw: 'lines', ink: 'driven', lines: [[head, point]] },
  ];
}
/** Half a screw's head, in shanks (countersunk heads are about two shanks across: EN 14592 leaves it to the maker; from memory). */
const HEAD_TO_SHANK = 1;

/** The first of those that have the least of something. */
function leastOf<T>(all: readonly T[], amount: (one: T) => number): T {
  const amounts = all.map(amount);
  return all[amounts.indexOf(Math.min(...amounts))] as T;
}

/** What is shown of a joint: about the place where most of its parts meet. */
function windowOf(joint: Joint, own: readonly Part[]): { middle: Point; radius: number; within: readonly Point[] } {
  const bars = own.filter(isMember);
  const radiusFor = (place: Point): number => {
    const section =
      bars.length === 0
        ? MESH_RADIUS_MM
        : TIMES_THE_WIDEST * Math.max(...bars.map((bar) => shapeOf(bar).acrossMm(bar)));
    // A short cord, such as a lashing, is shown whole.
    const cords = own.flatMap((part) =>
      isCord(part) ? [1.2 * Math.max(...extentOf(part).map((point) => reach(point, place)))] : [],
    );
    return Math.min(
      MOST_RADIUS_MM,
      Math.max(LEAST_RADIUS_MM, section, ...cords.filter((long) => long <= MOST_RADIUS_MM)),
    );
  };
  const best = leastOf(joint.places, (place) => -own.filter((part) => touches(part, place)).length);
  const radius = radiusFor(best);
  const within = joint.places.filter((place) => reach(place, best) <= radius);
  return { middle: scale(within.reduce(add), 1 / within.length), radius, within };
}

/** What is along in a close-up: the row; where a structure follows a path, the longest level reach of the joint's own parts. */
function alongOf(design: Design, own: readonly Part[]): Point {
  if (!('path' in design.ground)) return ALONG;
  const reaches = own.map((part): Point => {
    // By its middle line: from corner to corner it would be seen askew by as much as it is thick.
    const bar = asShape(part, 'bar');
    if (bar) return [bar.to[0] - bar.from[0], bar.to[1] - bar.from[1], 0];
    const spots = extentOf(part);
    const from = spots[0] ?? [0, 0, 0];
    const far = spots.reduce(
      (most, spot) =>
        Math.hypot(spot[0] - from[0], spot[1] - from[1]) > Math.hypot(most[0] - from[0], most[1] - from[1])
          ? spot
          : most,
      from,
    );
    return [far[0] - from[0], far[1] - from[1], 0];
  });
  const longest = reaches.reduce((most, one) => (norm(one) > norm(most) ? one : most), ALONG);
  return unit(longest);
}

function viewsOf(design: Design, joint: Joint, own: readonly Part[]): View[] {
  const { middle, radius, within } = windowOf(joint, own);
  const near = design.parts.filter((part) => comesWithin(part, middle, radius));
  // Cord that is wound about the others shows on top of them.
  const wound = (part: Part): boolean => joint.fixings.length === 0 && isCord(part) && own.includes(part);
  const along = alongOf(design, own);
  const across: Point = [-along[1], along[0], 0];
  const driven = joint.fixings.flatMap((one) => one.driven ?? []);
  const plates = joint.fixings.flatMap((one) => one.plates ?? []);
  const shown = (seen: 'front' | 'end'): View => {
    const [right, eye] = seen === 'front' ? [along, scale(across, -1)] : [across, scale(along, -1)];
    const flat = projectionOf({ right, up: UP, origin: [0, 0, 0] });
    // What is far from the eye is drawn first.
    const away = (part: Part): number => -Math.max(...extentOf(part).map((point) => dot(point, eye)));
    const [atRight, atUp] = flat(middle);
    const box = { left: atRight - radius, right: atRight + radius, bottom: atUp - radius, top: atUp + radius };
    const heads = driven.filter((one) => reach(one.at, middle) <= radius * 1.6);
    const stated = heads.length === 0 && joint.fixings.length > 0 ? within.map(flat) : [];
    const marks = [...heads.map((one) => flat(one.at)), ...stated];
    const soilBeside = (by: number): Spot => {
      const at = add(middle, scale(right, by));
      return [atRight + by, heightAt(design.ground, at[0], at[1])];
    };
    const ground: Spot[] =
      seen === 'front'
        ? [soilBeside(-radius), soilBeside(radius)]
        : [
            [box.left, soilBeside(0)[1]],
            [box.right, soilBeside(0)[1]],
          ];
    return {
      id: 'close up',
      title: `${joint.kind}, ${seen === 'end' ? 'from the end' : 'from the front'}`,
      box,
      lens: { at: [atRight, atUp], radiusMm: radius },
      pulls: [],
      chains: (['x', 'z'] as const).flatMap((axis) => chainAcross(axis, own, marks, flat, box)),
      primitives: [
        ...[...near]
          .sort((a, b) => Number(wound(a)) - Number(wound(b)) || away(b) - away(a))
          .flatMap((part) => drawPart(part, flat, seen === 'front')),
        { draw: 'lines', ink: 'ground', lines: [ground] },
        ...plates.map((plate): Primitive => ({ draw: 'lines', ink: 'plate', lines: [plate.map(flat)] })),
        ...heads.flatMap((one) => drawDriven(one, flat)),
        ...stated.map((at): Primitive => ({ draw: 'dot', ink: 'fixing', at })),
      ],
    };
  };
  const front = shown('front');
  if (!own.some(isMember)) return [front];
  // Heights are the same from both sides: they are said once.
  const end = shown('end');
  return [
    front,
    front.chains.some((chain) => chain.axis === 'z')
      ? { ...end, chains: end.chains.filter((chain) => chain.axis === 'x') }
      : end,
  ];
}

/** Edges of the joint's own parts that lie in the window, and the fixings between them where that does not make too many. */
function chainAcross(
  axis: 'x' | 'z',
  own: readonly Part[],
  marks: readonly Spot[],
  flat: Projection,
  box: View['box'],
): Chain[] {
  const [low, high] = axis === 'x' ? [box.left, box.right] : [box.bottom, box.top];
  const inside = (at: number): boolean => at > low + SAME_MM && at < high - SAME_MM;
  const edges = apart(
    own.flatMap((part) => {
      const spots = extent(part, flat);
      const around = boxAround([spots]);
      const [from, to] = axis === 'x' ? [around.left, around.right] : [around.bottom, around.top];
      // Of what leans no level or plumb edge can be measured; a sheet on edge has no width worth a figure.
      const square = spots.every((spot) =>
        [from, to].some((edge) => Math.abs(spot[axis === 'x' ? 0 : 1] - edge) < SAME_MM),
      );
      return (isMember(part) && square) || (shapeOf(part).nature === 'face' && to - from > 2 * radiusOf(box))
        ? [from, to].filter(inside)
        : [];
    }),
  );
  if (edges.length < 2) return [];
  const between = apart([
    ...edges,
    ...marks
      .map((spot) => (axis === 'x' ? spot[0] : spot[1]))
      .filter((at) => at > (edges[0] as number) && at < (edges.at(-1) as number)),
  ]);
  // What sits in the very middle needs no figure, and halves of odd millimetres would not add up.
  const [first, inMiddle, last] = between as [number, number, number];
  const halved = between.length === 3 && edges.length === 2 && Math.abs(inMiddle - (first + last) / 2) < SAME_MM;
  // Three figures one over the other in a narrow piece would stand one beside the other, off the paper.
  const wide = (between.at(-1) as number) - (between[0] as number);
  const crowded = axis === 'z' && between.length > 3 && wide < radiusOf(box) / 2;
  const atMm = between.length <= MOST_MARKS && !halved && !crowded ? between : edges;
  return atMm.length > MOST_MARKS ? [] : [{ axis, label: '', atMm, tapedMm: atMm }];
}

const radiusOf = (box: View['box']): number => (box.right - box.left) / 2;

/** In order, each at least a hair from the one before. */
const apart = (places: readonly number[]): number[] =>
  [...places]
    .sort((a, b) => a - b)
    .reduce<number[]>(
      (kept, at) => (kept.length > 0 && at - (kept.at(-1) as number) < SAME_MM ? kept : [...kept, at]),
      [],
    );
