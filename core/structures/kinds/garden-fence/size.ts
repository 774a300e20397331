import { stockOf } from '../../../catalogue/catalogue';
import { HURDLE_LONG_MM } from '../../../catalogue/panels';
import { timberId } from '../../../catalogue/timber';
import { placed, type Joint, type Design } from '../../../design/design';
import { add, reach, scale, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import type { Opening } from '../../../site/stands/opening';
import type { Guard } from '../../../site/visitors';
import { LET_IN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { risingBrace } from '../../assemblies/brace';
import { pourFootings, setBy } from '../../assemblies/footing';
import { drivePost, setPost, type SetPost } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import { meshBarrier, rollOf, standingGuard } from '../../rules/barrier';
import { lastingTimber } from '../../rules/timber-knobs';
import { bayLevel, isStiff, isWood, woodOf, looseOf, lowOf, type Fence, type GardenFenceValues } from './fence';
import { cornerAprons, fillBays } from './infill';
import { BOARD_UP_MM, OVER_MM, slopes, type PathSetting } from './knobs';
import { layRun, onLeg, terrainOf, type Bay, type FencePost, type Leg, type Run } from '../../rules/run';
import { hurdleTop } from './hurdles';
import { lowestTop } from './pickets';
import { handlesOf, marksOf, viewsOf } from './views';

/** A shorter bay takes no brace: it would stand as steep as its post, and mesh pulls little on it (from memory). mm. */
const BRACED_BAY_MM = inches(20);
/** A brace leaves its post at this share of the height (from memory). */
const BRACE_AT = 0.7;
/** Its foot is so high over the soil, lower on a low fence (from memory). mm. */
const BRACE_FOOT_MM = inches(4);

/** What its own checks and mends ask for. */
export interface GardenFenceFacts {
  guard: Guard;
  run: Run;
  spots: readonly (readonly [number, number])[];
  rollMm: number | null;
  belowMm: number;
  ends: number;
}

/** Where its posts come to stand, by how wide they are and by who stands in its run. */
function layOut(
  v: GardenFenceValues,
  setting: PathSetting,
): { run: Run; timber: boolean; faceMm: number; gateMm: number } {
  const timber = v.infill !== 'mesh' || v.posts === 'timber';
  // What a leaf hangs on is of timber, wide enough for its hinges.
  const gateMm = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber').wideMm;
  const faceMm = timber ? gateMm : stockOf(setting.catalogue, 'steel-post', 'steel post').faceMm;
  const { spots, closed } = setting.place;
  const run = layRun(spots, closed, {
    bayMm: v.infill === 'hurdles' ? Math.min(v.bay, HURDLE_LONG_MM - faceMm) : v.bay,
    bays: v.bays,
    postMm: gateMm,
    guests: setting.guests,
    // A hurdle is as long as it was woven: its posts stand where it ends.
    ...(v.infill === 'hurdles'
      ? {}
      : { built: { measured: setting.measured, wideMm: (kind) => (kind === 'gate' ? gateMm : faceMm) } }),
  });
  return { run, timber, faceMm, gateMm };
}

/** The gaps it leaves for gates. */
export function fenceOpenings(v: GardenFenceValues, setting: PathSetting): Opening[] {
  const { run, faceMm, gateMm } = layOut(v, setting);
  const wood = woodOf(v);
  return run.gaps.map(({ guest, leg, middleMm, roomMm, bay }): Opening => {
    const [xMm, yMm, baseMm] = onLeg(leg, middleMm);
    const half = guest.wideMm / 2;
    const soilAt = (along: number): number => onLeg(leg, Math.max(0, Math.min(leg.longMm, along)))[2] - baseMm;
    return {
      guest: guest.id,
      posts: bay ? [bay.from.id, bay.to.id] : [],
      // The posts of a path are numbered as it is gone.
      numbers: bay ? [bay.from, bay.to].map((post) => run.posts.indexOf(post) + 1) : [],
      at: { xMm, yMm, turnDeg: (Math.atan2(leg.along[1], leg.along[0]) * 180) / Math.PI, baseMm },
      clearMm: guest.wideMm,
      facesMm: [-faceMm / 2, gateMm - faceMm / 2],
      roomMm,
      soilMm: [soilAt(middleMm - half), soilAt(middleMm + half)],
      aboveMm: v.height,
      filling: wood
        ? { with: 'boards', ...wood }
        : { with: 'mesh', stock: v.mesh, low: lowOf(v), looseTopMm: looseOf(v) },
    };
  });
}

/** Why there are so many of each. */
function reasonsOf(fence: Fence, timber: boolean, hasWood: boolean): Design['reasons'] {
  const { v, run } = fence;
  const onPosts = (mesh: string) =>
    fact(
      !timber
        ? hasWood
          ? 'count.clips.gate'
          : 'count.clips'
        : isStiff(fence, mesh)
          ? 'count.post-washers'
          : 'count.staples',
    );
  const low = lowOf(v);
  return {
    post: fact('count.posts', {
      posts: run.posts.length,
      bay: { mm: v.bay },
      corners: run.posts.filter((one) => one.kind === 'corner').length,
    }),
    mesh: fact('count.mesh'),
    'low mesh': fact('count.low'),
    apron: fact('count.apron', { wide: { mm: v.below } }),
    'frame side': fact('count.frames'),
    board: fact('count.boards', { gap: { mm: v.boardGap } }),
    rail: fact('count.rails'),
    hurdle: fact('count.hurdles'),
    'hurdle to post': fact('count.hurdle-ties'),
    picket: fact('count.pickets', { gap: { mm: v.picketGap } }),
    'rail to post': fact('count.board-screws'),
    'picket to rail': fact('count.board-screws'),
    brace: fact('count.braces', { least: { mm: BRACED_BAY_MM } }),
    'mesh to post': onPosts(v.mesh),
    ...(low === null ? {} : { 'low mesh to post': onPosts(low) }),
    'apron pegged': fact('count.pegs'),
    'frame to post': fact('count.frame-screws'),
    'frame joined': fact('count.corner-screws'),
    'mesh to frame': fact('count.washers'),
    'board to post': fact('count.board-screws'),
    'brace to post': fact('count.brace-fix'),
  };
}

/** Sizes the fence: posts at ends, corners, beside gates and equally between; mesh, frames or boards; braces. */
export function sizeGardenFence(v: GardenFenceValues, setting: PathSetting): Sizing<GardenFenceFacts> {
  const { place } = setting;
  const { run, timber, faceMm, gateMm } = layOut(v, setting);
  const stepped = slopes(setting) && (v.infill === 'framed' || v.infill === 'hurdles' || v.onSlope === 'stepped');
  const posts = run.posts.map((post) => standPost(post, v, setting, run, stepped, timber, (gateMm - faceMm) / 2));
  const fence: Fence = {
    v,
    setting,
    run,
    stepped,
    faceMm,
    bars: new Map(posts.map((one) => [one.id, one])),
    rail: stockOf(setting.catalogue, lastingTimber(setting, v.rail), 'timber'),
  };
  const ofWood = posts.filter(isWood);
  const low = lowOf(v);
  const made = together(
    { parts: posts },
    fillBays(fence),
    cornerAprons(fence),
    v.infill === 'mesh' && v.braces === 'braced' && braceEnds(fence),
    pourFootings(ofWood, v.footing, v.gravel),
    {
      reasons: reasonsOf(fence, timber, ofWood.length > 0),
    },
  );
  const wood = woodOf(v);
  const roll = wood ? null : rollOf(setting, v.mesh);
  // What is in frames ends at the soil.
  const below = v.infill === 'mesh' && v.dig !== 'none' ? v.below : 0;
  const mesh = roll ? meshBarrier(setting, { mesh: roll.id, low }, { heightMm: v.height, belowMm: below }) : null;
  const riseOf = ({ from, to }: Bay): number => to.at[2] - from.at[2];
  const stepUp = stepped
    ? Math.max(0, ...run.bays.filter((bay) => bay.guest === null).map((bay) => Math.abs(riseOf(bay))))
    : 0;
  return {
    design: placed({
      ...made,
      ground: terrainOf(run),
      builtMm: run.lengthMm,
      views: viewsOf(run, made.parts),
      marks: marksOf(run, v),
      handles: handlesOf(run, v),
      bays: run.bays.map((bay, i) => {
        const centresMm = Math.hypot(bay.to.at[0] - bay.from.at[0], bay.to.at[1] - bay.from.at[1]);
        return {
          name: String(i + 1),
          posts: [bay.from.id, bay.to.id],
          guest: bay.guest,
          run: bay.leg.index + 1,
          fromMm: bay.from.atMm,
          centresMm,
          clearMm:
            centresMm - [bay.from, bay.to].reduce((sum, { id }) => sum + (fence.bars.get(id)?.wideMm ?? 0) / 2, 0),
          riseMm: riseOf(bay),
          ...(bay.asStood ? { asStood: bay.asStood } : {}),
        };
      }),
    }),
    facts: {
      guard: standingGuard(mesh, Math.max(1, wood?.gapMm ?? 0), {
        heightMm:
          v.infill === 'pickets'
            ? lowestTop(v)
            : v.infill === 'hurdles'
              ? Math.min(v.height, hurdleTop(setting, v))
              : v.height,
        second: setting.second,
        buriedMm: v.dig === 'buried' ? below : 0,
        apronMm: v.dig === 'apron' ? below : 0,
        underMm: stepUp + (wood ? BOARD_UP_MM : 0),
        looseTopMm: looseOf(v),
      }),
      run,
      spots: place.spots.map((spot) => [spot.xMm, spot.yMm] as const),
      rollMm: roll && low === null ? roll.heightMm : roll ? roll.heightMm + below : null,
      belowMm: below,
      ends: run.posts.filter((one) => one.kind !== 'line').length,
    },
  };
}

/** A post as high as the higher of its bays; gate posts below the frost. */
function standPost(
  post: FencePost,
  v: GardenFenceValues,
  setting: PathSetting,
  run: Run,
  stepped: boolean,
  timber: boolean,
  /** How far one of timber among those of steel stands in, so that their outer faces are in one plane. mm. */
  inMm: number,
): SetPost {
  const beside = run.bays.filter((bay) => bay.from === post || bay.to === post);
  const base = Math.max(post.at[2], ...beside.map((bay) => bayLevel(bay, stepped).baseFrom));
  const gate = post.kind === 'gate';
  const wood = timber || gate;
  const inwards = post.legs.map((leg) => scale((run.legs[leg] as Leg).out, gate ? inMm : 0));
  const at = {
    id: post.id,
    foot: inwards.reduce(add, post.at),
    aboveMm: base - post.at[2] + v.height + OVER_MM,
    depthMm: gate ? Math.max(v.depth, LET_IN_MM, Math.min(feet(4), setting.site.frostDepthMm)) : v.depth,
    setting,
    wide: (run.legs[post.legs.at(-1) ?? 0] as Leg).along,
  };
  return wood ? setPost({ ...at, section: v.section, treatment: v.treatment, set: setBy(v.footing) }) : drivePost(at);
}

/**
 * A brace from high on each end, corner or gate post down to the foot of the next in every run it pulls on; between two
 * of those, which pull towards each other, one strut that is as high on both.
 */
function braceEnds(f: Fence): Assembled {
  const pulled = f.run.bays
    .filter((bay) => bay.guest === null)
    .flatMap((bay) =>
      (
        [
          [bay.from, bay.to],
          [bay.to, bay.from],
        ] as const
      ).flatMap(([post, next]) => {
        const [high, low] = [f.bars.get(post.id), f.bars.get(next.id)];
        // What stands in concrete beside a gate holds by itself, and lies in another plane than posts of steel.
        if (post.kind === 'line' || !high || !low || isWood(high) !== isWood(low)) return [];
        if (reach(post.at, next.at) < BRACED_BAY_MM) return [];
        const strut = next.kind !== 'line';
        return strut && post === bay.to ? [] : [{ bay, post, next, high, low, strut }];
      }),
    );
  const made = pulled.map(({ bay, post, next, high, low, strut }) => {
    const { out } = bay.leg;
    // Between two gates stand posts of timber, whatever the rest of the fence stands on; their outer faces are in line.
    const faceMm = (isWood(high) ? high.thickMm : f.faceMm) - f.faceMm / 2;
    const beside = (at: Point, up: number): Point => add(at, add(scale(out, faceMm + f.rail.thickMm / 2), [0, 0, up]));
    const brace = risingBrace({
      id: `brace-r${bay.leg.index + 1}-${post.id}${post === bay.from ? 'a' : 'b'}`,
      of: f.rail,
      from: beside(post.at, f.v.height * BRACE_AT),
      to: beside(next.at, strut ? f.v.height * BRACE_AT : Math.min(BRACE_FOOT_MM, f.v.height / 5)),
    });
    const joint: Joint = {
      id: `${brace.id}-head`,
      kind: 'brace to post',
      places: [brace.from, brace.to],
      parts: [brace.id, high.id, low.id],
      fixings: isWood(high)
        ? [high, low].map(({ id: into }) => ({
            stock: 'screw-75',
            count: 2,
            drive: { through: brace.id, into, way: scale(out, -1) },
          }))
        : [{ stock: 'tie-wire', count: 4, eachMm: inches(18) }],
    };
    return { brace, joint };
  });
  return { parts: made.map(({ brace }) => brace), joints: made.map(({ joint }) => joint) };
}
