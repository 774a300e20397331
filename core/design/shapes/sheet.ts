import { flatten, lengthOf, line, onStretch, pointAt, shifted, tangentAt, type Curve } from '../../geometry/curve';
import { add, cross, dot, minus, reach, scale, unit, UP, type Point } from '../../geometry/space';
import { distanceToOutline, type Pair } from '../../geometry/polygon';
import { NOTHING_TAKEN, type PartBase, type Shape } from './shape';

/**
 * Mesh, net or cloth, stated by its flat pattern (as it is cut: `cutMm` long, `heightMm` high, with its
 * wires measured from its first corner, or what is cut out of that to an outline) and by where that pattern lies: its lower edge follows `base`,
 * and it goes `up` from there. A wall's base is straight, an arch's is its bow, a cage's goes all round. Decision 7.
 */
export interface Sheet extends PartBase {
  shape: 'sheet';
  base: Curve;
  up: Point;
  heightMm: number;
  uprightsMm: readonly number[];
  levelsMm: readonly number[];
  wireMm: number;
  /** Whole meshes of the stock panel it takes; for a roll, 0. */
  meshes: number;
  /** How much of its roll's width lies along `base`, of what is cut the other way: its length then goes `up`. */
  spreadMm?: number;
  /** So much of its length is folded under at its ends and lies on itself. */
  foldedMm?: number;
  /** So much of its height, at the top, is drawn together: it does not stand as the rest does. */
  gatheredMm?: number;
  /** What is drawn together, as chains of points from its edge to where it is tied; drawn, and cut as a part of it. */
  gathers?: readonly (readonly Point[])[];
  /** A flat one that is cut to an outline without hollows: its corners along the base and up from it, out of a piece of `cutMm` by `heightMm`. */
  outline?: readonly Pair[];
  /** The strip that the panel is bought for, when this one is split from the same panel. */
  board?: string;
}

/** Threads so far along a length, from edge to edge, in so many equal steps. mm. */
export const threads = (longMm: number, steps: number): number[] => {
  const count = Math.max(1, Math.round(steps));
  return Array.from({ length: count + 1 }, (_, n) => (longMm * n) / count);
};

/**
 * A sheet of a roll or a panel: upright, as long as its base, with a thread wherever its mesh has one, where nothing
 * else is said. mm.
 * @example sheetOf({ id: 'mesh-1', role: 'mesh', of: roll, base: flatBase(corner, ALONG, 2400), heightMm: 900 })
 */
export function sheetOf({
  of,
  board,
  ...o
}: {
  of: { id: string; wireMm: number; openingMm?: number; stepMm?: number };
  board?: string | undefined;
} & Pick<Sheet, 'id' | 'role' | 'base' | 'heightMm'> &
  Partial<Omit<Sheet, 'shape' | 'stock' | 'wireMm' | 'board'>>): Sheet {
  const cutMm = o.cutMm ?? lengthOf(o.base);
  return {
    up: UP,
    meshes: 0,
    ...o,
    // Cloth has no openings: its edges are drawn.
    uprightsMm: o.uprightsMm ?? threads(cutMm, cutMm / (of.openingMm || cutMm)),
    levelsMm: o.levelsMm ?? threads(o.heightMm, o.heightMm / (of.stepMm || o.heightMm)),
    shape: 'sheet',
    stock: of.id,
    wireMm: of.wireMm,
    cutMm,
    ...(board === undefined ? {} : { board }),
  };
}

/** The lower edge of a flat sheet from its first corner. */
export const flatBase = (corner: Point, along: Point, lengthMm: number): Curve =>
  line(corner, add(corner, scale(along, lengthMm)));

/** How far it lies along its base. mm. */
const alongBase = (sheet: Sheet): number => sheet.spreadMm ?? sheet.cutMm - (sheet.foldedMm ?? 0);

export const cornerOf = (sheet: Sheet): Point => pointAt(sheet.base, 0);
/** The direction of a flat sheet's length; of a bent one where it begins. */
export const alongOf = (sheet: Sheet): Point => tangentAt(sheet.base, 0);
/** The place of a point of the flat pattern. */
export const onSheet = (sheet: Sheet, alongMm: number, upMm: number): Point =>
  add(pointAt(sheet.base, alongMm), scale(sheet.up, upMm));

