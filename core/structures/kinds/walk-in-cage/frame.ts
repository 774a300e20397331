import { stockOf } from '../../../catalogue/catalogue';
import type { Timber } from '../../../catalogue/stock';
import { timberId } from '../../../catalogue/timber';
import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { add, minus, scale, unit, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { onGround } from '../../../site/ground';
import { groundOf } from '../../assemblies/bed-row';
import { setBy } from '../../assemblies/footing';
import { railsOver } from '../../assemblies/rails';
import { setPost, type SetPost } from '../../assemblies/set-post';
import { piecesOverPosts } from '../../rules/over-posts';
import { equalBays } from '../../rules/spacing';
import { lastingTimber } from '../../rules/timber-knobs';
import type { BedSetting } from '../../setting';
import type { WalkInCageValues } from './knobs';

/** Longest rail, where the price book names no length (from memory). mm. */
const USUAL_RAIL_MM = feet(16);
/** Free beside a door, over it and under it (from memory). mm. */
export const DOOR_FREE_MM = inches(0.5);
export const DOOR_UNDER_MM = inches(1);
/** No door is higher than is walked through (from memory). mm. */
const DOOR_HIGH_MM = feet(6);
/** No narrower leaf is walked through. mm. */
const LEAST_DOOR_MM = inches(15);

export type SideName = 'front' | 'back' | 'left' | 'right';

/** One side: its posts in order along it, and its directions. Places are told along it by a tape, from its first corner, and out of the posts’ outer face. */
export interface CageSide {
  name: SideName;
  longMm: number;
  /** Middles of its posts along it. mm. */
  postsAt: readonly number[];
  posts: readonly SetPost[];
  /** Where its zero lies on the soil, on the posts’ outer face. */
  corner: Point;
  way: Point;
  outwards: Point;
  inwards: Point;
}

/** A place so far along a side, over the soil there, and out of its posts’ outer face. mm. */
export const atSide = ({ corner, way, outwards }: CageSide, along: number, up: number, out: number): Point =>
  add(add(corner, scale(way, along)), add(scale(outwards, out), [0, 0, up]));

export interface Cage {
  longMm: number;
  wideMm: number;
  postMm: number;
  rail: Timber;
  sides: Readonly<Record<SideName, CageSide>>;
  posts: readonly SetPost[];
  /** The gateway in the front: between the faces of the corner post and of the one beside the door, by a tape on the soil; how wide it is on the level, how far the soil rises across it, and how high its leaf is at the higher side. mm. */
  door: { fromMm: number; toMm: number; clearMm: number; riseMm: number; highMm: number };
  /** Lower edge of the lower rails over the soil: on it, or with their upper edges where the stiff mesh ends. mm. */
  lowMm: number;
}

/** Between the rail at the upper edge of the stiff mesh and the top rail at least so much stays for the net (from memory). mm. */
const LEAST_NET_MM = inches(12);

/** So much stiff mesh stands over the soil: what its roll leaves over the trench, as far as there is a side. mm. */
export const lowAbove = (v: WalkInCageValues, setting: BedSetting): number =>
  v.low === 'none'
    ? 0
    : Math.max(
        inches(6),
        Math.min(stockOf(setting.catalogue, v.low, 'mesh roll').heightMm - v.below, v.height - LEAST_NET_MM),
      );

/** Posts round the bed: corners, one beside the door, and as many between as their spacing asks for. */
export function cageOf(v: WalkInCageValues, setting: BedSetting): Cage {
  const { bed } = setting.place;
  const longMm = bed.lengthMm + 2 * v.room;
  const wideMm = bed.widthMm + 2 * v.room;
  const ground = groundOf(bed);
  const rail = stockOf(setting.catalogue, lastingTimber(setting, v.rail), 'timber');
  const foot = (along: number, y: number): Point => add(onGround(ground, along, y), [0, 0, -bed.heightMm]);
  const wayAlong = unit(minus(foot(1000, 0), foot(0, 0)));
  const made = new Map<string, SetPost>();
  const post = (id: string, along: number, y: number): SetPost => {
    const known = made.get(id);
    if (known) return known;
    const one = setPost({
      id,
      foot: foot(along, y),
      aboveMm: v.height,
      depthMm: v.depth,
      section: v.section,
      treatment: v.treatment,
      setting,
      set: setBy(v.footing),
    });
    made.set(id, one);
    return one;
  };
  const half = wideMm / 2;
  const postMm = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber').wideMm;
  const [near, far] = [postMm / 2, longMm - postMm / 2];
  // The door is as wide as is asked for, or as the front leaves room for; a post that would touch the corner post is that.
  const widest = far - near - postMm;
  const gateway = widest - v.door < 2 * postMm ? widest : v.door;
  const beside = near + postMm + gateway;
  const across = equalBays([postMm / 2, wideMm - postMm / 2], v.postSpacing);
  const alongs: Record<SideName, readonly number[]> = {
    front: [near, ...equalBays(beside < far - 1 ? [beside, far] : [far], v.postSpacing)],
    back: equalBays([near, far], v.postSpacing),
    left: across,
    right: across,
  };
  /** Corners belong to the long sides. */
  const idOf = (name: SideName, i: number): string => {
    const corner = i === 0 ? 'front' : i === alongs[name].length - 1 ? 'back' : null;
    if (name === 'front' || name === 'back' || !corner) return `post-${name}-${i + 1}`;
    return `post-${corner}-${name === 'left' ? 1 : alongs[corner].length}`;
  };
  const side = (name: SideName): CageSide => {
    const long = name === 'front' || name === 'back';
    const sign = name === 'front' || name === 'left' ? -1 : 1;
    const x = name === 'left' ? near : far;
    const own = alongs[name].map((at, i) =>
      long ? post(idOf(name, i), at, sign * (half - postMm / 2)) : post(idOf(name, i), x, at - half),
    );
    return {
      name,
      longMm: long ? longMm : wideMm,
      postsAt: alongs[name],
      posts: own,
      corner: long ? foot(0, sign * half) : foot(name === 'left' ? 0 : longMm, -half),
      way: long ? wayAlong : [0, 1, 0],
      outwards: long ? [0, sign, 0] : scale(wayAlong, sign),
      inwards: long ? [0, -sign, 0] : [-sign, 0, 0],
    };
  };
  const sides = { front: side('front'), back: side('back'), left: side('left'), right: side('right') };
  return {
    longMm,
    wideMm,
    postMm,
    rail,
    sides,
    posts: [...made.values()],
    door: {
      fromMm: postMm,
      toMm: postMm + gateway,
      clearMm: wayAlong[0] * (postMm + gateway) - postMm,
      riseMm: Math.abs(wayAlong[2]) * gateway,
      highMm: Math.max(
        LEAST_DOOR_MM,
        Math.min(DOOR_HIGH_MM, v.height - 2 * rail.wideMm - DOOR_UNDER_MM - 2 * DOOR_FREE_MM),
      ),
    },
    lowMm: Math.max(0, lowAbove(v, setting) - rail.wideMm),
  };
}

/** Rails on the outer faces of the posts: along all tops, low down except across the door, and one over the door. */
export function railsOf(cage: Cage, v: WalkInCageValues, setting: BedSetting): { rails: Bar[]; joints: Joint[] } {
  const { rail, postMm } = cage;
  const longest = setting.sizesOf(rail.id).at(-1) ?? USUAL_RAIL_MM;
  const lay = (side: CageSide, level: keyof typeof RAIL_ROLES, upMm: number, postsAt = side.postsAt) =>
    railsOver({
      pieces: piecesOverPosts(postsAt, postMm, longest),
      rail,
      posts: side.posts,
      postsAtMm: side.postsAt,
      postMm,
      at: (along, out) => atSide(side, along, upMm + rail.wideMm / 2, out),
      id: (i) => `${level}-${side.name}-${i + 1}`,
      role: RAIL_ROLES[level],
      inwards: side.inwards,
      insetMm: postMm / 4,
      setting,
    });
  const laid = [
    ...Object.values(cage.sides).flatMap((side) => [
      lay(side, 'top', v.height - rail.wideMm),
      lay(side, 'low', cage.lowMm, side.name === 'front' ? side.postsAt.slice(1) : side.postsAt),
    ]),
    lay(cage.sides.front, 'lintel', lintelUp(cage), cage.sides.front.postsAt.slice(0, 2)),
  ];
  return {
    rails: laid.flatMap(({ rails }) => rails.map(({ bar }) => bar)),
    joints: laid.flatMap(({ joints }) => joints),
  };
}

/** What each level of rails is called. */
const RAIL_ROLES = { top: 'top rail', low: 'low rail', lintel: 'lintel' } as const;

/** Lower edge of the rail over the door. mm. */
export const lintelUp = ({ door }: Cage): number => DOOR_UNDER_MM + door.highMm + DOOR_FREE_MM;
