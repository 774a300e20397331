import { clipped } from '../geometry/polygon';
import type { PlanSpot, Site } from '../site/plot';
import type { Primitive, View } from './primitive';

/** What lies on the plot, each by its outlines: what is there, beds, and what is built. */
export interface OnPlot {
  features: readonly (readonly PlanSpot[])[];
  beds: readonly (readonly PlanSpot[])[];
  built: readonly (readonly PlanSpot[])[];
}

/** The plot from above, as wide and deep as it is, with its two figures. */
export function drawPlot({ widthMm, depthMm }: Pick<Site, 'widthMm' | 'depthMm'>, on: OnPlot): View {
  const shapes = (outlines: readonly (readonly PlanSpot[])[], ink: 'soil' | 'stands' | 'bed' | 'crop'): Primitive[] =>
    outlines.map((points) => ({ draw: 'shape', points, ink }));
  const whole: PlanSpot[] = [
    [0, 0],
    [widthMm, 0],
    [widthMm, depthMm],
    [0, depthMm],
  ];
  return {
    id: 'plot',
    title: 'The plot from above',
    pulls: [],
    chains: [
      { axis: 'x', label: '', atMm: [0, widthMm], tapedMm: [0, widthMm] },
      { axis: 'z', label: '', atMm: [0, depthMm], tapedMm: [0, depthMm] },
    ],
    box: { left: 0, right: widthMm, bottom: 0, top: depthMm },
    primitives: [
      ...shapes([whole], 'soil'),
      ...shapes(on.features, 'stands'),
      ...shapes(on.beds, 'bed'),
      ...shapes(on.built, 'crop'),
    ],
  };
}

/** What of an outline lies in a piece of the plot; fewer than three places where nothing does. */
export function within(outline: readonly PlanSpot[], { left, right, bottom, top }: View['box']): PlanSpot[] {
  const corners: readonly PlanSpot[] = [
    [left, bottom],
    [right, bottom],
    [right, top],
    [left, top],
  ];
  return corners.reduce<PlanSpot[]>(
    (kept, from, i) => clipped(kept, from, corners[(i + 1) % corners.length] as PlanSpot),
    [...outline],
  );
}

/** A piece of the plot from above, cut off at its edges, without figures. */
export function drawPatch(box: View['box'], on: OnPlot): View {
  const shapes = (outlines: readonly (readonly PlanSpot[])[], ink: 'stands' | 'bed' | 'crop'): Primitive[] =>
    outlines
      .map((outline) => within(outline, box))
      .flatMap((points): Primitive[] => (points.length > 2 ? [{ draw: 'shape', points, ink }] : []));
  return {
    id: 'patch',
    title: 'Where it goes, from above',
    pulls: [],
    chains: [],
    box,
    primitives: [...shapes(on.features, 'stands'), ...shapes(on.beds, 'bed'), ...shapes(on.built, 'crop')],
  };
}
