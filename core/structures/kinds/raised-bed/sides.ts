import { blockStock } from '../../../catalogue/masonry';
import type { Rod, Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { blockOf, type Block } from '../../../design/shapes/block';
import { fillOf, squareRim } from '../../../design/shapes/fill';
import type { Pair } from '../../../geometry/polygon';
import { UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { blocksIn, onRun, runsRound, type Run } from '../../assemblies/courses';
import { screwThrough } from '../../rules/fixings';
import type { BedSetting } from '../../setting';

/** Inside posts go so far into the ground below the lowest board (common practice, no source). mm. */
export const POST_IN_MM = inches(6);
/** Pins go so far into the ground, and end so far under the rim (from memory). mm. */
export const PIN_IN_MM = inches(18);
const PIN_UNDER_MM = inches(0.5);

/** Where sides stand: their outline, from what height, and how high they are built. mm. */
export interface Stood {
  outline: readonly Pair[];
  baseMm: number;
  courses: number;
  courseMm: number;
  thickMm: number;
  everyMm: number;
}

const at = ([x, y]: Pair, z: number): Point => [x, y, z];
const flat = ([x, y]: Pair): Point => [x, y, 0];

/** Middles of things along a run, one at each end of what is stated and none farther apart than the limit. mm. */
function along(fromMm: number, toMm: number, everyMm: number): number[] {
  const bays = Math.max(1, Math.ceil((toMm - fromMm) / everyMm - 1e-6));
  return Array.from({ length: bays + 1 }, (_, i) => fromMm + ((toMm - fromMm) * i) / bays);
}

/** A post inside a side: along which runs it stands, and where its middle is. */
interface Inside {
  at: Pair;
  /** The sides it touches, and how far along each its middle is. */
  sides: { side: number; alongMm: number }[];
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
        },
      ];
    });
  });
}

/** Boards in courses on the outside of posts; what is longer than is sold is broken over a post, each course at another. */
export function boardSides(
  s: Stood,
  o: { board: Timber; post: Timber; longestMm: number; setting: BedSetting },
): Assembled & { posts: readonly Bar[] } {
  const { board, post, longestMm, setting } = o;
  const runs = runsRound(s.outline, s.thickMm, 0);
  const places = postPlaces(s, post);
  const rim = s.baseMm + s.courses * s.courseMm;
  const posts = places.map((place, i) => {
    const run = runs[place.sides[0]?.side ?? 0] as Run;
    return {
      place,
      bar: barOf({
        id: `post-${i + 1}`,
        role: 'post',
        of: post,
        from: at(place.at, s.baseMm - POST_IN_MM),
        to: at(place.at, rim),
        // Its wide face to the board; in a corner its edge to the other.
        wide: flat(run.way),
        buriedMm: POST_IN_MM,
      }),
    };
  });
  const screw = screwThrough(setting, board.thickMm, post.thickMm);
  const boards = Array.from({ length: s.courses }, (_, course) => course).flatMap((course) =>
    runs.flatMap((run) => {
      const up = s.baseMm + (course + 0.5) * s.courseMm;
      const own = posts.flatMap(({ place, bar }) =>
        place.sides.filter(({ side }) => side === run.side).map(({ alongMm }) => ({ alongMm, bar })),
      );
      return broken(
        run,
        own.map(({ alongMm }) => alongMm),
        longestMm,
        course,
      ).map(([fromMm, toMm], n) => {
        const bar = barOf({
          id: `board-${course + 1}-${run.side + 1}-${n + 1}`,
          role: 'board',
          of: board,
          from: at(onRun(run, fromMm, s.thickMm / 2), up),
          to: at(onRun(run, toMm, s.thickMm / 2), up),
          wide: UP,
        });
        const joints = own
          .filter(({ alongMm }) => alongMm >= fromMm - 1 && alongMm <= toMm + 1)
          .map(({ alongMm, bar: into }): Joint => {
            // Of two that meet over a post each is screwed on its own half.
            const half = Math.abs(alongMm - fromMm) < 1 ? 1 : Math.abs(alongMm - toMm) < 1 ? -1 : 0;
            const place = onRun(run, alongMm + (half * post.wideMm) / 4, s.thickMm);
            return {
              id: `${bar.id}-${into.id}`,
              kind: 'board to post',
              places: [at(place, up)],
              parts: [bar.id, into.id],
              fixings: [{ stock: screw, count: 2, drive: { through: bar.id, into: into.id, way: flat(run.inwards) } }],
            };
          });
        return { bar, joints };
      });
    }),
  );
  return {
    parts: [...posts.map(({ bar }) => bar), ...boards.map(({ bar }) => bar)],
    joints: boards.flatMap(({ joints }) => joints),
    posts: posts.map(({ bar }) => bar),
  };
}

