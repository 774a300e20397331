import { useMemo } from 'react';
import { laidTogether, type Body } from './scene';

/** Bodies on the stage for as long as they are the same; their shapes are given back when they are not. */
export function Bodies({ of }: { of: readonly Body[] }) {
  const together = useMemo(() => laidTogether(of), [of]);
  return together.map(({ as, geometry, colour, casts }) =>
    as === 'solid' ? (
      <mesh key={geometry.uuid} geometry={geometry} castShadow={casts} receiveShadow>
        <meshStandardMaterial color={colour} roughness={0.95} />
      </mesh>
    ) : (
      <lineSegments key={geometry.uuid} geometry={geometry}>
        <lineBasicMaterial color={colour} />
      </lineSegments>
    ),
  );
}
