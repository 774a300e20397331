import { PANEL_CHOICE_WORDS } from '../../rules/panel-choice';
import { DEPTH_WORDS } from '../../rules/timber-post';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { ROW_WORDS } from '../../rules/row';
import { FOOTING } from '../../assemblies/footing';
import { leastAPost, PANELS_HUNG } from '../../assemblies/panels';
import { SET_POST } from '../../assemblies/set-post';
import { panelHeld } from '../../../checks/panel-held';
import { panelLean } from '../../../checks/panel-lean';
import { wireTension } from '../../../checks/wire-tension';
import { raiseGap, reachOverBed, ROW_MENDS, topOf } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { feet, inches } from '../../../quantity/length';
import { shortBy } from '../../rules/depth';
import { structureKind } from '../../kind';
import { POST_MENDS } from '../../rules/timber-post';
import { GUYED_WALL_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizeGuyedWall } from './size';
import { BUILDING } from './steps';

/** Welded panels stapled to timber posts that are pulled plumb by guy wires. */
export const kind = structureKind({
  id: 'guyed-wall',
  name: 'Panel wall on timber posts, guyed',
  blurb: 'Panels on posts in concrete, kept plumb by turnbuckles: a wall for the middle of a bed, for good.',
  nature: { tendingMinutes: { leaner: 1.5, climber: 0.5 }, moves: 'stays' },
  purpose: 'support',
  stands: ['bed'],
  knobs: GUYED_WALL_KNOBS,
  size: sizeGuyedWall,
  checks: ({ design, facts }, _v, setting) => [
    ...standChecks(design, setting, facts.spacingMm),
    panelHeld({ leastAPost: leastAPost(design) }),
    panelLean(facts),
    facts.guys && wireTension(facts.guys),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, TIMBER_WORDS, DEPTH_WORDS, PANEL_CHOICE_WORDS, SET_POST, FOOTING, PANELS_HUNG],
  ...WORDS,
  mends: {
    ...POST_MENDS,
    ...ROW_MENDS,
    'spacing.wide': () => ({ postSpacing: feet(8) }),
    'fixing.two': () => ({ staples: 5 }),
    'post.short': (v, { design }) => {
      const missing = shortBy(design);
      return v.gap >= missing ? { gap: inches(Math.floor((v.gap - missing) / inches(1))) } : null;
    },
    'gap.high': (_v, _built, setting) => ({
      gap: Math.min(...setting.planted.filter((one) => one.crop.habit !== 'none').map((one) => one.crop.supportFromMm)),
    }),
    'height.low': raiseGap,
    'reach.tall': (v, { design }, setting) => {
      const over = topOf(design) - reachOverBed(setting);
      return v.gap >= over ? { gap: inches(Math.floor((v.gap - over) / inches(1))) } : null;
    },
    'wire.tight': () => ({ pull: 400 }),
    'places.one-more': () => ({ school: 'ends' }),
  },
});
