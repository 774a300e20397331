'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Plus } from 'lucide-react';
import { growingIn } from '@lignum/core/plan/growing';
import type { Planting } from '@lignum/core/plan/plan';
import { sidesOf } from '@lignum/core/plan/setting-of';
import type { Bed } from '@lignum/core/site/bed';
import { bedsOf } from '@lignum/core/site/stands/stands';
import { BED_SIDES } from '@lignum/core/structures/bed-sides';
import { Button } from '../../ui/button';
import { part } from '../../ui/part';
import { plantingWords } from '../../words/crop-words';
import { addPlanting, addStructure, changeBed, changePlanting, removeBed, removePlanting } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';
import { useResults } from '../shell/use-results';
import { newPlanting } from './beginnings';
import { SupportLine } from './support-line';

/** Fetched when they are opened: they carry the rules of the document with them. */
const BedSheet = part(() => import('./bed-sheet'));
const PlantingSheet = part(() => import('./planting-sheet'));

const small = 'flex min-h-11 items-center gap-1 rounded-[3px] px-2 text-[0.95rem] text-chalk hover:bg-chalk-wash';

/** A planting that is put down or changed, in its sheet. */
export function PlantingEditor({ start, isNew, onClose }: { start: Planting; isNew: boolean; onClose: () => void }) {
  const { store } = useGarden();
  return (
    <PlantingSheet
      onClose={onClose}
      start={start}
      onDone={(planting) => {
        store.edit(isNew ? addPlanting(planting) : changePlanting(planting.id, planting));
        onClose();
      }}
      {...(isNew
        ? {}
        : {
            onRemove: () => {
              store.edit(removePlanting(start.id));
              notice.say('The planting was removed.', store.getState().plan);
              onClose();
            },
          })}
    />
  );
}

/** What grows in a bed and what stands on it, and the ways to more of either. */
export function InBed({ bed }: { bed: Bed }) {
  const { id, plan, store } = useGarden();
  const { garden } = useResults();
  const router = useRouter();
  const [planting, setPlanting] = useState<{ start: Planting; isNew: boolean } | null>(null);
  const [asWalked, setAsWalked] = useState(false);
  const growing = growingIn(plan).filter((one) => one.bed === bed.id);
  const standing = garden.structures.filter((one) => bedsOf(one.setting.place).some((under) => under.id === bed.id));
  const [sides] = BED_SIDES;
  // Other kinds are fetched when one is wanted.
  const planSides = async () => {
    const { newStructure } = await import('./new-structure');
    if (!sides) return;
    const made = newStructure(sides, plan, { on: 'bed', bed: bed.id }, []);
    store.edit(addStructure(made));
    router.push(`/g/${id}/s/${made.id}`);
  };
  return (
    <div className="border-y border-rule py-1">
      {growing.map((one) => (
        <button
          key={one.id}
          type="button"
          onClick={() => setPlanting({ start: one, isNew: false })}
          className="flex min-h-11 w-full items-center text-left hover:text-chalk hover:underline"
        >
          {plantingWords(one, plan.crops)}
        </button>
      ))}
      {standing.map((one) => (
        <SupportLine key={one.structure.id} computed={one} />
      ))}
      <div className="-mx-2 flex flex-wrap">
        <button
          type="button"
          onClick={() => setPlanting({ start: newPlanting(bed, plan.garden.year), isNew: true })}
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
          <button type="button" onClick={() => void planSides()} className={small}>
            <Plus size={16} aria-hidden />
            Sides and fill
          </button>
        )}
      </div>
      <Button className="mt-1 mb-2 w-full" onClick={() => setAsWalked(true)}>
        Soil, wind, slope, its past
      </Button>
      {planting && <PlantingEditor {...planting} onClose={() => setPlanting(null)} />}
      {asWalked && (
        <BedSheet
          onClose={() => setAsWalked(false)}
          start={bed}
          isNew={false}
          onDone={(next) => {
            store.edit(changeBed(bed.id, next));
            setAsWalked(false);
          }}
          onRemove={() => {
            store.edit(removeBed(bed.id));
            notice.say(`${bed.name} was removed, with what grew and stood in it.`, store.getState().plan);
            setAsWalked(false);
          }}
        />
      )}
    </div>
  );
}
