import { overlap } from '../geometry/polygon';
import type { Bed } from './bed';
import { cornersOf, distanceTo, type Feature, type Placed, type PlanSpot, type Site } from './plot';

/** Walking room left round a bed: 18″ (common practice, no source). mm. */
const WALK_MM = 457;

/** What lies on a plot so large. */
interface Lying {
  site: Pick<Site, 'widthMm' | 'depthMm'>;
  beds: readonly Bed[];
  features: readonly Feature[];
}

/** Whether a bed, or anything as large, could lie there: on the plot, with walking room to other beds and off everything else. */
export function isFree(
  { site, beds, features }: Lying,
  bed: Pick<Bed, 'id' | 'lengthMm' | 'widthMm'>,
  at: Placed,
): boolean {
  const own = cornersOf(at, bed.lengthMm, bed.widthMm);
  if (own.some(([x, y]) => x < 0 || y < 0 || x > site.widthMm || y > site.depthMm)) return false;
  const roomy = cornersOf(at, bed.lengthMm + 2 * WALK_MM, bed.widthMm + 2 * WALK_MM);
  if (beds.some((other) => other.id !== bed.id && overlap(roomy, cornersOf(other, other.lengthMm, other.widthMm))))
    return false;
  return features.every((feature) => {
    if (feature.kind === 'path') return !overlap(own, cornersOf(feature, feature.lengthMm, feature.widthMm));
    const along = Array.from({ length: 9 }, (_, i): PlanSpot => {
      const [a, b] = [own[0] as PlanSpot, own[1] as PlanSpot];
      return [
        a[0] + ((b[0] - a[0]) * i) / 8 + ((own[3] as PlanSpot)[0] - a[0]) / 2,
        a[1] + ((b[1] - a[1]) * i) / 8 + ((own[3] as PlanSpot)[1] - a[1]) / 2,
      ];
    });
    return (
      !overlap(own, cornersOf(feature, feature.lengthMm, feature.widthMm)) &&
      along.every((spot) => distanceTo(spot, feature) >= feature.keepClearMm)
    );
  });
}
