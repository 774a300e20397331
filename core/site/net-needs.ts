import type { Crop } from '../crops/crop';
import { CROPS } from '../crops/table';
import type { Visitor } from './plot';
import { NET_NEEDS } from './visitors';

export interface NetNeed {
  who: string;
  openingMm: number;
}

/** The plant families at which something flies: those of the crops in the table that know it as a pest. */
const familiesOf = (pest: string): Set<string> =>
  new Set(CROPS.filter((crop) => crop.pests.some((one) => one.pest === pest)).map((crop) => crop.family));

/**
 * What flies at these crops, the finest mesh first: their own pests, and of those that visit here birds, which
 * come to anything, and whatever flies at another crop of the same family.
 */
export function netNeeds(crops: readonly Pick<Crop, 'pests' | 'family'>[], visitors: readonly Visitor[]): NetNeed[] {
  const comes = (who: Visitor): boolean => {
    if (who === 'birds') return crops.length > 0;
    const families = familiesOf(who);
    return crops.some((crop) => families.has(crop.family));
  };
  const names = new Set([...crops.flatMap((crop) => crop.pests.map((one) => one.pest)), ...visitors.filter(comes)]);
  return [...names]
    .flatMap((who) => {
      const openingMm = NET_NEEDS[who];
      return openingMm === undefined ? [] : [{ who, openingMm }];
    })
    .toSorted((a, b) => a.openingMm - b.openingMm);
}
