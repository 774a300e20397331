import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { ofShape } from '../../../design/shapes/shapes';
import type { Listed } from '../../../design/listed';
import { dayOfYear, monthDayOf } from '../../../site/sun/season';
import { fact } from '../../../wording/say';
import { lidLength } from '../../assemblies/hinged-lid';
import { coverSeason, snowOn } from '../../rules/covering';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import type { ColdFrameValues } from './knobs';

const diagonal = (a: number, b: number): { mm: number } => ({ mm: Math.hypot(a, b) });

/** How thick a wedge is at its thin end. mm. */
const tipOf = ({ parts }: Design): number =>
  ofShape(parts, 'bar')
    .flatMap(({ sawn }) => sawn?.edges[0] ?? [])
    .map(({ lowMm, highMm }) => highMm - lowMm)[0] ?? 0;

/** The box on a flat floor, its wedges, set; lids made, glazed and hung where it stands. */
const steps = (design: Design, v: ColdFrameValues): Listed<StatedStep> => [
  { what: fact('step.cut'), caution: fact('care.cutting') },
  { what: fact('step.wedge', { tip: { mm: tipOf(design) } }), caution: fact('care.wedge') },
  { what: fact('step.box', { diagonal: diagonal(design.builtMm, v.width) }) },
  { what: fact('step.back') },
  { what: fact('step.set'), people: 2 },
  { what: fact('step.lids', { diagonal: diagonal(lidLength(v), v.width) }) },
  v.glazing === 'cover-film' ? { what: fact('step.film') } : { what: fact('step.sheet') },
  { what: fact('step.hinge'), people: 2, caution: fact('care.lid') },
  v.stay === 'prop' && { what: fact('step.prop') },
  { what: fact('step.plant') },
];

/** Frames are opened for good some weeks after the last frost (from memory). Days. */
const HARDENED_AFTER = 21;

function season(design: Design, _v: unknown, setting: BedSetting): Listed<SeasonNote> {
  const highMm = Math.max(...design.parts.filter(({ role }) => role === 'post').map(({ cutMm }) => cutMm));
  return [
    { on: null, what: fact('season.vent') },
    { on: null, what: fact('season.frost') },
    { on: snowOn(setting.site), what: fact('season.snow') },
    {
      on: monthDayOf(dayOfYear(setting.site.lastFrost) + HARDENED_AFTER),
      what: fact('season.summer'),
    },
    ...coverSeason(setting.planted, setting.site, { openingMm: 0, highMm }),
    { on: null, what: fact('season.oil') },
  ];
}

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.cut': { uses: ['saw', 'square', 'tape', 'chalk', 'clamps', 'goggles', 'muffs'] },
  'step.wedge': { uses: ['saw', 'chalk', 'clamps', 'goggles', 'muffs'] },
  'step.box': {
    adds: ['board:board-front', 'board:board-left', 'board:board-right', 'board:board-back', 'post'],
    uses: ['drill', 'square', 'clamps', 'tape'],
  },
  'step.back': { adds: ['wedge', 'cleat', 'board'], uses: ['drill', 'clamps'] },
  'step.set': { uses: ['level', 'spade'] },
  'step.lids': { adds: ['lid strip'], uses: ['drill', 'square', 'clamps', 'tape'] },
  'step.sheet': { adds: ['glazing'], uses: ['knife', 'drill', 'square', 'gloves'] },
  'step.film': { adds: ['glazing'], uses: ['knife', 'hammer'] },
  'step.hinge': { joins: ['lid hinged'], uses: ['drill', 'spacer'] },
  'step.prop': { adds: ['prop'], uses: ['drill'] },
  'step.plant': { uses: ['spade'] },
};

export const BUILDING = { steps, doings, season };
