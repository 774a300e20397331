import {
  bendMarks,
  distanceToChain,
  flatten,
  line,
  pointAt,
  lengthOf,
  tangentAt,
  type Curve,
  shifted,
} from '../../geometry/curve';
import { add, ALONG, cross, dot, minus, reach, scale, unit, type Point } from '../../geometry/space';
import { distanceToOutline, type Pair } from '../../geometry/polygon';
import { leanOf, SQUARE, type EndCut } from '../end-cut';
import type { Stands } from '../standing';
import { NOTHING_TAKEN, type PartBase, type Shape, type Solid } from './shape';

/** @example { atMm: 138.9, diameterMm: 8 } */
export interface Hole {
  /** From the bar's first end, along it, to the centre. */
  atMm: number;
  diameterMm: number;
}

/**
 * The outline that a board is sawn to: where its two edges are, from its middle line the way of `wide`, at places along
 * it from its first end; straight from one place to the next. Two at one place are a step. mm.
 * @example { template: 'beam end', edges: [{ atMm: 0, lowMm: 0, highMm: 70 }, { atMm: 90, lowMm: -70, highMm: 70 }, …] }
 */
export interface Sawn {
  /** What the template is called that its pieces are marked from. */
  template: string;
  edges: readonly SawnAt[];
}

/** @example { atMm: 90, lowMm: -70, highMm: 70 } */
export interface SawnAt {
  atMm: number;
  lowMm: number;
  highMm: number;
}

/**
 * A stiff member. `wide` is the direction of its wider face; the section is stated as placed.
 * @example barOf({ id: 'post-1', role: 'post', of: { id: '4x4', wideMm: 89, thickMm: 89 }, from: [0, 0, -610], to: [0, 0, 1829], buriedMm: 610 })
 */
export interface Bar extends PartBase {
  shape: 'bar';
  from: Point;
  to: Point;
  /** What its middle follows, where that is not straight from end to end. */
  bent?: Curve;
  /** What it is sawn to, of a board with shaped ends or a curved edge. */
  sawn?: Sawn;
  wide: Point;
  wideMm: number;
  thickMm: number;
  ends: readonly [EndCut, EndCut];
  holes: readonly Hole[];
  /** How much of it is below ground. */
  buriedMm: number;
  round?: boolean;
  /** How it stands in the ground, of what a structure stands on. */
  stands?: Stands;
  /** The board it is ripped from, when it is not cut from a length of its own. */
  board?: string;
}

/**
 * What a bar is cut from, by its section: timber, a square post, a round rod or pole. mm.
 * @example { id: '2x4', wideMm: 89, thickMm: 38 }
 */
export type Section = { id: string } & (
  { wideMm: number; thickMm: number } | { faceMm: number } | { diameterMm: number }
);

/**
 * A bar of a section: straight from end to end, cut square, above the ground, whole, its wide face along the row,
 * where nothing else is said. mm.
 * @example barOf({ id: 'rail-1', role: 'rail', of: timber, from, to, wide: UP }) // as long as it is from one to the other
 */
export function barOf({
  of,
  board,
  ...o
}: { of: Section; board?: string | undefined } & Pick<Bar, 'id' | 'role' | 'from' | 'to'> &
  Partial<Pick<Bar, 'bent' | 'sawn' | 'wide' | 'cutMm' | 'ends' | 'holes' | 'buriedMm' | 'stands'>>): Bar {
  const [wideMm, thickMm] =
    'wideMm' in of ? [of.wideMm, of.thickMm] : 'faceMm' in of ? [of.faceMm, of.faceMm] : [of.diameterMm, of.diameterMm];
  return {
    wide: ALONG,
    ends: SQUARE,
    holes: [],
    buriedMm: 0,
    ...o,
    shape: 'bar',
    stock: of.id,
    wideMm,
    thickMm,
    cutMm: o.cutMm ?? reach(o.from, o.to),
    ...('diameterMm' in of ? { round: true } : {}),
    ...(board === undefined ? {} : { board }),
  };
}

/** Less of a bar than this is not drawn apart; it would have no direction. mm. */
const SEEN_MM = 0.01;
const square: EndCut = { cut: 'square' };

/** The middle line of a bar. */
export const axisOf = (bar: Bar): Curve => bar.bent ?? line(bar.from, bar.to);

/**
 * Corners of a bar with its end cuts. A mitred bar is longer on the side its `wide` direction points
 * to: by half the width times the tangent at each end, and as much shorter on the other.
 */
