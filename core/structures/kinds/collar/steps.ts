import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, Step } from '../../kind';
import type { BedSetting } from '../../setting';
import type { CollarValues } from './knobs';
import { cutOf } from './size';

/** Cut flat, ends turned in, closed, looked over, set. */
export function collarSteps(_design: Design, v: CollarValues, setting: BedSetting): Step[] {
  const cut = cutOf(v, setting);
  return [
    {
      what: fact('step.cut', { links: cut.links, high: { mm: cut.overMm + cut.legsMm } }),
      people: 1,
      caution: fact('care.wire'),
    },
    { what: fact('step.turn'), people: 1 },
    { what: fact('step.round', { across: { mm: cut.diameterMm } }), people: 1 },
    { what: fact('step.look'), people: 1 },
    { what: fact('step.set', { apart: { mm: v.apart }, below: { mm: cut.legsMm } }), people: 1 },
  ];
}

export const collarSeason = (): SeasonNote[] => [
  { on: null, what: fact('season.weeds') },
  { on: null, what: fact('season.lift') },
  { on: null, what: fact('season.store') },
];

/** What each step adds, and what it is done with. */
export const COLLAR_DOINGS: Doings = {
  'step.cut': { adds: ['mesh'], uses: ['snips', 'tape', 'gloves', 'goggles'] },
  'step.turn': { uses: ['pliers', 'gloves', 'goggles'] },
  'step.round': { joins: ['collar closed'], uses: ['gloves', 'pliers'] },
  'step.look': { uses: [] },
  'step.set': { uses: ['tape', 'gloves'] },
};
