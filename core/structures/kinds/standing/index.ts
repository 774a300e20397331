import { holdChecks } from '../../../checks/sets';
import { structureKind } from '../../kind';
import { ROW_MENDS, ROW_WORDS } from '../../rules/row';
import { plantedRowChecks } from '../../rules/row-checks';
import { isOffered, type BedSetting } from '../../setting';
import { HUNG, STANDING_KNOBS, type StandingValues } from './knobs';
import { sizeStanding } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** The coarsest net on sale that every crop there reaches over, where none hangs yet. */
const hang = (v: StandingValues, _built: unknown, setting: BedSetting): { net: StandingValues['net'] } | null => {
  const stepMm = Math.min(Infinity, ...setting.planted.map(({ crop }) => crop.grips?.stepMm ?? Infinity));
  const [net] = HUNG.filter(({ id, openingMm }) => openingMm <= stepMm && isOffered(setting, id)).toSorted(
    (a, b) => b.openingMm - a.openingMm,
  );
  return v.net === 'none' && net ? { net: net.id as StandingValues['net'] } : null;
};

/** A fence, a trellis, the side of an arbor that stands already, with what grows on it. */
export const kind = structureKind({
  id: 'standing',
  name: 'What stands already',
  blurb: 'A fence or a trellis that is there, at its true size: what it can carry, and how many plants find room.',
  nature: { tendingMinutes: { leaner: 1, climber: 0.5 }, moves: 'stays' },
  purpose: 'support',
  stands: ['bed'],
  isThere: true,
  knobs: STANDING_KNOBS,
  size: sizeStanding,
  checks: ({ design, facts }, _v, setting) => [
    ...(design.hold ? holdChecks({ planted: setting.planted, hold: design.hold }) : []),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS],
  ...WORDS,
  // What stands is not built otherwise: plants are moved, or a net is hung on it.
  mends: {
    ...ROW_MENDS,
    'places.one-more': () => ({ school: 'ends' }),
    'mesh.wide': hang,
    'climb.thick': hang,
  },
});
