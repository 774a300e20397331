import { bedsFor } from '@lignum/core/choosing/where';
import { gardenOfRequest } from '../../../../server/garden-of-request';
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
  const ranked = bedsFor(plan, planting);
  return (
    <NewRow
      bedId={bed}
      kindId={kind}
      firstBeds={ranked.map(({ bed: { id: one }, suits, pro, con }) => ({ bed: one, suits, pro, con }))}
    />
  );
}
