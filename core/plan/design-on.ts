import type { Design, Station } from '../design/design';
import { grownShare } from '../growth/growth';
import { cropStanding } from './growing';
import type { Plan } from './plan';

/** Less than this is not seen of a plant. mm. */
const SEEN_MM = 40;

/**
 * A design as it stands on a day: its plants as high as they have grown by then, those not yet up left out.
 * @param day of the year, 0 on 1 January
 * @example drawView(designOn(plan, design, 140), frame, around)
 */
export function designOn(plan: Pick<Plan, 'crops' | 'plantings' | 'site'>, design: Design, day: number): Design {
  return {
    ...design,
    stations: design.stations.flatMap((station): Station[] => {
      const { height } = grownShare(cropStanding(plan, station), day, plan.site);
      const growsMm = station.growsMm * height;
      return growsMm < SEEN_MM ? [] : [{ ...station, growsMm, heldToMm: Math.min(station.heldToMm, growsMm) }];
    }),
  };
}
