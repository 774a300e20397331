'use client';
import { Plus, Trash2 } from 'lucide-react';
import { useId, useState } from 'react';
import { CATALOGUE, stockOf } from '@lignum/core/catalogue/catalogue';
import { meshesAcross } from '@lignum/core/catalogue/stock';
import { feet } from '@lignum/core/quantity/length';
import { Button } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { Field, inputLook, LengthField, NumberField } from '../../ui/field';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { changeShed } from '../shell/ground-edits';
import { isUnread } from '../../ui/unread';
import { useGarden } from '../shell/garden-context';
import { shedWords } from '../../words/stock-words';

/** Left over from other years: used before anything is bought. */
export function Shed() {
  const { plan, store, tongue } = useGarden();
  const [adding, setAdding] = useState(false);
  return (
    <section className="mt-12 border-t-2 border-ink pt-4">
      <h2 className="text-2xl">In the shed</h2>
      <p className="text-soft">Used up first, for nothing: cuts are laid on these before a new board is bought.</p>
      <ul className="mt-2">
        {plan.shed.map((piece, index) => (
          <li key={index} className="flex items-center gap-3 border-t border-rule py-1">
            <span className="w-8 text-right text-lg font-semibold">{piece.count}</span>
            <span className="grow leading-snug">
              {CATALOGUE.stock(piece.stock).name}, {shedWords(piece.stock, piece.size, tongue.units)}
              {piece.note && <span className="block text-[0.85rem] text-soft">{piece.note}</span>}
            </span>
            <button
              type="button"
              aria-label={`Remove ${CATALOGUE.stock(piece.stock).name} from the shed`}
              onClick={() => store.edit(changeShed(plan.shed.filter((_one, i) => i !== index)))}
              className="grid size-11 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-keel"
            >
              <Trash2 size={17} aria-hidden />
            </button>
          </li>
        ))}
        {plan.shed.length === 0 && <li className="py-2 text-soft">Nothing left over.</li>}
      </ul>
      {adding ? (
        <AddPiece onDone={() => setAdding(false)} />
      ) : (
        <Button look="quiet" onClick={() => setAdding(true)}>
          <Plus size={16} aria-hidden />
          Add what is left over
        </Button>
      )}
    </section>
  );
}

function AddPiece({ onDone }: { onDone: () => void }) {
  const { plan, store, tongue } = useGarden();
  const noteId = useId();
  const [stock, setStock] = useState('timber-2x4-untreated');
  const [size, setSize] = useState(feet(4));
  const [count, setCount] = useState(1);
  const [note, setNote] = useState('');
  const { form } = CATALOGUE.stock(stock);
  const counted = form === 'piece' || form === 'panel' || form === 'bagged';
  const choose = (next: string) => {
    setStock(next);
    const nextForm = CATALOGUE.stock(next).form;
    setSize(nextForm === 'piece' ? 10 : nextForm === 'panel' ? 4 : nextForm === 'bagged' ? 25 : feet(4));
  };
  return (
    <form
      className="flex flex-wrap items-end gap-3 border-t border-rule bg-well p-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (isUnread(event.currentTarget)) return;
        store.edit(changeShed([...plan.shed, { stock, size, count, note }]));
        onDone();
      }}
    >
      <div className="w-full sm:w-80">
        <Field label="What">
          <Chooser
            label="What"
            value={stock}
            choices={CATALOGUE.all.filter(({ sold }) => sold !== 'own').map((one) => ({ id: one.id, label: one.name }))}
            onChange={choose}
            className="w-full"
          />
        </Field>
      </div>
      {counted ? (
        <div className="w-32">
          <NumberField
            label={form === 'panel' ? 'Whole meshes' : form === 'bagged' ? 'Kg' : 'How many'}
            min={1}
            max={form === 'panel' ? meshesAcross(stockOf(CATALOGUE, stock, 'panel')) : 5000}
            value={size}
            onChange={setSize}
          />
        </div>
      ) : (
        <div className="w-36">
          <LengthField
            label="Length"
            units={tongue.units}
            step={TAPE_STEP[tongue.units]}
            mm={size}
            min={50}
            max={1e6}
            onChange={setSize}
          />
        </div>
      )}
      {form !== 'piece' && (
        <div className="w-24">
          <NumberField label="Pieces" min={1} max={500} value={count} onChange={setCount} />
        </div>
      )}
      <div className="grow">
        <Field label="Note" htmlFor={noteId}>
          <input
            id={noteId}
            value={note}
            maxLength={200}
            onChange={(event) => setNote(event.target.value)}
            className={`${inputLook} w-full`}
          />
        </Field>
      </div>
      <Button look="main" type="submit">
        Add
      </Button>
      <Button look="quiet" onClick={onDone}>
        Cancel
      </Button>
    </form>
  );
}
