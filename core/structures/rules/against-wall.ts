import { stockOf } from '../../catalogue/catalogue';
import { againstWall, BELOW_TOP_MM } from '../../checks/against-wall';
import type { Joint } from '../../design/design';
import type { Bar } from '../../design/shapes/bar';
import { add, dot, minus, reach, scale, unit, type Point } from '../../geometry/space';
import { inches } from '../../quantity/length';
import { fact } from '../../wording/say';
import type { ChoiceKnob, Settings, Settled, Suggestion } from '../knob';
import type { Said } from '../said';
import type { BedSetting } from '../setting';
import { reachOverBed, ROW_MENDS, rowAtKnob, rowKnobs, withinArm } from './row';
import { wholeStep } from './tidy';

/** Plants are set so far out from a wall, whose foot is dry: 12″ (from memory). mm. */
const OUT_MM = inches(12);

/** Where the face of the wall is across the bed, from its middle; the back edge where there is none. mm. */
export const faceAt = ({ wall, place: { bed } }: BedSetting): number => wall?.faceMm ?? bed.widthMm / 2;

/** The stretch of a bed that lies before its wall, from its near end; all of it where there is none. mm. */
function beforeWall({ wall, place: { bed } }: BedSetting): { fromMm: number; toMm: number } {
  const [fromMm, toMm] = [Math.max(0, wall?.fromMm ?? 0), Math.min(bed.lengthMm, wall?.toMm ?? bed.lengthMm)];
  return toMm - fromMm >= inches(24) ? { fromMm, toMm } : { fromMm: 0, toMm: bed.lengthMm };
}

/** A row that hangs on the wall behind its bed: as long as both, its plants out of the wall's dry foot. */
export function wallRowKnobs(longestFeet: number, lengthHelp: string) {
  const { rowAt: _rowAt, ...knobs } = rowKnobs(longestFeet, lengthHelp);
  const outOf = (setting: BedSetting): Suggestion<number> => {
    const { bed } = setting.place;
    const out = bed.widthMm / 2 + faceAt(setting) - OUT_MM;
    const arm = withinArm(setting);
    return out <= arm.value || bed.widthMm <= setting.armMm
      ? { value: Math.min(bed.widthMm, Math.max(0, out)), why: fact('row.wall') }
      : arm;
  };
  return {
    ...knobs,
    rowLength: {
      ...knobs.rowLength,
      suggest: (setting: BedSetting) => {
        const { fromMm, toMm } = beforeWall(setting);
        return { value: toMm - fromMm, why: fact(setting.wall ? 'row.along-wall' : 'row.bed') };
      },
    },
    startAt: {
      ...knobs.startAt,
      suggest: (setting: BedSetting, set: Settings) => {
        const { fromMm, toMm } = beforeWall(setting);
        return { value: Math.max(0, (fromMm + toMm - Number(set.rowLength)) / 2), why: fact('row.centred') };
      },
    },
    plantsAt: { ...rowAtKnob(outOf), label: 'Plants from the front edge' },
  };
}

const OF = [
  { id: 'brick', label: 'brick or block' },
  { id: 'soft', label: 'old, soft brick' },
  { id: 'stone', label: 'stone' },
  { id: 'render', label: 'render over it' },
  { id: 'timber', label: 'timber' },
] as const;

/** What the wall is of, which decides where it is drilled, and whether a plug goes in. */
export const wallOfKnob = {
  wallOf: {
    type: 'choice',
    label: 'The wall is of',
    group: 'Wall',
    choices: OF,
    help: 'Hard brick is drilled, soft old brick only in its joints; timber needs no plug.',
    suggest: ({ wall }: BedSetting) => ({
      value: wall?.kind === 'fence' ? 'timber' : 'brick',
      why: fact(wall?.kind === 'fence' ? 'wall-of.fence' : 'wall-of.brick'),
    }),
  } satisfies ChoiceKnob<BedSetting>,
};

/** How high something may hang: as high as is reached, and no higher than the wall. mm. */
export function mostOnWall(setting: BedSetting, { rowLength }: Settled): number {
  const { riseMm, lengthMm } = setting.place.bed;
  // What hangs level is told over the soil in its middle, which lies higher or lower than where it begins.
  const soilMm = (riseMm / lengthMm) * (Number(rowLength) / 2);
  return Math.min(reachOverBed(setting), (setting.wall?.topMm ?? Infinity) - BELOW_TOP_MM - soilMm);
}

/** The same on the tape, and not out of all use. mm. */
export const mostTopOnWall = (setting: BedSetting, set: Settled): number =>
  Math.max(inches(12), wholeStep(mostOnWall(setting, set), setting.market));

/** The back of a bed is where its wall is. */
const TO_WALL: Point = [0, 1, 0];
/** A screw goes so deep into a plug or into timber, about as the plug is long (from memory). mm. */
const INTO_WALL_MM = 35;
/** The first and the last screw of a batten, so far from its ends (from memory). mm. */
const FROM_END_MM = inches(2);
/** Another screw is no nearer along a batten than this; else it is set beside it (from memory). mm. */
const CLEAR_OF_SCREW_MM = 25;

