import type { Crop } from '../crops/crop';
import type { Visitor } from './plot';
import { FAMILIES_OF, NEEDS, netMesh } from './visitors';

export interface NetNeed {
  who: string;
  openingMm: number;
}

type Eaten = Pick<Crop, 'pests' | 'family'>;

/** Who comes to some crops, in the order in which they are told: their own pests, and of those that visit whoever comes to anything or to their family. */
export function comersTo(crops: readonly Eaten[], visitors: readonly Visitor[]): string[] {
  if (crops.length === 0) return [];
  const comes = (who: Visitor): boolean => {
    const families = FAMILIES_OF[who];
    return families === undefined || crops.some(({ family }) => families.includes(family));
  };
  return [
    ...new Set([
      ...visitors.filter(comes),
      ...crops.flatMap(({ pests }) => pests.map(({ pest }) => pest)).filter((pest) => NEEDS[pest]),
    ]),
  ];
}

/** What flies at these crops, the finest mesh first. */
export const netNeeds = (crops: readonly Eaten[], visitors: readonly Visitor[]): NetNeed[] =>
  comersTo(crops, visitors)
    .flatMap((who) => {
      const openingMm = netMesh(who);
      return openingMm === null ? [] : [{ who, openingMm }];
    })
    .toSorted((a, b) => a.openingMm - b.openingMm);
