import { stockOf } from '../../catalogue/catalogue';
import type { Bar, Design, EndCut, Hole, Joint, Line, Mark, Part, Sheet, Standing, Station } from '../../design/design';
import { ALONG, groundAt, reach, slopeOf, UP, type Ground, type Point } from '../../design/space';
import { feet, inches } from '../../quantity/length';
import { fact } from '../../wording/say';
import { cornerBrace } from '../brace';
import { nearestClear, takenBy, type Taken } from '../clash';
import { screwThrough } from '../fixings';
import { footingReasons, pourFootings, setBy } from '../footing';
import type { Values } from '../knob';
import { footAt, lengthOnLie, type Lie } from '../lie';
import { liesOver, piecesOverPosts, type Stretch } from '../over-posts';
import { acrossBed, rowHandles } from '../row';
import type { Setting } from '../setting';
import { equalBays } from '../spacing';
import { placeStations } from '../stations';
import { stringLength } from '../string-length';
import { ripPlan, spareBraceMm, woodOf, type StripPiece, type Wood } from './board';
import { footingOf, type TWINE_FRAME_KNOBS } from './knobs';

export type TwineFrameValues = Values<typeof TWINE_FRAME_KNOBS>;

/** Strings are looped round the stem this high (from memory). mm. */
const LOOP_MM = inches(2);
/** Pilot hole for a 1½″ screw eye, and a hole that twine slips through (from memory). mm. */
const PILOT_MM = 3;
const TWINE_HOLE_MM = 8;
/** Longest bar, where the price book names no length. mm. */
const USUAL_BAR_MM = feet(16);
/** Eyes sit this far in from the end of a cross arm; screws of a brace this far from its middle (from memory). mm. */
const EYE_IN_MM = inches(1);
const BRACE_SCREW_MM = inches(0.75);
/** A bed's boards, to be screwed through (from memory). mm. */
const BED_BOARD_MM = inches(1.5);
/** Shortest brace worth cutting (from memory). mm. */
const LEAST_LEG_MM = inches(6);

const square: EndCut = { cut: 'square' };

