import type { Listed } from '../../../design/listed';
import { stockOf } from '../../../catalogue/catalogue';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { coverSeason, snowOn } from '../../rules/covering';
import { footingSteps } from '../../assemblies/footing';
import type { BedSetting } from '../../setting';
import type { WalkInCageValues } from './knobs';

/** Posts, rails, mesh low down, wires, door; nets last. */
function steps({ posts, builtMm, walls }: Design, v: WalkInCageValues): Listed<StatedStep> {
  const wideMm = 2 * Math.abs(walls?.[0]?.[1] ?? 0);
  return [
    {
      what: fact('step.line', {
        long: { mm: builtMm },
        wide: { mm: wideMm },
        diagonal: { mm: Math.hypot(builtMm, wideMm) },
      }),
      people: 2,
    },
    { what: fact('step.dig', { posts: posts.length, depth: { mm: v.depth + v.gravel } }) },
    { what: fact('step.stand'), people: 2 },
    ...footingSteps(v.footing),
    { what: fact('step.trim', { height: { mm: v.height } }), people: 2, caution: fact('care.saw') },
    { what: fact('step.rails'), people: 2, caution: fact('care.cutting') },
    ...(v.low === 'none'
      ? []
      : ([{ what: fact('step.trench', { below: { mm: v.below } }) }, { what: fact('step.low'), people: 2 }] as const)),
    { what: fact('step.wires', { pull: { newtons: v.pull } }), caution: fact('care.wire') },
    { what: fact('step.door'), people: 2 },
    { what: fact('step.sides'), people: 2 },
    { what: fact('step.roof'), people: 2, caution: fact('care.ladder') },
    { what: fact('step.inside') },
  ];
}

const season = (_design: Design, v: WalkInCageValues, setting: BedSetting): Listed<SeasonNote> => [
  ...coverSeason(setting.planted, setting.site, {
    ...stockOf(setting.catalogue, v.net, 'mesh roll'),
    highMm: v.height - setting.place.bed.heightMm,
  }),
  { on: snowOn(setting.site), what: fact('season.snow') },
  { on: null, what: fact('season.back') },
  { on: null, what: fact('season.holes') },
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.line': { uses: ['line', 'pegs', 'tape', 'chalk', 'plumb'] },
  'step.dig': { adds: ['gravel'], uses: ['hole digger', 'tape'] },
  'step.stand': { adds: ['post'], uses: ['level', 'bracing', 'line'] },
  'step.trim': { uses: ['line level', 'saw', 'brush', 'steps'] },
  'step.rails': {
    adds: ['top rail', 'low rail', 'lintel'],
    uses: ['saw', 'square', 'drill', 'clamps', 'tape', 'steps'],
  },
  'step.trench': { uses: ['spade'] },
  'step.low': { adds: ['low mesh'], uses: ['hammer', 'snips', 'spade', 'gloves', 'goggles'] },
  'step.wires': { adds: ['roof wire'], uses: ['drill', 'bar', 'pliers', 'snips', 'steps', 'gloves', 'goggles'] },
  'step.door': {
    adds: ['stile', 'rail', 'brace', 'door net', 'door mesh'],
    uses: ['saw', 'chisel', 'square', 'drill', 'clamps', 'hammer', 'snips', 'spacer', 'goggles', 'gloves'],
  },
  'step.sides': { adds: ['side net'], uses: ['hammer', 'knife', 'steps'] },
  'step.roof': { adds: ['roof net'], uses: ['hammer', 'knife', 'steps'] },
  'step.inside': { uses: [] },
};

export const BUILDING = { steps, doings, season };
