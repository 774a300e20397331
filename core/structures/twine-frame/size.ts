import { stockOf } from '../../catalogue/catalogue';
import { timberId } from '../../catalogue/timber';
import type { Bar, Design, EndCut, Hole, Joint, Line, Mark, Part, Station } from '../../design/design';
import { ALONG, groundAt, reach, slopeOf, type Ground, type Point } from '../../design/space';
import { feet, inches } from '../../quantity/length';
import { fact } from '../../wording/say';
import type { Values } from '../knob';
import { footAt, lengthOnLie, type Lie } from '../lie';
import { acrossBed } from '../row';
import type { Setting } from '../setting';
import { equalBays } from '../spacing';
import { placeStations } from '../stations';
import { beamPieces, eyeNear, type BeamPiece } from './beam';
import type { TWINE_FRAME_KNOBS } from './knobs';

export type TwineFrameValues = Values<typeof TWINE_FRAME_KNOBS>;

/** Strings are looped round the stem this high (from memory). mm. */
const LOOP_MM = inches(2);
/** Pilot hole for a 1½″ screw eye, and a hole that twine slips through (from memory). mm. */
const PILOT_MM = 3;
const TWINE_HOLE_MM = 8;
/** Shortest and usual longest bar, where the price book names no length. mm. */
const USUAL_BAR_MM = feet(16);

const square: EndCut = { cut: 'square' };
const mitred: EndCut = { cut: 'mitre', angleRad: Math.PI / 4 };

interface Frame {
  v: TwineFrameValues;
  lie: Lie;
  slope: number;
  /** Height of the beam's top edge over the level, at a distance along the frame. */
  topAt(alongMm: number): number;
  timber: { id: string; wideMm: number; thickMm: number };
  postsAt: readonly number[];
  lengthMm: number;
  /** Where the row stands across the bed. */
  y: number;
}

/** Sizes the frame and places its parts: posts, beam on top of them, lapped knee braces, a string to a plant. */
export function sizeTwineFrame(v: TwineFrameValues, setting: Setting): Design {
  const timber = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const ground: Ground = { lengthMm: setting.bed.lengthMm, riseMm: setting.bed.riseMm };
  const lie: Lie = { ground, level: v.onSlope === 'level' };
  const slope = slopeOf(ground);
  const lengthMm = lengthOnLie(lie, v.rowLength);
  const y = acrossBed(v.rowAt, setting);
  const high = Math.max(0, groundAt(ground, lengthMm));
  const postsAt = equalBays([timber.wideMm / 2, lengthMm - timber.wideMm / 2], v.postSpacing);
  const frame: Frame = {
    v, lie, slope, timber, postsAt, lengthMm, y,
    topAt: (along) => (lie.level ? high + v.beamHeight : footAt(lie, along, 0)[2] + v.beamHeight),
  };
  const longest = setting.sizesOf(timber.id).at(-1) ?? USUAL_BAR_MM;
  const pieces = beamPieces(postsAt, timber.wideMm, longest);
  const stations = placeStations({
    planted: setting.planted, ground, fromMm: 0, lengthMm: v.rowLength, school: v.school, rows: [{ acrossMm: y, side: 'in line' }],
  });
  const eyes = stations.map((station) => eyeNear(lengthOnLie(lie, station.alongMm), postsAt, timber.wideMm));

  const posts = postsAt.map((at, i) => placePost(frame, at, i));
  const beams = pieces.map((piece, i): LaidBeam => ({ ...piece, bar: placeBeam(frame, piece, i, eyes) }));
  const braces = placeBraces(frame, posts, beams);
  const strings = placeStrings(frame, stations, eyes, beams);
  const heights = posts.map((post) => post.cutMm - post.buriedMm + timber.wideMm);

  return {
    kind: 'twine-frame',
    parts: [...posts, ...beams.map((beam) => beam.bar), ...braces.parts, ...strings.parts],
    joints: [...postJoints(posts, beams, postsAt), ...braces.joints, ...strings.joints],
    stations,
    ground,
    builtMm: v.rowLength,
    support: {
      holds: 'string', meshMm: null, memberMm: stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm, stepMm: 0, fineToMm: 0,
      carries: carriesOf(timber.wideMm, baySpan(postsAt)), startsMm: 0, gapMm: 0,
      topMm: { least: Math.min(...heights), most: Math.max(...heights) }, spacingMm: baySpan(postsAt),
      posts: posts.map((post) => ({ id: post.id, aboveMm: post.cutMm - post.buriedMm, buriedMm: post.buriedMm, wantedMm: v.depth, driven: false })),
      rowsAtMm: [y], bothSides: false,
    },
    bodies: 1,
    reasons: {
      post: fact('count.posts', { posts: posts.length, spacing: { mm: v.postSpacing } }),
      beam: fact(pieces.length > 1 ? 'count.beams' : 'count.beam', { longest: { mm: longest } }),
      brace: fact('count.braces', { braces: braces.parts.length }),
      string: fact('count.strings', { wraps: v.wraps, knots: { mm: v.knots }, slack: { mm: v.slack } }),
      'post to beam': fact('count.post-beam'),
      'brace to post': fact('count.brace-ends'),
      'brace to beam': fact('count.brace-ends'),
      'string to beam': fact('count.eyes', { plants: stations.length }),
    },
    marks: marksFor(posts, eyes, frame),
  };
}

