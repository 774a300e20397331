import type { Listed } from '../../../design/listed';
import { stockOf } from '../../../catalogue/catalogue';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { coverSeason } from '../../rules/covering';
import type { BedSetting } from '../../setting';
import { cutOf, type InsectCageValues } from './size';

/** Cut flat, its ends turned in, rolled up and closed; looked over, set, and the net over it last. */
function steps(_design: Design, v: InsectCageValues, setting: BedSetting): Listed<StatedStep> {
  const { cut, sleeve } = cutOf(v, setting);
  return [
    {
      what: fact(v.lock === 'hooks' ? 'step.cut' : 'step.cut.ties', { links: cut.links, rows: cut.rows }),
      people: 2,
      caution: fact('care.wire'),
    },
    { what: fact('step.legs', { legs: { mm: cut.legsMm } }) },
    { what: fact('step.turn') },
    { what: fact('step.round', { across: { mm: cut.diameterMm } }) },
    {
      what: fact('step.sew', { long: { mm: sleeve.cutMm }, high: { mm: sleeve.highMm }, seam: { mm: v.seam } }),
    },
    { what: fact('step.look') },
    { what: fact('step.set', { apart: { mm: v.apart } }) },
    { what: fact('step.net', { tuck: { mm: v.tuck } }) },
    { what: fact('step.tie') },
  ];
}

function season(_design: Design, v: InsectCageValues, setting: BedSetting): Listed<SeasonNote> {
  const { cut } = cutOf(v, setting);
  return [
    { on: null, what: fact('season.look') },
    ...coverSeason(setting.planted, setting.site, {
      openingMm: stockOf(setting.catalogue, v.net, 'mesh roll').openingMm,
      highMm: cut.overMm,
    }),
    { on: null, what: fact('season.store') },
  ];
}

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.cut': { adds: ['mesh'], uses: ['snips', 'tape', 'gloves', 'goggles'] },
  'step.cut.ties': { adds: ['mesh'], uses: ['snips', 'tape', 'gloves', 'goggles'] },
  'step.legs': { uses: ['snips', 'gloves', 'goggles'] },
  'step.turn': { uses: ['pliers', 'gloves', 'goggles'] },
  'step.round': { joins: ['cage closed'], uses: ['gloves', 'pliers'] },
  'step.sew': { adds: ['net'], uses: ['snips', 'tape', 'needle'] },
  'step.look': { uses: [] },
  'step.set': { uses: ['tape'] },
  'step.net': { uses: [] },
  'step.tie': { joins: ['net tied'], uses: ['snips'] },
};

export const BUILDING = { steps, doings, season };
