import type { Listed } from '../../../design/listed';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import type { WovenFrameValues } from './knobs';
import { clearing } from '../../rules/clearing';
import type { Setting } from '../../setting';

/** Frames on a flat table, squared by their diagonals; nails; stood up; woven last. */
function steps(design: Design, v: WovenFrameValues): Listed<StatedStep> {
  const pair = v.form === 'pair';
  const braced = design.parts.some((part) => part.role === 'brace');
  return [
    { what: fact('step.cut'), caution: fact('care.saw') },
    {
      what: fact('step.square', {
        high: { mm: v.height },
        wide: { mm: v.width },
        diagonal: { mm: Math.hypot(v.height, v.width) },
      }),
    },
    braced && { what: fact('step.brace') },
    { what: fact('step.nails'), caution: fact('care.nails') },
    pair
      ? { what: fact('step.join', { spread: { mm: v.spread } }), people: 2 }
      : { what: fact('step.stakes', { deep: { mm: v.stakes } }), people: 2, caution: fact('care.driving') },
    { what: fact('step.weave') },
    { what: fact('step.plant') },
  ];
}

const season = (_design: Design, _v: unknown, setting: Setting): Listed<SeasonNote> => [
  ...clearing(setting, 'season.thread'),
  ...clearing(setting, 'season.store'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.cut': { uses: ['saw', 'chisel', 'square', 'tape', 'goggles', 'muffs'] },
  'step.square': { adds: ['frame side'], uses: ['tape', 'square', 'drill'] },
  'step.brace': { adds: ['brace'], uses: ['saw', 'bevel', 'drill'] },
  'step.nails': { joins: ['nail in frame'], uses: ['dividers', 'drill', 'hammer', 'tape'] },
  'step.join': { joins: ['frames joined', 'foot to ground'], uses: ['drill', 'tape', 'mallet'] },
  'step.stakes': { adds: ['stake'], uses: ['mallet', 'level', 'drill'] },
  'step.weave': { adds: ['thread'], uses: ['knife'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