interface Frame {
  v: TwineFrameValues;
  setting: Setting;
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

/** Sizes the frame and places its parts: posts, beam on top of them, lapped knee braces, cross arms, a string to a plant. */
export function sizeTwineFrame(v: TwineFrameValues, setting: Setting): Design {
  const wood = woodOf(v, setting);
  const ground: Ground = { lengthMm: setting.bed.lengthMm, riseMm: setting.bed.riseMm };
  const lie: Lie = { ground, level: v.onSlope === 'level' };
  const lengthMm = lengthOnLie(lie, v.rowLength);
  const y = acrossBed(v.rowAt, setting);
  const high = Math.max(0, groundAt(ground, lengthMm));
  const ends = [wood.postWideMm / 2, lengthMm - wood.postWideMm / 2];
  const postsAt = wood.board ? ends : equalBays(ends, v.postSpacing);
  const outer = v.armLength / 2 - EYE_IN_MM;
  const topAt = (along: number): number => (lie.level ? high + v.beamHeight : footAt(lie, along, 0)[2] + v.beamHeight);
  const spare = wood.board ? (spareBraceMm(wood.board.lengthMm, v.beamHeight - wood.beamWideMm + v.depth, setting.saw.kerfMm) - wood.postWideMm) / Math.SQRT2 : Infinity;
  const leg = Math.min(v.braceLeg, spare, baySpan(postsAt) / 2, v.beamHeight / 2);
  const f: Frame = {
    v, setting, lie, slope: slopeOf(ground), wood, postsAt, lengthMm, y, topAt,
    rows: v.rows === 1 ? [y] : v.rows === 2 ? [y - outer, y + outer] : [y - outer, y, y + outer], legMm: v.braces === 'none' || leg < LEAST_LEG_MM ? 0 : leg,
  };
  const longest = wood.board ? Infinity : (setting.sizesOf(wood.stock).at(-1) ?? USUAL_BAR_MM);
  const pieces = piecesOverPosts(postsAt, wood.postWideMm, longest);
  const stations = placeStations({
    planted: setting.planted, ground, fromMm: 0, lengthMm: v.rowLength, school: v.school, rows: f.rows.map((acrossMm, i) => ({ acrossMm, side: v.rows === 1 ? 'in line' : i === 0 ? 'front' : i === v.rows - 1 ? 'back' : 'in line' })),
  });
  // One eye, or one arm, to each place along the row; all rows share it.
  const wanted = stations.filter((station) => station.at[1] === f.rows[0]).map((station) => lengthOnLie(lie, station.alongMm));
  const keep = wood.postWideMm / 2 + inches(0.5);
  const first = (postsAt[0] as number) + keep;
  const last = (postsAt.at(-1) as number) - keep;
  const taken = [...postsAt.map((at) => takenBy(at, wood.postWideMm / 2)), ...braceScrews(f)];
  const eyes = wanted.map((at) => ({ wanted: at, ...nearestClear(at, taken, first, last) }));

  const posts = postsAt.map((at, i) => placePost(f, at, i));
  const beams = pieces.map((piece, i): LaidBeam => ({ ...piece, bar: placeBeam(f, piece, i, eyes.map((eye) => eye.atMm)) }));
  const braces = placeBraces(f, posts, beams);
  const arms = v.rows > 1 ? placeArms(f, eyes.map((eye) => eye.atMm), beams) : { parts: [], joints: [] };
  const strings = placeStrings(f, stations, eyes.map((eye) => eye.atMm), beams, arms.parts);
  const footings = pourFootings(v.setIn === 'bed' ? posts.slice(1, -1) : posts, footingOf(v.setIn), 0);
  const skirt = v.skirt === 'low' ? placeSkirt(f, posts) : { parts: [], joints: [] };
  const heights = posts.map((post) => post.cutMm - post.buriedMm + wood.beamWideMm + (v.rows > 1 ? wood.thickMm : 0));
  const stripPieces = [
    ...posts.map((post, i): StripPiece => ({ part: post.id, strip: i === 0 ? 0 : 2, lengthMm: post.cutMm })),
    ...beams.map((beam): StripPiece => ({ part: beam.bar.id, strip: 1, lengthMm: beam.bar.cutMm })),
    ...braces.parts.map((brace, i): StripPiece => ({ part: brace.id, strip: i % 2 === 0 ? 0 : 2, lengthMm: brace.cutMm })),
  ];
  const board = ripPlan(wood, v, setting, stripPieces);
  const standing = (post: Bar, i: number): Standing => {
    const screwed = isScrewed(f, i);
    return { id: post.id, aboveMm: post.cutMm - post.buriedMm, buriedMm: post.buriedMm, wantedMm: screwed ? post.buriedMm : v.depth, set: screwed ? 'screwed' : setBy(footingOf(v.setIn)) };
  };

  return {
    kind: 'twine-frame',
    parts: [...posts, ...beams.map((beam) => beam.bar), ...braces.parts, ...arms.parts, ...strings.parts, ...footings.parts, ...skirt.parts],
    joints: [...postJoints(f, posts, beams), ...braces.joints, ...arms.joints, ...strings.joints, ...footings.joints, ...skirt.joints],
    stations,
    ground,
    builtMm: v.rowLength,
    support: {
      holds: 'string', meshMm: null, memberMm: stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm, stepMm: 0, fineToMm: 0,
      carries: carriesOf(wood.beamWideMm, baySpan(postsAt)), startsMm: 0, gapMm: 0,
      topMm: { least: Math.min(...heights), most: Math.max(...heights) }, spacingMm: baySpan(postsAt),
      posts: posts.map(standing), rowsAtMm: f.rows, bothSides: false, slackMm: v.slack,
      holes: { moved: eyes.filter((eye) => Math.abs(eye.atMm - eye.wanted) > 1).length, mostMm: Math.max(0, ...eyes.map((eye) => Math.abs(eye.atMm - eye.wanted))), clashing: eyes.filter((eye) => !eye.clear).length },
      ...(wood.board ? { boardFits: { wantedMm: wood.board.wantedMm, longestMm: wood.board.longestMm } } : {}),
    },
    bodies: 1,
    reasons: {
      post: fact('count.posts', { posts: posts.length, spacing: { mm: v.postSpacing } }),
      beam: fact(wood.board ? 'count.beam.board' : pieces.length > 1 ? 'count.beams' : 'count.beam', { longest: { mm: Number.isFinite(longest) ? longest : 0 } }),
      brace: fact('count.braces', { braces: braces.parts.length }),
      'cross arm': fact('count.arms', { arms: arms.parts.length, eyes: v.rows }),
      string: fact('count.strings', { wraps: v.wraps, knots: { mm: v.knots }, slack: { mm: v.slack } }),
      board: fact('count.board', { strip: { mm: v.strip }, beam: { mm: wood.beamWideMm } }),
      'wind skirt': fact('count.skirt'),
      ...footingReasons(0),
      'post to beam': fact(wood.beamWideMm <= 45 ? 'count.post-beam' : 'count.post-beam.skew'),
      'post to bed': fact('count.post-bed'),
      'brace to post': fact('count.brace-ends'),
      'brace to beam': fact('count.brace-ends'),
      'arm to beam': fact('count.arm-screws'),
      'string to beam': fact('count.eyes', { plants: stations.length }),
      'string to arm': fact('count.eyes', { plants: stations.length }),
      'skirt to post': fact('count.skirt-staples'),
    },
    marks: marksFor(posts, eyes.map((eye) => eye.atMm), f),
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm: v.rowLength, yMm: y, topMm: v.beamHeight }),
      { knob: 'beamHeight', view: 'elevation', at: [footAt(lie, lengthMm / 2, 0)[0], topAt(lengthMm / 2)], axis: 'up', perMm: 1 },
      { knob: 'depth', view: 'end', at: [y, -v.depth], axis: 'up', perMm: -1 },
      ...(v.rows > 1 ? [{ knob: 'armLength', view: 'end', at: [y + v.armLength / 2, topAt(0)], axis: 'right', perMm: 2 } as const] : []),
      ...(f.legMm > 0 && f.legMm === v.braceLeg ? [{ knob: 'braceLeg', view: 'elevation', at: [wood.postWideMm + f.legMm, topAt(0) - f.legMm / 2], axis: 'right', perMm: 1 } as const] : []),
    ],
    ...(board ? { boards: [board] } : {}),
  };
}

