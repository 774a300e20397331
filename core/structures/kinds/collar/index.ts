import { ROW_WORDS } from '../../rules/row';
import { keepsOut } from '../../../checks/keeps-out';
import { plantsFit } from '../../../checks/plants-fit';
import { reachAcross } from '../../../checks/reach-across';
import { rowInBed } from '../../../checks/row-in-bed';
import { countOf } from '../../../crops/planted';
import { inches } from '../../../quantity/length';
import { closedBy, type Guard } from '../../../site/visitors';
import { cagesFit } from '../../assemblies/ring-of-mesh';
import { structureKind, type Built } from '../../kind';
import { ROW_MENDS } from '../../rules/row';
import { rowsOf } from '../../rules/stations';
import { stillCome } from '../../rules/still-come';
import { isOffered } from '../../setting';
import { COLLAR_KNOBS, type CollarValues } from './knobs';
import { WORDS } from './words';
import { sizeCollar, type CollarFacts } from './size';
import { BUILDING } from './steps';

const guardOf = ({ facts }: Built<CollarFacts>): Guard => ({
  barrier: { ...closedBy(facts.openingMm, facts.cut.overMm), buriedMm: facts.cut.legsMm },
  stiffMm: facts.cut.overMm,
  roofed: false,
  floored: false,
});

/** An open ring of mesh round each plant. */
export const kind = structureKind({
  id: 'collar',
  name: 'Mesh collar',
  blurb: 'An open ring of mesh pressed into the soil round each young plant: what is tried before a fence.',
  purpose: 'cover',
  stands: ['bed'],
  nature: { tendingMinutes: { leaner: 0.25, climber: 0.25 }, moves: 'comes apart' },
  knobs: COLLAR_KNOBS,
  size: sizeCollar,
  checks: (built, v, setting) => [
    // Of those who visit only a rabbit is what a ring is meant for.
    setting.site.visitors.includes('rabbits') ? keepsOut({ visitors: ['rabbits'], guard: guardOf(built) }) : null,
    plantsFit({ planted: setting.planted, stations: built.design.stations, endToEnd: () => 0 }),
    rowInBed({ builtMm: built.design.builtMm, startMm: built.design.startMm, bed: setting.place.bed }),
    reachAcross({ rowsAtMm: rowsOf(built.design.stations, null), bed: setting.place.bed, armMm: setting.armMm }),
  ],
  ...BUILDING,
  guards: { how: guardOf, stillCome },
  builtOf: [ROW_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'row.past-bed': fewer,
    'keeps.low': (v) => ({ height: Math.max(v.height, inches(24)) }),
    'keeps.dig': (v) => ({ below: Math.max(v.below, inches(6)) }),
    'keeps.open': (_v, _built, setting) => (isOffered(setting, 'mesh-1-36') ? { roll: 'mesh-1-36' } : null),
    'plants.too-many': (v, { facts }, setting) => ({
      cages: Math.min(cagesFit(v, facts.cut.diameterMm, setting), countOf(setting.planted)),
    }),
  },
});

function fewer(v: CollarValues, { facts }: Built<CollarFacts>, setting: Parameters<typeof cagesFit>[2]) {
  const fit = cagesFit(v, facts.cut.diameterMm, setting);
  return fit < v.cages ? { cages: fit } : null;
}
