import { stockOf } from '../../../catalogue/catalogue';
import type { Drive, Fixing, Joint } from '../../../design/design';
import type { EndCut } from '../../../design/end-cut';
import type { Stands } from '../../../design/standing';
import { barOf, type Bar, type Hole } from '../../../design/shapes/bar';
import { add, UP, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { setBy } from '../../assemblies/footing';
import type { SetPost } from '../../assemblies/set-post';
import { takenBy, type TakenStretch } from '../../rules/clash';
import { screwThrough } from '../../rules/fixings';
import type { RowAsStood } from '../../rules/as-stood';
import { footAt, type Lie } from '../../rules/lie';
import { liesOver, type Stretch } from '../../rules/over-posts';
import type { BedSetting } from '../../setting';
import type { Wood } from './board';
import { footingOf, type TwineFrameValues } from './knobs';

/** Pilot hole for a 1½″ screw eye, and a hole that twine slips through (from memory). mm. */
export const PILOT_MM = 3;
export const TWINE_HOLE_MM = 8;
/** A bed's boards, to be screwed through (from memory). mm. */
const BED_BOARD_MM = inches(1.5);

const square: EndCut = { cut: 'square' };

export interface TwineFrame {
  v: TwineFrameValues;
  setting: BedSetting;
  lie: Lie;
  slope: number;
  wood: Wood;
  /** Height of the beam's top edge over the level, at a distance along the frame. */
  topAt(alongMm: number): number;
  stood: RowAsStood;
  postsAt: readonly number[];
  lengthMm: number;
  /** Where the beam stands across the bed, and the rows under it. */
  y: number;
  rows: readonly number[];
  legMm: number;
}

/** A full row of fruit wants 3½″ of beam at 8′ bays; square stock is for shorter bays or lighter crops (from memory). */
export function carriesOf(wideMm: number, spanMm: number): 'light' | 'medium' | 'heavy' {
  if (wideMm >= 85) return spanMm <= feet(8.1) ? 'heavy' : 'medium';
  return spanMm <= feet(4.1) ? 'heavy' : spanMm <= feet(wideMm >= 60 ? 8.1 : 6.1) ? 'medium' : 'light';
}

export const isScrewed = (f: TwineFrame, index: number): boolean =>
  f.v.setIn === 'bed' && (index === 0 || index === f.postsAt.length - 1);

export const postId = (i: number): string => `post-${i + 1}`;

export function placePost(f: TwineFrame, at: number, index: number, longestMm: number): SetPost {
  const foot = footAt(f.lie, at, 0);
  const under = f.topAt(at) - f.wood.beamWideMm / (f.lie.level ? 1 : Math.cos(f.slope));
  const top: EndCut = f.lie.level || Math.abs(f.slope) < 0.005 ? square : { cut: 'mitre', angleRad: f.slope };
  const screwed = isScrewed(f, index);
  const buried = screwed ? Math.max(1, f.setting.place.bed.heightMm) : f.v.depth;
  const bar = barOf({
    id: postId(index),
    role: 'post',
    of: { id: f.wood.stock, wideMm: f.wood.postWideMm, thickMm: f.wood.thickMm },
    from: [foot[0], f.y, foot[2] - buried],
    to: [foot[0], f.y, under],
    cutMm: under - foot[2] + buried,
    buriedMm: buried,
    ends: [square, top],
    board: f.wood.board?.id,
  });
  const stands: Stands = {
    aboveMm: bar.cutMm - buried,
    buriedMm: buried,
    wantedMm: buried,
    shortMm: f.wood.board ? 0 : Math.max(0, bar.cutMm - longestMm),
    set: screwed ? 'screwed' : setBy(footingOf(f.v.setIn)),
  };
  return { ...bar, stands };
}

/** A point on the beam's centre line, `downMm` square below its top edge. */
export function onBeam(f: TwineFrame, along: number, downMm: number): Point {
  const foot = footAt(f.lie, along, 0);
  return [foot[0], f.y, f.topAt(along) - downMm / (f.lie.level ? 1 : Math.cos(f.slope))];
}

/** Square to the beam, upwards. */
export const beamUp = (f: TwineFrame): Point => (f.lie.level ? UP : [-Math.sin(f.slope), 0, Math.cos(f.slope)]);

export function placeBeam(f: TwineFrame, piece: Stretch, index: number, eyes: readonly number[]): Bar {
  const half = f.wood.beamWideMm / 2;
  const holes = (f.v.rows === 2 ? [] : eyes)
    .filter((eye) => eye >= piece.fromMm && eye < piece.toMm)
    .map((eye): Hole => ({ atMm: eye - piece.fromMm, diameterMm: f.v.hang === 'eye' ? PILOT_MM : TWINE_HOLE_MM }));
  return barOf({
    id: `beam-${index + 1}`,
    role: 'beam',
    of: { id: f.wood.stock, wideMm: f.wood.beamWideMm, thickMm: f.wood.thickMm },
    wide: beamUp(f),
    from: onBeam(f, piece.fromMm, half),
    to: onBeam(f, piece.toMm, half),
    cutMm: piece.toMm - piece.fromMm,
    holes,
    board: f.wood.board?.id,
  });
}

/** A piece of beam with the stretch of the frame it lies over. */
export interface LaidBeam extends Stretch {
  bar: Bar;
}

/** The beam over a place along the frame; at a joint, the one before it. */
export function beamOver(beams: readonly LaidBeam[], at: number): Bar {
  const beam = beams.find((one) => liesOver(one, at));
  if (!beam) throw new Error(`No beam lies over ${at} mm: keep eyes and braces between the end posts.`);
  return beam.bar;
}

/** Aslant screws start this far over the joint and lean so far from plumb; holes of a bracket are this far from its bend (from memory). mm. */
const ASLANT_UP_MM = inches(1);
const ASLANT_RAD = Math.PI / 6;
const BRACKET_HOLES_MM = [22, 42] as const;
/** How far a bracket reaches along the beam from the face of a post. mm. */
const BRACKET_MM = 50;

/** The side of a post on which the bracket sits: inward of the frame, or towards the beam that ends there. */
const bracketSide = (index: number, posts: number): 1 | -1 => (index === posts - 1 ? -1 : 1);

/** What brackets take of the underside of the beams: one to a post, one on either side where two beams meet over it. */
export const bracketsOver = (f: TwineFrame, pieces: readonly Stretch[]): TakenStretch[] =>
  f.postsAt.flatMap((at, i) => {
    const meet = pieces.filter((piece) => liesOver(piece, at)).length > 1;
    const sides = meet ? ([-1, 1] as const) : [bracketSide(i, f.postsAt.length)];
    return sides.map((way) => takenBy(at + way * ((f.wood.postWideMm + BRACKET_MM) / 2), BRACKET_MM / 2));
  });

/**
 * A beam stands on end grain: two screws aslant, one from each of its faces, keep it there, and a bracket in
 * the corner carries the pull (common practice, no source). `end` tells which way a beam goes that ends here.
 */
function topFixings(f: TwineFrame, post: Bar, index: number, { bar }: LaidBeam, end: 1 | -1 | null): Fixing[] {
  const way = end ?? bracketSide(index, f.postsAt.length);
  const [x, y, z] = post.to;
  const [half, thick] = [f.wood.postWideMm / 2, f.wood.thickMm / 2];
  const off = end === null ? [-0.4 * half, 0.1 * half] : [0.25 * half, 0.7 * half];
  const aslant = ([-1, 1] as const).map((face, n): Drive => ({
    through: bar.id,
    into: post.id,
    way: [0, -face * Math.sin(ASLANT_RAD), -Math.cos(ASLANT_RAD)],
    places: [[x + way * (off[n] as number), y + face * thick, z + Math.min(ASLANT_UP_MM, 0.6 * f.wood.beamWideMm)]],
  }));
  const rise = f.lie.level ? 0 : Math.tan(f.slope);
  // The inner corner of post and beam, as high as the underside of the beam is there.
  const [corner, under] = [x + way * half, z + way * half * rise];
  const bracketScrew = (holdMm: number): string =>
    stockOf(f.setting.catalogue, 'screw-bracket', 'piece').lengthMm < holdMm - 2 ? 'screw-bracket' : 'screw-20';
  return [
    ...aslant.map((drive): Fixing => ({ stock: 'screw-short', count: 1, drive })),
    {
      stock: 'l-bracket',
      count: 1,
      plates: [
        [
          [corner + way * BRACKET_MM, y, under + way * BRACKET_MM * rise],
          [corner, y, under],
          [corner, y, under - BRACKET_MM],
        ],
      ],
    },
    {
      stock: bracketScrew(f.wood.beamWideMm),
      count: BRACKET_HOLES_MM.length,
      drive: {
        through: null,
        into: bar.id,
        way: UP,
        places: BRACKET_HOLES_MM.map((mm): Point => [corner + way * mm, y, under + way * mm * rise]),
      },
    },
    {
      stock: bracketScrew(f.wood.postWideMm),
      count: BRACKET_HOLES_MM.length,
      drive: {
        through: null,
        into: post.id,
        way: [-way, 0, 0],
        places: BRACKET_HOLES_MM.map((mm): Point => [corner, y, under - mm]),
      },
    },
  ];
}

export function postJoints(f: TwineFrame, posts: readonly Bar[], beams: readonly LaidBeam[]): Joint[] {
  return posts.flatMap((post, i): Joint[] => {
    const on = beams.filter((beam) => liesOver(beam, f.postsAt[i] as number));
    return [
      {
        id: `top-${i + 1}`,
        kind: 'post to beam',
        places: [post.to],
        parts: [post.id, ...on.map((beam) => beam.bar.id)],
        fixings: on.flatMap((beam, n) => topFixings(f, post, i, beam, on.length === 1 ? null : n === 0 ? -1 : 1)),
      },
      ...(isScrewed(f, i)
        ? [
            {
              id: `bed-${i + 1}`,
              kind: 'post to bed',
              places: [add(post.from, [0, 0, post.buriedMm / 4]), add(post.from, [0, 0, (post.buriedMm * 3) / 4])],
              parts: [post.id],
              fixings: [
                {
                  stock: screwThrough(f.setting, BED_BOARD_MM, f.wood.thickMm),
                  count: 4,
                  // From outside through the end board of the bed.
                  drive: { through: null, into: post.id, way: [i === 0 ? 1 : -1, 0, 0] as const, skipMm: BED_BOARD_MM },
                },
              ],
            },
          ]
        : []),
    ];
  });
}
