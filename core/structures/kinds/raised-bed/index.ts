import { bedBulges } from '../../../checks/bed-bulges';
import { bedLevel } from '../../../checks/bed-level';
import { bedTied } from '../../../checks/bed-tied';
import { bedMatches } from '../../../checks/bed-matches';
import { inches } from '../../../quantity/length';
import { structureKind } from '../../kind';
import { FLOOR_WORDS } from '../../rules/floor-mesh';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { coursesOf, courseMm, RAISED_BED_KNOBS } from './knobs';
import { makesBed, sizeRaisedBed } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

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
    bedBulges({ bowMm: facts.bowMm, standsTimes: facts.stands, everyMm: v.postEvery }),
    bedTied(facts.tied),
    bedMatches(facts),
    bedLevel({ dugInMm: facts.dugInMm, highMm: facts.built.highMm }),
  ],
  ...BUILDING,
  // Who still comes is told by the bed: sides are the least of what keeps somebody out.
  guards: { how: ({ facts }) => facts.guard, stillCome: () => null },
  builtOf: [TIMBER_WORDS, FLOOR_WORDS],
  ...WORDS,
  mends: {
    'bulge.bows': (v) =>
      v.postEvery > inches(24) || v.make === 'metal'
        ? { postEvery: Math.max(inches(18), Math.floor(v.postEvery / 20) * 10) }
        : { board: v.board === '22x145' ? '45x145' : '2x6' },
    'tied.leans': () => ({ ties: 'wire' }),
    'tied.breaks': (v) => ({ postEvery: Math.max(inches(18), Math.floor(v.postEvery / 20) * 10) }),
    'bulge.turns': (v) => (coursesOf(v) > 2 ? { high: 2 * courseMm(v) } : { cores: 'pinned' }),
  },
});
