import type { Timber } from '../../catalogue/stock';
import type { Joint } from '../../design/design';
import { barOf, type Bar } from '../../design/shapes/bar';
import { add, cross, dot, minus, scale, type Point } from '../../geometry/space';
import { feet, inches } from '../../quantity/length';
import type { Bed } from '../../site/bed';
import { onGround, wayAlong } from '../../site/ground';
import { alongEvery, screwThrough } from '../rules/fixings';
import type { Said } from '../said';
import type { Setting } from '../setting';
import type { Assembled } from './assembly';
import { groundOf } from './bed-row';

/** Long sides bulge: something inside them at most 4′ apart (common practice, no source). mm. */
export const STAY_EVERY_MM = feet(4);
/** A prop is so long as a share of the lid, and turns so far under the rim (from memory). */
const PROP_SHARE = 0.55;
const PROP_DOWN_MM = inches(2);

/** The box in its own directions: along the bed, across it, and square to its soil. */
export interface BoardBox {
  at: (along: number, across: number, up: number) => Point;
  way: Point;
  side: Point;
  normal: Point;
  longMm: number;
  wideMm: number;
  highMm: number;
}

/** A box that lies on its bed, along its soil, its middle so far across; turned about its middle where its front looks to the bed's back. mm. */
export function boxOnBed(
  bed: Bed,
  o: { acrossMm: number; longMm: number; wideMm: number; highMm: number; turned: 1 | -1 },
): BoardBox {
  const { acrossMm, longMm, wideMm, highMm, turned } = o;
  const ground = groundOf(bed);
  const soil = onGround(ground, 0, acrossMm);
  const along = wayAlong(ground);
  const way = scale(along, turned);
  const origin = turned < 0 ? add(soil, scale(along, longMm)) : soil;
  const side: Point = [0, turned, 0];
  const normal = cross(way, side);
  return {
    at: (x, y, up) => add(add(add(origin, scale(way, x)), scale(side, y)), scale(normal, up)),
    way,
    side,
    normal,
    longMm,
    wideMm,
    highMm,
  };
}

export interface Sides {
  joints: Joint[];
  /** By course from below, in the order front, back, left, right. */
  boards: Bar[][];
  posts: Bar[];
}

/** Courses of boards about posts: the long ones run through, the short ones stand between them. */
export function boardsOf(
  box: BoardBox,
  o: {
    courses: number;
    /** Inside the long sides a post at least every so far; as many bays, where doors end on posts, to each of them. mm. */
    everyMm: number;
    doors: number;
    /** How high the posts of the front and of the back stand, and from how far under the lowest board. mm. */
    postsMm: readonly [front: number, back: number];
    legsMm?: number;
    board: Timber;
    strip: Timber;
  },
  setting: Setting,
): Sides {
  const { at, longMm, wideMm } = box;
  const { board, strip, legsMm = 0 } = o;
  const [t, p] = [board.thickMm, strip.thickMm];
  const inner = longMm - 2 * t - p;
  const needed = alongEvery(Math.max(1, inner), o.everyMm);
  const between = Math.ceil((needed - 1) / o.doors) * o.doors + 1;
  const alongs = Array.from({ length: between }, (_, i) => t + p / 2 + (inner * i) / (between - 1));
  const posts = ([-1, 1] as const).flatMap((s) => {
    const postMm = o.postsMm[s < 0 ? 0 : 1];
    return alongs.map((along, i) =>
      barOf({
        id: `post-${s < 0 ? 'front' : 'back'}-${i + 1}`,
        role: 'post',
        of: strip,
        from: at(along, s * (wideMm / 2 - t - p / 2), -legsMm),
        to: at(along, s * (wideMm / 2 - t - p / 2), postMm),
        wide: box.way,
        cutMm: legsMm + postMm,
      }),
    );
  });
  const boards = Array.from({ length: o.courses }, (_, n) => {
    const up = (n + 0.5) * board.wideMm;
    const long = [-1, 1].map((s) =>
      barOf({
        id: `board-${s < 0 ? 'front' : 'back'}-${n + 1}`,
        role: 'board',
        of: board,
        from: at(0, s * (wideMm / 2 - t / 2), up),
        to: at(longMm, s * (wideMm / 2 - t / 2), up),
        wide: box.normal,
        cutMm: longMm,
      }),
    );
    const short = [t / 2, longMm - t / 2].map((along, i) =>
      barOf({
        id: `board-${i === 0 ? 'left' : 'right'}-${n + 1}`,
        role: 'board',
        of: board,
        from: at(along, -(wideMm / 2 - t), up),
        to: at(along, wideMm / 2 - t, up),
        wide: box.normal,
        cutMm: wideMm - 2 * t,
      }),
    );
    return [...long, ...short];
  });
  const screw = screwThrough(setting, t, p);
  const joint = (one: Bar, post: Bar, place: Point, inwards: Point): Joint => ({
    id: `${one.id}-${post.id}`,
    kind: 'board to post',
    places: [place],
    parts: [one.id, post.id],
    fixings: [{ stock: screw, count: 2, drive: { through: one.id, into: post.id, way: inwards } }],
  });
  const joints = boards.flatMap(([front, back, left, right], n) => {
    const up = (n + 0.5) * board.wideMm;
    const last = alongs.length - 1;
    return [-1, 1].flatMap((s) => {
      const own = posts.slice(s < 0 ? 0 : alongs.length, s < 0 ? alongs.length : undefined);
      const face = s * (wideMm / 2 - t);
      return [
        ...own.map((post, i) =>
          joint((s < 0 ? front : back) as Bar, post, at(alongs[i] ?? 0, face, up), scale(box.side, -s)),
        ),
        joint(left as Bar, own[0] as Bar, at(t, face - (s * p) / 2, up), box.way),
        joint(right as Bar, own[last] as Bar, at(longMm - t, face - (s * p) / 2, up), scale(box.way, -1)),
      ];
    });
  });
  return { joints, boards, posts };
}

