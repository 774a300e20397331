'use client';
import { Fragment, useMemo, useState } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { Purchase, Shopping } from '@lignum/core/costing/buy';
import { eachOf, type Cost } from '@lignum/core/costing/cost';
import { stillToPay } from '@lignum/core/costing/still-to-pay';
import { sumsByShop } from '@lignum/core/costing/price-book';
import { formatMoney, money, parseMinor, plainMoney } from '@lignum/core/quantity/money';
import { inputLook } from '../../ui/field';
import { Finder } from '../../ui/finder';
import { Switcher } from '../../ui/switcher';
import { useLongTable, type LongColumns } from '../../ui/use-long-table';
import { changePriceBook } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';
import { boughtAs, tickedAs } from '../../kept/ticks';
import { TickBox, useTicks } from '../shell/use-ticks';
import { inShopOrder, listGroup, shedWords, sizeWords } from '../../words/stock-words';

type Line =
  | { is: 'bought'; purchase: Purchase }
  | { is: 'from shed'; piece: Shopping['fromShed'][number] }
  | { is: 'missing'; stock: string; because: Shopping['missing'][number]['because'] };

const stockOf = (line: Line): string =>
  line.is === 'bought' ? line.purchase.stock : line.is === 'from shed' ? line.piece.stock : line.stock;
const nameOf = (line: Line): string => CATALOGUE.stock(stockOf(line)).name;

const COLUMNS: LongColumns<Line> = {
  group: (line) =>
    line.is === 'bought' ? listGroup(line.purchase) : line.is === 'from shed' ? 'From your shed' : 'Not in the total',
  words: nameOf,
  amount: (line) => (line.is === 'bought' ? line.purchase.costMinor : 0),
};
/** Shorter lists are read through. */
const LONG = 12;

/** What to buy, as one walks through the shop, with the sums under it. */
export function ToBuy({ shopping, cost, scope }: { shopping: Shopping; cost: Cost; scope: string }) {
  const { plan, tongue } = useGarden();
  const ticks = useTicks();
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
  const shops = sumsByShop(shopping.purchases);
  const isGot = (purchase: Purchase): boolean => ticks.of('bought', tickedAs(scope, boughtAs(purchase)))?.done === true;
  const got = shopping.purchases.filter(isGot).length;
  const paid = shopping.purchases.flatMap((purchase) => {
    const minor = ticks.of('bought', tickedAs(scope, boughtAs(purchase)))?.paidMinor;
    return typeof minor === 'number' ? [minor] : [];
  });
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
      <table className="mt-4 w-full border-t-2 border-ink max-sm:block">
        <thead className="max-sm:block">
          <tr className={`${GRID} text-left text-[0.85rem] text-soft`}>
            <th scope="col" className="w-10 py-1 font-medium">
              <span className="sr-only">Got it</span>
            </th>
            <th scope="col" className="py-1 pr-3 text-right font-medium sm:w-14">
              <span className="max-sm:sr-only">Number</span>
            </th>
            <th scope="col" className="py-1 font-medium">
              Item
            </th>
            <th scope="col" className="py-1 font-medium max-sm:hidden">
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
        <tbody className="max-sm:block">
          {table.groups.map(({ title, rows }) => (
            <Fragment key={title}>
              <tr className={`${GRID} border-t border-rule`}>
                <th
                  scope="rowgroup"
                  colSpan={6}
                  className="max-sm:col-span-4 pt-4 pb-1 text-left font-display text-lg font-semibold"
                >
                  {title}
                </th>
              </tr>
              {rows.map((line) => (
                <Row
                  key={`${line.is} ${keyOf(line)}`}
                  line={line}
                  amount={amount}
                  what={tickedAs(scope, keyOf(line))}
                  spare={line.is === 'bought' ? shopping.spares.find((one) => one.stock === stockOf(line)) : undefined}
                />
              ))}
            </Fragment>
          ))}
          {table.groups.length === 0 && (
            <tr className={`${GRID} border-t border-rule`}>
              <td colSpan={6} className="max-sm:col-span-4 py-3 text-soft">
                Nothing on the list is called “{table.sought}”.
              </td>
            </tr>
          )}
        </tbody>
        <tfoot className="max-sm:block">
          {shops.length > 1 &&
            shops.map(([shop, minor]) => (
              <Sum key={shop} label={shop ? `At ${shop}` : 'Where no shop is named'} value={amount(minor)} />
            ))}
          <Sum label={plan.priceBook.pricesIncludeTax ? 'Without tax' : 'Prices'} value={amount(cost.netMinor)} />
          <Sum label={`Tax, ${plan.priceBook.taxPercent} %`} value={amount(cost.taxMinor)} />
          <Sum label="Total" value={amount(cost.totalMinor)} strong />
          {got > 0 && (
            <Sum
              label={`Still to buy, ${shopping.purchases.length - got} of ${shopping.purchases.length}`}
              value={amount(stillToPay(shopping, plan.priceBook, isGot))}
            />
          )}
          {paid.length > 0 && (
            <Sum
              label={`Paid so far, for ${paid.length} of ${shopping.purchases.length}`}
              value={amount(paid.reduce((sum, minor) => sum + minor, 0))}
            />
          )}
        </tfoot>
      </table>
    </>
  );
}

