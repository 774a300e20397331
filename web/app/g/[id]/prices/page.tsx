import { PricesView } from '../../../../views/prices/prices-view';
import { KeepTaps } from '../../../../views/shell/keep-taps';

export const metadata = { title: 'Prices' };

export default function PricesPage() {
  return (
    <KeepTaps>
      <PricesView />
    </KeepTaps>
  );
}