/** How much of its height stands on its base. mm. */
const standsMm = (sheet: Sheet): number => sheet.heightMm - (sheet.gatheredMm ?? 0);
const levelsOf = (sheet: Sheet): number[] => sheet.levelsMm.filter((up) => up <= standsMm(sheet) + 0.5);

/** Its corners where they lie, of one that is cut to an outline; none of the others. */
export const cornersOf = (sheet: Sheet): Point[] =>
  (sheet.outline ?? []).map(([along, up]) => onSheet(sheet, along, up));
const rimOf = (sheet: Sheet): Point[][] => {
  const corners = cornersOf(sheet);
  return corners.length > 0 ? [[...corners, corners[0] as Point]] : [];
};

/** What of a wire lies in an outline, both told from the first corner of the pattern: none of what only touches it. */
function chordIn(outline: readonly Pair[], across: 0 | 1, atMm: number): readonly [number, number] | null {
  const along = (1 - across) as 0 | 1;
  const met = outline.flatMap((a, i): number[] => {
    const b = outline[(i + 1) % outline.length] as Pair;
    if (a[across] === b[across] || (atMm - a[across]) * (atMm - b[across]) > 0) return [];
    return [a[along] + ((b[along] - a[along]) * (atMm - a[across])) / (b[across] - a[across])];
  });
  const [low, high] = [Math.min(...met), Math.max(...met)];
  return high - low > 1e-6 ? [low, high] : null;
}

/** The wires inside an outline, from rim to rim. */
function wiresIn(sheet: Sheet, outline: readonly Pair[]): Point[][] {
  const uprights = sheet.uprightsMm.flatMap((along): Point[][] => {
    const chord = chordIn(outline, 0, along);
    return chord ? [chord.map((up) => onSheet(sheet, along, up))] : [];
  });
  const levels = sheet.levelsMm.flatMap((up): Point[][] => {
    const chord = chordIn(outline, 1, up);
    return chord ? [chord.map((along) => onSheet(sheet, along, up))] : [];
  });
  return [...rimOf(sheet), ...uprights, ...levels];
}

const levelWire = (sheet: Sheet, upMm: number): Point[] => {
  const rise = scale(sheet.up, upMm);
  if (sheet.base.curve === 'line') return [onSheet(sheet, 0, upMm), onSheet(sheet, alongBase(sheet), upMm)];
  const long = Math.min(lengthOf(sheet.base), alongBase(sheet));
  return [
    ...flatten(sheet.base).map((point) => add(point, rise)),
    ...(long < alongBase(sheet) - 1 ? [onSheet(sheet, alongBase(sheet), upMm)] : []),
  ];
};
/** From edge to edge: below the lowest level wire of a cage they are its stakes. */
const uprightWire = (sheet: Sheet, alongMm: number): Point[] => [
  onSheet(sheet, alongMm, 0),
  onSheet(sheet, alongMm, standsMm(sheet)),
];
const gathersOf = ({ gathers = [] }: Sheet): Point[][] => gathers.map((chain) => [...chain]);

/**
 * How far a point lies outside a flat piece of a sheet, from a corner so far along and so far up. Cloth and nets on a
 * slope hang plumb: the two directions need not be square to each other. mm.
 */
function outsideFlat(at: Point, corner: Point, along: Point, longMm: number, up: Point, highMm: number): number {
  const from = minus(at, corner);
  const skew = dot(along, up);
  const [a, u] = [dot(from, along), dot(from, up)];
  const far = (a - skew * u) / (1 - skew ** 2);
  const high = (u - skew * a) / (1 - skew ** 2);
  return Math.hypot(
    Math.max(0, -far, far - longMm),
    Math.max(0, -high, high - highMm),
    dot(from, unit(cross(along, up))),
  );
}

