import { cookies, headers } from 'next/headers';
import { Suspense, type ReactNode } from 'react';
import { gardenOfRequest } from '../../../server/garden-of-request';
import { GardenProvider } from '../../../views/shell/garden-context';
import { UNITS_COOKIE, unitsKept } from '../../../views/shell/own-units';
import { Header } from '../../../views/shell/header';

export const dynamic = 'force-dynamic';

const Working = () => (
  <main aria-busy className="mx-auto max-w-xl p-8 text-soft">
    Working out the garden…
  </main>
);

export default async function GardenLayout({
  params,
  children,
}: {
  params: Promise<{ id: string }>;
  children: ReactNode;
}) {
  const { id } = await params;
  const garden = await gardenOfRequest(id);
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
      on={on}
      ownUnits={ownUnits}
    >
      <Header />
      <div id="content" tabIndex={-1} className="outline-none">
        {/* What has not been worked out yet keeps its page as it came; only a page that was never there shows this. */}
        <Suspense fallback={<Working />}>{children}</Suspense>
      </div>
    </GardenProvider>
  );
}
