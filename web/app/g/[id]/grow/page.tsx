import { GrowView } from '../../../../views/grow/grow-view';

export const metadata = { title: 'What to grow' };

export default function GrowPage() {
  return <GrowView />;
}
