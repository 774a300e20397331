import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import { clearing } from '../../rules/clearing';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import type { BrushwoodValues } from './knobs';

/** Cut and pointed, pushed in before or just after sowing, trimmed. */
const steps = (_design: Design, v: BrushwoodValues): Listed<StatedStep> => [
  { what: fact('step.point'), caution: fact('care.eyes') },
  { what: fact('step.line', { every: { mm: v.every } }) },
  { what: fact('step.push', { deep: { mm: v.pushIn } }) },
  { what: fact('step.trim', { height: { mm: v.height } }) },
  { what: fact('step.sow', { beside: { mm: v.beside } }) },
];

const season = (_design: Design, _v: unknown, setting: BedSetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.cut') },
  { on: null, what: fact('season.lead') },
  ...clearing(setting, 'season.clear'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.point': { uses: ['knife', 'gloves', 'goggles'] },
  'step.line': { uses: ['line', 'pegs', 'tape'] },
  'step.push': { adds: ['stick'], uses: ['bar', 'gloves'] },
  'step.trim': { uses: ['snips', 'goggles'] },
  'step.sow': { uses: [] },
};

export const BUILDING = { steps, doings, season };
