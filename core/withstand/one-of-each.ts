import type { Design } from '../design/design';
import { extentOf } from '../design/extent';
import { linkedBy } from '../design/linked';
import type { Part } from '../design/shapes/shapes';

/** A body that stands by itself: its parts, and the ground it takes up. mm. */
interface Body {
  parts: Part[];
  joints: number;
  stations: Design['stations'][number][];
  low: readonly [number, number, number];
  high: readonly [number, number, number];
}

/**
 * Of several bodies that are made alike only the one on which most grows, so that it is asked once what holds for all: six
 * frames in a row, forty stakes.
 */
export function oneOfEach(design: Design): Design {
  if (design.bodies < 2) return design;
  const linked = linkedBy(
    design.joints.flatMap(({ parts }) => parts.slice(1).map((one) => [parts[0] as string, one] as const)),
  );
  const bodies: Body[] = [];
  for (const part of design.parts) {
    const all = extentOf(part);
    const side = (k: 0 | 1 | 2, of: (...n: number[]) => number): number => of(...all.map((at) => at[k]));
    const low = [side(0, Math.min), side(1, Math.min), side(2, Math.min)] as const;
    const high = [side(0, Math.max), side(1, Math.max), side(2, Math.max)] as const;
    const own = bodies.find(({ parts }) => linked.same((parts[0] as Part).id, part.id));
    if (!own) {
      bodies.push({ parts: [part], joints: 0, stations: [], low, high });
      continue;
    }
    own.parts.push(part);
    own.low = [Math.min(own.low[0], low[0]), Math.min(own.low[1], low[1]), Math.min(own.low[2], low[2])];
    own.high = [Math.max(own.high[0], high[0]), Math.max(own.high[1], high[1]), Math.max(own.high[2], high[2])];
  }
  const bodyOf = new Map(bodies.flatMap((body) => body.parts.map(({ id }) => [id, body] as const)));
  for (const { parts } of design.joints) {
    const body = bodyOf.get(parts[0] ?? '');
    if (body) body.joints += 1;
  }
  for (const station of design.stations) {
    const away = ({ low, high }: Body): number =>
      Math.hypot(...([0, 1] as const).map((k) => Math.max(0, low[k] - station.at[k], station.at[k] - high[k])));
    const nearest = bodies.reduce((best, one) => (away(one) < away(best) ? one : best));
    nearest.stations.push(station);
  }
  if (bodies.some((one, i) => bodies.some((other, j) => i < j && overlap(one, other)))) return design;
  const kept = new Map<string, Body>();
  for (const body of bodies) {
    const known = kept.get(lookOf(body));
    if (!known || growing(body) > growing(known)) kept.set(lookOf(body), body);
  }
  if (kept.size === bodies.length) return design;
  const parts = new Set([...kept.values()].flatMap((body) => body.parts.map(({ id }) => id)));
  const stations = new Set([...kept.values()].flatMap((body) => body.stations));
  return {
    ...design,
    parts: design.parts.filter(({ id }) => parts.has(id)),
    joints: design.joints.filter((joint) => joint.parts.every((id) => parts.has(id))),
    stations: design.stations.filter((one) => stations.has(one)),
  };
}

/** Over the same ground what grows on the one may hang on the other: they are not asked apart. */
const overlap = (a: Body, b: Body): boolean =>
  ([0, 1] as const).every((k) => a.low[k] < b.high[k] && b.low[k] < a.high[k]);

/** How much grows on a body: the heights to which it holds its plants. mm. */
const growing = ({ stations }: Body): number =>
  stations.reduce((sum, { heldToMm, spare }) => sum + (spare ? 0 : heldToMm), 0);

/** What bodies have to have in common to be alike. */
const lookOf = ({ parts, joints, low, high }: Body): string =>
  [
    parts.map(({ role, stock }) => `${role} ${stock}`).join(','),
    joints,
    ...([0, 1, 2] as const).map((k) => Math.round(high[k] - low[k])),
  ].join('|');
