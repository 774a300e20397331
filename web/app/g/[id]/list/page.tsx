import { ListView } from '../../../../views/list/list-view';

export const metadata = { title: 'List' };

export default async function ListPage({ searchParams }: { searchParams: Promise<{ of?: string }> }) {
  return <ListView of={(await searchParams).of} />;
}
