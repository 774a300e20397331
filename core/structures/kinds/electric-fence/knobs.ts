import type { Market, SectionId } from '../../../catalogue/stock';
import { feet, inches } from '../../../quantity/length';
import type { PlaceOn } from '../../../site/stands/stands';
import { LIVE_NEEDS } from '../../../site/visitors';
import { LEAST_DRIVEN_MM, NO_FILL } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import type { Knobs, LengthKnob, Settings, Settled, Suggestion, Values } from '../../knob';
import { drivenDepth, suggestDepth } from '../../rules/depth';
import { perMarket, tidy } from '../../rules/tidy';
import { lastingTimber, sectionKnob } from '../../rules/timber-knobs';
import type { Setting } from '../../setting';

export type PathSetting = Setting<PlaceOn<'path'>>;

/** No fence here takes more wires, one over the other: as many as all whom wires stop ask for together (from memory). */
const MOST_WIRES = 8;
/** A wire lower than this lies in the grass; higher than that nobody is met by it (from memory). mm. */
const [LEAST_MM, MOST_MM] = [inches(3), feet(5)];
/** Stakes stand so far above the top wire; taller ones go in deeper (from memory). mm. */
export const OVER_WIRE_MM = inches(2);
const TALL_MM = feet(3);
/** What is stepped over by one who carries a basket (from memory). mm. */
const STEPPED_MM = inches(16);

/** Whom its wires are meant for: those who visit and whom wires stop, or who was chosen. */
export const meantFor = (setting: PathSetting, against: unknown): string[] =>
  against === 'visitors' ? setting.site.visitors.filter((who) => LIVE_NEEDS[who]) : [String(against)];

/**
 * The fewest heights that stop all of them: those who ask most closely first, and of what the others ask only what no
 * wire yet meets, on marks of the tape. mm.
 * @example heightsFor(['raccoons'], 'imperial') // [152.4, 304.8]
 */
export function heightsFor(who: readonly string[], market: Market): number[] {
  const needs = who.flatMap((one) => LIVE_NEEDS[one] ?? []).toSorted((a, b) => a.withinMm - b.withinMm);
  const heights = needs.reduce<number[]>(
    (set, { atMm, withinMm }) => [
      ...set,
      ...atMm.filter((at) => !set.some((wire) => Math.abs(wire - at) <= withinMm)).map((at) => tidy(at, market)),
    ],
    [],
  );
  return heights.toSorted((a, b) => a - b);
}

const patternOf = (setting: PathSetting, set: Settled): number[] =>
  heightsFor(meantFor(setting, set.against), setting.market);

/** The height of one of its wires, counted from below. */
const wireKnob = (n: number): LengthKnob<PathSetting> => ({
  type: 'length',
  label: n === 1 ? 'Lowest wire' : `Wire ${n}`,
  group: 'Wires',
  min: LEAST_MM,
  max: MOST_MM,
  help: 'Over the soil.',
  shown: (set) => Number(set.wires) >= n,
  suggest: (setting, set) => {
    const pattern = patternOf(setting, set);
    const at = pattern[n - 1];
    if (at !== undefined) return { value: at, why: fact('wires.who') };
    const before = n === 1 ? 0 : Number(set[`wire${n - 1}`]);
    return { value: Math.min(MOST_MM, before + perMarket(setting.market, 6, 150)), why: fact('wires.above') };
  },
});

const HEIGHTS = ['wire1', 'wire2', 'wire3', 'wire4', 'wire5', 'wire6', 'wire7', 'wire8'] as const;

/** Its wires over the soil, from the lowest up. mm. */
export const heightsOf = (set: Settled): number[] =>
  HEIGHTS.slice(0, Number(set.wires))
    .map((knob) => Number(set[knob]))
    .toSorted((a, b) => a - b);

/** The knob of its highest wire. */
export const topKnob = (set: Settled): string =>
  HEIGHTS.slice(0, Number(set.wires)).reduce((top, knob) => (Number(set[knob]) > Number(set[top]) ? knob : top));

