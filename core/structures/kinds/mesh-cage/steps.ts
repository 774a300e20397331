import type { Listed } from '../../../design/listed';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import type { BedSetting } from '../../setting';
import { stockOf } from '../../../catalogue/catalogue';
import { cutCage, type Cut } from '../../rules/girth';
import type { MeshCageValues } from './size';
import { clearing } from '../../rules/clearing';

const cutOf = (v: MeshCageValues, setting: BedSetting): Cut =>
  cutCage(stockOf(setting.catalogue, v.roll, 'mesh roll'), {
    diameterMm: v.diameter,
    heightMm: v.height,
    stakes: v.feet === 'stakes',
    hooks: v.lock === 'hooks',
  });

/** Cut flat, rolled up, closed, set over the plant, staked. */
function steps(_design: Design, v: MeshCageValues, setting: BedSetting): Listed<StatedStep> {
  const cut = cutOf(v, setting);
  return [
    { what: fact('step.unroll', { cages: v.cages, links: cut.links }), people: 2, caution: fact('care.wire') },
    v.openings > 0 && { what: fact('step.windows', { windows: v.openings }) },
    cut.legsMm > 0 && { what: fact('step.legs', { legs: { mm: cut.legsMm } }) },
    { what: fact('step.roll', { across: { mm: cut.diameterMm } }) },
    { what: fact(v.lock === 'hooks' ? 'step.hook' : 'step.ties', { ties: 4 }) },
    { what: fact('step.place', { apart: { mm: v.apart } }) },
    v.stakes > 0 && {
      what: fact('step.rods', { rods: v.stakes, depth: { mm: v.depth } }),
      caution: fact('care.rods'),
    },
  ];
}

const season = (_design: Design, v: MeshCageValues, setting: BedSetting): Listed<SeasonNote> => {
  const cut = cutOf(v, setting);
  return [
    { on: null, what: fact('season.tuck') },
    { on: null, what: fact('season.storm') },
    ...clearing(setting, 'season.store', { room: { mm3: cut.diameterMm ** 2 * cut.overMm } }),
  ];
};

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.unroll': { adds: ['mesh'], uses: ['snips', 'tape', 'gloves', 'goggles'] },
  'step.windows': { uses: ['snips', 'pliers'] },
  'step.legs': { uses: ['snips'] },
  'step.roll': { uses: ['gloves', 'tape'] },
  'step.hook': { joins: ['cage closed'], uses: ['pliers'] },
  'step.ties': { joins: ['cage closed'], uses: ['pliers', 'snips'] },
  'step.place': { uses: ['tape'] },
  'step.rods': { adds: ['rod'], uses: ['mallet', 'pliers', 'goggles'] },
};

export const BUILDING = { steps, doings, season };
