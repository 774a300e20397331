import { EDGE_FORGIVEN_MM } from '../site/plot';
import { check } from './check';

/** Does all of it lie on the plot? `overMm` is how far it goes past the edge. mm. */
export const onThePlot = check(
  'on-the-plot',
  {
    says: {
      'plot.over': 'It goes {by} over the edge of the plot: move it, or make the plot as large as the ground is.',
      'plot.within': 'All of it lies on the plot.',
    },
  },
  ({ overMm }: { overMm: number }, found) =>
    overMm > EDGE_FORGIVEN_MM ? found('warn', 'plot.over', { by: { mm: overMm } }) : found('good', 'plot.within'),
);
