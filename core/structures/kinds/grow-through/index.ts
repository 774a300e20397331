import { cropClimbs } from '../../../checks/crop-climbs';
import { cropHeight } from '../../../checks/crop-height';
import { cropLoad } from '../../../checks/crop-load';
import { gridSuits } from '../../../checks/grid-suits';
import { postChecks } from '../../../checks/sets';
import type { Design, Hold } from '../../../design/design';
import { gridReaches } from '../../../checks/grid-reaches';
import { feet, inches } from '../../../quantity/length';
import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { structureKind } from '../../kind';
import { DRIVEN_WORDS, fillUnder, shortBy, throughBedMend } from '../../rules/depth';
import type { Setting } from '../../setting';
import { reachOverBed, ROW_MENDS, ROW_WORDS } from '../../rules/row';
import { inReach, plantedRowChecks } from '../../rules/row-checks';
import { wholeStep } from '../../rules/tidy';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { GROW_THROUGH_KNOBS, mostHigh } from './knobs';
import { sizeGrowThrough } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Built as much lower as the posts are short; null where too little would be left. */
function lower(
  v: { high: number },
  { design }: { design: Design },
  { market }: Pick<Setting, 'market'>,
): { high: number } | null {
  const high = wholeStep(v.high - shortBy(design), market);
  return high >= inches(8) ? { high } : null;
}

/** A level grid that stems grow up through. */
export const kind = structureKind({
  id: 'grow-through',
  name: 'Grid to grow through',
  blurb: 'A level grid on short stakes: dahlias and tall perennials grow up through it and hide it by June.',
  nature: { tendingMinutes: { leaner: 0.25, climber: 1 }, moves: 'comes apart' },
  purpose: 'support',
  stands: ['bed'],
  knobs: GROW_THROUGH_KNOBS,
  size: sizeGrowThrough,
  checks: ({ design, facts }, v, setting) => [
    // What wants a net or wires is told that, of all else whether a grid is for it.
    design.hold && setting.planted.some(({ crop, training }) => crop.habit === 'none' || training.onWires)
      ? cropClimbs({ planted: setting.planted, hold: design.hold })
      : gridSuits(setting),
    ...(design.hold
      ? [cropHeight, cropLoad].map((ask) =>
          ask({ planted: setting.planted, hold: inReach(design.hold as Hold, setting) }),
        )
      : []),
    ...postChecks(design, { soil: setting.soil, wind: setting.wind, fill: fillUnder(setting) }),
    gridReaches({ widthMm: v.width, soldMm: facts.soldMm }),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, TIMBER_WORDS, DRIVEN_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'grid.narrow': (_v, { facts }, setting) => ({ width: wholeStep(facts.soldMm, setting.market) }),
    'depth.shallow': () => ({ depth: LEAST_DRIVEN_MM }),
    // Where none on sale is long enough to go through the bed, it is built lower.
    'depth.bed': (v, built, setting) =>
      shortBy(built.design) > 0 ? lower(v, built, setting) : throughBedMend(LEAST_DRIVEN_MM)(v, built, setting),
    'depth.share': (v) => ({ depth: Math.min(feet(4), Math.ceil(v.high / 2 / inches(1)) * inches(1)) }),
    'post.short': lower,
    'height.low': (v, _built, setting) => ({
      high: Math.max(
        v.high,
        Math.min(mostHigh(setting, v), Math.max(...setting.planted.map((one) => one.crop.supportToMm))),
      ),
    }),
    'reach.tall': (_v, _built, setting) => ({ high: Math.max(inches(8), reachOverBed(setting)) }),
  },
});
