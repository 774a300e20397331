import { SheetView } from '../../../../../../views/sheet/sheet-view';

export const metadata = { title: 'Sheet' };

export default async function SheetPage({ params }: { params: Promise<{ structure: string }> }) {
  return <SheetView structureId={(await params).structure} />;
}
