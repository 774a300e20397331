'use client';
import { Plus, Trash2 } from 'lucide-react';
import { useId, useState } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { Market, Stock } from '@lignum/core/catalogue/stock';
import type { PriceLine } from '@lignum/core/costing/price-book';
import { DEMO_PRICES } from '@lignum/core/demo/prices';
import { formatLength, MM_PER_FOOT } from '@lignum/core/quantity/length';
import { formatMoney, minorDigits, money, parseMinor, plainMoney } from '@lignum/core/quantity/money';
import { Button } from '../../ui/button';
import { Chooser, ChooserField } from '../../ui/chooser';
import { Field, inputLook, LengthField, NumberField } from '../../ui/field';
import { Fold } from '../../ui/fold';
import { Finder } from '../../ui/finder';
import { useLongTable, type LongColumns } from '../../ui/use-long-table';
import { Switcher } from '../../ui/switcher';
import { CURRENCIES, LOCALES, MARKETS } from '../gardens/new-plan';
import { changeCurrency, changeGarden, changePriceBook } from '../shell/edits';
import { gardenOf } from '../shell/computed';
import { useGarden } from '../shell/garden-context';
import { SHOP_GROUPS, shopGroup, sizeWords } from '../shell/stock-words';
import { Shed } from './shed';

const COLUMNS: LongColumns<PriceLine> = {
  group: (line) => CATALOGUE.stock(line.stock).form,
  words: (line) => `${CATALOGUE.stock(line.stock).name} ${shopGroup(line.stock)}`,
};

const FORMS = Object.entries(SHOP_GROUPS) as [Stock['form'], string][];

