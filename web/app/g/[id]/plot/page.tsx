import { PlotView } from '../../../../views/plot/plot-view';

export const metadata = { title: 'Plot' };

export default function PlotPage() {
  return <PlotView />;
}
