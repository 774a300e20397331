import type { Visitor } from '../site/plot';
import type { Crop } from './crop';

/**
 * The widest mesh that keeps out what flies, by the names that the crop table and the plot know it under. Birds
 * ¾″; cabbage butterflies ¼″ (7 mm); flea beetles and carrot fly 1/32–1/20″ (0.8–1.3 mm) (common practice, no
 * source); striped beetles as flea beetles (from memory). mm.
 */
const NET_OPENING_MM: Readonly<Record<string, number>> = {
  birds: 19,
  'cabbage butterflies': 7,
  'flea beetles': 1.3,
  'carrot fly': 1.3,
  'striped beetles': 1.3,
};

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
      const openingMm = NET_OPENING_MM[who];
      return openingMm === undefined ? [] : [{ who, openingMm }];
    })
    .toSorted((a, b) => a.openingMm - b.openingMm);
}
