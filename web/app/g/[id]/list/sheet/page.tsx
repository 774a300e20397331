import { GardenSheetView } from '../../../../../views/sheet/garden-sheet-view';
import { KeepTaps } from '../../../../../views/shell/keep-taps';

export const metadata = { title: 'Sheets' };

export default function GardenSheetPage() {
  return (
    <KeepTaps>
      <GardenSheetView />
    </KeepTaps>
  );
}
