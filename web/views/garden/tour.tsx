'use client';
import { useEffect, useRef } from 'react';
import { Button } from '../../ui/button';
import type { Layer } from './layers';
import type { Panel } from './panels';

/** What the garden shows at a stop. */
export interface Shown {
  layer: Layer;
  chosen: string | null;
  panel: Panel;
}

interface Stop {
  title: string;
  says: string;
  shows: Shown;
}

/** Seven stops through the garden that ships: what each way of looking answers, on its own beds. */
const STOPS: readonly Stop[] = [
  {
    title: 'A garden, to scale',
    says: 'Everything is seen and done on this drawing: beds, what stands on them, and what was there already. Drag a bed, or type where it lies.',
    shows: { layer: 'plan', chosen: null, panel: 'list' },
  },
  {
    title: 'Choose anything',
    says: 'This is the long bed: what grows in it, what stands on it, whether that will do and what it costs. “Tomato wall” opens its design.',
    shows: { layer: 'plan', chosen: 'long-bed', panel: 'list' },
  },
  {
    title: 'Who gets in',
    says: 'Somebody who visits here gets into the hatched beds. A fence counts for every bed inside it, a net for what grows under it.',
    shows: { layer: 'guard', chosen: null, panel: 'list' },
  },
  {
    title: 'Where the sun falls',
    says: 'Hours of sun on each bed in any month, with what every wall and trellis takes of them. “Shadows” shows one hour, “3-D” lets you walk round.',
    shows: { layer: 'hours', chosen: null, panel: 'list' },
  },
  {
    title: 'What is still open',
    says: 'All that has to be settled stands in one list, with what would mend it; each leads to its place.',
    shows: { layer: 'plan', chosen: null, panel: 'open' },
  },
  {
    title: 'What to buy, what to print',
    says: 'Everything is bought and cut together: List has it shop by shop, with a cutting plan, and sheets to take outside.',
    shows: { layer: 'plan', chosen: null, panel: 'list' },
  },
  {
    title: 'Now yours',
    says: 'Begin with “I want to…”. Whatever you like here, its design takes along into a garden of your own: “More of these”.',
    shows: { layer: 'plan', chosen: null, panel: 'list' },
  },
];

/** A walk through the demo, stop by stop, beside what it is about; left with Escape. */
export default function Tour({
  at,
  onStop,
  onEnd,
}: {
  at: number;
  onStop: (at: number, shows: Shown) => void;
  onEnd: () => void;
}) {
  const stop = STOPS[at];
  const heading = useRef<HTMLHeadingElement>(null);
  const show = useRef(onStop);
  useEffect(() => {
    show.current = onStop;
  });
  useEffect(() => {
    if (!stop) return;
    show.current(at, stop.shows);
    heading.current?.focus();
  }, [at, stop]);
  useEffect(() => {
    const leave = (event: KeyboardEvent) => {
      if (event.key === 'Escape') onEnd();
    };
    window.addEventListener('keydown', leave);
    return () => window.removeEventListener('keydown', leave);
  }, [onEnd]);
  if (!stop) return null;
  // In the hand what is chosen rises from below: what is said of it stands over it.
  const isLast = at === STOPS.length - 1;
  return (
    <section
      aria-label="A walk round"
      className={`no-print fixed left-4 z-30 w-[min(25rem,calc(100vw-2rem))] border-l-4 border-chalk bg-sheet p-4 shadow-[0_0_0_1.5px_var(--rule-strong),0_14px_34px_#0004] lg:bottom-4 ${stop.shows.chosen ? 'max-lg:top-24' : 'max-lg:bottom-20'}`}
    >
      <p className="text-[0.9rem] text-soft">
        {at + 1} of {STOPS.length}
      </p>
      <h2 ref={heading} tabIndex={-1} className="text-xl outline-none">
        {stop.title}
      </h2>
      <p className="mt-1">{stop.says}</p>
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <Button look="main" onClick={() => (isLast ? onEnd() : onStop(at + 1, (STOPS[at + 1] as Stop).shows))}>
          {isLast ? 'Done' : 'Next'}
        </Button>
        {at > 0 && <Button onClick={() => onStop(at - 1, (STOPS[at - 1] as Stop).shows)}>Back</Button>}
        {!isLast && (
          <Button look="quiet" onClick={onEnd}>
            Skip it
          </Button>
        )}
      </div>
    </section>
  );
}
