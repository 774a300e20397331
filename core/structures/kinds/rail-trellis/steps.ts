import { ofShape } from '../../../design/shapes/shapes';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import { waitFor } from '../../rules/footing';
import type { SeasonNote, Step } from '../../kind';
import type { RailTrellisValues } from './knobs';

/** End posts, the line, level along all posts, rails, then everything else cut to what was built. */
export function railTrellisSteps(design: Design, v: RailTrellisValues): Step[] {
  const posts = design.posts.length;
  // Panels that stand inside the front rails are screwed on from behind, before the back rails close the slot.
  const slotted = v.hang === 'between' && v.railSides === 'both';
  const cement = v.footing === 'tamped' ? {} : { caution: fact('care.cement') };
  return [
    { what: fact('step.line', { posts, row: { mm: design.builtMm } }), people: 2 },
    { what: fact('step.dig', { posts, depth: { mm: v.depth + v.gravel }, gravel: { mm: v.gravel } }), people: 1 },
    { what: fact('step.ends'), people: 2 },
    { what: fact(`step.footing.${v.footing}`), people: 1, ...waitFor(v.footing), ...cement },
    ...(v.footing === 'tamped' ? [] : [{ what: fact('step.unbrace'), people: 1 } as const]),
    { what: fact('step.level', { gap: { mm: v.gap } }), people: 2 },
    { what: fact(slotted ? 'step.rails.front' : 'step.rails'), people: 2, caution: fact('care.saw') },
    { what: fact('step.trim', { block: { mm: v.topBlock } }), people: 1, caution: fact('care.saw') },
    ...(v.caps === 'cap' ? [{ what: fact('step.caps'), people: 1 } as const] : []),
    { what: fact('step.remeasure'), people: 1 },
    { what: fact(slotted ? 'step.panels.inside' : 'step.panels'), people: 2, caution: fact('care.panel') },
    ...(slotted ? [{ what: fact('step.rails.back'), people: 2 } as const] : []),
    ...shelfStep(design),
    { what: fact('step.plant'), people: 1 },
  ];
}

/** How a panel is split into shelf strips, and how far they stand over the rails on each side. */
function shelfStep(design: Design): Step[] {
  const shelf = ofShape(design.parts, 'sheet').find(({ role }) => role === 'shelf');
  if (!shelf) return [];
  const edges = ofShape(design.parts, 'bar').flatMap(({ role, from, thickMm }) =>
    role === 'rail' ? [from[1] - thickMm / 2, from[1] + thickMm / 2] : [],
  );
  const over = Math.max(0, (shelf.heightMm - (Math.max(...edges) - Math.min(...edges))) / 2);
  const values = { wide: { mm: shelf.heightMm }, over: { mm: over } };
  return [{ what: fact('step.shelves', values), people: 1, caution: fact('care.panel') }];
}

export const railTrellisSeason = (): SeasonNote[] => [
  { on: null, what: fact('season.tie') },
  { on: null, what: fact('season.storm') },
  { on: null, what: fact('season.oil') },
];

/** What each step adds, and what it is done with. */
export const RAIL_TRELLIS_DOINGS: Doings = {
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
