'use client';
import { useEffect } from 'react';
import * as THREE from 'three';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { show, useStage } from '../../ui/stage';
import { buildSupport } from '../plot/scene';

/** One support in three dimensions, from the same placed parts as its drawings. */
export default function Support3d({ computed }: { computed: ComputedStructure }) {
  const {
    sized: { design },
    setting: { bed },
  } = computed;
  const long = design.builtMm / 1000;
  const high =
    Math.max(
      ...design.parts.map((part) => (part.shape === 'bar' ? Math.max(part.from[2], part.to[2]) : 0)),
      design.support.topMm.most,
    ) / 1000;
  const span = Math.max(long, high, bed.widthMm / 1000) * 1.25;
  // Far enough for all of it to be seen through a lens of 40°, with some air.
  const away = Math.round(Math.max(high * 1.75, long * 1.15, bed.widthMm / 1000) * 5) / 5 + bed.widthMm / 2000 + 0.4;
  const { frame, stage, without } = useStage({
    label: `${computed.structure.name} in three dimensions. Arrow keys move, drag turns.`,
    span: Math.round(span * 4) / 4,
    look: [Math.round(long * 5) / 10, Math.round(high * 4.5) / 10, 0],
    from: [Math.round(long * 5) / 10 - away * 0.38, Math.max(1.6, away * 0.3), away * 0.93],
    tall: (width) => Math.max(300, Math.min(width * 0.7, 560)),
  });
  useEffect(() => {
    const on = stage.current;
    if (!on) return;
    on.sunlight.position.copy(on.controls.target).add(new THREE.Vector3(-0.5, 0.9, 0.7).multiplyScalar(span * 2));
    return show(on, buildSupport(design, bed));
  }, [stage, design, bed, span]);
  if (without)
    return (
      <p className="border-l-4 border-ochre bg-sheet p-4">
        This browser has no WebGL, so the support cannot be shown in three dimensions here.
      </p>
    );
  return (
    <div>
      <div ref={frame} className="w-full" />
      <p className="pt-1 text-[0.9rem] text-soft">
        Drag to walk round, scroll to come nearer, right-drag or arrow keys to move.
      </p>
    </div>
  );
}
