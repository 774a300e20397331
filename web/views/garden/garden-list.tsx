'use client';
import { useMemo, useState } from 'react';
import { AlertOctagon, ListChecks, TriangleAlert } from 'lucide-react';
import { growingIn } from '@lignum/core/plan/growing';
import type { SeenGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import { formatLength } from '@lignum/core/quantity/length';
import { bedsOf } from '@lignum/core/site/stands/stands';
import { KIND_CARDS } from '@lignum/core/structures/cards';
import { Button } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { Finder } from '../../ui/finder';
import { part } from '../../ui/part';
import { plantingWords } from '../../words/crop-words';
import { bodyOf, type Thing } from '../plot/things';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';
import { SupportLine } from './support-line';

/** Fetched when it is opened. */
const Several = part(() => import('./several'));

type Counts = ReadonlyMap<string, { fails: number; warns: number }>;

/** A thing of the garden as its row shows it, with what grows in it and stands on it. */
interface Entry {
  thing: Thing;
  number: number;
  name: string;
  /** What it is, in a word. */
  is: string;
  standing: SeenGarden['structures'];
  grows: readonly string[];
  fails: number;
  warns: number;
}

/** What a thing is, in a word. */
const wordOf = (thing: Thing): string =>
  thing.is === 'bed'
    ? 'bed'
    : thing.is === 'feature'
      ? thing.feature.kind
      : (KIND_CARDS.find((kind) => kind.id === thing.structure.kind)?.name ?? '').toLowerCase();

const GROUPS = ['Beds', 'Built on the ground', 'There already'] as const;
const groupOf = ({ thing }: Entry): (typeof GROUPS)[number] =>
  thing.is === 'bed' ? 'Beds' : thing.is === 'feature' ? 'There already' : 'Built on the ground';

const areaOf = ({ thing }: Entry): number => bodyOf(thing).lengthMm * bodyOf(thing).widthMm;

/** The ways the list can be put in order; the first keeps its groups. */
const ORDERS = [
  { id: 'number', label: 'by number', by: (a: Entry, b: Entry) => a.number - b.number },
  { id: 'name', label: 'by name', by: (a: Entry, b: Entry) => a.name.localeCompare(b.name) },
  { id: 'largest', label: 'the largest first', by: (a: Entry, b: Entry) => areaOf(b) - areaOf(a) },
  { id: 'open', label: 'what is open first', by: (a: Entry, b: Entry) => b.fails - a.fails || b.warns - a.warns },
] as const;

function entriesOf(
  plan: Plan,
  garden: SeenGarden,
  things: readonly Thing[],
  numbers: ReadonlyMap<string, number>,
  counts: Counts,
): Entry[] {
  const growing = growingIn(plan);
  return things.map((thing): Entry => {
    const standing = garden.structures.filter((one) =>
      thing.is === 'bed' ? bedsOf(one.setting.place).some(({ id }) => id === thing.id) : one.structure.id === thing.id,
    );
    const all = [thing.id, ...standing.map(({ structure }) => structure.id)].map((id) => counts.get(id));
    return {
      thing,
      number: numbers.get(thing.id) ?? 0,
      name: bodyOf(thing).name,
      is: wordOf(thing),
      standing,
      grows: growing.filter(({ bed }) => bed === thing.id).map((one) => plantingWords(one, plan.crops)),
      fails: all.reduce((sum, one) => sum + (one?.fails ?? 0), 0),
      warns: all.reduce((sum, one) => sum + (one?.warns ?? 0), 0),
    };
  });
}

/** From so many things on the list can be sought in and put in order. */
const MANY = 8;

/** Everything on the plot by its number, with what grows and stands there: sought, put in order, grouped. */
export function GardenList({
  things,
  numbers,
  counts,
  onChoose,
}: {
  things: readonly Thing[];
  numbers: ReadonlyMap<string, number>;
  counts: Counts;
  onChoose: (id: string) => void;
}) {
  const { plan } = useGarden();
  const { garden } = useResults();
  const [sought, seek] = useState('');
  const [order, setOrder] = useState<string>('number');
  const [several, setSeveral] = useState<ReadonlySet<string> | null>(null);
  const tick = (id: string) =>
    setSeveral((now) => (now?.has(id) ? new Set([...now].filter((one) => one !== id)) : new Set([...(now ?? []), id])));
  const entries = useMemo(
    () => entriesOf(plan, garden, things, numbers, counts),
    [plan, garden, things, numbers, counts],
  );
  const want = sought.trim().toLowerCase();
  const found = entries
    .filter(({ name, is, grows, standing }) =>
      [name, is, ...grows, ...standing.map(({ structure }) => structure.name)].some((words) =>
        words.toLowerCase().includes(want),
      ),
    )
    .toSorted((ORDERS.find(({ id }) => id === order) ?? ORDERS[0]).by);
  const groups =
    order === 'number'
      ? GROUPS.map((title) => ({ title, rows: found.filter((one) => groupOf(one) === title) }))
      : [{ title: null, rows: found }];
  return (
    <div>
      {entries.length >= MANY && (
        <div className="flex gap-2 pb-2">
          <Finder label="Find a bed, crop or structure" sought={sought} seek={seek} />
          <Chooser
            label="Order of the list"
            value={order}
            choices={ORDERS.map(({ id, label }) => ({ id, label }))}
            onChange={setOrder}
            className="w-36 shrink-0"
          />
        </div>
      )}
      {entries.length > 1 && !several && (
        <Button look="quiet" className="-ml-4" onClick={() => setSeveral(new Set())}>
          <ListChecks size={16} aria-hidden />
          Choose several
        </Button>
      )}
      {found.length === 0 && (
        <p className="py-1 text-soft">
          {entries.length === 0
            ? 'Nothing lies on the plot yet. Beds, what is built and what is there already will stand here by their numbers: what grows in them, whether it will do, what it costs.'
            : `Nothing here is called “${sought}”.`}
        </p>
      )}
      {groups.map(
        ({ title, rows }) =>
          rows.length > 0 && (
            <section key={title ?? 'all'} aria-label={title ?? 'Everything'}>
              {title && <h3 className="pt-3 pb-1 text-base">{title}</h3>}
              <ul>
                {rows.map((entry) => (
                  <Row key={entry.thing.id} entry={entry} onChoose={onChoose} ticked={several} onTick={tick} />
                ))}
              </ul>
            </section>
          ),
      )}
      {several && <Several chosen={several} things={things} onDone={() => setSeveral(null)} />}
    </div>
  );
}

/** A box to choose a thing among several. */
function Tick({
  id,
  name,
  ticked,
  onTick,
}: {
  id: string;
  name: string;
  ticked: ReadonlySet<string>;
  onTick: (id: string) => void;
}) {
  return (
    <label className="grid size-11 shrink-0 place-items-center">
      <input
        type="checkbox"
        className="size-5 accent-(--chalk)"
        aria-label={`Choose ${name}`}
        checked={ticked.has(id)}
        onChange={() => onTick(id)}
      />
    </label>
  );
}

function Row({
  entry,
  onChoose,
  ticked,
  onTick,
}: {
  entry: Entry;
  onChoose: (id: string) => void;
  /** What is chosen among several; null where one thing is chosen at a time. */
  ticked: ReadonlySet<string> | null;
  onTick: (id: string) => void;
}) {
  const { tongue } = useGarden();
  const { thing, number, name, is, standing, grows, fails, warns } = entry;
  const { lengthMm, widthMm } = bodyOf(thing);
  const long = (mm: number): string => formatLength(mm, tongue.units);
  return (
    <li className="border-t border-rule">
      <div className="flex items-center">
        {ticked && <Tick id={thing.id} name={name} ticked={ticked} onTick={onTick} />}
        <button
          type="button"
          data-thing={thing.id}
          onClick={() => onChoose(thing.id)}
          className="grid min-h-11 w-full grid-cols-[1.75rem_minmax(0,1fr)_auto] items-center gap-x-2.5 py-1.5 text-left hover:bg-well"
        >
          <span className="grid size-6 place-items-center rounded-full border border-ink text-[0.78rem] font-bold">
            {number}
          </span>
          <span className="min-w-0">
            <span className="block truncate leading-tight font-semibold">{name}</span>
            <span className="block truncate text-[0.9rem] leading-tight text-soft">
              {grows.length > 0 ? grows.join('; ') : is}
            </span>
          </span>
          <span className="text-right text-[0.9rem] leading-tight text-soft tabular-nums">
            {thing.is !== 'path' && thing.is !== 'run' && `${long(lengthMm)} × ${long(widthMm)}`}
            <OpenCount fails={fails} warns={warns} />
          </span>
        </button>
      </div>
      {standing.length > 0 && (
        <ul className="pl-9">
          {standing.map((one) => (
            <li key={one.structure.id} className="-mt-1 flex items-center">
              {ticked && one.structure.id !== thing.id && (
                <Tick id={one.structure.id} name={one.structure.name} ticked={ticked} onTick={onTick} />
              )}
              <div className="min-w-0 grow">
                <SupportLine computed={one} />
              </div>
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}

/** How much is open at a thing; nothing where nothing is. */
function OpenCount({ fails, warns }: { fails: number; warns: number }) {
  if (fails + warns === 0) return null;
  return (
    <span className={`flex items-center justify-end gap-1 font-semibold ${fails > 0 ? 'text-keel' : 'text-ochre'}`}>
      {fails > 0 ? <AlertOctagon size={14} aria-hidden /> : <TriangleAlert size={14} aria-hidden />}
      {fails + warns} open
    </span>
  );
}
