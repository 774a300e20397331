import type { Bed } from '@lignum/core/site/bed';
import { waysAmong, type Way } from '@lignum/core/site/way';

/** The way between two beds, where it is chosen on the plot as things are. */
export interface Gap {
  id: string;
  beds: readonly [Bed, Bed];
  way: Way;
}

/** The ways between beds that can be chosen, the likeliest to be walked first. */
export const gapsAmong = (beds: readonly Bed[]): Gap[] =>
  waysAmong(beds).map((one) => ({ ...one, id: `way ${one.beds[0].id} ${one.beds[1].id}` }));