export function barCorners(bar: Bar): Point[] {
  const axis = unit(minus(bar.to, bar.from));
  const wide = scale(bar.wide, bar.wideMm / 2);
  const thick = scale(unit(cross(axis, bar.wide)), bar.thickMm / 2);
  const corners: Point[] = [];
  for (const end of [0, 1] as const) {
    const [cut, at] = [bar.ends[end], end === 0 ? bar.from : bar.to];
    const lean = leanOf(cut);
    // Longer is on from its end and back from its beginning; a compound cut is told along the bar at both.
    const told = end === 0 && cut.cut !== 'compound' ? -1 : 1;
    const byWide = (bar.wideMm / 2) * lean.byWide * told;
    const byThick = (bar.thickMm / 2) * lean.byThick * told;
    for (const w of [-1, 1])
      for (const t of [-1, 1]) {
        const shift = w * byWide + t * byThick;
        corners.push([
          at[0] + axis[0] * shift + wide[0] * w + thick[0] * t,
          at[1] + axis[1] * shift + wide[1] * w + thick[1] * t,
          at[2] + axis[2] * shift + wide[2] * w + thick[2] * t,
        ]);
      }
  }
  return corners;
}

/** A bar as pieces of even thickness: one, and a tongue for each end that a notch is cut into. */
function barPieces(bar: Bar): Bar[] {
  if (bar.ends[0].cut !== 'notch' && bar.ends[1].cut !== 'notch') return [bar];
  const axis = unit(minus(bar.to, bar.from));
  const thick = unit(cross(axis, bar.wide));
  const tongues: Bar[] = [];
  let { from, to } = bar;
  bar.ends.forEach((end, i) => {
    if (end.cut !== 'notch') return;
    const shoulder = add(i === 0 ? bar.from : bar.to, scale(axis, (i === 0 ? 1 : -1) * end.longMm));
    const aside = scale(thick, (-end.off * end.deepMm) / 2);
    tongues.push({
      ...bar,
      from: add(i === 0 ? bar.from : shoulder, aside),
      to: add(i === 0 ? shoulder : bar.to, aside),
      thickMm: bar.thickMm - end.deepMm,
      ends: [square, square],
    });
    if (i === 0) from = shoulder;
    else to = shoulder;
  });
  const ends = bar.ends.map((end) => (end.cut === 'notch' ? square : end)) as unknown as Bar['ends'];
  return [{ ...bar, from, to, ends }, ...tongues];
}

/** The bar's part below ground and the part above, each a bar; null where there is none. */
function splitAtGround(bar: Bar): { above: Bar; below: Bar | null } {
  if (bar.buriedMm < SEEN_MM) return { above: bar, below: null };
  const axis = unit(minus(bar.to, bar.from));
  const soil = add(bar.from, scale(axis, bar.buriedMm));
  return {
    above: { ...bar, from: soil, ends: [square, bar.ends[1]] },
    below: { ...bar, to: soil, ends: [bar.ends[0], square] },
  };
}

function bentSolids(bar: Bar, curve: Curve): Solid[] {
  const [long, step] = [lengthOf(curve), 50];
  const stretch = (fromMm: number, toMm: number): Point[] => {
    const steps = Math.max(1, Math.ceil((toMm - fromMm) / step));
    return Array.from({ length: steps + 1 }, (_, i) => pointAt(curve, fromMm + ((toMm - fromMm) * i) / steps));
  };
  const tube = (fromMm: number, toMm: number, below: boolean): Solid => ({
    solid: 'tube',
    path: stretch(fromMm, toMm),
    radiusMm: Math.max(bar.wideMm, bar.thickMm) / 2,
    below,
  });
  // A bent bar that is pushed in stands in the soil with both ends.
  const deep = bar.buriedMm;
  return deep < SEEN_MM
    ? [tube(0, long, false)]
    : [tube(0, deep, true), tube(deep, long - deep, false), tube(long - deep, long, true)];
}

/** Every eighth of a turn that a bent bar has made, marked across it: where it is held against the bender. */
function bendTicks(bar: Bar, curve: Curve): Point[][] {
  return bendMarks(curve, EIGHTH_RAD).map(({ atMm }) => {
    const [middle, way] = [pointAt(curve, atMm), tangentAt(curve, atMm)];
    // Square to the bar in the plane it is bent in.
    const aside = scale(unit(cross(way, bar.wide)), TICK_MM + Math.max(bar.wideMm, bar.thickMm) / 2);
    return [add(middle, aside), minus(middle, aside)];
  });
}
const EIGHTH_RAD = Math.PI / 4;
/** How far a mark stands out over the bar, so that it can be seen. mm. */
const TICK_MM = 25;

/** The outline of a sawn board in its own face: along it, and from its middle line the way of `wide`. mm. */
export const sawnOutline = ({ edges }: Sawn): Pair[] => [
  ...edges.map(({ atMm, lowMm }): Pair => [atMm, lowMm]),
  ...edges.map(({ atMm, highMm }): Pair => [atMm, highMm]).reverse(),
];

