'use client';
import { Plus } from 'lucide-react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { Market, Stock } from '@lignum/core/catalogue/stock';
import { shopsIn, type PriceLine } from '@lignum/core/costing/price-book';
import { inventedIn } from '@lignum/core/demo/invented';
import { DEMO_PRICES } from '@lignum/core/demo/prices';
import { formatMoney, minorDigits, money } from '@lignum/core/quantity/money';
import { Button } from '../../ui/button';
import { ChooserField } from '../../ui/chooser';
import { NumberField } from '../../ui/field';
import { Fold } from '../../ui/fold';
import { Finder } from '../../ui/finder';
import { useLongTable, type LongColumns } from '../../ui/use-long-table';
import { Switcher } from '../../ui/switcher';
import { CURRENCIES, LOCALES, MARKETS } from '../gardens/new-plan';
import { changeCurrency, changeGarden, changePriceBook } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';
import { SHOP_GROUPS, shopGroup } from '../../words/stock-words';
import { Shed } from './shed';
import { PriceRow } from './price-row';
import { AddLine } from './add-line';
import { PricesFile } from './prices-file';

const COLUMNS: LongColumns<PriceLine> = {
  group: (line) => CATALOGUE.stock(line.stock).form,
  words: (line) => `${CATALOGUE.stock(line.stock).name} ${shopGroup(line.stock)} ${line.shop ?? ''}`,
};

const withShop = ({ stock, size, price }: PriceLine, shop: string): PriceLine => ({
  stock,
  size,
  price,
  ...(shop ? { shop } : {}),
});

const FORMS = Object.entries(SHOP_GROUPS) as [Stock['form'], string][];

/** What your shop sells and at what price: only what stands here is offered and counted. */
export function PricesView() {
  const { plan, store } = useGarden();
  const { priceBook, garden } = plan;
  const priced = new Set(priceBook.lines.map((line) => line.stock));
  const beginnings = DEMO_PRICES.lines
    .filter((line) => !priced.has(line.stock))
    .map((line) => ({
      ...line,
      price: money(
        Math.round(line.price.minor * 10 ** (minorDigits(garden.currency) - minorDigits(line.price.currency))),
        garden.currency,
      ),
    }));
  const unpriced = new Set(beginnings.map((line) => line.stock)).size;
  const table = useLongTable(priceBook.lines, COLUMNS);
  const seeking = table.sought !== '';
  const { shopping } = useResults().garden;
  const used = new Set([...shopping.purchases, ...shopping.fromShed, ...shopping.missing].map((one) => one.stock));
  const rowsOf = (form: string) => table.groups.find((group) => group.title === form)?.rows ?? [];
  const ownRows = FORMS.flatMap(([form]) => rowsOf(form)).filter((line) => used.has(line.stock));
  const setLines = (lines: readonly PriceLine[], group: string | null = null) =>
    store.edit(changePriceBook({ lines }), group);
  const priceRow = (line: PriceLine) => (
    <PriceRow
      key={`${line.stock} ${line.size} ${line.shop ?? ''}`}
      line={line}
      onPrice={(minor) =>
        setLines(
          priceBook.lines.map((one) => (one === line ? { ...one, price: money(minor, garden.currency) } : one)),
          `price ${line.stock} ${line.size} ${line.shop ?? ''}`,
        )
      }
      onShop={(shop) => setLines(priceBook.lines.map((one) => (one === line ? withShop(one, shop) : one)))}
      onElsewhere={(shop) =>
        setLines(priceBook.lines.flatMap((one) => (one === line ? [one, withShop(one, shop)] : [one])))
      }
      onRemove={() => setLines(priceBook.lines.filter((one) => one !== line))}
    />
  );
  return (
    <main className="mx-auto max-w-5xl px-4 pt-6 pb-20">
      <h1 className="text-3xl">Prices</h1>
      <p className="mt-1 max-w-[42rem] text-soft">
        Only sizes with a price are offered in a design: remove a length from the book and posts are bought in the next
        one up.
      </p>
      <HowInvented used={used} />
      <PricesFile />
      {unpriced > 0 && (
        <Button look="plain" className="mt-3" onClick={() => setLines([...priceBook.lines, ...beginnings])}>
          <Plus size={16} aria-hidden />
          Begin with invented prices for {unpriced} {unpriced === 1 ? 'thing' : 'things'} that{' '}
          {unpriced === 1 ? 'has' : 'have'} none
        </Button>
      )}
      <HowMoneyIs />
      <Shops />
      <div className="mt-8">
        <Finder label="Find in the book" sought={table.sought} seek={table.seek} />
      </div>
      {!seeking && ownRows.length > 0 && (
        <section className="mt-6">
          <h2 className="text-xl">What this garden uses</h2>
          <ul className="mt-1">{ownRows.map(priceRow)}</ul>
        </section>
      )}
      {!seeking && ownRows.length > 0 && <h2 className="mt-10 border-t-2 border-ink pt-4 text-xl">The whole book</h2>}
      {FORMS.map(([form, title]) => {
        const lines = rowsOf(form);
        if (lines.length === 0 && seeking) return null;
        return (
          <Fold
            key={`${form} ${seeking}`}
            className="border-b border-rule"
            look="text-[1.05rem] font-semibold"
            title={title}
            says={lines.length === 0 ? 'none' : String(lines.length)}
            startsOpen={seeking || ownRows.length === 0}
          >
            <ul>
              {lines.map(priceRow)}
              {lines.length === 0 && <li className="py-2 text-soft">None in the book.</li>}
            </ul>
            <AddLine
              form={form}
              onAdd={(line) => setLines([...priceBook.lines, line])}
              taken={({ stock, size, shop }) =>
                priceBook.lines.some(
                  (line) => line.stock === stock && Math.abs(line.size - size) < 0.5 && line.shop === shop,
                )
              }
            />
          </Fold>
        );
      })}
      {table.groups.length === 0 && table.sought !== '' && (
        <p className="mt-4 text-soft">Nothing in the book is called “{table.sought}”.</p>
      )}
      <Shed />
    </main>
  );
}