const baySpan = (postsAt: readonly number[]): number => (postsAt.at(-1)! - postsAt[0]!) / (postsAt.length - 1);

/** A full row of fruit wants 3½″ of beam at 8′ bays; square stock is for shorter bays or lighter crops (from memory). */
function carriesOf(wideMm: number, spanMm: number): 'light' | 'medium' | 'heavy' {
  if (wideMm >= 85) return spanMm <= feet(8.1) ? 'heavy' : 'medium';
  return spanMm <= feet(4.1) ? 'heavy' : spanMm <= feet(wideMm >= 60 ? 8.1 : 6.1) ? 'medium' : 'light';
}

const isScrewed = (f: Frame, index: number): boolean => f.v.setIn === 'bed' && (index === 0 || index === f.postsAt.length - 1);

function placePost(f: Frame, at: number, index: number): Bar {
  const foot = footAt(f.lie, at, 0);
  const under = f.topAt(at) - f.wood.beamWideMm / (f.lie.level ? 1 : Math.cos(f.slope));
  const top: EndCut = f.lie.level || Math.abs(f.slope) < 0.005 ? square : { cut: 'mitre', angleRad: f.slope };
  const buried = isScrewed(f, index) ? Math.max(1, f.setting.bed.heightMm) : f.v.depth;
  return {
    shape: 'bar', id: `post-${index + 1}`, role: 'post', stock: f.wood.stock, wide: ALONG, wideMm: f.wood.postWideMm, thickMm: f.wood.thickMm,
    from: [foot[0], f.y, foot[2] - buried], to: [foot[0], f.y, under], cutMm: under - foot[2] + buried, buriedMm: buried, ends: [square, top], holes: [],
    ...(f.wood.board ? { board: f.wood.board.id } : {}),
  };
}

/** A point on the beam's centre line, `downMm` square below its top edge. */
function onBeam(f: Frame, along: number, downMm: number): Point {
  const foot = footAt(f.lie, along, 0);
  return [foot[0], f.y, f.topAt(along) - downMm / (f.lie.level ? 1 : Math.cos(f.slope))];
}

function placeBeam(f: Frame, piece: Stretch, index: number, eyes: readonly number[]): Bar {
  const half = f.wood.beamWideMm / 2;
  const holes = (f.v.rows === 2 ? [] : eyes)
    .filter((eye) => eye >= piece.fromMm && eye < piece.toMm)
    .map((eye): Hole => ({ atMm: eye - piece.fromMm, diameterMm: f.v.hang === 'eye' ? PILOT_MM : TWINE_HOLE_MM }));
  return {
    shape: 'bar', id: `beam-${index + 1}`, role: 'beam', stock: f.wood.stock, wideMm: f.wood.beamWideMm, thickMm: f.wood.thickMm,
    wide: f.lie.level ? UP : [-Math.sin(f.slope), 0, Math.cos(f.slope)],
    from: onBeam(f, piece.fromMm, half), to: onBeam(f, piece.toMm, half), cutMm: piece.toMm - piece.fromMm, buriedMm: 0, ends: [square, square], holes,
    ...(f.wood.board ? { board: f.wood.board.id } : {}),
  };
}

/** A piece of beam with the stretch of the frame it lies over. */
interface LaidBeam extends Stretch {
  bar: Bar;
}

