import type { Catalogue } from '../catalogue/stock';
import type { Design, Joint } from '../design/design';
import { linkedBy } from '../design/linked';
import { axisOf, type Bar } from '../design/shapes/bar';
import type { Block } from '../design/shapes/block';
import type { Fill } from '../design/shapes/fill';
import type { Line } from '../design/shapes/line';
import type { Sheet } from '../design/shapes/sheet';
import { asShape, ofShape, shapeOf } from '../design/shapes/shapes';
import type { Beam, Cord, Frame, Link } from '../frame/frame';
import { flatten, lengthOf, onStretch, pointAt } from '../geometry/curve';
import { add, ALONG, cross, dot, minus, norm, reach, scale, unit, UP, type Point } from '../geometry/space';
import { heldBy } from '../joinery/held-by';
import { meetingsOf, supportsOf, type Meeting, type Support } from '../joinery/meetings';
import { heightAt } from '../site/ground';
import { roundArea, STEEL_E_MPA } from '../statics/wire';
import { springsOf, type Ground } from './ground';
import { gridOf, nearestOf, standsByItself, type Grid } from './mesh-grid';
import { carriesAt, givesOf, type MayCarry } from './joint';
import { memberOf, type Member } from './member';

/** A bar as beams from place to place. */
export interface BarIn {
  part: Bar;
  of: Member;
  /** Its places in the frame, and how far along it each lies, in order. mm. */
  nodes: readonly number[];
  atMm: readonly number[];
  beams: readonly number[];
  /** Between which of its places nothing holds it: how far from one hold to the next, for each of its beams. mm. */
  freeMm: readonly number[];
}

/** What holds two parts to each other, at one place. */
export interface JointIn {
  link: number;
  meeting: Meeting;
  may: MayCarry;
}

/** What something that has no stiffness of its own is fixed to: a place of the frame, and where. */
export interface FixedAt {
  node: number;
  at: Point;
  meeting: Meeting | null;
}

/** A cord as what is drawn from one hold to the next. */
export interface CordIn {
  part: Line;
  holds: readonly FixedAt[];
  /** One fewer than its holds; none where it has one. */
  cords: readonly number[];
}

export interface SheetIn {
  part: Sheet;
  fixed: readonly FixedAt[];
}

/** A mass that lies on others, or hangs on them. */
export interface BlockIn {
  part: Block | Fill;
  node: number;
}

/** Mesh that stands by itself, bent to an arch or a ring: strips of its wires both ways. */
export interface WiresIn {
  part: Sheet;
  beams: readonly number[];
  /** How many wires each stands for. */
  wires: readonly number[];
}

export interface GroundIn {
  link: number;
  node: number;
  support: Support;
  /** Where firm ground begins. */
  at: Point;
  firmMm: number;
}

/** A structure as the frame that carries it. */
export interface Model {
  frame: Frame;
  bars: readonly BarIn[];
  joints: readonly JointIn[];
  cords: readonly CordIn[];
  sheets: readonly SheetIn[];
  blocks: readonly BlockIn[];
  wires: readonly WiresIn[];
  grounds: readonly GroundIn[];
  /** Parts that nothing of this holds: they are not reckoned. */
  leftOut: readonly string[];
}

/** Two places of a bar nearer than this are one. mm. */
const ONE_PLACE_MM = 15;
/** A free length over this is looked at in its middle too. mm. */
const LOOKED_IN_MM = 500;
/** A bent bar is straight for so long at most. mm. */
const BENT_STEP_MM = 150;
/** What comes so near to the soil lies on it, as where supports are told. mm. */
const ON_SOIL_MM = 10;

interface Wanting {
  part: Bar;
  wants: Set<number>;
  fromMm: number;
  toMm: number;
}

/** Corners of the foot of a mass. */
function lowCorners(part: Block | Fill): Point[] {
  const all = shapeOf(part).extent(part);
  const low = Math.min(...all.map(([, , z]) => z));
  return all.filter(([, , z]) => z < low + 1);
}

