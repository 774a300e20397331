import { COVERING_WORDS } from '../../rules/covering';
import { ROW_WORDS } from '../../rules/row';
import { stockOf } from '../../../catalogue/catalogue';
import { cagesMany } from '../../../checks/cages-many';
import { coverChecks, tallestUnder } from '../../../checks/cover-set';
import { plantsFit } from '../../../checks/plants-fit';
import { reachAcross } from '../../../checks/reach-across';
import { rowInBed } from '../../../checks/row-in-bed';
import { sleeveFits } from '../../../checks/sleeve-fits';
import { countOf } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { closedBy } from '../../../site/visitors';
import { cagesFit } from '../../assemblies/ring-of-mesh';
import { structureKind } from '../../kind';
import { coverFor } from '../../rules/covering';
import { ROW_MENDS } from '../../rules/row';
import { rowsOf } from '../../rules/stations';
import { stillCome } from '../../rules/still-come';
import { isOffered } from '../../setting';
import { INSECT_CAGE_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizeInsectCage } from './size';
import { BUILDING } from './steps';

/** A round cage for each plant with a net sleeve over it. */
export const kind = structureKind({
  id: 'insect-cage',
  name: 'Round insect cage',
  blurb: 'A low cylinder of mesh with a net sleeve over it: one plant kept whole, or a few.',
  purpose: 'cover',
  stands: ['bed'],
  nature: { tendingMinutes: { leaner: 0.5, climber: 0.5 }, moves: 'comes apart' },
  knobs: INSECT_CAGE_KNOBS,
  size: sizeInsectCage,
  checks: ({ design, facts }, v, setting) => {
    const net = stockOf(setting.catalogue, v.net, 'mesh roll');
    const crops = setting.planted.map((one) => one.crop);
    return [
      ...coverChecks({
        crops,
        site: setting.site,
        openingMm: net.openingMm,
        nearest: tallestUnder(crops, facts.cut.overMm),
      }),
      sleeveFits({ highMm: facts.sleeve.highMm, rollMm: facts.rollWideMm, across: facts.sleeve.acrossRoll }),
      plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 }),
      cagesMany({ cages: v.cages }),
      rowInBed({ builtMm: design.builtMm, startMm: design.startMm, bed: setting.place.bed }),
      reachAcross({ rowsAtMm: rowsOf(design.stations, null), bed: setting.place.bed, armMm: setting.armMm }),
    ];
  },
  ...BUILDING,
  // Its mesh is stiff, but what digs comes up inside it, and its top is only tied.
  guards: {
    how: ({ facts }, v, setting) => ({
      barrier: closedBy(stockOf(setting.catalogue, v.net, 'mesh roll').openingMm, facts.cut.overMm),
      stiffMm: 0,
      roofed: true,
      floored: false,
      overMm: facts.cut.overMm,
    }),
    stillCome,
  },
  builtOf: [ROW_WORDS, COVERING_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'row.past-bed': (v, { facts }, setting) => {
      const fit = cagesFit(v, facts.cut.diameterMm, setting);
      return fit < v.cages ? { cages: fit } : null;
    },
    'cover.open': (_v, _built, setting) => {
      const { value } = coverFor(setting);
      return isOffered(setting, value) ? { net: value } : null;
    },
    'sleeve.wide': (v, _built, setting) =>
      v.net === 'cover-insect' && isOffered(setting, 'cover-insect-wide') ? { net: 'cover-insect-wide' } : null,
    'cover.outgrown': (_v, { facts }, setting) => higher(facts.cut.legsMm, setting.planted),
    'cover.touches': (_v, { facts }, setting) => higher(facts.cut.legsMm, setting.planted),
    'plants.too-many': (v, { facts }, setting) => ({
      cages: Math.min(cagesFit(v, facts.cut.diameterMm, setting), countOf(setting.planted)),
    }),
  },
});

/** Mesh that stands a hand over what grows highest, the row that becomes stakes counted. */
function higher(legsMm: number, planted: readonly { crop: { heightMm: number } }[]): { height: number } | null {
  const wanted = Math.max(0, ...planted.map((one) => one.crop.heightMm)) + inches(4) + 2 * legsMm;
  return wanted <= feet(5) ? { height: wanted } : null;
}
