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