/** A tier on a tier, a block on a block (from memory). N/mm. */
const STACKED: Link['stiff'] = [2000, 500, 500, 1e4, 1e4, 1e4];
/** What is stacked lies over what is below by so much. mm. */
const STACKS_WITHIN_MM = 30;
function bearsAt([x, y, z]: Point, on: Block): boolean {
  const all = shapeOf(on).extent(on);
  const span = (k: 0 | 1 | 2): [number, number] => [
    Math.min(...all.map((at) => at[k])),
    Math.max(...all.map((at) => at[k])),
  ];
  const [[x0, x1], [y0, y1], [low, top]] = [span(0), span(1), span(2)];
  // Cups sit in each other.
  return z > (low + top) / 2 && z < top + STACKS_WITHIN_MM && x > x0 - 1 && x < x1 + 1 && y > y0 - 1 && y < y1 + 1;
}

/** How far along a bar the point of its middle lies that is nearest to another. mm. */
function alongBar(bar: Bar, at: Point): number {
  if (!bar.bent) {
    const way = minus(bar.to, bar.from);
    const long = norm(way);
    return Math.max(0, Math.min(long, dot(minus(at, bar.from), way) / long));
  }
  const chain = flatten(bar.bent);
  let [best, gone, least] = [0, 0, Infinity];
  for (let i = 1; i < chain.length; i++) {
    const [from, to] = [chain[i - 1] as Point, chain[i] as Point];
    const near = onStretch(at, from, to);
    const away = reach(at, near);
    if (away < least) [least, best] = [away, gone + reach(from, near)];
    gone += reach(from, to);
  }
  // A chain through a curve is a little shorter than it.
  return gone > 0 ? (best / gone) * lengthOf(bar.bent) : 0;
}

const middle = (points: readonly Point[]): Point =>
  scale(points.reduce(add, [0, 0, 0]), 1 / Math.max(1, points.length));

