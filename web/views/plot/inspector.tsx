'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useId } from 'react';
import { RotateCw, Trash2 } from 'lucide-react';
import { formatArea } from '@lignum/core/quantity/measure';
import { formatLength } from '@lignum/core/quantity/length';
import { distanceToStretch, inside } from '@lignum/core/geometry/polygon';
import { cropIn } from '@lignum/core/crops/book';
import { bedOutline, farthestSoil, outOfReach, type Bed } from '@lignum/core/site/bed';
import { siteNonsense } from '@lignum/core/site/site-nonsense';
import { SOILS, WINDS } from '@lignum/core/site/soil';
import { toFrame } from '@lignum/core/site/stand';
import { KINDS } from '@lignum/core/structures/registry';
import { VISITORS, type Feature, type PlanSpot, type Visitor } from '@lignum/core/site/plot';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { Button, buttonLook } from '../../ui/button';
import { BedOutlineFields } from '../garden/bed-outline-fields';
import { freeWays } from '../garden/free-ways';
import { newStructure } from '../garden/new-structure';
import { ChooserField } from '../../ui/chooser';
import { Field, inputLook, LengthField, NumberField } from '../../ui/field';
import {
  addStructure,
  changeBed,
  changeFeature,
  changeSite,
  changeStructure,
  removeBed,
  removeFeature,
  removeStructure,
} from '../shell/edits';
import { AddToRun } from '../garden/add-to-run';
import { PathFields } from './path-fields';
import { RunField } from './run-field';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';
import { PLACES } from './places';
import { bodyOf, extentOf, moveThing, thingsOf, type Thing } from './things';

/** What is chosen, by its dimensions; nothing chosen is the plot itself. */
export function Inspector({
  thing,
  onGone,
  onChoose,
}: {
  thing: Thing | undefined;
  onGone: () => void;
  onChoose: (id: string) => void;
}) {
  const { id, plan, store, tongue } = useGarden();
  const name = useId();
  if (!thing) return <Whole onChoose={onChoose} />;
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
    <section aria-label={body.name} className="grid gap-4">
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
          Open it on the bench
        </Link>
      )}
      {thing.is === 'path' && <PathFields thing={thing} />}
      {thing.is === 'path' && <AddToRun host={thing.structure} />}
      {thing.is === 'run' && <RunField thing={thing} />}
      <div className={`grid grid-cols-2 gap-3 ${thing.is === 'path' || thing.is === 'run' ? 'hidden' : ''}`}>
        <LengthField
          {...length}
          label="From the left"
          mm={Math.max(0, box.left)}
          min={0}
          max={200_000}
          onChange={(mm) => change({ xMm: body.xMm + mm - box.left }, 'left')}
        />
        <LengthField
          {...length}
          label="From below"
          mm={Math.max(0, box.bottom)}
          min={0}
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
        {!isBuilt && formatArea(body.lengthMm * body.widthMm, tongue.units, tongue.locale)}
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
          notice.say(`${body.name} was taken away.`);
          onGone();
        }}
      >
        <Trash2 size={16} aria-hidden />
        Take it away
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

const OVER_WAYS = KINDS.filter((kind) => kind.stands.includes('beds'));

