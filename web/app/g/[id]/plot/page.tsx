import { PlotView } from '../../../../views/plot/plot-view';
import { KeepTaps } from '../../../../views/shell/keep-taps';

export const metadata = { title: 'Plot' };

export default async function PlotPage({ searchParams }: { searchParams: Promise<{ lay?: string; look?: string }> }) {
  const { lay, look } = await searchParams;
  return (
    <KeepTaps>
      <PlotView key={lay} lay={lay ?? null} look={look ?? null} />
    </KeepTaps>
  );
}
