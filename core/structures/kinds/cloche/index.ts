import { stockOf } from '../../../catalogue/catalogue';
import { coverLight } from '../../../checks/cover-light';
import { coverChecks } from '../../../checks/cover-set';
import { lidWeight } from '../../../checks/lid-weight';
import { plantsFit } from '../../../checks/plants-fit';
import { reachAcross } from '../../../checks/reach-across';
import { rowInBed } from '../../../checks/row-in-bed';
import { sheetReaches } from '../../../checks/sheet-reaches';
import { feet, inches } from '../../../quantity/length';
import { closedBy } from '../../../site/visitors';
import { GLAZING_WORDS } from '../../assemblies/covered-panel';
import { LID_WORDS } from '../../assemblies/hinged-lid';
import { structureKind } from '../../kind';
import { COVERING_WORDS } from '../../rules/covering';
import { ROW_MENDS, ROW_WORDS } from '../../rules/row';
import { rowsOf } from '../../rules/stations';
import { stillCome } from '../../rules/still-come';
import { wholeStep } from '../../rules/tidy';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { CLOCHE_KNOBS, LEAST_HIGH_MM, LEAST_WIDE_MM, type ClocheValues } from './knobs';
import { GLAZING, sizeCloche, type ClocheFacts } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Higher by what its plants lack, as far as that goes. */
const raised = (v: ClocheValues, { facts: { nearest } }: { facts: ClocheFacts }): { high: number } | null => {
  const high = nearest ? v.high + nearest.crop.heightMm - nearest.highMm + inches(4) : Infinity;
  return high <= Math.min(feet(3), v.width * 1.2) ? { high: Math.ceil(high / inches(1)) * inches(1) } : null;
};

/** Little tents of clear sheet over a row. */
export const kind = structureKind({
  id: 'cloche',
  name: 'Tent cloche',
  blurb: 'Two clear leaves that lean together over a row and fold flat: warmer by weeks, moved from row to row.',
  purpose: 'cover',
  stands: ['bed'],
  nature: { tendingMinutes: { leaner: 1, climber: 1 }, moves: 'folds' },
  knobs: CLOCHE_KNOBS,
  size: sizeCloche,
  checks: ({ design, facts }, v, setting) => [
    ...coverChecks({
      crops: setting.planted.map((one) => one.crop),
      site: setting.site,
      openingMm: 0,
      nearest: facts.nearest,
    }),
    sheetReaches({ leafMm: facts.leafMm, soldMm: facts.soldMm }),
    coverLight({ opacity: stockOf(setting.catalogue, GLAZING, 'mesh roll').opacity, airedBy: 'ends' }),
    lidWeight({ weightKg: facts.tentKg }),
    plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 }),
    rowInBed({ builtMm: design.builtMm, startMm: design.startMm, bed: setting.place.bed }),
    reachAcross({ rowsAtMm: rowsOf(design.stations, null), bed: setting.place.bed, armMm: setting.armMm }),
  ],
  ...BUILDING,
  guards: {
    how: ({ facts }, v) => ({
      barrier: closedBy(0, v.high),
      stiffMm: 0,
      roofed: true,
      floored: false,
      overMm: facts.nearest?.highMm ?? v.high,
    }),
    stillCome,
  },
  builtOf: [GLAZING_WORDS, LID_WORDS, ROW_WORDS, COVERING_WORDS, TIMBER_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'cover.outgrown': raised,
    'cover.touches': raised,
    'sheet.short': (v, { facts }, setting) => {
      const share = (facts.soldMm / facts.leafMm) * 0.98;
      const [width, high] = [wholeStep(v.width * share, setting.market), wholeStep(v.high * share, setting.market)];
      return width >= LEAST_WIDE_MM && high >= LEAST_HIGH_MM ? { width, high } : null;
    },
    'lid.heavy': (v) => (v.tents < 24 ? { tents: v.tents + 1 } : null),
  },
});
