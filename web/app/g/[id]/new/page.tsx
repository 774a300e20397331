import { NewRow } from '../../../../views/new-row/new-row';

export const metadata = { title: 'Plan a row' };

export default async function NewRowPage({ searchParams }: { searchParams: Promise<{ bed?: string; kind?: string }> }) {
  const { bed, kind } = await searchParams;
  return <NewRow bedId={bed} kindId={kind} />;
}
