'use client';
import { Trash2 } from 'lucide-react';
import { useId, useState } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { lifeNote } from '@lignum/core/catalogue/life-notes';
import { shopsIn, sizeOf, type PriceLine } from '@lignum/core/costing/price-book';
import { SHOP_LETTERS } from '@lignum/core/formats/measure';
import { isInvented } from '@lignum/core/demo/invented';
import { money, parseMinor, plainMoney } from '@lignum/core/quantity/money';
import { Button } from '../../ui/button';
import { inputLook } from '../../ui/field';
import { useDraft } from '../../ui/use-draft';
import { useGarden } from '../shell/garden-context';
import { sizeWords } from '../../words/stock-words';

/** One price, typed as money is written. */
export function PriceInput({
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
  const { draft, setDraft, tell, tidy, settle, marks } = useDraft(minor, id, false, onFault);
  const type = (text: string) => {
    setDraft(text);
    const read = parseMinor(text, currency);
    if (read === null)
      return tell(`"${text}" is not a price in ${currency}: write it like ${plainMoney(money(1250, currency))}.`);
    tell(null);
    onPrice(read);
  };
  return (
    <input
      id={id}
      aria-label={label}
      inputMode="decimal"
      autoComplete="off"
      {...marks}
      value={draft ?? plainMoney(money(minor, currency))}
      onChange={(event) => type(event.target.value)}
      onFocus={(event) => event.target.select()}
      onBlur={settle}
      onKeyDown={(event) => {
        if (event.key === 'Enter') settle();
        if (event.key !== 'Escape' || draft === null) return;
        event.preventDefault();
        tidy();
      }}
      className={`${inputLook} w-28 text-right`}
    />
  );
}

/** A size of a stock item and what it costs. */
export function PriceRow({
  line,
  onPrice,
  onShop,
  onElsewhere,
  onRemove,
}: {
  line: PriceLine;
  onPrice: (minor: number) => void;
  /** Says whose price it is; of nobody's where it is blank. */
  onShop: (shop: string) => void;
  /** Another shop sells it too. */
  onElsewhere: (shop: string) => void;
  onRemove: () => void;
}) {
  const { tongue, plan } = useGarden();
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  const stock = CATALOGUE.stock(line.stock);
  const { name, life } = stock;
  const said = lifeNote(stock);
  const plain = `${name}, ${sizeWords(line.stock, line.size, tongue.units)}`;
  const what = line.shop ? `${plain}, at ${line.shop}` : plain;
  const where = line.shop ? `at ${line.shop}` : 'at any shop';
  const [asking, setAsking] = useState(false);
  return (
    <li className="border-t border-rule py-1">
      <div className="flex items-center gap-3">
        <label htmlFor={id} className="min-w-0 grow leading-snug">
          {name}{' '}
          <span className="font-semibold whitespace-nowrap">{sizeWords(line.stock, line.size, tongue.units)}</span>
        </label>
        {isInvented(line) ? (
          <span className="shrink-0 border border-dashed border-ochre px-1.5 text-[0.8rem] text-ochre">invented</span>
        ) : (
          <span className="shrink-0 text-[0.8rem] font-semibold text-leaf">your own</span>
        )}
        <span className="text-soft max-sm:hidden" aria-hidden>
          {plan.garden.currency}
        </span>
        <PriceInput id={id} minor={line.price.minor} label={`Price of ${what}`} onPrice={onPrice} onFault={setFault} />
        <button
          type="button"
          aria-label={`Remove ${what} from the book`}
          onClick={onRemove}
          className="grid size-11 shrink-0 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-keel"
        >
          <Trash2 size={17} aria-hidden />
        </button>
      </div>
      <p className="flex flex-wrap items-center gap-x-3 text-[0.85rem] text-soft sm:-mt-2">
        <button
          type="button"
          aria-expanded={asking}
          aria-label={`${where}: the shop of ${plain}`}
          onClick={() => setAsking(!asking)}
          className="min-h-8 font-semibold text-chalk hover:underline"
        >
          {where}
        </button>
        lasts about {life.seasons} {life.seasons === 1 ? 'season' : 'seasons'} ({life.source}){said ? `; ${said}` : ''}
      </p>
      {asking && (
        <ShopForm
          line={line}
          what={what}
          onDone={(shop, isOther) => {
            setAsking(false);
            if (isOther) onElsewhere(shop);
            else onShop(shop);
          }}
        />
      )}
      {fault && (
        <p role="alert" id={`${id}-fault`} className="text-[0.85rem] font-medium text-keel">
          {fault}
        </p>
      )}
      {line.price.minor === 0 && (
        <p role="status" className="text-[0.85rem] font-medium text-ochre">
          At nothing it is reckoned as free. What you have already belongs in the shed.
        </p>
      )}
    </li>
  );
}

/** The name of a shop, as one calls it; those that are in the book are offered. */
export function ShopInput({
  id,
  label,
  shop,
  onShop,
  faultId,
}: {
  id?: string;
  label: string;
  shop: string;
  onShop: (shop: string) => void;
  /** Where it is said what is wrong with it. */
  faultId?: string | undefined;
}) {
  const { plan } = useGarden();
  const list = useId();
  return (
    <>
      <input
        id={id}
        aria-label={label}
        aria-invalid={faultId !== undefined}
        aria-describedby={faultId}
        list={list}
        value={shop}
        maxLength={SHOP_LETTERS}
        placeholder="as you call it"
        onChange={(event) => onShop(event.target.value)}
        className={`${inputLook} w-48`}
      />
      <datalist id={list}>
        {shopsIn(plan.priceBook).map((one) => (
          <option key={one} value={one} />
        ))}
      </datalist>
    </>
  );
}

/** Whose price it is, or where else it is sold: a name as one calls the shop. */
function ShopForm({
  line,
  what,
  onDone,
}: {
  line: PriceLine;
  what: string;
  onDone: (shop: string, isOther: boolean) => void;
}) {
  const { plan } = useGarden();
  const id = useId();
  const [shop, setShop] = useState(line.shop ?? '');
  const name = shop.trim();
  const isThere = plan.priceBook.lines.some(
    (one) => one !== line && sizeOf(one) === sizeOf(line) && one.shop === (name || undefined),
  );
  const isSame = name === (line.shop ?? '');
  return (
    <form
      aria-label={`Shop of ${what}`}
      className="flex flex-wrap items-center gap-2 bg-well p-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (!isThere && !isSame) onDone(name, false);
      }}
    >
      <ShopInput label="Shop" shop={shop} onShop={setShop} faultId={isThere ? `${id}-there` : undefined} />
      <Button type="submit" disabled={isThere || isSame}>
        This price is theirs
      </Button>
      <Button disabled={isThere || isSame || name === ''} onClick={() => onDone(name, true)}>
        They sell it too
      </Button>
      {isThere && (
        <p role="alert" id={`${id}-there`} className="w-full text-[0.9rem] font-medium text-keel">
          {name ? `${name} has` : 'There is'} a price for it already.
        </p>
      )}
    </form>
  );
}
