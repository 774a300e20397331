'use client';
import { Plus } from 'lucide-react';
import { useId, useState } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { Stock } from '@lignum/core/catalogue/stock';
import type { PriceLine } from '@lignum/core/costing/price-book';
import { MM_PER_FOOT } from '@lignum/core/quantity/length';
import { money } from '@lignum/core/quantity/money';
import { Button } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { Field, LengthField, NumberField } from '../../ui/field';
import { useGarden } from '../shell/garden-context';
import { isUnread } from '../../ui/unread';
import { PriceInput, ShopInput } from './price-row';

/** A size of a stock item that your shop sells and the book has not. */
export function AddLine({
  form,
  onAdd,
  taken,
}: {
  form: Stock['form'];
  onAdd: (line: PriceLine) => void;
  taken: (line: Pick<PriceLine, 'stock' | 'size' | 'shop'>) => boolean;
}) {
  const { plan, tongue } = useGarden();
  const { currency } = plan.garden;
  const id = useId();
  const stocks = CATALOGUE.all.filter((stock) => stock.form === form && stock.sold !== 'own');
  const [open, setOpen] = useState(false);
  const [stock, setStock] = useState(stocks[0]?.id ?? '');
  const [size, setSize] = useState(usualSize(form, tongue.units));
  const [minor, setMinor] = useState(0);
  const [shop, setShop] = useState('');
  const [tried, setTried] = useState(false);
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
  const named = shop.trim() === '' ? {} : { shop: shop.trim() };
  const double = taken({ stock, size, ...named });
  return (
    <form
      className="flex flex-wrap items-end gap-3 border-t border-rule bg-well p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (isUnread(event.currentTarget)) return;
        setTried(true);
        if (double) return;
        onAdd({ stock, size, price: money(minor, currency), ...named });
        setShop('');
        setTried(false);
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
      <Field label="Shop, if only one has it" htmlFor={`${id}-shop`}>
        <ShopInput
          id={`${id}-shop`}
          label="Shop, if only one has it"
          shop={shop}
          onShop={setShop}
          faultId={double && tried ? `${id}-fault` : undefined}
        />
      </Field>
      <Button look="main" type="submit">
        Add
      </Button>
      <Button look="quiet" onClick={() => setOpen(false)}>
        Cancel
      </Button>
      {(fault !== null || double) && (
        // That the first of the items has a price is no fault of whoever opens this.
        <p
          role={fault !== null || tried ? 'alert' : undefined}
          id={`${id}-fault`}
          className={`w-full text-[0.9rem] ${fault !== null || tried ? 'font-medium text-keel' : 'text-soft'}`}
        >
          {fault ??
            (named.shop
              ? `That size has a price at ${named.shop} already: change it above.`
              : 'That size has a price at any shop already: change it above, or name a shop.')}
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
