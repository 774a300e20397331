import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { ofShape } from '../../../design/shapes/shapes';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import { LITRES_A_PLANT, runnersOf, WET_MIX_KG_L } from '../../rules/potting';
import { woodKg } from '../../rules/weights';
import type { SeasonNote, StatedStep } from '../../step';
import { hasTrellis, isHeld, type PlanterBoxValues } from './knobs';

const litresIn = ({ parts }: Design): number => ofShape(parts, 'fill').reduce((sum, { litres }) => sum + litres, 0);

/** Both long sides flat, with their bearers; the ends between them; slats, carried empty to its place, clothed, filled, planted. */
const steps = (design: Design, v: PlanterBoxValues): Listed<StatedStep> => [
  { what: fact('step.cut'), caution: fact('care.cutting') },
  { what: fact('step.sides') },
  { what: fact('step.ends', { diagonal: { mm: Math.hypot(v.long, v.width) } }), people: 2 },
  hasTrellis(v) && { what: fact('step.trellis', { every: { mm: v.lathEvery } }) },
  { what: fact('step.slats') },
  {
    what: fact('step.stand'),
    people: 2,
    caution: fact('care.weight', { wet: { kg: woodKg(design.parts) + litresIn(design) * WET_MIX_KG_L } }),
  },
  isHeld(v) && { what: fact('step.brackets') },
  { what: fact('step.lining') },
  { what: fact('step.fill', { mix: { mm3: litresIn(design) * 1e6 } }) },
  hasTrellis(v) && v.strings > 0 && { what: fact('step.string', { strings: v.strings }) },
  { what: fact('step.plant') },
];

const season = (design: Design): Listed<SeasonNote> => [
  {
    on: null,
    what: fact('season.water', {
      water: { mm3: Math.max(1, design.stations.filter(({ spare }) => !spare).length) * LITRES_A_PLANT * 1e6 },
    }),
  },
  { on: null, what: fact('season.top') },
  { on: null, what: fact('season.feed') },
  { on: null, what: fact('season.winter') },
  { on: null, what: fact('season.oil') },
  ...runnersOf(design.stations),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.cut': { uses: ['saw', 'square', 'tape', 'chalk', 'clamps', 'goggles', 'muffs'] },
  'step.sides': {
    adds: ['post', 'board:board-front', 'board:board-back', 'bearer'],
    uses: ['drill', 'square', 'clamps', 'tape'],
  },
  'step.ends': { adds: ['board'], uses: ['drill', 'square', 'clamps', 'tape'] },
  'step.slats': { adds: ['slat'], uses: ['drill', 'spacer'] },
  'step.trellis': { adds: ['upright', 'lath'], uses: ['drill', 'spacer', 'level', 'tape'] },
  'step.string': { adds: ['string'], uses: ['knife'] },
  'step.stand': { uses: ['level', 'gloves'] },
  'step.lining': { adds: ['lining'], uses: ['knife', 'tacker', 'hammer'] },
  'step.fill': { adds: ['mix'], uses: ['barrow', 'gloves'] },
  'step.plant': { joins: ['planted'], uses: ['gloves'] },
};

export const BUILDING = { steps, doings, season };
