'use client';
import { useEffect } from 'react';
import { ImageDown } from 'lucide-react';
import * as THREE from 'three';
import type { SunPosition } from '@lignum/core/site/sun/sun-position';
import { Button } from '../../ui/button';
import { show, useStage } from '../../ui/stage';
import { gardenOf } from '../shell/computed';
import { useGarden } from '../shell/garden-context';
import { buildGarden } from './scene';

/** A walk round the garden on a day and at an hour. Drawn when something changes, not all the time. */
export default function Garden3d({ sun, day, says }: { sun: SunPosition; day: number; says: string }) {
  const { plan } = useGarden();
  const { widthMm, depthMm, northDeg } = plan.site;
  const span = Math.max(widthMm, depthMm) / 1000;
  const { frame, stage, without } = useStage({
    label: 'The garden in three dimensions. Arrow keys move, drag turns.',
    span,
    look: [widthMm / 2000, 0.4, -depthMm / 2000],
    from: [widthMm / 2000 + span * 0.35, span * 0.75, span * 0.55],
    tall: (width) => Math.max(320, Math.min(width * 0.75, window.innerHeight - 190)),
  });

  useEffect(() => {
    const on = stage.current;
    if (!on) return;
    return show(on, buildGarden(plan, gardenOf(plan), day));
  }, [stage, plan, day]);

  useEffect(() => {
    const on = stage.current;
    if (!on) return;
    const bearing = sun.azimuthRad - (northDeg * Math.PI) / 180;
    const far = Math.max(widthMm, depthMm) / 400;
    const flat = Math.cos(sun.altitudeRad);
    on.sunlight.position
      .copy(on.controls.target)
      .add(
        new THREE.Vector3(
          Math.sin(bearing) * flat,
          Math.sin(sun.altitudeRad),
          -Math.cos(bearing) * flat,
        ).multiplyScalar(far),
      );
    on.sunlight.intensity = sun.altitudeRad > 0 ? 0.6 + 2 * Math.min(1, sun.altitudeRad / 0.5) : 0;
    on.draw();
  }, [stage, sun, northDeg, widthMm, depthMm, plan, day]);

  const save = () =>
    stage.current?.renderer.domElement.toBlob((picture) => {
      if (!picture) return;
      const link = document.createElement('a');
      link.href = URL.createObjectURL(picture);
      link.download = `${plan.garden.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-${says.replace(/\W+/g, '-')}.png`;
      link.click();
      URL.revokeObjectURL(link.href);
    }, 'image/png');

  if (without)
    return (
      <p className="border-l-4 border-ochre bg-sheet p-4">
        This browser has no WebGL, so the garden cannot be shown in three dimensions here. The plan, its shadows and the
        hours of sun need none of it.
      </p>
    );
  return (
    <div>
      <div ref={frame} className="w-full" />
      <div className="mt-1 flex items-center justify-between">
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