/** The beam over a place along the frame; at a joint, the one before it. */
function beamOver(beams: readonly LaidBeam[], at: number): Bar {
  const beam = beams.find((one) => liesOver(one, at));
  if (!beam) throw new Error(`No beam lies over ${at} mm: keep eyes and braces between the end posts.`);
  return beam.bar;
}

function postJoints(f: Frame, posts: readonly Bar[], beams: readonly LaidBeam[]): Joint[] {
  return posts.flatMap((post, i): Joint[] => {
    const on = beams.filter((beam) => liesOver(beam, f.postsAt[i] as number));
    return [
      {
        id: `top-${i + 1}`, kind: 'post to beam', at: post.to, parts: [post.id, ...on.map((beam) => beam.bar.id)],
        fixings: [{ stock: 'screw-long', count: 2 * on.length }, { stock: 'l-bracket', count: on.length }, { stock: 'screw-bracket', count: 4 * on.length }],
      },
      ...(isScrewed(f, i) ? [{ id: `bed-${i + 1}`, kind: 'post to bed', at: post.from, parts: [post.id], fixings: [{ stock: screwThrough(f.setting, BED_BOARD_MM, f.wood.thickMm), count: 4 }] }] : []),
    ];
  });
}

/** Corners that are braced: which post, and which way along the row. */
const corners = (f: Frame): { i: number; way: number }[] => {
  const last = f.postsAt.length - 1;
  return f.postsAt.flatMap((_at, i) => (f.legMm > 0 && (f.v.braces === 'every' || i === 0 || i === last) ? [...(i < last ? [1] : []), ...(i > 0 ? [-1] : [])].map((way) => ({ i, way })) : []));
};
const braceHead = (f: Frame, i: number, way: number): number => (f.postsAt[i] as number) + way * (f.wood.postWideMm / 2 + f.legMm);

/** Two screws hold a brace to the beam, either side of where its middle line crosses the beam's. */
const braceScrews = (f: Frame): Taken[] => corners(f).map(({ i, way }) => takenBy(braceHead(f, i, way) - (way * f.wood.beamWideMm) / 2, BRACE_SCREW_MM));

/** Braces lap both faces of a corner, cut plumb where they leave the post and level with the beam's top: 45° at both ends. */
function placeBraces(f: Frame, posts: readonly Bar[], beams: readonly LaidBeam[]): { parts: Bar[]; joints: Joint[] } {
  const parts: Bar[] = [];
  const joints: Joint[] = [];
  const screw = screwThrough(f.setting, f.wood.thickMm, f.wood.thickMm);
  for (const { i, way } of corners(f)) {
    const post = posts[i] as Bar;
    const near = (f.postsAt[i] as number) + (way * f.wood.postWideMm) / 2;
    const head = braceHead(f, i, way);
    const beam = beamOver(beams, head);
    const [px] = footAt(f.lie, near, 0);
    const [bx, , bz] = onBeam(f, head, 0);
    const leg = Math.abs(bx - px);
    for (const face of [-1, 1]) {
      const id = `brace-${i + 1}${way > 0 ? 'a' : 'b'}-${face < 0 ? 'front' : 'back'}`;
      const brace = cornerBrace({ id, role: 'brace', stock: f.wood.stock, corner: [px, f.y + face * f.wood.thickMm, bz], a: [way, 0, 0], b: [0, 0, -1], legMm: leg, wideMm: f.wood.postWideMm, thickMm: f.wood.thickMm, ...(f.wood.board ? { board: f.wood.board.id } : {}) });
      parts.push(brace);
      joints.push(
        { id: `${id}-foot`, kind: 'brace to post', at: brace.from, parts: [id, post.id], fixings: [{ stock: screw, count: 2 }] },
        { id: `${id}-head`, kind: 'brace to beam', at: brace.to, parts: [id, beam.id], fixings: [{ stock: screw, count: 2 }] },
      );
    }
  }
  return { parts, joints };
}

