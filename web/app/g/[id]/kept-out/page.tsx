import { KeptOutView } from '../../../../views/kept-out/kept-out-view';

export const metadata = { title: 'Who is kept out' };

export default async function KeptOutPage({ searchParams }: { searchParams: Promise<{ bed?: string }> }) {
  const { bed } = await searchParams;
  return <KeptOutView bed={bed ?? null} />;
}
