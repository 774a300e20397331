import { meshOpacity, type Catalogue, type Stock } from '../catalogue/stock';
import type { Planted } from '../crops/planted';
import { plantsOf, type Design, type Station } from '../design/design';
import type { Fill } from '../design/shapes/fill';
import type { Sheet } from '../design/shapes/sheet';
import { asShape, shapeOf } from '../design/shapes/shapes';
import { NO_LOADS, type Loads, type Spread } from '../frame/frame';
import { lengthOf, pointAt, tangentAt } from '../geometry/curve';
import { inside } from '../geometry/polygon';
import { add, cross, dot, minus, norm, scale, unit, UP, type Point } from '../geometry/space';
import { GRAVITY_MS2 } from '../quantity/measure';
import { LEAVES_REACH_MM, leafyShare } from '../growth/growth';
import { DRAG, leafDrag, ROOF_LIFTS, ROUNDED } from '../statics/drag';
import { windPressure } from '../statics/wind';
import { alongBar } from './bars';
import { fromBar, fromCord, fromSheet, hand, type HandedTo } from './hand-over';
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

/** A piece of a sheet: how large, which way it faces, what of it is not open, and who carries it. mm². */
interface Cell {
  mm2: number;
  faces: Point;
  /** Share of it that stops air, by how hard a sheet of that kind is pushed; and whether it is a roof that lifts. */
  drag: number;
  lifts: boolean;
  heavyN: number;
  to: readonly HandedTo[];
}

/** A piece of a plant: how high it begins to be there, what it shows to the wind when it is in full leaf, what it weighs then, and who carries it. */
interface Slice {
  planting: string;
  /** Share of the height that is held at which it begins. */
  from: number;
  /** What of its leaves faces a wind that blows some way: plants in a row stand behind each other along it. */
  mm2: (way: Point) => number;
  heavyN: number;
  to: readonly HandedTo[];
}

/** What a structure is loaded by, worked out once: who carries what does not change with the wind and the week. */
export interface Loadable {
  model: Model;
  cells: readonly Cell[];
  slices: readonly Slice[];
  blocks: readonly { node: number; to: readonly HandedTo[]; mm2: (way: Point) => number; heavyN: number }[];
}

/** Pieces of a sheet are no longer than this. mm. */
const CELL_MM = 450;
/** A plant is looked at in so many pieces. */
const SLICES = 5;
/** What is farther off than this does not hold a plant (from memory). mm. */
const HOLDS_WITHIN_MM = 600;
/** What of its weight and of the wind on it a plant that stands by itself leans on its support with (from memory). */
const LEANS = { bush: 0.3, none: 0 } as const;
/** Mesh and net with rain on them, cloth soaked (from memory). N/mm² for each mm of wire, and for cloth. */
const SHEET_N_MM2 = 3e-6;
/** What is used whole weighs by its outer size: a pallet, a cup, a hollow block (from memory). kg/m³. */
const BLOCK_KG_M3 = 150;
/** Wet potting mix: 75 to 100 lb to the cubic foot (common practice, no source). kg/l. */
const WET_MIX_KG_L = 1.4;