/** What a structure stands and holds together as: bars, cords and feet from its parts, what joins them from its meetings. */
export function modelOf(design: Design, ground: Ground, catalogue: Catalogue): Model {
  const { parts, joints } = design;
  const named = new Map(parts.map((part) => [part.id, part]));
  const jointOf = new Map<string, Joint>(joints.map((joint) => [joint.id, joint]));
  const isGuide = (role: string): boolean => design.traits[role]?.as === 'guide';
  const meetings = meetingsOf(design);
  const supports = supportsOf(design);
  const bars = new Map<string, Wanting>();
  for (const part of ofShape(parts, 'bar')) {
    if (isGuide(part.role)) continue;
    const long = lengthOf(axisOf(part));
    if (long > 1) bars.set(part.id, { part, wants: new Set([0, long]), fromMm: 0, toMm: long });
  }
  // A post begins where firm ground holds it; a bent bar that is pushed in with both ends ends there too.
  const grounded = supports.flatMap((support) =>
    groundedAt(design, support, bars.get(support.part), ground, jointOf, catalogue),
  );
  for (const { bar, alongMm } of grounded) bar.wants.add(alongMm);

  const contacts = meetings.flatMap((meeting) => {
    const at = meeting.at.length > 0 ? meeting.at : (jointOf.get(meeting.joint)?.places.slice(0, 1) ?? []);
    return at.map((place) => ({ meeting, place, a: bars.get(meeting.a), b: bars.get(meeting.b) }));
  });
  for (const { place, a, b } of contacts) for (const bar of [a, b]) bar?.wants.add(alongBar(bar.part, place));

  const nodes: Point[] = [];
  const beams: Beam[] = [];
  const links: Link[] = [];
  const lines: Cord[] = [];
  const placed = new Map<string, BarIn>();
  for (const [id, wanting] of bars) placed.set(id, placeBar(wanting, nodes, beams, catalogue));
  /** The place of a bar nearest to a point. */
  const nodeAt = (bar: BarIn, at: Point): number => {
    const along = alongBar(bar.part, at);
    let best = 0;
    bar.atMm.forEach((mm, i) => {
      if (Math.abs(mm - along) < Math.abs((bar.atMm[best] as number) - along)) best = i;
    });
    return bar.nodes[best] as number;
  };

  // What is filled in hangs on what holds it; what lies on the soil is borne by that.
  const lies = new Set(supports.map(({ part }) => part));
  const masses = [...ofShape(parts, 'block'), ...ofShape(parts, 'fill').filter(({ id }) => !lies.has(id))];
  const blocks: BlockIn[] = masses
    .filter(({ id }) => lies.has(id) || meetings.some(({ a, b }) => a === id || b === id))
    .map((part) => {
      nodes.push(middle(shapeOf(part).extent(part)));
      return { part, node: nodes.length - 1 };
    });
  const grids = new Map<string, Grid>();
  const wires: WiresIn[] = [];
  for (const part of ofShape(parts, 'sheet')) {
    const grid = standsByItself(part, catalogue) ? gridOf(part, nodes, beams, links) : null;
    if (!grid) continue;
    grids.set(part.id, grid);
    wires.push({ part, ...grid });
  }
  // What is stacked bears on what is below it, at its corners.
  const stacked = blocks.flatMap(({ part, node }) => {
    const block = asShape(part, 'block');
    return block ? [{ block, node }] : [];
  });
  for (const upper of stacked)
    for (const corner of lowCorners(upper.block))
      for (const lower of stacked)
        if (upper !== lower && bearsAt(corner, lower.block))
          links.push({
            a: upper.node,
            b: lower.node,
            at: corner,
            axes: [[0, 0, -1], ALONG, [0, 1, 0]],
            stiff: STACKED,
            pressesOnly: true,
          });
  const blockOf = new Map(blocks.map((one) => [one.part.id, one]));
  const heldAt = (id: string, at: Point): number | null => {
    const bar = placed.get(id);
    if (bar) return nodeAt(bar, at);
    const grid = grids.get(id);
    return grid ? nearestOf(grid.nodes, at, nodes) : (blockOf.get(id)?.node ?? null);
  };
  const latched = joints.flatMap((joint) => latchOf(joint));

  // What hangs on its hinges alone is shut: a lid on its box, a door on its post.
  const firm = linkedBy(meetings.filter(({ by }) => by !== 'hinged').map(({ a, b }) => [a, b] as const));
  const standing = [...grounded.map(({ bar }) => bar.part.id), ...supports.map(({ part }) => part)];
  const isLeaf = (id: string): boolean => !standing.some((one) => firm.same(one, id));
  const held: JointIn[] = [];
  const fixed = new Map<string, FixedAt[]>();
  for (const { meeting, place } of contacts) {
    const [na, nb] = [heldAt(meeting.a, place), heldAt(meeting.b, place)];
    const joint = jointOf.get(meeting.joint) as Joint;
    if (na !== null && nb !== null) {
      if (na === nb) continue;
      const [pa, pb] = [named.get(meeting.a), named.get(meeting.b)];
      const narrow = (id: string): { wide: number; thick: number } => {
        const bar = asShape(named.get(id), 'bar');
        return bar ? { wide: bar.wideMm, thick: Math.min(bar.wideMm, bar.thickMm) } : { wide: 100, thick: 38 };
      };
      const over = Math.min(narrow(meeting.a).wide, narrow(meeting.b).wide);
      const bar = asShape(pa, 'bar') ?? asShape(pb, 'bar');
      const shut = meeting.by === 'hinged' && (isLeaf(meeting.a) || isLeaf(meeting.b));
      const { stiff, pressesOnly } = givesOf(joint, meeting, {
        overMm: over,
        shut,
        slides: meeting.by === 'through a hole' && bar !== null,
        catalogue,
      });
      if (!pa || !pb) continue;
      links.push({
        a: na,
        b: nb,
        at: place,
        axes: axesBetween(
          nodes[na] as Point,
          nodes[nb] as Point,
          asShape(pa, 'bar') ?? asShape(pb, 'bar'),
          meeting,
          joint,
        ),
        stiff,
        ...(pressesOnly ? { pressesOnly } : {}),
      });
      held.push({
        link: links.length - 1,
        meeting,
        may: carriesAt(joint, meeting, { overMm: over, sideMm: narrow(meeting.a).thick, catalogue }),
      });
      continue;
    }
    // What has no stiffness of its own: sheets and cords, each with the places at which something holds it.
    const [node, other] = na === null ? [nb, meeting.a] : [na, meeting.b];
    if (node === null) continue;
    const list = fixed.get(other);
    if (list) list.push({ node, at: place, meeting });
    else fixed.set(other, [{ node, at: place, meeting }]);
  }

  // A leaf that is shut lies on what it shuts, and is hooked there.
  const hinged = meetings.filter(({ by }) => by === 'hinged').flatMap(({ a, b }) => [a, b]);
  for (const leaf of placed.values()) {
    if (!isLeaf(leaf.part.id) || !hinged.some((id) => firm.same(id, leaf.part.id))) continue;
    for (const node of [leaf.nodes[0] as number, leaf.nodes.at(-1) as number]) {
      const at = nodes[node] as Point;
      const frame = [...placed.values()].find(
        (other) =>
          !firm.same(other.part.id, leaf.part.id) &&
          shapeOf(other.part).distanceTo(other.part, at) < leaf.part.wideMm / 2 + LIES_WITHIN_MM,
      );
      if (frame) links.push({ a: node, b: nodeAt(frame, at), at, axes: FRAME_AXES, stiff: LIES_SHUT });
    }
  }

  const grounds: GroundIn[] = [];
  const onGround = (node: number, support: Support, at: Point): void => {
    const { link, firmMm } = springsOf(support, at, ground);
    links.push({ a: node, b: null, ...link });
    grounds.push({ link: links.length - 1, node, support, at, firmMm });
  };
  for (const { bar, alongMm, support } of grounded) {
    const at = pointAt(axisOf(bar.part), alongMm);
    onGround(nodeAt(placed.get(bar.part.id) as BarIn, at), support, at);
  }
  for (const support of supports) {
    const block = blockOf.get(support.part);
    if (!block) continue;
    // A block stands on its corners.
    const low = Math.min(
      ...shapeOf(block.part)
        .extent(block.part)
        .map(([, , z]) => z),
    );
    for (const corner of shapeOf(block.part).extent(block.part))
      if (corner[2] < low + 1) onGround(block.node, support, corner);
  }

  for (const { part, at } of latched) {
    const node = heldAt(part, at);
    if (node !== null)
      onGround(node, { part, at, by: 'on what stands there', depthMm: 0, acrossMm: 0, footing: null }, at);
  }
  for (const support of supports) {
    const grid = grids.get(support.part);
    // Mesh stands on the ends of its lowest wires.
    for (const node of grid?.lowest ?? [])
      onGround(node, grid?.staked ? { ...support, by: 'pegged' } : support, nodes[node] as Point);
  }

  const cords = ofShape(parts, 'line').flatMap((part): CordIn[] => {
    const all = fixed.get(part.id);
    if (!all || isGuide(part.role)) return [];
    const along = new Map(all.map((one) => [one, alongPath(part.path, one.at)]));
    const holds = all.toSorted((p, q) => (along.get(p) as number) - (along.get(q) as number));
    // What is pegged or anchored to the soil has its end there.
    for (const support of supports)
      if (support.part === part.id) {
        const at = support.at;
        nodes.push(at);
        onGround(nodes.length - 1, support, at);
        const first = alongPath(part.path, at) < (along.get(holds[0] as FixedAt) ?? 0);
        holds.splice(first ? 0 : holds.length, 0, { node: nodes.length - 1, at, meeting: null });
      }
    const stock = catalogue.stock(part.stock);
    // Twine leads plants and hands on what hangs on it; it stretches too far to brace what it is tied to.
    const draws = stock.look === 'wire' || stock.id.startsWith('rope');
    const ea = (stock.look === 'wire' ? STEEL_E_MPA : ROPE_E_MPA) * roundArea(part.diameterMm);
    const made: number[] = [];
    holds.slice(1).forEach((to, i) => {
      const from = holds[i] as FixedAt;
      if (from.node === to.node) return;
      if (reach(from.at, to.at) < LASHED_MM && from.meeting?.by === 'lashed') {
        // Bound together: it holds each to the next every way.
        links.push({ a: from.node, b: to.node, at: from.at, axes: FRAME_AXES, stiff: LASHED });
        return;
      }
      if (!draws || reach(from.at, to.at) < ONE_PLACE_MM) return;
      lines.push({ a: from.node, b: to.node, from: from.at, to: to.at, ea, pullN: part.pullN ?? 0 });
      made.push(lines.length - 1);
    });
    return [{ part, holds, cords: made }];
  });
  const sheets = ofShape(parts, 'sheet').flatMap((part): SheetIn[] => {
    const grid = grids.get(part.id);
    if (grid) return [{ part, fixed: grid.nodes.map((node) => ({ node, at: nodes[node] as Point, meeting: null })) }];
    const all = fixed.get(part.id);
    return all ? [{ part, fixed: all }] : [];
  });
  for (const { part, fixed: at } of sheets)
    if (!grids.has(part.id) && !lies.has(part.id)) lines.push(...bracedBy(part, at, nodes, catalogue));

  const reckoned = new Set([
    ...placed.keys(),
    ...blockOf.keys(),
    ...cords.map(({ part }) => part.id),
    ...sheets.map(({ part }) => part.id),
  ]);
  return {
    frame: { nodes, beams, links, lines },
    bars: [...placed.values()],
    joints: held,
    cords,
    sheets,
    blocks,
    wires,
    grounds,
    leftOut: parts.filter((part) => !reckoned.has(part.id) && shapeOf(part).nature !== 'mass').map(({ id }) => id),
  };
}

