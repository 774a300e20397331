import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import type { Placement, Joint, Standing } from '../../../design/design';
import { AS_BOUGHT, plumbEnds } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Part } from '../../../design/shapes/shapes';
import { scale, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import type { Terrain } from '../../../site/ground';
import type { Opening } from '../../../site/stand';
import { fact } from '../../../wording/say';
import type { Guard } from '../../../site/visitors';
import type { Sizing } from '../../kind';
import { meshBarrier, standingGuard } from '../../rules/barrier';
import { nextStockUp } from '../../rules/depth';
import { footingReasons, pourFootings, setBy } from '../../rules/footing';
import { setPost, standingOf } from '../../rules/timber-post';
import { fillBays } from './infill';
import { OVER_MM, slopes, type PathSetting } from './knobs';
import { bayLevel, BOARD_UP_MM, looseOf, lowOf, type Fence, type GardenFenceValues } from './fence';
import { layRun, onLeg, type FencePost, type Leg, type Run } from './run';
import { lastingTimber } from '../../rules/timber-knobs';
import { handlesOf, marksOf, viewsOf } from './views';

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
function layOut(v: GardenFenceValues, setting: PathSetting): { run: Run; timber: boolean; faceMm: number } {
  const timber = v.infill !== 'mesh' || v.posts === 'timber';
  const faceMm = timber
    ? stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber').wideMm
    : stockOf(setting.catalogue, 'steel-post', 'steel post').faceMm;
  const { spots, closed } = setting.place;
  const run = layRun(spots, closed, { bayMm: v.bay, bays: v.bays, postMm: faceMm, guests: setting.guests });
  return { run, timber, faceMm };
}

/** The gaps it leaves for gates. */
export function fenceOpenings(v: GardenFenceValues, setting: PathSetting): Opening[] {
  const { run } = layOut(v, setting);
  return run.gaps.map(({ guest, leg, middleMm, roomMm, bay }): Opening => {
    const [xMm, yMm, baseMm] = onLeg(leg, middleMm);
    const half = guest.wideMm / 2;
    const soilAt = (along: number): number => onLeg(leg, Math.max(0, Math.min(leg.longMm, along)))[2] - baseMm;
    return {
      guest: guest.id,
      posts: bay ? [bay.from.id, bay.to.id] : [],
      at: { xMm, yMm, turnDeg: (Math.atan2(leg.along[1], leg.along[0]) * 180) / Math.PI, baseMm },
      clearMm: guest.wideMm,
      roomMm,
      soilMm: [soilAt(middleMm - half), soilAt(middleMm + half)],
      aboveMm: v.height,
      filling:
        v.infill === 'boards'
          ? { with: 'boards', section: v.board, gapMm: v.boardGap }
          : { with: 'mesh', stock: v.mesh, low: lowOf(v), looseTopMm: looseOf(v) },
    };
  });
}

/** Sizes the fence: posts at ends, corners, beside gates and equally between; mesh, frames or boards; braces. */
export function sizeGardenFence(v: GardenFenceValues, setting: PathSetting): Sizing<GardenFenceFacts> {
  const { place } = setting;
  const { run, timber, faceMm } = layOut(v, setting);
  const stepped = slopes(setting) && (v.infill === 'framed' || v.onSlope === 'stepped');
  const posts = run.posts.map((post) => standPost(post, v, setting, run, stepped, timber, faceMm));
  const bars = new Map(posts.map((one) => [one.bar.id, one.bar]));
  const rail = stockOf(setting.catalogue, lastingTimber(setting, v.rail), 'timber');
  const fence: Fence = {
    v,
    setting,
    run,
    stepped,
    faceMm,
    timber,
    bars,
    rail: { id: rail.id, wideMm: rail.wideMm, thickMm: rail.thickMm },
  };
  const filled = fillBays(fence);
  const braces = v.infill === 'mesh' && v.braces === 'braced' ? braceEnds(fence) : { parts: [], joints: [] };
  const footings = timber ? pourFootings([...bars.values()], v.footing, v.gravel) : { parts: [], joints: [] };
  const parts: Part[] = [...bars.values(), ...filled.parts, ...braces.parts, ...footings.parts];
  const design: Placement = {
    kind: 'garden-fence',
    parts,
    joints: [...filled.joints, ...braces.joints, ...footings.joints],
    stations: [],
    ground: terrainOf(run),
    builtMm: run.lengthMm,
    startMm: 0,
    posts: posts.map((one) => one.standing),
    hold: null,
    views: viewsOf(run, parts),
    bodies: bodiesOf(run, place.closed),
    reasons: {
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
      brace: fact('count.braces'),
      ...footingReasons(v.gravel),
      'mesh to post': fact(timber ? 'count.staples' : 'count.clips'),
      'low mesh to post': fact(timber ? 'count.staples' : 'count.clips'),
      'apron pegged': fact('count.pegs'),
      'frame to post': fact('count.frame-screws'),
      'frame joined': fact('count.corner-screws'),
      'mesh to frame': fact('count.washers'),
      'board to post': fact('count.board-screws'),
      'brace to post': fact('count.brace-fix'),
    },
    marks: marksOf(run, v),
    handles: handlesOf(run, v),
    bays: run.bays.map((bay, i) => ({
      name: String(i + 1),
      guest: bay.guest,
      run: bay.leg.index + 1,
      fromMm: bay.from.atMm,
      centresMm: Math.hypot(bay.to.at[0] - bay.from.at[0], bay.to.at[1] - bay.from.at[1]),
      clearMm: Math.hypot(bay.to.at[0] - bay.from.at[0], bay.to.at[1] - bay.from.at[1]) - faceMm,
      riseMm: bay.to.at[2] - bay.from.at[2],
    })),
  };
  const roll = v.infill === 'boards' ? null : stockOf(setting.catalogue, v.mesh, 'mesh roll');
  const low = lowOf(v);
  // What is in frames ends at the soil.
  const below = v.infill === 'mesh' && v.dig !== 'none' ? v.below : 0;
  const mesh = roll ? meshBarrier(setting, { mesh: roll.id, low }, { heightMm: v.height, belowMm: below }) : null;
  const gapMm = Math.max(1, v.boardGap);
  const stepUp = stepped
    ? Math.max(0, ...run.bays.filter((bay) => bay.guest === null).map((bay) => Math.abs(bay.to.at[2] - bay.from.at[2])))
    : 0;
  return {
    design,
    facts: {
      guard: standingGuard(mesh, gapMm, {
        heightMm: v.height,
        second: setting.second,
        buriedMm: v.dig === 'buried' ? below : 0,
        apronMm: v.dig === 'apron' ? below : 0,
        underMm: stepUp + (v.infill === 'boards' ? BOARD_UP_MM : 0),
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
  faceMm: number,
): { bar: Bar; standing: Standing } {
  const beside = run.bays.filter((bay) => bay.from === post || bay.to === post);
  const base = Math.max(post.at[2], ...beside.map((bay) => bayLevel(bay, stepped).baseFrom));
  const aboveMm = base - post.at[2] + v.height + OVER_MM;
  const depthMm = post.kind === 'gate' ? Math.max(v.depth, Math.min(feet(4), setting.site.frostDepthMm)) : v.depth;
  const along = (run.legs[post.legs.at(-1) ?? 0] as Leg).along;
  if (timber) {
    const set = setPost({
      id: post.id,
      foot: post.at,
      aboveMm,
      depthMm,
      section: v.section,
      treatment: v.treatment,
      setting,
      set: setBy(v.footing),
    });
    return { bar: { ...set.bar, wide: along }, standing: standingOf(set) };
  }
  const asked = aboveMm + depthMm;
  const stock = nextStockUp(asked, setting.sizesOf('steel-post')) ?? { mm: asked, enough: true };
  const buriedMm = Math.max(0, stock.mm - aboveMm);
  return {
    bar: barOf({
      id: post.id,
      role: 'post',
      of: { id: 'steel-post', faceMm },
      cutMm: stock.mm,
      buriedMm,
      from: [post.at[0], post.at[1], post.at[2] - buriedMm],
      to: [post.at[0], post.at[1], post.at[2] + stock.mm - buriedMm],
      wide: along,
      ends: AS_BOUGHT,
    }),
    standing: {
      id: post.id,
      aboveMm,
      buriedMm,
      wantedMm: depthMm,
      shortMm: Math.max(0, asked - stock.mm),
      set: 'driven',
    },
  };
}

/** A brace from high on each end, corner or gate post down to the foot of the next in every run it pulls on. */
function braceEnds(f: Fence): { parts: Part[]; joints: Joint[] } {
  const parts: Part[] = [];
  const joints: Joint[] = [];
  for (const bay of f.run.bays) {
    if (bay.guest !== null) continue;
    for (const [post, next] of [
      [bay.from, bay.to],
      [bay.to, bay.from],
    ] as const) {
      if (post.kind === 'line') continue;
      const [high, low] = [f.bars.get(post.id), f.bars.get(next.id)];
      if (!high || !low) continue;
      const aside = f.faceMm / 2 + f.rail.thickMm / 2;
      const out = bay.leg.out;
      const beside = (at: Point, up: number): Point => [at[0] + out[0] * aside, at[1] + out[1] * aside, at[2] + up];
      const from = beside(post.at, f.v.height * BRACE_AT);
      const to = beside(next.at, Math.min(BRACE_FOOT_MM, f.v.height / 5));
      const id = `brace-${post.id}-${bay.leg.index + 1}${post === bay.from ? 'a' : 'b'}`;
      const long = Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]);
      const slant = Math.asin(Math.min(1, Math.abs(from[2] - to[2]) / long));
      const level: Point = [bay.leg.along[0], bay.leg.along[1], 0];
      const way: Point = [(to[0] - from[0]) / long, (to[1] - from[1]) / long, (to[2] - from[2]) / long];
      const sense = level[0] * way[0] + level[1] * way[1] >= 0 ? 1 : -1;
      parts.push(
        barOf({
          id,
          role: 'brace',
          of: f.rail,
          from,
          to,
          wide: [-way[2] * level[0] * sense, -way[2] * level[1] * sense, Math.cos(slant)],
          cutMm: long + f.rail.wideMm * Math.tan(slant),
          ends: plumbEnds(Math.asin(Math.max(-1, Math.min(1, way[2])))),
        }),
      );
      joints.push({
        id: `${id}-head`,
        kind: 'brace to post',
        places: [from, to],
        parts: [id, high.id, low.id],
        fixings: f.timber
          ? [high, low].map((into) => ({
              stock: 'screw-75',
              count: 2,
              drive: { through: id, into: into.id, way: scale(out, -1) },
            }))
          : [{ stock: 'tie-wire', count: 4, eachMm: inches(18) }],
      });
    }
  }
  return { parts, joints };
}

/** The soil under the path, corner by corner. */
const terrainOf = (run: Run): Terrain => ({
  path: [...(run.legs[0] ? [run.legs[0].from] : []), ...run.legs.map((leg) => leg.to)],
});

/** Pieces it falls into: every gap parts it, the first of an all-round one excepted; what hangs on posts ties them together. */
function bodiesOf(run: Run, closed: boolean): number {
  if (run.bays.length === 0) return run.posts.length;
  const gaps = run.bays.filter((bay) => bay.guest !== null).length;
  return Math.max(1, gaps + (closed ? 0 : 1));
}
