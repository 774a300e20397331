'use client';
import { feetOf } from '@lignum/core/design/on-plot';
import { lookOf } from '@lignum/core/catalogue/catalogue';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Bed } from '@lignum/core/site/bed';
import { Rod } from '../../ui/rod';

/** The bed to the scale of the longest, with each support where it stands and its posts as crow's feet. */
export function BedRod({ bed, standing, share }: { bed: Bed; standing: readonly ComputedStructure[]; share: number }) {
  const blocks = standing.map(({ structure, sized }) => {
    const { startMm, builtMm } = sized.design;
    return {
      from: Math.max(0, startMm / bed.lengthMm),
      to: Math.min(1, (startMm + builtMm) / bed.lengthMm),
      label: structure.name,
      tone: sized.design.parts.some((part) => lookOf(part.stock) === 'timber')
        ? ('timber' as const)
        : ('chalk' as const),
    };
  });
  // Posts of what is larger than its bed stand beside it.
  const marks = standing
    .flatMap(({ sized }) => feetOf(sized.design).map(([x]) => ({ at: (x + sized.design.startMm) / bed.lengthMm })))
    .filter(({ at }) => at >= 0 && at <= 1);
  return (
    <Rod
      label={`${bed.name}, to scale${standing.length > 0 ? `, with ${standing.map((one) => one.structure.name).join(' and ')}` : ''}`}
      share={share}
      blocks={blocks}
      marks={marks}
    />
  );
}
