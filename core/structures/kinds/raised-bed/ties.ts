import type { Cord } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { lineOf } from '../../../design/shapes/line';
import { inside, type Pair } from '../../../geometry/polygon';
import { soilPressure } from '../../../statics/earth';
import type { Assembled } from '../../assemblies/assembly';
import { onRun, runsRound } from '../../assemblies/courses';
import type { Between } from './boards';
import { at, type Stood } from './stood';

/** Wire round each post, and ends about each other (from memory). mm. */
const END_MM = 300;
/** Ties lie halfway up the sides: out of a spade’s way, above where the soil presses most (from memory). */
const UP = 0.5;
/** Two posts across from each other stand past each other by no more than this share of what is between them (from memory). */
const ASKEW = 0.3;

/** Two posts between corners that look at each other over the bed, and the faces that do. */
export interface Facing {
  posts: readonly [Between, Between];
  faces: readonly [Pair, Pair];
}

/** Posts of opposite sides with nothing but soil between them, each with the one that is most nearly across from it. */
export function facing(s: Stood, between: readonly Between[]): Facing[] {
  const runs = runsRound(s.outline, s.thickMm, 0);
  const looks = between.flatMap((post) => {
    const run = runs[post.side];
    return run ? [{ post, run, face: onRun(run, post.alongMm, s.thickMm + post.bar.thickMm) }] : [];
  });
  const pairs = looks.flatMap((one, i) =>
    looks.slice(i + 1).flatMap((other) => {
      const { way, inwards } = one.run;
      if (inwards[0] * other.run.inwards[0] + inwards[1] * other.run.inwards[1] > -0.99) return [];
      const [dx, dy] = [other.face[0] - one.face[0], other.face[1] - one.face[1]];
      const pastMm = Math.abs(dx * way[0] + dy * way[1]);
      const overMm = dx * inwards[0] + dy * inwards[1];
      const clear = [0.1, 0.3, 0.5, 0.7, 0.9].every((share) =>
        inside([one.face[0] + dx * share, one.face[1] + dy * share], s.outline),
      );
      return overMm > 0 && pastMm <= ASKEW * overMm && clear ? [{ one, other, pastMm }] : [];
    }),
  );
  const tied = new Set<Between>();
  return pairs
    .toSorted((a, b) => a.pastMm - b.pastMm)
    .flatMap(({ one, other }): Facing[] => {
      if (tied.has(one.post) || tied.has(other.post)) return [];
      tied.add(one.post).add(other.post);
      return [{ posts: [one.post, other.post], faces: [one.face, other.face] }];
    });
}

/** A loop of wire round two posts across the bed from each other: there and back. */
export function tiesAcross(s: Stood, pairs: readonly Facing[], of: Cord): Assembled {
  const z = s.baseMm + UP * s.courses * s.courseMm;
  const made = pairs.map(({ posts, faces }, i) => {
    const [from, to] = [at(faces[0], z), at(faces[1], z)];
    const wire = lineOf({
      id: `tie-${i + 1}`,
      role: 'tie',
      of,
      path: [from, to],
      cutMm: 2 * Math.hypot(to[0] - from[0], to[1] - from[1]) + 2 * END_MM,
    });
    const joints = posts.map(({ bar }, end): Joint => ({
      id: `${wire.id}-${bar.id}`,
      kind: 'tie to post',
      by: 'tied',
      places: [end === 0 ? from : to],
      parts: [wire.id, bar.id],
      fixings: [],
    }));
    return { wire, joints };
  });
  return { parts: made.map(({ wire }) => wire), joints: made.flatMap(({ joints }) => joints) };
}

/**
 * What wet soil pulls each tie with: half its pressure at the foot over the height and the length between two posts works
 * at a third of the height, turned about the foot of the post and held by the tie alone; what the post’s foot holds is left
 * out, on the safe side. N, mm.
 */
export const pullOfTie = (deepMm: number, highMm: number, everyMm: number): number =>
  ((soilPressure(deepMm) * deepMm) / 2) * everyMm * (deepMm / 3 / (UP * highMm));
