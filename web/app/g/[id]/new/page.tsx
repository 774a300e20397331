import { headers } from 'next/headers';
import { computing } from '../../../../server/computing/pool';
import { clientOf } from '../../../../server/download';
import { computedForPage, gardenOfRequest } from '../../../../server/garden-of-request';
import { firstPlanting } from '../../../../views/new-row/first-planting';
import { NewRow } from '../../../../views/new-row/new-row';

export const metadata = { title: 'Plan a row' };

export default async function NewRowPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ bed?: string; kind?: string }>;
}) {
  const [{ id }, { bed, kind }] = await Promise.all([params, searchParams]);
  const { plan } = await gardenOfRequest(id);
  // Ranked here for what the page begins with, so that it is whole when it is first painted.
  const planting = firstPlanting(plan, bed);
  const firstBeds = await computedForPage(async () =>
    computing({ garden: id, plan, task: { make: 'beds', planting }, client: await clientOf(await headers()) }),
  );
  return <NewRow bedId={bed} kindId={kind} firstBeds={firstBeds} />;
}
