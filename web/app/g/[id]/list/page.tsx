import { ListView } from '../../../../views/list/list-view';
import { KeepTaps } from '../../../../views/shell/keep-taps';

export const metadata = { title: 'List' };

export default async function ListPage({ searchParams }: { searchParams: Promise<{ of?: string }> }) {
  const { of } = await searchParams;
  return (
    <KeepTaps>
      <ListView of={of} />
    </KeepTaps>
  );
}
