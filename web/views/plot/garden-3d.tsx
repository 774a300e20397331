'use client';
import { useMemo, useRef } from 'react';
import { ImageDown } from 'lucide-react';
import type { SunPosition } from '@lignum/core/site/sun/sun-position';
import { Button } from '../../ui/button';
import { Stage } from '../../ui/stage';
import type { SeenGarden } from '@lignum/core/plan/compute';
import { useGarden } from '../shell/garden-context';
import { Bodies } from './bodies';
import { gardenBodies } from './scene';

/** The sky is dark once the sun is 6° below the horizon, the end of civil twilight, and light when it is as high over it (from memory). */
const DUSK_RAD = (6 * Math.PI) / 180;

const WITHOUT =
  'This browser has no WebGL, so the garden cannot be shown in three dimensions here. The plan, its shadows and the hours of sun need none of it.';

/** A walk round the garden on a day and at an hour. */
export default function Garden3d({
  garden,
  sun,
  day,
  says,
}: {
  /** As planned, or as far as it is built. */
  garden: SeenGarden;
  sun: SunPosition;
  day: number;
  says: string;
}) {
  const { plan } = useGarden();
  const { widthMm, depthMm, northDeg } = plan.site;
  const canvas = useRef<HTMLCanvasElement>(null);
  const bodies = useMemo(() => gardenBodies(plan, garden, day), [plan, garden, day]);
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
        <Button look="quiet" onClick={save}>
          <ImageDown size={16} aria-hidden />
          Save a picture
        </Button>
      </div>
    </div>
  );
}
