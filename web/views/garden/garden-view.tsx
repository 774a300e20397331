'use client';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import Link from 'next/link';
import { useId, useState } from 'react';
import { Download, History, Pencil, Plus } from 'lucide-react';
import { bedsOf, footholdOf } from '@lignum/core/site/stands/stands';
import { formatLength } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import type { Planting } from '@lignum/core/plan/plan';
import type { Bed } from '@lignum/core/site/bed';
import { Button, buttonLook } from '../../ui/button';
import { LengthField } from '../../ui/field';
import {
  addPlanting,
  addStructure,
  changeBed,
  changeGarden,
  changePlanting,
  removeBed,
  removePlanting,
} from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';
import { newPlanting } from './beginnings';
import { addBed, grownWords, newBed } from './new-bed';
import { notice } from '../shell/notice';
import { plantingWords } from '../../words/crop-words';
import { EarlierVersions } from './earlier-versions';
import { BedRod } from './bed-rod';
import { SeasonField } from './season-field';
import { SupportLine } from './support-line';
import { growingIn } from '@lignum/core/plan/growing';
import { sidesOf } from '@lignum/core/plan/setting-of';
import { BED_SIDES } from '@lignum/core/structures/bed-sides';

/** Fetched when they are opened: they carry the rules of the document with them. */
const BedSheet = dynamic(() => import('./bed-sheet'), { ssr: false });
const PlantingSheet = dynamic(() => import('./planting-sheet'), { ssr: false });

const small = 'flex min-h-11 items-center gap-1 rounded-[3px] px-2 text-[0.95rem] text-chalk hover:bg-chalk-wash';

type Editing = { bed: Bed; isNew: boolean } | { planting: Planting; isNew: boolean } | null;