/** Wires at these heights, as knobs. */
export const asWires = (heights: readonly number[]): Settings => ({
  wires: heights.length,
  ...Object.fromEntries(HEIGHTS.flatMap((knob, i) => (heights[i] === undefined ? [] : [[knob, heights[i]]]))),
});

/** Live wires on insulators, by who is meant (heights from memory, `site/visitors.ts`). */
export const ELECTRIC_FENCE_KNOBS = {
  against: {
    type: 'choice',
    first: true,
    label: 'Against',
    group: 'Wires',
    choices: [
      { id: 'visitors', label: 'those who visit' },
      { id: 'raccoons', label: 'raccoons' },
      { id: 'badgers', label: 'badgers' },
      { id: 'groundhogs', label: 'groundhogs' },
      { id: 'deer', label: 'deer' },
    ],
    help: 'Each is met by a wire at other heights.',
    suggest: (setting) =>
      meantFor(setting, 'visitors').length > 0
        ? { value: 'visitors', why: fact('against.visitors') }
        : { value: 'raccoons', why: fact('against.usual') },
  },
  wires: {
    type: 'count',
    label: 'Wires',
    group: 'Wires',
    min: 1,
    max: MOST_WIRES,
    help: 'One over the other.',
    suggest: (setting, set) => ({
      value: Math.min(MOST_WIRES, Math.max(1, patternOf(setting, set).length)),
      why: fact('wires.who'),
    }),
  },
  wire1: wireKnob(1),
  wire2: wireKnob(2),
  wire3: wireKnob(3),
  wire4: wireKnob(4),
  wire5: wireKnob(5),
  wire6: wireKnob(6),
  wire7: wireKnob(7),
  wire8: wireKnob(8),
  section: sectionKnob({
    label: 'Stakes of',
    group: 'Stakes',
    of: ['2x2', '4x4', '45x45', '90x90'],
    usual: { imperial: ['2x2', '45x45', '4x4', '90x90'], metric: ['45x45', '2x2', '90x90', '4x4'] },
    help: 'Nothing pulls hard on them: the wire is only hand-tight.',
  }),
  bay: {
    type: 'length',
    label: 'Stakes at most',
    group: 'Stakes',
    min: feet(3),
    max: feet(30),
    help: 'Apart, in equal bays; closer where the ground rolls.',
    suggest: (setting) => ({ value: perMarket(setting.market, 120, 3000), why: fact('bay.level') }),
  },
  depth: {
    type: 'length',
    label: 'Depth in the ground',
    group: 'Stakes',
    min: inches(8),
    max: feet(4),
    help: 'Of every stake.',
    suggest: (setting, set) => {
      const aboveMm = Math.max(...heightsOf(set)) + OVER_WIRE_MM;
      const usual: Suggestion<number> =
        aboveMm > TALL_MM
          ? { value: perMarket(setting.market, 24, 600), why: fact('depth.tall') }
          : drivenDepth(setting);
      // Cut to what it takes and driven: nothing is trimmed off it.
      const sizesMm = setting.sizesOf(lastingTimber(setting, set.section as SectionId));
      return suggestDepth(setting, LEAST_DRIVEN_MM, usual, { aboveMm, sizesMm }, NO_FILL);
    },
  },
  gate: {
    type: 'choice',
    label: 'Way in',
    group: 'Way in',
    choices: [
      { id: 'over', label: 'stepped over' },
      { id: 'handles', label: 'a bay that unhooks' },
    ],
    help: 'An insulated handle on each wire, unhooked and laid aside.',
    suggest: (setting, set) =>
      Math.max(...heightsOf(set)) <= STEPPED_MM
        ? { value: 'over', why: fact('gate.low') }
        : { value: 'handles', why: fact('gate.high') },
  },
  gateNo: {
    type: 'count',
    label: 'Which bay unhooks',
    group: 'Way in',
    min: 1,
    max: 200,
    help: 'Counted from the first corner; of fewer bays the last.',
    shown: (set) => set.gate === 'handles',
    suggest: () => ({ value: 2, why: fact('gate.second') }),
  },
} as const satisfies Knobs<PathSetting>;

export type ElectricFenceValues = Values<typeof ELECTRIC_FENCE_KNOBS>;
