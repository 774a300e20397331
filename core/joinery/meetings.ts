import { extentOf } from '../design/extent';
import type { Design, Fixing, HeldBy, Joint } from '../design/design';
import { linkedBy } from '../design/linked';
import { distanceTo } from '../design/nearest';
import { asShape, shapeOf, type Part } from '../design/shapes/shapes';
import type { Stands } from '../design/standing';
import type { Point } from '../geometry/space';
import { heightAt } from '../site/ground';
import { carriesOf, heldBy, type Carries } from './held-by';

/**
 * Two parts that a joint holds to each other: where, by what, which way that carries, and with which of its fixings.
 * Decision 17.
 */
export interface Meeting {
  joint: string;
  a: string;
  b: string;
  at: readonly Point[];
  by: HeldBy;
  carries: Carries;
  /** Places of the fixings in the joint's list; none where it is held by nothing that is bought. */
  fixings: readonly number[];
}

/** What a structure stands on: a part in the ground with how deep and in what, or one that lies on it or is pegged to it, or what it is fixed to there. mm. */
export interface Support {
  part: string;
  at: Point;
  by: Stands['set'] | 'pegged' | 'lies on it' | 'on what stands there';
  depthMm: number;
  /** Across what bears against the soil: the concrete, or the post itself. */
  acrossMm: number;
  /** What it is set in; null where that is the soil alone. */
  footing: string | null;
}

/** Two parts of a joint meet where both come so near to one of its places, twice what its own places are held to (from memory). mm. */
const MEETS_MM = 80;

/**
 * The pairs that the joints of a design make: those its screws name (what is gone through, and what holds the point);
 * those that its staples, eyes and nails hold to what they are in; and, of what is left, each with what it comes nearest
 * to at a place of the joint, faces and cords with members first. Throws where nothing says by what a joint is held.
 * @example meetingsOf(design).find(({ by }) => by === 'hinged')?.carries.turn // false
 */
export function meetingsOf({ parts, joints }: Pick<Design, 'parts' | 'joints'>): Meeting[] {
  const named = new Map(parts.map((part) => [part.id, part]));
  return joints.flatMap((joint) => pairsOf(joint, named));
}

const isMember = (part: Part): boolean => shapeOf(part).nature === 'member';

function pairsOf(joint: Joint, named: ReadonlyMap<string, Part>): Meeting[] {
  const own = [...new Set(joint.parts)].map((id) => named.get(id) as Part);
  const pairs: { a: Part; b: Part; fixings: number[] }[] = [];
  // How far each lies from every place is found once, not once a pair: a long row has thousands of knots.
  const known = new Map<Part, number[]>();
  const fromPlaces = (part: Part): number[] => {
    const found = known.get(part) ?? joint.places.map((place) => distanceTo(part, place));
    known.set(part, found);
    return found;
  };
  const add = (a: Part, b: Part, fixing: number | null): void => {
    const before = pairs.find((one) => (one.a === a && one.b === b) || (one.a === b && one.b === a));
    const pair = before ?? { a, b, fixings: [] };
    if (fixing !== null) pair.fixings.push(fixing);
    if (!before) pairs.push(pair);
  };
  joint.fixings.forEach(({ drive }, i) => {
    // What goes into a wall holds to nothing of the design.
    if (!drive || drive.into === null) return;
    const into = named.get(drive.into) as Part;
    if (drive.through !== null) add(named.get(drive.through) as Part, into, i);
    else
      for (const other of own)
        if (other !== into && !isMember(other) && gapAt(drive.places ?? joint.places, other, into) <= MEETS_MM)
          add(into, other, i);
  });
  const linked = linkedBy(pairs.map(({ a, b }) => [a.id, b.id] as const));
  const from = own.map(fromPlaces);
  // Only what is near one place can meet there: of a string along a hundred poles each pair is not tried at every place.
  const gaps = new Map<number, number>();
  joint.places.forEach((_, k) => {
    const near = own.flatMap((_part, i) => ((from[i]?.[k] as number) <= MEETS_MM ? [i] : []));
    near.forEach((i, n) => {
      for (const j of near.slice(n + 1)) {
        const gap = (from[i]?.[k] as number) + (from[j]?.[k] as number);
        const pair = i * own.length + j;
        if (gap <= MEETS_MM) gaps.set(pair, Math.min(gap, gaps.get(pair) ?? Infinity));
      }
    });
  });
  const left = [...gaps]
    .toSorted(([a], [b]) => a - b)
    .map(([pair, gap]) => {
      const [a, b] = [own[Math.floor(pair / own.length)], own[pair % own.length]] as [Part, Part];
      return { a, b, gap, alike: Number(isMember(a) === isMember(b)) };
    })
    .toSorted((x, y) => x.alike - y.alike || x.gap - y.gap);
  for (const { a, b } of left) {
    if (linked.same(a.id, b.id)) continue;
    linked.join(a.id, b.id);
    add(a, b, null);
  }
  return pairs.map(({ a, b, fixings }): Meeting => {
    // Ties, hinges and clips are driven into nothing of their own: they hold all that meets there.
    const held = fixings.length > 0 ? fixings : joint.fixings.flatMap(({ drive }, i) => (drive ? [] : [i]));
    const count = held.reduce((sum, i) => sum + (joint.fixings[i] as Fixing).count, 0);
    const by = byWhat(joint, held);
    const [fromA, fromB] = [fromPlaces(a), fromPlaces(b)];
    const at = joint.places.filter((_place, k) => (fromA[k] as number) + (fromB[k] as number) <= MEETS_MM);
    return { joint: joint.id, a: a.id, b: b.id, at, by, carries: carriesOf(by, count), fixings: held };
  });
}

