import { floorBears } from '../../../checks/floor-bears';
import { postLength } from '../../../checks/post-length';
import { potRoom } from '../../../checks/pot-room';
import { standsInGust, towerStands } from '../../../checks/tower-stands';
import { countOf } from '../../../crops/planted';
import { POTTING_WORDS } from '../../rules/potting';
import { structureKind } from '../../kind';
import { ACROSS_MM, CUPS, stackOf, TOWER_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizeTower } from './size';
import { BUILDING } from './steps';

/** Stacking pots on a rod: a bed of strawberries on a square foot. */
export const kind = structureKind({
  id: 'tower',
  name: 'Stacked tower',
  blurb: 'Pots of three cups threaded on a rod: eighteen strawberries on a square foot, watered every day.',
  purpose: 'planter',
  stands: ['spot'],
  nature: { tendingMinutes: { leaner: 1, climber: 1 }, moves: 'comes apart' },
  knobs: TOWER_KNOBS,
  size: sizeTower,
  checks: ({ design, facts }, _v, setting) => [
    potRoom({ planted: setting.planted, places: facts.places, litresEach: facts.litresEach }),
    towerStands(facts.stack),
    floorBears({
      wetKg: facts.stack.wetKg,
      dryKg: facts.dryKg,
      floorM2: (ACROSS_MM / 1000) ** 2,
      underfoot: setting.place.underfoot,
    }),
    postLength({ posts: design.posts }),
  ],
  ...BUILDING,
  builtOf: [POTTING_WORDS],
  ...WORDS,
  mends: {
    'pots.few': (v, _built, setting) => {
      const planned = countOf(setting.planted);
      const towers = Math.ceil(planned / (CUPS * v.tiers));
      return towers <= TOWER_KNOBS.towers.max ? { towers } : null;
    },
    'tower.blows': (v, _built, setting) => {
      const fewer = Array.from({ length: v.tiers - 1 }, (_, i) => v.tiers - 1 - i).filter((tiers) => tiers >= 2);
      const tiers = fewer.find((count) => standsInGust(stackOf(count, v.depth, setting, v.rod)));
      return tiers === undefined ? null : { tiers };
    },
  },
});