export function loadable(model: Model, design: Design, planted: readonly Planted[], catalogue: Catalogue): Loadable {
  return {
    model,
    cells: model.sheets.flatMap(({ part, fixed }) => cellsOf(part, fixed, catalogue)),
    slices: design.hold ? plantsOf(design).flatMap((plant, _, all) => slicesOf(model, plant, all, planted)) : [],
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

/** What lies flatter than this is a roof: its upright share (from memory). */
const ROOF = 0.6;
/** Share of a sheet that stops air: all of what has no openings, however much light it lets through. */
const stopsAir = (stock: Stock): number =>
  stock.form === 'mesh roll'
    ? stock.openingMm > 0
      ? meshOpacity(stock.wireMm, stock.openingMm, stock.stepMm || stock.openingMm)
      : 1
    : stock.form === 'panel'
      ? stock.opacity
      : 1;

function cellsOf(sheet: Sheet, fixed: Parameters<typeof fromSheet>[0], catalogue: Catalogue): Cell[] {
  const long = Math.min(lengthOf(sheet.base), sheet.cutMm);
  const high = sheet.heightMm - (sheet.gatheredMm ?? 0);
  const [nu, nv] = [Math.ceil(long / CELL_MM), Math.ceil(high / CELL_MM)];
  const solid = stopsAir(catalogue.stock(sheet.stock));
  const bent = sheet.base.curve === 'arc' || sheet.base.curve === 'sampled';
  const drag = solid * (solid === 1 && bent ? ROUNDED : DRAG.sheet);
  const mm2 = (long * high) / (nu * nv);
  const out: Cell[] = [];
  for (let u = 0; u < nu; u++)
    for (let v = 0; v < nv; v++) {
      const [along, up] = [((u + 0.5) * long) / nu, ((v + 0.5) * high) / nv];
      if (sheet.outline && !inside([along, up], sheet.outline)) continue;
      const at = add(pointAt(sheet.base, along), scale(sheet.up, up));
      const across = cross(tangentAt(sheet.base, along), sheet.up);
      if (norm(across) < 1e-6) continue;
      out.push({
        mm2,
        faces: unit(across),
        drag,
        lifts: solid === 1 && Math.abs(unit(across)[2]) > ROOF,
        heavyN: mm2 * SHEET_N_MM2 * Math.max(0.5, sheet.wireMm),
        to: fromSheet(fixed, at),
      });
    }
  return out;
}

/** Who holds a plant at a place: the nearest of sheets, cords and bars. */
function holderOf(model: Model, at: Point): readonly HandedTo[] | null {
  let [least, best]: [number, (() => HandedTo[]) | null] = [HOLDS_WITHIN_MM, null];
  for (const one of model.sheets) {
    const away = shapeOf(one.part).distanceTo(one.part, at);
    if (away < least) [least, best] = [away, () => fromSheet(one.fixed, at)];
  }
  for (const one of model.cords) {
    const away = shapeOf(one.part).distanceTo(one.part, at);
    if (away < least) [least, best] = [away, () => fromCord(one, at)];
  }
  for (const one of model.bars) {
    const away = shapeOf(one.part).distanceTo(one.part, at);
    // A post beside a mesh is not what it climbs: twice as near before it is.
    if (away * 2 < least) {
      [least, best] = [away * 2, () => fromBar(one, model.frame.nodes, alongBar(one.part, at))];
    }
  }
  return best?.() ?? null;
}

/** Along its row a row shows so much of what it shows across (from memory). */
const END_ON = 0.3;
/** Of two rows the one behind has half of the wind (from memory): both have three quarters, whichever way it blows. */
const TWO_ROWS = 0.75;
const inTwoRows = (plant: Station, all: readonly Station[]): boolean =>
  (plant.side === 'front' && all.some(({ side }) => side === 'back')) ||
  (plant.side === 'back' && all.some(({ side }) => side === 'front'));
const facing =
  (plant: Station, stem: Point, mm2: number): ((way: Point) => number) =>
  (way) => {
    const seen = Math.sqrt(Math.max(0, 1 - dot(stem, way) ** 2));
    return plant.side === 'round' || plant.side === 'pocket'
      ? mm2 * seen
      : mm2 * seen * (Math.abs(way[1]) + END_ON * Math.abs(way[0]));
  };

/** How wide the leaves of a plant are to the wind: its own room in the row; of a ring the front and the back half, told by its girth. mm. */
function widthOf(plant: Station, all: readonly Station[]): number {
  const own = Math.min(plant.spacingMm, LEAVES_REACH_MM) * (inTwoRows(plant, all) ? TWO_ROWS : 1);
  if (plant.side !== 'round') return own;
  const ring = all.filter(({ side, planting }) => side === 'round' && planting === plant.planting);
  const middle = scale(
    ring.reduce<Point>((sum, { at }) => add(sum, at), [0, 0, 0]),
    1 / ring.length,
  );
  const girth = 2 * Math.PI * Math.max(...ring.map(({ at }) => Math.hypot(at[0] - middle[0], at[1] - middle[1])));
  return ring.length < 3 ? own : (Math.min(own, girth / ring.length) * 2) / Math.PI;
}

function slicesOf(model: Model, plant: Station, all: readonly Station[], planted: readonly Planted[]): Slice[] {
  const crop = planted.find(({ id }) => id === plant.planting)?.crop;
  if (!crop) return [];
  const share = crop.habit === 'bush' || crop.habit === 'none' ? LEANS[crop.habit] : 1;
  if (share === 0) return [];
  const wide = widthOf(plant, all);
  const high = Math.min(plant.heldToMm, lengthOf(plant.stem));
  return Array.from({ length: SLICES }, (_, i) => i).flatMap((i): Slice[] => {
    const at = pointAt(plant.stem, ((i + 0.5) * high) / SLICES);
    // What is lower than its support begins holds itself.
    if (((i + 1) * high) / SLICES < Math.min(crop.supportFromMm, high / 2)) return [];
    const to = holderOf(model, at);
    return to
      ? [
          {
            planting: plant.planting,
            from: i / SLICES,
            mm2: facing(plant, tangentAt(plant.stem, ((i + 0.5) * high) / SLICES), (share * wide * high) / SLICES),
            heavyN: (share * crop.wetKg * GRAVITY_MS2) / SLICES,
            to,
          },
        ]
      : [];
  });
}

const WEIGHS = (n: number): Point => [0, 0, -n];

/** What a slice of a plant is by now, as a share of all it will be: it grows into it from below, then fills with leaves and fruit. */
const thereNow = (from: number, grown: { height: number }): number =>
  Math.max(0, Math.min(1, (grown.height - from) * SLICES));

/** What all of it and all that grows on it weighs. */
export function weightOf({ model, cells, slices, blocks }: Loadable, grown: Grown): { loads: Loads; spread: Spread[] } {
  const { frame } = model;
  const loads = NO_LOADS(frame);
  const spread = model.bars.flatMap(({ of, beams }) =>
    beams.map((beam): Spread => ({ beam, by: WEIGHS(of.weightNmm) })),
  );
  for (const { heavyN, to } of cells) hand(loads, frame, to, WEIGHS(heavyN));
  for (const { planting, from, heavyN, to } of slices) {
    const now = grown(planting);
    // Leaves first, fruit last (from memory).
    hand(loads, frame, to, WEIGHS(heavyN * (now.heavier ?? 1) * thereNow(from, now) * now.leaf ** 2));
  }
  for (const { to, heavyN } of blocks) hand(loads, frame, to, WEIGHS(heavyN));
  return { loads, spread };
}

/** What the wind does to it, with all that grows on it, added to what it weighs. N/mm² is a millionth of a pascal. */
export function windOn(
  { model, cells, slices, blocks }: Loadable,
  grown: Grown,
  { speedMs, way }: Blows,
  onto: { loads: Loads; spread: Spread[] },
): { loads: Loads; spread: Spread[] } {
  const { frame } = model;
  const q = windPressure(speedMs) / 1e6;
  const loads = onto.loads.slice();
  const spread = [...onto.spread];
  for (const { part, beams } of model.bars) {
    const drag = part.round ? DRAG.round : DRAG.edged;
    for (const beam of beams) {
      const { a, b } = frame.beams[beam] as (typeof frame.beams)[number];
      const axis = unit(minus(frame.nodes[b] as Point, frame.nodes[a] as Point));
      const square = minus(way, scale(axis, dot(way, axis)));
      const flat = Math.abs(dot(way, part.wide));
      const seen = part.round ? part.wideMm : flat * part.thickMm + Math.sqrt(Math.max(0, 1 - flat ** 2)) * part.wideMm;
      spread.push({ beam, by: scale(square, q * drag * seen * norm(square)) });
    }
  }
  for (const { mm2, faces, drag, lifts, to } of cells) {
    const straight = dot(way, faces);
    hand(loads, frame, to, scale(faces, q * drag * mm2 * Math.abs(straight) * straight));
    if (lifts) hand(loads, frame, to, scale(UP, q * ROOF_LIFTS * mm2 * Math.abs(faces[2])));
  }
  const leaves = q * leafDrag(speedMs);
  for (const { planting, from, mm2, to } of slices) {
    const now = grown(planting);
    hand(
      loads,
      frame,
      to,
      scale(way, leaves * (now.heavier ?? 1) * mm2(way) * thereNow(from, now) * leafyShare(now.leaf)),
    );
  }
  for (const { to, mm2 } of blocks) hand(loads, frame, to, scale(way, q * DRAG.sheet * mm2(way)));
  return { loads, spread };
}
