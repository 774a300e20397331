import { SheetView } from '../../../../../../views/sheet/sheet-view';
import { knownStructure } from '../../../../../../server/garden-of-request';
import { KeepTaps } from '../../../../../../views/shell/keep-taps';

export const metadata = { title: 'Sheet' };

export default async function SheetPage({ params }: { params: Promise<{ id: string; structure: string }> }) {
  return (
    <KeepTaps>
      <SheetView structureId={await knownStructure(await params)} />
    </KeepTaps>
  );
}
