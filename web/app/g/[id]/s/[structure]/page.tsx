import { seekStructure } from '../../../../../server/garden-of-request';
import { Bench } from '../../../../../views/bench/bench';

export const metadata = { title: 'Bench' };

export default async function BenchPage({ params }: { params: Promise<{ id: string; structure: string }> }) {
  await seekStructure(await params);
  return <Bench />;
}
