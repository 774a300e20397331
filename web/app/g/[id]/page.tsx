import { GardenView } from '../../../views/garden/garden-view';
import { KeepTaps } from '../../../views/shell/keep-taps';

export const metadata = { title: 'Garden' };

export default function GardenPage() {
  return (
    <KeepTaps>
      <GardenView />
    </KeepTaps>
  );
}
