import { type Point } from '../../geometry/space';
import { onGround, type Ground } from '../../site/ground';

/** Where a ring is open: the middle of its door, and half the angle it takes. Radians in the structure's own frame. */
export interface Door {
  middleRad: number;
  halfRad: number;
}

/** Half the angle that a doorway of some width takes on a ring: the chord's half over the radius. */
export const doorHalfRad = (doorMm: number, radiusMm: number): number =>
  doorMm <= 0 ? 0 : Math.asin(Math.min(0.95, doorMm / 2 / radiusMm));

/** Length of the ring's middle line without its door. mm. */
export const openRingMm = (radiusMm: number, door: Door): number => radiusMm * (2 * Math.PI - 2 * door.halfRad);

/** Angles of things spaced evenly round a ring: from one door post to the other, or all round where there is no door. */
export function anglesRound(count: number, door: Door): number[] {
  if (door.halfRad === 0)
    return Array.from({ length: count }, (_, i) => door.middleRad + Math.PI / count + (2 * Math.PI * i) / count);
  const arc = 2 * Math.PI - 2 * door.halfRad;
  return Array.from({ length: count }, (_, i) => door.middleRad + door.halfRad + (arc * i) / Math.max(1, count - 1));
}

/** Angle at a distance along the ring from one side of its door. */
export const angleAt = (alongMm: number, radiusMm: number, door: Door): number =>
  door.middleRad + door.halfRad + alongMm / radiusMm;

/** A point on a ring about a middle on the soil, `upMm` above it. The ground's slope is followed. */
export function onRing(
  ground: Ground,
  middle: { alongMm: number; y: number },
  radiusMm: number,
  angleRad: number,
  upMm: number,
): Point {
  const foot = onGround(
    ground,
    middle.alongMm + radiusMm * Math.cos(angleRad),
    middle.y + radiusMm * Math.sin(angleRad),
  );
  return [foot[0], foot[1], foot[2] + upMm];
}

/** Area of a ring of some width without its door. mm². */
export const ringArea = (radiusMm: number, wideMm: number, door: Door): number => {
  const inner = Math.max(0, radiusMm - wideMm / 2);
  return (((radiusMm + wideMm / 2) ** 2 - inner ** 2) * (2 * Math.PI - 2 * door.halfRad)) / 2;
};
