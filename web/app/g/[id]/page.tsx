import type { Metadata } from 'next';
import { gardenOfRequest } from '../../../server/garden-of-request';
import { GardenView } from '../../../views/garden/garden-view';
import { KeepTaps } from '../../../views/shell/keep-taps';

export async function generateMetadata({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> {
  const { plan } = await gardenOfRequest((await params).id);
  return { title: plan.garden.name };
}

type Asked = Promise<{ lay?: string; look?: string; show?: string }>;

export default async function GardenPage({ searchParams }: { searchParams: Asked }) {
  const { lay, look, show } = await searchParams;
  return (
    <KeepTaps>
      <GardenView key={`${lay} ${look} ${show}`} lay={lay ?? null} look={look ?? null} show={show ?? null} />
    </KeepTaps>
  );
}
