import { ROW_AS_STOOD } from '../../rules/as-stood';
import { DRIVEN_WORDS } from '../../rules/depth';
import { PANEL_CHOICE_WORDS } from '../../rules/panel-choice';
import { ROW_WORDS } from '../../rules/row';
import { leastAPost, PANELS_HUNG } from '../../assemblies/panels';
import { SET_POST } from '../../assemblies/set-post';
import { panelHeld } from '../../../checks/panel-held';
import { panelLean } from '../../../checks/panel-lean';
import { raiseGap, reachOverBed, ROW_MENDS, topOf } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { inches } from '../../../quantity/length';
import { buriedShare, LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { shortBy, throughBedMend } from '../../rules/depth';
import type { Design } from '../../../design/design';
import type { Settings } from '../../knob';
import { structureKind } from '../../kind';
import { isOffered } from '../../setting';
import { MOST_ABOVE_MM, PANEL_WALL_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizePanelWall } from './size';
import { MOST_OPEN_GAP_MM } from './wall';
import { BUILDING } from './steps';

/** Posts on sale that are too short carry a lower panel, or let its last mesh stand free of them. */
function standFreer(v: { gap: number; abovePost: number }, { design }: { design: Design }): Settings | null {
  const missing = shortBy(design);
  const above = inches(Math.ceil((v.abovePost + missing) / inches(1)));
  // A finger or two, as soon as that is all.
  if (v.gap < missing || missing <= inches(2)) return above <= MOST_ABOVE_MM ? { abovePost: above } : null;
  return { gap: inches(Math.floor((v.gap - missing) / inches(1))) };
}

/** Welded panels on driven, studded steel posts. */
export const kind = structureKind({
  id: 'panel-wall',
  name: 'Panel wall on driven posts',
  blurb: 'Stiff mesh that carries the heaviest crops for twenty years; up in a morning, nothing to dig.',
  nature: { tendingMinutes: { leaner: 1.5, climber: 0.5 }, moves: 'comes apart' },
  purpose: 'support',
  stands: ['bed'],
  knobs: PANEL_WALL_KNOBS,
  size: sizePanelWall,
  checks: ({ design, facts }, v, setting) => [
    ...standChecks(design, setting, facts.spacingMm),
    panelHeld({ leastAPost: leastAPost(design) }),
    panelLean(facts),
    ...plantedRowChecks(design, setting, facts.rowsAtMm, {
      bothSides: v.sides === 'both',
      apartMm: v.walls > 1 ? v.wallSpacing : Infinity,
    }),
  ],
  ...BUILDING,
  builtOf: [ROW_AS_STOOD, ROW_WORDS, PANEL_CHOICE_WORDS, DRIVEN_WORDS, SET_POST, PANELS_HUNG],
  ...WORDS,
  mends: {
    'spacing.wide': () => ({ postSpacing: inches(96) }),
    'depth.shallow': () => ({ depth: inches(18) }),
    'depth.bed': (v, built, setting) =>
      shortBy(built.design) > 0 ? standFreer(v, built) : throughBedMend(LEAST_DRIVEN_MM)(v, built, setting),
    'depth.share': (_v, { design }, setting) => {
      const share = buriedShare(setting);
      const above = Math.max(...design.posts.map((post) => post.aboveMm));
      return { depth: Math.min(inches(48), inches(Math.ceil((above * share) / (1 - share) / inches(1)))) };
    },
    'post.short': standFreer,
    'height.low': raiseGap,
    'places.one-more': () => ({ school: 'ends' }),
    'sides.both': () => ({ sides: 'one' }),
    'mesh.wide': () => ({ fineMesh: 'low' }),
    'gap.high': (_v, _built, setting) => ({
      gap: Math.min(MOST_OPEN_GAP_MM, ...setting.planted.map((one) => one.crop.gapMm.most)),
    }),
    'fixing.two': () => ({ perPost: 3 }),
    'ties.perish': (v, _built, setting) =>
      v.fixing === 'tie' ? { fixing: isOffered(setting, 'post-clip') ? 'clip' : 'wire' } : null,
    'panel.leans': () => ({ onSlope: 'level' }),
    'walls.close': () => ({ walls: 1 }),
    'reach.tall': (v, { design }, setting) => {
      const over = topOf(design) - reachOverBed(setting);
      return v.gap >= over ? { gap: inches(Math.floor((v.gap - over) / inches(1))) } : null;
    },
    ...ROW_MENDS,
  },
});
