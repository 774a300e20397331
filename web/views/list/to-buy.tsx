'use client';
import { Fragment, useMemo } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { Purchase, Shopping } from '@lignum/core/costing/buy';
import type { Cost } from '@lignum/core/costing/cost';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { Finder } from '../../ui/finder';
import { Switcher } from '../../ui/switcher';
import { useLongTable, type LongColumns } from '../../ui/use-long-table';
import { useGarden } from '../shell/garden-context';
import { inShopOrder, shedWords, shopGroup, sizeWords } from '../shell/stock-words';

type Line =
  | { is: 'bought'; purchase: Purchase }
  | { is: 'from shed'; piece: Shopping['fromShed'][number] }
  | { is: 'missing'; stock: string; because: Shopping['missing'][number]['because'] };

const stockOf = (line: Line): string =>
  line.is === 'bought' ? line.purchase.stock : line.is === 'from shed' ? line.piece.stock : line.stock;
const nameOf = (line: Line): string => CATALOGUE.stock(stockOf(line)).name;

const COLUMNS: LongColumns<Line> = {
  group: (line) =>
    line.is === 'bought' ? shopGroup(stockOf(line)) : line.is === 'from shed' ? 'From your shed' : 'Not in the total',
  words: nameOf,
  amount: (line) => (line.is === 'bought' ? line.purchase.costMinor : 0),
};
/** Shorter lists are read through. */
const LONG = 12;

/** What to buy, as one walks through the shop, with the sums under it. */
export function ToBuy({ shopping, cost }: { shopping: Shopping; cost: Cost }) {
  const { plan, tongue } = useGarden();
  const amount = (minor: number) => formatMoney(money(minor, plan.garden.currency), tongue.locale);
  const lines = useMemo(
    (): Line[] => [
      ...inShopOrder(shopping.purchases).map((purchase): Line => ({ is: 'bought', purchase })),
      ...inShopOrder(shopping.fromShed).map((piece): Line => ({ is: 'from shed', piece })),
      ...[...new Map(shopping.missing.map((miss) => [`${miss.stock} ${miss.because}`, miss])).values()].map(
        ({ stock, because }): Line => ({ is: 'missing', stock, because }),
      ),
    ],
    [shopping],
  );
  const table = useLongTable(lines, COLUMNS);
  return (
    <>
      {lines.length > LONG && (
        <div className="no-print mt-4 flex flex-wrap items-center justify-between gap-3">
          <Finder label="Find in the list" sought={table.sought} seek={table.seek} />
          <Switcher
            label="In each group"
            value={table.greatestFirst ? 'dearest' : 'shop'}
            choices={[
              { id: 'shop', label: 'as it is sold' },
              { id: 'dearest', label: 'dearest first' },
            ]}
            onChange={(order) => table.putGreatestFirst(order === 'dearest')}
          />
        </div>
      )}
      <table className="mt-4 w-full border-t-2 border-ink">
        <thead>
          <tr className="text-left text-[0.85rem] text-soft">
            <th scope="col" className="w-10 py-1 font-medium">
              <span className="sr-only">Got it</span>
            </th>
            <th scope="col" className="w-14 py-1 pr-3 text-right font-medium">
              Number
            </th>
            <th scope="col" className="py-1 font-medium">
              Item
            </th>
            <th scope="col" className="py-1 font-medium">
              Size
            </th>
            <th scope="col" className="hidden py-1 text-right font-medium sm:table-cell">
              Each
            </th>
            <th scope="col" className="py-1 text-right font-medium">
              Cost
            </th>
          </tr>
        </thead>
        <tbody>
          {table.groups.map(({ title, rows }) => (
            <Fragment key={title}>
              <tr className="border-t border-rule">
                <th scope="rowgroup" colSpan={6} className="pt-4 pb-1 text-left font-display text-lg font-semibold">
                  {title}
                </th>
              </tr>
              {rows.map((line) => (
                <Row key={`${line.is} ${keyOf(line)}`} line={line} amount={amount} />
              ))}
            </Fragment>
          ))}
          {table.groups.length === 0 && (
            <tr className="border-t border-rule">
              <td colSpan={6} className="py-3 text-soft">
                Nothing on the list is called “{table.sought}”.
              </td>
            </tr>
          )}
        </tbody>
        <tfoot>
          <Sum label={plan.priceBook.pricesIncludeTax ? 'Without tax' : 'Prices'} value={amount(cost.netMinor)} />
          <Sum label={`Tax, ${plan.priceBook.taxPercent} %`} value={amount(cost.taxMinor)} />
          <Sum label="Total" value={amount(cost.totalMinor)} strong />
        </tfoot>
      </table>
    </>
  );
}

const keyOf = (line: Line): string =>
  line.is === 'bought'
    ? `${line.purchase.stock} ${line.purchase.size}`
    : line.is === 'from shed'
      ? `${line.piece.stock} ${line.piece.size}`
      : `${line.stock} ${line.because}`;

function Row({ line, amount }: { line: Line; amount: (minor: number) => string }) {
  const { units } = useGarden().tongue;
  const name = nameOf(line);
  if (line.is === 'missing')
    return (
      <tr className="border-t border-rule text-keel">
        <td />
        <td className="py-2 pr-3 text-right font-semibold">?</td>
        <td colSpan={4} className="py-2">
          {name}:{' '}
          {line.because === 'no price'
            ? 'no price in your book, so it is not in the total'
            : 'no length on sale is long enough'}
        </td>
      </tr>
    );
  if (line.is === 'from shed') {
    const { stock, size, count } = line.piece;
    const loose = CATALOGUE.stock(stock).form === 'piece';
    return (
      <tr className="border-t border-rule align-baseline text-leaf">
        <td />
        <td className="pr-3 text-right text-lg font-semibold">{loose ? size : count}</td>
        <td className="py-2 pr-3">{name}</td>
        <td>{loose ? '' : shedWords(stock, size, units)}</td>
        <td className="hidden sm:table-cell" />
        <td className="text-right">in the shed</td>
      </tr>
    );
  }
  const { stock, size, count, eachMinor, costMinor } = line.purchase;
  return (
    <tr className="border-t border-rule">
      <td>
        <label className="grid size-11 place-items-center">
          <input type="checkbox" className="size-5 accent-(--chalk)" aria-label={`Got ${name}`} />
        </label>
      </td>
      <td className="pr-3 text-right text-lg font-semibold">{count}</td>
      <td className="pr-3 leading-snug">{name}</td>
      <td className="pr-3 sm:whitespace-nowrap">{sizeWords(stock, size, units)}</td>
      <td className="hidden text-right sm:table-cell">{amount(eachMinor)}</td>
      <td className="text-right">{amount(costMinor)}</td>
    </tr>
  );
}

function Sum({ label, value, strong = false }: { label: string; value: string; strong?: boolean }) {
  return (
    <tr className={strong ? 'border-t-2 border-ink text-lg font-semibold' : 'border-t border-rule text-soft'}>
      <td />
      <td />
      <td colSpan={2} className="py-1.5">
        {label}
      </td>
      <td className="hidden sm:table-cell" />
      <td className="text-right">{value}</td>
    </tr>
  );
}
