import { timberId } from '../../../catalogue/timber';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { LET_IN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import { footingKnobs } from '../../assemblies/footing';
import type { Knobs, Settled, Values } from '../../knob';
import { SPARE_MM, suggestDepth } from '../../rules/depth';
import { reachOverBed, rowKnobs, stationsKnob } from '../../rules/row';
import { wholeStep } from '../../rules/tidy';
import { heavyPostKnobs, sectionKnob } from '../../rules/timber-knobs';
import { depthKnob, heavyDepth } from '../../rules/timber-post';
import { isOffered, type BedSetting } from '../../setting';
import { MOST_WIRES, patternOf } from './patterns';

/** The posts stand this far above the top wire, so that its staples hold (from memory). mm. */
export const ABOVE_WIRE_MM = inches(2);
/** End posts under heavy crops: 3′ deep (from memory). mm. */
const HEAVY_END_MM = feet(3);

const isHeavy = (setting: BedSetting): boolean => leadPlant(setting)?.crop.load === 'heavy';
const isDouble = (set: Settled): boolean => set.form === 'double';

/** The highest wire that can be reached, and that posts on sale can carry. mm. */
export const mostTop = (setting: BedSetting, set: Settled): number => {
  const longest = setting.sizesOf(timberId(String(set.section), String(set.treatment))).at(-1) ?? Infinity;
  const deep = suggestDepth(setting, LET_IN_MM, heavyDepth(setting)).value;
  return Math.min(reachOverBed(setting), longest - deep - ABOVE_WIRE_MM - SPARE_MM);
};

/** Line posts, strutted or anchored end posts, level wires by what is grown (`patterns.ts`). */
export const POST_AND_WIRE_KNOBS = {
  ...rowKnobs(200, 'Outside to outside of the end posts, by a tape laid on the soil.'),
  ...stationsKnob('inset'),
  form: {
    type: 'choice',
    first: true,
    label: 'Wires',
    group: 'Wires',
    choices: [
      { id: 'single', label: 'in one line' },
      { id: 'double', label: 'in two lines, on arms' },
    ],
    help: 'Between two lines canes stand by themselves; to one line they are tied.',
    suggest: (setting) =>
      patternOf(setting).armsMm === undefined
        ? { value: 'single', why: fact('form.tied') }
        : { value: 'double', why: fact(patternOf(setting).why) },
  },
  wires: {
    type: 'count',
    label: 'Heights of wire',
    group: 'Wires',
    min: 1,
    max: MOST_WIRES,
    help: 'One over the other; on arms there are two at each height.',
    suggest: (setting) => ({ value: patternOf(setting).wires, why: fact(patternOf(setting).why) }),
  },
  top: {
    type: 'length',
    label: 'Top wire',
    group: 'Wires',
    min: inches(12),
    max: feet(8),
    help: 'Over the soil.',
    suggest: (setting, set) => {
      const { topMm, why } = patternOf(setting);
      const most = wholeStep(mostTop(setting, set), setting.market);
      return most < topMm
        ? { value: Math.max(inches(12), most), why: fact('top.reach') }
        : { value: topMm, why: fact(why) };
    },
  },
  lowest: {
    type: 'length',
    label: 'Lowest wire',
    group: 'Wires',
    min: inches(4),
    max: feet(8),
    help: 'Over the soil. The others are shared out evenly between it and the top.',
    shown: (set) => Number(set.wires) > 1,
    suggest: (setting, set) => ({
      value: Math.min(patternOf(setting).lowestMm, Number(set.top)),
      why: fact(patternOf(setting).why),
    }),
  },
  middle: {
    type: 'length',
    label: 'Middle wire',
    group: 'Wires',
    min: inches(4),
    max: feet(8),
    help: 'Of three.',
    shown: (set) => Number(set.wires) === 3,
    suggest: (setting, set) => {
      const { middleMm, why } = patternOf(setting);
      const [low, top] = [Number(set.lowest), Number(set.top)];
      return middleMm !== undefined && middleMm > low && middleMm < top
        ? { value: middleMm, why: fact(why) }
        : { value: (low + top) / 2, why: fact('middle.half') };
    },
  },
  arms: {
    type: 'length',
    label: 'Arms',
    group: 'Wires',
    min: inches(12),
    max: feet(6),
    help: 'From tip to tip; a wire an inch (25 mm) from each.',
    shown: isDouble,
    suggest: (setting) => ({ value: patternOf(setting).armsMm ?? inches(24), why: fact('arms.usual') }),
  },
  wire: {
    type: 'choice',
    label: 'Wire',
    group: 'Wires',
    choices: [
      { id: 'line-wire', label: 'soft galvanised, 12½ gauge (2.5 mm)' },
      { id: 'wire-tensile', label: 'high-tensile, 12½ gauge (2.5 mm)' },
    ],
    offered: (setting) => ['line-wire', 'wire-tensile'].filter((id) => isOffered(setting, id)),
    help: 'Soft wire is bent by hand; high-tensile wire bears three times as much, and is never kinked.',
    suggest: (setting) =>
      isHeavy(setting)
        ? { value: 'wire-tensile', why: fact('wire.heavy') }
        : { value: 'line-wire', why: fact('wire.soft') },
  },
  pull: {
    type: 'count',
    label: 'Strained to, N',
    group: 'Wires',
    min: 50,
    max: 2000,
    help: 'Before anything grows on it. 10 N is the weight of a kilogram, 45 N of 10 lb; hand-tight is about 200 N.',
    suggest: (setting) => ({
      value: patternOf(setting).pullN,
      why: fact(patternOf(setting).pullN > 300 ? 'pull.strained' : 'pull.hand'),
    }),
  },
  postSpacing: {
    type: 'length',
    label: 'Posts at most apart',
    group: 'Posts',
    min: feet(4),
    max: feet(24),
    help: 'The bays are made equal.',
    suggest: (setting) => ({ value: patternOf(setting).bayMm, why: fact('spacing.wires') }),
  },
  ...heavyPostKnobs('Posts'),
  ...depthKnob((set) => Number(set.top) + ABOVE_WIRE_MM),
  endDepth: {
    type: 'length',
    label: 'End posts in the ground',
    group: 'Posts',
    min: inches(12),
    max: feet(6),
    help: 'They move before line posts do.',
    suggest: (setting, set) =>
      isHeavy(setting) && Number(set.depth) < HEAVY_END_MM
        ? { value: HEAVY_END_MM, why: fact('end.heavy') }
        : { value: Number(set.depth), why: fact('end.same') },
  },
  ...footingKnobs('tamped'),
  ends: {
    type: 'choice',
    label: 'End posts held by',
    group: 'Posts',
    choices: [
      { id: 'strut', label: 'a strut, inside the row' },
      { id: 'guy', label: 'a guy to an anchor, outside it' },
      { id: 'none', label: 'themselves' },
    ],
    offered: (setting) => [
      'strut',
      'none',
      ...(['guy-wire', 'turnbuckle', 'ground-anchor'].every((id) => isOffered(setting, id)) ? ['guy'] : []),
    ],
    help: 'All wires pull on two posts.',
    suggest: () => ({ value: 'strut', why: fact('ends.strut') }),
  },
  strutOf: {
    ...sectionKnob({
      label: 'Struts and arms of',
      group: 'Posts',
      of: ['2x4', '45x95'],
      usual: { imperial: ['2x4', '45x95'], metric: ['45x95', '2x4'] },
      help: 'A 2×4 measures 1½ × 3½″ (38 × 89 mm).',
      shown: (set) => set.ends === 'strut' || isDouble(set),
    }),
  },
} as const satisfies Knobs<BedSetting>;

export type PostAndWireValues = Values<typeof POST_AND_WIRE_KNOBS>;

/** Heights of the wires over the soil, from the lowest up. mm. */
export function wireHeights({
  wires,
  lowest,
  middle,
  top,
}: Pick<PostAndWireValues, 'wires' | 'lowest' | 'middle' | 'top'>): number[] {
  if (wires === 1) return [top];
  const [low, high] = [Math.min(lowest, top), Math.max(lowest, top)];
  if (wires === 3) return [low, Math.min(high, Math.max(low, middle)), high];
  return Array.from({ length: wires }, (_, i) => low + ((high - low) * i) / (wires - 1));
}

/** Whether what leads the row is a raspberry, whose canes are counted. */
export const isRaspberry = (setting: BedSetting): boolean => leadPlant(setting)?.crop.id === 'raspberry';
