import { footprintOf } from '../design/on-plot';
import type { Pair } from '../geometry/polygon';
import type { ComputedStructure } from '../plan/compute-as';
import { toPlot } from '../site/frame';

/** What of a structure is seen from above, on the plot. mm. */
export interface Outlined {
  structure: string;
  corners: readonly Pair[];
}

/** Everything that stands, seen from above. */
export const outlinesOf = (
  structures: readonly Pick<ComputedStructure, 'structure' | 'sized' | 'frame'>[],
): Outlined[] =>
  structures.flatMap(({ structure, sized, frame }) =>
    footprintOf(sized.design).map((outline) => ({
      structure: structure.id,
      corners: outline.map(([x, y]) => toPlot(frame, x, y)),
    })),
  );
