import { GardenSheetView } from '../../../../../views/sheet/garden-sheet-view';

export const metadata = { title: 'Sheets' };

export default function GardenSheetPage() {
  return <GardenSheetView />;
}
