import type { Listed } from '../../../design/listed';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Standing } from '../../../design/standing';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { footingSteps } from '../../assemblies/footing';
import { paredOff } from './boards';
import { looseOf, lowOf, type GardenFenceValues } from './fence';

/** Corners and ends first, then to the line; measured again before anything is cut for a bay; gates hang when all of it stands. */
function steps(design: Design, v: GardenFenceValues): Listed<StatedStep> {
  const timber = v.infill !== 'mesh' || v.posts === 'timber';
  const driven = design.posts.filter((post) => post.set === 'driven');
  const gates = timber ? [] : design.posts.filter((post) => post.set !== 'driven');
  const deep = (posts: readonly Standing[]) => ({ mm: Math.min(...posts.map((post) => post.buriedMm)) });
  const mesh = v.infill === 'mesh';
  const pared = paredOff(design);
  return [
    { what: fact('step.allowed') },
    { what: fact('step.line', { posts: design.posts.length, long: { mm: design.builtMm } }), people: 2 },
    timber && { what: fact('step.set', { depth: deep(design.posts) }), people: 2 },
    ...(timber ? footingSteps(v.footing).toSpliced(1, 0, { what: fact('step.between') }) : []),
    gates.length > 0 && {
      what: fact('step.gate-posts', { posts: gates.length, depth: deep(gates) }),
      adds: gates.map(({ id }) => id),
      people: 2,
    },
    ...(gates.length > 0 ? footingSteps(v.footing) : []),
    // Between two gates alone none is driven.
    !timber &&
      driven.length > 0 && {
        what: fact('step.drive', { depth: deep(driven) }),
        caution: fact('care.driving'),
      },
    mesh && v.dig === 'buried' && { what: fact('step.trench', { deep: { mm: v.below } }) },
    design.parts.some((part) => part.role === 'brace') && { what: fact('step.brace'), caution: fact('care.saw') },
    { what: fact('step.measure') },
    mesh && { what: fact('step.stretch'), people: 2, caution: fact('care.mesh') },
    looseOf(v) > 0 && { what: fact('step.loose', { loose: { mm: looseOf(v) } }) },
    lowOf(v) !== null && { what: fact('step.low'), people: 2 },
    v.infill === 'framed' && { what: fact('step.frames'), people: 2, caution: fact('care.grinder') },
    pared.posts > 0 && {
      what: fact('step.pare', { posts: pared.posts, off: { mm: pared.mm } }),
      caution: fact('care.chisel'),
    },
    v.infill === 'boards' && { what: fact('step.boards'), people: 2, caution: fact('care.saw') },
    v.infill === 'hurdles' && { what: fact('step.hurdles'), people: 2, caution: fact('care.hurdles') },
    v.infill === 'pickets' && { what: fact('step.rails'), people: 2, caution: fact('care.saw') },
    v.infill === 'pickets' && {
      what: fact(v.topLine === 'straight' ? 'step.pickets' : 'step.pickets.curve', { gap: { mm: v.picketGap } }),
      caution: fact('care.saw'),
    },
    mesh && v.dig === 'buried' && { what: fact('step.backfill') },
    mesh && v.dig === 'apron' && { what: fact('step.apron') },
    (timber || gates.length > 0) && { what: fact('step.caps') },
  ];
}

const season = (): Listed<SeasonNote> => [{ on: '03-15', what: fact('season.walk') }];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.allowed': { uses: [] },
  'step.line': { uses: ['line', 'pegs', 'tape', 'chalk', 'plumb'] },
  'step.drive': { adds: ['post'], uses: ['driver', 'level', 'gloves', 'goggles', 'muffs'] },
  'step.set': { adds: ['gravel', 'post'], uses: ['hole digger', 'spade', 'level', 'bracing', 'tape'] },
  'step.gate-posts': { adds: ['gravel'], uses: ['hole digger', 'spade', 'level', 'bracing', 'tape'] },
  'step.between': { uses: ['spade', 'level', 'line'] },
  'step.trench': { uses: ['spade'] },
  'step.brace': { adds: ['brace'], uses: ['saw', 'bevel', 'drill', 'tape'] },
  'step.measure': { uses: ['tape'] },
  'step.stretch': { adds: ['mesh'], uses: ['cutters', 'hammer', 'drill', 'pliers', 'gloves', 'goggles'] },
  'step.loose': { uses: ['gloves'] },
  'step.low': { adds: ['low mesh'], uses: ['snips', 'hammer', 'drill', 'pliers'] },
  'step.frames': {
    adds: ['frame side', 'mesh'],
    uses: ['saw', 'chisel', 'square', 'drill', 'snips', 'tape', 'goggles', 'gloves'],
  },
  'step.pare': { uses: ['chisel', 'mallet', 'square', 'goggles'] },
  'step.hurdles': { adds: ['hurdle'], uses: ['pliers', 'level', 'blocks', 'gloves', 'goggles'] },
  'step.rails': { adds: ['rail'], uses: ['saw', 'level', 'drill', 'tape'] },
  'step.pickets': { adds: ['picket'], uses: ['saw', 'drill', 'spacer', 'line'] },
  'step.pickets.curve': { adds: ['picket'], uses: ['saw', 'drill', 'spacer', 'line', 'tape'] },
  'step.boards': { adds: ['board'], uses: ['saw', 'level', 'drill', 'spacer', 'tape'] },
  'step.backfill': { uses: ['spade'] },
  'step.apron': { adds: ['apron'], uses: ['mallet', 'gloves'] },
  'step.caps': { uses: ['saw', 'line level', 'brush'] },
};

export const BUILDING = { steps, doings, season };
