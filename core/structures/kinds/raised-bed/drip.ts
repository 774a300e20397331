import type { Cord } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { lineOf, type Line } from '../../../design/shapes/line';
import type { Fill } from '../../../design/shapes/fill';
import type { Pair } from '../../../geometry/polygon';
import type { Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';

/** Drip line with an opening every foot that gives two litres (half a gallon) an hour, whatever the pressure (from memory). mm, litres an hour. */
export const OPENING_EVERY_MM = inches(12);
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
}

/** Where a line along the bed, so far across it, is inside an outline of straight sides: from where to where, nearest first. mm. */
export function insideAt(outline: readonly Pair[], acrossMm: number): [number, number][] {
  const met = outline
    .flatMap(([x, y], i): number[] => {
      const [u, v] = outline[(i + 1) % outline.length] as Pair;
      return (acrossMm - y) * (acrossMm - v) < 0 ? [x + ((u - x) * (acrossMm - y)) / (v - y)] : [];
    })
    .toSorted((a, b) => a - b);
  return Array.from({ length: Math.floor(met.length / 2) }, (_, i) => [met[2 * i] as number, met[2 * i + 1] as number]);
}

/** Lines along the bed inside its sides, in equal spaces no wider than is said, half of one at the sides. mm. */
export function linesIn(inner: readonly Pair[], everyMm: number): Stretch[] {
  const ys = inner.map(([, y]) => y);
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  const count = Math.max(1, Math.ceil((high - low) / everyMm - 1e-6));
  return Array.from({ length: count }, (_, i) => low + ((high - low) * (i + 0.5)) / count).flatMap((acrossMm) =>
    insideAt(inner, acrossMm)
      .map(([from, to]) => ({ acrossMm, fromMm: from + CLEAR_MM, toMm: to - CLEAR_MM }))
      .filter(({ fromMm, toMm }) => toMm - fromMm >= LEAST_MM),
  );
}

/** How many openings are in it. */
export const openingsIn = (lines: readonly { fromMm: number; toMm: number }[]): number =>
  lines.reduce((sum, { fromMm, toMm }) => sum + Math.floor((toMm - fromMm) / OPENING_EVERY_MM) + 1, 0);

/** Pipes across the ends of a bed that feed its lines: across the near end, and across the far one where lines begin there. */
function headersOf(lines: readonly Stretch[]): { alongMm: number; on: Stretch[] }[] {
  const near = Math.min(...lines.map(({ fromMm }) => fromMm));
  const far = Math.max(...lines.map(({ toMm }) => toMm));
  const atNear = lines.filter(({ fromMm }) => fromMm < near + 1);
  // What lies beyond a notch is fed from the far end.
  const beyond = lines.some(({ fromMm }) => fromMm > near + 1);
  const atFar = beyond ? lines.filter(({ toMm }) => toMm > far - 1) : [];
  return [
    { alongMm: near, on: atNear },
    { alongMm: far, on: atFar },
  ].filter(({ on }) => on.length > 0);
}

/** Drip lines on the soil of a bed, fed by plain pipe across its ends, pegged down; the tap’s set at the near end. */
export function dripOn(
  inner: readonly Pair[],
  o: { soil: Fill; topMm: number; everyMm: number; line: Cord; pipe: Cord },
): Assembled & { openings: number } {
  const lines = linesIn(inner, o.everyMm);
  if (lines.length === 0) return { parts: [], joints: [], openings: 0 };
  const up = o.topMm + o.line.diameterMm / 2;
  const tubes = lines.map((one, i) => ({
    ...one,
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
  const fed = headers.map(({ alongMm, on }, n) => {
    const ys = on.map(({ acrossMm }) => acrossMm);
    const [low, high] = [Math.min(...ys), Math.max(...ys)];
    // A single line is fed at its end.
    const pipe = lineOf({
      id: `header-${n + 1}`,
      role: 'header',
      of: o.pipe,
      path: [
        [alongMm, high > low ? low : low - LEAST_MM / 2, up],
        [alongMm, high > low ? high : low + LEAST_MM / 2, up],
      ],
      cutMm: Math.max(LEAST_MM, high - low) + 2 * IN_FITTING_MM,
    });
    const joints = tubes
      .filter(({ acrossMm, fromMm, toMm }) =>
        on.some((one) => one.acrossMm === acrossMm && one.fromMm === fromMm && one.toMm === toMm),
      )
      .map(({ tube, acrossMm }): Joint => {
        const isLast = high > low && (acrossMm === low || acrossMm === high);
        return {
          id: `${pipe.id}-${tube.id}`,
          kind: 'line on header',
          places: [[alongMm, acrossMm, up]],
          parts: [tube.id, pipe.id],
          fixings: [{ stock: isLast ? 'drip-elbow' : 'drip-tee', count: 1 }],
        };
      });
    return { pipe, joints, peg: pegged(pipe, pipe.path[0] as Point, pipe.path.at(-1) as Point) };
  });
  const ends = tubes.flatMap(({ tube, ...one }): Joint[] => {
    const open = [
      { at: one.fromMm, closed: headers.some(({ alongMm }) => Math.abs(alongMm - one.fromMm) < 1) },
      { at: one.toMm, closed: headers.some(({ alongMm }) => Math.abs(alongMm - one.toMm) < 1) },
    ].filter(({ closed }) => !closed);
    return open.map(({ at }, i) => ({
      id: `${tube.id}-end-${i + 1}`,
      kind: 'line closed',
      places: [[at, one.acrossMm, up] as Point],
      parts: [tube.id],
      fixings: [{ stock: 'drip-end', count: 1 }],
    }));
  });
  const [first] = fed;
  return {
    parts: [...fed.map(({ pipe }) => pipe), ...tubes.map(({ tube }) => tube)],
    joints: [
      ...fed.flatMap(({ joints, peg }) => [...joints, peg]),
      ...tubes.map(({ tube, acrossMm, fromMm, toMm }) =>
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
