import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import { waitFor } from '../../rules/footing';
import type { SeasonNote, Step } from '../../kind';
import type { GuyedWallValues } from './size';
import { clearing } from '../../rules/common-season';
import type { Setting } from '../../setting';

/** Posts first, in concrete and braced until it is hard; guys before the panels are stapled. */
export function guyedWallSteps(design: Design, v: GuyedWallValues): Step[] {
  const posts = design.posts.length;
  const has = (role: string): boolean => design.parts.some((part) => part.role === role);
  return [
    { what: fact('step.line', { posts, row: { mm: design.builtMm } }), people: 1 },
    { what: fact('step.dig', { posts, depth: { mm: v.depth + v.gravel } }), people: 1 },
    { what: fact('step.stand'), people: 2 },
    {
      what: fact(`step.footing.${v.footing}`),
      people: 1,
      ...waitFor(v.footing),
      ...(v.footing === 'tamped' ? {} : { caution: fact('care.cement') }),
    },
    ...(v.footing === 'tamped' ? [] : [{ what: fact('step.unbrace'), people: 1 } as const]),
    { what: fact('step.trim'), people: 1, caution: fact('care.saw') },
    ...(has('guy wire')
      ? [{ what: fact('step.guys', { pull: v.pull }), people: 1, caution: fact('care.wire') } as const]
      : []),
    { what: fact('step.hang', { gap: { mm: v.gap } }), people: 2, caution: fact('care.panel') },
    { what: fact('step.staple', { staples: v.staples }), people: 1 },
    ...(has('cane') ? [{ what: fact('step.canes'), people: 1, caution: fact('care.canes') } as const] : []),
    { what: fact('step.plant'), people: 1 },
  ];
}

export const guyedWallSeason = (design: Design, _v: unknown, setting: Setting): SeasonNote[] => [
  { on: null, what: fact('season.tie') },
  ...(design.parts.some((part) => part.role === 'guy wire') ? [{ on: null, what: fact('season.guys') }] : []),
  ...clearing(setting, 'season.canes'),
];

/** What each step adds, and what it is done with. */
export const GUYED_WALL_DOINGS: Doings = {
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
