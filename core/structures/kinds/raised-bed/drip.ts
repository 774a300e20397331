import type { Cord } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { lineOf, type Line } from '../../../design/shapes/line';
import type { Fill } from '../../../design/shapes/fill';
import type { Pair } from '../../../geometry/polygon';
import { pathLength, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';

/** Drip line with an opening every foot that gives two litres (half a gallon) an hour, whatever the pressure (from memory). mm, litres an hour. */
const OPENING_EVERY_MM = inches(12);
export const OPENING_LITRES_H = 2;
/** Pipes stay so clear of the sides and of the posts in them; a peg so often along them (from memory). mm. */
const CLEAR_MM = inches(5);
const PEG_EVERY_MM = inches(36);
/** So much of a pipe is pushed over a fitting, or folded at an end (from memory). mm. */
const IN_FITTING_MM = inches(1);
/** A shorter stretch waters nothing (from memory). mm. */
const LEAST_MM = inches(6);

/** A stretch of drip line along the bed. mm. */
interface Stretch {
  acrossMm: number;
  fromMm: number;
  toMm: number;
  /** Whether it begins at the near end of the bed, and ends at the far one; the others begin or end at a notch. */
  first: boolean;
  last: boolean;
}

/** Where a line along the bed, so far across it, is inside an outline of straight sides: from where to where, nearest first. mm. */
function insideAt(outline: readonly Pair[], acrossMm: number): [number, number][] {
  const met = outline
    .flatMap(([x, y], i): number[] => {
      const [u, v] = outline[(i + 1) % outline.length] as Pair;
      return (acrossMm - y) * (acrossMm - v) < 0 ? [x + ((u - x) * (acrossMm - y)) / (v - y)] : [];
    })
    .toSorted((a, b) => a - b);
  return Array.from({ length: Math.floor(met.length / 2) }, (_, i) => [met[2 * i] as number, met[2 * i + 1] as number]);
}

/** Across the bed from side to side, and where a notch begins: what lies before it and behind it is watered for itself. mm. */
function bandsOf(inner: readonly Pair[]): [low: number, high: number][] {
  const ys = inner.map(([, y]) => y);
  const level = inner.flatMap(([x, y], i): number[] => {
    const [u, v] = inner[(i + 1) % inner.length] as Pair;
    return Math.abs(v - y) < 1 && Math.abs(u - x) > LEAST_MM ? [y] : [];
  });
  const at = [Math.min(...ys), ...level, Math.max(...ys)].toSorted((p, q) => p - q);
  return at.slice(1).flatMap((high, i): [number, number][] => {
    const low = at[i] as number;
    return high - low >= LEAST_MM ? [[low, high]] : [];
  });
}

/** Lines along the bed inside its sides, in equal spaces no wider than is said, half of one at the sides and at a notch. mm. */
function linesIn(inner: readonly Pair[], everyMm: number): Stretch[] {
  return bandsOf(inner)
    .flatMap(([low, high]) => {
      const count = Math.max(1, Math.ceil((high - low) / everyMm - 1e-6));
      return Array.from({ length: count }, (_, i) => low + ((high - low) * (i + 0.5)) / count);
    })
    .flatMap((acrossMm) =>
      insideAt(inner, acrossMm)
        .map(([from, to], n, all) => ({
          acrossMm,
          fromMm: from + CLEAR_MM,
          toMm: to - CLEAR_MM,
          first: n === 0,
          last: n === all.length - 1,
        }))
        .filter(({ fromMm, toMm }) => toMm - fromMm >= LEAST_MM),
    );
}

/** How many openings are in it. */
const openingsIn = (lines: readonly { fromMm: number; toMm: number }[]): number =>
  lines.reduce((sum, { fromMm, toMm }) => sum + Math.floor((toMm - fromMm) / OPENING_EVERY_MM) + 1, 0);

/** A pipe along one end of a bed, from line to line. */
interface Header {
  end: 'near' | 'far';
  on: readonly Stretch[];
}

/** Pipes along the ends of a bed that feed its lines: along the near end, and along the far one where lines begin at a notch. */
function headersOf(lines: readonly Stretch[]): Header[] {
  const atFar = lines.some(({ first }) => !first) ? lines.filter(({ last }) => last) : [];
  const headers: Header[] = [
    { end: 'near', on: lines.filter(({ first }) => first) },
    { end: 'far', on: atFar },
  ];
  return headers.filter(({ on }) => on.length > 0);
}
const endAt = (one: Stretch, end: Header['end']): number => (end === 'near' ? one.fromMm : one.toMm);

/** Drip lines on the soil of a bed, fed by plain pipe across its ends, pegged down; the tap’s set at the near end. */
export function dripOn(
  inner: readonly Pair[],
  o: { soil: Fill; topMm: number; everyMm: number; line: Cord; pipe: Cord },
): Assembled & { openings: number } {
  const lines = linesIn(inner, o.everyMm);
  if (lines.length === 0) return { parts: [], joints: [], openings: 0 };
  const up = o.topMm + o.line.diameterMm / 2;
  const tubes = lines.map((one, i) => ({
    stretch: one,
    tube: lineOf({
      id: `drip-${i + 1}`,
      role: 'drip line',
      of: o.line,
      path: [
        [one.fromMm, one.acrossMm, up],
        [one.toMm, one.acrossMm, up],
      ],
      cutMm: one.toMm - one.fromMm + 2 * IN_FITTING_MM,
    }),
  }));
  const pegged = (tube: Line, from: Point, to: Point): Joint => {
    const longMm = Math.hypot(to[0] - from[0], to[1] - from[1]);
    const count = Math.max(2, Math.ceil(longMm / PEG_EVERY_MM) + 1);
    return {
      id: `${tube.id}-pegs`,
      kind: 'pipe pegged',
      places: Array.from({ length: count }, (_, i): Point => {
        const share = (i + 0.5) / count;
        return [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share, o.topMm];
      }),
      parts: [tube.id, o.soil.id],
      fixings: [{ stock: 'drip-peg', count }],
    };
  };
  const headers = headersOf(lines);
  const fed = headers.map(({ end, on }, n) => {
    const across = on.toSorted((a, b) => a.acrossMm - b.acrossMm);
    const [low, high] = [across[0], across.at(-1)] as [Stretch, Stretch];
    const meets = across.map((one): Point => [endAt(one, end), one.acrossMm, up]);
    // A single line is fed at its end.
    const aside = (by: number): Point => [endAt(low, end), low.acrossMm + by * (LEAST_MM / 2), up];
    const path = meets.length > 1 ? meets : [aside(-1), aside(1)];
    const pipe = lineOf({
      id: `header-${n + 1}`,
      role: 'header',
      of: o.pipe,
      path,
      cutMm: pathLength(path) + 2 * IN_FITTING_MM,
    });
    const joints = tubes
      .filter((one) => on.includes(one.stretch))
      .map(({ tube, stretch }): Joint => {
        const isLast = meets.length > 1 && (stretch === low || stretch === high);
        return {
          id: `${pipe.id}-${tube.id}`,
          kind: 'line on header',
          places: [[endAt(stretch, end), stretch.acrossMm, up]],
          parts: [tube.id, pipe.id],
          fixings: [{ stock: isLast ? 'drip-elbow' : 'drip-tee', count: 1 }],
        };
      });
    const middle = Math.floor((path.length - 1) / 2);
    return { pipe, joints, peg: pegged(pipe, path[middle] as Point, path[middle + 1] as Point) };
  });
  const ends = tubes.flatMap(({ tube, stretch }): Joint[] =>
    (['near', 'far'] as const)
      .filter((end) => !headers.some((one) => one.end === end && one.on.includes(stretch)))
      .map((end, i) => ({
        id: `${tube.id}-end-${i + 1}`,
        kind: 'line closed',
        places: [[endAt(stretch, end), stretch.acrossMm, up] as Point],
        parts: [tube.id],
        fixings: [{ stock: 'drip-end', count: 1 }],
      })),
  );
  const [first] = fed;
  return {
    parts: [...fed.map(({ pipe }) => pipe), ...tubes.map(({ tube }) => tube)],
    joints: [
      ...fed.flatMap(({ joints, peg }) => [...joints, peg]),
      ...tubes.map(({ tube, stretch: { acrossMm, fromMm, toMm } }) =>
        pegged(tube, [fromMm, acrossMm, o.topMm], [toMm, acrossMm, o.topMm]),
      ),
      ...ends,
      ...(first
        ? [
            {
              id: 'from-the-tap',
              kind: 'header to the tap',
              places: [first.pipe.path[0] as Point],
              parts: [first.pipe.id],
              fixings: [{ stock: 'drip-start', count: 1 }],
            },
          ]
        : []),
    ],
    openings: openingsIn(lines),
  };
}
