import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { LITRES_A_PLANT, runnersOf } from '../../rules/potting';
import { FOLD_MM, STAPLE_EVERY_MM } from './cloth';
import type { PalletPlanterValues } from './knobs';
import { PALLETS } from '../../../catalogue/pallets';
import { insideLitres, rowsOf } from './pallet';
import { plantsIn, wetKg } from './size';

/** Marked, opened, clothed on its face and its back, stood, fastened, filled, planted, watered. */
function steps({ parts, stations }: Design, v: PalletPlanterValues): Listed<StatedStep> {
  const pallet = PALLETS[v.pallet];
  return [
    { what: fact('step.mark'), caution: fact('care.mark') },
    {
      what: fact('step.slats', { off: pallet.fronts - rowsOf(pallet, v.rows) - 1 }),
      caution: fact('care.nails'),
    },
    { what: fact('step.back', { fold: { mm: FOLD_MM }, every: { mm: STAPLE_EVERY_MM } }) },
    { what: fact('step.bottom') },
    { what: fact('step.pockets') },
    {
      what: fact('step.stand', { foot: { mm: v.foot } }),
      people: 2,
      caution: fact('care.weight', { wet: { kg: wetKg(pallet, parts, v.pallets) } }),
    },
    v.head === 'brackets' && { what: fact('step.brackets') },
    { what: fact('step.fill', { mix: { mm3: insideLitres(pallet) * v.pallets * 1e6 } }) },
    { what: fact('step.plant', { plants: stations.length || plantsIn(pallet, v) * v.pallets }) },
    { what: fact('step.water') },
  ];
}

const season = ({ stations }: Design, v: PalletPlanterValues): Listed<SeasonNote> => [
  {
    on: null,
    what: fact('season.water', { water: { mm3: plantsIn(PALLETS[v.pallet], v) * LITRES_A_PLANT * 1e6 } }),
  },
  { on: null, what: fact('season.top') },
  { on: null, what: fact('season.feed') },
  { on: null, what: fact('season.staples') },
  ...runnersOf(stations),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.mark': { uses: [] },
  'step.slats': {
    adds: ['bearer', 'slat', 'back slat'],
    uses: ['pry bar', 'hammer', 'tape', 'chalk', 'goggles', 'gloves'],
  },
  'step.back': { adds: ['back cloth'], uses: ['knife', 'tape', 'tacker', 'hammer'] },
  'step.bottom': { adds: ['bottom cloth'], uses: ['knife', 'tape', 'tacker', 'hammer'] },
  'step.pockets': { adds: ['pocket cloth'], uses: ['knife', 'tape', 'tacker', 'hammer'] },
  'step.stand': { uses: ['tape', 'gloves'] },
  'step.fill': { adds: ['mix'], uses: ['barrow', 'gloves'] },
  'step.plant': { joins: ['planted', 'planted on top'], uses: ['knife', 'gloves'] },
  'step.water': { uses: ['barrow'] },
};

export const BUILDING = { steps, doings, season };
