import { slopeOf, type Terrain } from '../site/ground';

/** A level distance along a row as a tape on its soil reads it. mm. */
export function tapeFor(ground: Terrain): (levelMm: number) => number {
  if ('path' in ground) return (mm) => mm;
  const cos = Math.cos(slopeOf(ground));
  return (mm) => mm / cos;
}
