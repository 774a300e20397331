import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { ROW_WORDS } from '../../rules/row';
import { FOLDING_PAIR } from '../../assemblies/folding-pair';
import { roomOf } from '../../../site/bed';
import { leastSpread } from '../../rules/leaves';
import { tipping } from '../../../checks/tipping';
import { leafLong } from '../../../checks/leaf-long';
import { bedForTwo } from '../../../checks/bed-for-two';
import { folding } from '../../../checks/folding';
import { inTheMiddle, reachOverBed, ROW_MENDS } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { feet, inches } from '../../../quantity/length';
import { structureKind } from '../../kind';
import { A_FRAME_KNOBS, BETWEEN_MM, MOST_LEAF_MM } from './knobs';
import { WORDS } from './words';
import { sizeAFrame, STEM_OUT_MM } from './size';
import { BUILDING } from './steps';

/** Two slatted or meshed leaves that fold flat for the winter. */
export const kind = structureKind({
  id: 'a-frame',
  name: 'Hinged A-frame',
  blurb: 'Two leaves that fold flat: twelve feet of vine over four feet of bed, and nothing to dig.',
  nature: { tendingMinutes: { leaner: 2, climber: 0.5 }, moves: 'folds' },
  purpose: 'support',
  stands: ['bed'],
  knobs: A_FRAME_KNOBS,
  size: sizeAFrame,
  checks: ({ design, facts }, v, setting) => [
    ...standChecks(design, setting),
    tipping(facts.tips),
    bedForTwo({ bed: setting.place.bed, needsMm: leastSpread(v.leaf) + 2 * STEM_OUT_MM }),
    leafLong({ leafMm: v.leaf, mostMm: MOST_LEAF_MM }),
    folding(facts.folds),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, TIMBER_WORDS, FOLDING_PAIR],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'row.past-bed': (v, _built, setting) => {
      const { lengthMm } = roomOf(setting.place.bed);
      const width = Math.min(v.width, lengthMm);
      return {
        rowLength: lengthMm,
        width: Math.max(feet(1.5), width),
        frames: Math.max(1, Math.floor((lengthMm + 0.5) / (width + BETWEEN_MM))),
      };
    },
    'reach.outside': (_v, _built, setting) => {
      const { widthMm } = roomOf(setting.place.bed);
      return widthMm - inches(5) >= feet(1)
        ? { rowAt: inTheMiddle(setting).value, spread: inches(Math.floor((widthMm - inches(4)) / inches(1))) }
        : null;
    },
    'tips.narrow': (v) => ({ spread: leastSpread(v.leaf) }),
    'mesh.wide': () => ({ infill: 'mesh' }),
    'climb.thick': () => ({ infill: 'mesh' }),
    'mesh.narrow': () => ({ infill: 'slats', gauge: inches(4.5) }),
    'load.heavy': (v) => ({ infill: 'slats', ...(v.leaf > MOST_LEAF_MM ? { leaf: MOST_LEAF_MM } : {}) }),
    'reach.tall': (v, { design }, setting) => {
      const over = (design.hold?.topMm.most ?? 0) - reachOverBed(setting);
      return over > 0 && v.leaf - over >= feet(3) ? { leaf: v.leaf - over } : null;
    },
    'leaf.long': () => ({ leaf: MOST_LEAF_MM }),
    // A longer leaf up to 6′, or feet closer together: never a leaf that is heavy to fold.
    'height.low': (v) => ({
      ...(v.leaf < MOST_LEAF_MM ? { leaf: MOST_LEAF_MM } : {}),
      spread: Math.min(v.spread, leastSpread(Math.max(v.leaf, MOST_LEAF_MM))),
    }),
    'places.one-more': () => ({ school: 'ends' }),
  },
});
