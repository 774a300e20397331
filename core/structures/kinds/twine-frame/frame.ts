import type { Joint } from '../../../design/design';
import type { EndCut } from '../../../design/end-cut';
import type { Bar, Hole } from '../../../design/shapes/bar';
import { add, ALONG, UP, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { screwThrough } from '../../rules/fixings';
import { footAt, type Lie } from '../../rules/lie';
import { liesOver, type Stretch } from '../../rules/over-posts';
import type { BedSetting } from '../../setting';
import type { Wood } from './board';
import type { TwineFrameValues } from './knobs';

/** Pilot hole for a 1½″ screw eye, and a hole that twine slips through (from memory). mm. */
export const PILOT_MM = 3;
export const TWINE_HOLE_MM = 8;
/** A bed's boards, to be screwed through (from memory). mm. */
const BED_BOARD_MM = inches(1.5);

const square: EndCut = { cut: 'square' };

export interface Frame {
  v: TwineFrameValues;
  setting: BedSetting;
  lie: Lie;
  slope: number;
  wood: Wood;
  /** Height of the beam's top edge over the level, at a distance along the frame. */
  topAt(alongMm: number): number;
  postsAt: readonly number[];
  lengthMm: number;
  /** Where the beam stands across the bed, and the rows under it. */
  y: number;
  rows: readonly number[];
  legMm: number;
}

export const baySpan = (postsAt: readonly number[]): number => (postsAt.at(-1)! - postsAt[0]!) / (postsAt.length - 1);

/** A full row of fruit wants 3½″ of beam at 8′ bays; square stock is for shorter bays or lighter crops (from memory). */
export function carriesOf(wideMm: number, spanMm: number): 'light' | 'medium' | 'heavy' {
  if (wideMm >= 85) return spanMm <= feet(8.1) ? 'heavy' : 'medium';
  return spanMm <= feet(4.1) ? 'heavy' : spanMm <= feet(wideMm >= 60 ? 8.1 : 6.1) ? 'medium' : 'light';
}

export const isScrewed = (f: Frame, index: number): boolean =>
  f.v.setIn === 'bed' && (index === 0 || index === f.postsAt.length - 1);

export function placePost(f: Frame, at: number, index: number): Bar {
  const foot = footAt(f.lie, at, 0);
  const under = f.topAt(at) - f.wood.beamWideMm / (f.lie.level ? 1 : Math.cos(f.slope));
  const top: EndCut = f.lie.level || Math.abs(f.slope) < 0.005 ? square : { cut: 'mitre', angleRad: f.slope };
  const buried = isScrewed(f, index) ? Math.max(1, f.setting.place.bed.heightMm) : f.v.depth;
  return {
    shape: 'bar',
    id: `post-${index + 1}`,
    role: 'post',
    stock: f.wood.stock,
    wide: ALONG,
    wideMm: f.wood.postWideMm,
    thickMm: f.wood.thickMm,
    from: [foot[0], f.y, foot[2] - buried],
    to: [foot[0], f.y, under],
    cutMm: under - foot[2] + buried,
    buriedMm: buried,
    ends: [square, top],
    holes: [],
    ...(f.wood.board ? { board: f.wood.board.id } : {}),
  };
}

/** A point on the beam's centre line, `downMm` square below its top edge. */
export function onBeam(f: Frame, along: number, downMm: number): Point {
  const foot = footAt(f.lie, along, 0);
  return [foot[0], f.y, f.topAt(along) - downMm / (f.lie.level ? 1 : Math.cos(f.slope))];
}

export function placeBeam(f: Frame, piece: Stretch, index: number, eyes: readonly number[]): Bar {
  const half = f.wood.beamWideMm / 2;
  const holes = (f.v.rows === 2 ? [] : eyes)
    .filter((eye) => eye >= piece.fromMm && eye < piece.toMm)
    .map((eye): Hole => ({ atMm: eye - piece.fromMm, diameterMm: f.v.hang === 'eye' ? PILOT_MM : TWINE_HOLE_MM }));
  return {
    shape: 'bar',
    id: `beam-${index + 1}`,
    role: 'beam',
    stock: f.wood.stock,
    wideMm: f.wood.beamWideMm,
    thickMm: f.wood.thickMm,
    wide: f.lie.level ? UP : [-Math.sin(f.slope), 0, Math.cos(f.slope)],
    from: onBeam(f, piece.fromMm, half),
    to: onBeam(f, piece.toMm, half),
    cutMm: piece.toMm - piece.fromMm,
    buriedMm: 0,
    ends: [square, square],
    holes,
    ...(f.wood.board ? { board: f.wood.board.id } : {}),
  };
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

export function postJoints(f: Frame, posts: readonly Bar[], beams: readonly LaidBeam[]): Joint[] {
  return posts.flatMap((post, i): Joint[] => {
    const on = beams.filter((beam) => liesOver(beam, f.postsAt[i] as number));
    return [
      {
        id: `top-${i + 1}`,
        kind: 'post to beam',
        places: [post.to],
        parts: [post.id, ...on.map((beam) => beam.bar.id)],
        fixings: [
          { stock: 'screw-long', count: 2 * on.length },
          { stock: 'l-bracket', count: on.length },
          { stock: 'screw-bracket', count: 4 * on.length },
        ],
      },
      ...(isScrewed(f, i)
        ? [
            {
              id: `bed-${i + 1}`,
              kind: 'post to bed',
              places: [add(post.from, [0, 0, post.buriedMm / 4]), add(post.from, [0, 0, (post.buriedMm * 3) / 4])],
              parts: [post.id],
              fixings: [{ stock: screwThrough(f.setting, BED_BOARD_MM, f.wood.thickMm), count: 4 }],
            },
          ]
        : []),
    ];
  });
}
