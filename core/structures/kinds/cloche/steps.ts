import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { dayOfYear, monthDayOf } from '../../../site/sun/season';
import { fact } from '../../../wording/say';
import { coverSeason } from '../../rules/covering';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import type { ClocheValues } from './knobs';
import { tentsOf } from './size';
import { leaningOf } from './tent';

/** Leaves flat on the ground, glazed and hinged; set over the row, pegged, closed. */
function steps(design: Design, v: ClocheValues, setting: BedSetting): Listed<StatedStep> {
  const strip = design.parts.find(({ role }) => role === 'leaf strip');
  const { thickMm } = setting.catalogue.stock(strip?.stock ?? '') as { thickMm: number };
  const { leafMm } = leaningOf({ widthMm: v.width, highMm: v.high, thickMm });
  const { longMm } = tentsOf(v);
  return [
    { what: fact('step.cut'), caution: fact('care.cutting') },
    { what: fact('step.leaves', { diagonal: { mm: Math.hypot(longMm, leafMm) } }) },
    { what: fact('step.sheet') },
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
  'step.leaves': { adds: ['leaf strip'], uses: ['drill', 'square', 'tape'] },
  'step.sheet': { adds: ['glazing', 'front glazing'], uses: ['knife', 'drill', 'square', 'gloves'] },
  'step.hinge': { joins: ['ridge hinged'], uses: ['drill'] },
  'step.soil': { uses: ['spade'] },
  'step.set': { joins: ['foot pegged'], uses: ['mallet', 'tape'] },
  'step.ends': { adds: ['end sheet'], uses: ['knife', 'square', 'drill', 'gloves'] },
};

export const BUILDING = { steps, doings, season };
