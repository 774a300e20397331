import type { Catalogue } from '../catalogue/stock';
import type { Planted } from '../crops/planted';
import { plantsOf, type Design } from '../design/design';
import type { Fill } from '../design/shapes/fill';
import { asShape, shapeOf } from '../design/shapes/shapes';
import { NO_LOADS, push, type Loads, type Spread } from '../frame/frame';
import { dot, minus, norm, scale, unit, UP, type Point } from '../geometry/space';
import { leafyShare } from '../growth/growth';
import { GRAVITY_MS2 } from '../quantity/measure';
import { DRAG, leafDrag, ROOF_LIFTS } from '../statics/drag';
import { liesOn } from '../statics/snow';
import { windPressure } from '../statics/wind';
import { cellsOf, type Cell } from './cells';
import { hand, type HandedTo } from './hand-over';
import { SLICES, slicesOf, thereNow, type Slice } from './leaves';
import type { Model } from './parts-in';

/** How far what grows has come: shares of its height and of its leaves, by planting. */
export type Grown = (planting: string) => {
  height: number;
  leaf: number;
  /** So many times as much of it as its table says: leaves and fruit alike. */
  heavier?: number;
};

/** The wind that is asked about: its speed at the height of what stands there, and the way it blows. m/s. */
export interface Blows {
  speedMs: number;
  way: Point;
}

/** What comes and goes as a whole: asked of the frame once, then so many times of it. */
export interface LoadCase {
  loads: Loads;
  spread: readonly Spread[];
}

/** So many times one of them. */
export interface Share {
  of: LoadCase;
  times: number;
}

/** Plants of one planting that are alike: at one level they come into leaf together. */
interface Level {
  planting: string;
  from: number;
  slices: readonly Slice[];
}

/** What a structure is loaded by, worked out once: who carries what does not change with the wind and the week. */
export interface Loadable {
  model: Model;
  cells: readonly Cell[];
  levels: readonly Level[];
  blocks: readonly { node: number; to: readonly HandedTo[]; mm2: (way: Point) => number; heavyN: number }[];
  /** Each case is put together when it is first asked for. */
  known: Map<string, LoadCase>;
}

/** What is used whole weighs by its outer size: a pallet, a cup, a hollow block (from memory). kg/m³. */
const BLOCK_KG_M3 = 150;
/** Wet potting mix: 75 to 100 lb to the cubic foot (common practice, no source). kg/l. */
const WET_MIX_KG_L = 1.4;

export function loadable(model: Model, design: Design, planted: readonly Planted[], catalogue: Catalogue): Loadable {
  const slices = design.hold ? plantsOf(design).flatMap((plant, _, all) => slicesOf(model, plant, all, planted)) : [];
  return {
    model,
    cells: model.sheets.flatMap(({ part, fixed }) => cellsOf(part, fixed, catalogue)),
    levels: [...new Set(slices.map(({ planting }) => planting))].flatMap((planting) =>
      Array.from({ length: SLICES }, (_, i): Level => {
        const from = i / SLICES;
        return { planting, from, slices: slices.filter((one) => one.planting === planting && one.from === from) };
      }),
    ),
    blocks: model.blocks.map(({ part, node }) => {
      const own: HandedTo[] = [{ node, at: model.frame.nodes[node] as Point, by: ALL_OF_IT }];
      const fill = asShape(part, 'fill');
      if (fill)
        return { node, to: under(model, fill) ?? own, mm2: () => 0, heavyN: fill.litres * WET_MIX_KG_L * GRAVITY_MS2 };
      const [x, y, z] = [0, 1, 2].map((k) => {
        const all = shapeOf(part)
          .extent(part)
          .map((at) => at[k] as number);
        return Math.max(...all) - Math.min(...all);
      }) as [number, number, number];
      const { opacity } = catalogue.stock(part.stock);
      return {
        node,
        to: own,
        mm2: (way: Point) => opacity * (Math.abs(way[0]) * y * z + Math.abs(way[1]) * x * z),
        heavyN: (x * y * z * BLOCK_KG_M3 * GRAVITY_MS2) / 1e9,
      };
    }),
    known: new Map(),
  };
}

const ALL_OF_IT: HandedTo['by'] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];
/** What lies so near under what is filled in bears it (from memory). mm. */
const UNDER_MM = 80;

/** The bars of the floor that a filling lies on, each with its share; null where none is told apart. */
function under(model: Model, fill: Fill): readonly HandedTo[] | null {
  const rim = shapeOf(fill).extent(fill);
  const low = Math.min(...rim.map(([, , z]) => z));
  const within = (at: Point, k: 0 | 1): boolean =>
    at[k] >= Math.min(...rim.map((one) => one[k])) - 1 && at[k] <= Math.max(...rim.map((one) => one[k])) + 1;
  const nodes = model.bars
    .filter(({ part }) => Math.abs(part.from[2] - part.to[2]) < UNDER_MM)
    .flatMap((bar) => bar.nodes)
    .filter((node) => {
      const at = model.frame.nodes[node] as Point;
      return at[2] < low + 5 && at[2] > low - UNDER_MM && within(at, 0) && within(at, 1);
    });
  const share = 1 / nodes.length;
  const by: HandedTo['by'] = [
    [share, 0, 0],
    [0, share, 0],
    [0, 0, share],
  ];
  return nodes.length === 0 ? null : nodes.map((node) => ({ node, at: model.frame.nodes[node] as Point, by }));
}

