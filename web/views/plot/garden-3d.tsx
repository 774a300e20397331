'use client';
import { useMemo, useRef, useState } from 'react';
import { ImageDown } from 'lucide-react';
import type { SunPosition } from '@lignum/core/site/sun/sun-position';
import { Button } from '../../ui/button';
import { Stage } from '../../ui/stage';
import { Switcher } from '../../ui/switcher';
import { tickedAs } from '../../kept/ticks';
import { useResults } from '../shell/use-results';
import { useTicks } from '../shell/use-ticks';
import { Bodies } from './bodies';
import { gardenBodies } from './scene';

/** The sky is dark once the sun is 6° below the horizon, the end of civil twilight, and light when it is as high over it (from memory). */
const DUSK_RAD = (6 * Math.PI) / 180;

const WITHOUT =
  'This browser has no WebGL, so the garden cannot be shown in three dimensions here. The plan, its shadows and the hours of sun need none of it.';

/** A walk round the garden on a day and at an hour. */
export default function Garden3d({ sun, day, says }: { sun: SunPosition; day: number; says: string }) {
  const { plan, garden } = useResults();
  const { widthMm, depthMm, northDeg } = plan.site;
  const canvas = useRef<HTMLCanvasElement>(null);
  const ticks = useTicks();
  const [asBuilt, setAsBuilt] = useState(false);
  // As planned it does not follow what is ticked.
  const built = asBuilt ? ticks : null;
  const bodies = useMemo(
    () =>
      gardenBodies(
        plan,
        garden,
        day,
        built ? (structure, part) => built.of('built', tickedAs(structure, part))?.done === true : undefined,
      ),
    [plan, garden, day, built],
  );
  const span = Math.max(widthMm, depthMm) / 1000;
  const look = [widthMm / 2000, 0.4, -depthMm / 2000] as const;
  const bearing = sun.azimuthRad - (northDeg * Math.PI) / 180;
  const far = span * 2.5;
  const flat = Math.cos(sun.altitudeRad);
  const daylight = Math.max(0, Math.min(1, (sun.altitudeRad + DUSK_RAD) / (2 * DUSK_RAD)));
  const save = () =>
    canvas.current?.toBlob((picture) => {
      if (!picture) return;
      const link = document.createElement('a');
      link.href = URL.createObjectURL(picture);
      link.download = `${plan.garden.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-${says.replace(/\W+/g, '-')}.png`;
      link.click();
      URL.revokeObjectURL(link.href);
    }, 'image/png');
  return (
    <div>
      <Stage
        label="The garden in three dimensions. Arrow keys move, drag turns."
        look={look}
        from={[look[0] + span * 0.35, span * 0.75, span * 0.55]}
        span={span}
        sun={{
          from: [
            look[0] + Math.sin(bearing) * flat * far,
            look[1] + Math.sin(sun.altitudeRad) * far,
            look[2] - Math.cos(bearing) * flat * far,
          ],
          strength: sun.altitudeRad > 0 ? 0.6 + 2 * Math.min(1, sun.altitudeRad / 0.5) : 0,
        }}
        daylight={daylight}
        room="aspect-[4/3] max-h-[calc(100dvh-15.5rem)] min-h-80 w-full"
        without={WITHOUT}
        canvas={canvas}
      >
        <Bodies of={bodies} daylight={daylight} />
      </Stage>
      <div className="mt-1 flex flex-wrap items-center justify-between gap-x-3">
        <p className="text-[0.9rem] text-soft">
          Drag to walk round, scroll to come nearer, right-drag or arrow keys to move.
        </p>
        <Switcher
          label="What of it is shown"
          value={asBuilt ? 'built' : 'planned'}
          choices={[
            { id: 'planned', label: 'As planned' },
            { id: 'built', label: 'As far as it is built' },
          ]}
          onChange={(next) => setAsBuilt(next === 'built')}
        />
        <Button look="quiet" onClick={save}>
          <ImageDown size={16} aria-hidden />
          Save a picture
        </Button>
      </div>
    </div>
  );
}
