import { PricesView } from '../../../../views/prices/prices-view';

export const metadata = { title: 'Prices' };

export default function PricesPage() {
  return <PricesView />;
}
