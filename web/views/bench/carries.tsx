'use client';
import { useState } from 'react';
import { Pencil, Plus } from 'lucide-react';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Bed } from '@lignum/core/site/bed';
import { bedsOf } from '@lignum/core/site/stands/stands';
import type { Planting } from '@lignum/core/plan/plan';
import { plantingWords } from '../../words/crop-words';
import { addPlanting, carry, changePlanting, removePlanting } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { growingIn } from '@lignum/core/plan/growing';
import { part } from '../../ui/part';

/** Fetched when something is planted or changed. */
const PlantingSheet = part(() => import('../garden/planting-sheet'));

type Ground = Pick<Bed, 'id' | 'name' | 'lengthMm'>;

const placesWords = (count: number): string => `${count} ${count === 1 ? 'place' : 'places'}`;

/** What grows in the bed, and which of it this support carries. */
export function Carries({ computed }: { computed: ComputedStructure }) {
  const { plan, store } = useGarden();
  const { structure, setting } = computed;
  const [editing, setEditing] = useState<{ planting: Planting; isNew: boolean } | null>(null);
  // A planter is a bed of its own.
  const beds: readonly Ground[] =
    computed.kind.purpose === 'planter'
      ? [{ id: structure.id, name: structure.name, lengthMm: computed.sized.design.builtMm }]
      : bedsOf(setting.place);
  const [bed] = beds;
  const here = growingIn(plan).filter((planting) => beds.some((bed) => bed.id === planting.bed));
  const { plantings } = structure;
  const toggle = (id: string) =>
    store.edit(
      carry(structure.id, plantings.includes(id) ? plantings.filter((one) => one !== id) : [...plantings, id]),
    );
  const places = (id: string) => computed.sized.design.stations.filter((station) => station.planting === id).length;
  // What grows in a bed grows there whether its sides are planned or not.
  const isBed = computed.kind.purpose === 'bed';
  // What stands on no bed carries nothing.
  if (!bed) return null;
  const begin = async () => {
    const { plantingOn } = await import('../garden/beginnings');
    setEditing({ planting: plantingOn(computed, bed, here, plan.garden.year), isNew: true });
  };
  return (
    <section aria-labelledby="carries">
      <h2 id="carries" className="text-lg">
        {isBed || computed.kind.purpose === 'planter' ? 'What grows in it' : 'What grows on it'}
      </h2>
      <ul className="mt-1">
        {here.map((planting) => (
          <li key={planting.id} className="flex items-center gap-2">
            <label className="flex min-h-11 grow cursor-pointer items-center gap-3 py-1 text-[0.95rem] leading-snug">
              {!isBed && (
                <input
                  type="checkbox"
                  className="size-5 shrink-0 accent-(--chalk)"
                  checked={plantings.includes(planting.id)}
                  onChange={() => toggle(planting.id)}
                />
              )}
              <span>
                {plantingWords(planting, plan.crops)}
                {beds.length > 1 && (
                  <span className="text-soft"> · {beds.find((one) => one.id === planting.bed)?.name}</span>
                )}
                {!isBed && plantings.includes(planting.id) && (
                  <span className="text-soft"> · {placesWords(places(planting.id))}</span>
                )}
              </span>
            </label>
            <button
              type="button"
              aria-label={`Change ${plantingWords(planting, plan.crops)}`}
              onClick={() => setEditing({ planting, isNew: false })}
              className="grid size-11 shrink-0 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-ink"
            >
              <Pencil size={16} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <button
        type="button"
        onClick={() => void begin()}
        className="flex min-h-11 items-center gap-2 text-[0.95rem] text-chalk hover:underline"
      >
        <Plus size={16} aria-hidden />
        {here.length === 0 ? 'Say what grows here' : 'Plant something else'}
      </button>
      {editing && (
        <PlantingSheet
          onClose={() => setEditing(null)}
          start={editing.planting}
          onDone={(planting) => {
            const added = isBed ? addPlanting(planting) : addPlanting(planting, structure.id);
            store.edit(editing.isNew ? added : changePlanting(planting.id, planting));
            setEditing(null);
          }}
          {...(editing.isNew
            ? {}
            : {
                onRemove: () => {
                  store.edit(removePlanting(editing.planting.id));
                  setEditing(null);
                },
              })}
        />
      )}
    </section>
  );
}