/** Of a latch or a hook whose other half is no part of the design: what is shut is held there. */
const latchOf = ({ parts, places, fixings }: Joint): { part: string; at: Point }[] => {
  const [part, at] = [parts[0], places[0]];
  return parts.length === 1 && part && at && fixings.some(({ stock }) => heldBy(stock) === 'clipped')
    ? [{ part, at }]
    : [];
};

/** A leaf lies so near to what it shuts; hooked and resting on it (from memory). mm, N/mm, N mm. */
const LIES_WITHIN_MM = 20;
const LIES_SHUT: Link['stiff'] = [500, 500, 500, 1e3, 1e3, 1e3];

/** Poles in one lashing lie so near to each other; what it holds them with (from memory). mm, N/mm, N mm. */
const LASHED_MM = 250;
const LASHED: Link['stiff'] = [500, 500, 500, 2e5, 2e5, 2e5];
const FRAME_AXES: Link['axes'] = [ALONG, [0, 1, 0], UP];

/** Rope and twine stretch so far (from memory). MPa. */
const ROPE_E_MPA = 1500;

/** Where along a bar what it stands on holds it: both of its ends, where it lies on them or is pushed in with both. */
function groundedAt(
  { ground: soil, packedUpMm = 0 }: Design,
  support: Support,
  bar: Wanting | undefined,
  ground: Ground,
  jointOf: ReadonlyMap<string, Joint>,
  catalogue: Catalogue,
): { bar: Wanting; alongMm: number; support: Support }[] {
  if (!bar) return [];
  const { part, toMm } = bar;
  const at = (alongMm: number): { bar: Wanting; alongMm: number; support: Support } => ({ bar, alongMm, support });
  if (support.by === 'on what stands there' || support.by === 'pegged') {
    const places = [...jointOf.values()]
      .filter((joint) => joint.parts.includes(part.id) && (joint.parts.length === 1 || support.by === 'pegged'))
      .filter((joint) => joint.places.some((place) => reach(place, support.at) < 1) || support.by === 'pegged')
      .flatMap(({ places }) => places);
    const near = support.by === 'pegged' ? [support.at] : places;
    const stock = catalogue.stock(part.stock);
    const inMm = stock.form === 'piece' && support.by !== 'pegged' ? (stock.goesInMm ?? 0) : 0;
    return (near.length > 0 ? near : [support.at]).map((place: Point) =>
      at(Math.min(toMm, alongBar(part, place) + inMm)),
    );
  }
  if (support.by === 'lies on it') {
    const half = shapeOf(part).acrossMm(part) / 2;
    const low = [0, toMm].filter((mm) => {
      const [x, y, z] = pointAt(axisOf(part), mm);
      return z - heightAt(soil, x, y) < half + ON_SOIL_MM + packedUpMm + 1;
    });
    return (low.length > 0 ? low : [alongBar(part, support.at)]).map(at);
  }
  if (support.depthMm <= 0) return [at(alongBar(part, support.at))];
  const { firmMm } = springsOf(support, support.at, ground);
  const from = Math.max(0, Math.min(toMm - 50, firmMm));
  bar.fromMm = from;
  if (!part.bent) return [at(from)];
  bar.toMm = toMm - from;
  return [at(from), at(toMm - from)];
}

