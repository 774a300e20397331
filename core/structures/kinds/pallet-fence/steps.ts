import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { ofShape } from '../../../design/shapes/shapes';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { onEdge, palletOf, type PalletFenceValues } from './knobs';

/** Looked at before they are carried; laid out, staked, tied; boards last, so that the line can still be mended. */
function steps({ parts }: Design, v: PalletFenceValues): Listed<StatedStep> {
  const blocks = ofShape(parts, 'block');
  const has = (role: string): boolean => parts.some((part) => part.role === role);
  const sawn = blocks.filter(({ cutMm, role }) => role === 'pallet' && cutMm < onEdge(palletOf(v)).longMm - 1).length;
  return [
    { what: fact('step.allowed') },
    { what: fact('step.marks'), caution: fact('care.pallets') },
    { what: fact('step.line', { pallets: blocks.length }), people: 2 },
    sawn > 0 && { what: fact('step.saw', { sawn }), caution: fact('care.nails') },
    { what: fact('step.stakes', { depth: { mm: v.depth } }), caution: fact('care.driving') },
    { what: fact('step.stand'), people: 2 },
    has('board') && { what: fact('step.boards') },
    has('gate pallet') && { what: fact('step.gate'), people: 2 },
  ];
}

const season = (): Listed<SeasonNote> => [{ on: '03-15', what: fact('season.walk') }];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.allowed': { uses: [] },
  'step.marks': { uses: ['gloves'] },
  'step.line': { uses: ['line', 'pegs', 'tape', 'gloves'] },
  'step.saw': { uses: ['saw', 'tape', 'square', 'goggles', 'gloves'] },
  'step.stakes': { adds: ['stake'], uses: ['driver', 'level', 'gloves', 'goggles', 'muffs'] },
  'step.stand': { adds: ['pallet'], uses: ['pliers', 'level', 'gloves'] },
  'step.boards': { adds: ['board'], uses: ['saw', 'drill', 'level'] },
  'step.gate': { adds: ['gate pallet'], uses: ['pliers', 'gloves'] },
};

export const BUILDING = { steps, doings, season };
