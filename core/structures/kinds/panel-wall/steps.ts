import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, Step } from '../../kind';
import type { PanelWallValues } from './knobs';
import { clearing } from '../../rules/common-season';
import type { Setting } from '../../setting';

/** The order that lets each post be corrected by its neighbours: ends first, then to the line. */
export function panelWallSteps(design: Design, v: PanelWallValues): Step[] {
  const posts = design.posts.length / v.walls;
  const cut = design.reasons.panel?.code !== 'count.panels';
  const lapped = design.parts.filter((part) => part.role === 'panel').length > v.walls;
  const buried = { mm: Math.min(...design.posts.map((post) => post.buriedMm)) };
  return [
    { what: fact('step.line', { row: { mm: design.builtMm } }), people: 1 },
    { what: fact('step.ends', { depth: buried }), people: 1, caution: fact('care.driving') },
    ...(posts > 2 ? [{ what: fact('step.between', { posts: (posts - 2) * v.walls }), people: 1 } as const] : []),
    ...(cut ? [{ what: fact('step.cut-panel'), people: 1, caution: fact('care.wire-ends') } as const] : []),
    { what: fact('step.hang', { gap: { mm: v.gap } }), people: 2, caution: fact('care.panel') },
    { what: fact('step.fix', { each: v.perPost }), people: 1 },
    ...(lapped ? [{ what: fact('step.lap'), people: 1 } as const] : []),
    ...(v.fineMesh === 'low' ? [{ what: fact('step.net'), people: 1 } as const] : []),
    { what: fact('step.cap'), people: 1 },
    { what: fact('step.plant'), people: 1 },
  ];
}

export const panelWallSeason = (_design: Design, v: PanelWallValues, setting: Setting): SeasonNote[] => [
  { on: null, what: fact('season.tie') },
  ...(v.fixing === 'tie' || v.fixing === 'uv' ? [{ on: null, what: fact('season.perish') }] : []),
  ...clearing(setting, 'season.clear'),
];

/** What each step adds, and what it is done with. */
export const PANEL_WALL_DOINGS: Doings = {
  'step.line': { uses: ['line', 'pegs', 'tape', 'chalk'] },
  'step.ends': { adds: ['post'], uses: ['driver', 'level', 'gloves', 'goggles', 'muffs', 'tape'] },
  'step.between': { uses: ['driver', 'level', 'line level', 'gloves', 'goggles', 'muffs'] },
  'step.cut-panel': { uses: ['cutters', 'tape', 'gloves', 'goggles'] },
  'step.hang': { adds: ['panel', 'line wire'], uses: ['blocks', 'gloves', 'goggles'] },
  'step.fix': { joins: ['panel to post'], uses: ['pliers'] },
  'step.lap': { joins: ['panel to panel'], uses: ['pliers', 'snips'] },
  'step.net': { adds: ['fine mesh'], uses: ['knife'] },
  'step.cap': { uses: ['pliers', 'gloves', 'goggles'] },
  'step.plant': { uses: [] },
};
