import { COVERING_WORDS } from '../../rules/covering';
import { ROW_WORDS } from '../../rules/row';
import { bendSets } from '../../../checks/bend-sets';
import { coverLight } from '../../../checks/cover-light';
import { hoopShape } from '../../../checks/hoop-shape';
import { hoopsApart } from '../../../checks/hoops-apart';
import { plantsFit } from '../../../checks/plants-fit';
import { reachAcross } from '../../../checks/reach-across';
import { rowInBed } from '../../../checks/row-in-bed';
import { coverChecks, type Nearest } from '../../../checks/cover-set';
import { stockOf } from '../../../catalogue/catalogue';
import type { Market } from '../../../catalogue/stock';
import { closedBy } from '../../../site/visitors';
import { feet, inches } from '../../../quantity/length';
import { rowsOf } from '../../rules/stations';
import { structureKind } from '../../kind';
import { coverFor } from '../../rules/covering';
import { ROW_MENDS } from '../../rules/row';
import { stillCome } from '../../rules/still-come';
import { wholeStep } from '../../rules/tidy';
import { isOffered } from '../../setting';
import { hoopOf } from './hoop';
import { CLEAR_MM, HOOP_TUNNEL_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizeHoopTunnel } from './size';
import { BUILDING } from './steps';

/** Hoops over a bed with a net, fleece or film on them. */
export const kind = structureKind({
  id: 'hoop-tunnel',
  name: 'Hoop tunnel',
  blurb: 'Pipe hoops over a bed with net, fleece or film: what flies, pecks or freezes stays outside.',
  purpose: 'cover',
  stands: ['bed'],
  nature: { tendingMinutes: { leaner: 0.5, climber: 0.5 }, moves: 'comes apart' },
  knobs: HOOP_TUNNEL_KNOBS,
  size: sizeHoopTunnel,
  checks: ({ design, facts }, v, setting) => {
    const cover = stockOf(setting.catalogue, v.cover, 'mesh roll');
    const crops = setting.planted.map((one) => one.crop);
    const { hoop } = facts;
    return [
      ...coverChecks({ crops, site: setting.site, openingMm: cover.openingMm, nearest: facts.nearest }),
      coverLight({ opacity: cover.opacity, airedBy: cover.openingMm > 0 ? 'mesh' : 'ends', crops }),
      hoopsApart({ apartMm: facts.apartMm }),
      hoopShape({
        spanMm: v.width,
        heightMm: hoop.heightMm,
        askedMm: v.height,
        lengthMm: hoop.lengthMm,
        cutMm: facts.cutMm,
        soldMm: facts.soldMm,
      }),
      facts.bend && bendSets(facts.bend),
      plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 }),
      rowInBed({ builtMm: design.builtMm, startMm: design.startMm, bed: setting.place.bed }),
      reachAcross({ rowsAtMm: rowsOf(design.stations, null), bed: setting.place.bed, armMm: setting.armMm }),
    ];
  },
  ...BUILDING,
  guards: {
    how: ({ facts }, v, setting) => ({
      barrier: closedBy(stockOf(setting.catalogue, v.cover, 'mesh roll').openingMm, facts.hoop.heightMm),
      stiffMm: 0,
      roofed: true,
      floored: false,
      overMm: facts.nearest?.highMm ?? facts.hoop.heightMm,
    }),
    stillCome,
  },
  builtOf: [ROW_WORDS, COVERING_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'cover.open': (_v, _built, setting) => {
      const { value } = coverFor(setting);
      return isOffered(setting, value) ? { cover: value } : null;
    },
    'cover.outgrown': (v, { facts }, setting) =>
      facts.nearest && facts.nearest.crop.heightMm + CLEAR_MM <= feet(5)
        ? raised(v.height, facts.nearest, setting.market)
        : null,
    'cover.touches': (v, { facts }, setting) => facts.nearest && raised(v.height, facts.nearest, setting.market),
    'hoops.far': () => ({ apart: feet(3) }),
    'hoops.wide': () => ({ apart: feet(3) }),
    'hoop.higher': () => ({ shape: 'ellipse' }),
    'bend.sets': () => ({ rod: 'pipe-plastic-27' }),
    // By halving: the higher, the longer.
    'hoop.long': (v, { facts }, setting) => {
      let [low, high] = [inches(8), v.height];
      while (high - low > inches(1)) {
        const middle = (low + high) / 2;
        if (
          hoopOf(v.shape, v.width, middle, stockOf(setting.catalogue, v.rod, 'rod')).lengthMm <=
          facts.soldMm - (facts.cutMm - facts.hoop.lengthMm)
        )
          low = middle;
        else high = middle;
      }
      return { height: Math.max(inches(8), wholeStep(low, setting.market)) };
    },
  },
});

/** So high that what comes nearest stays clear. */
const raised = (heightMm: number, { crop, highMm }: Nearest, market: Market): { height: number } => ({
  height: wholeStep(heightMm + crop.heightMm + CLEAR_MM - highMm + inches(1), market),
});
