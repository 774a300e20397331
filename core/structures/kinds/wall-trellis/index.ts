import { wallHolds } from '../../../checks/wall-holds';
import { inches } from '../../../quantity/length';
import { STRINGS_UP, thinOf, THIN_BOARD_MM } from '../../assemblies/strings-up';
import { structureKind } from '../../kind';
import type { Settings } from '../../knob';
import { mostTopOnWall, wallCheck, WALL_ROW_MENDS, WALL_WORDS } from '../../rules/against-wall';
import { ROW_WORDS } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import type { BedSetting } from '../../setting';
import { LEAST_HIGH_MM, WALL_TRELLIS_KNOBS, type WallTrellisValues } from './knobs';
import { sizeWallTrellis } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** As high as the wall and one's reach allow, and still of some height. */
function lowered(v: WallTrellisValues, _built: unknown, setting: BedSetting): Settings {
  const top = Math.max(inches(18), mostTopOnWall(setting, v));
  return { top, lowest: Math.min(v.lowest, top - LEAST_HIGH_MM) };
}

/** Panels of lattice, or fans, on battens on the wall behind a bed. */
export const kind = structureKind({
  id: 'wall-trellis',
  name: 'Trellis on a wall',
  blurb: 'Lattice or fans of laths on battens, off the wall behind a bed: for roses, clematis, beans and peas.',
  nature: { tendingMinutes: { leaner: 1, climber: 0.5 }, moves: 'comes apart' },
  purpose: 'support',
  stands: ['bed'],
  knobs: WALL_TRELLIS_KNOBS,
  size: sizeWallTrellis,
  checks: ({ design, facts }, v, setting) => [
    wallCheck(setting, design, facts.topMm),
    wallHolds({ ...facts.hangs, wallOf: v.wallOf }),
    ...standChecks(design, setting),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, WALL_WORDS, TIMBER_WORDS, STRINGS_UP],
  ...WORDS,
  mends: {
    ...WALL_ROW_MENDS,
    'wall.low': lowered,
    'wall.heavy': (v) => ({ wallEvery: inches(6), battenEvery: Math.min(v.battenEvery, inches(16)) }),
    'reach.tall': lowered,
    'mesh.wide': (v, _built, setting) => {
      const steps = setting.planted.map(({ crop }) => crop.grips?.stepMm ?? Infinity);
      const every = Math.max(inches(4), Math.min(v.every, ...steps));
      return {
        form: 'square',
        every,
        strings: Math.max(v.strings, every > Math.min(...steps) || thinOf(setting.planted, THIN_BOARD_MM) ? 1 : 0),
      };
    },
    'climb.thick': (v) => ({ form: 'square', strings: Math.max(1, v.strings) }),
  },
});
