import { seekStructure } from '../../../../../../server/garden-of-request';
import { KeepTaps } from '../../../../../../views/shell/keep-taps';
import { SetOutView } from '../../../../../../views/set-out/set-out-view';

export const metadata = { title: 'Set it out' };

export default async function SetOutPage({ params }: { params: Promise<{ id: string; structure: string }> }) {
  await seekStructure(await params);
  return (
    <KeepTaps>
      <SetOutView />
    </KeepTaps>
  );
}
