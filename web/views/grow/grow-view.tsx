'use client';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { Plus, Trash2 } from 'lucide-react';
import { CHOOSING_PHRASES } from '@lignum/core/choosing/phrases';
import { plantingsFor, type Granted, type Wish } from '@lignum/core/choosing/share-out';
import { cropIn } from '@lignum/core/crops/book';
import { formatLength } from '@lignum/core/quantity/length';
import type { Purpose } from '@lignum/core/structures/kind';
import { cardOf } from '@lignum/core/structures/cards';
import { say } from '@lignum/core/wording/say';
import { Button } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { NumberInput } from '../../ui/field';
import { cropChoices } from '../garden/crop-choices';
import { choosingWorker } from '../shell/choosing-worker';
import { AnswerFigures } from '../shell/answer-figures';
import { useGarden } from '../shell/garden-context';
import { Glance } from '../shell/glance';
import { useAnswer } from '../shell/use-answer';
import { WhereAll } from './where-all';
import type { WishesAnswer, WishesQuestion } from '../../workers/choosing-messages';
import { newId } from '../../kept/new-id';

/** Where plants are of what is built for them. */
const WHERE: Partial<Record<Purpose, string>> = { support: 'On', cover: 'Under', barrier: 'Behind' };

const newWish = (crop: string, training: string, count: number): Wish => ({
  id: `planting-${newId()}`,
  crop,
  training,
  count,
});

