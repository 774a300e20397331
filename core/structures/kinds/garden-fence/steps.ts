import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, Step } from '../../kind';
import { waitFor } from '../../rules/footing';
import { looseOf, lowOf, type GardenFenceValues } from './fence';

/** Corners and ends first, then to the line; measured again before anything is cut for a bay; gates hang when all of it stands. */
export function gardenFenceSteps(design: Design, v: GardenFenceValues): Step[] {
  const timber = v.infill !== 'mesh' || v.posts === 'timber';
  const buried = Math.min(...design.posts.map((post) => post.buriedMm));
  const mesh = v.infill === 'mesh';
  return [
    { what: fact('step.allowed'), people: 1 },
    { what: fact('step.line', { posts: design.posts.length, long: { mm: design.builtMm } }), people: 2 },
    ...(timber
      ? ([
          { what: fact('step.set', { depth: { mm: buried } }), people: 2 },
          {
            what: fact(`step.footing.${v.footing}`),
            people: 1,
            ...waitFor(v.footing),
            ...(v.footing === 'tamped' ? {} : { caution: fact('care.cement') }),
          },
          { what: fact('step.between'), people: 1 },
          ...(v.footing === 'tamped' ? [] : [{ what: fact('step.unbrace'), people: 1 } as const]),
        ] as const)
      : ([{ what: fact('step.drive', { depth: { mm: buried } }), people: 1, caution: fact('care.driving') }] as const)),
    ...(mesh && v.dig === 'buried'
      ? [{ what: fact('step.trench', { deep: { mm: v.below } }), people: 1 } as const]
      : []),
    ...(mesh && v.braces === 'braced'
      ? [{ what: fact('step.brace'), people: 1, caution: fact('care.saw') } as const]
      : []),
    { what: fact('step.measure'), people: 1 },
    ...(mesh ? [{ what: fact('step.stretch'), people: 2, caution: fact('care.mesh') } as const] : []),
    ...(looseOf(v) > 0 ? [{ what: fact('step.loose', { loose: { mm: looseOf(v) } }), people: 1 } as const] : []),
    ...(lowOf(v) !== null ? [{ what: fact('step.low'), people: 2 } as const] : []),
    ...(v.infill === 'framed'
      ? [{ what: fact('step.frames'), people: 2, caution: fact('care.grinder') } as const]
      : []),
    ...(v.infill === 'boards' ? [{ what: fact('step.boards'), people: 2, caution: fact('care.saw') } as const] : []),
    ...(mesh && v.dig === 'buried' ? [{ what: fact('step.backfill'), people: 1 } as const] : []),
    ...(mesh && v.dig === 'apron' ? [{ what: fact('step.apron'), people: 1 } as const] : []),
    ...(timber ? [{ what: fact('step.caps'), people: 1 } as const] : []),
  ];
}

export const gardenFenceSeason = (): SeasonNote[] => [{ on: '03-15', what: fact('season.walk') }];

/** What each step adds, and what it is done with. */
export const GARDEN_FENCE_DOINGS: Doings = {
  'step.allowed': { uses: [] },
  'step.line': { uses: ['line', 'pegs', 'tape', 'chalk', 'plumb'] },
  'step.drive': { adds: ['post'], uses: ['driver', 'level', 'gloves', 'goggles', 'muffs'] },
  'step.set': { adds: ['gravel', 'post'], uses: ['hole digger', 'spade', 'level', 'bracing', 'tape'] },
  'step.between': { uses: ['spade', 'level', 'line'] },
  'step.trench': { uses: ['spade'] },
  'step.brace': { adds: ['brace'], uses: ['saw', 'bevel', 'drill', 'tape'] },
  'step.measure': { uses: ['tape'] },
  'step.stretch': { adds: ['mesh'], uses: ['cutters', 'hammer', 'pliers', 'gloves', 'goggles'] },
  'step.loose': { uses: ['gloves'] },
  'step.low': { adds: ['low mesh'], uses: ['snips', 'hammer', 'pliers'] },
  'step.frames': {
    adds: ['frame side', 'mesh'],
    uses: ['saw', 'chisel', 'square', 'drill', 'snips', 'tape', 'goggles', 'gloves'],
  },
  'step.boards': { adds: ['board'], uses: ['saw', 'level', 'drill', 'spacer', 'tape'] },
  'step.backfill': { uses: ['spade'] },
  'step.apron': { adds: ['apron'], uses: ['mallet', 'gloves'] },
  'step.caps': { uses: ['saw', 'line level', 'brush'] },
};