/** The shops that the book names: those one does not go to sell nothing for this garden. */
function Shops() {
  const { plan, store } = useGarden();
  const { priceBook } = plan;
  const { shopsLeft = [] } = priceBook;
  const shops = shopsIn(priceBook);
  if (shops.length === 0) return null;
  return (
    <fieldset className="mt-5 border-t-2 border-ink pt-4">
      <legend className="float-left w-full font-display text-xl font-semibold">Shops</legend>
      <p className="clear-both max-w-[42rem] text-soft">
        Each thing is bought where it costs least of those you go to. Untick a shop to see what it comes to without it.
      </p>
      <div className="mt-1 flex flex-wrap gap-x-6">
        {shops.map((shop) => {
          const count = priceBook.lines.filter((line) => line.shop === shop).length;
          const goes = !shopsLeft.includes(shop);
          return (
            <label key={shop} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-(--chalk)"
                checked={goes}
                onChange={() =>
                  store.edit(
                    changePriceBook({
                      shopsLeft: goes ? [...shopsLeft, shop] : shopsLeft.filter((one) => one !== shop),
                    }),
                  )
                }
              />
              {shop}
              <span className="text-soft">
                {count} {count === 1 ? 'price' : 'prices'}
              </span>
            </label>
          );
        })}
      </div>
    </fieldset>
  );
}

/** How many of the prices are made up, of those that count here: until none is, no total is more than an example. */
function HowInvented({ used }: { used: ReadonlySet<string> }) {
  const { plan } = useGarden();
  const lines = plan.priceBook.lines.filter(({ stock }) => used.has(stock)).length;
  const invented = inventedIn(plan, used);
  const [count, all] = used.size > 0 ? [invented.used, lines] : [invented.all, plan.priceBook.lines.length];
  if (count === 0) return null;
  return (
    <p className="mt-3 max-w-[42rem] border-l-4 border-ochre pl-3">
      <strong>
        {count} of {all} prices {used.size > 0 ? 'this garden uses' : ''} are invented
      </strong>
      , so its totals are examples. Type over what your shop asks, read a file of it, or note on the list what you paid.
    </p>
  );
}

/** In what money, by whose sizes and how numbers are written; tax, and what is bought to spare. */
function HowMoneyIs() {
  const { plan, store, tongue } = useGarden();
  const { priceBook, garden } = plan;
  return (
    <div className="mt-5 grid gap-4 border-t-2 border-ink pt-4 sm:grid-cols-2 lg:grid-cols-4">
      <CurrencyField />
      <div>
        <p className="mb-1 text-[0.9rem] font-medium">Boards and mesh are sold</p>
        <Switcher
          label="Boards and mesh are sold"
          value={garden.market}
          choices={MARKETS}
          onChange={(market) => store.edit(changeGarden({ market: market as Market }))}
        />
        <p className="mt-1 text-[0.85rem] text-soft">
          Which sizes are suggested first. How lengths are written is apart from it.
        </p>
      </div>
      <ChooserField
        label="Numbers written as in"
        value={LOCALES.some((one) => one.id === garden.locale) ? garden.locale : LOCALES[0].id}
        choices={LOCALES}
        onChange={(locale) => store.edit(changeGarden({ locale }))}
        help={formatMoney(money(123456, garden.currency), tongue.locale)}
      />
      <div>
        <NumberField
          label="Tax, %"
          whole={false}
          min={0}
          max={50}
          value={priceBook.taxPercent}
          onChange={(taxPercent) => store.edit(changePriceBook({ taxPercent }), 'tax')}
        />
        <Switcher
          className="mt-2"
          label="How prices are written"
          value={priceBook.pricesIncludeTax ? 'in' : 'out'}
          choices={[
            { id: 'in', label: 'in the price' },
            { id: 'out', label: 'added on' },
          ]}
          onChange={(way) => store.edit(changePriceBook({ pricesIncludeTax: way === 'in' }))}
        />
      </div>
      <NumberField
        label="Small parts to spare, %"
        whole={false}
        min={0}
        max={100}
        value={priceBook.sparePercent}
        onChange={(sparePercent) => store.edit(changePriceBook({ sparePercent }), 'spare')}
        help="For those that break or are lost."
      />
    </div>
  );
}

function CurrencyField() {
  const { plan, store } = useGarden();
  const { currency } = plan.garden;
  const choices = [...new Set([currency, ...CURRENCIES])].map((code) => ({ id: code, label: code }));
  return (
    <ChooserField
      label="Currency"
      value={currency}
      choices={choices}
      onChange={(next) => store.edit(changeCurrency(next))}
      help="Figures stay as they are; nothing is converted."
    />
  );
}
