'use client';
import Link from 'next/link';
import { useId } from 'react';
import { fromSpeed, fromWarmth, speedUnit, toSpeed, toWarmth, warmthUnit } from '@lignum/core/quantity/measure';
import { regionOf, REGIONS } from '@lignum/core/site/regions';
import { siteNonsense } from '@lignum/core/site/site-nonsense';
import { SOILS, WINDS } from '@lignum/core/site/soil';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { buttonLook } from '../../ui/button';
import { ChooserField } from '../../ui/chooser';
import { Fold } from '../../ui/fold';
import { Field, inputLook, LengthField, NumberField, NumberInput } from '../../ui/field';
import { VisitorsField } from '../kept-out/visitors-field';
import { changeSite } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';

/** An angle from 0 to 360. Degrees. */
const turned = (deg: number): number => ((deg % 360) + 360) % 360;

const ZONES = Intl.supportedValuesOf('timeZone');

function RegionField() {
  const { plan, store } = useGarden();
  const { site } = plan;
  return (
    <ChooserField
      label="Region, whose values it began with"
      value={site.region ?? ''}
      choices={[
        { id: '', label: 'none: all of it your own' },
        ...REGIONS.map((one) => ({ id: one.id, label: one.name })),
      ]}
      onChange={(id) => {
        const region = regionOf(id);
        if (region) store.edit(changeSite({ ...region.site, region: id }));
        else
          store.edit((now) => {
            const { region: _before, ...own } = now.site;
            return { ...now, site: own };
          });
      }}
      help="Puts place, frosts, gust and the year’s temperatures in. From memory: type over what you know better."
    />
  );
}

/** Beyond this the sun does not rise on some days; a gust below that is a fresh breeze, met everywhere (Beaufort scale, 5: 8.0 m/s). */
const POLAR_DEG = 66.56;
const LITTLE_GUST_MS = 8;

/** Where on the earth it lies, and by which clock its hours are told. */
function WhereFields() {
  const { plan, store } = useGarden();
  const { site } = plan;
  return (
    <>
      <NumberField
        label="Latitude"
        whole={false}
        value={site.latitudeDeg}
        {...(Math.abs(site.latitudeDeg) > POLAR_DEG ? { help: 'Beyond the polar circle: is that right?' } : {})}
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
        label="Time zone"
        value={site.zone ?? ''}
        choices={[{ id: '', label: 'the clock of who looks' }, ...ZONES.map((zone) => ({ id: zone, label: zone }))]}
        onChange={(zone) => {
          const { zone: _before, ...rest } = site;
          store.edit((now) => ({ ...now, site: zone === '' ? rest : { ...rest, zone } }));
        }}
      />
    </>
  );
}

/** A day of the year, whichever year that is. */
function FrostField({ label, on, onChange }: { label: string; on: string; onChange: (on: string) => void }) {
  const id = useId();
  return (
    <Field label={label} htmlFor={id}>
      <input
        id={id}
        type="date"
        value={`2026-${on}`}
        onChange={(event) => {
          if (event.target.value) onChange(event.target.value.slice(5));
        }}
        className={inputLook}
      />
    </Field>
  );
}

/** The facts of a place: how large, where on the earth, its frosts, winds and soil, and who visits. */
export function SiteFields() {
  const { id, plan, store, tongue } = useGarden();
  const { site } = plan;
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units] };
  const [nonsense] = siteNonsense(site);
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
          label="North"
          mm={site.depthMm}
          min={1000}
          max={200_000}
          onChange={(depthMm) => store.edit(changeSite({ depthMm }), 'plot depth')}
        />
        <WhereFields />
        <NumberField
          label="North, ° clockwise from up the page"
          value={turned(-site.northDeg)}
          min={-360}
          max={360}
          onChange={(northTo) => store.edit(changeSite({ northDeg: turned(-northTo) }), 'north')}
          help="0: north is up the page"
        />
        <LengthField
          {...length}
          label="How far you can reach"
          mm={site.armMm}
          min={200}
          max={1500}
          onChange={(armMm) => store.edit(changeSite({ armMm }), 'arm')}
        />
        <FrostField
          label="Last frost"
          on={site.lastFrost}
          onChange={(lastFrost) => store.edit(changeSite({ lastFrost }), 'last frost')}
        />
        <FrostField
          label="First frost"
          on={site.firstFrost}
          onChange={(firstFrost) => store.edit(changeSite({ firstFrost }), 'first frost')}
        />
        <LengthField
          {...length}
          label="Frost depth"
          mm={site.frostDepthMm}
          min={0}
          max={3000}
          onChange={(frostDepthMm) => store.edit(changeSite({ frostDepthMm }), 'frost depth')}
        />
        <NumberField
          label={`Design gust, ${speedUnit(tongue.units)}`}
          value={Math.round(toSpeed(site.gustMs, tongue.units))}
          help={
            site.gustMs < LITTLE_GUST_MS
              ? 'So little wind is met hardly anywhere outdoors: is that right?'
              : 'The strongest of fifty years, ten metres up in open country.'
          }
          min={0}
          max={Math.floor(toSpeed(100, tongue.units))}
          onChange={(speed) => store.edit(changeSite({ gustMs: fromSpeed(speed, tongue.units) }), 'gust')}
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
      <RegionField />
      <MonthlyFields />
      <VisitorsField />
      <Link href={`/g/${id}/kept-out`} className={buttonLook('quiet')}>
        Who is kept out?
      </Link>
    </div>
  );
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** The year’s temperatures, from which it follows how fast crops grow. */
function MonthlyFields() {
  const { plan, store, tongue } = useGarden();
  const { monthlyC } = plan.site;
  const warm = tongue.units === 'imperial';
  const unit = warmthUnit(tongue.units);
  const shown = (celsius: number): number => (warm ? Math.round(toWarmth(celsius, tongue.units)) : celsius);
  const change = (which: 'max' | 'min', month: number, value: number) =>
    store.edit(
      changeSite({
        monthlyC: { ...monthlyC, [which]: monthlyC[which].with(month, fromWarmth(value, tongue.units)) },
      }),
      `${which} ${month}`,
    );
  return (
    <Fold
      title="The year’s temperatures"
      says={`mean highs ${shown(Math.min(...monthlyC.max))} to ${shown(Math.max(...monthlyC.max))} ${unit}`}
    >
      <table className="w-full table-fixed text-[0.9rem] tabular-nums">
        <caption className="sr-only">Mean of each month’s daily highest and lowest temperature</caption>
        <thead>
          <tr className="text-left text-[0.85rem] text-soft">
            <th className="font-medium">Month</th>
            <th className="font-medium">Highest, {unit}</th>
            <th className="font-medium">Lowest</th>
          </tr>
        </thead>
        <tbody>
          {MONTHS.map((month, i) => (
            <tr key={month}>
              <th scope="row" className="pr-2 text-left font-medium">
                {month}
              </th>
              {(['max', 'min'] as const).map((which) => (
                <td key={which} className="py-0.5 pr-2">
                  <NumberInput
                    id={`${which}-${month}`}
                    label={`${month}, mean ${which === 'max' ? 'highest' : 'lowest'}`}
                    whole={false}
                    className="w-full min-w-0"
                    value={shown(monthlyC[which][i] ?? 0)}
                    min={warm ? -76 : -60}
                    max={warm ? 140 : 60}
                    onChange={(value) => change(which, i, value)}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Fold>
  );
}
