import { bedForTwo } from '../../../checks/bed-for-two';
import { tipping } from '../../../checks/tipping';
import { feet, inches } from '../../../quantity/length';
import { notchOf } from '../../../site/bed';
import { TWINE_WORDS } from '../../assemblies/strings-up';
import { structureKind } from '../../kind';
import { shortBy } from '../../rules/depth';
import { reachOverBed, ROW_MENDS, ROW_WORDS } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { wholeStep } from '../../rules/tidy';
import { CROSSED_CANES_KNOBS, LEAST_APART_MM, mostCrossing, OUTSIDE_MM, stringsAside } from './knobs';
import { sizeCrossedCanes } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Two rows of canes that cross over a ridge. */
export const kind = structureKind({
  id: 'crossed-canes',
  name: 'Crossed canes',
  blurb: 'Two rows of canes crossing over a ridge: for a row of runner beans or peas, in an hour, gone in winter.',
  nature: { tendingMinutes: { leaner: 2.5, climber: 0.5 }, moves: 'comes apart' },
  purpose: 'support',
  stands: ['bed'],
  knobs: CROSSED_CANES_KNOBS,
  size: sizeCrossedCanes,
  checks: ({ design, facts }, _v, setting) => [
    ...standChecks(design, setting),
    tipping(facts.tips),
    bedForTwo({ bed: setting.place.bed, needsMm: LEAST_APART_MM + 2 * OUTSIDE_MM }),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, TWINE_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    // So narrow and so near to one side that an arm picks the far row: behind a notch to the back, else to the front.
    'reach.far': (v, _built, setting) => {
      const { bed } = setting.place;
      const apart = Math.max(LEAST_APART_MM, Math.min(v.apart, setting.armMm - 2 * OUTSIDE_MM));
      const inMm = apart / 2 + OUTSIDE_MM;
      return { apart, rowAt: notchOf(bed) ? bed.widthMm - inMm : inMm };
    },
    'reach.outside': (v, _built, { place: { bed } }) => ({
      apart: Math.max(LEAST_APART_MM, Math.min(v.apart, bed.widthMm - 2 * OUTSIDE_MM - inches(1))),
      rowAt: bed.widthMm / 2,
    }),
    'post.short': (v, { design }, setting) => {
      const height = wholeStep(v.height - shortBy(design) - inches(1), setting.market);
      return height >= feet(2) ? { height, over: inches(4) } : null;
    },
    'depth.shallow': () => ({ pushIn: inches(10) }),
    'tips.narrow': (v) => ({ apart: Math.min(feet(5), Math.ceil((v.height * 0.25) / 10) * 10) }),
    'height.low': (v, _built, setting) => ({
      height: Math.min(
        Math.max(v.height, mostCrossing(setting, v)),
        Math.max(feet(2), ...setting.planted.map((one) => one.crop.supportToMm)),
      ),
    }),
    'reach.tall': (_v, _built, setting) => ({ height: Math.max(feet(2), reachOverBed(setting) - inches(8)) }),
    'mesh.wide': (v, _built, setting) => ({ strings: Math.max(v.strings, stringsAside(setting, v)) }),
    'climb.thick': (v, _built, setting) => ({ strings: Math.max(v.strings, stringsAside(setting, v)) }),
    'places.one-more': () => ({ school: 'ends' }),
  },
});
