import { COVERING_WORDS } from '../../rules/covering';
import { ROW_WORDS } from '../../rules/row';
import { stockOf } from '../../../catalogue/catalogue';
import { coverLight } from '../../../checks/cover-light';
import { coverChecks, tallestUnder } from '../../../checks/cover-set';
import { plantsFit } from '../../../checks/plants-fit';
import { reachAcross } from '../../../checks/reach-across';
import { rowInBed } from '../../../checks/row-in-bed';
import { closedBy } from '../../../site/visitors';
import { structureKind } from '../../kind';
import { coverFor } from '../../rules/covering';
import { ROW_MENDS } from '../../rules/row';
import { rowsOf } from '../../rules/stations';
import { stillCome } from '../../rules/still-come';
import { isOffered } from '../../setting';
import { FLAT_COVER_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizeFlatCover } from './size';
import { BUILDING } from './steps';

/** Fleece or net laid straight on a bed: the cheapest cover there is. */
export const kind = structureKind({
  id: 'flat-cover',
  name: 'Flat cover',
  blurb:
    'Fleece or net laid on a bed and pegged all round, or hooked over its rim: the least money and work, for some weeks.',
  purpose: 'cover',
  stands: ['bed'],
  nature: { tendingMinutes: { leaner: 0.25, climber: 0.25 }, moves: 'folds' },
  knobs: FLAT_COVER_KNOBS,
  size: sizeFlatCover,
  checks: ({ design, facts }, v, setting) => {
    const cover = stockOf(setting.catalogue, v.cover, 'mesh roll');
    const crops = setting.planted.map((one) => one.crop);
    return [
      ...coverChecks({
        crops,
        site: setting.site,
        openingMm: cover.openingMm,
        nearest: tallestUnder(crops, facts.liftMm),
      }),
      coverLight({ opacity: cover.opacity, airedBy: 'mesh', crops }),
      plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 }),
      rowInBed({ builtMm: design.builtMm, startMm: design.startMm, bed: setting.place.bed }),
      reachAcross({ rowsAtMm: rowsOf(design.stations, null), bed: setting.place.bed, armMm: setting.armMm }),
    ];
  },
  ...BUILDING,
  guards: {
    how: ({ facts }, v, setting) => ({
      barrier: closedBy(stockOf(setting.catalogue, v.cover, 'mesh roll').openingMm, facts.liftMm),
      stiffMm: 0,
      roofed: true,
      floored: false,
      overMm: facts.liftMm,
      touches: true,
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
    'cover.touches': (v) => (v.slack < 50 ? { slack: v.slack + 10 } : null),
  },
});
