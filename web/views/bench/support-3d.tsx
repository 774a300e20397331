'use client';
import { useEffect, useMemo } from 'react';
import * as THREE from 'three';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { shapeOf } from '@lignum/core/design/shapes/shapes';
import { show, useStage } from '../../ui/stage';
import { buildStructure } from '../plot/scene';

/** One structure in three dimensions, from the same placed parts as its drawings. */
export default function Support3d({ computed }: { computed: ComputedStructure }) {
  const {
    sized: { design },
    around,
  } = computed;
  const box = useMemo(() => {
    const all = design.parts.flatMap((part) => shapeOf(part).extent(part));
    return new THREE.Box3().setFromPoints(all.map(([x, y, z]) => new THREE.Vector3(x, z, -y).multiplyScalar(0.001)));
  }, [design]);
  const size = box.getSize(new THREE.Vector3());
  const middle = box.getCenter(new THREE.Vector3());
  const span = Math.max(size.x, size.y, size.z) * 1.25;
  // Far enough for all of it to be seen through a lens of 40°, with some air.
  const away = Math.round(Math.max(size.y * 1.75, size.x * 1.15, size.z * 1.15) * 5) / 5 + size.z / 2 + 0.4;
  const tenth = (value: number): number => Math.round(value * 10) / 10;
  const { frame, stage, without } = useStage({
    label: `${computed.structure.name} in three dimensions. Arrow keys move, drag turns.`,
    span: Math.round(span * 4) / 4,
    look: [tenth(middle.x), tenth(Math.max(0, box.max.y) * 0.45), tenth(middle.z)],
    from: [tenth(middle.x - away * 0.38), Math.max(1.6, tenth(away * 0.3)), tenth(middle.z + away * 0.93)],
    tall: (width) => Math.max(300, Math.min(width * 0.7, 560)),
  });
  useEffect(() => {
    const on = stage.current;
    if (!on) return;
    on.sunlight.position
      .copy(on.controls.target)
      .add(new THREE.Vector3(-0.5, 0.9, 0.7).multiplyScalar(Math.max(span, 1) * 2));
    return show(on, buildStructure(design, around));
  }, [stage, design, around, span]);
  if (without)
    return (
      <p className="border-l-4 border-ochre bg-sheet p-4">
        This browser has no WebGL, so it cannot be shown in three dimensions here.
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
