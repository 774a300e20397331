'use client';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Plus } from 'lucide-react';
import { FEATURE_KINDS, type FeatureKind } from '@lignum/core/site/plot';
import { KINDS } from '@lignum/core/structures/registry';
import { growingMonths } from '@lignum/core/site/sun/samples';
import { Button } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { Switcher } from '../../ui/switcher';
import { addBed, newBed } from '../garden/new-bed';
import { newStructure } from '../garden/new-structure';
import { addFeature, addStructure } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';
import { BedHours } from './bed-hours';
import { Inspector } from './inspector';
import { LayingBar, useLaying } from './lay-path';
import { PlotCanvas } from './plot-canvas';
import { SUN_STEPS } from './sun-layer';
import { newFeature, thingsOf } from './things';
import { SunTimeFields, useSunAt, useSunTime } from './sun-time';
import { guessInside } from '@lignum/core/site/path';
import { SOIL } from '@lignum/core/site/underfoot';
import { useSun } from './use-sun';

/** Three dimensions are fetched only when they are opened. */
const Garden3d = dynamic(() => import('./garden-3d'), {
  ssr: false,
  loading: () => <p className="py-20 text-center text-soft">Putting up the garden…</p>,
});

type Show = 'plan' | 'shadows' | 'hours' | 'round';
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

const ALONG_PATHS = KINDS.filter((kind) => kind.stands.includes('path'));

/** What can be drawn that is there already. */
const FEATURE_WORDS: Record<FeatureKind, string> = {
  house: 'a house',
  wall: 'a wall',
  fence: 'a fence that is there',
  path: 'a path',
  tree: 'a tree',
  water: 'a pond or stream',
  well: 'a well',
  'buried line': 'a buried line',
  compost: 'a compost heap',
};

