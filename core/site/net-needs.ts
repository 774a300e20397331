import type { Visitor } from './plot';
import { NET_NEEDS } from './visitors';
import type { Crop } from '../crops/crop';

export interface NetNeed {
  who: string;
  openingMm: number;
}

/** What flies at these crops: their own pests, and birds where they visit, the finest mesh first. */
export function netNeeds(crops: readonly Pick<Crop, 'pests'>[], visitors: readonly Visitor[]): NetNeed[] {
  const names = new Set([
    ...crops.flatMap((crop) => crop.pests.map((one) => one.pest)),
    ...(crops.length > 0 ? visitors.filter((who) => who === 'birds') : []),
  ]);
  return [...names]
    .flatMap((who) => {
      const openingMm = NET_NEEDS[who];
      return openingMm === undefined ? [] : [{ who, openingMm }];
    })
    .toSorted((a, b) => a.openingMm - b.openingMm);
}
