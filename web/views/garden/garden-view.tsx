'use client';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Plus } from 'lucide-react';
import { growingMonths } from '@lignum/core/site/sun/samples';
import { DEMO_GARDEN } from '../../kept/demo-garden';
import { Button } from '../../ui/button';
import { CALM_MS } from '../../ui/calm';
import { fetched, part } from '../../ui/part';
import { useSunTime } from '../plot/sun-time';
import { thingsOf } from '../plot/things';
import { gapsAmong } from '../plot/gaps-among';
import { useSun } from '../plot/use-sun';
import { changeGarden } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';
import { AddToPlot } from './add-to-plot';
import { newPlanting } from './beginnings';
import { PlantingEditor } from './in-bed';
import { Drawn } from './drawn';
import { GroundForm } from './ground-form';
import { LayerBar, monthShown, type Layer } from './layers';
import { addBed, newBed } from './new-bed';
import { NextLine } from './next-line';
import { Panels, type Panel } from './panels';
import { usePutOff } from './put-off';
import { useAsFarAsBuilt } from './use-as-far-as-built';
import { useAhead } from './use-ahead';
import { useKindLaid } from './use-kind-laid';

/** Fetched when they are opened. */
const Tour = part(() => import('./tour'));
const Wants = part(() => import('./wants'));
const Chosen = part(() => import('./chosen'));
const BedHours = part(() => import('../plot/bed-hours'));

/** What is likely to be opened next is fetched once nobody waits: it opens at once, and without a network. */
function useFetchedWhenCalm(): void {
  useEffect(() => {
    const timer = setTimeout(
      () =>
        void fetched(
          Promise.all([
            import('./chosen'),
            import('./open-list'),
            import('./place-facts'),
            import('./several'),
            import('../plot/bed-hours'),
          ]),
        ),
      CALM_MS,
    );
    return () => clearTimeout(timer);
  }, []);
}

/** Sun is counted on squares this large. mm. */
const CELL_MM = 250;

/**
 * The garden: its plot to scale, on which everything is seen and done, what it asks for next, and beside it all of it
 * as a list, or what is chosen.
 */
