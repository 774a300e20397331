import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import { clearing } from '../../rules/clearing';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import type { SlopingFrameValues } from './knobs';

/** Stakes in two lines, rafters beside them, laths across, mesh last. */
function steps({ posts }: Design, v: SlopingFrameValues): Listed<StatedStep> {
  const depth = { mm: Math.min(...posts.map((post) => post.buriedMm)) };
  return [
    { what: fact('step.lines', { deep: { mm: v.deep }, stakes: posts.length / 2 }) },
    {
      what: fact('step.drive', { depth, front: { mm: v.front }, back: { mm: Math.max(v.front, v.back) } }),
      caution: fact('care.driving'),
    },
    { what: fact('step.rafters'), people: 2, caution: fact('care.saw') },
    { what: fact('step.laths') },
    { what: fact('step.mesh'), people: 2, caution: fact('care.mesh') },
    { what: fact('step.plant') },
  ];
}

const season = (_design: Design, _v: SlopingFrameValues, setting: BedSetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.lead') },
  { on: null, what: fact('season.below') },
  ...clearing(setting, 'season.clear'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.lines': { uses: ['line', 'pegs', 'tape'] },
  'step.drive': { adds: ['stake'], uses: ['mallet', 'level', 'line', 'gloves', 'goggles'] },
  'step.rafters': { adds: ['rafter'], uses: ['saw', 'clamps', 'drill', 'bevel', 'goggles'] },
  'step.laths': { adds: ['lath'], uses: ['saw', 'drill', 'tape'] },
  'step.mesh': { adds: ['mesh'], uses: ['cutters', 'drill', 'gloves', 'goggles'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
