import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import { footingSteps } from '../../assemblies/footing';
import { clearing } from '../../rules/clearing';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import type { BedCanopyValues } from './knobs';

/** The first rafter is the template; posts true and square before anything else; the roof aligned by one person with props. */
const steps = (_design: Design, v: BedCanopyValues): Listed<StatedStep> => [
  { what: fact('step.template'), caution: fact('care.jigsaw') },
  { what: fact('step.boss') },
  { what: fact('step.mark', { long: { mm: v.rowLength }, wide: { mm: v.wide } }) },
  { what: fact('step.dig', { depth: { mm: v.depth + v.gravel } }) },
  { what: fact('step.stand') },
  ...footingSteps(v.footing),
  { what: fact('step.plumb', { height: { mm: v.height } }), caution: fact('care.steps') },
  { what: fact('step.frame') },
  { what: fact('step.prop', { rise: { mm: v.rise } }) },
  { what: fact('step.rafters') },
  v.strings > 0 && { what: fact('step.strings', { strings: v.strings }) },
  { what: fact('step.trim') },
];

const season = (_design: Design, _v: unknown, setting: BedSetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.walk') },
  ...clearing(setting, 'season.clear'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.template': { uses: ['tape', 'saw', 'clamps', 'goggles'] },
  'step.boss': { uses: ['dividers', 'saw', 'clamps', 'goggles'] },
  'step.mark': { uses: ['line', 'pegs', 'tape', 'square'] },
  'step.dig': { adds: ['gravel'], uses: ['hole digger', 'tape'] },
  'step.stand': { adds: ['post'], uses: ['level', 'bracing', 'clamps', 'tape'] },
  'step.plumb': { uses: ['level', 'tape', 'line level', 'saw', 'steps', 'brush'] },
  'step.frame': { adds: ['frame side', 'frame end'], uses: ['clamps', 'level', 'drill', 'steps'] },
  'step.prop': { adds: ['boss'], uses: ['clamps', 'tape', 'steps'] },
  'step.rafters': { adds: ['rafter'], uses: ['drill', 'steps', 'clamps'] },
  'step.strings': { adds: ['string'], uses: ['knife', 'steps'] },
  'step.trim': { uses: ['saw'] },
};

export const BUILDING = { steps, doings, season };
