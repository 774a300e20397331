import { database } from '../../../../server/database';
import { loadTicks } from '../../../../server/tick-store';
import { ListView } from '../../../../views/list/list-view';
import { KeepTaps } from '../../../../views/shell/keep-taps';

export const metadata = { title: 'List' };

export default async function ListPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ of?: string }>;
}) {
  const [{ id }, { of }] = await Promise.all([params, searchParams]);
  return (
    <KeepTaps>
      <ListView of={of} ticks={await loadTicks(database(), id)} />
    </KeepTaps>
  );
}
