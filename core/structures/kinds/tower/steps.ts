import type { Doings } from '../../../building/tools';
import { stockOf } from '../../../catalogue/catalogue';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { takesPosts } from '../../../site/underfoot';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { LITRES_A_PLANT, runnersOf } from '../../rules/potting';
import { CUPS, holeMm, rodAbove, type SpotSetting } from './knobs';
import type { TowerValues } from './size';

/** Drilled, the rod driven, stacked and filled tier by tier, planted, watered. */
const steps = ({ stations }: Design, v: TowerValues, setting: SpotSetting): Listed<StatedStep> => [
  {
    what: fact('step.drill', { hole: { mm: holeMm(stockOf(setting.catalogue, v.rod, 'rod')) } }),
    caution: fact('care.drill'),
  },
  takesPosts(setting.place.underfoot)
    ? {
        what: fact('step.rod', { depth: { mm: v.depth }, above: { mm: rodAbove(v.tiers) } }),
        caution: fact('care.rod'),
      }
    : { what: fact('step.rod-floor', { above: { mm: rodAbove(v.tiers) } }), caution: fact('care.rod') },
  { what: fact('step.stack') },
  { what: fact('step.plant', { plants: stations.length || CUPS * v.tiers * v.towers }) },
  { what: fact('step.water') },
];

const season = ({ stations }: Design, v: TowerValues): Listed<SeasonNote> => [
  { on: null, what: fact('season.water', { water: { mm3: CUPS * v.tiers * LITRES_A_PLANT * 1e6 } }) },
  { on: null, what: fact('season.feed') },
  { on: null, what: fact('season.soil') },
  ...runnersOf(stations),
  { on: null, what: fact('season.winter') },
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.drill': { uses: ['drill', 'clamps', 'goggles'] },
  'step.rod': { adds: ['rod'], uses: ['mallet', 'level', 'tape', 'goggles'] },
  'step.rod-floor': { adds: ['rod'], uses: ['level', 'tape', 'goggles'] },
  'step.stack': { adds: ['tier', 'mix'], uses: ['barrow', 'gloves'] },
  'step.plant': { joins: ['tier planted', 'pots to spare'], uses: [] },
  'step.water': { uses: ['barrow'] },
};

export const BUILDING = { steps, doings, season };
