'use client';
import { useRef, useState } from 'react';
import { Download, Upload } from 'lucide-react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { pricesCsv, readPrices, withPrices, type PricesRead } from '@lignum/core/formats/prices-csv';
import { formatMoney } from '@lignum/core/quantity/money';
import { Button } from '../../ui/button';
import { Sheet } from '../../ui/dialog';
import { sizeWords } from '../../words/stock-words';
import { changePriceBook } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';

/** A list of prices is no larger than this. Bytes. */
const MOST_BYTES = 1_000_000;
/** So many faults and changes are shown before the rest is counted. */
const FEW = 12;

/** Prices out to a spreadsheet, and in again after a look at what would change. */
export function PricesFile() {
  const { plan, store } = useGarden();
  const file = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<PricesRead | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const save = () => {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([pricesCsv(plan)], { type: 'text/csv' }));
    link.download = 'prices.csv';
    link.click();
    URL.revokeObjectURL(link.href);
  };
  const open = async (chosen: File | undefined) => {
    setTrouble(null);
    if (!chosen) return;
    if (chosen.size > MOST_BYTES)
      return setTrouble(
        `${chosen.name} has ${Math.round(chosen.size / 1000)} kB; the most is ${MOST_BYTES / 1000} kB.`,
      );
    setRead(readPrices(await chosen.text(), plan));
  };
  const take = (found: PricesRead) => {
    store.edit((now) => changePriceBook({ lines: withPrices(now.priceBook.lines, found.changes) })(now));
    notice.say(
      `${found.changes.length} ${found.changes.length === 1 ? 'price' : 'prices'} taken.`,
      store.getState().plan,
    );
    setRead(null);
  };
  return (
    <div className="mt-3 -ml-4 flex flex-wrap">
      <Button look="quiet" onClick={save}>
        <Download size={16} aria-hidden />
        Save as CSV
      </Button>
      <Button look="quiet" onClick={() => file.current?.click()}>
        <Upload size={16} aria-hidden />
        Read from a CSV file
      </Button>
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv"
        aria-label="CSV file of prices"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          void open(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      {trouble && (
        <p role="alert" className="w-full pl-4 font-medium text-keel">
          {trouble}
        </p>
      )}
      {read && <Preview read={read} onTake={() => take(read)} onClose={() => setRead(null)} />}
    </div>
  );
}

/** What a file would change, and what of it cannot be read, before anything is taken. */
function Preview({ read, onTake, onClose }: { read: PricesRead; onTake: () => void; onClose: () => void }) {
  const { tongue } = useGarden();
  const { changes, same, faults } = read;
  return (
    <Sheet
      open
      onClose={onClose}
      title="Prices from a file"
      says={`${changes.length} would change, ${same} are as they are.`}
    >
      {faults.length > 0 && (
        <section aria-label="What cannot be read" className="mb-4 border-l-4 border-keel pl-3">
          <h3 className="text-lg">
            {faults.length} {faults.length === 1 ? 'row' : 'rows'} cannot be taken
          </h3>
          <ul className="mt-1 text-[0.95rem]">
            {faults.slice(0, FEW).map(({ row, field, value, wants }, i) => (
              <li key={i}>
                Row {row}: {field} is “{value.slice(0, 60)}”; it should be {wants}.
              </li>
            ))}
            {faults.length > FEW && <li className="text-soft">and {faults.length - FEW} more</li>}
          </ul>
        </section>
      )}
      {changes.length > 0 && (
        <table className="w-full text-[0.95rem]">
          <thead>
            <tr className="text-left text-[0.85rem] text-soft">
              <th scope="col" className="py-1 font-medium">
                Item and size
              </th>
              <th scope="col" className="py-1 text-right font-medium">
                Now
              </th>
              <th scope="col" className="py-1 text-right font-medium">
                Then
              </th>
            </tr>
          </thead>
          <tbody>
            {changes.slice(0, FEW).map(({ line, before }) => (
              <tr key={`${line.stock} ${line.size}`} className="border-t border-rule">
                <td className="py-1 pr-3">
                  {CATALOGUE.stock(line.stock).name}, {sizeWords(line.stock, line.size, tongue.units)}
                </td>
                <td className="py-1 text-right text-soft">
                  {before ? formatMoney(before.price, tongue.locale) : 'none'}
                </td>
                <td className="py-1 text-right font-semibold">{formatMoney(line.price, tongue.locale)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {changes.length > FEW && <p className="mt-1 text-soft">and {changes.length - FEW} more</p>}
      <div className="mt-5 flex justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="main" disabled={changes.length === 0} onClick={onTake}>
          Take {changes.length} {changes.length === 1 ? 'price' : 'prices'}
        </Button>
      </div>
    </Sheet>
  );
}