/** Props for the lids: each lies across the box inside, and turns up on one screw in a front post. */
export function propsOf(
  box: BoardBox,
  o: { lids: number; sides: Sides; board: Timber; strip: Timber },
  setting: Setting,
): Assembled {
  const { at, wideMm, highMm } = box;
  const { lids, sides, board, strip } = o;
  const [t, p] = [board.thickMm, strip.thickMm];
  const fronts = sides.posts.filter((one) => one.id.startsWith('post-front'));
  // Every front post but the last has room beside it.
  const made = fronts.slice(0, Math.min(lids, fronts.length - 1)).map((post, i) => {
    const face = alongOf(box, post) + p / 2 + strip.thickMm / 2;
    const across = -(wideMm / 2 - t - p / 2);
    const long = Math.max(inches(6), Math.min(wideMm - 2 * t - p, PROP_SHARE * wideMm));
    const up = highMm - PROP_DOWN_MM - strip.wideMm / 2;
    const prop = barOf({
      id: `prop-${i + 1}`,
      role: 'prop',
      of: strip,
      from: at(face, across - p / 2, up),
      to: at(face, across - p / 2 + long, up),
      wide: box.normal,
      cutMm: long,
    });
    const pivot: Joint = {
      id: `prop-${i + 1}-pivot`,
      kind: 'prop to post',
      places: [at(face - strip.thickMm / 2, across, up)],
      parts: [prop.id, post.id],
      fixings: [
        {
          stock: screwThrough(setting, strip.thickMm, p),
          count: 1,
          drive: { through: prop.id, into: post.id, way: scale(box.way, -1), turns: true },
        },
      ],
    };
    return { prop, pivot };
  });
  return { parts: made.map((one) => one.prop), joints: made.map((one) => one.pivot) };
}

/** How far along the box a post stands. mm. */
const alongOf = (box: BoardBox, post: Bar): number => dot(minus(post.from, box.at(0, 0, 0)), box.way);

export const BOX_WORDS = {
  names: {
    parts: {
      board: { word: 'Board', means: 'side of the box', stacks: true },
      post: { word: 'Post', means: 'inside the box, as high as its sides or up to the roof', as: 'body' },
      prop: { word: 'Prop', means: 'turns on a screw inside the box' },
    },
    joints: { 'prop to post': 'Prop on its post' },
    joinery: {
      'board to post':
        'The post stands inside; the long boards run past the ends of the short ones. Two screws from outside through each board, askew.',
      'prop to post':
        'Flat on the post, one screw, left a turn loose, so that it turns: up under the front strip when the lid is open, along the box when it is shut.',
    },
  },
  phrases: {
    'stay.prop': 'Both hands are free.',
    'count.posts': 'In each corner, and inside the long sides at most {every} apart',
    'count.props': 'One for a lid, as far as there are posts to carry them',
    'count.board-screws': 'Two where a board meets a post',
    'count.pivot': 'One for each prop',
    'care.cutting': 'Clamp what you cut; unplug the saw before you set its depth; eyes and ears covered.',
  },
} as const satisfies Said;
