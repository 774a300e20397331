import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { gardenOfRequest, readForPage } from '../../../server/garden-of-request';
import { loadRecord } from '../../../server/record-store';
import { GardenProvider } from '../../../views/shell/garden-context';
import { UNITS_COOKIE, unitsKept } from '../../../kept/own-units';
import { Header } from '../../../views/shell/header';

export const dynamic = 'force-dynamic';

export default async function GardenLayout({
  params,
  children,
}: {
  params: Promise<{ id: string }>;
  children: ReactNode;
}) {
  const { id } = await params;
  const [garden, said] = await Promise.all([gardenOfRequest(id), readForPage((db) => loadRecord(db, id))]);
  // Only a guess, so that drawings come in a size that can be read; the page measures itself.
  const on = /Mobi/.test((await headers()).get('user-agent') ?? '') ? 'phone' : 'desk';
  const ownUnits = unitsKept((await cookies()).get(UNITS_COOKIE)?.value);
  return (
    <GardenProvider
      key={id}
      id={id}
      plan={garden.plan}
      revision={garden.revision}
      savedAt={garden.savedAt}
      said={said}
      on={on}
      ownUnits={ownUnits}
    >
      <Header />
      <div id="content" tabIndex={-1} className="outline-none">
        {children}
      </div>
    </GardenProvider>
  );
}