/** The plot to scale: what lies where, how the shadows go, and how much sun each bed gets. */
export function PlotView({ lay, look }: { lay: string | null; look: string | null }) {
  const { id, plan, store, tongue } = useGarden();
  const router = useRouter();
  const [chosen, setChosen] = useState<string | null>(look);
  const [kindLaid, setKindLaid] = useState(ALONG_PATHS.find((kind) => kind.id === lay) ?? null);
  const path = useLaying(
    kindLaid?.name.toLowerCase() ?? '',
    (spots, closed) => {
      if (!kindLaid) return;
      const corners = spots.map(([xMm, yMm]) => ({ xMm, yMm, groundMm: 0 }));
      const inside = guessInside(
        corners,
        closed,
        plan.beds.map(({ xMm, yMm }) => [xMm, yMm] as const),
      );
      const stand = { on: 'path', spots: corners, closed, inside, underfoot: SOIL } as const;
      const structure = newStructure(kindLaid.id, plan, stand, []);
      store.edit(addStructure(structure));
      setKindLaid(null);
      setChosen(structure.id);
    },
    () => {
      setKindLaid(null);
      router.replace(`/g/${id}/plot`);
    },
  );
  const laying = kindLaid ? path : null;
  const [show, setShow] = useState<Show>('plan');
  const [month, setMonth] = useState<number | 'season'>(6);
  const [time, setTime] = useSunTime(id);
  const { sun, dayOfYear: today, clock, says } = useSunAt(plan.site, time);
  const things = thingsOf(plan, useResults().garden);
  const { answer, share } = useSun(plan, show === 'hours' ? month : null, 250);
  const monthNumber = month === 'season' ? (growingMonths(plan.site)[1] ?? 6) : month;

  const months = [
    ...growingMonths(plan.site).map((number) => ({ id: String(number), label: MONTHS[number - 1] ?? '' })),
    { id: 'season', label: 'The whole season' },
  ];

  return (
    <main className="mx-auto grid max-w-[100rem] grid-cols-1 gap-x-6 px-4 pb-16 lg:grid-cols-[minmax(0,1fr)_21rem]">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-rule py-2.5 lg:col-span-2">
        <h1 className="text-2xl">Plot</h1>
        <Switcher
          label="Show"
          value={show}
          choices={[
            { id: 'plan', label: 'Plan' },
            { id: 'shadows', label: 'Shadows' },
            { id: 'hours', label: 'Hours of sun' },
            { id: 'round', label: '3-D' },
          ]}
          onChange={(next) => setShow(next as Show)}
        />
        {show === 'hours' && (
          <Chooser
            label="Month"
            value={String(month)}
            choices={
              months.some((one) => one.id === String(month))
                ? months
                : [
                    { id: String(month), label: month === 'season' ? 'The whole season' : (MONTHS[month - 1] ?? '') },
                    ...months,
                  ]
            }
            onChange={(next) => setMonth(next === 'season' ? 'season' : Number(next))}
            className="w-48"
          />
        )}
        {(show === 'shadows' || show === 'round') && <SunTimeFields time={time} onChange={setTime} />}
        <div className="ml-auto flex gap-2">
          <Chooser
            label="Add to the plot"
            value="add"
            choices={[
              { id: 'add', label: 'Add…', disabled: true },
              { id: 'bed', label: 'a bed' },
              ...ALONG_PATHS.map((kind) => ({ id: kind.id, label: `a ${kind.name.toLowerCase()} to build` })),
              ...FEATURE_KINDS.map((kind) => ({ id: kind, label: FEATURE_WORDS[kind] })),
            ]}
            className="w-36"
            onChange={(kind) => {
              const along = ALONG_PATHS.find((one) => one.id === kind);
              if (along) {
                setShow('plan');
                setChosen(null);
                setKindLaid(along);
                return;
              }
              if (kind === 'bed') {
                const bed = newBed(plan, tongue.units);
                store.edit(addBed(bed));
                setChosen(bed.id);
                return;
              }
              const feature = newFeature(plan, kind as FeatureKind);
              store.edit(addFeature(feature));
              setChosen(feature.id);
            }}
          />
        </div>
      </div>
      <div className="min-w-0 pt-4">
        {laying && <LayingBar laying={laying} />}
        {things.length === 0 && !laying && (
          <p className="mb-3 text-soft">
            Nothing lies on the plot yet.{' '}
            <Button look="quiet" onClick={() => store.edit(addBed(newBed(plan, tongue.units)))}>
              <Plus size={16} aria-hidden />
              Put down the first bed
            </Button>
          </p>
        )}
        {show === 'round' ? (
          <Garden3d sun={sun} day={today} says={`${time.day} ${clock}`} />
        ) : (
          <PlotCanvas
            chosen={chosen}
            choose={setChosen}
            answer={answer}
            shadows={show === 'shadows' ? { sun, day: today } : null}
            laying={laying}
          />
        )}
        <div
          className="mt-2 flex min-h-8 flex-wrap items-center justify-center gap-x-5 gap-y-1 text-[0.9rem] text-soft"
          aria-live="polite"
        >
          {show === 'plan' && !laying && (
            <p>Drag to move; a dragged edge catches on its neighbours’. Arrow keys move by a tape mark, R turns.</p>
          )}
          {(show === 'shadows' || show === 'round') && <p>{sun.altitudeRad > 0 ? says : `The sun is down. ${says}`}</p>}
          {show === 'hours' &&
            (share !== null ? (
              <p>Following the sun… {Math.round(share * 100)} %</p>
            ) : (
              SUN_STEPS.map((step) => (
                <span key={step.says} className="flex items-center gap-1.5">
                  <svg width="18" height="14" aria-hidden>
                    <rect width="18" height="14" fill="var(--sheet)" stroke="var(--rule-strong)" />
                    <rect width="18" height="14" fill="var(--ink)" fillOpacity={step.opacity} />
                  </svg>
                  {step.says}
                </span>
              ))
            ))}
        </div>
      </div>
      <aside className="grid content-start gap-6 pt-4">
        {show === 'hours' && <BedHours answer={answer} month={monthNumber} />}
        <Inspector
          key={chosen ?? 'plot'}
          thing={things.find((thing) => thing.id === chosen)}
          onGone={() => setChosen(null)}
          onChoose={setChosen}
        />
      </aside>
    </main>
  );
}
