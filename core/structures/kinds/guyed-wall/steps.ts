import type { Listed } from '../../../design/listed';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import { footingSteps } from '../../assemblies/footing';
import type { SeasonNote, StatedStep } from '../../step';
import type { GuyedWallValues } from './size';
import { clearing } from '../../rules/clearing';
import type { Setting } from '../../setting';

/** Posts first, in concrete and braced until it is hard; guys before the panels are stapled. */
function steps(design: Design, v: GuyedWallValues): Listed<StatedStep> {
  const posts = design.posts.length;
  const has = (role: string): boolean => design.parts.some((part) => part.role === role);
  return [
    { what: fact('step.line', { posts, row: { mm: design.builtMm } }) },
    { what: fact('step.dig', { posts, depth: { mm: v.depth + v.gravel } }) },
    { what: fact('step.stand'), people: 2 },
    ...footingSteps(v.footing),
    { what: fact('step.trim'), caution: fact('care.saw') },
    has('guy wire') && { what: fact('step.guys', { pull: { newtons: v.pull } }), caution: fact('care.wire') },
    { what: fact('step.hang', { gap: { mm: v.gap } }), people: 2, caution: fact('care.panel') },
    { what: fact('step.staple', { staples: v.staples }) },
    has('cane') && { what: fact('step.canes'), caution: fact('care.canes') },
    { what: fact('step.plant') },
  ];
}

const season = (design: Design, _v: unknown, setting: Setting): Listed<SeasonNote> => [
  { on: null, what: fact('season.tie') },
  design.parts.some((part) => part.role === 'guy wire') && { on: null, what: fact('season.guys') },
  ...clearing(setting, 'season.canes'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.line': { uses: ['line', 'pegs', 'tape', 'chalk', 'plumb'] },
  'step.dig': { adds: ['gravel'], uses: ['hole digger', 'tape'] },
  'step.stand': { adds: ['post'], uses: ['level', 'bracing', 'line'] },
  'step.trim': { uses: ['line level', 'saw', 'brush', 'steps'] },
  'step.guys': { adds: ['guy wire'], uses: ['drill', 'bar', 'pliers', 'snips', 'level', 'gloves', 'goggles'] },
  'step.hang': { adds: ['panel'], uses: ['blocks', 'gloves', 'goggles'] },
  'step.staple': { joins: ['panel to post'], uses: ['hammer', 'pliers'] },
  'step.canes': { adds: ['cane'], uses: ['knife', 'goggles'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
