import { leadPlant } from '../../crops/planted';
import type { Hold, Station } from '../../design/design';
import { feet, inches } from '../../quantity/length';
import { GRAVITY_MS2 } from '../../quantity/measure';
import { hungWire, roundArea, wireYieldMpa, yieldShareOf } from '../../statics/wire';
import { fact } from '../../wording/say';
import type { Knobs, Settled } from '../knob';
import type { Said } from '../said';
import { isOffered, type BedSetting } from '../setting';
import { wholeStep } from './tidy';
import { cropKg } from './weights';
import { MOST_WIRES, patternOf } from './wire-patterns';

/** Whether what leads the row is a heavy crop. */
export const isHeavy = (setting: BedSetting): boolean => leadPlant(setting)?.crop.load === 'heavy';

/** How many wires, how high: by what is grown, no higher than `mostMm` says. */
export const wireHeightKnobs = (mostMm: (setting: BedSetting, set: Settled) => number) =>
  ({
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
        const most = wholeStep(mostMm(setting, set), setting.market);
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
  }) as const satisfies Knobs<BedSetting>;

/** Of what wire, and how hard it is strained. */
export const wireKnobs = {
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
} as const satisfies Knobs<BedSetting>;

/** Heights of the wires over the soil, from the lowest up. mm. */
export function wireHeights({
  wires,
  lowest,
  middle,
  top,
}: {
  wires: number;
  lowest: number;
  middle: number;
  top: number;
}): number[] {
  if (wires === 1) return [top];
  const [low, high] = [Math.min(lowest, top), Math.max(lowest, top)];
  if (wires === 3) return [low, Math.min(high, Math.max(low, middle)), high];
  return Array.from({ length: wires }, (_, i) => low + ((high - low) * i) / (wires - 1));
}

/** What plants hold on to: level wires, by their heights; `mostMm` is how high the top one could be. mm. */
export function wiresHold(heights: readonly number[], memberMm: number, mostMm: number): Hold {
  const [low = 0, top = low] = [heights[0], heights.at(-1)];
  return {
    by: 'wires',
    meshMm: null,
    memberMm,
    stepMm: Math.max(...heights.map((up, i) => up - (heights[i - 1] ?? 0))),
    fineToMm: 0,
    carries: 'heavy',
    startsMm: low,
    gapMm: low,
    topMm: { least: top, most: top },
    could: { topMm: Math.max(top, mostMm), carries: 'heavy', net: false },
  };
}

/** How wires hang and pull in full crop, in their widest bay. */
export interface HungInCrop {
  sagMm: number;
  tensionN: number;
  spanMm: number;
  yieldShare: number;
}

/** The wires in full crop, in the widest bay: what grows there shared out among them. */
export function hungInCrop(
  v: { pull: number; rowLength: number; wire: string },
  setting: BedSetting,
  o: { stations: readonly Station[]; wires: number; spanMm: number; diameterMm: number },
): HungInCrop {
  const hung = hungWire({
    pullN: v.pull,
    loadNmm: (cropKg(o, setting.planted) * GRAVITY_MS2) / v.rowLength / o.wires,
    spanMm: o.spanMm,
    areaMm2: roundArea(o.diameterMm),
  });
  return {
    ...hung,
    spanMm: o.spanMm,
    yieldShare: yieldShareOf(hung.tensionN, o.diameterMm, wireYieldMpa(v.wire)),
  };
}

export const WIRE_WORDS = {
  names: {
    joints: { 'turnbuckle in a wire': 'In a wire' },
    joinery: {
      'turnbuckle in a wire':
        'Near the far end, where it can be reached: wire and turnbuckle eye to eye, opened fully before the wire is hung.',
    },
  },
  phrases: {
    'wires.raspberry': 'Summer raspberries: low for young canes, the top one where they are tied.',
    'wires.autumn': 'Autumn raspberries stand between two lines, and nothing is tied.',
    'wires.blackberry': 'Blackberries and hybrids: a wire every foot (300 mm), the canes fanned over them.',
    'wires.vine': 'Vines: the low one for the arms, the others to catch the shoots that grow from them.',
    'wires.kiwi': 'Kiwi: a wide T, as heavy as any.',
    'wires.espalier': 'A tier of the tree on every wire.',
    'wires.cordon': 'Cordons: tied at three heights.',
    'wires.fan': 'A fan: a wire for every rib.',
    'wires.usual': 'As high as the crop is to be held, a wire every foot (300 mm) or closer.',
    'top.reach': 'As high as you reach, and as posts on sale stand.',
    'middle.half': 'Half way.',
    'wire.heavy': 'What grows here is heavy.',
    'wire.soft': 'Bent by hand; enough for canes.',
    'pull.hand': 'Hand-tight.',
    'pull.strained': 'Strained: about 150 lb.',
    'count.turnbuckles': 'One in each wire, opened fully before it is hung',
  },
} as const satisfies Said;
