import { KeepTaps } from '../../../../../views/shell/keep-taps';
import { WeekendSheetsView } from '../../../../../views/weekends/weekend-sheets-view';

export const metadata = { title: 'Weekends to print' };

export default function WeekendSheetsPage() {
  return (
    <KeepTaps>
      <WeekendSheetsView />
    </KeepTaps>
  );
}