/** Puts a bar into the frame: a place wherever something meets it, and in the middle of what is long and free. */
function placeBar({ part, wants, fromMm, toMm }: Wanting, nodes: Point[], beams: Beam[], catalogue: Catalogue): BarIn {
  const axis = axisOf(part);
  const holds: number[] = [];
  for (const mm of [...wants, fromMm, toMm].filter((mm) => mm >= fromMm && mm <= toMm).toSorted((a, b) => a - b)) {
    const last = holds.at(-1);
    if (last === undefined || mm - last >= ONE_PLACE_MM) holds.push(mm);
    // The ends of it are where they are.
    else if (mm === toMm && holds.length > 1) holds[holds.length - 1] = mm;
  }
  if (holds.length === 1) holds.push(toMm);
  const atMm: number[] = [holds[0] as number];
  const freeMm: number[] = [];
  holds.slice(1).forEach((to, i) => {
    const from = holds[i] as number;
    const pieces = part.bent ? Math.max(1, Math.ceil((to - from) / BENT_STEP_MM)) : to - from > LOOKED_IN_MM ? 2 : 1;
    for (let k = 1; k <= pieces; k++) {
      atMm.push(from + ((to - from) * k) / pieces);
      freeMm.push(to - from);
    }
  });
  const own = atMm.map((mm) => {
    nodes.push(pointAt(axis, mm));
    return nodes.length - 1;
  });
  const of = memberOf(part, catalogue.stock(part.stock));
  const made = own.slice(1).map((b, i) => {
    beams.push({ a: own[i] as number, b, of: of.stiffness, wide: part.wide });
    return beams.length - 1;
  });
  return { part, of, nodes: own, atMm, beams: made, freeMm };
}

