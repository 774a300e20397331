import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import { clearing } from '../../rules/clearing';
import type { BedSetting } from '../../setting';
import type { StandingValues } from './knobs';
import type { SeasonNote, StatedStep } from '../../step';

/** Nothing is built but a net that is hung on it: it is looked over, measured, planted. */
const steps = (_design: Design, v: StandingValues): Listed<StatedStep> => [
  { what: fact('step.look'), caution: fact('care.old') },
  { what: fact('step.measure') },
  v.net !== 'none' && { what: fact('step.net') },
  { what: fact('step.plant') },
];

const season = (_design: Design, _v: unknown, setting: BedSetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.shake') },
  { on: null, what: fact('season.owner') },
  ...clearing(setting, 'season.clear'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.look': { adds: ['post', 'mesh', 'wire', 'slat'], uses: ['gloves'] },
  'step.measure': { uses: ['tape'] },
  'step.net': { adds: ['net'], uses: ['snips'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
