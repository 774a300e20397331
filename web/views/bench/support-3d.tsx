'use client';
import { extentOf } from '@lignum/core/design/extent';
import { useMemo } from 'react';
import { Box3, Vector3 } from 'three';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';

import { Stage } from '../../ui/stage';
import { Bodies } from '../plot/bodies';
import { structureBodies } from '../plot/scene';
import { shareWords } from '../../words/stand-words';
import { useGarden } from '../shell/garden-context';
import type { Marked } from './stand/hardest-mark';

/** One structure in three dimensions, from the same placed parts as its drawings. @param marked what works hardest, in red; on a day that is looked at its plants stand as high as they have grown. */
export default function Support3d({ computed, marked }: { computed: ComputedStructure; marked: Marked | null }) {
  const { tongue } = useGarden();
  const {
    sized: { design },
    around,
  } = computed;
  const hardest = marked?.part;
  const grown = marked?.onDay !== undefined;
  const bodies = useMemo(() => structureBodies(design, around, { hardest, grown }), [design, around, hardest, grown]);
  const box = useMemo(() => {
    const all = design.parts.flatMap((part) => extentOf(part));
    return new Box3().setFromPoints(all.map(([x, y, z]) => new Vector3(x, z, -y).multiplyScalar(0.001)));
  }, [design]);
  const size = box.getSize(new Vector3());
  const middle = box.getCenter(new Vector3());
  const span = Math.round(Math.max(size.x, size.y, size.z) * 5) / 4;
  // Far enough for all of it to be seen through the lens, with some air.
  const away = Math.round(Math.max(size.y * 1.75, size.x * 1.15, size.z * 1.15) * 5) / 5 + size.z / 2 + 0.4;
  const tenth = (value: number): number => Math.round(value * 10) / 10;
  const look = [tenth(middle.x), tenth(Math.max(0, box.max.y) * 0.45), tenth(middle.z)] as const;
  const sunFar = Math.max(span, 1) * 2;
  return (
    <div>
      <Stage
        label={`${computed.structure.name} in three dimensions. Arrow keys move, drag turns.`}
        look={look}
        from={[tenth(middle.x - away * 0.38), Math.max(1.6, tenth(away * 0.3)), tenth(middle.z + away * 0.93)]}
        span={span}
        sun={{ from: [look[0] - 0.5 * sunFar, look[1] + 0.9 * sunFar, look[2] + 0.7 * sunFar], strength: 2.6 }}
        room="aspect-[10/7] max-h-[560px] min-h-[300px] w-full"
        without="This browser has no WebGL, so it cannot be shown in three dimensions here."
      >
        <Bodies of={bodies} />
      </Stage>
      <p className="pt-1 text-[0.9rem] text-soft">
        {marked && `In red: ${marked.words.toLowerCase()}, ${shareWords(marked.share, tongue.locale)} of what it may. `}
        Drag to walk round, scroll to come nearer, right-drag or arrow keys to move.
      </p>
    </div>
  );
}
