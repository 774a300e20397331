import type { Listed } from '../../../design/listed';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import type { BedSetting } from '../../setting';
import type { CollarValues } from './knobs';
import { cutOf } from './size';

/** Cut flat, ends turned in, closed, looked over, set. */
function steps(_design: Design, v: CollarValues, setting: BedSetting): Listed<StatedStep> {
  const cut = cutOf(v, setting);
  return [
    {
      what: fact('step.cut', { links: cut.links, high: { mm: cut.overMm + cut.legsMm } }),
      caution: fact('care.wire'),
    },
    { what: fact('step.turn') },
    { what: fact('step.round', { across: { mm: cut.diameterMm } }) },
    { what: fact('step.look') },
    { what: fact('step.set', { apart: { mm: v.apart }, below: { mm: cut.legsMm } }) },
  ];
}

const season = (): Listed<SeasonNote> => [
  { on: null, what: fact('season.weeds') },
  { on: null, what: fact('season.lift') },
  { on: null, what: fact('season.store') },
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.cut': { adds: ['mesh'], uses: ['snips', 'tape', 'gloves', 'goggles'] },
  'step.turn': { uses: ['pliers', 'gloves', 'goggles'] },
  'step.round': { joins: ['collar closed'], uses: ['gloves', 'pliers'] },
  'step.look': { uses: [] },
  'step.set': { uses: ['tape', 'gloves'] },
};

export const BUILDING = { steps, doings, season };