const baySpan = (postsAt: readonly number[]): number => (postsAt.at(-1)! - postsAt[0]!) / (postsAt.length - 1);

/** A full row of fruit wants 3½″ of beam at 8′ bays; square stock is for shorter bays or lighter crops (from memory). */
function carriesOf(wideMm: number, spanMm: number): 'light' | 'medium' | 'heavy' {
  if (wideMm >= 85) return spanMm <= feet(8.1) ? 'heavy' : 'medium';
  return spanMm <= feet(4.1) ? 'heavy' : spanMm <= feet(6.1) ? 'medium' : 'light';
}

function placePost(f: Frame, at: number, index: number): Bar {
  const foot = footAt(f.lie, at, 0);
  const under = f.topAt(at) - f.timber.wideMm / (f.lie.level ? 1 : Math.cos(f.slope));
  const top: EndCut = f.lie.level || Math.abs(f.slope) < 0.005 ? square : { cut: 'mitre', angleRad: f.slope };
  return {
    shape: 'bar', id: `post-${index + 1}`, role: 'post', stock: f.timber.id, wide: ALONG, wideMm: f.timber.wideMm, thickMm: f.timber.thickMm,
    from: [foot[0], f.y, foot[2] - f.v.depth], to: [foot[0], f.y, under], cutMm: under - foot[2] + f.v.depth, buriedMm: f.v.depth, ends: [square, top], holes: [],
  };
}

/** A point on the beam's centre line, `downMm` square below its top edge. */
function onBeam(f: Frame, along: number, downMm: number): Point {
  const foot = footAt(f.lie, along, 0);
  return [foot[0], f.y, f.topAt(along) - downMm / (f.lie.level ? 1 : Math.cos(f.slope))];
}

function placeBeam(f: Frame, piece: BeamPiece, index: number, eyes: readonly number[]): Bar {
  const half = f.timber.wideMm / 2;
  const holes = eyes
    .filter((eye) => eye >= piece.fromMm && eye < piece.toMm)
    .map((eye): Hole => ({ atMm: eye - piece.fromMm, diameterMm: f.v.hang === 'eye' ? PILOT_MM : TWINE_HOLE_MM }));
  return {
    shape: 'bar', id: `beam-${index + 1}`, role: 'beam', stock: f.timber.id, wideMm: f.timber.wideMm, thickMm: f.timber.thickMm,
    wide: f.lie.level ? [0, 0, 1] : [-Math.sin(f.slope), 0, Math.cos(f.slope)],
    from: onBeam(f, piece.fromMm, half), to: onBeam(f, piece.toMm, half), cutMm: piece.toMm - piece.fromMm, buriedMm: 0, ends: [square, square], holes,
  };
}

/** A piece of beam with the stretch of the frame it lies over. */
interface LaidBeam extends BeamPiece {
  bar: Bar;
}
const lies = (beam: LaidBeam, at: number): boolean => beam.fromMm <= at && at <= beam.toMm;

/** The beam over a place along the frame; at a joint, the one before it. */
function beamOver(beams: readonly LaidBeam[], at: number): Bar {
  const beam = beams.find((one) => lies(one, at));
  if (!beam) throw new Error(`No beam lies over ${at} mm: keep eyes and braces between the end posts.`);
  return beam.bar;
}

function postJoints(posts: readonly Bar[], beams: readonly LaidBeam[], postsAt: readonly number[]): Joint[] {
  return posts.map((post, i) => {
    const at = postsAt[i] as number;
    const on = beams.filter((beam) => lies(beam, at));
    return {
      id: `top-${i + 1}`, kind: 'post to beam', at: post.to, parts: [post.id, ...on.map((beam) => beam.bar.id)],
      fixings: [{ stock: 'screw-long', count: 2 * on.length }, { stock: 'l-bracket', count: on.length }, { stock: 'screw-bracket', count: 4 * on.length }],
    };
  });
}

