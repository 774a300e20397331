'use client';
import { Trash2 } from 'lucide-react';
import { useId, useState } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { lifeNote } from '@lignum/core/catalogue/life-notes';
import type { PriceLine } from '@lignum/core/costing/price-book';
import { isInvented } from '@lignum/core/demo/invented';
import { money, parseMinor, plainMoney } from '@lignum/core/quantity/money';
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
  onRemove,
}: {
  line: PriceLine;
  onPrice: (minor: number) => void;
  onRemove: () => void;
}) {
  const { tongue, plan } = useGarden();
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  const stock = CATALOGUE.stock(line.stock);
  const { name, life } = stock;
  const said = lifeNote(stock);
  const what = `${name}, ${sizeWords(line.stock, line.size, tongue.units)}`;
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
      <p className="pt-1 pb-1 text-[0.85rem] text-soft sm:-mt-2 sm:pt-0">
        lasts about {life.seasons} {life.seasons === 1 ? 'season' : 'seasons'} ({life.source}){said ? `; ${said}` : ''}
      </p>
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
