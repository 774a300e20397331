'use client';
import Link from 'next/link';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { buttonLook } from '../../ui/button';
import { useGarden } from '../shell/garden-context';
import { perLength, sizeWords } from '../../words/stock-words';

/** What has to be bought as the knobs stand, and what it comes to. */
export function RunningBill({ computed }: { computed: ComputedStructure }) {
  const { id, plan, tongue } = useGarden();
  const { cost, shopping } = computed;
  const amount = (minor: number) => formatMoney(money(minor, plan.garden.currency), tongue.locale);
  return (
    <section aria-labelledby="cost">
      <h2 id="cost" className="text-lg">
        To buy
      </h2>
      <p className="text-[2rem] leading-tight font-semibold" aria-live="polite">
        {amount(cost.totalMinor)}
      </p>
      <p className="text-[0.9rem] text-soft">
        {[
          ...(cost.perPlantMinor === null ? [] : [`${amount(cost.perPlantMinor)} a plant`]),
          // What is counted by its pots has no row to pay for by the foot.
          ...(computed.sized.design.roomFor === undefined ? [perLength(cost, plan.garden.currency, tongue)] : []),
        ].join(' · ')}
        <br />
        {amount(cost.perSeasonMinor)} a season over the life of its parts
      </p>
      {!cost.complete && (
        <p className="mt-1 text-[0.9rem] font-semibold text-keel">
          Too low:{' '}
          {[
            ...new Set(
              shopping.missing.map(
                (one) =>
                  `${CATALOGUE.stock(one.stock).name} ${one.because === 'no price' ? 'has no price' : 'is not sold long enough'}`,
              ),
            ),
          ].join('; ')}
          .{' '}
          <Link className="underline" href={`/g/${id}/prices`}>
            Add a price
          </Link>
        </p>
      )}
      <table className="mt-2 w-full text-[0.9rem]">
        <caption className="sr-only">What to buy</caption>
        <thead className="sr-only">
          <tr>
            <th>Number</th>
            <th>Item</th>
            <th>Cost</th>
          </tr>
        </thead>
        <tbody>
          {shopping.purchases.map((one) => (
            <tr key={`${one.stock} ${one.size}`} className="border-t border-rule align-baseline">
              <td className="w-9 py-1 pr-2 text-right font-semibold">{one.count}</td>
              <td className="py-1 leading-snug">
                {CATALOGUE.stock(one.stock).name}
                {CATALOGUE.stock(one.stock).form === 'panel' ? (
                  ''
                ) : (
                  <span className="text-soft">, {sizeWords(one.stock, one.size, tongue.units)}</span>
                )}
              </td>
              <td className="py-1 pl-2 text-right">{amount(one.costMinor)}</td>
            </tr>
          ))}
          {shopping.fromShed.map((one) => (
            <tr key={`shed ${one.stock} ${one.size}`} className="border-t border-rule align-baseline text-leaf">
              <td className="w-9 py-1 pr-2 text-right font-semibold">
                {CATALOGUE.stock(one.stock).form === 'piece' ? one.size : one.count}
              </td>
              <td className="py-1 leading-snug">{CATALOGUE.stock(one.stock).name}</td>
              <td className="py-1 pl-2 text-right whitespace-nowrap">in shed</td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr className="border-t-2 border-ink">
            <td />
            <td className="py-1 text-soft">of which tax, {plan.priceBook.taxPercent} %</td>
            <td className="py-1 text-right text-soft">{amount(cost.taxMinor)}</td>
          </tr>
        </tfoot>
      </table>
      <Link href={`/g/${id}/list?of=${computed.structure.id}`} className={buttonLook('main', 'mt-3 w-full')}>
        List and cuts for the shop
      </Link>
    </section>
  );
}