/** Cross arms lie flat on the beam, one over each place along the row. */
function placeArms(f: Frame, eyes: readonly number[], beams: readonly LaidBeam[]): { parts: Bar[]; joints: Joint[] } {
  // From a ripped board the arms are bought beside it, of the section a frame is otherwise made of.
  const stock = f.wood.board ? stockOf(f.setting.catalogue, `timber-${f.v.section}-${f.v.treatment}`, 'timber') : { id: f.wood.stock, wideMm: f.wood.postWideMm, thickMm: f.wood.thickMm };
  const hole = { diameterMm: f.v.hang === 'eye' ? PILOT_MM : TWINE_HOLE_MM };
  const parts = eyes.map((eye, i): Bar => {
    const [x, , z] = onBeam(f, eye, -stock.thickMm / 2);
    return {
      shape: 'bar', id: `arm-${i + 1}`, role: 'cross arm', stock: stock.id, from: [x, f.y - f.v.armLength / 2, z], to: [x, f.y + f.v.armLength / 2, z], wide: ALONG, wideMm: stock.wideMm, thickMm: stock.thickMm,
      cutMm: f.v.armLength, buriedMm: 0, ends: [square, square], holes: [{ atMm: EYE_IN_MM, ...hole }, { atMm: f.v.armLength - EYE_IN_MM, ...hole }],
    };
  });
  return { parts, joints: parts.map((arm, i) => ({ id: `on-${arm.id}`, kind: 'arm to beam', at: arm.from, parts: [arm.id, beamOver(beams, eyes[i] as number).id], fixings: [{ stock: screwThrough(f.setting, stock.thickMm, f.wood.beamWideMm), count: 2 }] })) };
}

function placeStrings(f: Frame, stations: readonly Station[], eyes: readonly number[], beams: readonly LaidBeam[], arms: readonly Bar[]): { parts: Line[]; joints: Joint[] } {
  const parts: Line[] = [];
  const joints: Joint[] = [];
  stations.forEach((station, i) => {
    const place = i % eyes.length;
    const eye = eyes[place] as number;
    const onArm = f.v.rows > 1 && station.at[1] !== f.y;
    const under = onBeam(f, eye, onArm ? 0 : f.wood.beamWideMm);
    const top: Point = [under[0], station.at[1], under[2]];
    const loop: Point = [station.at[0], station.at[1], station.at[2] + LOOP_MM];
    const id = `string-${i + 1}`;
    parts.push({
      shape: 'line', id, role: 'string', stock: `twine-${f.v.twine}`, path: [top, loop], diameterMm: 3,
      cutMm: stringLength({ dropMm: reach(top, loop), wrapsPercent: f.v.wraps, knotsMm: f.v.knots, slackMm: f.v.slack, throughMm: f.v.hang === 'hole' ? (onArm ? f.wood.thickMm : f.wood.beamWideMm) : 0 }),
    });
    joints.push({ id: `eye-${i + 1}`, kind: onArm ? 'string to arm' : 'string to beam', at: top, parts: [id, onArm ? (arms[place] as Bar).id : beamOver(beams, eye).id], fixings: f.v.hang === 'eye' ? [{ stock: 'screw-eye', count: 1 }] : [] });
  });
  return { parts, joints };
}

/** Cloth along the back of the posts, from the soil up, stapled to each. */
function placeSkirt(f: Frame, posts: readonly Bar[]): { parts: Part[]; joints: Joint[] } {
  const cloth = stockOf(f.setting.catalogue, 'skirt-cloth', 'mesh roll');
  const y = f.y + f.wood.thickMm / 2 + 1;
  const foot = footAt(f.lie, 0, y);
  const along: Point = [Math.cos(f.slope), 0, Math.sin(f.slope)];
  const skirt: Sheet = { shape: 'sheet', id: 'skirt-1', role: 'wind skirt', stock: cloth.id, cutMm: f.v.rowLength, corner: foot, along, up: UP, heightMm: cloth.heightMm, uprightsMm: [0, f.v.rowLength], levelsMm: [0, cloth.heightMm], wireMm: cloth.wireMm, meshes: 0 };
  return { parts: [skirt], joints: posts.map((post) => ({ id: `skirt-${post.id}`, kind: 'skirt to post', at: post.from, parts: [skirt.id, post.id], fixings: [{ stock: 'staple-fence', count: 4 }] })) };
}

function marksFor(posts: readonly Bar[], eyes: readonly number[], f: Frame): Mark[] {
  const first = posts[0] as Bar;
  const foot = first.from[2] + first.buriedMm;
  const along = (label: string, atMm: readonly number[]): Mark => ({ axis: 'x', label, atMm: atMm.map((at) => footAt(f.lie, at, 0)[0]), tapedMm: atMm });
  return [
    along('posts', f.postsAt),
    ...(eyes.length > 0 ? [along(f.v.rows > 1 ? 'arms' : f.v.hang === 'eye' ? 'eyes' : 'holes', [...new Set([0, ...[...eyes].sort((a, b) => a - b), f.lengthMm])])] : []),
    { axis: 'z', label: 'heights', atMm: [first.from[2], foot, first.to[2], f.topAt(f.postsAt[0] as number)] },
  ];
}
