import type { Design } from '../design/design';
import type { SeenStructure } from '../plan/compute-as';
import type { Bed } from '../site/bed';
import type { Frame } from '../site/frame';
import { bedsOf, type Place } from '../site/stands/stands';
import type { MadeBed, Purpose } from '../structures/kind';

/** A structure where it stands: its design, its way to the plot, and the beds it stands on or beside. */
export interface OnPlot {
  id: string;
  design: Design;
  place: Place;
  frame: Frame;
  beds: readonly string[];
  purpose: Purpose;
  /** What it makes of its bed, where it is the sides of one. */
  makes: MadeBed | null;
}

export const onPlotOf = (one: SeenStructure): OnPlot => ({
  id: one.structure.id,
  design: one.sized.design,
  place: one.setting.place,
  frame: one.frame,
  beds: bedsOf(one.setting.place).map((bed) => bed.id),
  purpose: one.kind.purpose,
  makes: one.makes,
});

/** Beds where they lie, as the sides that stand about them make them. */
export const bedsAsBuilt = (beds: readonly Bed[], standing: readonly OnPlot[]): Bed[] =>
  beds.map((bed) => ({ ...bed, ...standing.find((one) => one.makes && one.beds.includes(bed.id))?.makes }));
