import { useId } from 'react';
import type { PlanSpot } from '@lignum/core/site/plot';
import type { Guarded } from './guarded';

/** Beds that somebody gets into, hatched; those that are closed, washed and ruled round heavily. Never by colour alone. */
export function GuardLayer({
  guarded,
  path,
}: {
  guarded: readonly Guarded[];
  path: (spots: readonly PlanSpot[]) => string;
}) {
  const hatch = useId();
  return (
    <g aria-hidden className="pointer-events-none">
      <defs>
        <pattern id={hatch} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" stroke="var(--keel)" strokeWidth="2.4" />
        </pattern>
      </defs>
      {guarded.map(({ id, outline, who }) =>
        who.length > 0 ? (
          <path key={id} d={path(outline)} fill={`url(#${hatch})`} stroke="var(--keel)" strokeWidth="2" />
        ) : (
          <path key={id} d={path(outline)} fill="var(--leaf)" fillOpacity="0.28" stroke="var(--leaf)" strokeWidth="3" />
        ),
      )}
    </g>
  );
}