/** A run in pieces no longer than is sold, broken over posts: from its start in even courses, from its end in odd ones. mm. */
function broken(run: Run, postsAt: readonly number[], longestMm: number, course: number): [number, number][] {
  const sorted = postsAt.filter((mm) => mm > run.fromMm + 1 && mm < run.toMm - 1).toSorted((a, b) => a - b);
  const places = [run.fromMm, ...sorted, run.toMm];
  const order = course % 2 === 0 ? places : places.map((mm) => run.fromMm + run.toMm - mm).reverse();
  const pieces: [number, number][] = [];
  let from = 0;
  while (from < order.length - 1) {
    let to = from + 1;
    while (to + 1 < order.length && (order[to + 1] as number) - (order[from] as number) <= longestMm + 0.5) to++;
    pieces.push([order[from] as number, order[to] as number]);
    from = to;
  }
  return course % 2 === 0
    ? pieces
    : pieces.map(([a, b]): [number, number] => [run.fromMm + run.toMm - b, run.fromMm + run.toMm - a]).reverse();
}

/** Where pins go: in every corner that two walls share in every course, and between. */
function pinPlaces(s: Stood): Pair[] {
  return runsRound(s.outline, s.thickMm, 0).flatMap((run) => {
    const half = s.thickMm / 2;
    return along(half, Math.max(half + 1, run.longMm - half), s.everyMm)
      .slice(0, -1)
      .map((mm) => onRun(run, mm, half));
  });
}

const touchesAt = (spot: Pair, run: Run, thickMm: number): boolean => {
  const [dx, dy] = [spot[0] - run.from[0], spot[1] - run.from[1]];
  const mm = dx * run.way[0] + dy * run.way[1];
  const inMm = dx * run.inwards[0] + dy * run.inwards[1];
  return mm >= run.fromMm - 1 && mm <= run.toMm + 1 && inMm > 0 && inMm < thickMm;
};

/** Square timbers in courses, each the other way round at the corners, steel pins through all of them. */
export function timberSides(s: Stood, o: { timber: Timber; rod: Rod; longestMm: number }): Assembled {
  const places = pinPlaces(s);
  const pins = places.map((spot, i) =>
    barOf({
      id: `pin-${i + 1}`,
      role: 'pin',
      of: o.rod,
      from: at(spot, s.baseMm - PIN_IN_MM),
      to: at(spot, s.baseMm + s.courses * s.courseMm - PIN_UNDER_MM),
      buriedMm: PIN_IN_MM,
    }),
  );
  const made = Array.from({ length: s.courses }, (_, course) => course).flatMap((course) =>
    runsRound(s.outline, s.thickMm, course).flatMap((run) => {
      const up = s.baseMm + (course + 0.5) * s.courseMm;
      const own = places.flatMap((spot, i) => (touchesAt(spot, run, s.thickMm) ? [{ spot, pin: pins[i] as Bar }] : []));
      const alongs = own.map(({ spot }) => (spot[0] - run.from[0]) * run.way[0] + (spot[1] - run.from[1]) * run.way[1]);
      return broken(run, alongs, o.longestMm, course).map(([fromMm, toMm], n) => {
        const bar = barOf({
          id: `timber-${course + 1}-${run.side + 1}-${n + 1}`,
          role: 'timber',
          of: o.timber,
          from: at(onRun(run, fromMm, s.thickMm / 2), up),
          to: at(onRun(run, toMm, s.thickMm / 2), up),
          wide: UP,
        });
        const joints = own.flatMap(({ spot, pin }, k): Joint[] => {
          const mm = alongs[k] ?? 0;
          return mm < fromMm - 1 || mm > toMm + 1
            ? []
            : [
                {
                  id: `${bar.id}-${pin.id}`,
                  kind: 'pin through timber',
                  by: 'through a hole',
                  places: [at(spot, up)],
                  parts: [bar.id, pin.id],
                  fixings: [],
                },
              ];
        });
        return { bar, joints };
      });
    }),
  );
  return { parts: [...made.map(({ bar }) => bar), ...pins], joints: made.flatMap(({ joints }) => joints) };
}

