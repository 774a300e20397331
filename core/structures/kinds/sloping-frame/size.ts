import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { ascending, chain, soilChain } from '../../../design/chain';
import { placed, type Design, type Station } from '../../../design/design';
import { inches } from '../../../quantity/length';
import { groundAt, onGround } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { driveStake, POINT, type SetPost } from '../../assemblies/set-post';
import { lathsOf, planeOf, raftersOf } from '../../assemblies/sloping-sheet';
import type { Sizing } from '../../kind';
import { acrossBed } from '../../rules/row';
import { equalBays } from '../../rules/spacing';
import { lastingTimber } from '../../rules/timber-knobs';
import type { BedSetting } from '../../setting';
import { BEFORE_MM, mostBack, rollHigh, type SlopingFrameValues } from './knobs';
import { meshOn, stemOver, WASHER_EVERY_MM } from './mesh';

/** Rafters go so far past the stakes at both ends, and lie so far under their tops, to their middles (from memory). mm. */
const PAST_MM = inches(3);
const UNDER_TOP_MM = inches(1);
/** Two screws through a rafter, so far from the middle of the stake along it; laths no farther apart up the slope (from memory). mm. */
const SCREWS_MM = 10;
const LATHS_APART_MM = inches(20);

/** What its own checks and mends ask for. */
export interface SlopingFrameFacts {
  rowsAtMm: readonly number[];
  backMm: number;
}

/** Sizes it: low stakes and high ones, a rafter beside each pair, laths over those, mesh on the laths. */
export function sizeSlopingFrame(v: SlopingFrameValues, setting: BedSetting): Sizing<SlopingFrameFacts> {
  const ground = groundOf(setting.place.bed);
  const of = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const y = acrossBed(v.rowAt, setting);
  const [front, back] = [y - v.deep / 2, y + v.deep / 2];
  // No lower behind than in front.
  const backMm = Math.max(v.back, v.front);
  const stakesAt = equalBays([of.wideMm / 2, v.rowLength - of.wideMm / 2], v.bay);
  const stakes = stakesAt.map((alongMm, i) => {
    const stake = (id: string, across: number, aboveMm: number): SetPost =>
      driveStake({
        id: `stake-${id}-${i + 1}`,
        foot: onGround(ground, alongMm, across),
        aboveMm,
        depthMm: v.depth,
        of,
        set: 'driven',
        point: POINT,
        setting,
      });
    return [stake('front', front, v.front), stake('back', back, backMm)] as const;
  });
  const plane = planeOf(ground, {
    front,
    back,
    frontMm: v.front,
    backMm,
    pastMm: PAST_MM,
    underTopMm: UNDER_TOP_MM + Math.abs(groundAt(ground, of.wideMm / 2 + of.thickMm)),
  });
  const rafters = raftersOf(plane, {
    posts: stakes,
    postsAt: stakesAt,
    postMm: of.wideMm,
    joint: 'rafter to stake',
    screwsMm: SCREWS_MM,
    of,
    setting,
  });
  const lath = stockOf(setting.catalogue, lastingTimber(setting, v.lath), 'timber');
  const meshMm = Math.min(plane.longMm, rollHigh(setting, v));
  const laths = lathsOf(plane, {
    rafters,
    lath,
    of,
    toMm: meshMm,
    apartMm: LATHS_APART_MM,
    rowMm: v.rowLength,
    setting,
  });
  const mesh = meshOn(plane, { v, laths: laths.bars, lath, of, meshMm, setting });
  const rowsAtMm = [front - BEFORE_MM];
  const row = bedRow(setting, v, {
    builtMm: v.rowLength,
    yMm: y,
    topMm: backMm,
    endTopMm: 0,
    rowsAtMm,
    rows: rowsAtMm.map((acrossMm) => ({ acrossMm, side: 'front' as const })),
  });
  const overMm = of.wideMm / 2 + lath.thickMm;
  const stations = row.stations.map((one): Station => ({ ...one, stem: stemOver(plane, one, overMm) }));
  const top = v.front + meshMm;
  return {
    design: placed({
      ...together(
        { parts: stakes.flat() },
        { parts: rafters.map(({ bar }) => bar), joints: rafters.flatMap(({ joints }) => joints) },
        { parts: laths.bars, joints: laths.joints },
        mesh,
        { reasons: reasonsOf(v, laths.ups.length) },
      ),
      ...row,
      stations,
      hold: holdOf(v, setting, top),
      marks: [
        ...row.marks,
        soilChain(ground, 'stakes', stakesAt),
        chain('plan', 'z', 'stakes', [front, back]),
        chain('end', 'x', 'stakes', [front, back], [0, v.deep]),
        chain('end', 'z', 'heights', ascending([0, v.front, backMm])),
      ],
      handles: [
        ...row.handles,
        { knob: 'back', view: 'end', at: [0, back, backMm], axis: 'up' },
        { knob: 'front', view: 'end', at: [0, front, v.front], axis: 'up' },
        { knob: 'deep', view: 'end', at: [0, back, 0], axis: 'right', perMm: 2 },
        { knob: 'depth', view: 'end', at: [0, front, -v.depth], axis: 'up', perMm: -1 },
      ],
    }),
    facts: { rowsAtMm, backMm },
  };
}

const reasonsOf = (v: SlopingFrameValues, laths: number): Design['reasons'] => ({
  stake: fact('count.stakes', { bay: { mm: v.bay } }),
  rafter: fact('count.rafters'),
  lath: fact('count.laths', { laths }),
  mesh: fact('count.mesh'),
  'rafter to stake': fact('count.rafter-screws'),
  'lath to rafter': fact('count.lath-screws'),
  'mesh to lath': fact('count.mesh-washers', { every: { mm: WASHER_EVERY_MM } }),
});

/** What plants lie on and hold on to: as far up their own stems as the mesh goes. mm. */
function holdOf(v: SlopingFrameValues, setting: BedSetting, topMm: number): NonNullable<Design['hold']> {
  const roll = stockOf(setting.catalogue, v.mesh, 'mesh roll');
  const most = mostBack(setting, v);
  return {
    by: 'mesh',
    meshMm: { wide: roll.openingMm, high: roll.stepMm },
    memberMm: roll.wireMm,
    stepMm: Math.max(roll.openingMm, roll.stepMm),
    fineToMm: 0,
    carries: roll.carries,
    startsMm: v.front,
    gapMm: v.front,
    topMm: { least: topMm, most: topMm },
    could: {
      topMm: Math.max(topMm, v.front + Math.hypot(v.deep, Math.max(0, most - v.front))),
      carries: roll.carries === 'heavy' || setting.sizesOf('mesh-cage-60').length > 0 ? 'heavy' : roll.carries,
      net: false,
    },
  };
}
