import type { Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import type { EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Pair } from '../../../geometry/polygon';
import { UP } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { isSquare, onRun, runsRound, sidesRound, turnsOf, type Run } from '../../assemblies/courses';
import { screwThrough } from '../../rules/fixings';
import type { BedSetting } from '../../setting';
import { along, at, broken, flat, rimOf, type Stood } from './stood';

/** Inside posts go so far into the ground below the lowest board (common practice, no source). mm. */
const POST_IN_MM = inches(6);
/** A post inside a side: along which runs it stands, and where its middle is. */
interface Inside {
  at: Pair;
  /** The sides it touches, and how far along each its middle is. */
  sides: { side: number; alongMm: number }[];
  /** Whether it stands between the ends of its side. */
  between: boolean;
}

/** A post between the ends of its side. */
export interface Between {
  bar: Bar;
  side: number;
  alongMm: number;
}

/** Inside posts: one in every corner that turns in, one on each side of a notch's corner, and between. */
function postPlaces(s: Stood, post: Timber): Inside[] {
  const runs = runsRound(s.outline, s.thickMm, 0);
  const count = runs.length;
  const inMm = s.thickMm + post.thickMm / 2;
  const turnsIn = (i: number): boolean => {
    const [a, b] = [runs[i] as Run, runs[(i + 1) % count] as Run];
    return a.way[0] * b.way[1] - a.way[1] * b.way[0] > 0;
  };
  return runs.flatMap((run, i): Inside[] => {
    const [before, after] = [turnsIn((i + count - 1) % count), turnsIn(i)];
    const start = before ? inMm : post.wideMm / 2;
    const end = run.longMm - (after ? s.thickMm : 0) - post.wideMm / 2;
    const next = runs[(i + 1) % count] as Run;
    return along(start, Math.max(start + 1, end), s.everyMm).flatMap((mm, n, all): Inside[] => {
      const first = n === 0;
      const last = n === all.length - 1;
      // The corner post of two sides is the last of the first.
      if (first && before) return [];
      return [
        {
          at: onRun(run, mm, inMm),
          sides: [{ side: i, alongMm: mm }, ...(last && after ? [{ side: next.side, alongMm: inMm }] : [])],
          between: !first && !last,
        },
      ];
    });
  });
}

/** Where the corners of an outline are mitred: two posts in each corner, one flat against either side, clear of each other, and between. */
function pairPlaces(s: Stood, post: Timber, runs: readonly Run[], turns: readonly number[]): Inside[] {
  const inMm = s.thickMm + post.thickMm / 2;
  return runs.flatMap((run, i): Inside[] => {
    const [before, after] = [turns[(i + turns.length - 1) % turns.length] ?? 0, turns[i] ?? 0];
    const [start, end] = [fromCorner(s.thickMm, post, before), run.longMm - fromCorner(s.thickMm, post, after)];
    return along(start, Math.max(start + 1, end), s.everyMm).map((mm, n, all) => ({
      at: onRun(run, mm, inMm),
      sides: [{ side: i, alongMm: mm }],
      between: n > 0 && n < all.length - 1,
    }));
  });
}

/** Two posts in a mitred corner are so far from each other at the least (from memory). mm. */
const APART_MM = 4;

/** How far the middle of a post stands from a corner that turns by so much, behind boards so thick: on its own side of the bisector. mm. */
export const fromCorner = (thickMm: number, post: Pick<Timber, 'thickMm' | 'wideMm'>, turnRad: number): number =>
  (thickMm + post.thickMm) * Math.tan(turnRad / 2) + APART_MM / 2 / Math.cos(turnRad / 2) + post.wideMm / 2;

/** A board of a side, from where to where along it. mm. */
export interface Laid {
  bar: Bar;
  side: number;
  fromMm: number;
  toMm: number;
}

/** What is free between two posts that follow each other along a side. mm. */
export interface Bay {
  run: Run;
  fromMm: number;
  toMm: number;
}

/** The middles of boards in courses from the ground up. mm. */
export const courseMiddles = (s: Stood): number[] =>
  Array.from({ length: s.courses }, (_, course) => s.baseMm + (course + 0.5) * s.courseMm);

/** Boards on the outside of posts, their middles so high; what is longer than is sold is broken over a post, each level at another. */
export function boardSides(
  s: Stood,
  o: {
    role: 'board' | 'rail';
    board: Timber;
    post: Timber;
    ups: readonly number[];
    longestMm: number;
    setting: BedSetting;
  },
): Assembled & { laid: readonly Laid[]; bays: readonly Bay[]; between: readonly Between[] } {
  const { role, board, post, longestMm, setting } = o;
  const turns = isSquare(s.outline) ? null : turnsOf(s.outline);
  const runs = turns ? sidesRound(s.outline) : runsRound(s.outline, s.thickMm, 0);
  const places = turns ? pairPlaces(s, post, runs, turns) : postPlaces(s, post);
  const rim = rimOf(s);
  const intoMm = s.onFloor ? 0 : POST_IN_MM;
  const posts = places.map((place, i) => {
    const run = runs[place.sides[0]?.side ?? 0] as Run;
    return {
      place,
      bar: barOf({
        id: `post-${i + 1}`,
        role: 'post',
        of: post,
        from: at(place.at, s.baseMm - intoMm),
        to: at(place.at, rim),
        // Its wide face to the board; in a corner its edge to the other.
        wide: flat(run.way),
        buriedMm: intoMm,
      }),
    };
  });
  const screw = screwThrough(setting, board.thickMm, post.thickMm);
  const boards = o.ups.flatMap((up, course) =>
    runs.flatMap((run) => {
      const own = posts.flatMap(({ place, bar }) =>
        place.sides.filter(({ side }) => side === run.side).map(({ alongMm }) => ({ alongMm, bar })),
      );
      return broken(
        run,
        own.map(({ alongMm }) => alongMm),
        longestMm,
        course,
      ).map(([fromMm, toMm], n, all) => {
        // Mitred ends are as long as the side on its outside, and so much shorter in the middle of the board.
        const halves = [
          n === 0 ? mitreOf(turns, run.side - 1) : 0,
          n === all.length - 1 ? mitreOf(turns, run.side) : 0,
        ] as const;
        const [near, far] = halves.map((rad) => (s.thickMm / 2) * Math.tan(rad)) as [number, number];
        const bar = barOf({
          id: `${role}-${course + 1}-${run.side + 1}-${n + 1}`,
          role,
          of: board,
          from: at(onRun(run, fromMm + near, s.thickMm / 2), up),
          to: at(onRun(run, toMm - far, s.thickMm / 2), up),
          wide: UP,
          ...(turns ? { ends: [endOf(halves[0]), endOf(halves[1])], cutMm: toMm - fromMm } : {}),
        });
        const joints = own
          .filter(({ alongMm }) => alongMm >= fromMm - 1 && alongMm <= toMm + 1)
          .map(({ alongMm, bar: into }): Joint => {
            // Of two that meet over a post each is screwed on its own half.
            const half = Math.abs(alongMm - fromMm) < 1 ? 1 : Math.abs(alongMm - toMm) < 1 ? -1 : 0;
            const place = onRun(run, alongMm + (half * post.wideMm) / 4, s.thickMm);
            return {
              id: `${bar.id}-${into.id}`,
              kind: `${role} to post`,
              places: [at(place, up)],
              parts: [bar.id, into.id],
              fixings: [{ stock: screw, count: 2, drive: { through: bar.id, into: into.id, way: flat(run.inwards) } }],
            };
          });
        return { bar, side: run.side, fromMm, toMm, joints };
      });
    }),
  );
  const strapped = turns ? strapsAt(s, role, runs, boards) : [];
  const bays = runs.flatMap((run): Bay[] => {
    const faces = places
      .flatMap(({ sides }) =>
        sides.flatMap(({ side, alongMm }, i) =>
          // In a corner it turns its edge to the second of its sides.
          side === run.side ? [{ alongMm, half: (i === 0 ? post.wideMm : post.thickMm) / 2 }] : [],
        ),
      )
      .toSorted((a, b) => a.alongMm - b.alongMm);
    return faces.slice(1).map((to, i) => {
      const from = faces[i] ?? to;
      return { run, fromMm: from.alongMm + from.half, toMm: to.alongMm - to.half };
    });
  });
  return {
    parts: [...posts.map(({ bar }) => bar), ...boards.map(({ bar }) => bar)],
    joints: [...boards.flatMap(({ joints }) => joints), ...strapped],
    laid: boards,
    bays,
    between: posts.flatMap(({ place, bar }) =>
      place.between ? place.sides.map(({ side, alongMm }) => ({ bar, side, alongMm })) : [],
    ),
  };
}

/** Half of what an outline turns by at the end of a side: a mitre; nought where its corners are butted. */
const mitreOf = (turns: readonly number[] | null, side: number): number =>
  turns ? (turns[(side + turns.length) % turns.length] ?? 0) / 2 : 0;
/** Slanting across the thickness of a board, which points out of the bed. */
const endOf = (angleRad: number): EndCut => (angleRad === 0 ? { cut: 'square' } : { cut: 'angle', angleRad });

/** A strap bent round each corner in each course, screwed to both boards: their posts stand apart. */
function strapsAt(s: Stood, role: string, runs: readonly Run[], laid: readonly Laid[]): Joint[] {
  const ups = [...new Set(laid.map(({ bar }) => bar.from[2]))];
  return ups.flatMap((up, course) =>
    runs.flatMap((run): Joint[] => {
      const level = laid.filter(({ bar }) => bar.from[2] === up);
      const last = level.filter(({ side }) => side === run.side).at(-1);
      const first = level.find(({ side }) => side === (run.side + 1) % runs.length);
      if (!last || !first) return [];
      return [
        {
          id: `corner-${course + 1}-${run.side + 1}`,
          kind: `${role}s at a corner`,
          places: [at(onRun(run, run.longMm, 0), up)],
          parts: [last.bar.id, first.bar.id],
          fixings: [{ stock: 'corner-strap', count: 1 }],
        },
      ];
    }),
  );
}
