import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { ascending, chain, soilChain } from '../../../design/chain';
import { placed, type Hold, type Joint } from '../../../design/design';
import { flatBase, sheetOf } from '../../../design/shapes/sheet';
import { add, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { onGround, wayAlong } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { driveStake, POINT, type SetPost } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import { acrossBed } from '../../rules/row';
import { equalBays } from '../../rules/spacing';
import { plantUnder, rowsOf } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import { mostHigh, STAKE_OVER_MM, type GrowThroughValues } from './knobs';

/** A tie takes so much; stems stand so far inside its edges (from memory). mm. */
const TIE_MM = inches(10);
const INSIDE_MM = inches(3);

/** What its own checks and mends ask for. */
export interface GrowThroughFacts {
  rowsAtMm: readonly number[];
  /** The width of the roll its grid is cut from. mm. */
  soldMm: number;
}

/** The heights of the grids over the soil, the lower first. mm. */
const levelsOf = (v: GrowThroughValues): number[] => (v.levels === 2 ? [v.high / 2, v.high] : [v.high]);

/** Sizes the grid: level mesh tied to pairs of short stakes, plants in rows that come up through it. */
export function sizeGrowThrough(v: GrowThroughValues, setting: BedSetting): Sizing<GrowThroughFacts> {
  const { bed } = setting.place;
  const ground = groundOf(bed);
  const of = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const roll = stockOf(setting.catalogue, v.mesh, 'mesh roll');
  const y = acrossBed(v.rowAt, setting);
  const half = v.width / 2;
  const stakesAt = equalBays([of.wideMm / 2, v.rowLength - of.wideMm / 2], v.every);
  const stakes = stakesAt.flatMap((along, i) =>
    ([-1, 1] as const).map((side) =>
      driveStake({
        id: `stake-${side < 0 ? 'front' : 'back'}-${i + 1}`,
        // Outside the grid, against its edge wire.
        foot: onGround(ground, along, y + side * (half + of.thickMm / 2)),
        aboveMm: v.high + STAKE_OVER_MM,
        depthMm: v.depth,
        of,
        set: 'driven',
        point: POINT,
        setting,
      }),
    ),
  );
  const grids = levelsOf(v).map((up, i) => {
    const corner = add(onGround(ground, 0, y - half), [0, 0, up]);
    return sheetOf({
      id: `grid-${i + 1}`,
      role: 'grid',
      of: roll,
      base: flatBase(corner, wayAlong(ground), v.rowLength),
      up: [0, 1, 0],
      heightMm: v.width,
    });
  });
  const joints = grids.flatMap((grid, g) =>
    stakes.map((stake): Joint => {
      const up = levelsOf(v)[g] as number;
      const inwards = Math.sign(y - stake.to[1]);
      const place: Point = [
        stake.to[0],
        stake.to[1] + (inwards * of.thickMm) / 2,
        stake.to[2] - STAKE_OVER_MM - (v.high - up),
      ];
      return {
        id: `${grid.id}-${stake.id}`,
        kind: 'grid to stake',
        by: 'tied',
        places: [place],
        parts: [grid.id, stake.id],
        fixings: [{ stock: v.tied, count: 1, eachMm: TIE_MM }],
      };
    }),
  );
  const stations = plantUnder({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: v.rowLength,
    acrossMm: y,
    wideMm: Math.max(1, v.width - 2 * INSIDE_MM),
    bed,
    armMm: setting.armMm,
  });
  const rowsAtMm = rowsOf(stations, y);
  const row = bedRow(setting, v, { builtMm: v.rowLength, yMm: y, topMm: v.high, rowsAtMm, stations });
  const lowMm = levelsOf(v)[0] ?? v.high;
  const [first] = stakes as [SetPost];
  return {
    design: placed({
      parts: [...stakes, ...grids],
      joints,
      ...row,
      hold: {
        by: 'mesh',
        meshMm: { wide: roll.openingMm, high: roll.stepMm },
        memberMm: roll.wireMm,
        stepMm: roll.openingMm,
        fineToMm: 0,
        carries: 'medium',
        startsMm: lowMm,
        gapMm: 0,
        topMm: { least: v.high, most: v.high },
        could: { topMm: Math.max(v.high, mostHigh(setting, v)), carries: 'medium', net: false },
      } satisfies Hold,
      reasons: {
        stake: fact('count.stakes', { every: { mm: v.every } }),
        grid: fact('count.grids', { levels: v.levels }),
        'grid to stake': fact('count.ties'),
      },
      marks: [
        ...row.marks,
        soilChain(ground, 'stakes', stakesAt),
        chain('end', 'z', 'grids', ascending([0, ...levelsOf(v)])),
        chain('plan', 'z', 'across', [y - half, y + half]),
      ],
      handles: [
        ...row.handles,
        { knob: 'high', view: 'end', at: [0, y - half, v.high], axis: 'up' },
        { knob: 'width', view: 'end', at: [0, y + half, v.high / 2], axis: 'right', perMm: 2 },
        { knob: 'depth', view: 'elevation', at: [first.from[0], first.from[1], -v.depth], axis: 'up', perMm: -1 },
      ],
    }),
    facts: { rowsAtMm, soldMm: roll.heightMm },
  };
}