/**
 * A batten that lies on the wall behind a bed, held by screws through its face, plugged but in timber; none where one of
 * its laths is screwed to it. mm.
 */
export function screwsIntoWall(
  batten: Bar,
  laths: readonly Point[],
  v: { wallEvery: number; wallOf: string },
  { catalogue }: BedSetting,
): Joint {
  const [axis, longMm] = [unit(minus(batten.to, batten.from)), reach(batten.from, batten.to)];
  const screw =
    ['screw-short', 'screw-75', 'screw-long'].find(
      (id) => stockOf(catalogue, id, 'piece').lengthMm >= batten.thickMm + INTO_WALL_MM,
    ) ?? 'screw-long';
  const taken = laths.map((at) => dot(minus(at, batten.from), axis));
  const inMm = Math.min(FROM_END_MM, longMm / 4);
  const bays = Math.max(1, Math.ceil((longMm - 2 * inMm) / v.wallEvery - 1e-6));
  const places = Array.from({ length: bays + 1 }, (_, i) => {
    const at = inMm + ((longMm - 2 * inMm) * i) / bays;
    const near = taken.find((one) => Math.abs(one - at) < CLEAR_OF_SCREW_MM);
    // Towards the middle, so that none comes nearer to an end.
    const clear = near === undefined ? at : near + (at < longMm / 2 ? CLEAR_OF_SCREW_MM : -CLEAR_OF_SCREW_MM);
    return add(batten.from, scale(axis, clear));
  });
  const { length: count } = places;
  return {
    id: `${batten.id}-wall`,
    kind: 'batten to wall',
    by: 'screwed',
    places,
    parts: [batten.id],
    fixings: [
      {
        stock: screw,
        count,
        drive: {
          through: batten.id,
          into: null,
          way: TO_WALL,
          places: places.map((at) => minus(at, scale(TO_WALL, batten.thickMm / 2))),
        },
      },
      ...(v.wallOf === 'timber' ? [] : [{ stock: 'wall-plug', count }]),
    ],
  };
}

/** What is asked of a wall by what hangs on it. */
export const wallCheck = (setting: BedSetting, design: { startMm: number; builtMm: number }, topMm: number) =>
  againstWall({ wall: setting.wall, fromMm: design.startMm, toMm: design.startMm + design.builtMm, topMm });

/** Kept to the wall that is there. */
function toTheWall(_values: unknown, _built: unknown, setting: BedSetting): Settings {
  const { fromMm, toMm } = beforeWall(setting);
  return { startAt: fromMm, rowLength: toMm - fromMm };
}

/** Its plants come nearer, or into the bed. */
const nearer = (_values: unknown, _built: unknown, setting: BedSetting): Settings => ({
  plantsAt: withinArm(setting).value,
});

/** What is out of reach on a wall row, past its wall, or lower than its crops. */
export const WALL_ROW_MENDS = {
  'row.past-bed': ROW_MENDS['row.past-bed'],
  'reach.far': nearer,
  'reach.outside': nearer,
  'wall.past': toTheWall,
  'height.low': (v: { top: number; rowLength: number }, _built: unknown, setting: BedSetting): Settings => ({
    top: Math.min(mostTopOnWall(setting, v), Math.max(v.top, ...setting.planted.map((one) => one.crop.supportToMm))),
  }),
  'places.one-more': (): Settings => ({ school: 'ends' }),
};

export const WALL_WORDS = {
  phrases: {
    'row.wall': 'A foot (300 mm) out from the wall, whose foot is dry.',
    'row.along-wall': 'As long as bed and wall lie along each other.',
    'wall-of.fence': 'As fences are.',
    'wall-of.brick': 'As most walls are: look, and tap it.',
    'top.wall': 'As high as you reach and the wall bears it.',
    'care.wall':
      'Goggles, mask and gloves; a residual-current device for the drill. Cables and pipes run up and down from switches, lamps and taps: look for them with a detector. Never through outside insulation, nor at weep holes.',
    'step.drill.brick':
      'Drill {holes|hole|holes} into the middle of bricks, not into the mortar, as deep as the plug is long; blow them clean and press the plugs in flush.',
    'step.drill.soft':
      'Drill {holes|hole|holes} into sound joints, not into the soft bricks; move one up or down to the next joint where it has to be. Blow them clean and press the plugs in flush.',
    'step.drill.stone':
      'Drill {holes|hole|holes} into stone or a sound joint, slowly and without the hammer at first; blow them clean and press the plugs in flush.',
    'step.drill.render':
      'Drill {holes|hole|holes} through the render and on into what is behind it, as deep again as the plug is long; push the plug in past the render, which bears nothing.',
    'step.drill.timber':
      'Drill {holes|hole|holes} into posts and rails, not into boards, a little thinner than the thread.',
  },
} as const satisfies Said;