/** What can be put over the ways beside a bed, or over the ways that a path runs along. */
function OverWays({ thing }: { thing: Thing }) {
  const { id, plan, store, tongue } = useGarden();
  const router = useRouter();
  const ways = freeWays(plan).filter(({ beds, way }) =>
    thing.is === 'bed'
      ? beds.some((bed) => bed.id === thing.id)
      : thing.is === 'feature' && thing.feature.kind === 'path' && liesUnder(thing.feature, [way.at.xMm, way.at.yMm]),
  );
  if (ways.length === 0) return null;
  const put = (kind: string, beds: readonly [Bed, Bed]) => {
    const carried = new Set(plan.structures.flatMap((one) => one.plantings));
    const climbing = plan.plantings.filter(
      (one) =>
        beds.some((bed) => bed.id === one.bed) &&
        !carried.has(one.id) &&
        !['bush', 'none'].includes(cropIn(plan.crops, one.crop).habit),
    );
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

const ZONES = Intl.supportedValuesOf('timeZone');

/** With nothing chosen: what lies on the plot, to be chosen, and the facts of the place behind it. */
function Whole({ onChoose }: { onChoose: (id: string) => void }) {
  const { plan } = useGarden();
  // What one works on comes first; what only lies there after it.
  const things = thingsOf(plan).toSorted((a, b) => Number(a.is === 'feature') - Number(b.is === 'feature'));
  return (
    <section aria-label="The plot" className="grid gap-3">
      <h2 className="text-xl">On the plot</h2>
      {things.length === 0 && <p className="text-soft">Nothing yet: add a bed, or what is there already.</p>}
      <ul className="max-h-[26rem] divide-y divide-rule overflow-y-auto border-y border-rule">
        {things.map((thing) => (
          <li key={thing.id}>
            <button
              type="button"
              onClick={() => onChoose(thing.id)}
              className="flex min-h-11 w-full items-center justify-between gap-3 px-1 text-left hover:bg-well"
            >
              <span className="min-w-0 truncate">{bodyOf(thing).name}</span>
              <span className="text-[0.85rem] text-soft">{wordOf(thing)}</span>
            </button>
          </li>
        ))}
      </ul>
      <details>
        <summary className="flex min-h-11 items-center font-display text-lg font-semibold">
          Facts of the place: size, sun, frost, soil, visitors
        </summary>
        <SiteFields />
      </details>
    </section>
  );
}

/** What a thing is, in a word. */
const wordOf = (thing: Thing): string =>
  thing.is === 'bed'
    ? 'bed'
    : thing.is === 'feature'
      ? thing.feature.kind
      : (KINDS.find((kind) => kind.id === thing.structure.kind)?.name ?? '').toLowerCase();

function SiteFields() {
  const { plan, store, tongue } = useGarden();
  const { site } = plan;
  const first = useId();
  const last = useId();
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units] };
  const place = PLACES.find((one) => one.latitudeDeg === site.latitudeDeg && one.longitudeDeg === site.longitudeDeg);
  const [nonsense] = siteNonsense(site);
  const visit = (visitor: Visitor) =>
    store.edit(
      changeSite({
        visitors: site.visitors.includes(visitor)
          ? site.visitors.filter((one) => one !== visitor)
          : [...site.visitors, visitor],
      }),
    );
  const date = (id: string, label: string, value: string, change: (next: string) => void) => (
    <Field label={label} htmlFor={id}>
      <input
        id={id}
        type="date"
        value={`2026-${value}`}
        onChange={(event) => {
          if (event.target.value) change(event.target.value.slice(5));
        }}
        className={inputLook}
      />
    </Field>
  );
  return (
    <div className="grid gap-4 pt-2">
      {nonsense && (
        <p role="alert" className="border-l-4 border-keel pl-3 text-[0.9rem] font-medium text-keel">
          {nonsense.field === 'firstFrost' ? 'First frost' : 'Clock zone'} {nonsense.message}.
        </p>
      )}
      <div className="grid grid-cols-2 gap-3">
        <LengthField
          {...length}
          label="Across"
          mm={site.widthMm}
          min={1000}
          max={200_000}
          onChange={(widthMm) => store.edit(changeSite({ widthMm }), 'plot width')}
        />
        <LengthField
          {...length}
          label="Up the page"
          mm={site.depthMm}
          min={1000}
          max={200_000}
          onChange={(depthMm) => store.edit(changeSite({ depthMm }), 'plot depth')}
        />
        <NumberField
          label="Latitude"
          whole={false}
          value={site.latitudeDeg}
          min={-90}
          max={90}
          onChange={(latitudeDeg) => store.edit(changeSite({ latitudeDeg }), 'latitude')}
        />
        <NumberField
          label="Longitude, east +"
          whole={false}
          value={site.longitudeDeg}
          min={-180}
          max={180}
          onChange={(longitudeDeg) => store.edit(changeSite({ longitudeDeg }), 'longitude')}
        />
        <ChooserField
          label="Clocks go by"
          value={site.zone ?? ''}
          choices={[{ id: '', label: 'the clock of who looks' }, ...ZONES.map((zone) => ({ id: zone, label: zone }))]}
          onChange={(zone) => {
            const { zone: _before, ...rest } = site;
            store.edit((now) => ({ ...now, site: zone === '' ? rest : { ...rest, zone } }));
          }}
        />
        <NumberField
          label="Up the page points to, °"
          value={site.northDeg}
          min={-360}
          max={360}
          onChange={(northDeg) => store.edit(changeSite({ northDeg }), 'north')}
          help="0 is north, 90 east"
        />
        <LengthField
          {...length}
          label="Your arm picks at"
          mm={site.armMm}
          min={200}
          max={1500}
          onChange={(armMm) => store.edit(changeSite({ armMm }), 'arm')}
        />
        {date(last, 'Last frost', site.lastFrost, (lastFrost) => store.edit(changeSite({ lastFrost }), 'last frost'))}
        {date(first, 'First frost', site.firstFrost, (firstFrost) =>
          store.edit(changeSite({ firstFrost }), 'first frost'),
        )}
        <LengthField
          {...length}
          label="Frost depth"
          mm={site.frostDepthMm}
          min={0}
          max={3000}
          onChange={(frostDepthMm) => store.edit(changeSite({ frostDepthMm }), 'frost depth')}
        />
        <NumberField
          label="Design gust, m/s"
          value={site.gustMs}
          min={0}
          max={100}
          onChange={(gustMs) => store.edit(changeSite({ gustMs }), 'gust')}
        />
        <ChooserField
          label="Soil, in the open"
          value={site.soil}
          choices={SOILS.map((soil) => ({ id: soil, label: soil }))}
          onChange={(soil) => store.edit(changeSite({ soil: soil as typeof site.soil }))}
        />
        <ChooserField
          label="Wind, in the open"
          value={site.wind}
          choices={WINDS.map((wind) => ({ id: wind, label: wind }))}
          onChange={(wind) => store.edit(changeSite({ wind: wind as typeof site.wind }))}
        />
      </div>
      <ChooserField
        label="Or begin from an example"
        value={place?.id ?? 'own'}
        choices={[{ id: 'own', label: 'your own figures' }, ...PLACES.map((one) => ({ id: one.id, label: one.label }))]}
        onChange={(id) => {
          const found = PLACES.find((one) => one.id === id);
          if (found) {
            const { id: _id, label: _label, ...figures } = found;
            store.edit(changeSite(figures));
          }
        }}
        help="Made-up examples of climates, not records: put your own in."
      />
      <fieldset>
        <legend className="text-[0.9rem] font-medium">Who visits</legend>
        <div className="mt-1 grid grid-cols-2">
          {VISITORS.map((visitor) => (
            <label key={visitor} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-(--chalk)"
                checked={site.visitors.includes(visitor)}
                onChange={() => visit(visitor)}
              />
              {visitor}
            </label>
          ))}
        </div>
      </fieldset>
    </div>
  );
}
