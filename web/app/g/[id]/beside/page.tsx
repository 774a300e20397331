import { FIRST_PAGE } from '../../../../server/asked';
import { readForPage } from '../../../../server/garden-of-request';
import { listGardens } from '../../../../server/garden-store';
import { BesideView } from '../../../../views/beside/beside-view';
import { KeepTaps } from '../../../../views/shell/keep-taps';

export const metadata = { title: 'Two layouts' };

interface Asked {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ with?: string; version?: string }>;
}

export default async function BesidePage({ params, searchParams }: Asked) {
  const { id } = await params;
  const { with: other, version } = await searchParams;
  const { gardens } = await readForPage((db) => listGardens(db, FIRST_PAGE));
  return (
    <KeepTaps>
      <BesideView
        others={gardens.filter((one) => one.id !== id).map((one) => ({ id: one.id, name: one.name }))}
        garden={other ?? null}
        version={version && /^\d+$/.test(version) ? Number(version) : null}
      />
    </KeepTaps>
  );
}
