import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { ofShape } from '../../../design/shapes/shapes';
import type { Listed } from '../../../design/listed';
import { dayOfYear, monthDayOf } from '../../../site/sun/season';
import { fact } from '../../../wording/say';
import { coverSeason } from '../../rules/covering';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import type { ClocheValues } from './knobs';
import { tentsOf } from './size';

/** Leaves flat on the ground, glazed and hinged; set over the row, pegged, closed. */
function steps(design: Design, v: ClocheValues): Listed<StatedStep> {
  const leafMm = ofShape(design.parts, 'sheet').find(({ role }) => role === 'glazing')?.heightMm ?? 0;
  const { longMm } = tentsOf(v);
  return [
    { what: fact('step.cut'), caution: fact('care.cutting') },
    { what: fact('step.leaves', { diagonal: { mm: Math.hypot(longMm, leafMm) } }) },
    { what: fact('step.hinge') },
    { what: fact('step.soil') },
    { what: fact('step.set', { width: { mm: v.width } }), people: 2 },
    { what: fact('step.ends') },
  ];
}

/** It comes off for good some weeks after the last frost (from memory). Days. */
const OFF_AFTER = 14;

const season = (_design: Design, v: ClocheValues, setting: BedSetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.air') },
  { on: monthDayOf(dayOfYear(setting.site.lastFrost) + OFF_AFTER), what: fact('season.summer') },
  ...coverSeason(setting.planted, setting.site, { openingMm: 0, highMm: v.high }),
  { on: null, what: fact('season.storm') },
  { on: null, what: fact('season.store') },
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.cut': { uses: ['saw', 'square', 'tape', 'clamps', 'goggles', 'muffs'] },
  'step.leaves': {
    adds: ['leaf strip', 'glazing', 'front glazing'],
    uses: ['drill', 'square', 'tape', 'knife', 'gloves'],
  },
  'step.hinge': { joins: ['ridge hinged'], uses: ['drill'] },
  'step.soil': { uses: ['spade'] },
  'step.set': { joins: ['foot pegged'], uses: ['mallet', 'tape'] },
  'step.ends': { adds: ['end sheet'], uses: ['knife', 'square', 'drill', 'gloves'] },
};

export const BUILDING = { steps, doings, season };
