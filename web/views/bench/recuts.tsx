'use client';
import { useMemo, useSyncExternalStore } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { stillToPay } from '@lignum/core/costing/still-to-pay';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatLength } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import type { Becomes, Recut } from '@lignum/core/work/recut';
import type { RecutAnswer, RecutQuestion } from '../../workers/choosing-messages';
import { cutIn, tickedOf } from '../../kept/stages';
import { partChoices } from '../../words/part-choices';
import { sizeWords } from '../../words/stock-words';
import { choosingWorker } from '../shell/choosing-worker';
import { useGarden, useRecord } from '../shell/garden-context';
import { useAnswer } from '../shell/use-answer';

/** What is cut or bought already and does not fit what stands: what it can become, and what has to be bought again. */
export default function Recuts({ computed }: { computed: ComputedStructure }) {
  const { plan, store } = useGarden();
  const book = useRecord();
  const { entries } = useSyncExternalStore(book.subscribe, book.get, () => book.atFirst);
  const { id } = computed.structure;
  const planned = store.getState().plan;
  const question = useMemo<RecutQuestion | null>(() => {
    const cut = cutIn(entries, id);
    const ticked = tickedOf(entries.values(), id);
    if (Object.keys(cut).length + ticked.bought.length === 0) return null;
    return { about: 'recut', plan, planned, structure: id, cut, ticked };
  }, [entries, id, plan, planned]);
  const { answer, of } = useAnswer<RecutQuestion, RecutAnswer>(choosingWorker, question);
  if (question === null || (answer !== null && !answer.some(isMisfit))) return null;
  return (
    <section aria-label="What is cut already" aria-busy={of !== question} className="mt-4 max-w-2xl">
      <h3 className="text-lg">What is cut or bought already</h3>
      {answer === null ? (
        <p className="text-soft">Trying what it can become…</p>
      ) : (
        <>
          {answer.filter(isMisfit).map((one) => (
            <OfStock key={one.stock} one={one} computed={computed} />
          ))}
          <BuyAgain all={answer} />
        </>
      )}
    </section>
  );
}

/** Whether anything of it is not as it has to be. */
const isMisfit = ({ becomes, spare, buy, lacking }: Recut): boolean =>
  becomes.length + spare.length + buy.length + lacking.length > 0;

function OfStock({ one, computed }: { one: Recut; computed: ComputedStructure }) {
  const { tongue } = useGarden();
  const length = (mm: number) => formatLength(mm, tongue.units);
  const name = useMemo(() => {
    const names = new Map(partChoices(computed).map(({ id, label }) => [id, label]));
    return (part: string): string => names.get(part) ?? 'a piece that is not wanted any more';
  }, [computed]);
  const says = ({ part, mm, into, leftMm }: Becomes): string => {
    const [first] = into;
    if (part !== null && into.length === 1 && first?.part === part)
      return `${name(part)}, cut to ${length(mm)}: cut it to ${length(first.mm)}.`;
    const from = part === null ? `A length of ${length(mm)} that is there` : `${name(part)}, cut to ${length(mm)}`;
    const parts = into.map((piece) => `${name(piece.part)}, ${length(piece.mm)}`).join('; ');
    return `${from}: becomes ${parts}${leftMm > LEFT_MM ? `; ${length(leftMm)} is left` : ''}.`;
  };
  return (
    <div className="mt-2">
      <h4 className="text-[0.95rem] font-semibold">{CATALOGUE.stock(one.stock).name}</h4>
      <ul className="text-[0.95rem] tabular-nums">
        {one.becomes.map((becomes, i) => (
          <li key={i} className="border-t border-rule py-1">
            {says(becomes)}
          </li>
        ))}
        {one.spare.map(({ part, mm }) => (
          <li key={part} className="border-t border-rule py-1 text-soft">
            {name(part)}, cut to {length(mm)}: serves nowhere here; keep it for the shed.
          </li>
        ))}
        {one.lacking.map(({ part, mm }) => (
          <li key={part} className="border-t border-rule py-1 font-medium text-keel">
            {name(part)}, {length(mm)}: nothing that is sold is long enough.
          </li>
        ))}
        {one.fits.length > 0 && (
          <li className="border-t border-rule py-1 text-soft">
            {one.fits.length} {one.fits.length === 1 ? 'piece is' : 'pieces are'} as{' '}
            {one.fits.length === 1 ? 'it' : 'they'} should be.
          </li>
        )}
      </ul>
    </div>
  );
}

/** Shorter rests are not worth a word. mm. */
const LEFT_MM = 150;

function BuyAgain({ all }: { all: readonly Recut[] }) {
  const { plan, tongue } = useGarden();
  const amount = (minor: number) => formatMoney(money(minor, plan.garden.currency), tongue.locale);
  const buy = all.flatMap((one) => one.buy).toSorted((a, b) => a.costMinor - b.costMinor);
  if (buy.length === 0) return <p className="mt-2 font-medium">Nothing has to be bought for it again.</p>;
  return (
    <p className="mt-2 font-medium tabular-nums">
      To buy besides:{' '}
      {buy
        .map(
          ({ stock, size, count }) =>
            `${count} × ${CATALOGUE.stock(stock).name}, ${sizeWords(stock, size, tongue.units)}`,
        )
        .join('; ')}
      , {amount(stillToPay({ purchases: buy }, plan.priceBook, () => false))} with tax.
    </p>
  );
}
