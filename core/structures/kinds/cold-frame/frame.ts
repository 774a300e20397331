import type { Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { add, cross, scale, type Point } from '../../../geometry/space';
import type { Assembled } from '../../assemblies/assembly';
import type { BoardBox, Sides } from '../../assemblies/box-of-boards';
import type { Plane } from '../../assemblies/covered-panel';
import { screwThrough } from '../../rules/fixings';
import type { BedSetting } from '../../setting';

/** Lids stand out so far over the front board, so that water drips clear of it (from memory). mm. */
export const LIP_MM = 20;
/** The cleat inside a wedge stands at this share of its length from its tip, and reaches so far down the board below (from memory). */
const CLEAT_AT = 0.45;
const CLEAT_DOWN = 0.7;

/** The slope of its lids: from the outer upper edge of the front board to the inner one of the board behind, a board higher. */
export interface Slope {
  plane: Plane & { highMm: number };
  /** How high it is over the soil so far across the box from its middle. mm. */
  overMm: (across: number) => number;
  tan: number;
}

/** The plane that lids lie in over a box of `frontMm` in front; its strips’ lower faces lie in it. mm. */
export function slopeOver(box: BoardBox, board: Timber, frontMm: number): Slope {
  const { wideMm } = box;
  const tan = board.wideMm / (wideMm - board.thickMm);
  const long = Math.hypot(1, tan);
  const side = scale(add(box.side, scale(box.normal, tan)), 1 / long);
  const normal = cross(box.way, side);
  const longMm = LIP_MM + wideMm * long;
  const edge = (along: number): Point => box.at(along, -wideMm / 2, frontMm);
  return {
    tan,
    overMm: (across) => frontMm + (across + wideMm / 2) * tan,
    plane: {
      way: box.way,
      side,
      normal,
      wideMm: longMm,
      highMm: 0,
      at: (along, across, up) => add(add(edge(along), scale(side, across + longMm / 2 - LIP_MM)), scale(normal, up)),
    },
  };
}

/** What the box has over its level courses: one board more behind, and a wedge at each end, sawn corner to corner. */
export function raisedBack(
  box: BoardBox,
  slope: Slope,
  o: { sides: Sides; board: Timber; strip: Timber; frontMm: number },
  setting: BedSetting,
): Assembled & { back: Bar } {
  const { at, longMm, wideMm } = box;
  const { board, strip, frontMm, sides } = o;
  const [t, w, p] = [board.thickMm, board.wideMm, strip.thickMm];
  const screw = screwThrough(setting, t, p);
  const middle = frontMm + w / 2;
  const back = barOf({
    id: 'board-back-top',
    role: 'board',
    of: board,
    from: at(0, wideMm / 2 - t / 2, middle),
    to: at(longMm, wideMm / 2 - t / 2, middle),
    wide: box.normal,
    cutMm: longMm,
  });
  const backs = sides.posts.filter(({ id }) => id.startsWith('post-back'));
  const onBack = backs.map((post, i): Joint => {
    const along = t + p / 2 + ((longMm - 2 * t - p) * i) / (backs.length - 1);
    return {
      id: `${back.id}-${post.id}`,
      kind: 'board to post',
      places: [at(along, wideMm / 2 - t, middle)],
      parts: [back.id, post.id],
      fixings: [{ stock: screw, count: 2, drive: { through: back.id, into: post.id, way: scale(box.side, -1) } }],
    };
  });
  const inner = wideMm - 2 * t;
  const tip = slope.overMm(-(wideMm / 2 - t)) - frontMm;
  const ends = ([-1, 1] as const).map((s) => {
    const name = s < 0 ? 'left' : 'right';
    const out = s < 0 ? t / 2 : longMm - t / 2;
    const face = s < 0 ? t : longMm - t;
    const inwards = scale(box.way, -s);
    const wedge = barOf({
      id: `wedge-${name}`,
      role: 'wedge',
      of: board,
      from: at(out, -inner / 2, middle),
      to: at(out, inner / 2, middle),
      wide: box.normal,
      cutMm: inner,
      sawn: {
        template: 'end wedge',
        edges: [
          { atMm: 0, lowMm: -w / 2, highMm: tip - w / 2 },
          { atMm: inner, lowMm: -w / 2, highMm: w / 2 },
        ],
      },
    });
    const across = -inner / 2 + CLEAT_AT * inner;
    const [low, high] = [frontMm - CLEAT_DOWN * w, slope.overMm(across) - p * slope.tan];
    const inMm = s < 0 ? t + p / 2 : longMm - t - p / 2;
    const cleat = barOf({
      id: `cleat-${name}`,
      role: 'cleat',
      of: strip,
      from: at(inMm, across, low),
      to: at(inMm, across, high),
      wide: box.side,
    });
    const post = backs[s < 0 ? 0 : backs.length - 1] as Bar;
    const below = sides.boards.at(-1)?.[s < 0 ? 2 : 3] as Bar;
    const joint = (through: Bar, into: Bar, places: readonly Point[], kind: string): Joint => ({
      id: `${through.id}-${into.id}`,
      kind,
      places,
      parts: [through.id, into.id],
      fixings: [
        {
          stock: screw,
          count: places.length,
          drive: {
            through: through.id,
            into: into.id,
            way: inwards,
            places: places.map((one) => add(one, scale(inwards, -t))),
          },
        },
      ],
    });
    const postAt = wideMm / 2 - t - p / 2;
    const onPost = [0.3, 0.7].map((share) => at(face, postAt + (share - 0.5) * p * 0.4, frontMm + share * w));
    return {
      parts: [wedge, cleat],
      joints: [
        joint(wedge, post, onPost, 'board to post'),
        joint(wedge, cleat, [at(face, across, (frontMm + high) / 2)], 'wedge to cleat'),
        joint(
          below,
          cleat,
          [0.25, 0.5].map((share, n) => at(face, across + (n - 0.5) * p * 0.3, frontMm - share * w)),
          'board to cleat',
        ),
      ],
    };
  });
  return {
    back,
    parts: [back, ...ends.flatMap(({ parts }) => parts)],
    joints: [...onBack, ...ends.flatMap(({ joints }) => joints)],
  };
}
