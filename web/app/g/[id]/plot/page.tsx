import { redirect } from 'next/navigation';

/** The plot is the garden's own page now: whoever kept its address is led over. */
export default async function PlotPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string>>;
}) {
  const [{ id }, asked] = await Promise.all([params, searchParams]);
  const query = new URLSearchParams(asked).toString();
  redirect(`/g/${encodeURIComponent(id)}${query ? `?${query}` : ''}`);
}
