import { GardenView } from '../../../views/garden/garden-view';

export const metadata = { title: 'Garden' };

export default function GardenPage() {
  return <GardenView />;
}
