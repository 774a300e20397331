'use client';
import Link from 'next/link';
import { useEffect, useId, useRef } from 'react';
import { RotateCw, Trash2 } from 'lucide-react';
import { formatArea } from '@lignum/core/quantity/measure';
import { formatLength } from '@lignum/core/quantity/length';
import { bedArea, farthestSoil, outOfReach } from '@lignum/core/site/bed';
import { KIND_CARDS } from '@lignum/core/structures/cards';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { Button, buttonLook } from '../../ui/button';
import { BedOutlineFields } from '../garden/bed-outline-fields';
import { Field, inputLook, LengthField, NumberField } from '../../ui/field';
import { changeBed, changeStructure, removeBed, removeStructure } from '../shell/edits';
import { changeFeature, removeFeature } from '../shell/ground-edits';
import { AddToRun } from '../garden/add-to-run';
import { PathFields } from './path-fields';
import { BackToAll } from './back-to-all';
import { OverWays, WaysBeside } from './ways';
import { UnderfootFields } from './underfoot-fields';
import { RunField } from './run-field';
import { BedGuard } from '../kept-out/bed-guard';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';
import { bodyOf, extentOf, moveThing, type Thing } from './things';
import { InBed } from '../garden/in-bed';

/** What is chosen: what grows and stands in it, and its dimensions. */
export function Inspector({
  thing,
  number,
  takesFocus,
  onClose,
}: {
  thing: Thing;
  number: number | undefined;
  /** It was chosen in the list: the keyboard goes on in here. */
  takesFocus: boolean;
  onClose: () => void;
}) {
  const { id, plan, store, tongue } = useGarden();
  const name = useId();
  const section = useRef<HTMLElement>(null);
  useEffect(() => {
    if (takesFocus) section.current?.focus();
  }, [takesFocus]);
  const body = bodyOf(thing);
  const box = extentOf(thing);
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units] };
  const change = (part: Parameters<typeof moveThing>[1], what: string) =>
    store.edit(moveThing(thing, part), `${what} ${thing.id}`);
  const rename = (next: string) => {
    if (next.trim()) store.edit(changeIn(thing)({ name: next }), `name ${thing.id}`);
  };
  const isBuilt = thing.is === 'path' || thing.is === 'spot' || thing.is === 'run';
  const far = thing.is === 'bed' ? outOfReach(thing.bed, plan.site.armMm) : null;
  const corner = thing.is === 'bed' && thing.bed.outline.shape !== 'rectangle' ? farthestSoil(thing.bed) : null;
  return (
    <section
      ref={section}
      tabIndex={-1}
      aria-label={body.name}
      className="grid grid-cols-[minmax(0,1fr)] gap-4 outline-none"
    >
      <div className="-mb-2 flex items-center justify-between gap-2">
        <BackToAll onBack={onClose} />
        {number !== undefined && (
          <span className="grid size-7 place-items-center rounded-full border border-ink text-[0.85rem] font-bold">
            <span className="sr-only">Number </span>
            {number}
          </span>
        )}
      </div>
      <Field
        label={
          thing.is === 'bed'
            ? 'Bed'
            : thing.is === 'feature'
              ? thing.feature.kind[0]?.toUpperCase() + thing.feature.kind.slice(1)
              : (KIND_CARDS.find((kind) => kind.id === thing.structure.kind)?.name ?? '')
        }
        htmlFor={name}
      >
        <input
          id={name}
          value={body.name}
          maxLength={80}
          onChange={(event) => rename(event.target.value)}
          className={inputLook}
        />
      </Field>
      {isBuilt && (
        <Link href={`/g/${id}/s/${thing.id}`} className={buttonLook('main')}>
          Open the design
        </Link>
      )}
      {thing.is === 'bed' && <InBed bed={thing.bed} />}
      {(thing.is === 'bed' || thing.is === 'spot') && <BedGuard bed={thing.id} />}
      {thing.is === 'bed' && <WaysBeside bed={thing.id} />}
      {thing.is === 'path' && <PathFields thing={thing} />}
      {thing.is === 'path' && <AddToRun host={thing.structure} />}
      {thing.is === 'spot' && (
        <UnderfootFields
          id={thing.id}
          underfoot={thing.stand.underfoot}
          onChange={(underfoot) =>
            store.edit(changeStructure(thing.id, { stand: { ...thing.stand, underfoot } }), `underfoot ${thing.id}`)
          }
        />
      )}
      {thing.is === 'run' && <RunField thing={thing} />}
      <div className={`grid grid-cols-2 gap-3 ${thing.is === 'path' || thing.is === 'run' ? 'hidden' : ''}`}>
        <LengthField
          {...length}
          label="From the left"
          mm={box.left}
          min={-200_000}
          max={200_000}
          onChange={(mm) => change({ xMm: body.xMm + mm - box.left }, 'left')}
        />
        <LengthField
          {...length}
          label="From the bottom edge"
          mm={box.bottom}
          min={-200_000}
          max={200_000}
          onChange={(mm) => change({ yMm: body.yMm + mm - box.bottom }, 'below')}
        />
        {!isBuilt && (
          <>
            <LengthField
              {...length}
              label="Length"
              mm={body.lengthMm}
              min={thing.is === 'bed' ? 300 : 10}
              max={thing.is === 'bed' ? 60_000 : 200_000}
              onChange={(lengthMm) => change({ lengthMm }, 'length')}
            />
            <LengthField
              {...length}
              label="Width"
              mm={body.widthMm}
              min={thing.is === 'bed' ? 150 : 10}
              max={12_000}
              onChange={(widthMm) => change({ widthMm }, 'width')}
            />
          </>
        )}
        <NumberField
          label="Turned, degrees"
          value={Math.round(body.turnDeg)}
          min={-360}
          max={360}
          onChange={(turnDeg) => change({ turnDeg }, 'turn')}
        />
        <div className="flex items-end">
          <Button className="w-full" onClick={() => change({ turnDeg: (body.turnDeg + 90) % 360 }, 'quarter')}>
            <RotateCw size={16} aria-hidden />
            Quarter turn
          </Button>
        </div>
        {thing.is === 'feature' && (
          <LengthField
            {...length}
            label="Height"
            mm={thing.feature.heightMm}
            min={0}
            max={40_000}
            onChange={(heightMm) => store.edit(changeFeature(thing.id, { heightMm }), `height ${thing.id}`)}
          />
        )}
        {thing.is === 'feature' && (
          <LengthField
            {...length}
            label="Keep clear"
            mm={thing.feature.keepClearMm}
            min={0}
            max={20_000}
            onChange={(keepClearMm) => store.edit(changeFeature(thing.id, { keepClearMm }), `clear ${thing.id}`)}
          />
        )}
      </div>
      {thing.is === 'bed' && (
        <BedOutlineFields
          bed={thing.bed}
          onChange={(part) => store.edit(changeBed(thing.id, part), `outline ${thing.id}`)}
        />
      )}
      <p className="text-[0.95rem] text-soft">
        {!isBuilt &&
          formatArea(
            thing.is === 'bed' ? bedArea(thing.bed) : body.lengthMm * body.widthMm,
            tongue.units,
            tongue.locale,
          )}
        {thing.is === 'feature' &&
          thing.feature.kind === 'buried line' &&
          '. Have it located and marked before you dig anywhere near it; local rules decide.'}
      </p>
      {far && thing.is === 'bed' && (
        <p className="border-l-4 border-ochre pl-3 text-[0.95rem]">
          <strong>{formatLength(far.wideMm, tongue.units)} of it cannot be reached</strong> from where you can stand.
          Make it {formatLength(plan.site.armMm * (thing.bed.standFrom === 'front only' ? 1 : 2), tongue.units)} wide,
          or cut a keyhole {formatLength(far.wideMm, tongue.units)} deep into it to stand in.
        </p>
      )}
      {corner && thing.is === 'bed' && corner.mm > plan.site.armMm && (
        <p className="border-l-4 border-ochre pl-3 text-[0.95rem]">
          <strong>Its farthest soil is {formatLength(corner.mm, tongue.units)} in</strong>, and your arm picks at{' '}
          {formatLength(plan.site.armMm, tongue.units)}: make it smaller, or its notch deeper.
        </p>
      )}
      <OverWays thing={thing} />
      <Button
        look="danger"
        onClick={() => {
          store.edit(takeAway(thing));
          notice.say(`${body.name} was removed.`, store.getState().plan);
          onClose();
        }}
      >
        <Trash2 size={16} aria-hidden />
        Remove it
      </Button>
    </section>
  );
}

const changeIn =
  (thing: Thing) =>
  (part: { name: string }): ReturnType<typeof changeBed> =>
    thing.is === 'bed'
      ? changeBed(thing.id, part)
      : thing.is === 'feature'
        ? changeFeature(thing.id, part)
        : changeStructure(thing.id, part);
const takeAway = (thing: Thing) =>
  thing.is === 'bed'
    ? removeBed(thing.id)
    : thing.is === 'feature'
      ? removeFeature(thing.id)
      : removeStructure(thing.id);
