import type { Metadata } from 'next';
import { gardenOfRequest, seekStructure } from '../../../../../server/garden-of-request';
import { Bench } from '../../../../../views/bench/bench';

type Params = Promise<{ id: string; structure: string }>;

/** Several benches may be open at a time: each is called what stands on it. */
export async function generateMetadata({ params }: { params: Params }): Promise<Metadata> {
  const { id, structure } = await params;
  const { plan } = await gardenOfRequest(id);
  return { title: plan.structures.find((one) => one.id === structure)?.name ?? 'Bench' };
}

export default async function BenchPage({ params }: { params: Params }) {
  await seekStructure(await params);
  return <Bench />;
}
