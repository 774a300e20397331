import type { Crop, Training } from './crop';

/** Plants that a structure is to carry or cover. */
export interface Planted {
  id: string;
  /** The bed it grows in. */
  bed: string;
  crop: Crop;
  training: Training;
  count: number;
}

/** How many plants that is. */
export const countOf = (planted: readonly Pick<Planted, 'count'>[]): number =>
  planted.reduce((sum, one) => sum + one.count, 0);

/** Each crop of some plantings once, in their order. */
export const cropsOf = (planted: readonly Pick<Planted, 'crop'>[]): Crop[] => [
  ...new Map(planted.map(({ crop }) => [crop.id, crop])).values(),
];

/** The plant that asks most of what holds it: the heaviest, then the tallest. Null where nothing is planned. */
export function leadPlant({ planted }: { planted: readonly Planted[] }): Planted | null {
  const load = { light: 0, medium: 1, heavy: 2 };
  return planted.reduce<Planted | null>((lead, next) => {
    if (!lead) return next;
    const heavier = load[next.crop.load] - load[lead.crop.load];
    return heavier > 0 || (heavier === 0 && next.crop.supportToMm > lead.crop.supportToMm) ? next : lead;
  }, null);
}
