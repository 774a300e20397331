import { boxBoards } from '../../../checks/box-boards';
import { lidWeight } from '../../../checks/lid-weight';
import { plantsFit } from '../../../checks/plants-fit';
import { reachAcross } from '../../../checks/reach-across';
import { rowInBed } from '../../../checks/row-in-bed';
import { coverChecks, tallestUnder } from '../../../checks/cover-set';
import { closedBy } from '../../../site/visitors';
import { structureKind } from '../../kind';
import { ROW_MENDS } from '../../rules/row';
import { wholeStep } from '../../rules/tidy';
import { LIDDED_FRAME_KNOBS, longestBoard } from './knobs';
import { LIDDED_FRAME_NAMES } from './names';
import { LIDDED_FRAME_PHRASES } from './phrases';
import { sizeLiddedFrame } from './size';
import { LIDDED_FRAME_DOINGS, liddedFrameSeason, liddedFrameSteps } from './steps';

/** A box of boards with mesh under it and hinged mesh lids on it. */
export const kind = structureKind({
  id: 'lidded-frame',
  name: 'Lidded frame',
  blurb: 'A box with mesh below and hinged mesh lids above: nothing digs, climbs or pecks its way in.',
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
        nearest: tallestUnder(crops, facts.boxMm),
      }),
      boxBoards({ longMm: design.builtMm, soldMm: longestBoard(setting, v), lids: facts.lids, askedLids: v.lids }),
      lidWeight({ weightKg: facts.lidKg }),
      plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 }),
      rowInBed({ builtMm: design.builtMm, startMm: design.startMm, bed: setting.place.bed }),
      reachAcross({ rowsAtMm: facts.rowsAtMm, bed: setting.place.bed, armMm: setting.armMm }),
    ];
  },
  steps: liddedFrameSteps,
  doings: LIDDED_FRAME_DOINGS,
  season: liddedFrameSeason,
  guards: ({ facts }, v) => ({
    barrier: { ...closedBy(facts.openingMm, facts.boxMm), buriedMm: v.floor === 'none' ? 0 : Infinity },
    stiff: true,
    roofed: true,
    floored: v.floor !== 'none',
  }),
  names: LIDDED_FRAME_NAMES,
  phrases: LIDDED_FRAME_PHRASES,
  mends: {
    ...ROW_MENDS,
    'cover.outgrown': (v) => (v.courses < 4 ? { courses: v.courses + 1 } : null),
    'cover.touches': (v) => (v.courses < 4 ? { courses: v.courses + 1 } : null),
    'cover.open': (_v, _built, setting) => {
      const suggested = LIDDED_FRAME_KNOBS.net.suggest(setting, { mesh: 'hardware-36' });
      return suggested.value === 'none' ? null : { net: suggested.value };
    },
    'box.long': (v, _built, setting) => ({ rowLength: wholeStep(longestBoard(setting, v), setting.market) }),
    'box.lids': (_v, { facts }) => ({ lids: facts.lids }),
    'lid.heavy': (v) => (v.lids < 12 ? { lids: v.lids + 1 } : null),
  },
});
