import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { database } from '../../../server/database';
import { loadGarden } from '../../../server/garden-store';
import { GardenProvider } from '../../../views/shell/garden-context';
import { Header } from '../../../views/shell/header';

export const dynamic = 'force-dynamic';

export default async function GardenLayout({ params, children }: { params: Promise<{ id: string }>; children: ReactNode }) {
  const { id } = await params;
  const garden = await loadGarden(database(), id);
  if (!garden) notFound();
  return (
    <GardenProvider key={id} id={id} plan={garden.plan} revision={garden.revision} savedAt={garden.savedAt}>
      <Header />
      {children}
    </GardenProvider>
  );
}
