import { stockOf } from '../../../catalogue/catalogue';
import { ascending, chain } from '../../../design/chain';
import { placed, plantsOf, type Mark, type Station, type Design, type Pull } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import type { Bar } from '../../../design/shapes/bar';
import { feet, inches } from '../../../quantity/length';
import { groundAt, slopeOf } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { bedRow, groundOf, spacingPull } from '../../assemblies/bed-row';
import { pourFootings } from '../../assemblies/footing';
import type { Sizing } from '../../kind';
import { nearestClear, takenBy } from '../../rules/clash';
import { baysOfRow, rowAsStood, stoodReason } from '../../rules/as-stood';
import { footAt, lengthOnLie, lengthOnSoil, lieChain, type Lie } from '../../rules/lie';
import { piecesOverPosts, type Stretch } from '../../rules/over-posts';
import { acrossBed, fallOf, reachOverBed } from '../../rules/row';
import type { RowView } from '../../rules/row-views';
import { equalBays, narrowestBay, widestBay } from '../../rules/spacing';
import type { BedSetting } from '../../setting';
import { ripPlan, spareBraceMm, woodOf, type StripPiece } from './board';
import { braceScrews, placeBraces } from './braces';
import {
  bracketsOver,
  carriesOf,
  placeBeam,
  placePost,
  postId,
  postJoints,
  type TwineFrame,
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

/** Why there are so many of each. */
const reasonsOf = (
  { v, wood, stood }: TwineFrame,
  count: { posts: number; beams: number; longest: number; braces: number; arms: number; plants: number },
): Design['reasons'] => ({
  post: stoodReason(stood) ?? fact('count.posts', { posts: count.posts, spacing: { mm: v.postSpacing } }),
  beam: fact(wood.board ? 'count.beam.board' : count.beams > 1 ? 'count.beams' : 'count.beam', {
    longest: { mm: Number.isFinite(count.longest) ? count.longest : 0 },
  }),
  brace: fact('count.braces', { braces: count.braces }),
  'cross arm': fact('count.arms', { arms: count.arms, eyes: v.rows }),
  string: fact('count.strings', { wraps: v.wraps, knots: { mm: v.knots }, slack: { mm: v.slack } }),
  board: fact('count.board', { strip: { mm: wood.postWideMm }, beam: { mm: wood.beamWideMm } }),
  'wind skirt': fact('count.skirt'),
  'post to beam': fact(wood.beamWideMm <= 45 ? 'count.post-beam' : 'count.post-beam.skew'),
  'post to bed': fact('count.post-bed'),
  'brace to post': fact('count.brace-ends'),
  'brace to beam': fact('count.brace-ends'),
  'arm to beam': fact('count.arm-screws'),
  'string to beam': fact('count.eyes', { plants: count.plants }),
  'string to arm': fact('count.eyes', { plants: count.plants }),
  'skirt to post': fact('count.skirt-staples'),
});

/** Where its lengths are pulled. */
function pullsOf({ v, lie, lengthMm, topAt, wood, y, postsAt, legMm }: TwineFrame): Listed<Pull<RowView>> {
  const second = postsAt[1] as number;
  return [
    {
      knob: 'beamHeight',
      view: 'elevation',
      at: [footAt(lie, lengthMm * 0.75, 0)[0], 0, topAt(lengthMm * 0.75)],
      axis: 'up',
    },
    { knob: 'depth', view: 'end', at: [0, y, -v.depth], axis: 'up', perMm: -1 },
    !wood.board && spacingPull([footAt(lie, second, 0)[0], 0, topAt(second)]),
    v.rows > 1 && {
      knob: 'armLength',
      view: 'end',
      at: [0, y + v.armLength / 2, topAt(0)],
      axis: 'right',
      perMm: 2,
    },
    legMm > 0 &&
      legMm === v.braceLeg && {
        knob: 'braceLeg',
        view: 'elevation',
        at: [legMm, 0, topAt(0) - wood.beamWideMm / 2],
        axis: 'right',
      },
  ];
}

/** Everything that places its parts: its wood, where its posts stand, how high its beam lies, where its rows hang. */
function frameFor(v: TwineFrameValues, setting: BedSetting): TwineFrame {
  const wood = woodOf(v, setting);
  const ground = groundOf(setting.place.bed);
  const lie: Lie = { ground, level: v.onSlope === 'level' };
  const askedMm = lengthOnLie(lie, v.rowLength);
  const y = acrossBed(v.rowAt, setting);
  const ends = [wood.postWideMm / 2, askedMm - wood.postWideMm / 2];
  const stood = rowAsStood(wood.board ? ends : equalBays(ends, v.postSpacing), wood.postWideMm, postId, setting);
  const { postsAt } = stood;
  const lengthMm = (postsAt.at(-1) as number) + wood.postWideMm / 2;
  const high = Math.max(0, groundAt(ground, lengthMm));
  const outer = v.armLength / 2 - EYE_IN_MM;
  const topAt = (along: number): number => (lie.level ? high + v.beamHeight : footAt(lie, along, 0)[2] + v.beamHeight);
  const spare = wood.board
    ? (spareBraceMm(wood.board.lengthMm, v.beamHeight - wood.beamWideMm + v.depth, setting.saw.kerfMm) -
        wood.postWideMm) /
      Math.SQRT2
    : Infinity;
  const leg = Math.min(v.braceLeg, spare, narrowestBay(postsAt) / 2, v.beamHeight / 2);
  return {
    v,
    setting,
    lie,
    slope: slopeOf(ground),
    wood,
    stood,
    postsAt,
    lengthMm,
    y,
    topAt,
    rows: v.rows === 1 ? [y] : v.rows === 2 ? [y - outer, y + outer] : [y - outer, y, y + outer],
    legMm: v.braces === 'none' || leg < wood.postWideMm + wood.beamWideMm + LEAST_BEYOND_MM ? 0 : leg,
  };
}

/** Sizes the frame and places its parts: posts, beam on top of them, lapped knee braces, cross arms, a string to a plant. */
export function sizeTwineFrame(v: TwineFrameValues, setting: BedSetting): Sizing<TwineFrameFacts> {
  const f = frameFor(v, setting);
  const { wood, postsAt, y } = f;
  const longest = wood.board ? Infinity : (setting.sizesOf(wood.stock).at(-1) ?? USUAL_BAR_MM);
  const pieces = piecesOverPosts(postsAt, wood.postWideMm, longest);
  const posts = postsAt.map((at, i) => placePost(f, at, i, longest));
  const heights = posts.map(({ stands }) => stands.aboveMm + wood.beamWideMm + (v.rows > 1 ? wood.thickMm : 0));
  const row = bedRow(setting, v, {
    builtMm: lengthOnSoil(f.lie, f.lengthMm),
    yMm: y,
    topMm: v.beamHeight,
    endTopMm: Math.max(...heights),
    rowsAtMm: f.rows,
    rows: f.rows.map((acrossMm, i) => ({
      acrossMm,
      side: v.rows === 1 ? 'in line' : i === 0 ? 'front' : i === v.rows - 1 ? 'back' : 'in line',
    })),
  });
  const planted = plantsOf(row);
  const eyes = placeEyes(f, planted, pieces);
  const eyesAt = eyes.map((eye) => eye.atMm);
  const beams = pieces.map((piece, i): LaidBeam => ({ ...piece, bar: placeBeam(f, piece, i, eyesAt) }));
  const braces = placeBraces(f, posts, beams);
  const arms = v.rows > 1 ? placeArms(f, eyesAt, beams) : { parts: [], joints: [] };
  const board = ripPlan(wood, setting, [
    ...posts.map((post, i): StripPiece => ({ part: post.id, strip: i === 0 ? 0 : 2, lengthMm: post.cutMm })),
    ...beams.map(({ bar }): StripPiece => ({ part: bar.id, strip: 1, lengthMm: bar.cutMm })),
    ...braces.parts.map((one, i): StripPiece => ({ part: one.id, strip: i % 2 === 0 ? 0 : 2, lengthMm: one.cutMm })),
  ]);
  return {
    design: placed({
      ...together(
        { parts: [...posts, ...beams.map((beam) => beam.bar)], joints: postJoints(f, posts, beams) },
        braces,
        arms,
        placeStrings(f, planted, eyesAt, beams, arms.parts),
        pourFootings(v.setIn === 'bed' ? posts.slice(1, -1) : posts, footingOf(v.setIn), 0),
        v.skirt === 'low' && placeSkirt(f, posts),
        {
          reasons: reasonsOf(f, {
            posts: posts.length,
            beams: pieces.length,
            longest,
            braces: braces.parts.length,
            arms: arms.parts.length,
            plants: planted.length,
          }),
        },
      ),
      ...row,
      bays: baysOfRow(f.stood, wood.postWideMm, postId, f.lie),
      ...(board ? { boards: [board] } : {}),
      hold: {
        by: 'string',
        meshMm: null,
        memberMm: stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm,
        stepMm: 0,
        fineToMm: 0,
        carries: carriesOf(wood.beamWideMm, widestBay(postsAt)),
        startsMm: 0,
        gapMm: 0,
        topMm: { least: Math.min(...heights), most: Math.max(...heights) },
        could: {
          topMm: reachOverBed(setting) - (v.onSlope === 'follow' ? 0 : fallOf(setting, v.rowLength)),
          carries: 'heavy',
          net: false,
        },
      },
      marks: [...marksFor(posts, eyesAt, f), ...row.marks],
      handles: [...row.handles, ...pullsOf(f)],
    }),
    facts: {
      rowsAtMm: f.rows,
      spacingMm: widestBay(postsAt),
      slackMm: v.slack,
      holes: {
        moved: eyes.filter((eye) => Math.abs(eye.atMm - eye.wanted) > 1).length,
        mostMm: Math.max(0, ...eyes.map((eye) => Math.abs(eye.atMm - eye.wanted))),
        clashing: eyes.filter((eye) => !eye.clear).length,
      },
      braces: braces.parts.length,
      boardFits: wood.board ? { wantedMm: wood.board.wantedMm, longestMm: wood.board.longestMm } : null,
    },
  };
}

/** One eye, or one arm, to each place along the row that somebody is planned for; all rows share it. Clear of posts, brackets and screws. */
function placeEyes(
  f: TwineFrame,
  planted: readonly Station[],
  pieces: readonly Stretch[],
): { wanted: number; atMm: number; clear: boolean }[] {
  const { postsAt, wood } = f;
  const keep = wood.postWideMm / 2 + inches(0.5);
  const taken = [
    ...postsAt.map((at) => takenBy(at, wood.postWideMm / 2)),
    // Over the brackets in the corners of the posts.
    ...bracketsOver(f, pieces),
    ...braceScrews(f),
  ];
  const [first, last] = [(postsAt[0] as number) + keep, (postsAt.at(-1) as number) - keep];
  return placesAlong(planted).map((alongMm) => {
    const wanted = lengthOnLie(f.lie, alongMm);
    return { wanted, ...nearestClear(wanted, taken, first, last) };
  });
}

function marksFor(posts: readonly Bar[], eyes: readonly number[], f: TwineFrame): Mark<'elevation'>[] {
  const first = posts[0] as Bar;
  const foot = first.from[2] + first.buriedMm;
  const hung = f.v.rows > 1 ? 'arms' : f.v.hang === 'eye' ? 'eyes' : 'holes';
  return [
    lieChain(f.lie, 'posts', f.postsAt),
    ...(eyes.length > 0 ? [lieChain(f.lie, hung, ascending([0, ...eyes, f.lengthMm]))] : []),
    chain('elevation', 'z', 'heights', [first.from[2], foot, first.to[2], f.topAt(f.postsAt[0] as number)]),
  ];
}
