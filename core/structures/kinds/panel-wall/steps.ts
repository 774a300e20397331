import type { Listed } from '../../../design/listed';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import type { PanelWallValues } from './knobs';
import { clearing } from '../../rules/clearing';
import type { Setting } from '../../setting';

/** The order that lets each post be corrected by its neighbours: ends first, then to the line. */
function steps(design: Design, v: PanelWallValues): Listed<StatedStep> {
  const posts = design.posts.length / v.walls;
  const cut = design.reasons.panel?.code !== 'count.panels';
  const lapped = design.parts.filter((part) => part.role === 'panel').length > v.walls;
  const buried = { mm: Math.min(...design.posts.map((post) => post.buriedMm)) };
  return [
    { what: fact('step.line', { row: { mm: design.builtMm } }) },
    { what: fact('step.ends', { depth: buried }), caution: fact('care.driving') },
    posts > 2 && { what: fact('step.between', { posts: (posts - 2) * v.walls }) },
    cut && { what: fact('step.cut-panel'), caution: fact('care.wire-ends') },
    { what: fact('step.hang', { gap: { mm: v.gap } }), people: 2, caution: fact('care.panel') },
    { what: fact('step.fix', { each: v.perPost }) },
    lapped && { what: fact('step.lap') },
    v.fineMesh === 'low' && { what: fact('step.net') },
    { what: fact('step.cap') },
    { what: fact('step.plant') },
  ];
}

const season = (_design: Design, v: PanelWallValues, setting: Setting): Listed<SeasonNote> => [
  { on: null, what: fact('season.tie') },
  (v.fixing === 'tie' || v.fixing === 'uv') && { on: null, what: fact('season.perish') },
  ...clearing(setting, 'season.clear'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
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

export const BUILDING = { steps, doings, season };
