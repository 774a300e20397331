import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { dayOfYear, monthDayOf } from '../../../site/sun/season';
import { fact } from '../../../wording/say';
import { clearing } from '../../rules/clearing';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import type { GrowThroughValues } from './knobs';

/** Before anything is a hand high: later no stem finds its mesh. */
function steps(design: Design, v: GrowThroughValues): Listed<StatedStep> {
  const depth = { mm: Math.min(...design.posts.map((post) => post.buriedMm)) };
  return [
    { what: fact('step.mark', { width: { mm: v.width }, every: { mm: v.every } }) },
    { what: fact('step.drive', { depth }), caution: fact('care.driving') },
    { what: fact('step.cut'), caution: fact('care.mesh') },
    { what: fact('step.tie', { high: { mm: v.high } }) },
    { what: fact('step.plant') },
  ];
}

/** Shoots are a hand high by then (from memory). Days after the last frost. */
const OUT_BEFORE = 14;

const season = (_design: Design, _v: unknown, setting: BedSetting): Listed<SeasonNote> => [
  { on: monthDayOf(dayOfYear(setting.site.lastFrost) + OUT_BEFORE), what: fact('season.out') },
  { on: null, what: fact('season.lead') },
  ...clearing(setting, 'season.clear'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.mark': { uses: ['line', 'pegs', 'tape'] },
  'step.drive': { adds: ['stake'], uses: ['mallet', 'level', 'gloves', 'goggles'] },
  'step.cut': { uses: ['snips', 'tape', 'gloves', 'goggles'] },
  'step.tie': { adds: ['grid'], uses: ['pliers', 'tape'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
