import { stockOf } from '../../../catalogue/catalogue';
import { wireSags } from '../../../checks/wire-sags';
import { inches } from '../../../quantity/length';
import { structureKind, type Built } from '../../kind';
import type { Settings } from '../../knob';
import { mostTopOnWall, wallCheck, WALL_ROW_MENDS, WALL_WORDS } from '../../rules/against-wall';
import { hungInCrop, WIRE_WORDS } from '../../rules/level-wires';
import { ROW_WORDS } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { equalBays, widestBay } from '../../rules/spacing';
import { isOffered, type BedSetting } from '../../setting';
import { WALL_WIRES_KNOBS, type WallWiresValues } from './knobs';
import { sizeWallWires, type WallWiresFacts } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** As high as the wall and one's reach allow, and what lies under it no higher than that. */
function lowered(v: WallWiresValues, _built: unknown, setting: BedSetting): Settings {
  const top = mostTopOnWall(setting, v);
  return { top, lowest: Math.min(v.lowest, top), middle: Math.min(v.middle, top) };
}

/** The thicker wire, its eyes no closer than it takes to hold what grows there. */
function stiffer(v: WallWiresValues, { design }: Built<WallWiresFacts>, setting: BedSetting): Settings {
  const wire = isOffered(setting, 'line-wire') ? 'line-wire' : v.wire;
  const { diameterMm } = stockOf(setting.catalogue, wire, 'cord');
  const holds = (eyeSpacing: number): boolean => {
    const spanMm = widestBay(equalBays([0, v.rowLength], eyeSpacing));
    const hung = hungInCrop({ ...v, wire }, setting, { ...design, wires: v.wires, spanMm, diameterMm });
    return wireSags(hung)?.level === 'good';
  };
  const spacings = [1, 1.5, 2, 3].map((share) => Math.max(inches(24), v.eyeSpacing / share));
  return { wire, eyeSpacing: spacings.find(holds) ?? inches(24) };
}

/** Level wires on vine eyes in a wall: for trees trained flat, canes and climbers. */
export const kind = structureKind({
  id: 'wall-wires',
  name: 'Wires on a wall',
  blurb: 'Level wires on vine eyes in the wall, house or fence behind a bed: for espaliers, fans, canes and climbers.',
  nature: { tendingMinutes: { leaner: 0.5, climber: 0.5 }, moves: 'stays' },
  purpose: 'support',
  stands: ['bed'],
  knobs: WALL_WIRES_KNOBS,
  size: sizeWallWires,
  checks: ({ design, facts }, _v, setting) => [
    wallCheck(setting, design, facts.topMm),
    ...standChecks(design, setting),
    setting.planted.length > 0 ? wireSags(facts.hung) : null,
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, WALL_WORDS, WIRE_WORDS],
  ...WORDS,
  mends: {
    ...WALL_ROW_MENDS,
    'wall.low': lowered,
    'gap.high': (v, _built, setting) => ({
      wires: Math.max(2, v.wires),
      lowest: Math.min(
        ...setting.planted.filter((one) => one.crop.habit !== 'none').map((one) => one.crop.supportFromMm),
      ),
    }),
    'reach.tall': lowered,
    'sag.gives': stiffer,
    'sag.deep': stiffer,
  },
});
