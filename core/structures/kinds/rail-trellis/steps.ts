import type { Listed } from '../../../design/listed';
import { ofShape } from '../../../design/shapes/shapes';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import { footingSteps } from '../../assemblies/footing';
import type { SeasonNote, StatedStep } from '../../step';
import type { RailTrellisValues } from './knobs';

/** End posts, the line, level along all posts, rails, then everything else cut to what was built. */
function steps(design: Design, v: RailTrellisValues): Listed<StatedStep> {
  const posts = design.posts.length;
  // Panels that stand inside the front rails are screwed on from behind, before the back rails close the slot.
  const slotted = v.hang === 'between' && v.railSides === 'both';
  return [
    { what: fact('step.line', { posts, row: { mm: design.builtMm } }), people: 2 },
    { what: fact('step.dig', { posts, depth: { mm: v.depth + v.gravel }, gravel: { mm: v.gravel } }) },
    { what: fact('step.ends'), people: 2 },
    ...footingSteps(v.footing),
    { what: fact('step.level', { gap: { mm: v.gap } }), people: 2 },
    { what: fact(slotted ? 'step.rails.front' : 'step.rails'), people: 2, caution: fact('care.saw') },
    { what: fact('step.trim', { block: { mm: v.topBlock } }), caution: fact('care.saw') },
    v.caps === 'cap' && { what: fact('step.caps') },
    { what: fact('step.remeasure') },
    { what: fact(slotted ? 'step.panels.inside' : 'step.panels'), people: 2, caution: fact('care.panel') },
    slotted && { what: fact('step.rails.back'), people: 2 },
    ...shelfStep(design),
    { what: fact('step.plant') },
  ];
}

/** How a panel is split into shelf strips, and how far they stand over the rails on each side. */
function shelfStep(design: Design): Listed<StatedStep> {
  const shelf = ofShape(design.parts, 'sheet').find(({ role }) => role === 'shelf');
  if (!shelf) return [];
  const edges = ofShape(design.parts, 'bar').flatMap(({ role, from, thickMm }) =>
    role === 'rail' ? [from[1] - thickMm / 2, from[1] + thickMm / 2] : [],
  );
  const over = Math.max(0, (shelf.heightMm - (Math.max(...edges) - Math.min(...edges))) / 2);
  const values = { wide: { mm: shelf.heightMm }, over: { mm: over } };
  return [{ what: fact('step.shelves', values), caution: fact('care.panel') }];
}

const season = (): Listed<SeasonNote> => [
  { on: null, what: fact('season.tie') },
  { on: null, what: fact('season.storm') },
  { on: null, what: fact('season.oil') },
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.line': { uses: ['line', 'pegs', 'tape', 'chalk', 'plumb'] },
  'step.dig': { adds: ['gravel'], uses: ['hole digger', 'tape'] },
  'step.ends': { adds: ['post'], uses: ['level', 'bracing', 'line', 'spacer'] },
  'step.level': { uses: ['line level', 'tape', 'chalk'] },
  'step.rails': { adds: ['rail'], uses: ['saw', 'tape', 'drill', 'clamps', 'spacer', 'goggles', 'muffs'] },
  'step.rails.front': {
    adds: ['rail:rail-front'],
    uses: ['saw', 'tape', 'drill', 'clamps', 'spacer', 'goggles', 'muffs'],
  },
  'step.rails.back': { adds: ['rail:rail-back'], uses: ['saw', 'tape', 'drill', 'clamps', 'spacer'] },
  'step.trim': { uses: ['saw', 'square', 'spacer', 'chalk', 'steps'] },
  'step.caps': { joins: ['cap on post'], uses: ['hammer'] },
  'step.remeasure': { uses: ['tape'] },
  'step.panels.inside': { adds: ['panel'], uses: ['cutters', 'drill', 'gloves', 'goggles'] },
  'step.panels': { adds: ['panel'], uses: ['cutters', 'drill', 'gloves', 'goggles'] },
  'step.shelves': { adds: ['shelf'], uses: ['cutters', 'hammer', 'gloves', 'goggles'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
