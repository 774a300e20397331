import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { chain, soilChain } from '../../../design/chain';
import { placed, plantsOf, type Joint } from '../../../design/design';
import { add } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { onGround } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { driveStake, POINT, type SetPost } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import { acrossBed } from '../../rules/row';
import type { BedSetting } from '../../setting';
import { mostHeight, type StakeValues } from './knobs';

/** A stake stands so far behind the stems; the first tie is so high, the last so far below its top; twine for one (from memory). mm. */
const BEHIND_MM = inches(3);
const FIRST_TIE_MM = inches(8);
const BELOW_TOP_MM = inches(2);
const TIE_MM = inches(18);

/** What its own checks and mends ask for. */
export interface StakeFacts {
  rowsAtMm: readonly number[];
}

/** Sizes the stakes: one behind each plant of a row, or behind the middle of several, and the ties of each. */
export function sizeStake(v: StakeValues, setting: BedSetting): Sizing<StakeFacts> {
  const ground = groundOf(setting.place.bed);
  const of = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const y = acrossBed(v.rowAt, setting);
  const row = bedRow(setting, v, {
    builtMm: v.rowLength,
    yMm: y,
    topMm: v.height,
    rows: [{ acrossMm: y, side: 'in line' }],
  });
  const planned = plantsOf(row);
  const plantsAt = (planned.length > 0 ? planned : row.stations).map((one) => one.alongMm);
  const groups = Array.from({ length: Math.ceil(plantsAt.length / v.each) }, (_, i) =>
    plantsAt.slice(i * v.each, (i + 1) * v.each),
  );
  const behind = groups.map((group) => ((group[0] ?? 0) + (group.at(-1) ?? 0)) / 2);
  const stakesAt = behind.length > 0 ? behind : [v.rowLength / 2];
  const stakes = stakesAt.map((at, i) =>
    driveStake({
      id: `stake-${i + 1}`,
      foot: onGround(ground, at, y + BEHIND_MM),
      aboveMm: v.height,
      depthMm: v.depth,
      of,
      set: 'driven',
      point: POINT,
      setting,
    }),
  );
  const ties = Math.max(1, Math.floor((v.height - BELOW_TOP_MM - FIRST_TIE_MM) / v.tieEvery + 1e-6) + 1);
  const tiesUp = Array.from({ length: ties }, (_, n) => Math.min(v.height, FIRST_TIE_MM + n * v.tieEvery));
  const joints = stakes.map((stake, i): Joint => ({
    id: `ties-${i + 1}`,
    kind: 'stem to stake',
    places: tiesUp.map((up) => add(stake.to, [0, -of.thickMm / 2, up - v.height])),
    parts: [stake.id],
    fixings: [{ stock: 'twine-natural', count: ties * (groups[i]?.length ?? 1), eachMm: TIE_MM }],
  }));
  // A stem that is tied all the way up may be loaded, on a stake of its own; vines, never (common practice, no source).
  const tied = setting.planted.every(({ crop }) => crop.grips === null);
  const carries = tied ? 'heavy' : 'medium';
  const [first] = stakes as [SetPost];
  return {
    design: placed({
      parts: stakes,
      joints,
      ...row,
      hold: {
        by: 'poles',
        meshMm: null,
        memberMm: of.thickMm,
        stepMm: v.tieEvery,
        fineToMm: 0,
        carries: v.each === 1 ? carries : 'medium',
        startsMm: 0,
        gapMm: 0,
        topMm: { least: v.height, most: v.height },
        could: { topMm: mostHeight(setting, v), carries, net: false },
      },
      reasons: {
        stake: fact(v.each === 1 ? 'count.stakes' : 'count.shared', { each: v.each }),
        'stem to stake': fact('count.ties', { ties, every: { mm: v.tieEvery } }),
      },
      marks: [
        ...row.marks,
        soilChain(ground, 'stakes', stakesAt),
        chain('elevation', 'z', 'heights', [-first.buriedMm, 0, v.height]),
      ],
      handles: [
        ...row.handles,
        { knob: 'height', view: 'elevation', at: first.to, axis: 'up' },
        { knob: 'depth', view: 'end', at: [0, y, -v.depth], axis: 'up', perMm: -1 },
      ],
    }),
    facts: { rowsAtMm: [y] },
  };
}
