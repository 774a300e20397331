import { KeptOutView } from '../../../../views/kept-out/kept-out-view';
import { KeepTaps } from '../../../../views/shell/keep-taps';

export const metadata = { title: 'Who is kept out' };

export default async function KeptOutPage({ searchParams }: { searchParams: Promise<{ bed?: string }> }) {
  const { bed } = await searchParams;
  return (
    <KeepTaps>
      <KeptOutView bed={bed ?? null} />
    </KeepTaps>
  );
}