/** One garden: its beds to one scale, what grows in them and what stands over it. */
export function GardenView() {
  const { id, plan, store, tongue } = useGarden();
  const [editing, setEditing] = useState<Editing>(null);
  const [history, setHistory] = useState(false);
  const { garden: computed } = useResults();
  const elsewhere = computed.structures.filter((one) => bedsOf(one.setting.place).length === 0);
  const router = useRouter();
  const [sides] = BED_SIDES;
  // Other kinds are fetched when one is wanted.
  const planSides = async (bed: string) => {
    const { newStructure } = await import('./new-structure');
    if (!sides) return;
    const made = newStructure(sides, plan, { on: 'bed', bed }, []);
    store.edit(addStructure(made));
    router.push(`/g/${id}/s/${made.id}`);
  };
  const longest = Math.max(1, ...plan.beds.map((bed) => bed.lengthMm));
  const length = (mm: number) => formatLength(mm, tongue.units);

  return (
    <main className="mx-auto max-w-6xl px-4 pt-6 pb-20">
      <div className="grid gap-x-10 gap-y-4 md:grid-cols-[1fr_auto]">
        <GardenTitle />
        <div className="flex flex-wrap content-start items-start gap-2">
          <Button onClick={() => setEditing({ bed: newBed(plan, tongue.units), isNew: true })}>
            <Plus size={17} aria-hidden />
            Add a bed
          </Button>
          <Link href={`/g/${id}/build`} className={buttonLook('plain')}>
            What to build
          </Link>
          <Link href={`/g/${id}/grow`} className={buttonLook('plain')}>
            What to grow
          </Link>
          <Link href={`/g/${id}/kept-out`} className={buttonLook('plain')}>
            Who is kept out
          </Link>
          <Link href={`/g/${id}/new`} className={buttonLook('main')}>
            <Plus size={18} aria-hidden />
            Plan a row
          </Link>
        </div>
      </div>

      {plan.beds.length === 0 && (
        <div className="mt-8 border-t-2 border-ink pt-6">
          <h2 className="text-2xl">Start with one row</h2>
          <p className="mt-1 max-w-[36rem] text-soft">
            How long is the bed and what do you want to grow up something? That is enough to see what it takes and what
            it costs.
          </p>
          <p className="mt-4">
            <Link href={`/g/${id}/new`} className={buttonLook('main')}>
              Plan a row
            </Link>
          </p>
        </div>
      )}

      <ul className="mt-6">
        {plan.beds.map((bed) => {
          const standing = computed.structures.filter((one) =>
            bedsOf(one.setting.place).some((under) => under.id === bed.id),
          );
          const growing = growingIn(plan).filter((planting) => planting.bed === bed.id);
          return (
            <li key={bed.id} className="border-t border-rule py-4 first:border-t-2 first:border-ink">
              <div className="flex flex-wrap items-baseline gap-x-3">
                <h2 className="text-xl">{bed.name}</h2>
                <p className="text-soft">
                  {length(bed.lengthMm)} × {length(bed.widthMm)}
                  {bed.riseMm !== 0 && `, ${bed.riseMm < 0 ? 'falls' : 'rises'} ${length(Math.abs(bed.riseMm))}`}
                  {bed.standFrom === 'front only' && ', against a wall'} · {bed.soil},{' '}
                  {bed.wind === 'usual' ? 'usual wind' : bed.wind}
                </p>
                <button
                  type="button"
                  aria-label={`Change ${bed.name}`}
                  onClick={() => setEditing({ bed, isNew: false })}
                  className="-my-2 grid size-11 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-ink"
                >
                  <Pencil size={16} aria-hidden />
                </button>
                <span className="-my-2 ml-auto flex gap-1">
                  <button
                    type="button"
                    onClick={() => setEditing({ planting: newPlanting(bed, plan.garden.year), isNew: true })}
                    className={small}
                  >
                    <Plus size={16} aria-hidden />
                    {growing.length === 0 ? 'Say what grows here' : 'Plant'}
                  </button>
                  <Link href={`/g/${id}/new?bed=${bed.id}`} className={small}>
                    <Plus size={16} aria-hidden />
                    Support
                  </Link>
                  {sides && !sidesOf(plan, bed.id) && (
                    <button type="button" onClick={() => void planSides(bed.id)} className={small}>
                      <Plus size={16} aria-hidden />
                      Sides and fill
                    </button>
                  )}
                </span>
              </div>
              <BedRod
                bed={bed}
                standing={standing.filter((one) => footholdOf(one.setting.place).own !== null)}
                share={bed.lengthMm / longest}
              />
              <div className="mt-1 grid grid-cols-1 gap-x-10 gap-y-2 md:grid-cols-2">
                <ul>
                  {growing.map((planting) => (
                    <li key={planting.id}>
                      <button
                        type="button"
                        onClick={() => setEditing({ planting, isNew: false })}
                        className="flex min-h-11 items-center text-left hover:text-chalk hover:underline"
                      >
                        {plantingWords(planting, plan.crops)}
                      </button>
                    </li>
                  ))}
                </ul>
                <ul>
                  {standing.map((one) => (
                    <li key={one.structure.id}>
                      <SupportLine computed={one} />
                    </li>
                  ))}
                </ul>
              </div>
            </li>
          );
        })}
      </ul>

      {elsewhere.length > 0 && (
        <section aria-labelledby="elsewhere" className="border-t border-rule py-4">
          <div className="flex flex-wrap items-baseline gap-x-3">
            <h2 id="elsewhere" className="text-xl">
              On open ground
            </h2>
            <Link href={`/g/${id}/plot`} className={`${small} ml-auto`}>
              See it on the plot
            </Link>
          </div>
          <ul className="grid grid-cols-1 gap-x-10 md:grid-cols-2">
            {elsewhere.map((one) => (
              <li key={one.structure.id}>
                <SupportLine computed={one} />
                {growingIn(plan)
                  .filter((planting) => planting.bed === one.structure.id)
                  .map((planting) => (
                    <button
                      key={planting.id}
                      type="button"
                      onClick={() => setEditing({ planting, isNew: false })}
                      className="flex min-h-11 items-center text-left hover:text-chalk hover:underline"
                    >
                      {plantingWords(planting, plan.crops)}
                    </button>
                  ))}
              </li>
            ))}
          </ul>
        </section>
      )}

      {plan.structures.length > 0 && (
        <div className="flex flex-wrap items-center justify-between gap-4 border-t-2 border-ink pt-4">
          <p>
            <span className="text-2xl font-semibold">
              {formatMoney(money(computed.cost.totalMinor, plan.garden.currency), tongue.locale)}
            </span>{' '}
            <span className="text-soft">
              for everything, bought and cut together{computed.cost.complete ? '' : ' (something has no price)'};{' '}
              {formatMoney(money(computed.cost.perSeasonMinor, plan.garden.currency), tongue.locale)} a season
            </span>
          </p>
          <Link href={`/g/${id}/list`} className={buttonLook('plain')}>
            List for the shop
          </Link>
        </div>
      )}
      <div className="mt-10 flex flex-wrap items-end gap-x-8 gap-y-3 border-t border-rule pt-4">
        <div className="w-56">
          <LengthField
            label="The tallest of you reaches"
            units={tongue.units}
            mm={plan.garden.reachMm}
            min={1200}
            max={3000}
            step={tongue.units === 'imperial' ? 25.4 : 10}
            onChange={(reachMm) => store.edit(changeGarden({ reachMm }), 'reach')}
          />
        </div>
        <SeasonField />
        <a href={`/api/gardens/${id}/plan`} download className={buttonLook('quiet')}>
          <Download size={16} aria-hidden />
          Save the plan file
        </a>
        <Button look="quiet" onClick={() => setHistory(true)}>
          <History size={16} aria-hidden />
          Earlier versions
        </Button>
      </div>

      <EarlierVersions open={history} onClose={() => setHistory(false)} />
      {editing && 'bed' in editing && (
        <BedSheet
          onClose={() => setEditing(null)}
          start={editing.bed}
          isNew={editing.isNew}
          onDone={(bed) => {
            const grown = editing.isNew ? grownWords(plan, bed, length) : null;
            store.edit(editing.isNew ? addBed(bed) : changeBed(bed.id, bed));
            if (grown) notice.say(grown, store.getState().plan);
            setEditing(null);
          }}
          {...(editing.isNew
            ? {}
            : {
                onRemove: () => {
                  store.edit(removeBed(editing.bed.id));
                  notice.say(`${editing.bed.name} was removed, with what grew and stood in it.`, store.getState().plan);
                  setEditing(null);
                },
              })}
        />
      )}
      {editing && 'planting' in editing && (
        <PlantingSheet
          onClose={() => setEditing(null)}
          start={editing.planting}
          onDone={(planting) => {
            store.edit(editing.isNew ? addPlanting(planting) : changePlanting(planting.id, planting));
            setEditing(null);
          }}
          {...(editing.isNew
            ? {}
            : {
                onRemove: () => {
                  store.edit(removePlanting(editing.planting.id));
                  notice.say('The planting was removed.', store.getState().plan);
                  setEditing(null);
                },
              })}
        />
      )}
    </main>
  );
}

function GardenTitle() {
  const { plan, store } = useGarden();
  const id = useId();
  return (
    <div className="min-w-0">
      <h1 className="sr-only">{plan.garden.name}</h1>
      <input
        aria-label="Name of the garden"
        value={plan.garden.name}
        maxLength={80}
        onChange={(event) => {
          if (event.target.value.trim()) store.edit(changeGarden({ name: event.target.value }), 'garden name');
        }}
        className="-ml-1 w-full rounded-[3px] bg-transparent px-1 py-1 font-display text-4xl leading-snug font-bold tracking-tight hover:bg-well focus:bg-sheet"
      />
      <label htmlFor={id} className="sr-only">
        Note on the garden
      </label>
      <textarea
        id={id}
        rows={2}
        placeholder="What should you remember about this place?"
        value={plan.garden.note}
        maxLength={2000}
        onChange={(event) => store.edit(changeGarden({ note: event.target.value }), 'garden note')}
        className="field-sizing-content mt-1 -ml-1 w-full max-w-[46rem] resize-none rounded-[3px] bg-transparent px-1 text-soft hover:bg-well focus:bg-sheet"
      />
    </div>
  );
}
