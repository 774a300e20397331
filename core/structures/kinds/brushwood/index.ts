import { feet, inches } from '../../../quantity/length';
import { structureKind } from '../../kind';
import { shortBy } from '../../rules/depth';
import { reachOverBed, ROW_MENDS, ROW_WORDS, withinArm } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { wholeStep } from '../../rules/tidy';
import { BRUSHWOOD_KNOBS, mostHigh } from './knobs';
import { sizeBrushwood } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Sticks with their twigs, as they are cut from a hedge. */
export const kind = structureKind({
  id: 'brushwood',
  name: 'Brushwood',
  blurb: 'Twiggy sticks pushed in along a row: what peas like best, out of the winter hedge where there is one.',
  nature: { tendingMinutes: { leaner: 1, climber: 0.25 }, moves: 'comes apart' },
  purpose: 'support',
  stands: ['bed'],
  knobs: BRUSHWOOD_KNOBS,
  size: sizeBrushwood,
  checks: ({ design, facts }, _v, setting) => [
    ...standChecks(design, setting),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    // The far row of the two is as far off as an arm picks.
    'reach.far': (v, _built, setting) => ({
      rowAt: Math.max(0, Math.min(withinArm(setting).value, setting.armMm - v.beside)),
    }),
    'depth.shallow': () => ({ pushIn: inches(8) }),
    'post.short': (v, { design }, setting) => {
      const height = wholeStep(v.height - shortBy(design), setting.market);
      return height >= inches(12) ? { height } : null;
    },
    'height.low': (v, _built, setting) => ({
      height: Math.min(
        wholeStep(mostHigh(setting, v.pushIn), setting.market),
        Math.max(...setting.planted.map((one) => one.crop.supportToMm)),
      ),
    }),
    'reach.tall': (_v, _built, setting) => ({ height: Math.max(inches(12), Math.min(feet(6), reachOverBed(setting))) }),
    'places.one-more': () => ({ school: 'ends' }),
  },
});