/** What your shop sells and at what price: only what stands here is offered and counted. */
export function PricesView() {
  const { plan, store, tongue } = useGarden();
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
  const { shopping } = gardenOf(plan);
  const used = new Set([...shopping.purchases, ...shopping.fromShed, ...shopping.missing].map((one) => one.stock));
  const rowsOf = (form: string) => table.groups.find((group) => group.title === form)?.rows ?? [];
  const ownRows = FORMS.flatMap(([form]) => rowsOf(form)).filter((line) => used.has(line.stock));
  const setLines = (lines: readonly PriceLine[], group: string | null = null) =>
    store.edit(changePriceBook({ lines }), group);
  const priceRow = (line: PriceLine) => (
    <PriceRow
      key={`${line.stock} ${line.size}`}
      line={line}
      onPrice={(minor) =>
        setLines(
          priceBook.lines.map((one) => (one === line ? { ...one, price: money(minor, garden.currency) } : one)),
          `price ${line.stock} ${line.size}`,
        )
      }
      onRemove={() => setLines(priceBook.lines.filter((one) => one !== line))}
    />
  );
  return (
    <main className="mx-auto max-w-5xl px-4 pt-6 pb-20">
      <h1 className="text-3xl">Prices</h1>
      <p className="mt-1 max-w-[42rem] text-soft">
        Only sizes with a price are offered on the bench: take a length out of the book and posts are bought in the next
        one up. The prices you start with are invented.
      </p>
      {unpriced > 0 && (
        <Button look="plain" className="mt-3" onClick={() => setLines([...priceBook.lines, ...beginnings])}>
          <Plus size={16} aria-hidden />
          Begin with invented prices for {unpriced} {unpriced === 1 ? 'thing' : 'things'} that{' '}
          {unpriced === 1 ? 'has' : 'have'} none
        </Button>
      )}
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
              taken={(stock, size) =>
                priceBook.lines.some((line) => line.stock === stock && Math.abs(line.size - size) < 0.5)
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

function PriceInput({
  id,
  minor,
  label,
  onPrice,
  onFault,
}: {
  id: string;
  minor: number;
  label: string;
  onPrice: (minor: number) => void;
  onFault: (fault: string | null) => void;
}) {
  const { plan } = useGarden();
  const { currency } = plan.garden;
  const [draft, setDraft] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const type = (text: string) => {
    setDraft(text);
    const read = parseMinor(text, currency);
    setWrong(read === null);
    onFault(
      read === null
        ? `"${text}" is not a price in ${currency}: write it like ${plainMoney(money(1250, currency))}.`
        : null,
    );
    if (read !== null) onPrice(read);
  };
  return (
    <input
      id={id}
      aria-label={label}
      inputMode="decimal"
      autoComplete="off"
      aria-invalid={wrong}
      value={draft ?? plainMoney(money(minor, currency))}
      onChange={(event) => type(event.target.value)}
      onFocus={(event) => event.target.select()}
      onBlur={() => {
        setDraft(null);
        setWrong(false);
        onFault(null);
      }}
      className={`${inputLook} w-28 text-right`}
    />
  );
}

function PriceRow({
  line,
  onPrice,
  onRemove,
}: {
  line: PriceLine;
  onPrice: (minor: number) => void;
  onRemove: () => void;
}) {
  const { tongue, plan } = useGarden();
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  const { name, life } = CATALOGUE.stock(line.stock);
  const what = `${name}, ${sizeWords(line.stock, line.size, tongue.units)}`;
  return (
    <li className="border-t border-rule py-1">
      <div className="flex items-center gap-3">
        <label htmlFor={id} className="min-w-0 grow leading-snug">
          {name}{' '}
          <span className="font-semibold whitespace-nowrap">{sizeWords(line.stock, line.size, tongue.units)}</span>
        </label>
        <span className="text-soft max-sm:hidden" aria-hidden>
          {plan.garden.currency}
        </span>
        <PriceInput id={id} minor={line.price.minor} label={`Price of ${what}`} onPrice={onPrice} onFault={setFault} />
        <button
          type="button"
          aria-label={`Take ${what} out of the book`}
          onClick={onRemove}
          className="grid size-11 shrink-0 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-keel"
        >
          <Trash2 size={17} aria-hidden />
        </button>
      </div>
      <p className="pt-1 pb-1 text-[0.85rem] text-soft sm:-mt-2 sm:pt-0">
        lasts about {life.seasons} {life.seasons === 1 ? 'season' : 'seasons'} ({life.source})
        {life.note ? `; ${life.note}` : ''}
      </p>
      {fault && (
        <p role="alert" className="text-[0.85rem] font-medium text-keel">
          {fault}
        </p>
      )}
    </li>
  );
}

function AddLine({
  form,
  onAdd,
  taken,
}: {
  form: Stock['form'];
  onAdd: (line: PriceLine) => void;
  taken: (stock: string, size: number) => boolean;
}) {
  const { plan, tongue } = useGarden();
  const { currency } = plan.garden;
  const id = useId();
  const stocks = CATALOGUE.all.filter((stock) => stock.form === form);
  const [open, setOpen] = useState(false);
  const [stock, setStock] = useState(stocks[0]?.id ?? '');
  const [size, setSize] = useState(usualSize(form, tongue.units));
  const [minor, setMinor] = useState(0);
  const [fault, setFault] = useState<string | null>(null);
  if (!open)
    return (
      <button
        type="button"
        onClick={() => setOpen(true)}
        className="flex min-h-11 items-center gap-1.5 text-chalk hover:underline"
      >
        <Plus size={16} aria-hidden />
        Add a size
      </button>
    );
  const double = taken(stock, size);
  return (
    <form
      className="flex flex-wrap items-end gap-3 border-t border-rule bg-well p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (double) return setFault('That size has a price already: change it above.');
        onAdd({ stock, size, price: money(minor, currency) });
        setOpen(false);
        setFault(null);
      }}
    >
      <div className="grow">
        <Field label="Item">
          <Chooser
            label="Item"
            value={stock}
            choices={stocks.map((one) => ({ id: one.id, label: one.name }))}
            onChange={setStock}
            className="w-full"
          />
        </Field>
      </div>
      {form === 'piece' && (
        <div className="w-28">
          <NumberField label="In a pack" min={1} max={5000} value={size} onChange={setSize} />
        </div>
      )}
      {form === 'bagged' && (
        <div className="w-28">
          <NumberField label="Kg in a bag" min={1} max={2000} value={size} onChange={setSize} />
        </div>
      )}
      {form !== 'piece' && form !== 'panel' && form !== 'bagged' && (
        <div className="w-36">
          <LengthField
            label="Length"
            units={tongue.units}
            mm={size}
            min={300}
            max={1e6}
            step={tongue.units === 'imperial' ? MM_PER_FOOT : 100}
            onChange={setSize}
          />
        </div>
      )}
      <Field label={`Price, ${currency}`} htmlFor={id}>
        <PriceInput id={id} label="Price" minor={minor} onPrice={setMinor} onFault={setFault} />
      </Field>
      <Button look="main" type="submit">
        Add
      </Button>
      <Button look="quiet" onClick={() => setOpen(false)}>
        Cancel
      </Button>
      {(fault ?? (double ? `${formatLength(size, tongue.units)} of it has a price already.` : null)) && (
        <p role="alert" className="w-full text-[0.9rem] font-medium text-keel">
          {fault ?? 'That size has a price already: change it above.'}
        </p>
      )}
    </form>
  );
}

function usualSize(form: Stock['form'], units: 'imperial' | 'metric'): number {
  if (form === 'panel') return 1;
  if (form === 'piece') return 50;
  if (form === 'bagged') return 25;
  if (form === 'cord' || form === 'mesh roll') return 25_000;
  return units === 'imperial' ? 8 * MM_PER_FOOT : 2400;
}
