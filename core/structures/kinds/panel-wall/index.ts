import { inches } from '../../../quantity/length';
import { buriedShare, shortBy } from '../../rules/depth';
import { structureKind } from '../../kind';
import { ROW_MENDS } from '../../rules/row';
import { PANEL_WALL_KNOBS } from './knobs';
import { PANEL_WALL_PHRASES } from './phrases';
import { MOST_OPEN_GAP_MM, sizePanelWall } from './size';
import { panelWallSeason, panelWallSteps } from './steps';

/** Welded panels on driven, studded steel posts. */
export const panelWall = structureKind({
  id: 'panel-wall',
  name: 'Panel wall on driven posts',
  blurb: 'Stiff mesh that carries the heaviest crops for twenty years; up in a morning, nothing to dig.',
  nature: { tendingMinutes: { leaner: 1.5, climber: 0.5 }, moves: 'comes apart' },
  knobs: PANEL_WALL_KNOBS,
  size: sizePanelWall,
  steps: panelWallSteps,
  season: panelWallSeason,
  phrases: PANEL_WALL_PHRASES,
  mends: {
    'spacing.wide': () => ({ postSpacing: inches(96) }),
    'depth.shallow': () => ({ depth: inches(18) }),
    'depth.share': (_v, design, setting) => {
      const share = buriedShare(setting.bed);
      const above = Math.max(...design.support.posts.map((post) => post.aboveMm));
      return { depth: Math.min(inches(48), inches(Math.ceil((above * share) / (1 - share) / inches(1)))) };
    },
    'post.short': (v, design) => {
      const missing = shortBy(design);
      return v.gap >= missing ? { gap: inches(Math.floor((v.gap - missing) / inches(1))) } : null;
    },
    'places.one-more': () => ({ school: 'ends' }),
    'sides.both': () => ({ sides: 'one' }),
    'mesh.wide': () => ({ fineMesh: 'low' }),
    'gap.high': (_v, _design, setting) => ({
      gap: Math.min(MOST_OPEN_GAP_MM, ...setting.planted.map((one) => one.crop.gapMm.most)),
    }),
    'fixing.two': () => ({ perPost: 3 }),
    'panel.leans': () => ({ onSlope: 'level' }),
    'walls.close': () => ({ walls: 1 }),
    'reach.tall': (v, design, setting) => {
      const over = design.support.topMm.most - setting.reachMm;
      return v.gap >= over ? { gap: inches(Math.floor((v.gap - over) / inches(1))) } : null;
    },
    ...ROW_MENDS,
  },
});