/** A board sawn to an outline, between one place of its edges and the next a box. */
function plateOf(bar: Bar, sawn: Sawn): Extract<Solid, { solid: 'plate' }> {
  const axis = unit(minus(bar.to, bar.from));
  const through = scale(unit(cross(axis, bar.wide)), bar.thickMm);
  const face = add(bar.from, scale(through, -0.5));
  const spot = (atMm: number, upMm: number): Point => add(face, add(scale(axis, atMm), scale(bar.wide, upMm)));
  const slices = sawn.edges.slice(1).flatMap((to, i) => {
    const from = sawn.edges[i] as SawnAt;
    if (to.atMm - from.atMm < SEEN_MM) return [];
    const ends = [from, to].flatMap(({ atMm, lowMm, highMm }) =>
      [lowMm, highMm].flatMap((up) => {
        const near = spot(atMm, up);
        return [near, add(near, through)];
      }),
    );
    return [ends];
  });
  return {
    solid: 'plate',
    outline: sawnOutline(sawn).map(([along, up]) => spot(along, up)),
    through,
    slices,
    below: false,
  };
}

/** How far a point lies outside a sawn board: beside its outline in its face, and off its faces. mm. */
function distanceToSawn(bar: Bar, sawn: Sawn, at: Point): number {
  const axis = unit(minus(bar.to, bar.from));
  const from = minus(at, bar.from);
  const beside = distanceToOutline([dot(from, axis), dot(from, bar.wide)], sawnOutline(sawn));
  return Math.hypot(beside, Math.max(0, Math.abs(dot(from, unit(cross(axis, bar.wide)))) - bar.thickMm / 2));
}

function solids(bar: Bar): Solid[] {
  if (bar.sawn) return [plateOf(bar, bar.sawn)];
  if (bar.bent) return bentSolids(bar, bar.bent);
  const { above, below } = splitAtGround(bar);
  if (bar.round) {
    const tube = (one: Bar, under: boolean): Solid => ({
      solid: 'tube',
      path: [one.from, one.to],
      radiusMm: bar.wideMm / 2,
      below: under,
    });
    return [...(below ? [tube(below, true)] : []), tube(above, false)];
  }
  const box = (one: Bar, under: boolean): Solid => ({ solid: 'box', corners: barCorners(one), below: under });
  return [...(below ? [box(below, true)] : []), ...barPieces(above).map((piece) => box(piece, false))];
}

export const BAR: Shape<Bar> = {
  nature: 'member',
  moved: (bar, by) => ({
    ...bar,
    from: add(bar.from, by),
    to: add(bar.to, by),
    ...(bar.bent ? { bent: shifted(bar.bent, by) } : {}),
  }),
  extent: (bar) =>
    bar.bent
      ? flatten(bar.bent).flatMap((point) => [-1, 1].map((way) => add(point, scale(bar.wide, (way * bar.wideMm) / 2))))
      : bar.sawn
        ? plateOf(bar, bar.sawn).slices.flat()
        : barPieces(bar).flatMap(barCorners),
  solids,
  wires: () => [],
  faces: () => [],
  edges: () => [],
  hidden: (bar) => [
    ...bar.holes.map((hole) => {
      const middle = pointAt(axisOf(bar), hole.atMm);
      const under = scale(bar.wide, -bar.wideMm / 2);
      return [add(middle, under), minus(middle, under)];
    }),
    ...(bar.bent ? bendTicks(bar, bar.bent) : []),
  ],
  distanceTo: (bar, at) =>
    bar.sawn
      ? distanceToSawn(bar, bar.sawn, at)
      : Math.max(0, distanceToChain(at, flatten(axisOf(bar))) - Math.hypot(bar.wideMm, bar.thickMm) / 2),
  feet: (bar) =>
    bar.buriedMm <= 0
      ? []
      : bar.bent
        ? [bar.from, bar.to]
        : [add(bar.from, scale(tangentAt(axisOf(bar), 0), bar.buriedMm))],
  acrossMm: (bar) => Math.max(bar.wideMm, bar.thickMm),
  taken: (bar) => ({ ...NOTHING_TAKEN, ends: bar.ends, board: bar.board ?? null }),
  document: (bar) => ({
    from: bar.from,
    to: bar.to,
    ...(bar.bent ? { bent: flatten(bar.bent) } : { bent: [] }),
    wideMm: bar.wideMm,
    thickMm: bar.thickMm,
    buriedMm: bar.buriedMm,
    holesMm: bar.holes.map((hole) => hole.atMm),
    sawn: bar.sawn ? plateOf(bar, bar.sawn).outline : [],
  }),
  fields: {
    from: 'point',
    to: 'point',
    bent: 'points',
    wideMm: 'mm',
    thickMm: 'mm',
    buriedMm: 'mm',
    holesMm: 'lengths',
    sawn: 'points',
  },
};
