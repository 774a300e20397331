import { distanceToChain } from '../../geometry/curve';
import { add, pathLength, type Point } from '../../geometry/space';
import { NOTHING_TAKEN, type PartBase, type Shape } from './shape';

/**
 * Wire, string, chain: what has a length and hardly a thickness.
 * @example lineOf({ id: 'string-1', role: 'string', of: twine, path: [[0, 0, 0], [0, 0, 2000]] })
 */
export interface Line extends PartBase {
  shape: 'line';
  path: readonly Point[];
  diameterMm: number;
  /** What it is strained to before anything hangs on it. N. */
  pullN?: number;
}

/** Wire, string or rope along a path, as long as that where nothing else is said. mm. */
export const lineOf = ({
  of,
  ...o
}: { of: { id: string; diameterMm: number }; cutMm?: number } & Pick<
  Line,
  'id' | 'role' | 'path' | 'pullN'
>): Line => ({
  ...o,
  shape: 'line',
  stock: of.id,
  diameterMm: of.diameterMm,
  cutMm: o.cutMm ?? pathLength(o.path),
});

export const LINE: Shape<Line> = {
  nature: 'cord',
  extent: (line) => [...line.path],
  solids: () => [],
  wires: (line) => [[...line.path]],
  faces: () => [],
  edges: () => [],
  hidden: () => [],
  distanceTo: (line, at) => distanceToChain(at, line.path) - line.diameterMm / 2,
  moved: (line, by) => ({ ...line, path: line.path.map((at) => add(at, by)) }),
  feet: () => [],
  acrossMm: () => 0,
  taken: () => NOTHING_TAKEN,
  document: (line) => ({ path: line.path }),
  fields: { path: 'points' },
};
