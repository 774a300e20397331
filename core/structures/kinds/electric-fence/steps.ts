import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { heightsOf, type ElectricFenceValues } from './knobs';

/** Mown, staked, insulators by a notched stick, wires from the top down; earth and unit last, and switched on when all is looked over. */
function steps({ posts, parts }: Design, v: ElectricFenceValues): Listed<StatedStep> {
  const wires = heightsOf(v).length;
  const has = (role: string): boolean => parts.some((part) => part.role === role);
  return [
    { what: fact('step.allowed'), caution: fact('care.rules') },
    { what: fact('step.strip') },
    { what: fact('step.line', { stakes: posts.length }) },
    { what: fact('step.stakes', { depth: { mm: v.depth } }), caution: fact('care.driving') },
    { what: fact('step.rings', { wires }) },
    { what: fact('step.wires', { wires }), people: 2 },
    has('gate wire') && { what: fact('step.gate') },
    has('link wire') && { what: fact('step.link') },
    { what: fact('step.earth'), caution: fact('care.earth') },
    { what: fact('step.unit'), caution: fact('care.unit') },
    { what: fact('step.signs') },
    { what: fact('step.test'), caution: fact('care.shock') },
  ];
}

const season = (): Listed<SeasonNote> => [
  { on: null, what: fact('season.on') },
  { on: null, what: fact('season.grass') },
  { on: null, what: fact('season.test') },
  { on: null, what: fact('season.winter') },
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.allowed': { uses: [] },
  'step.strip': { uses: ['spade'] },
  'step.line': { uses: ['line', 'pegs', 'tape'] },
  'step.stakes': { adds: ['stake'], uses: ['saw', 'mallet', 'level', 'gloves', 'goggles'] },
  'step.rings': { uses: ['tape', 'drill', 'spacer'] },
  'step.wires': { adds: ['wire'], uses: ['knife', 'gloves'] },
  'step.gate': { adds: ['gate wire'], uses: ['knife'] },
  'step.link': { adds: ['link wire'], uses: ['knife', 'pliers'] },
  'step.earth': { adds: ['earth rod'], uses: ['saw', 'mallet', 'gloves', 'goggles', 'muffs'] },
  'step.unit': { adds: ['unit', 'lead'], uses: ['drill', 'knife', 'pliers'] },
  'step.signs': { joins: ['sign on a wire'], uses: [] },
  'step.test': { uses: ['tester'] },
};

export const BUILDING = { steps, doings, season };
