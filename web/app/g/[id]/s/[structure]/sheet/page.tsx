import { seekStructure } from '../../../../../../server/garden-of-request';
import { SheetView } from '../../../../../../views/sheet/sheet-view';
import { KeepTaps } from '../../../../../../views/shell/keep-taps';

export const metadata = { title: 'Sheet' };

export default async function SheetPage({ params }: { params: Promise<{ id: string; structure: string }> }) {
  await seekStructure(await params);
  return (
    <KeepTaps>
      <SheetView />
    </KeepTaps>
  );
}
