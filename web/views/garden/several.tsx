'use client';
import Link from 'next/link';
import { useState } from 'react';
import { Columns3, CopyPlus, Move, RotateCw, Trash2 } from 'lucide-react';
import { broughtIn } from '@lignum/core/plan/brought-in';
import type { Plan } from '@lignum/core/plan/plan';
import { bedsNamed } from '@lignum/core/site/stands/stands';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { newId } from '../../kept/new-id';
import { Button, buttonLook } from '../../ui/button';
import { LengthField } from '../../ui/field';
import { isUnread } from '../../ui/unread';
import { bodyOf, moveThing, type Thing } from '../plot/things';
import { removeBed, removeStructure } from '../shell/edits';
import { removeFeature } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';

const all = (changes: readonly ((plan: Plan) => Plan)[]) => (plan: Plan) =>
  changes.reduce((so, change) => change(so), plan);

/** What can be done with several things at once: beside each other, once more, moved, turned, removed; each is one step to undo. */
export default function Several({
  chosen,
  things,
  onDone,
}: {
  chosen: ReadonlySet<string>;
  things: readonly Thing[];
  onDone: () => void;
}) {
  const { id, plan, store, tongue } = useGarden();
  const [moving, setMoving] = useState(false);
  const [byMm, setBy] = useState({ right: 0, up: 0 });
  const moved = things.filter((thing) => chosen.has(thing.id) && thing.is !== 'run');
  // Of a bed that is chosen, what stands on it.
  const structures = plan.structures.filter(
    (one) => chosen.has(one.id) || bedsNamed(one.stand).some((bed) => chosen.has(bed)),
  );
  const move = (change: (thing: Thing) => Parameters<typeof moveThing>[1]) =>
    store.edit(all(moved.map((thing) => moveThing(thing, change(thing)))));
  const remove = () => {
    store.edit(
      all(
        [...chosen].map((one) =>
          plan.beds.some((bed) => bed.id === one)
            ? removeBed(one)
            : plan.features.some((feature) => feature.id === one)
              ? removeFeature(one)
              : removeStructure(one),
        ),
      ),
    );
    notice.say(`${chosen.size} ${chosen.size === 1 ? 'thing was' : 'things were'} removed.`, store.getState().plan);
    onDone();
  };
  const copy = () => {
    store.edit((now) =>
      structures.reduce<Plan>((so, one) => broughtIn(so, so, one.id, (what) => `${what}-${newId()}`)?.plan ?? so, now),
    );
    notice.say(
      `${structures.length} more ${structures.length === 1 ? 'structure was' : 'structures were'} put down.`,
      store.getState().plan,
    );
    onDone();
  };
  return (
    <section
      aria-label="What is chosen"
      className="stands-over sticky bottom-0 z-10 border-t-2 border-ink bg-ground pt-2 pb-3 max-lg:bottom-16"
    >
      <p aria-live="polite" className="font-semibold">
        {chosen.size === 0 ? 'Tick what you want to do something with.' : `${chosen.size} chosen`}
      </p>
      {moving && moved.length > 0 && (
        <div className="mt-2 flex items-end gap-2">
          {(['right', 'up'] as const).map((way) => (
            <LengthField
              key={way}
              units={tongue.units}
              step={TAPE_STEP[tongue.units]}
              label={way === 'right' ? 'To the right' : 'Up the plot'}
              mm={byMm[way]}
              min={-200_000}
              max={200_000}
              onChange={(mm) => setBy({ ...byMm, [way]: mm })}
            />
          ))}
          <Button
            look="main"
            onClick={(event) => {
              if (isUnread(event.currentTarget.parentElement)) return;
              move((thing) => ({ xMm: bodyOf(thing).xMm + byMm.right, yMm: bodyOf(thing).yMm + byMm.up }));
              setMoving(false);
            }}
          >
            Move {moved.length}
          </Button>
        </div>
      )}
      <div className="mt-1 -ml-4 flex flex-wrap">
        {structures.length > 1 && (
          <Link
            href={`/g/${id}/compare?of=${structures
              .slice(0, 4)
              .map((one) => one.id)
              .join(',')}`}
            className={buttonLook('quiet')}
          >
            <Columns3 size={16} aria-hidden />
            Side by side
          </Link>
        )}
        {structures.length > 0 && (
          <Button look="quiet" onClick={copy}>
            <CopyPlus size={16} aria-hidden />
            Once more
          </Button>
        )}
        {moved.length > 0 && (
          <>
            <Button look="quiet" aria-expanded={moving} onClick={() => setMoving(!moving)}>
              <Move size={16} aria-hidden />
              Move…
            </Button>
            <Button look="quiet" onClick={() => move((thing) => ({ turnDeg: (bodyOf(thing).turnDeg + 90) % 360 }))}>
              <RotateCw size={16} aria-hidden />
              Quarter turn
            </Button>
          </>
        )}
        {chosen.size > 0 && (
          <Button look="quiet" className="text-keel" onClick={remove}>
            <Trash2 size={16} aria-hidden />
            Remove
          </Button>
        )}
        <Button look="quiet" onClick={onDone}>
          Done
        </Button>
      </div>
    </section>
  );
}
