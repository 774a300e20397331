import { bedForTwo } from '../../../checks/bed-for-two';
import { grainRuns, LEAST_GRAIN } from '../../../checks/grain-runs';
import { feet } from '../../../quantity/length';
import { FOOTING } from '../../assemblies/footing';
import { SET_POST } from '../../assemblies/set-post';
import { STRINGS_UP } from '../../assemblies/strings-up';
import { structureKind } from '../../kind';
import { shortBy } from '../../rules/depth';
import { ROW_MENDS, ROW_WORDS } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { wholeStep } from '../../rules/tidy';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { DEPTH_WORDS, POST_MENDS } from '../../rules/timber-post';
import { curveIn, grainShare } from './curve';
import { BED_CANOPY_KNOBS, mostHeight, stringsAlong } from './knobs';
import { sizeBedCanopy } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Four posts on a bed, a frame round their tops and four curved rafters under a boss. */
export const kind = structureKind({
  id: 'bed-canopy',
  name: 'Bed canopy',
  blurb:
    'Four posts on a bed and four curved rafters that meet over it: for flowers and vines that are to be looked at.',
  nature: { tendingMinutes: { leaner: 1, climber: 0.5 }, moves: 'stays' },
  purpose: 'support',
  stands: ['bed'],
  knobs: BED_CANOPY_KNOBS,
  size: sizeBedCanopy,
  checks: ({ design, facts }, v, setting) => [
    bedForTwo({ bed: setting.place.bed, needsMm: v.wide }),
    ...standChecks(design, setting),
    grainRuns(facts),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, TIMBER_WORDS, DEPTH_WORDS, SET_POST, FOOTING, STRINGS_UP],
  ...WORDS,
  mends: {
    ...POST_MENDS,
    ...ROW_MENDS,
    // As much of the swing as leaves a little more than the grain that is asked for.
    'grain.short': (v, { facts }) => {
      const swings = [0.8, 0.6, 0.4, 0.2].map((share) => v.swing * share);
      return { swing: swings.find((one) => grainShare(curveIn(facts.boardMm, one)) >= 1.2 * LEAST_GRAIN) ?? 0 };
    },
    'height.low': (v, _built, setting) => ({
      height: Math.min(
        mostHeight(setting, v),
        Math.max(feet(3), ...setting.planted.map((one) => one.crop.supportToMm)),
      ),
    }),
    'reach.tall': (v, _built, setting) => ({
      height: Math.max(feet(3), wholeStep(mostHeight(setting, v), setting.market)),
    }),
    'post.short': (v, { design }, setting) => {
      const height = wholeStep(v.height - shortBy(design), setting.market);
      return height >= feet(3) ? { height } : null;
    },
    'mesh.wide': (v, _built, setting) => ({ strings: stringsAlong(setting, v) }),
    'climb.thick': (v, _built, setting) => ({ strings: stringsAlong(setting, v) }),
    'places.one-more': () => ({ school: 'ends' }),
  },
});
