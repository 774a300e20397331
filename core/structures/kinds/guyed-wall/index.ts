import { feet, inches } from '../../../quantity/length';
import { shortBy } from '../../rules/depth';
import { structureKind } from '../../kind';
import { raiseGap, ROW_MENDS } from '../../rules/row';
import { POST_MENDS } from '../../rules/timber-post';
import { GUYED_WALL_KNOBS } from './knobs';
import { GUYED_WALL_PHRASES } from './phrases';
import { sizeGuyedWall } from './size';
import { guyedWallSeason, guyedWallSteps } from './steps';

/** Welded panels stapled to timber posts that are pulled plumb by guy wires. */
export const guyedWall = structureKind({
  id: 'guyed-wall',
  name: 'Panel wall on timber posts, guyed',
  blurb: 'Panels on posts in concrete, kept plumb by turnbuckles: a wall for the middle of a bed, for good.',
  nature: { tendingMinutes: { leaner: 1.5, climber: 0.5 }, moves: 'stays' },
  knobs: GUYED_WALL_KNOBS,
  size: sizeGuyedWall,
  steps: guyedWallSteps,
  season: guyedWallSeason,
  phrases: GUYED_WALL_PHRASES,
  mends: {
    ...POST_MENDS,
    ...ROW_MENDS,
    'spacing.wide': () => ({ postSpacing: feet(8) }),
    'fixing.two': () => ({ staples: 5 }),
    'post.short': (v, design) => {
      const missing = shortBy(design);
      return v.gap >= missing ? { gap: inches(Math.floor((v.gap - missing) / inches(1))) } : null;
    },
    'gap.high': (_v, _design, setting) => ({
      gap: Math.min(...setting.planted.filter((one) => one.crop.habit !== 'none').map((one) => one.crop.supportFromMm)),
    }),
    'height.low': raiseGap,
    'reach.tall': (v, design, setting) => {
      const over = design.support.topMm.most - setting.reachMm;
      return v.gap >= over ? { gap: inches(Math.floor((v.gap - over) / inches(1))) } : null;
    },
    'wire.tight': () => ({ pull: 400 }),
    'places.one-more': () => ({ school: 'ends' }),
  },
});
