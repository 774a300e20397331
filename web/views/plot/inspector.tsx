'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useId, useRef } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { ChevronLeft, RotateCw, Trash2 } from 'lucide-react';
import { formatArea } from '@lignum/core/quantity/measure';
import { formatLength } from '@lignum/core/quantity/length';
import { goesAlong, setApart, waysAmong, type GoesAlong } from '@lignum/core/site/way';
import { distanceToStretch, inside } from '@lignum/core/geometry/polygon';
import { unheld } from '@lignum/core/ahead/open-points';
import { bedArea, bedOutline, farthestSoil, outOfReach, type Bed } from '@lignum/core/site/bed';
import { toFrame } from '@lignum/core/site/frame';
import { KINDS } from '@lignum/core/structures/registry';
import { type Feature, type PlanSpot } from '@lignum/core/site/plot';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { Button, buttonLook } from '../../ui/button';
import { BedOutlineFields } from '../garden/bed-outline-fields';
import { freeWays } from '../garden/free-ways';
import { newStructure } from '../garden/new-structure';
import { Field, inputLook, LengthField, NumberField } from '../../ui/field';
import {
  addStructure,
  changeBed,
  changeFeature,
  changeStructure,
  removeBed,
  removeFeature,
  removeStructure,
} from '../shell/edits';
import { AddToRun } from '../garden/add-to-run';
import { PathFields } from './path-fields';
import { UnderfootFields } from './underfoot-fields';
import { RunField } from './run-field';
import { BedGuard } from '../kept-out/bed-guard';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';
import { useResults } from '../shell/use-results';
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
  useHotkeys(
    'escape',
    onClose,
    {
      enableOnFormTags: true,
      ignoreEventWhen: ({ target, defaultPrevented }) => defaultPrevented || !section.current?.contains(target as Node),
    },
    [onClose],
  );
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
        <Button look="quiet" className="-ml-3 !px-3" onClick={onClose}>
          <ChevronLeft size={17} aria-hidden />
          All of the garden
        </Button>
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
              : (KINDS.find((kind) => kind.id === thing.structure.kind)?.name ?? '')
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

const ALONG_WORDS: Record<GoesAlong, string> = {
  nobody: 'too narrow to walk',
  walker: 'one walks, no barrow goes',
  barrow: 'a barrow goes, a wheelchair does not turn',
  wheelchair: 'a wheelchair turns',
};

/** How wide the ways beside a bed are, and who gets along them; typed over, the bed moves. */
function WaysBeside({ bed: id }: { bed: string }) {
  const { plan, store, tongue } = useGarden();
  const bed = plan.beds.find((one) => one.id === id);
  const ways = waysAmong(plan.beds)
    .flatMap(({ beds, way }) => {
      const other = beds.find((one) => one.id !== id);
      return other && beds.some((one) => one.id === id) ? [{ other, way }] : [];
    })
    .toSorted((a, b) => a.way.wideMm - b.way.wideMm);
  if (!bed || ways.length === 0) return null;
  return (
    <section aria-label="Ways beside it" className="grid gap-2">
      <h3 className="text-base">Ways beside it</h3>
      {ways.map(({ other, way }) => (
        <LengthField
          key={other.id}
          units={tongue.units}
          step={TAPE_STEP[tongue.units]}
          label={`To ${other.name}`}
          mm={way.wideMm}
          min={0}
          max={20_000}
          help={ALONG_WORDS[goesAlong(way.wideMm)]}
          onChange={(mm) => store.edit(changeBed(id, setApart(bed, other, mm)), `way ${id} ${other.id}`)}
        />
      ))}
    </section>
  );
}

const OVER_WAYS = KINDS.filter((kind) => kind.stands.includes('beds'));

/** What can be put over the ways beside a bed, or over the ways that a path runs along. */
function OverWays({ thing }: { thing: Thing }) {
  const { id, plan, store, tongue } = useGarden();
  const { garden } = useResults();
  const router = useRouter();
  const ways = freeWays(plan).filter(({ beds, way }) =>
    thing.is === 'bed'
      ? beds.some((bed) => bed.id === thing.id)
      : thing.is === 'feature' && thing.feature.kind === 'path' && liesUnder(thing.feature, [way.at.xMm, way.at.yMm]),
  );
  if (ways.length === 0) return null;
  const put = (kind: string, beds: readonly [Bed, Bed]) => {
    const climbing = unheld({ plan, garden }).filter((one) => beds.some((bed) => bed.id === one.bed));
    const structure = newStructure(
      kind,
      plan,
      { on: 'beds', beds: [beds[0].id, beds[1].id] },
      climbing.map((one) => one.id),
    );
    store.edit(addStructure(structure));
    router.push(`/g/${id}/s/${structure.id}`);
  };
  return (
    <div className="grid gap-2">
      {OVER_WAYS.flatMap((kind) =>
        ways.slice(0, 3).map(({ beds, way }) => (
          <Button
            key={`${kind.id} ${beds[0].id} ${beds[1].id}`}
            onClick={() => put(kind.id, beds)}
            className="h-auto py-2 text-left"
          >
            {kind.name} over the {formatLength(way.wideMm, tongue.units)} way{' '}
            {thing.is === 'bed'
              ? `to ${beds.find((bed) => bed.id !== thing.id)?.name}`
              : `from ${beds[0].name} to ${beds[1].name}`}
          </Button>
        )),
      )}
    </div>
  );
}

/** Whether a place of the plot lies on a path, or within a foot of it. */
function liesUnder(path: Feature, spot: PlanSpot): boolean {
  const here = toFrame({ ...path, baseMm: 0 }, spot);
  const outline = bedOutline({ ...path, outline: { shape: 'rectangle' } });
  return (
    inside(here, outline) ||
    outline.some((from, i) => distanceToStretch(here, from, outline[(i + 1) % outline.length] ?? from) < 300)
  );
}