/** Braces lap both faces of a corner, cut plumb where they leave the post and level with the beam's top: 45° at both ends. */
function placeBraces(f: Frame, posts: readonly Bar[], beams: readonly LaidBeam[]): { parts: Part[]; joints: Joint[] } {
  if (f.v.braces === 'none') return { parts: [], joints: [] };
  const half = f.timber.wideMm / 2;
  const leg = Math.min(f.v.braceLeg, baySpan(f.postsAt) / 2, f.v.beamHeight / 2);
  const last = posts.length - 1;
  const corners = posts.flatMap((post, i) => {
    const towards = [...(i < last ? [1] : []), ...(i > 0 ? [-1] : [])];
    return f.v.braces === 'every' || i === 0 || i === last ? towards.map((way) => ({ post, i, way })) : [];
  });
  const parts: Part[] = [];
  const joints: Joint[] = [];
  for (const { post, i, way } of corners) {
    const at = f.postsAt[i] as number;
    const near = at - way * half;
    const beamAt = near + way * leg;
    const beam = beamOver(beams, beamAt);
    const [bx, , bz] = onBeam(f, beamAt, 0);
    const [px] = footAt(f.lie, near, 0);
    for (const face of [-1, 1]) {
      const from: Point = [px, f.y + face * f.timber.thickMm, bz - Math.abs(bx - px)];
      const to: Point = [bx, f.y + face * f.timber.thickMm, bz];
      const id = `brace-${i + 1}${way > 0 ? 'a' : 'b'}-${face < 0 ? 'front' : 'back'}`;
      parts.push({
        shape: 'bar', id, role: 'brace', stock: f.timber.id, from, to, wide: [way * Math.SQRT1_2, 0, -Math.SQRT1_2], wideMm: f.timber.wideMm, thickMm: f.timber.thickMm,
        cutMm: reach(from, to) + f.timber.wideMm, buriedMm: 0, ends: [mitred, mitred], holes: [],
      });
      joints.push(
        { id: `${id}-foot`, kind: 'brace to post', at: from, parts: [id, post.id], fixings: [{ stock: 'screw-short', count: 2 }] },
        { id: `${id}-head`, kind: 'brace to beam', at: to, parts: [id, beam.id], fixings: [{ stock: 'screw-short', count: 2 }] },
      );
    }
  }
  return { parts, joints };
}

/** String = drop from the eye to the stem, wraps up the stem, knots and slack (common practice, no source). */
function placeStrings(f: Frame, stations: readonly Station[], eyes: readonly number[], beams: readonly LaidBeam[]): { parts: Line[]; joints: Joint[] } {
  const parts: Line[] = [];
  const joints: Joint[] = [];
  stations.forEach((station, i) => {
    const eye = eyes[i] as number;
    const top = onBeam(f, eye, f.timber.wideMm);
    const loop: Point = [station.at[0], station.at[1], station.at[2] + LOOP_MM];
    const drop = reach(top, loop);
    const id = `string-${i + 1}`;
    parts.push({
      shape: 'line', id, role: 'string', stock: `twine-${f.v.twine}`, path: [top, loop], diameterMm: 3,
      cutMm: drop * (1 + f.v.wraps / 100) + f.v.knots + f.v.slack + (f.v.hang === 'hole' ? f.timber.wideMm : 0),
    });
    joints.push({ id: `eye-${i + 1}`, kind: 'string to beam', at: top, parts: [id, beamOver(beams, eye).id], fixings: f.v.hang === 'eye' ? [{ stock: 'screw-eye', count: 1 }] : [] });
  });
  return { parts, joints };
}

function marksFor(posts: readonly Bar[], eyes: readonly number[], f: Frame): Mark[] {
  const first = posts[0] as Bar;
  const foot = first.from[2] + first.buriedMm;
  const along = (label: string, atMm: readonly number[]): Mark => ({ axis: 'x', label, atMm: atMm.map((at) => footAt(f.lie, at, 0)[0]), tapedMm: atMm });
  return [
    along('posts', f.postsAt),
    ...(eyes.length > 0 ? [along(f.v.hang === 'eye' ? 'eyes' : 'holes', [...new Set([0, ...[...eyes].sort((a, b) => a - b), f.lengthMm])])] : []),
    { axis: 'z', label: 'heights', atMm: [first.from[2], foot, first.to[2], f.topAt(f.postsAt[0] as number)] },
  ];
}
