import { ROW_AS_STOOD } from '../../rules/as-stood';
import { PANEL_CHOICE_WORDS } from '../../rules/panel-choice';
import { DEPTH_WORDS } from '../../rules/timber-post';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { ROW_WORDS } from '../../rules/row';
import { FOOTING } from '../../assemblies/footing';
import { SET_POST } from '../../assemblies/set-post';
import { levelFalls } from '../../../checks/level-falls';
import { meshFixed } from '../../../checks/mesh-fixed';
import { bayFits } from '../../../checks/bay-fits';
import { railsBroken } from '../../../checks/rails-broken';
import { panelCut } from '../../../checks/panel-cut';
import { raiseGap, reachOverBed, ROW_MENDS, topOf } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import type { Bar } from '../../../design/shapes/bar';
import { feet, inches } from '../../../quantity/length';
import { shortBy } from '../../rules/depth';
import { structureKind } from '../../kind';
import { POST_MENDS } from '../../rules/timber-post';
import { LEAST_GAP_MM, RAIL_TRELLIS_KNOBS } from './knobs';
import { WORDS } from './words';
import { bayForTwo } from './rails';
import { sizeRailTrellis } from './size';
import { BUILDING } from './steps';

/** Heavy posts with two rails a side and welded panels between them. */
export const kind = structureKind({
  id: 'rail-trellis',
  name: 'Long rail trellis',
  blurb: 'Heavy posts, level rails and welded panels: built once, for a long row that stays.',
  nature: { tendingMinutes: { leaner: 1.5, climber: 0.5 }, moves: 'stays' },
  purpose: 'support',
  stands: ['bed'],
  knobs: RAIL_TRELLIS_KNOBS,
  size: sizeRailTrellis,
  checks: ({ design, facts }, v, setting) => [
    ...standChecks(design, setting, facts.spacingMm),
    meshFixed({ by: facts.fixedBy }),
    levelFalls({
      fallMm: (design.hold?.topMm.most ?? 0) - (design.hold?.topMm.least ?? 0),
      lowestMm: topOf(design) - (v.gap - LEAST_GAP_MM),
      bedMm: setting.place.bed.heightMm,
      reachMm: setting.reachMm,
    }),
    facts.between && bayFits(facts.between.bay),
    railsBroken(facts.splices),
    facts.between && panelCut(facts.between),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, ROW_AS_STOOD, TIMBER_WORDS, DEPTH_WORDS, PANEL_CHOICE_WORDS, SET_POST, FOOTING],
  ...WORDS,
  mends: {
    ...POST_MENDS,
    ...ROW_MENDS,
    'spacing.wide': (v) => ({ bay: feet(7.5), ...(v.bays === 'centres' ? { bays: 'clear' } : {}) }),
    'post.short': (v, { design }) => {
      const missing = shortBy(design);
      return v.gap - missing >= LEAST_GAP_MM ? { gap: inches(Math.floor((v.gap - missing) / inches(1))) } : null;
    },
    'gap.high': (_v, _built, setting) => ({
      gap: Math.max(
        inches(2),
        Math.min(...setting.planted.filter((one) => one.crop.habit !== 'none').map((one) => one.crop.supportFromMm)),
      ),
    }),
    'height.low': raiseGap,
    'reach.tall': (v, { design }, setting) => {
      const over = topOf(design) - reachOverBed(setting);
      return v.gap - over >= LEAST_GAP_MM ? { gap: inches(Math.floor((v.gap - over) / inches(1))) } : null;
    },
    'bay.narrow': (v) => ({ bays: 'clear', bay: v.bay }),
    'bay.open': () => ({ hang: 'behind' }),
    'rails.all-broken': (v, { design }, setting) => {
      const fits = bayForTwo(
        v,
        setting,
        (design.parts.find((part): part is Bar => part.role === 'post') as Bar).wideMm,
      );
      return {
        ...(v.stagger === 'no' ? { stagger: 'yes' } : {}),
        ...(v.bay > fits && fits >= feet(2) ? { bay: fits } : {}),
      };
    },
    'panel.no-wire': () => ({ cutAt: 'wire' }),
    'fixing.staples': () => ({ fixing: 'screws' }),
    'places.one-more': () => ({ school: 'ends' }),
  },
});
