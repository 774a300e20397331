import type { Catalogue } from '../catalogue/stock';
import type { Design } from '../design/design';
import { axisOf, type Bar } from '../design/shapes/bar';
import { ofShape, shapeOf } from '../design/shapes/shapes';
import { alongChain, flatten, lengthOf, pointAt } from '../geometry/curve';
import { dot, minus, norm, pathLength, reach, type Point } from '../geometry/space';
import { ON_SOIL_MM, type Support } from '../joinery/meetings';
import { heightAt } from '../site/ground';
import type { Draft } from './draft';
import { springsOf, type Ground } from './ground';
import { memberOf } from './member';
import type { BarIn } from './parts-in';

/** Two places of a bar nearer than this are one. mm. */
const ONE_PLACE_MM = 15;
/** A free length over this is looked at in its middle too. mm. */
const LOOKED_IN_MM = 500;
/** A bent bar is straight for so long at most. mm. */
const BENT_STEP_MM = 150;

/** A bar before it is placed: where along it something meets it, and from where to where it stands free of the soil. mm. */
export interface Wanting {
  part: Bar;
  wants: Set<number>;
  fromMm: number;
  toMm: number;
}

/** Where along a bar the ground holds it. */
export interface Grounded {
  bar: Wanting;
  alongMm: number;
  support: Support;
}

/** The bars that hold something, by part: not what only leads plants. */
export function wantingOf({ parts, traits }: Pick<Design, 'parts' | 'traits'>): Map<string, Wanting> {
  const bars = new Map<string, Wanting>();
  for (const part of ofShape(parts, 'bar')) {
    const long = lengthOf(axisOf(part));
    if (traits[part.role]?.as !== 'guide' && long > 1)
      bars.set(part.id, { part, wants: new Set([0, long]), fromMm: 0, toMm: long });
  }
  return bars;
}

/** How far along a bar the point of its middle lies that is nearest to another. mm. */
export function alongBar(bar: Bar, at: Point): number {
  if (!bar.bent) {
    const way = minus(bar.to, bar.from);
    const long = norm(way);
    return Math.max(0, Math.min(long, dot(minus(at, bar.from), way) / long));
  }
  // A chain through a curve is a little shorter than it.
  const chain = flatten(bar.bent);
  const long = pathLength(chain);
  return long > 0 ? (alongChain(at, chain) / long) * lengthOf(bar.bent) : 0;
}

/** The place of a bar nearest to a point. */
export function nodeOn(bar: BarIn, at: Point): number {
  const along = alongBar(bar.part, at);
  let best = 0;
  bar.atMm.forEach((mm, i) => {
    if (Math.abs(mm - along) < Math.abs((bar.atMm[best] as number) - along)) best = i;
  });
  return bar.nodes[best] as number;
}

/** Where along a bar what it stands on holds it: both of its ends, where it lies on them or is pushed in with both. */
export function groundedAt(
  { ground: soil, packedUpMm = 0, joints }: Pick<Design, 'ground' | 'packedUpMm' | 'joints'>,
  support: Support,
  bar: Wanting | undefined,
  ground: Ground,
  catalogue: Catalogue,
): Grounded[] {
  if (!bar) return [];
  const { part, toMm } = bar;
  const at = (alongMm: number): Grounded => ({ bar, alongMm, support });
  if (support.by === 'on what stands there' || support.by === 'pegged') {
    const places = joints
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
export function placeBar({ part, wants, fromMm, toMm }: Wanting, { nodes, beams }: Draft, catalogue: Catalogue): BarIn {
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
