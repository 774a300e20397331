import type { Listed } from '../../../design/listed';
import { stockOf } from '../../../catalogue/catalogue';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { coverSeason } from '../../rules/covering';
import type { BedSetting } from '../../setting';
import { liftOf, type FlatCoverValues } from './size';

/** What grows, looked over; the cover last. */
const steps = (_design: Design, v: FlatCoverValues): Listed<StatedStep> => [
  { what: fact('step.rake') },
  { what: fact('step.look') },
  { what: fact('step.lay'), people: 2 },
  v.held === 'rim'
    ? { what: fact('step.nails', { every: { mm: v.every } }), caution: fact('care.nails') }
    : { what: fact(v.held === 'pegs' ? 'step.pegs' : 'step.weights') },
];

function season(_design: Design, v: FlatCoverValues, setting: BedSetting): Listed<SeasonNote> {
  return [
    ...coverSeason(setting.planted, setting.site, {
      ...stockOf(setting.catalogue, v.cover, 'mesh roll'),
      highMm: liftOf(v.width, v.slack / 100),
    }),
    { on: null, what: fact('season.storm') },
    { on: null, what: fact('season.store') },
  ];
}

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.rake': { uses: ['spade'] },
  'step.look': { uses: [] },
  'step.lay': { adds: ['cover'], uses: ['snips', 'tape'] },
  'step.pegs': { joins: ['edge held'], uses: ['mallet'] },
  'step.nails': { joins: ['edge held'], uses: ['hammer', 'tape', 'goggles'] },
  'step.weights': { joins: ['edge held'], uses: ['spade'] },
};

export const BUILDING = { steps, doings, season };
