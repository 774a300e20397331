import { bedBulges } from '../../../checks/bed-bulges';
import { bedLevel } from '../../../checks/bed-level';
import { bedMatches } from '../../../checks/bed-matches';
import { dripWaters } from '../../../checks/drip-waters';
import { RISES_MM, ROOTS_MM, wickRises } from '../../../checks/wick-rises';
import { bedTied } from '../../../checks/bed-tied';
import { floorBears } from '../../../checks/floor-bears';
import { ROOM_MM, rootsOnFloor } from '../../../checks/roots-on-floor';
import { feet, inches } from '../../../quantity/length';
import { structureKind } from '../../kind';
import { FLOOR_WORDS } from '../../rules/floor-mesh';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { isOffered } from '../../setting';
import { coursesOf, courseMm, RAISED_BED_KNOBS, TIE } from './knobs';
import { makesBed, sizeRaisedBed } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Posts half as far apart, in whole centimetres. */
const closer = ({ postEvery }: { postEvery: number }): { postEvery: number } => ({
  postEvery: Math.max(inches(18), Math.floor(postEvery / 20) * 10),
});

/** The sides of a bed, and what fills it. */
export const kind = structureKind({
  id: 'raised-bed',
  name: 'Raised bed',
  blurb: 'Sides of boards, timbers, sheet or blocks about a bed, with what fills it: litres, loads and bags.',
  nature: { tendingMinutes: { leaner: 0, climber: 0 }, moves: 'stays' },
  purpose: 'bed',
  stands: ['bed'],
  knobs: RAISED_BED_KNOBS,
  size: sizeRaisedBed,
  makesBed,
  checks: ({ facts }, v) => [
    facts.onFloor && v.fill !== 'none' ? rootsOnFloor(facts.onFloor) : null,
    facts.onFloor && v.fill !== 'none' ? floorBears(facts.onFloor) : null,
    bedBulges({ bowMm: facts.bowMm, standsTimes: facts.stands, everyMm: v.postEvery }),
    bedTied(facts.tied),
    bedMatches(facts),
    bedLevel({ dugInMm: facts.dugInMm, highMm: facts.built.highMm, onFloor: facts.onFloor !== null }),
    facts.drip && dripWaters(facts.drip),
    facts.wick && wickRises(facts.wick),
  ],
  ...BUILDING,
  // Who still comes is told by the bed: sides are the least of what keeps somebody out.
  guards: { how: ({ facts }) => facts.guard, stillCome: () => null },
  builtOf: [TIMBER_WORDS, FLOOR_WORDS],
  ...WORDS,
  mends: {
    'bulge.bows': (v) =>
      v.postEvery > inches(24) || v.make === 'metal' ? closer(v) : { board: v.board === '22x145' ? '45x145' : '2x6' },
    // Where no wire is sold it is built no higher than it stands without.
    'tied.leans': (_v, { facts }, setting) =>
      isOffered(setting, TIE) ? { ties: 'wire' } : { high: facts.tied.mostMm },
    'roots.shallow': (v, { facts }) => ({
      high: Math.min(feet(3), v.high + Math.ceil((ROOM_MM - (facts.onFloor?.soilMm ?? 0)) / courseMm(v)) * courseMm(v)),
    }),
    'drip.tap': (v) => ({ dripEvery: Math.min(inches(24), v.dripEvery * 2) }),
    'drip.small': () => ({ watered: 'by hand' }),
    'wick.narrow': () => ({ watered: 'drip' }),
    'wick.shallow': (v, { facts }) => {
      const lower = v.reservoir - (ROOTS_MM - (facts.wick?.soilMm ?? 0));
      return lower >= inches(3) ? { reservoir: lower } : { high: v.high + courseMm(v) };
    },
    'wick.high': (v, { facts }) => {
      const deeper = v.reservoir + (facts.wick?.soilMm ?? 0) - RISES_MM;
      return deeper <= inches(18) ? { reservoir: deeper } : { high: v.high - courseMm(v) };
    },
    'tied.gives': closer,
    'bulge.turns': (v) => (coursesOf(v) > 2 ? { high: 2 * courseMm(v) } : { cores: 'pinned' }),
  },
});
