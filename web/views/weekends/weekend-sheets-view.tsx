'use client';
import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { onWeeks, weeksIn } from '@lignum/core/work/on-weeks';
import { weekendSheets } from '../../sheets/weekends';
import { dateWords, weekWord } from '../../words/work-words';
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
  const asked = useSearchParams().get('weeks');
  const [chosen, setChosen] = useState<ReadonlySet<string>>(() => new Set(asked?.split(',').filter(Boolean)));
  const weeks = useMemo(() => (weekends ? weeksIn(weekends) : []), [weekends]);
  // A week that is asked for and has no work any more is none.
  const only = useMemo(() => new Set(weeks.flatMap(({ week }) => (chosen.has(week) ? [week] : []))), [weeks, chosen]);
  const shown = useMemo(() => (weekends ? onWeeks(weekends, only) : null), [weekends, only]);
  const pages = useMemo(
    () => (shown ? weekendSheets(plan, garden.structures, shown, tongue, size) : []),
    [plan, garden, shown, tongue, size],
  );
  if (!weekends || !shown) return <Working />;
  const some = only.size > 0 ? `&weeks=${[...only].join(',')}` : '';
  const word = weekWord(weekends.days);
  return (
    <Sheets
      back={{ href: `/g/${id}/weekends`, label: 'Back to the weekends' }}
      title={`${plan.garden.name}: weekends`}
      name={`${plan.garden.name}: weekends`}
      of={[]}
      pages={pages}
      size={size}
      onSize={setSize}
      pdf={`/api/gardens/${id}/weekends?paper=${size}${some}`}
      pack={{
        pdf: `/api/gardens/${id}/weekends?paper=${size}&pack=1${some}`,
        of: shown.structures.map(({ structure }) => structure),
        label: 'PDF of all there is to take along',
      }}
      choices={
        weeks.length < 2
          ? []
          : weeks.map(({ week, days }, i) => ({
              label: `${word === 'week' ? 'Week' : 'Weekend'} ${i + 1}, ${dateWords(days[0]?.date ?? week, tongue.locale, false)}`,
              chosen: only.size === 0 || only.has(week),
              onChoose: (is) => {
                const all = new Set(only.size === 0 ? weeks.map((one) => one.week) : only);
                if (is) all.add(week);
                else all.delete(week);
                // None left over would be a pile of nothing: then it is all of them again.
                setChosen(all.size === weeks.length ? new Set() : all);
              },
            }))
      }
    />
  );
}
