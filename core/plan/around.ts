import { bedOutline, bedOnPlot, type Bed } from '../site/bed';
import type { Part } from '../design/shapes/shapes';
import type { Pair } from '../geometry/polygon';
import { onPlan } from '../site/plot';
import { into, toFrame, type Frame } from '../site/frame';
import { bedsOf, type Place } from '../site/stands/stands';

/**
 * What lies about a structure, in its own frame: the beds it stands on or beside, walls one cannot stand behind, and
 * what it is sized together with. mm.
 * @example around.tied.map(({ id }) => id) // the fence beside a gate, drawn thin
 */
export interface Around {
  beds: readonly {
    outline: readonly Pair[];
    /** Its soil, and the path about it, over the structure's zero where the bed begins. */
    soilMm: number;
    pathMm: number;
    /** Where its back is against something. */
    wall: readonly Pair[] | null;
  }[];
  /** Parts of what stands in its run, or of the run beside it, by the structure they are of. */
  tied: readonly Tied[];
}

/** Parts of another structure, with where its frame lies in one's own. */
export interface Tied {
  id: string;
  parts: readonly Part[];
  at: Frame;
}

/** How far behind a bed a wall is drawn. mm. */
const WALL_OFF_MM = 40;

/** Of what is the `sides` of its bed the soil about it lies as low as the path: what fills them is theirs. */
export function aroundOf(place: Place, frame: Frame, tied: readonly Tied[], sides = false): Around {
  return {
    tied: tied.map((one) => ({ ...one, at: into(frame, one.at) })),
    beds: bedsOf(place).map((bed) => ({
      outline: bedOnPlot(bed).map((spot) => toFrame(frame, spot)),
      soilMm: (sides ? 0 : bed.heightMm) - frame.baseMm,
      pathMm: -frame.baseMm,
      wall: bed.standFrom === 'front only' ? backOf(bed).map((spot) => toFrame(frame, spot)) : null,
    })),
  };
}

const backOf = (bed: Bed): Pair[] => {
  const across = Math.max(...bedOutline(bed).map(([, y]) => y)) + WALL_OFF_MM;
  return [-1, 1].map((end) => onPlan(bed, (end * bed.lengthMm) / 2, across));
};