/** Blocks in courses with broken joints; where they are pinned, concrete about a steel pin in a core at every corner and between. */
export function blockSides(s: Stood, o: { block: string; pinned: boolean; rod: Rod }): Assembled {
  const whole = blockStock(o.block);
  const half = blockStock(whole.half ?? o.block);
  const laid = Array.from({ length: s.courses }, (_, course) => course).flatMap((course) =>
    runsRound(s.outline, s.thickMm, course).map((run) => {
      const { wholes, halves } = blocksIn(run.toMm - run.fromMm, whole.longMm, half.longMm);
      let mm = run.fromMm;
      const blocks = [...Array<typeof whole>(wholes).fill(whole), ...Array<typeof whole>(halves).fill(half)].map(
        (of, n): Block => {
          const block = blockOf({
            id: `block-${course + 1}-${run.side + 1}-${n + 1}`,
            role: of === whole ? 'block' : 'half block',
            of,
            corner: at(onRun(run, mm, 0), s.baseMm + course * s.courseMm),
            along: flat(run.way),
          });
          mm += of.longMm;
          return block;
        },
      );
      return { course, run, blocks };
    }),
  );
  const inRow = laid.flatMap(({ run, blocks, course }): Joint[] =>
    blocks.length < 2
      ? []
      : [
          {
            id: `row-${course + 1}-${run.side + 1}`,
            kind: 'block beside block',
            by: 'bearing',
            places: blocks.slice(1).map(({ corner }) => middleOf(corner, run, s)),
            parts: blocks.map(({ id }) => id),
            fixings: [],
          },
        ],
  );
  const corners = laid.map(({ course, run, blocks }, i): Joint => {
    const next = laid[course * s.outline.length + ((i + 1) % s.outline.length)] as (typeof laid)[number];
    const [last, first] = [blocks.at(-1), next.blocks[0]] as [Block, Block];
    const end = at(onRun(run, run.toMm, s.thickMm / 2), s.baseMm + (course + 0.5) * s.courseMm);
    return {
      id: `corner-${course + 1}-${run.side + 1}`,
      kind: 'block at a corner',
      by: 'bearing',
      places: [end, middleOf(first.corner, next.run, s)],
      parts: [last.id, first.id],
      fixings: [],
    };
  });
  const over = laid
    .filter(({ course }) => course > 0)
    .map(({ course, run, blocks }): Joint => {
      const below = laid.find((one) => one.course === course - 1 && one.run.side === run.side) as (typeof laid)[number];
      const [upper, lower] = [blocks[0], below.blocks[0]] as [Block, Block];
      const from = Math.max(run.fromMm, below.run.fromMm);
      const place = at(onRun(run, from + s.thickMm / 4, s.thickMm / 2), s.baseMm + course * s.courseMm);
      return {
        id: `over-${course + 1}-${run.side + 1}`,
        kind: 'course on course',
        by: 'bearing',
        places: [place],
        parts: [upper.id, lower.id],
        fixings: [],
      };
    });
  const cores = o.pinned
    ? pinnedCores(
        s,
        o.rod,
        laid.flatMap(({ blocks }) => blocks),
      )
    : { parts: [], joints: [] };
  return {
    parts: [...laid.flatMap(({ blocks }) => blocks), ...cores.parts],
    joints: [...inRow, ...corners, ...over, ...cores.joints],
  };
}

const middleOf = (corner: Point, run: Run, s: Stood): Point => [
  corner[0] + (run.inwards[0] * s.thickMm) / 2,
  corner[1] + (run.inwards[1] * s.thickMm) / 2,
  corner[2] + s.courseMm / 2,
];

/** A core is so wide (from memory). mm. */
const CORE_MM = inches(5);

/** Concrete about a pin in a core, from the ground to the rim. */
function pinnedCores(s: Stood, rod: Rod, blocks: readonly Block[]): Assembled {
  const high = s.courses * s.courseMm;
  const made = pinPlaces(s).map((spot, i) => {
    const pin = barOf({
      id: `pin-${i + 1}`,
      role: 'pin',
      of: rod,
      from: at(spot, s.baseMm - PIN_IN_MM),
      to: at(spot, s.baseMm + high - PIN_UNDER_MM),
      buriedMm: PIN_IN_MM,
    });
    const core = fillOf({
      id: `core-${i + 1}`,
      role: 'core',
      of: 'concrete-mix',
      bottom: at(spot, s.baseMm),
      rim: squareRim(CORE_MM / 2),
      cutMm: high,
      litres: (CORE_MM ** 2 * high) / 1e6,
    });
    const inIt = blocks.filter(({ corner, along: way, cutMm }) => {
      const [dx, dy] = [spot[0] - corner[0], spot[1] - corner[1]];
      const mm = dx * way[0] + dy * way[1];
      const side = -dx * way[1] + dy * way[0];
      return mm >= -1 && mm <= cutMm + 1 && side > 0 && side < s.thickMm;
    });
    const joint: Joint = {
      id: `core-${i + 1}-cast`,
      kind: 'pin in a core',
      by: 'cast in',
      places: inIt.map(({ corner }) => at(spot, corner[2] + s.courseMm / 2)),
      parts: [core.id, pin.id, ...inIt.map(({ id }) => id)],
      fixings: [],
    };
    return { pin, core, joint };
  });
  return {
    parts: made.flatMap(({ pin, core }) => [pin, core]),
    joints: made.map(({ joint }) => joint),
  };
}
