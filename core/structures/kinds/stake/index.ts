import { feet, inches } from '../../../quantity/length';
import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { structureKind } from '../../kind';
import { DRIVEN_WORDS, letInDepth, shortBy, throughBedMend } from '../../rules/depth';
import { reachOverBed, ROW_MENDS, ROW_WORDS } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { wholeStep } from '../../rules/tidy';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { mostHeight, STAKE_KNOBS } from './knobs';
import { sizeStake } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** A stake and ties: the first support that most gardeners build. */
export const kind = structureKind({
  id: 'stake',
  name: 'Stakes',
  blurb: 'A stake behind each plant and a tie every hand of growth: for a few plants, in a quarter of an hour.',
  nature: { tendingMinutes: { leaner: 2, climber: 1 }, moves: 'comes apart' },
  purpose: 'support',
  stands: ['bed'],
  knobs: STAKE_KNOBS,
  size: sizeStake,
  checks: ({ design, facts }, _v, setting) => [
    ...standChecks(design, setting),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, TIMBER_WORDS, DRIVEN_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'depth.shallow': () => ({ depth: LEAST_DRIVEN_MM }),
    'depth.bed': throughBedMend(LEAST_DRIVEN_MM),
    'depth.share': (v, _built, setting) => ({ depth: Math.min(feet(4), letInDepth(v.height, setting)) }),
    'post.short': (v, { design }, setting) => {
      const height = wholeStep(v.height - shortBy(design), setting.market);
      return height >= feet(1.5) ? { height } : null;
    },
    'height.low': (v, _built, setting) => ({
      height: Math.min(mostHeight(setting, v), Math.max(...setting.planted.map((one) => one.crop.supportToMm))),
    }),
    'reach.tall': (_v, _built, setting) => ({ height: Math.max(feet(1.5), reachOverBed(setting)) }),
    'load.heavy': () => ({ each: 1 }),
    'mesh.wide': () => ({ tieEvery: inches(6) }),
    'places.one-more': () => ({ school: 'ends' }),
  },
});
