import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import { footingSteps } from '../../assemblies/footing';
import { coverSeason, snowOn } from '../../rules/covering';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import type { RainRoofValues } from './knobs';

/** Both lines of posts set and held, rafters, laths, braces; film on a still day. */
const steps = ({ posts, parts }: Design, v: RainRoofValues): Listed<StatedStep> => [
  { what: fact('step.lines', { deep: { mm: v.deep }, posts: posts.length / 2 }) },
  { what: fact('step.dig', { depth: { mm: v.depth + v.gravel } }) },
  { what: fact('step.posts', { front: { mm: v.front }, back: { mm: Math.max(v.front, v.back) } }), people: 2 },
  ...footingSteps(v.footing),
  { what: fact('step.rafters'), people: 2, caution: fact('care.saw') },
  parts.some(({ role }) => role === 'brace') && { what: fact('step.braces') },
  { what: fact('step.laths'), people: 2, caution: fact('care.steps') },
  { what: fact('step.film'), people: 2, caution: fact('care.wind') },
  { what: fact('step.plant') },
];

const season = (_design: Design, v: RainRoofValues, setting: BedSetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.water') },
  { on: null, what: fact('season.storm') },
  { on: snowOn(setting.site), what: fact('season.film-off') },
  ...coverSeason(setting.planted, setting.site, { openingMm: Infinity, highMm: v.front, isWire: true }),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.lines': { uses: ['line', 'pegs', 'tape'] },
  'step.dig': { uses: ['hole digger', 'tape'] },
  'step.posts': { adds: ['gravel', 'post'], uses: ['level', 'bracing', 'line', 'steps'] },
  'step.rafters': { adds: ['rafter'], uses: ['saw', 'clamps', 'drill', 'bevel', 'steps', 'goggles'] },
  'step.braces': { adds: ['brace'], uses: ['saw', 'bevel', 'drill', 'clamps'] },
  'step.laths': { adds: ['lath'], uses: ['saw', 'drill', 'tape', 'steps'] },
  'step.film': { adds: ['film'], uses: ['knife', 'hammer', 'steps'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
