import { PlotView } from '../../../../views/plot/plot-view';

export const metadata = { title: 'Plot' };

export default async function PlotPage({ searchParams }: { searchParams: Promise<{ lay?: string; look?: string }> }) {
  const { lay, look } = await searchParams;
  return <PlotView key={lay} lay={lay ?? null} look={look ?? null} />;
}
