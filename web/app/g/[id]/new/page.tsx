import { NewRow } from '../../../../views/new-row/new-row';

export const metadata = { title: 'Plan a row' };

export default async function NewRowPage({ searchParams }: { searchParams: Promise<{ bed?: string }> }) {
  return <NewRow bedId={(await searchParams).bed} />;
}
