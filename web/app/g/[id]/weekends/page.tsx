import { WeekendsView } from '../../../../views/weekends/weekends-view';

export const metadata = { title: 'Weekends' };

export default function WeekendsPage() {
  return <WeekendsView />;
}
