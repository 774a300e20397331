import { ROW_AS_STOOD } from '../../rules/as-stood';
import { DRIVEN_WORDS } from '../../rules/depth';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { ROW_WORDS } from '../../rules/row';
import { SET_POST } from '../../assemblies/set-post';
import { reachOverBed, ROW_MENDS } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { feet, inches } from '../../../quantity/length';
import { LEAST_DRIVEN_MM, LET_IN_MM } from '../../../statics/embedment';
import { letInDepth, shortBy, throughBedMend } from '../../rules/depth';
import { structureKind } from '../../kind';
import { mostHeight, WEAVE_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizeWeave } from './size';
import { BUILDING } from './steps';

/** Posts, and twine that is woven along both sides as the plants grow. */
export const kind = structureKind({
  id: 'weave',
  name: 'Post-and-twine weave',
  blurb: 'Posts and twine: the least money for a long row, and a quarter of an hour every week.',
  nature: { tendingMinutes: { leaner: 1, climber: 0.5 }, moves: 'comes apart' },
  purpose: 'support',
  stands: ['bed'],
  knobs: WEAVE_KNOBS,
  size: sizeWeave,
  checks: ({ design, facts }, _v, setting) => [
    ...standChecks(design, setting, facts.spacingMm),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, ROW_AS_STOOD, TIMBER_WORDS, DRIVEN_WORDS, SET_POST],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'spacing.wide': () => ({ postSpacing: feet(8) }),
    'depth.shallow': (v) => ({ depth: v.posts === 'steel' ? LEAST_DRIVEN_MM : LET_IN_MM }),
    'depth.bed': (v, built, setting) =>
      throughBedMend(v.posts === 'steel' ? LEAST_DRIVEN_MM : LET_IN_MM)(v, built, setting),
    'depth.share': (v, _built, setting) => ({ depth: Math.min(feet(4), letInDepth(v.height, setting)) }),
    'post.short': (v, { design }) => {
      const missing = shortBy(design);
      return v.height - missing >= feet(2) ? { height: inches(Math.floor((v.height - missing) / inches(1))) } : null;
    },
    'height.low': (v, _built, setting) => ({
      height: Math.min(
        reachOverBed(setting),
        mostHeight(setting, v.posts === 'steel', v.depth),
        Math.max(...setting.planted.map((one) => one.crop.supportToMm)),
      ),
    }),
    'reach.tall': (_v, _built, setting) => ({ height: Math.max(feet(2), reachOverBed(setting)) }),
    'gap.high': (_v, _built, setting) => ({
      firstPass: Math.max(
        inches(1),
        Math.min(
          inches(8),
          ...setting.planted.filter((one) => one.crop.habit !== 'none').map((one) => one.crop.supportFromMm),
        ),
      ),
    }),
    'mesh.wide': () => ({ way: 'ladder', passEvery: inches(3), firstPass: inches(3) }),
    'load.heavy': () => ({ postSpacing: feet(6), way: 'sandwich' }),
    'places.one-more': () => ({ school: 'ends' }),
  },
});
