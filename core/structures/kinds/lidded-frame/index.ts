import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { COVERING_WORDS } from '../../rules/covering';
import { ROW_WORDS } from '../../rules/row';
import { boxBoards } from '../../../checks/box-boards';
import { coverChecks, tallestUnder } from '../../../checks/cover-set';
import { lidWeight } from '../../../checks/lid-weight';
import { plantsFit } from '../../../checks/plants-fit';
import { reachAcross } from '../../../checks/reach-across';
import { rowInBed } from '../../../checks/row-in-bed';
import { closedBy } from '../../../site/visitors';
import { BOX_WORDS } from '../../assemblies/box-of-boards';
import { LID_WORDS } from '../../assemblies/hinged-lid';
import { FLOOR_WORDS } from '../../rules/floor-mesh';
import { structureKind } from '../../kind';
import type { Settings } from '../../knob';
import { BOX_KNOB_WORDS, longestBoard } from '../../rules/box-knobs';
import { ROW_MENDS } from '../../rules/row';
import { rowsOf } from '../../rules/stations';
import { stillCome } from '../../rules/still-come';
import { wholeStep } from '../../rules/tidy';
import type { BedSetting } from '../../setting';
import { aboveFor, LIDDED_FRAME_KNOBS, type LiddedFrameValues } from './knobs';
import { WORDS } from './words';
import { filledTo, sizeLiddedFrame, type LiddedFrameFacts } from './size';
import { BUILDING } from './steps';

/** More room over what grows: another board, doors where a box would not be high enough, a higher roof. */
function roomier(v: LiddedFrameValues, { facts }: { facts: LiddedFrameFacts }, setting: BedSetting): Settings | null {
  const tallest = setting.planted.reduce((most, one) => Math.max(most, one.crop.heightMm), 0);
  const overFillMm = facts.boxMm - facts.fillMm;
  const above = aboveFor(tallest, overFillMm);
  if (v.opens === 'doors') return above > v.above ? { above } : null;
  const one = facts.boxMm / v.courses;
  return overFillMm + one > tallest && v.courses < 4 ? { courses: v.courses + 1 } : { opens: 'doors', above };
}

/** A box of boards with mesh under it and hinged mesh lids on it, or posts, a roof and doors. */
export const kind = structureKind({
  id: 'lidded-frame',
  name: 'Lidded frame',
  blurb:
    'A box with mesh below and hinged mesh lids above, or doors for what grows tall: nothing digs, climbs or pecks its way in.',
  purpose: 'cover',
  stands: ['bed'],
  nature: { tendingMinutes: { leaner: 0.5, climber: 0.5 }, moves: 'stays' },
  knobs: LIDDED_FRAME_KNOBS,
  size: sizeLiddedFrame,
  checks: ({ design, facts }, v, setting) => {
    const crops = setting.planted.map((one) => one.crop);
    return [
      ...coverChecks({
        crops,
        site: setting.site,
        openingMm: facts.openingMm,
        nearest: tallestUnder(crops, facts.insideMm - facts.fillMm),
      }),
      boxBoards({
        longMm: design.builtMm,
        soldMm: longestBoard(setting, v),
        lids: facts.lids,
        askedLids: v.lids,
        fillMm: v.fill,
        mostFillMm: filledTo(Infinity, facts.boxMm),
      }),
      facts.lidKg === null ? null : lidWeight({ weightKg: facts.lidKg }),
      plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 }),
      rowInBed({ builtMm: design.builtMm, startMm: design.startMm, bed: setting.place.bed }),
      reachAcross({ rowsAtMm: rowsOf(design.stations, null), bed: setting.place.bed, armMm: setting.armMm }),
    ];
  },
  ...BUILDING,
  guards: {
    how: ({ facts }, v) => ({
      barrier: { ...closedBy(facts.openingMm, facts.insideMm), buriedMm: v.floor === 'none' ? 0 : Infinity },
      stiffMm: Infinity,
      roofed: true,
      floored: v.floor !== 'none',
      overMm: facts.insideMm - facts.fillMm,
    }),
    stillCome,
  },
  builtOf: [FLOOR_WORDS, BOX_WORDS, BOX_KNOB_WORDS, LID_WORDS, ROW_WORDS, COVERING_WORDS, TIMBER_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'cover.outgrown': roomier,
    'cover.touches': roomier,
    'cover.open': (_v, _built, setting) => {
      const suggested = LIDDED_FRAME_KNOBS.net.suggest(setting, { mesh: 'hardware-36' });
      return suggested.value === 'none' ? null : { net: suggested.value };
    },
    'box.long': (v, _built, setting) => ({ rowLength: wholeStep(longestBoard(setting, v), setting.market) }),
    'box.full': (_v, { facts }) => ({ fill: facts.fillMm }),
    'box.lids': (_v, { facts }) => ({ lids: facts.lids }),
    'lid.heavy': (v) => (v.lids < 12 ? { lids: v.lids + 1 } : null),
  },
});
