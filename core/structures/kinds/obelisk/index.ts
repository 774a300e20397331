import { bedForTwo } from '../../../checks/bed-for-two';
import { tipping } from '../../../checks/tipping';
import { feet, inches } from '../../../quantity/length';
import { STRINGS_UP } from '../../assemblies/strings-up';
import { structureKind } from '../../kind';
import { reachOverBed, ROW_WORDS } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { wholeStep } from '../../rules/tidy';
import { mostHeight, OBELISK_KNOBS, OUTSIDE_MM, stringsAside } from './knobs';
import { sizeObelisk } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Across its feet at the least, with a plant on both sides (from memory). mm. */
const LEAST_ACROSS_MM = inches(8) + 2 * OUTSIDE_MM;

/** Four legs to a point, with rungs: for flowers and beans, in the middle of a bed. */
export const kind = structureKind({
  id: 'obelisk',
  name: 'Obelisk and pillar',
  blurb: 'Four legs and rungs to a cap: a tower for sweet peas, clematis or a few beans that is handsome bare.',
  nature: { tendingMinutes: { leaner: 2, climber: 0.5 }, moves: 'comes apart' },
  purpose: 'support',
  stands: ['bed'],
  knobs: OBELISK_KNOBS,
  size: sizeObelisk,
  checks: ({ design, facts }, _v, setting) => [
    ...standChecks(design, setting),
    tipping(facts.tips),
    bedForTwo({ bed: setting.place.bed, needsMm: LEAST_ACROSS_MM }),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, TIMBER_WORDS, STRINGS_UP],
  ...WORDS,
  mends: {
    'depth.shallow': () => ({ pushIn: inches(8) }),
    'post.short': (v, { design }, setting) => {
      const short = Math.max(0, ...design.posts.map((post) => post.shortMm));
      const height = wholeStep(v.height - short - inches(1), setting.market);
      return height >= feet(3) ? { height } : null;
    },
    'tips.narrow': (v) => ({ foot: Math.min(feet(4), Math.ceil((v.height * 0.22) / 10) * 10) }),
    'height.low': (v, _built, setting) => ({
      height: Math.min(
        mostHeight(setting, v),
        Math.max(feet(3), ...setting.planted.map((one) => one.crop.supportToMm)),
      ),
    }),
    'reach.tall': (_v, _built, setting) => ({ height: Math.max(feet(3), reachOverBed(setting)) }),
    'mesh.wide': (v, _built, setting) => ({ strings: stringsAside(setting, v) }),
    'climb.thick': (v, _built, setting) => ({ strings: stringsAside(setting, v) }),
    // As narrow as it takes to be picked from the front, and as near to it.
    'reach.far': (_v, _built, setting) => {
      const foot = Math.max(inches(8), Math.min(inches(18), setting.armMm - 2 * OUTSIDE_MM));
      return { foot, across: foot / 2 + OUTSIDE_MM };
    },
    'reach.outside': (_v, _built, setting) => ({ across: setting.place.bed.widthMm / 2 }),
    'row.past-bed': (_v, _built, setting) => ({ along: setting.place.bed.lengthMm / 2 }),
  },
});
