import { SheetView } from '../../../../../../views/sheet/sheet-view';
import { KeepTaps } from '../../../../../../views/shell/keep-taps';

export const metadata = { title: 'Sheet' };

export default async function SheetPage({ params }: { params: Promise<{ structure: string }> }) {
  return (
    <KeepTaps>
      <SheetView structureId={(await params).structure} />
    </KeepTaps>
  );
}
