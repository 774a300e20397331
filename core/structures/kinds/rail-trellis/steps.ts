import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import { waitFor } from '../../rules/footing';
import type { SeasonNote, Step } from '../../kind';
import type { RailTrellisValues } from './knobs';

/** End posts, the line, level along all posts, rails, then everything else cut to what was built. */
export function railTrellisSteps(design: Design, v: RailTrellisValues): Step[] {
  const posts = design.posts.length;
  const cement = v.footing === 'tamped' ? {} : { caution: fact('care.cement') };
  return [
    { what: fact('step.locate'), people: 1, caution: fact('care.services') },
    { what: fact('step.line', { posts, row: { mm: design.builtMm } }), people: 2 },
    { what: fact('step.dig', { posts, depth: { mm: v.depth + v.gravel }, gravel: { mm: v.gravel } }), people: 1 },
    { what: fact('step.ends'), people: 2 },
    { what: fact(`step.footing.${v.footing}`), people: 1, ...waitFor(v.footing), ...cement },
    { what: fact('step.level', { gap: { mm: v.gap } }), people: 2 },
    { what: fact('step.rails'), people: 2, caution: fact('care.saw') },
    { what: fact('step.trim', { block: { mm: v.topBlock } }), people: 1, caution: fact('care.saw') },
    ...(v.caps === 'cap' ? [{ what: fact('step.caps'), people: 1 } as const] : []),
    { what: fact('step.remeasure'), people: 1 },
    { what: fact('step.panels'), people: 2, caution: fact('care.panel') },
    ...(design.parts.some((part) => part.role === 'shelf')
      ? [{ what: fact('step.shelves'), people: 1, caution: fact('care.panel') } as const]
      : []),
    { what: fact('step.plant'), people: 1 },
  ];
}

export const railTrellisSeason = (): SeasonNote[] => [
  { on: null, what: fact('season.tie') },
  { on: null, what: fact('season.storm') },
  { on: null, what: fact('season.oil') },
];