function distanceTo(sheet: Sheet, at: Point): number {
  const { base, up, heightMm, outline } = sheet;
  if (outline) {
    const along = alongOf(sheet);
    const from = minus(at, cornerOf(sheet));
    const [a, u] = [dot(from, along), dot(from, up)];
    return Math.hypot(distanceToOutline([a, u], outline), dot(from, unit(cross(along, up))));
  }
  if (base.curve === 'line') return outsideFlat(at, base.from, alongOf(sheet), alongBase(sheet), up, heightMm);
  if (base.curve === 'chain')
    return Math.min(
      ...base.points.slice(1).map((to, i) => {
        const from = base.points[i] as Point;
        return outsideFlat(at, from, unit(minus(to, from)), reach(from, to), up, heightMm);
      }),
    );
  // A swept one: down (or up) to its base along `up`, then the nearest of the base.
  const chain = levelWire(sheet, 0);
  let least = Infinity;
  for (let i = 1; i < chain.length; i++) {
    const foot = chain[i - 1] as Point;
    const high = dot(minus(at, foot), sheet.up);
    const within = Math.max(0, Math.min(sheet.heightMm, high));
    const down = minus(at, scale(sheet.up, within));
    least = Math.min(least, reach(down, onStretch(down, foot, chain[i] as Point)));
  }
  return least;
}

/** Its outermost wires: of a flat one the first and the last each way, of a swept one every upright. */
function extent(sheet: Sheet): Point[] {
  if (sheet.outline) return cornersOf(sheet);
  const { uprightsMm } = sheet;
  const levelsMm = levelsOf(sheet);
  const outer = (all: readonly number[]): readonly number[] => (all.length > 2 ? [all[0] ?? 0, all.at(-1) ?? 0] : all);
  return [
    ...outer(levelsMm).flatMap((up) => levelWire(sheet, up)),
    ...(sheet.base.curve === 'line' ? outer(uprightsMm) : uprightsMm).flatMap((along) => uprightWire(sheet, along)),
    ...gathersOf(sheet).flat(),
  ];
}

export const SHEET: Shape<Sheet> = {
  nature: 'face',
  moved: (sheet, by) => ({
    ...sheet,
    base: shifted(sheet.base, by),
    ...(sheet.gathers ? { gathers: sheet.gathers.map((chain) => chain.map((at) => add(at, by))) } : {}),
  }),
  extent,
  solids: () => [],
  wires: (sheet) =>
    sheet.outline
      ? wiresIn(sheet, sheet.outline)
      : [
          ...sheet.uprightsMm.map((along) => uprightWire(sheet, along)),
          ...levelsOf(sheet).map((up) => levelWire(sheet, up)),
          ...gathersOf(sheet),
        ],
  faces: (sheet) => {
    const { base } = sheet;
    if (sheet.outline) return [cornersOf(sheet)];
    const rise = scale(sheet.up, standsMm(sheet));
    if (base.curve === 'chain')
      return base.points
        .slice(1)
        .map((to, i) => [base.points[i] as Point, to].flatMap((foot) => [foot, add(foot, rise)]));
    const pieces = base.curve === 'line' ? 1 : 16;
    return Array.from({ length: pieces }, (_, i) =>
      [i, i + 1].flatMap((end) =>
        [0, standsMm(sheet)].map((up) => onSheet(sheet, (alongBase(sheet) * end) / pieces, up)),
      ),
    );
  },
  edges: (sheet) =>
    sheet.outline
      ? rimOf(sheet)
      : [levelWire(sheet, sheet.levelsMm[0] ?? 0), uprightWire(sheet, sheet.uprightsMm[0] ?? 0), ...gathersOf(sheet)],
  hidden: () => [],
  distanceTo,
  feet: () => [],
  acrossMm: () => 0,
  taken: (sheet) => ({ ...NOTHING_TAKEN, meshes: sheet.meshes > 0 ? sheet.meshes : null, board: sheet.board ?? null }),
  document: (sheet) => ({
    corner: cornerOf(sheet),
    along: alongOf(sheet),
    up: sheet.up,
    heightMm: sheet.heightMm,
    base: sheet.base.curve === 'line' ? [] : flatten(sheet.base),
    outline: cornersOf(sheet),
  }),
  fields: { corner: 'point', along: 'point', up: 'point', heightMm: 'mm', base: 'points', outline: 'points' },
};
