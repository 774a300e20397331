import { shapeOf } from '../design/shapes/shapes';
import type { Response } from '../frame/solve';
import { add, reach, scale, type Point } from '../geometry/space';
import type { Model } from './parts-in';
import type { Use } from './uses';

/** A bar as it stands and as it bends, with what of it is used. */
export interface BentBar {
  part: string;
  share: number;
  rest: readonly Point[];
  bent: readonly Point[];
}

/** How a structure stands under a load, drawn more than it moves. */
export interface Bent {
  bars: readonly BentBar[];
  /** The outlines of sheets, where they hang at rest. */
  sheets: readonly (readonly Point[])[];
  /** So many times as far as it moves: a round number. */
  times: number;
}

/** The farthest that anything is drawn to move, as a share of the whole (from memory: it is seen, and the structure is known again). */
const SEEN = 0.12;
const ROUND = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000] as const;

/** The round number of times by which a shift has to be drawn so that it is seen and no more. */
export const timesFor = (farMm: number, wholeMm: number): number =>
  ROUND.findLast((times) => farMm * times <= SEEN * wholeMm) ?? 1;

/** The corners of a patch round it: they come end by end. */
const inOrder = (patch: readonly Point[]): readonly Point[] => {
  const [a, b, c, d] = patch;
  return patch.length === 4 && a && b && c && d ? [a, b, d, c] : patch;
};

/** Bars as they stand and as they bend. @param share of what something may, by part. */
export function bentOf({ frame, bars, sheets, wires }: Model, { moved }: Response, uses: readonly Use[]): Bent {
  const nodes = frame.nodes;
  const shift = (node: number): Point => [0, 1, 2].map((k) => moved[node * 6 + k] as number) as unknown as Point;
  // Mesh that stands by itself is drawn as the strips it is taken for.
  const strips = wires.flatMap(({ part, strips: own }) =>
    own.map(({ beam }) => ({ part, nodes: [frame.beams[beam]?.a as number, frame.beams[beam]?.b as number] })),
  );
  const lines = [...bars, ...strips];
  const all = lines.flatMap((line) => line.nodes);
  const low = [0, 1, 2].map((k) => Math.min(...all.map((node) => nodes[node]?.[k] as number))) as unknown as Point;
  const high = [0, 1, 2].map((k) => Math.max(...all.map((node) => nodes[node]?.[k] as number))) as unknown as Point;
  const far = Math.max(0, ...all.map((node) => Math.hypot(...shift(node))));
  const times = timesFor(far, reach(low, high));
  // Where it goes farther than it can be drawn it is drawn as far as it is seen to go.
  const drawn = Math.min(times, far > 0 ? (3 * SEEN * reach(low, high)) / far : times);
  const share = new Map<string, number>();
  for (const one of uses) if (one.what !== 'joint') share.set(one.part, Math.max(one.share, share.get(one.part) ?? 0));
  return {
    times,
    sheets: sheets
      .filter(({ part }) => wires.every((one) => one.part !== part))
      .flatMap(({ part }) => shapeOf(part).faces(part))
      .map(inOrder),
    bars: lines.map((bar): BentBar => {
      const rest = bar.nodes.map((node) => nodes[node] as Point);
      return {
        part: bar.part.id,
        share: share.get(bar.part.id) ?? 0,
        rest,
        bent: rest.map((at, i) => add(at, scale(shift(bar.nodes[i] as number), drawn))),
      };
    }),
  };
}