/** A line of the list in the hand: its tick, how many, what, and what it costs. */
const GRID = 'max-sm:grid max-sm:grid-cols-[2.75rem_2.75rem_minmax(0,1fr)_auto] max-sm:items-baseline';

/** The size under the name, where there is no column for it. */
const InHand = ({ children }: { children: string }) => (
  <span className="block font-semibold sm:hidden">{children}</span>
);

const keyOf = (line: Line): string =>
  line.is === 'bought'
    ? boughtAs(line.purchase)
    : line.is === 'from shed'
      ? boughtAs(line.piece)
      : `${line.stock} ${line.because}`;

function Row({
  line,
  amount,
  what,
  spare,
}: {
  line: Line;
  amount: (minor: number) => string;
  what: string;
  spare: Shopping['spares'][number] | undefined;
}) {
  const { units } = useGarden().tongue;
  const name = nameOf(line);
  if (line.is === 'missing')
    return (
      <tr className={`${GRID} border-t border-rule text-keel`}>
        <td />
        <td className="py-2 pr-3 text-right font-semibold">?</td>
        <td colSpan={4} className="py-2 max-sm:col-span-2">
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
      <tr className={`${GRID} border-t border-rule align-baseline text-leaf`}>
        <td />
        <td className="pr-3 text-right text-lg font-semibold">{loose ? size : count}</td>
        <td className="py-2 pr-3">
          {name}
          {!loose && <InHand>{shedWords(stock, size, units)}</InHand>}
        </td>
        <td className="max-sm:hidden">{loose ? '' : shedWords(stock, size, units)}</td>
        <td className="hidden sm:table-cell" />
        <td className="text-right">in the shed</td>
      </tr>
    );
  }
  const { stock, size, count, eachMinor, costMinor } = line.purchase;
  return (
    <>
      <tr className={`${GRID} border-t border-rule`}>
        <td>
          <TickBox about="bought" what={what} label={`Got ${name}, ${sizeWords(stock, size, units)}`} />
        </td>
        <td className="pr-3 text-right text-lg font-semibold">{count}</td>
        <td className="py-1 pr-3 leading-snug">
          {name}
          <InHand>{sizeWords(stock, size, units)}</InHand>
        </td>
        <td className="pr-3 whitespace-nowrap max-sm:hidden">{sizeWords(stock, size, units)}</td>
        <td className="hidden text-right sm:table-cell">{amount(eachMinor)}</td>
        <td className="text-right">{amount(costMinor)}</td>
      </tr>
      {spare && <Spare spare={spare} amount={amount} />}
      <Bought what={what} name={name} amount={amount} purchase={line.is === 'bought' ? line.purchase : null} />
    </>
  );
}

/** That the packs hold less to spare than is wished for, and what more would cost: asked for, not bought in silence. */
function Spare({ spare, amount }: { spare: Shopping['spares'][number]; amount: (minor: number) => string }) {
  const { plan, store } = useGarden();
  const { stock, left, wished, moreMinor } = spare;
  const ask = () =>
    store.edit(changePriceBook({ sparesAsked: [...new Set([...(plan.priceBook.sparesAsked ?? []), stock])] }));
  return (
    <tr className={`${GRID} no-print text-[0.85rem] text-soft`}>
      <td />
      <td />
      <td colSpan={4} className="pb-1 max-sm:col-span-2">
        {left === 0 ? 'None' : `Only ${left}`} to spare of {wished} wished for.{' '}
        <button type="button" className="min-h-11 text-chalk underline" onClick={ask}>
          Take another pack, {amount(moreMinor)} more
        </button>
      </td>
    </tr>
  );
}

