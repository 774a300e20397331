import { redirect } from 'next/navigation';
import { isGuarded, placeWithin } from '../../server/guarded';
import { Enter } from '../../views/gardens/enter';

export const metadata = { title: 'Come in' };

export default async function EnterPage({ searchParams }: { searchParams: Promise<{ to?: string | string[] }> }) {
  if (!isGuarded()) redirect('/');
  const { to } = await searchParams;
  return <Enter to={placeWithin(typeof to === 'string' ? to : null)} />;
}
