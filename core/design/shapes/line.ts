import { distanceToChain } from '../../geometry/curve';
import { add, type Point } from '../../geometry/space';
import { NOTHING_TAKEN, type PartBase, type Shape } from './shape';

/** Wire, string, chain: what has a length and hardly a thickness. */
export interface Line extends PartBase {
  shape: 'line';
  path: readonly Point[];
  diameterMm: number;
}

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
