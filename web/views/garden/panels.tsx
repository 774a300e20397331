'use client';
import Link from 'next/link';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { buttonLook } from '../../ui/button';
import { part } from '../../ui/part';
import { Switcher } from '../../ui/switcher';
import type { Thing } from '../plot/things';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';
import { GardenList } from './garden-list';
import type { Ahead } from './use-ahead';

/** Fetched when they are opened. */
const OpenList = part(() => import('./open-list'));
const PlaceFacts = part(() => import('./place-facts'));

export type Panel = 'list' | 'open' | 'place';

/** What stands beside the plot while nothing is chosen: all of it, what is open, or the place itself. */
export function Panels({
  panel,
  onPanel,
  ahead,
  things,
  numbers,
  onChoose,
}: {
  panel: Panel;
  onPanel: (panel: Panel) => void;
  ahead: Ahead;
  things: readonly Thing[];
  numbers: ReadonlyMap<string, number>;
  onChoose: (id: string) => void;
}) {
  return (
    <>
      <Switcher
        label="Beside the plot"
        look="heading"
        value={panel}
        choices={[
          { id: 'list', label: 'All of it' },
          { id: 'open', label: ahead.points.length > 0 ? `Open: ${ahead.points.length}` : 'Nothing open' },
          { id: 'place', label: 'The place' },
        ]}
        onChange={(next) => onPanel(next as Panel)}
      />
      <div className="pt-3">
        {panel === 'list' && (
          <>
            <GardenList things={things} numbers={numbers} counts={ahead.at} onChoose={onChoose} />
            <GardenTotal />
          </>
        )}
        {panel === 'open' && <OpenList points={ahead.points} onLook={onChoose} />}
        {panel === 'place' && <PlaceFacts />}
      </div>
    </>
  );
}

/** What everything comes to, bought and cut together. */
function GardenTotal() {
  const { id, plan, tongue } = useGarden();
  const { garden } = useResults();
  if (garden.structures.length === 0) return null;
  const shown = (minor: number): string => formatMoney(money(minor, plan.garden.currency), tongue.locale);
  return (
    <div className="mt-2 flex flex-wrap items-center justify-between gap-3 border-t-2 border-ink pt-3">
      <p className="min-w-0">
        <span className="text-xl font-semibold">{shown(garden.cost.totalMinor)}</span>{' '}
        <span className="block text-[0.9rem] text-soft">
          all of it{garden.cost.complete ? '' : ' (something has no price)'}; {shown(garden.cost.perSeasonMinor)} a
          season
        </span>
      </p>
      <Link href={`/g/${id}/list`} className={buttonLook('plain')}>
        List for the shop
      </Link>
    </div>
  );
}
