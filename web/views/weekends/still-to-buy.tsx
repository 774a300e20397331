'use client';
import Link from 'next/link';
import { stillToPay } from '@lignum/core/costing/still-to-pay';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { boughtAs, tickedAs } from '../../kept/ticks';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';
import { useTicks } from '../shell/use-ticks';

/** What has still to be bought, by what is ticked off on the list of the whole garden. */
export default function StillToBuy() {
  const { id, plan, tongue } = useGarden();
  const { garden } = useResults();
  const ticks = useTicks();
  const left = stillToPay(
    garden.shopping,
    plan.priceBook,
    (line) => ticks.of('bought', tickedAs('', boughtAs(line)))?.done === true,
  );
  const said = (minor: number): string => formatMoney(money(minor, plan.garden.currency), tongue.locale);
  return (
    <p className="mt-1 min-h-8 tabular-nums">
      {left === 0 ? (
        'Everything on the list is bought.'
      ) : (
        <>
          <Link href={`/g/${id}/list`} className="inline-flex min-h-8 items-center text-chalk hover:underline">
            {said(left)} still to buy
          </Link>
          {left < garden.cost.totalMinor && ` of ${said(garden.cost.totalMinor)}`}.
        </>
      )}
    </p>
  );
}
