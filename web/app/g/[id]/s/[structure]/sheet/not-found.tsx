import { SheetView } from '../../../../../../views/sheet/sheet-view';
import { KeepTaps } from '../../../../../../views/shell/keep-taps';

/** As on its bench: what was just begun in this tab has sheets before the server knows it. */
export default function UnknownStructure() {
  return (
    <KeepTaps>
      <SheetView />
    </KeepTaps>
  );
}
