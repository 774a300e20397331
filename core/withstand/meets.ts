import type { Catalogue } from '../catalogue/stock';
import type { Design, Joint } from '../design/design';
import { linkedBy } from '../design/linked';
import type { Bar } from '../design/shapes/bar';
import { asShape, shapeOf } from '../design/shapes/shapes';
import type { Link } from '../frame/frame';
import { ALONG, cross, dot, minus, norm, scale, unit, UP, type Point } from '../geometry/space';
import { heldBy } from '../joinery/held-by';
import type { Meeting } from '../joinery/meetings';
import { nodeOn } from './bars';
import { FRAME_AXES, type Draft } from './draft';
import { carriesAt, givesOf } from './joint';
import type { BarIn, FixedAt, JointIn } from './parts-in';

/** One meeting at one of its places. */
export interface Contact {
  meeting: Meeting;
  place: Point;
}

/** Which parts hang on hinges alone: lids and doors, taken as shut. */
export interface Leaves {
  isLeaf(id: string): boolean;
  /** Whether two hang together by more than hinges. */
  same(a: string, b: string): boolean;
}

/** Where nothing is taken as shut. */
export const NO_LEAVES: Leaves = { isLeaf: () => false, same: (a, b) => a === b };

/** What hangs on its hinges alone is shut: a lid on its box, a door on its post. @param standing parts that stand on something. */
export function leavesOf(meetings: readonly Meeting[], standing: readonly string[]): Leaves {
  const firm = linkedBy(meetings.filter(({ by }) => by !== 'hinged').map(({ a, b }) => [a, b] as const));
  const hinged = meetings.filter(({ by }) => by === 'hinged').flatMap(({ a, b }) => [a, b]);
  return {
    isLeaf: (id) => hinged.some((one) => firm.same(one, id)) && !standing.some((one) => firm.same(one, id)),
    same: (a, b) => firm.same(a, b),
  };
}

/** Joins what meets: two that have places of their own by springs; of the rest it is told where each is fixed. */
export function joinContacts(
  { parts, joints }: Pick<Design, 'parts' | 'joints'>,
  draft: Draft,
  contacts: readonly Contact[],
  o: { heldAt(id: string, at: Point): number | null; leaves: Leaves; catalogue: Catalogue },
): { held: JointIn[]; fixed: Map<string, FixedAt[]> } {
  const named = new Map(parts.map((part) => [part.id, part]));
  const jointOf = new Map<string, Joint>(joints.map((joint) => [joint.id, joint]));
  const held: JointIn[] = [];
  const fixed = new Map<string, FixedAt[]>();
  for (const { meeting, place } of contacts) {
    const [na, nb] = [o.heldAt(meeting.a, place), o.heldAt(meeting.b, place)];
    if (na !== null && nb !== null) {
      if (na === nb) continue;
      const [barA, barB] = [asShape(named.get(meeting.a), 'bar'), asShape(named.get(meeting.b), 'bar')];
      const overMm = Math.min(barA?.wideMm ?? BLOCK.wideMm, barB?.wideMm ?? BLOCK.wideMm);
      const bar = barA ?? barB;
      const joint = jointOf.get(meeting.joint) as Joint;
      const { stiff, pressesOnly } = givesOf(joint, meeting, {
        overMm,
        shut: meeting.by === 'hinged' && (o.leaves.isLeaf(meeting.a) || o.leaves.isLeaf(meeting.b)),
        slides: meeting.by === 'through a hole' && bar !== null,
        catalogue: o.catalogue,
      });
      const [a, b] = [draft.nodes[na] as Point, draft.nodes[nb] as Point];
      draft.links.push({
        a: na,
        b: nb,
        at: place,
        axes: axesBetween(a, b, bar, meeting, joint),
        stiff,
        ...(pressesOnly ? { pressesOnly } : {}),
      });
      const sideMm = barA ? Math.min(barA.wideMm, barA.thickMm) : BLOCK.thickMm;
      held.push({
        link: draft.links.length - 1,
        meeting,
        may: carriesAt(joint, meeting, { overMm, sideMm, catalogue: o.catalogue }),
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
  return { held, fixed };
}
/** What is no bar laps and holds as a board of so much would (from memory). mm. */
const BLOCK = { wideMm: 100, thickMm: 38 };

/** A leaf that is shut lies on what it shuts, and is hooked there. */
export function shutLeaves({ nodes, links }: Draft, bars: readonly BarIn[], leaves: Leaves): void {
  for (const leaf of bars) {
    if (!leaves.isLeaf(leaf.part.id)) continue;
    for (const node of [leaf.nodes[0] as number, leaf.nodes.at(-1) as number]) {
      const at = nodes[node] as Point;
      const frame = bars.find(
        (other) =>
          !leaves.same(other.part.id, leaf.part.id) &&
          shapeOf(other.part).distanceTo(other.part, at) < leaf.part.wideMm / 2 + LIES_WITHIN_MM,
      );
      if (frame) links.push({ a: node, b: nodeOn(frame, at), at, axes: FRAME_AXES, stiff: LIES_SHUT });
    }
  }
}
/** A leaf lies so near to what it shuts; hooked and resting on it (from memory). mm, N/mm, N mm. */
const LIES_WITHIN_MM = 20;
const LIES_SHUT: Link['stiff'] = [500, 500, 500, 1e3, 1e3, 1e3];

/** Of a latch or a hook whose other half is no part of the design: what is shut is held there. */
export const latchOf = ({ parts, places, fixings }: Joint): { part: string; at: Point }[] => {
  const [part, at] = [parts[0], places[0]];
  return parts.length === 1 && part && at && fixings.some(({ stock }) => heldBy(stock) === 'clipped')
    ? [{ part, at }]
    : [];
};

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
