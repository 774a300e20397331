import { BuildView } from '../../../../views/build/build-view';

export const metadata = { title: 'What to build' };

export default async function BuildPage({ searchParams }: { searchParams: Promise<{ first?: string }> }) {
  const { first } = await searchParams;
  return <BuildView first={first ?? null} />;
}
