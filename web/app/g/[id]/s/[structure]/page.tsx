import { Bench } from '../../../../../views/bench/bench';

export const metadata = { title: 'Bench' };

export default async function BenchPage({ params }: { params: Promise<{ structure: string }> }) {
  return <Bench structureId={(await params).structure} />;
}
