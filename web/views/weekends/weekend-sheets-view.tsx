'use client';
import { useMemo } from 'react';
import { weekendSheets } from '../../sheets/weekends';
import { useGarden } from '../shell/garden-context';
import { Working } from '../shell/keep-taps';
import { useComputed } from '../shell/use-computed';
import { Sheets, usePaper } from '../sheet/sheets';
import { useWeekends } from './use-weekends';

/** The weekends as they are printed: the days in their order, and a page a day. */
export function WeekendSheetsView() {
  const { id, tongue } = useGarden();
  const { plan, garden } = useComputed();
  const { weekends } = useWeekends();
  const [size, setSize] = usePaper();
  const pages = useMemo(
    () => (weekends ? weekendSheets(plan, garden.structures, weekends, tongue, size) : []),
    [plan, garden, weekends, tongue, size],
  );
  if (!weekends) return <Working />;
  return (
    <Sheets
      back={{ href: `/g/${id}/weekends`, label: 'Back to the weekends' }}
      title={`${plan.garden.name}: weekends`}
      name={`${plan.garden.name}: weekends`}
      of={[]}
      pages={pages}
      size={size}
      onSize={setSize}
      pdf={`/api/gardens/${id}/weekends?paper=${size}`}
      pack={{
        pdf: `/api/gardens/${id}/weekends?paper=${size}&pack=1`,
        of: weekends.structures.map(({ structure }) => structure),
        label: 'PDF of all there is to take along',
      }}
    />
  );
}
