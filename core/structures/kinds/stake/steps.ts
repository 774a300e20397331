import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { clearing } from '../../rules/clearing';
import type { BedSetting } from '../../setting';
import type { StakeValues } from './knobs';

/** Stakes before plants; the ties come as they grow. */
function steps(design: Design, v: StakeValues): Listed<StatedStep> {
  const depth = { mm: Math.min(...design.posts.map((post) => post.buriedMm)) };
  const first = { mm: Math.min(v.height, v.tieEvery) };
  return [
    { what: fact('step.mark') },
    { what: fact('step.drive', { depth }), caution: fact('care.driving') },
    { what: fact('step.plant') },
    { what: fact('step.tie', { first, every: { mm: v.tieEvery } }) },
  ];
}

const season = (_design: Design, _v: StakeValues, setting: BedSetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.tie') },
  ...clearing(setting, 'season.clear'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.mark': { uses: ['line', 'pegs', 'tape'] },
  'step.drive': { adds: ['stake'], uses: ['mallet', 'level', 'gloves', 'goggles'] },
  'step.plant': { uses: [] },
  'step.tie': { joins: ['stem to stake'], uses: ['knife'] },
};

export const BUILDING = { steps, doings, season };