const WEIGHS = (n: number): Point => [0, 0, -n];

/** The case of that name, put together where it is not known yet. */
function caseOf({ model, known }: Loadable, name: string, put: (loads: Loads, spread: Spread[]) => void): LoadCase {
  const before = known.get(name);
  if (before) return before;
  const made = { loads: NO_LOADS(model.frame), spread: [] as Spread[] };
  put(made.loads, made.spread);
  known.set(name, made);
  return made;
}

/** What all of it and all that grows on it weighs. */
export function weightOf(able: Loadable, grown: Grown): Share[] {
  const { model, cells, blocks, levels } = able;
  const own = caseOf(able, 'weight', (loads, spread) => {
    for (const { of, beams } of model.bars) for (const beam of beams) spread.push({ beam, by: WEIGHS(of.weightNmm) });
    for (const { heavyN, to } of [...cells, ...blocks]) hand(loads, model.frame, to, WEIGHS(heavyN));
  });
  return [
    { of: own, times: 1 },
    ...levels.map(({ planting, from, slices }): Share => {
      const now = grown(planting);
      return {
        of: caseOf(able, `weight ${planting} ${from}`, (loads) => {
          for (const { to, heavyN } of slices) hand(loads, model.frame, to, WEIGHS(heavyN));
        }),
        // Leaves first, fruit last (from memory).
        times: (now.heavier ?? 1) * thereNow(from, now) * now.leaf ** 2,
      };
    }),
  ];
}

/** Its pushes turn round with the wind: one way of the two is worked out. */
const turnedRound = ([x, y]: Point): boolean => x < -1e-9 || (Math.abs(x) <= 1e-9 && y < 0);

/** What the wind does to it, with all that grows on it. N/mm² is a millionth of a pascal. */
export function windOn(able: Loadable, grown: Grown, { speedMs, way: blows }: Blows): Share[] {
  const { model, levels } = able;
  const q = windPressure(speedMs) / 1e6;
  const sign = turnedRound(blows) ? -1 : 1;
  const way = scale(blows, sign);
  const named = way.map((share) => share.toFixed(6)).join(' ');
  const leaves = q * leafDrag(speedMs);
  return [
    { of: caseOf(able, `wind ${named}`, (loads, spread) => pushedAt(able, way, loads, spread)), times: sign * q },
    { of: caseOf(able, 'lift', (loads) => lifted(able, loads)), times: q },
    ...levels.map(({ planting, from, slices }): Share => {
      const now = grown(planting);
      return {
        of: caseOf(able, `wind ${named} ${planting} ${from}`, (loads) => {
          for (const { mm2, to } of slices) hand(loads, model.frame, to, scale(way, mm2(way)));
        }),
        times: sign * leaves * (now.heavier ?? 1) * thereNow(from, now) * leafyShare(now.leaf),
      };
    }),
  ];
}

/** What a wind that presses with 1 N/mm² pushes at all but the leaves. */
function pushedAt({ model, cells, blocks }: Loadable, way: Point, loads: Loads, spread: Spread[]): void {
  const { frame } = model;
  for (const { part, beams } of model.bars) {
    const drag = part.round ? DRAG.round : DRAG.edged;
    for (const beam of beams) {
      const { a, b } = frame.beams[beam] as (typeof frame.beams)[number];
      const axis = unit(minus(frame.nodes[b] as Point, frame.nodes[a] as Point));
      const square = minus(way, scale(axis, dot(way, axis)));
      const flat = Math.abs(dot(way, part.wide));
      const seen = part.round ? part.wideMm : flat * part.thickMm + Math.sqrt(Math.max(0, 1 - flat ** 2)) * part.wideMm;
      spread.push({ beam, by: scale(square, drag * seen * norm(square)) });
    }
  }
  for (const { mm2, faces, drag, to } of cells) {
    const straight = dot(way, faces);
    hand(loads, frame, to, scale(faces, drag * mm2 * Math.abs(straight) * straight));
  }
  for (const { to, mm2 } of blocks) hand(loads, frame, to, scale(way, DRAG.sheet * mm2(way)));
}

/** What the same wind lifts its roofs with, whichever way it blows. */
function lifted({ model, cells }: Loadable, loads: Loads): void {
  for (const { mm2, faces, lifts, to } of cells)
    if (lifts) hand(loads, model.frame, to, scale(UP, ROOF_LIFTS * mm2 * Math.abs(faces[2])));
}

/** What snow of so much weight on level ground lies on its roofs with, the less the steeper they are. N/m². */
export function snowOn(able: Loadable, snowNm2: number): Share[] {
  const { model, cells } = able;
  const of = caseOf(able, 'snow', (loads) => {
    for (const { mm2, faces, catches, to } of cells) {
      const level = Math.abs(faces[2]);
      if (catches) hand(loads, model.frame, to, WEIGHS(mm2 * level * liesOn(Math.acos(Math.min(1, level)))));
    }
  });
  return of.loads.some((n) => n !== 0) ? [{ of, times: snowNm2 / 1e6 }] : [];
}

/** A push at one place of a bar. N. */
export function pushOn(able: Loadable, name: string, node: number, force: Point): Share {
  const { frame } = able.model;
  return { of: caseOf(able, name, (loads) => push(loads, frame, node, force)), times: 1 };
}
