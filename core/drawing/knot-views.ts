import type { Point } from '../geometry/space';
import { KNOTS, type KnotId, type TiedOn } from '../joinery/knots';
import type { Primitive, Spot, View } from './primitive';

/** A radius of a knot's pole, as a drawing has it. mm. */
const RADIUS_MM = 20;
/** Steps in which a cord is drawn from one of its points to the next. */
const STEPS = 8;
/** Before and behind a crossing the cord above is drawn over the one below, with air beside it. Steps. */
const ABOVE = 5;
const AIR = 3;

/** A crossing of two cords as they are seen, or of one with itself: where along each, in steps, and which lies above. */
export interface Crossing {
  over: { cord: number; at: number };
  under: { cord: number; at: number };
}

/** A cord through its points: Catmull and Rom's spline (Catmull & Rom 1974), uniform. */
export function cordThrough(points: readonly Point[]): Point[] {
  const get = (i: number): Point => points[Math.max(0, Math.min(points.length - 1, i))] as Point;
  const along = points.slice(1).flatMap((_to, i) =>
    Array.from({ length: STEPS }, (_, n): Point => {
      const t = n / STEPS;
      const [a, b, c, d] = [get(i - 1), get(i), get(i + 1), get(i + 2)];
      const axis = (k: 0 | 1 | 2): number =>
        0.5 *
        (2 * b[k] +
          (c[k] - a[k]) * t +
          (2 * a[k] - 5 * b[k] + 4 * c[k] - d[k]) * t * t +
          (3 * b[k] - a[k] - 3 * c[k] + d[k]) * t * t * t);
      return [axis(0), axis(1), axis(2)];
    }),
  );
  return [...along, get(points.length - 1)];
}

/** Where cords cross as they are seen from the front, in the order of the first of them. */
export function crossingsOf(cords: readonly (readonly Point[])[]): Crossing[] {
  const found: Crossing[] = [];
  cords.forEach((a, i) =>
    a.slice(1).forEach((aTo, m) => {
      const aFrom = a[m] as Point;
      for (let j = i; j < cords.length; j++) {
        const b = cords[j] as readonly Point[];
        for (let n = j === i ? m + 2 : 0; n + 1 < b.length; n++) {
          const [bFrom, bTo] = [b[n] as Point, b[n + 1] as Point];
          const d = (aTo[0] - aFrom[0]) * (bTo[1] - bFrom[1]) - (aTo[1] - aFrom[1]) * (bTo[0] - bFrom[0]);
          if (Math.abs(d) < 1e-9) continue;
          const [x, y] = [bFrom[0] - aFrom[0], bFrom[1] - aFrom[1]];
          const s = (x * (bTo[1] - bFrom[1]) - y * (bTo[0] - bFrom[0])) / d;
          const t = (x * (aTo[1] - aFrom[1]) - y * (aTo[0] - aFrom[0])) / d;
          if (s < 0 || s >= 1 || t < 0 || t >= 1) continue;
          const [za, zb] = [aFrom[2] + s * (aTo[2] - aFrom[2]), bFrom[2] + t * (bTo[2] - bFrom[2])];
          const [one, other] = [
            { cord: i, at: m + s },
            { cord: j, at: n + t },
          ];
          found.push(za > zb ? { over: one, under: other } : { over: other, under: one });
        }
      }
    }),
  );
  return found;
}

const flat = ([x, y]: Point): Spot => [x * RADIUS_MM, y * RADIUS_MM];

/** Whether a spot of a cord is behind what it is tied on. */
const behind = (at: Point, on: readonly TiedOn[]): boolean =>
  on.some(({ from, to, radius }) => {
    const upright = from[0] === to[0];
    const off = upright ? at[0] - from[0] : at[1] - from[1];
    return Math.abs(off) <= radius && at[2] < from[2];
  });

function body({ from, to, radius, look }: TiedOn): Primitive {
  const [a, b] = [flat(from), flat(to)];
  const [dx, dy] = from[0] === to[0] ? [radius * RADIUS_MM, 0] : [0, radius * RADIUS_MM];
  return {
    draw: 'shape',
    ink: look === 'wire' ? 'steel' : look,
    points: [
      [a[0] - dx, a[1] - dy],
      [a[0] + dx, a[1] + dy],
      [b[0] + dx, b[1] + dy],
      [b[0] - dx, b[1] - dy],
    ],
  };
}

/** A knot as a row of small pictures, one a stage: what goes over lies over, what is behind the pole is hidden by it, a dot on the free end. */
export function knotViews(id: KnotId): View[] {
  const { on, of, cords, together, stages } = KNOTS[id];
  const ink = of === 'wire' ? 'edge' : 'cord';
  const whole = [...cords.flat(), ...on.flatMap(({ from, to }) => [from, to])];
  const spots = whole.map(flat);
  const box = {
    left: Math.min(...spots.map(([x]) => x)) - 6,
    right: Math.max(...spots.map(([x]) => x)) + 6,
    bottom: Math.min(...spots.map(([, y]) => y)) - 6,
    top: Math.max(...spots.map(([, y]) => y)) + 6,
  };
  return stages.map(({ points, say }, stage): View => {
    const drawn = cords.map((cord, i) => {
      const all = cordThrough(cord);
      return together || i === cords.length - 1 ? all.slice(0, (points - 1) * STEPS + 1) : all;
    });
    const hidden = (at: Point): boolean => behind(at, on);
    const runs = (wanted: boolean): Primitive[] =>
      drawn.flatMap((cord) => {
        const lines: Spot[][] = [];
        cord.forEach((at, i) => {
          const before = cord[i - 1];
          if (hidden(at) !== wanted) return;
          if (before && hidden(before) === wanted) lines.at(-1)?.push(flat(at));
          else lines.push(before ? [flat(before), flat(at)] : [flat(at)]);
        });
        return [{ draw: 'lines', ink, lines } satisfies Primitive];
      });
    const stretch = ({ cord, at }: Crossing['over'], half: number): Spot[] =>
      (drawn[cord] as Point[])
        .slice(Math.max(0, Math.ceil(at - half)), Math.floor(at + half) + 1)
        .filter((spot) => !hidden(spot))
        .map(flat);
    const height = ({ over }: Crossing): number => (drawn[over.cord] as Point[])[Math.round(over.at)]?.[2] ?? 0;
    const above = crossingsOf(drawn)
      .filter(({ over, under }) =>
        [over, under].every(({ cord, at }) => !hidden((drawn[cord] as Point[])[Math.floor(at)] as Point)),
      )
      .toSorted((a, b) => height(a) - height(b))
      .flatMap(({ over }): Primitive[] => [
        { draw: 'lines', ink: 'air', lines: [stretch(over, AIR)] },
        { draw: 'lines', ink, lines: [stretch(over, ABOVE)] },
      ]);
    const free = drawn.at(-1)?.at(-1) as Point;
    return {
      id: `${id}-${stage}`,
      title: say,
      primitives: [
        ...runs(true),
        ...on.map(body),
        ...runs(false),
        ...above,
        ...(together || hidden(free) ? [] : [{ draw: 'dot', ink: 'cord', at: flat(free) } satisfies Primitive]),
      ],
      chains: [],
      pulls: [],
      box,
    };
  });
}