/** What the joint says, else its fixings that hold these two; where those hold others of it, these two only lie on each other. */
function byWhat(joint: Joint, held: readonly number[]): HeldBy {
  const said = held.flatMap((i) => heldBy((joint.fixings[i] as Fixing).stock) ?? [])[0];
  const by = joint.by ?? said ?? (joint.fixings.some(({ drive }) => drive) ? 'bearing' : undefined);
  if (!by)
    throw new Error(`Nothing says by what "${joint.kind}" is held: give the joint a \`by\`, or a fixing that holds.`);
  return by;
}

const apartAt = (place: Point, a: Part, b: Part): number => distanceTo(a, place) + distanceTo(b, place);

/** How far two parts are from each other at the one of some places where they come nearest. mm. */
export const gapAt = (places: readonly Point[], a: Part, b: Part): number =>
  Math.min(Infinity, ...places.map((place) => apartAt(place, a, b)));

/** A part that comes so near to the soil lies on it (from memory). mm. */
export const ON_SOIL_MM = 10;

/** What a design stands on: posts as they are set, feet that are pegged, what lies on the soil, and what hangs on the posts of another. */
export function supportsOf(design: Design): Support[] {
  const { parts, joints, ground, packedUpMm = 0 } = design;
  const named = new Map(parts.map((part) => [part.id, part]));
  const supports = parts.flatMap((part): Support[] => {
    const bar = asShape(part, 'bar');
    if (!bar?.stands) return [];
    const set = joints.flatMap((joint) =>
      (joint.by === 'cast in' || bar.stands?.set === 'shoe') && joint.parts.includes(bar.id)
        ? joint.parts.flatMap((id) => asShape(named.get(id), 'fill') ?? [])
        : [],
    )[0];
    return [
      {
        part: bar.id,
        at: shapeOf(bar).feet(bar)[0] ?? bar.from,
        by: bar.stands.set,
        depthMm: bar.stands.buriedMm,
        acrossMm: set ? acrossFill(set) : bar.wideMm,
        footing: set?.id ?? null,
      },
    ];
  });
  const standing = new Set(supports.map(({ part }) => part));
  const lies = (part: Part): Support[] => {
    if (standing.has(part.id)) return [];
    const low = extentOf(part).toSorted(
      (a, b) => a[2] - heightAt(ground, a[0], a[1]) - (b[2] - heightAt(ground, b[0], b[1])),
    )[0];
    if (!low || low[2] - heightAt(ground, low[0], low[1]) > ON_SOIL_MM + packedUpMm) return [];
    const pegged = joints.some(
      (joint) => joint.parts.includes(part.id) && joint.fixings.some(({ stock }) => heldBy(stock) === 'pegged'),
    );
    return [
      {
        part: part.id,
        at: low,
        by: pegged ? 'pegged' : 'lies on it',
        depthMm: 0,
        acrossMm: shapeOf(part).acrossMm(part),
        footing: null,
      },
    ];
  };
  const hosted = joints.flatMap((joint): Support[] => {
    const by = joint.parts.length === 1 && !standing.has(joint.parts[0] as string) ? heldOutside(joint) : null;
    return by === null
      ? []
      : joint.parts.map((part) => ({
          part,
          at: joint.places[0] as Point,
          by,
          depthMm: 0,
          acrossMm: 0,
          footing: null,
        }));
  });
  return [...supports, ...hosted, ...parts.flatMap(lies)];
}

/**
 * To what a joint of one part holds that: pegged to the soil, weighted on it, or fixed to what stands there and is no part
 * of the design: hinges, brackets, nails in a rim, screws through the board of a bed. null where it only ties it to itself.
 */
function heldOutside({ by, fixings }: Joint): Support['by'] | null {
  if (by === 'bearing') return 'lies on it';
  if (by === 'screwed' && fixings.length === 0) return 'on what stands there';
  for (const { stock, drive } of fixings) {
    const way = heldBy(stock);
    if (way === 'pegged') return 'pegged';
    if (way === 'hinged' || drive?.into === null || drive?.skipMm !== undefined) return 'on what stands there';
    if (!drive && (way === 'nailed' || way === 'screwed')) return 'on what stands there';
  }
  return null;
}

/** How wide a filling is across its hole. mm. */
const acrossFill = ({ rim }: Extract<Part, { shape: 'fill' }>): number =>
  'round' in rim ? rim.round : Math.max(...rim.outline.map(([x]) => x)) - Math.min(...rim.outline.map(([x]) => x));