/** A price that was paid, offered to the book: what one of them came to, with or without tax as the book has it. */
function KeepPrice({
  purchase,
  paidMinor,
  amount,
}: {
  purchase: Purchase;
  paidMinor: number;
  amount: (minor: number) => string;
}) {
  const { plan, store } = useGarden();
  const { lines } = plan.priceBook;
  const eachMinor = eachOf(paidMinor, purchase.count, plan.priceBook);
  if (eachMinor === purchase.eachMinor) return null;
  const keep = () =>
    store.edit(
      changePriceBook({
        lines: lines.map((line) =>
          line.stock === purchase.stock && line.size === purchase.size && line.shop === purchase.shop
            ? { ...line, price: money(eachMinor, plan.garden.currency) }
            : line,
        ),
      }),
    );
  return (
    <button type="button" className="no-print mr-2 min-h-11 font-semibold text-chalk underline" onClick={keep}>
      {amount(eachMinor)} for one: keep it as its price
    </button>
  );
}

/** What was taken instead and what was paid, once it is ticked off. */
function Bought({
  what,
  name,
  amount,
  purchase,
}: {
  what: string;
  name: string;
  amount: (minor: number) => string;
  purchase: Purchase | null;
}) {
  const { plan } = useGarden();
  const ticks = useTicks();
  const tick = ticks.of('bought', what);
  const [open, setOpen] = useState(false);
  const [fault, setFault] = useState(false);
  if (!tick || (!tick.done && !tick.note && tick.paidMinor === null)) return null;
  const { currency } = plan.garden;
  const said = [
    tick.note,
    tick.paidMinor === null ? '' : `paid ${amount(tick.paidMinor)}`,
    tick.person && `by ${tick.person}`,
  ];
  return (
    <tr className={`${GRID} text-[0.85rem] text-soft`}>
      <td />
      <td />
      <td colSpan={4} className="pb-1 max-sm:col-span-2">
        {said.filter(Boolean).join(', ')}{' '}
        {purchase && tick.paidMinor !== null && !tick.note && (
          <KeepPrice purchase={purchase} paidMinor={tick.paidMinor} amount={amount} />
        )}
        {open ? (
          <span className="no-print flex flex-wrap items-center gap-2 py-1">
            <input
              aria-label={`Taken instead of ${name}`}
              placeholder="taken instead, where from"
              maxLength={200}
              className={`${inputLook} min-w-0 grow`}
              defaultValue={tick.note}
              onBlur={(event) =>
                event.target.value !== tick.note && ticks.mark('bought', what, { note: event.target.value })
              }
            />
            <input
              aria-label={`Paid for ${name}, ${currency}`}
              placeholder={`paid, ${currency}`}
              inputMode="decimal"
              aria-invalid={fault}
              className={`${inputLook} w-28 text-right`}
              defaultValue={tick.paidMinor === null ? '' : plainMoney(money(tick.paidMinor, currency))}
              onBlur={(event) => {
                const text = event.target.value.trim();
                const minor = text === '' ? null : parseMinor(text, currency);
                setFault(text !== '' && minor === null);
                if ((text === '' || minor !== null) && minor !== tick.paidMinor)
                  ticks.mark('bought', what, { paidMinor: minor });
              }}
            />
            <button type="button" className="h-11 px-2 text-chalk underline" onClick={() => setOpen(false)}>
              Done
            </button>
            {fault && (
              <span role="alert" className="w-full font-medium text-keel">
                Write what was paid like {plainMoney(money(1250, currency))}.
              </span>
            )}
          </span>
        ) : (
          <button
            type="button"
            className="no-print min-h-11 text-chalk underline"
            aria-label={`Note what was paid for ${name}, or taken instead`}
            onClick={() => setOpen(true)}
          >
            {tick.note || tick.paidMinor !== null ? 'change' : 'paid, or taken instead…'}
          </button>
        )}
      </td>
    </tr>
  );
}

function Sum({ label, value, strong = false }: { label: string; value: string; strong?: boolean }) {
  return (
    <tr
      className={`${GRID} ${strong ? 'border-t-2 border-ink text-lg font-semibold' : 'border-t border-rule text-soft'}`}
    >
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
