import { floorBears } from '../../../checks/floor-bears';
import { planterLeans } from '../../../checks/planter-leans';
import { LEAST_GAP_MM, pocketRoom } from '../../../checks/pocket-room';
import { potRoom } from '../../../checks/pot-room';
import { countOf } from '../../../crops/planted';
import { AT_WALL } from '../../assemblies/at-wall';
import { structureKind } from '../../kind';
import { POTTING_WORDS } from '../../rules/potting';
import { PALLET_PLANTER_KNOBS } from './knobs';
import { gapOf } from './pallet';
import { WORDS } from './words';
import { sizePalletPlanter } from './size';
import { BUILDING } from './steps';

/** A pallet on end, closed with cloth, filled, and planted through its face. */
export const kind = structureKind({
  id: 'pallet-planter',
  name: 'Pallet pocket planter',
  blurb: 'A heat-treated pallet leaned on a wall, closed with cloth and planted through its face: a bed of no depth.',
  purpose: 'planter',
  stands: ['spot'],
  nature: { tendingMinutes: { leaner: 1, climber: 1 }, moves: 'stays' },
  knobs: PALLET_PLANTER_KNOBS,
  size: sizePalletPlanter,
  checks: ({ facts }, v, setting) => [
    potRoom({ planted: setting.planted, places: facts.places, litresEach: facts.litresEach }),
    pocketRoom({ gapMm: facts.gapMm, made: facts.rowsMade, asked: v.rows, slats: facts.pallet.fronts }),
    // Empty is how it is easiest pulled over; full it is worst to be under. The lighter pull counts.
    planterLeans({ kg: facts.dryKg, behindMm: facts.behindMm, headMm: facts.headMm, held: v.head === 'brackets' }),
    floorBears({
      wetKg: facts.wetKg,
      dryKg: facts.dryKg,
      floorM2: facts.floorM2,
      underfoot: setting.place.underfoot,
    }),
  ],
  ...BUILDING,
  builtOf: [AT_WALL, POTTING_WORDS],
  ...WORDS,
  mends: {
    'pots.few': (v, { facts }, setting) => {
      const planned = countOf(setting.planted);
      const pallets = Math.ceil((planned * v.pallets) / facts.places);
      return pallets <= PALLET_PLANTER_KNOBS.pallets.max ? { pallets } : null;
    },
    'leans.tips': () => ({ head: 'brackets' }),
    'leans.pulled': () => ({ head: 'brackets' }),
    'pockets.few': (_v, { facts }) => ({ rows: facts.rowsMade }),
    'pockets.narrow': (v, { facts }) => {
      for (let rows = v.rows - 1; rows >= 1; rows--) if (gapOf(facts.pallet, rows) >= LEAST_GAP_MM) return { rows };
      return null;
    },
  },
});
