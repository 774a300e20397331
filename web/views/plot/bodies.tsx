import { useMemo } from 'react';
import { Color } from 'three';
import { laidTogether, type Body } from './scene';

/** Lines take no light of their own: at night they keep so much of their colour, as what stands about them does (from memory). */
const NIGHT_SHARE = 0.25;

/** Bodies on the stage for as long as they are the same; their shapes are given back when they are not. */
export function Bodies({ of, daylight = 1 }: { of: readonly Body[]; daylight?: number }) {
  const together = useMemo(() => laidTogether(of), [of]);
  return together.map(({ as, geometry, colour, casts }) =>
    as === 'solid' ? (
      <mesh key={geometry.uuid} geometry={geometry} castShadow={casts} receiveShadow>
        <meshStandardMaterial color={colour} roughness={0.95} />
      </mesh>
    ) : (
      <lineSegments key={geometry.uuid} geometry={geometry}>
        <lineBasicMaterial color={new Color(colour).multiplyScalar(NIGHT_SHARE + (1 - NIGHT_SHARE) * daylight)} />
      </lineSegments>
    ),
  );
}
