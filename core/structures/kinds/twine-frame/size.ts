import type { Sizing } from '../../kind';
import { rowMarks, rowViews } from '../../rules/row-views';
import { stockOf } from '../../../catalogue/catalogue';
import { plantsOf, type Placement, type Mark, type Standing } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { groundAt, slopeOf, type Ground } from '../../../site/ground';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { nearestClear, takenBy } from '../../rules/clash';
import { footingReasons, pourFootings, setBy } from '../../rules/footing';
import { footAt, lengthOnLie, type Lie } from '../../rules/lie';
import { piecesOverPosts } from '../../rules/over-posts';
import { fallOf, acrossBed, reachOverBed, startOf, rowHandles, spacingHandle } from '../../rules/row';
import type { BedSetting } from '../../setting';
import { equalBays } from '../../rules/spacing';
import { placeStations } from '../../rules/stations';
import { ripPlan, spareBraceMm, woodOf, type StripPiece } from './board';
import { braceScrews, placeBraces } from './braces';
import {
  baySpan,
  bracketsOver,
  carriesOf,
  isScrewed,
  placeBeam,
  placePost,
  postJoints,
  type Frame,
  type LaidBeam,
} from './frame';
import { footingOf, type TwineFrameValues } from './knobs';
import { EYE_IN_MM, placeArms, placeSkirt, placesAlong, placeStrings } from './strings';

/** Longest bar, where the price book names no length (from memory). mm. */
const USUAL_BAR_MM = feet(16);
/** A brace shorter than this beyond the widths it laps is not worth cutting (from memory). mm. */
const LEAST_BEYOND_MM = inches(2);

/** What its own checks and mends ask for. */
export interface TwineFrameFacts {
  rowsAtMm: readonly number[];
  spacingMm: number;
  /** What is left loose at the foot of a string. */
  slackMm: number;
  /** Eyes and holes that had to move off a fixing, how far at most, and those that found no room. */
  holes: { moved: number; mostMm: number; clashing: number };
  braces: number;
  /** A board that is ripped into the whole frame: how long it has to be, and is. */
  boardFits: { wantedMm: number; longestMm: number } | null;
}

