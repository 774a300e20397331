import { notFound } from 'next/navigation';
import { isDay } from '@lignum/core/site/calendar-days';
import { KeepTaps } from '../../../../../views/shell/keep-taps';
import { DayView } from '../../../../../views/weekends/day-view';

export const metadata = { title: 'A day of work' };

export default async function DayPage({ params }: { params: Promise<{ day: string }> }) {
  const { day } = await params;
  if (!/^\d{4}-\d{2}-\d{2}$/.test(day) || !isDay(day)) notFound();
  return (
    <KeepTaps>
      <DayView date={day} />
    </KeepTaps>
  );
}
