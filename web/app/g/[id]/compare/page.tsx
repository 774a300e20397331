import { CompareView } from '../../../../views/compare/compare-view';
import { KeepTaps } from '../../../../views/shell/keep-taps';

export const metadata = { title: 'Side by side' };

export default async function ComparePage({ searchParams }: { searchParams: Promise<{ of?: string }> }) {
  const { of = '' } = await searchParams;
  return (
    <KeepTaps>
      <CompareView of={of.split(',').filter(Boolean)} />
    </KeepTaps>
  );
}
