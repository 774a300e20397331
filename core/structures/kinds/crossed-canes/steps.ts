import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import { clearing } from '../../rules/clearing';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import type { CrossedCanesValues } from './knobs';

/** The two end pairs and the ridge first, then the others into line with them. */
function steps({ parts }: Design, v: CrossedCanesValues): Listed<StatedStep> {
  const of = (role: string): string[] => parts.filter((part) => part.role === role).map(({ id }) => id);
  const canes = of('cane');
  const last = canes.length / 2;
  const ends = canes.filter((id) => id.endsWith('-1') || id.endsWith(`-${last}`));
  const ridge = of('ridge');
  return [
    { what: fact('step.lines', { apart: { mm: v.apart }, every: { mm: v.every }, pairs: last }) },
    {
      what: fact('step.ends', { deep: { mm: v.pushIn }, height: { mm: v.height } }),
      caution: fact('care.eyes'),
      adds: ends,
    },
    {
      what: fact(ridge.length > 1 ? 'step.ridge.laps' : 'step.ridge', { canes: ridge.length }),
      people: 2,
      adds: ridge,
    },
    last > 2 && {
      what: fact('step.pairs', { pairs: last - 2, deep: { mm: v.pushIn } }),
      adds: canes.filter((id) => !ends.includes(id)),
    },
    of('stay').length > 0 && { what: fact('step.stays') },
    v.strings > 0 && { what: fact('step.strings', { strings: v.strings }) },
    { what: fact('step.plant') },
  ];
}

const season = (_design: Design, v: CrossedCanesValues, setting: BedSetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.lead') },
  ...clearing(setting, v.twine === 'natural' ? 'season.compost' : 'season.unpick'),
  ...clearing(setting, 'season.store'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.lines': { uses: ['line', 'pegs', 'tape'] },
  'step.ends': { uses: ['bar', 'level', 'goggles'] },
  'step.ridge': { joins: ['canes lashed'], uses: ['knife'] },
  'step.ridge.laps': { joins: ['canes lashed', 'ridge lapped'], uses: ['knife'] },
  'step.pairs': { uses: ['bar', 'knife'] },
  'step.stays': { adds: ['stay'], joins: ['stay to cane'], uses: ['knife'] },
  'step.strings': { adds: ['string'], uses: ['knife'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