/** Sizes the frame and places its parts: posts, beam on top of them, lapped knee braces, cross arms, a string to a plant. */
export function sizeTwineFrame(v: TwineFrameValues, setting: BedSetting): Sizing<TwineFrameFacts> {
  const { bed } = setting.place;
  const wood = woodOf(v, setting);
  const ground: Ground = { lengthMm: setting.place.bed.lengthMm, riseMm: setting.place.bed.riseMm };
  const lie: Lie = { ground, level: v.onSlope === 'level' };
  const lengthMm = lengthOnLie(lie, v.rowLength);
  const y = acrossBed(v.rowAt, setting);
  const high = Math.max(0, groundAt(ground, lengthMm));
  const ends = [wood.postWideMm / 2, lengthMm - wood.postWideMm / 2];
  const postsAt = wood.board ? ends : equalBays(ends, v.postSpacing);
  const outer = v.armLength / 2 - EYE_IN_MM;
  const topAt = (along: number): number => (lie.level ? high + v.beamHeight : footAt(lie, along, 0)[2] + v.beamHeight);
  const spare = wood.board
    ? (spareBraceMm(wood.board.lengthMm, v.beamHeight - wood.beamWideMm + v.depth, setting.saw.kerfMm) -
        wood.postWideMm) /
      Math.SQRT2
    : Infinity;
  const leg = Math.min(v.braceLeg, spare, baySpan(postsAt) / 2, v.beamHeight / 2);
  const f: Frame = {
    v,
    setting,
    lie,
    slope: slopeOf(ground),
    wood,
    postsAt,
    lengthMm,
    y,
    topAt,
    rows: v.rows === 1 ? [y] : v.rows === 2 ? [y - outer, y + outer] : [y - outer, y, y + outer],
    legMm: v.braces === 'none' || leg < wood.postWideMm + wood.beamWideMm + LEAST_BEYOND_MM ? 0 : leg,
  };
  const longest = wood.board ? Infinity : (setting.sizesOf(wood.stock).at(-1) ?? USUAL_BAR_MM);
  const pieces = piecesOverPosts(postsAt, wood.postWideMm, longest);
  const stations = placeStations({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: v.rowLength,
    school: v.school,
    rows: f.rows.map((acrossMm, i) => ({
      acrossMm,
      side: v.rows === 1 ? 'in line' : i === 0 ? 'front' : i === v.rows - 1 ? 'back' : 'in line',
    })),
  });
  const planted = plantsOf({ stations });
  // One eye, or one arm, to each place along the row that somebody is planned for; all rows share it.
  const wanted = placesAlong(planted).map((alongMm) => lengthOnLie(lie, alongMm));
  const keep = wood.postWideMm / 2 + inches(0.5);
  const first = (postsAt[0] as number) + keep;
  const last = (postsAt.at(-1) as number) - keep;
  const taken = [
    ...postsAt.map((at) => takenBy(at, wood.postWideMm / 2)),
    // Over the brackets in the corners of the posts.
    ...bracketsOver(f, pieces),
    ...braceScrews(f),
  ];
  const eyes = wanted.map((at) => ({ wanted: at, ...nearestClear(at, taken, first, last) }));

  const posts = postsAt.map((at, i) => placePost(f, at, i));
  const beams = pieces.map((piece, i): LaidBeam => ({
    ...piece,
    bar: placeBeam(
      f,
      piece,
      i,
      eyes.map((eye) => eye.atMm),
    ),
  }));
  const braces = placeBraces(f, posts, beams);
  const arms =
    v.rows > 1
      ? placeArms(
          f,
          eyes.map((eye) => eye.atMm),
          beams,
        )
      : { parts: [], joints: [] };
  const strings = placeStrings(
    f,
    planted,
    eyes.map((eye) => eye.atMm),
    beams,
    arms.parts,
  );
  const footings = pourFootings(v.setIn === 'bed' ? posts.slice(1, -1) : posts, footingOf(v.setIn), 0);
  const skirt = v.skirt === 'low' ? placeSkirt(f, posts) : { parts: [], joints: [] };
  const heights = posts.map((post) => post.cutMm - post.buriedMm + wood.beamWideMm + (v.rows > 1 ? wood.thickMm : 0));
  const stripPieces = [
    ...posts.map((post, i): StripPiece => ({ part: post.id, strip: i === 0 ? 0 : 2, lengthMm: post.cutMm })),
    ...beams.map((beam): StripPiece => ({ part: beam.bar.id, strip: 1, lengthMm: beam.bar.cutMm })),
    ...braces.parts.map((brace, i): StripPiece => ({
      part: brace.id,
      strip: i % 2 === 0 ? 0 : 2,
      lengthMm: brace.cutMm,
    })),
  ];
  const board = ripPlan(wood, v, setting, stripPieces);
  const standing = (post: Bar, i: number): Standing => {
    const screwed = isScrewed(f, i);
    return {
      id: post.id,
      aboveMm: post.cutMm - post.buriedMm,
      buriedMm: post.buriedMm,
      wantedMm: screwed ? post.buriedMm : v.depth,
      shortMm: wood.board ? 0 : Math.max(0, post.cutMm - longest),
      set: screwed ? 'screwed' : setBy(footingOf(v.setIn)),
    };
  };

  const startMm = startOf(v, v.rowLength, bed);
  const design: Placement = {
    kind: 'twine-frame',
    parts: [
      ...posts,
      ...beams.map((beam) => beam.bar),
      ...braces.parts,
      ...arms.parts,
      ...strings.parts,
      ...footings.parts,
      ...skirt.parts,
    ],
    joints: [
      ...postJoints(f, posts, beams),
      ...braces.joints,
      ...arms.joints,
      ...strings.joints,
      ...footings.joints,
      ...skirt.joints,
    ],
    stations,
    ground,
    builtMm: v.rowLength,
    startMm,
    posts: posts.map(standing),
    hold: {
      by: 'string',
      meshMm: null,
      memberMm: stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm,
      stepMm: 0,
      fineToMm: 0,
      carries: carriesOf(wood.beamWideMm, baySpan(postsAt)),
      startsMm: 0,
      gapMm: 0,
      topMm: { least: Math.min(...heights), most: Math.max(...heights) },
      could: {
        topMm: reachOverBed(setting) - (v.onSlope === 'follow' ? 0 : fallOf(setting, v.rowLength)),
        carries: 'heavy',
        net: false,
      },
    },
    views: rowViews({ ground, bed, startMm }),
    bodies: 1,
    reasons: {
      post: fact('count.posts', { posts: posts.length, spacing: { mm: v.postSpacing } }),
      beam: fact(wood.board ? 'count.beam.board' : pieces.length > 1 ? 'count.beams' : 'count.beam', {
        longest: { mm: Number.isFinite(longest) ? longest : 0 },
      }),
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
      'string to beam': fact('count.eyes', { plants: planted.length }),
      'string to arm': fact('count.eyes', { plants: planted.length }),
      'skirt to post': fact('count.skirt-staples'),
    },
    marks: [
      ...marksFor(
        posts,
        eyes.map((eye) => eye.atMm),
        f,
      ),
      ...rowMarks({ stations, ground, builtMm: v.rowLength, bed, rowsAtMm: f.rows, endTopMm: Math.max(...heights) }),
    ],
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm: v.rowLength, yMm: y, topMm: v.beamHeight }),
      {
        knob: 'beamHeight',
        view: 'elevation',
        at: [footAt(lie, lengthMm * 0.75, 0)[0], topAt(lengthMm * 0.75)],
        axis: 'up',
        perMm: 1,
      },
      { knob: 'depth', view: 'end', at: [y, -v.depth], axis: 'up', perMm: -1 },
      ...(wood.board ? [] : [spacingHandle(footAt(lie, postsAt[1] as number, 0)[0], topAt(postsAt[1] as number))]),
      ...(v.rows > 1
        ? [{ knob: 'armLength', view: 'end', at: [y + v.armLength / 2, topAt(0)], axis: 'right', perMm: 2 } as const]
        : []),
      ...(f.legMm > 0 && f.legMm === v.braceLeg
        ? [
            {
              knob: 'braceLeg',
              view: 'elevation',
              at: [f.legMm, topAt(0) - wood.beamWideMm / 2],
              axis: 'right',
              perMm: 1,
            } as const,
          ]
        : []),
    ],
    ...(board ? { boards: [board] } : {}),
  };
  return {
    design,
    facts: {
      rowsAtMm: f.rows,
      spacingMm: baySpan(postsAt),
      slackMm: v.slack,
      holes: {
        moved: eyes.filter((eye) => Math.abs(eye.atMm - eye.wanted) > 1).length,
        mostMm: Math.max(0, ...eyes.map((eye) => Math.abs(eye.atMm - eye.wanted))),
        clashing: eyes.filter((eye) => !eye.clear).length,
      },
      braces: braces.parts.length,
      boardFits: wood.board ? { wantedMm: wood.board.wantedMm, longestMm: wood.board.longestMm } : null,
    } satisfies TwineFrameFacts,
  };
}

function marksFor(posts: readonly Bar[], eyes: readonly number[], f: Frame): Mark[] {
  const first = posts[0] as Bar;
  const foot = first.from[2] + first.buriedMm;
  const along = (label: string, atMm: readonly number[]): Mark => ({
    view: 'elevation',
    axis: 'x',
    label,
    atMm: atMm.map((at) => footAt(f.lie, at, 0)[0]),
    tapedMm: atMm,
  });
  return [
    along('posts', f.postsAt),
    ...(eyes.length > 0
      ? [
          along(f.v.rows > 1 ? 'arms' : f.v.hang === 'eye' ? 'eyes' : 'holes', [
            ...new Set([0, ...[...eyes].sort((a, b) => a - b), f.lengthMm]),
          ]),
        ]
      : []),
    {
      view: 'elevation',
      axis: 'z',
      label: 'heights',
      atMm: [first.from[2], foot, first.to[2], f.topAt(f.postsAt[0] as number)],
    },
  ];
}