/** The axes of a meeting: from the one to the other first, as its screws go where those are told. */
function axesBetween(a: Point, b: Point, part: Bar | null, meeting: Meeting, joint: Joint): Link['axes'] {
  const driven = meeting.fixings.map((i) => joint.fixings[i]?.drive?.way).find((way) => way !== undefined);
  const between = minus(b, a);
  const flat = part ? unit(cross(minus(part.to, part.from), part.wide)) : UP;
  const slides = meeting.by === 'through a hole' && part !== null;
  const first = slides
    ? unit(minus(part.to, part.from))
    : driven
      ? unit(driven)
      : norm(between) > 5
        ? unit(between)
        : flat;
  const along = part && !slides ? unit(minus(part.to, part.from)) : ALONG;
  const aside = minus(along, scale(first, dot(along, first)));
  const second = norm(aside) > 0.1 ? unit(aside) : unit(cross(first, Math.abs(first[2]) < 0.9 ? UP : ALONG));
  return [first, second, cross(first, second)];
}

/** How far along a path of straight pieces the point of it lies that is nearest to another. mm. */
export function alongPath(path: readonly Point[], at: Point): number {
  let [best, gone, least] = [0, 0, Infinity];
  for (let i = 1; i < path.length; i++) {
    const [from, to] = [path[i - 1] as Point, path[i] as Point];
    const near = onStretch(at, from, to);
    const away = reach(at, near);
    if (away < least - 1e-9) [least, best] = [away, gone + reach(from, near)];
    gone += reach(from, to);
  }
  return best;
}

/** Welded mesh braces what it is fixed to as so much of its wires would that went straight from hold to hold (from memory: welds and clips give). */
const BRACES = 0.05;
/** More ties than this of one sheet brace it no better. */
const MOST_BRACES = 24;

/** Of stiff mesh and sheeting: what it keeps from shifting against each other, as ties from each hold to those of the next bar. */
function bracedBy(part: Sheet, fixed: readonly FixedAt[], nodes: readonly Point[], catalogue: Catalogue): Cord[] {
  const stock = catalogue.stock(part.stock);
  const stiff = stock.form === 'panel' || stock.form === 'sheeting' || (stock.form === 'mesh roll' && stock.stiff);
  if (!stiff || fixed.length < 3 || fixed.length > 80) return [];
  const wire = stock.form === 'sheeting' ? stock.steelMm * 40 : roundArea(part.wireMm);
  const out: Cord[] = [];
  fixed.forEach((one, i) =>
    fixed.forEach((other, j) => {
      if (j <= i || one.node === other.node) return;
      const way = minus(other.at, one.at);
      const long = norm(way);
      const level = Math.abs(dot(way, part.up)) / Math.max(1, long);
      // Aslant alone: along its wires it is drawn, across them it is bent.
      if (long < 100 || level < 0.15 || level > 0.95) return;
      const nearer = fixed.some(
        (third, k) =>
          k !== i &&
          k !== j &&
          reach(third.at, one.at) < long &&
          reach(third.at, other.at) < long &&
          reach(third.at, scale(add(one.at, other.at), 0.5)) < long / 4,
      );
      if (nearer) return;
      out.push({
        a: one.node,
        b: other.node,
        from: one.at,
        to: other.at,
        ea: BRACES * STEEL_E_MPA * wire * 5,
        pullN: 0,
        pressesToo: true,
      });
    }),
  );
  return out.slice(0, MOST_BRACES);
}