export function GardenView({ lay, look, show }: { lay: string | null; look: string | null; show: string | null }) {
  const { id, plan, store, tongue } = useGarden();
  const { garden } = useResults();
  const ahead = useAhead();
  useFetchedWhenCalm();
  const [layer, setLayer] = useState<Layer>(show === 'guard' ? 'guard' : 'plan');
  const [panel, setPanel] = useState<Panel>(show === 'open' ? 'open' : 'list');
  const [chosen, setChosen] = useState<string | null>(look);
  const [fromList, setFromList] = useState(false);
  const [wants, setWants] = useState(false);
  const [planted, setPlanted] = useState<string | null>(null);
  const [isSeason, setSeason] = useState(true);
  const [tour, setTour] = useState<number | null>(null);
  const [time, setTime] = useSunTime(id);
  const when = { time, isSeason };
  const month = monthShown(when);
  const [wantsBuilt, setWantsBuilt] = useState(false);
  const { isBegun, built } = useAsFarAsBuilt(garden, wantsBuilt && layer !== 'guard');
  const { answer, share } = useSun(plan, layer === 'hours' ? month : null, CELL_MM, built);
  const laying = useKindLaid(lay, setChosen);
  const things = useMemo(
    () => thingsOf(plan, garden).toSorted((a, b) => Number(a.is === 'feature') - Number(b.is === 'feature')),
    [plan, garden],
  );
  const numbers = useMemo(() => new Map(things.map((thing, i) => [thing.id, i + 1])), [things]);
  const aside = useRef<HTMLElement>(null);
  const thing = things.find((one) => one.id === chosen);
  const gap = chosen?.startsWith('way ') ? gapsAmong(plan.beds).find((one) => one.id === chosen) : undefined;
  const close = () => {
    setChosen(null);
    // The keyboard goes back to the row it came from.
    if (fromList)
      requestAnimationFrame(() => aside.current?.querySelector<HTMLElement>(`[data-thing="${chosen}"]`)?.focus());
  };
  const chooseInList = (next: string) => {
    setFromList(true);
    setChosen(next);
  };
  const chooseOnPlot = (next: string | null) => {
    setFromList(false);
    setChosen(next);
  };
  const firstBed = () => {
    const bed = newBed(plan, tongue.units);
    store.edit(addBed(bed));
    setChosen(bed.id);
  };
  const { off, putOff } = usePutOff(id);
  const asksGround = ahead.steps.some(({ door }) => door.to === 'ground') && !off.includes('ground');
  // It alone has a walk round.
  const asksTour = id === DEMO_GARDEN && tour === null && !off.includes('tour');
  const bedPlanted = plan.beds.find((one) => one.id === planted);

  return (
    // In the hand the drawing comes first, and what it asks for stands under it.
    <main className="mx-auto max-w-[120rem] px-4 pb-24 max-lg:flex max-lg:flex-col lg:pb-16">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 py-2 lg:py-2.5">
        <GardenName />
        <LayerBar
          layer={layer}
          onLayer={setLayer}
          when={when}
          onWhen={(next) => {
            setTime(next.time);
            setSeason(next.isSeason);
          }}
          built={isBegun ? wantsBuilt : null}
          onBuilt={setWantsBuilt}
          site={plan.site}
        />
        <div className="stands-over ml-auto flex gap-2 max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-10 max-lg:border-t max-lg:border-rule max-lg:bg-ground max-lg:px-4 max-lg:py-2">
          <AddToPlot
            onAdded={setChosen}
            onLay={(kind) => {
              setChosen(null);
              setLayer('plan');
              laying.begin(kind);
            }}
          />
          <Button look="main" className="max-lg:grow" onClick={() => setWants(true)}>
            <Plus size={18} aria-hidden />I want to…
          </Button>
        </div>
      </div>
      <div className="max-lg:order-2 max-lg:mt-3">
        {/* Nothing asks while a line is laid: the drawing has the room. */}
        {laying.path ? null : asksTour ? (
          <TourOffer onStart={() => setTour(0)} onPutOff={() => putOff('tour')} />
        ) : asksGround ? (
          <GroundForm
            onDone={(bed) => {
              putOff('ground');
              if (bed) setChosen(bed);
            }}
          />
        ) : (
          <NextLine
            steps={ahead.steps}
            here={{
              firstBed,
              plant: setPlanted,
              open: () => {
                setChosen(null);
                setPanel('open');
                requestAnimationFrame(() => aside.current?.scrollIntoView({ block: 'nearest' }));
              },
            }}
          />
        )}
      </div>
      <div className="grid-cols-1 gap-x-6 max-lg:contents lg:grid lg:grid-cols-[minmax(0,1fr)_23rem] 2xl:grid-cols-[minmax(0,1fr)_28rem]">
        <Drawn
          layer={layer}
          when={when}
          sun={{ answer, share }}
          chosen={chosen}
          choose={chooseOnPlot}
          ahead={ahead}
          numbers={numbers}
          laying={laying.path}
          garden={built ?? garden}
          isBuilt={built !== null}
        />
        <aside ref={aside} aria-label="What is in the garden" className="min-w-0 pt-3 max-lg:order-3">
          {layer === 'hours' && (
            <BedHours answer={answer} month={month === 'season' ? (growingMonths(plan.site)[1] ?? 6) : month} />
          )}
          {thing || gap ? (
            <Chosen
              thing={thing}
              gap={gap}
              number={thing && numbers.get(thing.id)}
              takesFocus={fromList}
              onClose={close}
            />
          ) : (
            <Panels
              panel={panel}
              onPanel={setPanel}
              ahead={ahead}
              things={things}
              numbers={numbers}
              onChoose={chooseInList}
            />
          )}
        </aside>
      </div>
      {tour !== null && (
        <Tour
          at={tour}
          onStop={(at, shows) => {
            setTour(at);
            setLayer(shows.layer);
            setPanel(shows.panel);
            chooseOnPlot(shows.chosen);
          }}
          onEnd={() => {
            setTour(null);
            putOff('tour');
          }}
        />
      )}
      {wants && <Wants onClose={() => setWants(false)} />}
      {bedPlanted && (
        <PlantingEditor start={newPlanting(bedPlanted, plan.garden.year)} isNew onClose={() => setPlanted(null)} />
      )}
    </main>
  );
}

/** Who comes for the first time is offered a walk round; it is asked once. */
function TourOffer({ onStart, onPutOff }: { onStart: () => void; onPutOff: () => void }) {
  return (
    <section
      aria-label="What is next"
      className="flex flex-wrap items-center gap-x-4 gap-y-1 border-l-4 border-chalk bg-sheet py-1 pr-2 pl-4"
    >
      <p className="min-w-40 grow text-lg leading-snug font-semibold">
        This garden is made up. See in a minute what can be done with it?
      </p>
      <span className="flex flex-wrap items-center">
        <Button look="main" onClick={onStart}>
          Walk round
        </Button>
        <Button look="quiet" onClick={onPutOff}>
          Not now
        </Button>
      </span>
    </section>
  );
}

/** The garden's name, which can be typed over. */
function GardenName() {
  const { plan, store } = useGarden();
  return (
    <div className="min-w-0">
      <h1 className="sr-only">{plan.garden.name}</h1>
      <input
        aria-label="Name of the garden"
        value={plan.garden.name}
        maxLength={80}
        onChange={(event) => {
          if (event.target.value.trim()) store.edit(changeGarden({ name: event.target.value }), 'garden name');
        }}
        className="-ml-1 field-sizing-content max-w-[22rem] min-w-32 truncate rounded-[3px] bg-transparent px-1 py-1 font-display text-2xl font-semibold hover:bg-well focus:bg-sheet"
      />
    </div>
  );
}
