import { GardenView } from '../../../views/garden/garden-view';
import { KeepTaps } from '../../../views/shell/keep-taps';

export const metadata = { title: 'Garden' };

type Asked = Promise<{ lay?: string; look?: string; show?: string }>;

export default async function GardenPage({ searchParams }: { searchParams: Asked }) {
  const { lay, look, show } = await searchParams;
  return (
    <KeepTaps>
      <GardenView key={`${lay} ${look} ${show}`} lay={lay ?? null} look={look ?? null} show={show ?? null} />
    </KeepTaps>
  );
}