/** What somebody wants to grow this year, and where there is room, sun and rested ground for it. */
export function GrowView() {
  const { id, plan, store, tongue } = useGarden();
  const router = useRouter();
  const [wishes, setWishes] = useState<readonly Wish[]>([]);
  const question = useMemo((): WishesQuestion => ({ about: 'wishes', plan, wishes }), [plan, wishes]);
  const shared = useAnswer<WishesQuestion, WishesAnswer>(choosingWorker, question);
  const granted = shared.of === question ? shared.answer : null;
  const change = (wishId: string, part: Partial<Wish>) =>
    setWishes(wishes.map((wish) => (wish.id === wishId ? { ...wish, ...part } : wish)));
  const add = () => {
    const crop = cropIn(plan.crops, 'tomato');
    setWishes([...wishes, newWish(crop.id, crop.trainings[0]?.id ?? '', 6)]);
  };
  const placed = (granted ?? []).reduce((sum, one) => sum + one.wish.count - one.left, 0);
  const plant = () => {
    const plantings = plantingsFor(granted ?? [], plan.garden.year);
    store.edit((now) => ({ ...now, plantings: [...now.plantings, ...plantings] }));
    router.push(`/g/${id}`);
  };
  return (
    <main className="mx-auto max-w-5xl px-4 pt-6 pb-20">
      <h1 className="text-3xl">What to grow</h1>
      <p className="mt-1 max-w-[42rem] text-soft">
        Say what you want and how many. The heavy and tall are given their beds first; each goes where it has room, sun,
        and ground its family has not just stood in.
      </p>
      {plan.beds.length === 0 && (
        <p className="mt-4 border-l-4 border-ochre pl-3">
          There is no bed yet: add one on the garden page, or plan a row.
        </p>
      )}
      <ul className="mt-5 border-t-2 border-ink">
        {wishes.map((wish, i) => (
          <WishRow
            key={wish.id}
            wish={wish}
            granted={granted?.[i] ?? null}
            onChange={(part) => change(wish.id, part)}
            onRemove={() => setWishes(wishes.filter((one) => one.id !== wish.id))}
          />
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        <Button onClick={add}>
          <Plus size={17} aria-hidden />
          {wishes.length === 0 ? 'Add the first crop' : 'Another crop'}
        </Button>
        {placed > 0 && (
          <Button look="main" onClick={plant}>
            Plant {placed} {placed === 1 ? 'plant' : 'plants'} as said
          </Button>
        )}
      </div>
      {placed > 0 && <WhereAll granted={granted ?? []} />}
      {plan.beds.length > 0 && (
        <p className="mt-6 text-[0.9rem] text-soft">
          Beds:{' '}
          {plan.beds
            .map(
              (bed) =>
                `${bed.name} ${formatLength(bed.lengthMm, tongue.units)} × ${formatLength(bed.widthMm, tongue.units)}`,
            )
            .join('; ')}
          . What grew there before is kept with each bed.
        </p>
      )}
    </main>
  );
}

function WishRow({
  wish,
  granted,
  onChange,
  onRemove,
}: {
  wish: Wish;
  granted: Granted | null;
  onChange: (part: Partial<Wish>) => void;
  onRemove: () => void;
}) {
  const { plan, tongue } = useGarden();
  const { parts, left } = granted ?? { parts: [], left: 0 };
  const crop = cropIn(plan.crops, wish.crop);
  const bedName = (bed: string) => plan.beds.find((one) => one.id === bed)?.name ?? '';
  return (
    <li className="grid gap-x-6 gap-y-2 border-b border-rule py-3 md:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)]">
      <div className="flex flex-wrap content-start items-center gap-2">
        <NumberInput
          id={`count-${wish.id}`}
          label={`Number of ${crop.name}`}
          value={wish.count}
          min={1}
          max={2000}
          onChange={(count) => onChange({ count })}
          className="w-20 text-right"
        />
        <Chooser
          label="Crop"
          className="min-w-0 grow"
          value={wish.crop}
          choices={cropChoices(plan.crops)}
          onChange={(next) => onChange({ crop: next, training: cropIn(plan.crops, next).trainings[0]?.id ?? '' })}
        />
        <button
          type="button"
          aria-label={`Take ${crop.name} off the list`}
          onClick={onRemove}
          className="grid size-11 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-keel"
        >
          <Trash2 size={17} aria-hidden />
        </button>
        {crop.trainings.length > 1 && (
          <Chooser
            label="Trained"
            className="w-full"
            value={wish.training}
            choices={crop.trainings.map((one) => ({
              id: one.id,
              label: `${one.name}, ${formatLength(one.spacingMm, tongue.units)} apart`,
            }))}
            onChange={(training) => onChange({ training })}
          />
        )}
      </div>
      <div className="text-[0.95rem]" aria-live="polite">
        {!granted && <p className="text-soft">Looking for room…</p>}
        {parts.map((part) => (
          <div key={part.bed} className="mb-3 flex flex-wrap gap-x-4 gap-y-2">
            {part.on && (
              <div className="w-36 shrink-0 self-start bg-sheet p-1">
                <Glance design={part.on.design} around={part.on.around} widthPx={136} heightPx={88} />
              </div>
            )}
            <div className="min-w-52 flex-1">
              <p>
                <strong>
                  {part.count} in {bedName(part.bed)}.
                </strong>{' '}
                {part.con.map((told) => (
                  <span key={told.code} className="text-ochre">
                    {say(told, CHOOSING_PHRASES, tongue)}{' '}
                  </span>
                ))}
                {part.on && (
                  <span>
                    {WHERE[cardOf(part.on.structure.kind).purpose] ?? 'With'} a{' '}
                    {cardOf(part.on.structure.kind).name.toLowerCase()}.{' '}
                  </span>
                )}
                <span className="text-soft">
                  {part.pro.map((told) => say(told, CHOOSING_PHRASES, tongue)).join(' ')}
                </span>
              </p>
              {part.on && <AnswerFigures of={part.on} className="mt-1.5" />}
            </div>
          </div>
        ))}
        {left > 0 && (
          <p className="font-semibold text-keel">
            {parts.length > 0
              ? `${left} do not fit.`
              : 'No room: every bed is full, too dark, or planted with it already.'}
          </p>
        )}
      </div>
    </li>
  );
}
