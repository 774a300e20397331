import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import { clearing } from '../../rules/clearing';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';

/** Nothing is built: it is looked over, measured, planted. */
const steps = (): Listed<StatedStep> => [
  { what: fact('step.look'), caution: fact('care.old') },
  { what: fact('step.measure') },
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
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
