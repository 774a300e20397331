import type { Design } from '../design/design';
import type { ComputedStructure } from '../plan/compute-as';
import type { Frame } from '../site/frame';
import { bedsOf, type Place } from '../site/stands/stands';
import type { Purpose } from '../structures/kind';

/** A structure where it stands: its design, its way to the plot, and the beds it stands on or beside. */
export interface OnPlot {
  id: string;
  design: Design;
  place: Place;
  frame: Frame;
  beds: readonly string[];
  purpose: Purpose;
}

export const onPlotOf = (one: ComputedStructure): OnPlot => ({
  id: one.structure.id,
  design: one.sized.design,
  place: one.setting.place,
  frame: one.frame,
  beds: bedsOf(one.setting.place).map((bed) => bed.id),
  purpose: one.kind.purpose,
});
