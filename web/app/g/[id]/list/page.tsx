import { database } from '../../../../server/database';
import { loadTicks } from '../../../../server/tick-store';
import { ListView } from '../../../../views/list/list-view';

export const metadata = { title: 'List' };

export default async function ListPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ of?: string }>;
}) {
  const [{ id }, { of }] = await Promise.all([params, searchParams]);
  return <ListView of={of} ticks={await loadTicks(database(), id)} />;
}
