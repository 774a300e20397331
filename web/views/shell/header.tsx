'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { Redo2, Search, Undo2 } from 'lucide-react';
import type { Units } from '@lignum/core/quantity/length';
import { CrowFoot } from '../../ui/crow-foot';
import { lengthTarget } from '../../ui/length-target';
import { Switcher } from '../../ui/switcher';
import { CALM_MS } from '../../ui/calm';
import { part } from '../../ui/part';
import { useGarden, useHistory } from './garden-context';
import { SaveNote, SaveTrouble } from './save-note';
import { Shortcuts } from './shortcuts';

/** Fetched when the tape is taken out. */
const LaserPanel = part(async () => ({ default: (await import('../laser/laser-panel')).LaserPanel }));

/** Where the network is gone before it is there, the page goes on without it. */
const WhenCalm = dynamic(() => import('./when-calm').catch(() => () => null), { ssr: false });

/** What a garden does after everything that is waited for. */
function AfterAll() {
  const { store } = useGarden();
  const [isCalm, setCalm] = useState(false);
  useEffect(() => {
    const calm = () => setCalm(true);
    const timer = setTimeout(calm, CALM_MS);
    // With the first edit at once: undo has to be kept as the page goes.
    const edited = store.history.subscribe(calm);
    return () => {
      clearTimeout(timer);
      edited();
    };
  }, [store]);
  return isCalm && <WhenCalm />;
}

export function Wordmark() {
  return (
    <Link
      href="/"
      className="flex min-h-11 min-w-8 items-center gap-2 pr-1 font-display text-xl font-bold"
      aria-label="Lignum: all gardens"
    >
      <CrowFoot className="h-4 w-3.5 text-chalk" />
      <span className="hidden sm:inline">Lignum</span>
    </Link>
  );
}

const tool =
  'grid size-11 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-ink disabled:opacity-35 disabled:hover:bg-transparent';

/** On top of every view of a garden: where one is, whether it is saved, and what holds everywhere. */
export function Header() {
  const { id, plan, store, units, setUnits } = useGarden();
  const { canUndo, canRedo } = useHistory();
  const path = usePathname();
  const [over, setOver] = useState<'keys' | 'find' | null>(null);
  const tape = useSyncExternalStore(lengthTarget.subscribe, lengthTarget.isOut, () => false);
  // Whatever is neither the list nor the weekends nor the prices is the garden, looked at or worked on.
  const at = ['/list', '/weekends', '/prices'].find((part) => path.startsWith(`/g/${id}${part}`)) ?? '';
  const places = [
    { part: '', label: 'Garden' },
    { part: '/list', label: 'List' },
    { part: '/weekends', label: 'Weekends' },
    { part: '/prices', label: 'Prices' },
  ];
  return (
    <>
      <a
        href="#content"
        className="no-print sr-only z-50 bg-chalk px-4 py-3 font-semibold text-(--on-chalk) focus:not-sr-only focus:fixed focus:top-1 focus:left-1"
      >
        Skip to the content
      </a>
      <header className="stands-over no-print sticky top-0 z-30 border-b border-rule bg-ground/95 backdrop-blur">
        <div className="mx-auto flex max-w-[120rem] flex-wrap items-center gap-x-4 px-4 lg:flex-nowrap">
          <Wordmark />
          {path !== `/g/${id}` && (
            <>
              <span aria-hidden className="hidden h-6 w-px bg-rule sm:block" />
              <Link href={`/g/${id}`} className="hidden min-h-11 min-w-0 items-center truncate font-semibold sm:flex">
                {plan.garden.name}
              </Link>
            </>
          )}
          <nav aria-label="Garden" className="order-last flex w-full gap-1 lg:order-none lg:ml-4 lg:w-auto">
            {places.map((place) => (
              <Link
                key={place.part}
                href={`/g/${id}${place.part}`}
                aria-current={place.part === at ? 'page' : undefined}
                className="flex min-h-11 items-center px-3 text-[0.95rem] text-soft hover:text-ink aria-[current]:font-semibold aria-[current]:text-ink aria-[current]:shadow-[inset_0_-3px_0_var(--chalk)]"
              >
                {place.label}
              </Link>
            ))}
          </nav>
          <div className="ml-auto flex items-center gap-1">
            <SaveNote />
            <button
              type="button"
              className={tool}
              onClick={() => setOver('find')}
              aria-label="Find anything"
              title="Find anything (/)"
            >
              <Search size={19} aria-hidden />
            </button>
            <button
              type="button"
              className={tool}
              disabled={!canUndo}
              onClick={() => store.undo()}
              aria-label="Undo"
              title="Undo (Ctrl Z)"
            >
              <Undo2 size={19} aria-hidden />
            </button>
            <button
              type="button"
              className={`${tool} max-sm:hidden`}
              disabled={!canRedo}
              onClick={() => store.redo()}
              aria-label="Redo"
              title="Redo (Ctrl Shift Z)"
            >
              <Redo2 size={19} aria-hidden />
            </button>
            <Switcher
              label="Lengths are written in"
              value={units}
              choices={[
                { id: 'imperial', label: 'ft in' },
                { id: 'metric', label: 'mm' },
              ]}
              onChange={(next) => setUnits(next as Units)}
            />
          </div>
        </div>
      </header>
      <AfterAll />
      <SaveTrouble />
      {tape && <LaserPanel onClose={() => lengthTarget.take(false)} />}
      <Shortcuts open={over} setOpen={setOver} />
    </>
  );
}
