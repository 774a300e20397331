import { stockOf } from '../../../catalogue/catalogue';
import { boxBoards } from '../../../checks/box-boards';
import { coverLight } from '../../../checks/cover-light';
import { coverChecks } from '../../../checks/cover-set';
import { facesSun } from '../../../checks/faces-sun';
import { lidWeight } from '../../../checks/lid-weight';
import { plantsFit } from '../../../checks/plants-fit';
import { reachAcross } from '../../../checks/reach-across';
import { rowInBed } from '../../../checks/row-in-bed';
import { closedBy } from '../../../site/visitors';
import { BOX_WORDS } from '../../assemblies/box-of-boards';
import { GLAZING_WORDS } from '../../assemblies/covered-panel';
import { LID_WORDS } from '../../assemblies/hinged-lid';
import { structureKind, type Built } from '../../kind';
import type { Settings } from '../../knob';
import { COVERING_WORDS } from '../../rules/covering';
import { BOX_KNOB_WORDS, longestBoard } from '../../rules/box-knobs';
import { ROW_MENDS, ROW_WORDS } from '../../rules/row';
import { rowsOf } from '../../rules/stations';
import { stillCome } from '../../rules/still-come';
import { wholeStep } from '../../rules/tidy';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { COLD_FRAME_KNOBS, offSun, type ColdFrameValues } from './knobs';
import { sizeColdFrame, type ColdFrameFacts } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Another board all round, as far as that helps. */
const roomier = (v: ColdFrameValues, { facts }: Built<ColdFrameFacts>): Settings | null =>
  facts.nearest && v.courses < 3 && facts.nearest.highMm + facts.frontMm / v.courses > facts.nearest.crop.heightMm
    ? { courses: v.courses + 1 }
    : null;

/** A low box, higher behind, under clear lids towards the sun. */
export const kind = structureKind({
  id: 'cold-frame',
  name: 'Cold frame',
  blurb: 'A low box with clear lids that slope to the sun: weeks earlier in spring, later in autumn, salads in winter.',
  purpose: 'cover',
  stands: ['bed'],
  nature: { tendingMinutes: { leaner: 1, climber: 1 }, moves: 'stays' },
  knobs: COLD_FRAME_KNOBS,
  size: sizeColdFrame,
  checks: ({ design, facts }, v, setting) => [
    ...coverChecks({
      crops: setting.planted.map((one) => one.crop),
      site: setting.site,
      openingMm: 0,
      nearest: facts.nearest,
    }),
    facesSun({ offDeg: offSun(setting, v.faces) }),
    coverLight({ opacity: stockOf(setting.catalogue, v.glazing, 'mesh roll').opacity, airedBy: 'lids' }),
    boxBoards({
      longMm: design.builtMm,
      soldMm: longestBoard(setting, v),
      lids: facts.lids,
      askedLids: v.lids,
      fillMm: 0,
      mostFillMm: 0,
    }),
    lidWeight({ weightKg: facts.lidKg }),
    plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 }),
    rowInBed({ builtMm: design.builtMm, startMm: design.startMm, bed: setting.place.bed }),
    reachAcross({ rowsAtMm: rowsOf(design.stations, null), bed: setting.place.bed, armMm: setting.armMm }),
  ],
  ...BUILDING,
  guards: {
    how: ({ facts }, v, setting) => ({
      barrier: closedBy(0, facts.frontMm),
      // Film is no hindrance to what gnaws or tears.
      stiffMm: stockOf(setting.catalogue, v.glazing, 'mesh roll').stiff ? Infinity : facts.frontMm,
      roofed: true,
      floored: false,
      overMm: facts.nearest?.highMm ?? facts.frontMm,
    }),
    stillCome,
  },
  builtOf: [GLAZING_WORDS, BOX_WORDS, BOX_KNOB_WORDS, LID_WORDS, ROW_WORDS, COVERING_WORDS, TIMBER_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'sun.away': (v) => ({ faces: v.faces === 'front' ? 'back' : 'front' }),
    'cover.outgrown': roomier,
    'cover.touches': roomier,
    'box.long': (v, _built, setting) => ({ rowLength: wholeStep(longestBoard(setting, v), setting.market) }),
    'box.lids': (_v, { facts }) => ({ lids: facts.lids }),
    'lid.heavy': (v) => (v.lids < 12 ? { lids: v.lids + 1 } : null),
  },
});
