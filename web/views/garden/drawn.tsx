'use client';
import { useMemo } from 'react';
import type { SeenGarden } from '@lignum/core/plan/compute';
import { outOfReach } from '@lignum/core/site/bed';
import type { HoursAnswer } from '../../workers/sun-messages';
import { guardedOn } from '../plot/guarded';
import { LayingBar, type Laying } from '../plot/lay-path';
import { PlotCanvas } from '../plot/plot-canvas';
import { useSunAt } from '../plot/sun-time';
import { useToldMoves } from '../plot/use-told-moves';
import { useGarden } from '../shell/garden-context';
import { Legend, type Layer, type When } from './layers';
import type { Ahead } from './use-ahead';
import { part } from '../../ui/part';

/** Three dimensions are fetched when they are opened. */
const Garden3d = part(
  () => import('../plot/garden-3d'),
  <p className="py-20 text-center text-soft">Putting up the garden…</p>,
);

/** The garden drawn as it is looked at, and what its signs mean. */
export function Drawn({
  layer,
  when: { time, isSeason },
  sun: { answer, share },
  chosen,
  choose,
  ahead,
  numbers,
  laying,
  garden,
  isBuilt,
}: {
  layer: Layer;
  when: When;
  sun: { answer: HoursAnswer | null; share: number | null };
  chosen: string | null;
  choose: (id: string | null) => void;
  ahead: Ahead;
  numbers: ReadonlyMap<string, number>;
  laying: Laying | null;
  /** As planned, or as far as it is built. */
  garden: SeenGarden;
  isBuilt: boolean;
}) {
  const { plan, tongue } = useGarden();
  const told = useToldMoves(ahead, tongue);
  const { sun, dayOfYear, clock, says } = useSunAt(plan.site, time);
  const guarded = useMemo(
    () => (layer === 'guard' ? guardedOn(ahead.plan, ahead.watched, isSeason ? null : time.day.slice(5)) : null),
    [layer, ahead, isSeason, time.day],
  );
  return (
    <div className="min-w-0 max-lg:order-1 max-lg:-mx-3 lg:sticky lg:top-11 lg:self-start lg:pt-3">
      {laying && <LayingBar laying={laying} />}
      {layer === 'round' ? (
        <Garden3d garden={garden} sun={sun} day={dayOfYear} says={`${time.day} ${clock}`} />
      ) : (
        <PlotCanvas
          chosen={chosen}
          choose={choose}
          over={{ hours: answer, shadows: layer === 'shadows' ? { sun, day: dayOfYear } : null, guarded }}
          built={isBuilt ? garden : null}
          open={ahead.at}
          numbers={numbers}
          laying={laying}
        />
      )}
      <Legend
        layer={layer}
        sun={sun.altitudeRad > 0 ? says : `The sun is down. ${says}`}
        following={layer === 'hours' ? share : null}
        told={told}
        guarded={guarded ?? []}
        isOutOfReach={plan.beds.some((bed) => outOfReach(bed, plan.site.armMm) !== null)}
      />
    </div>
  );
}
