import type { Crop } from './crop';
import { CROPS } from './table';

/**
 * A garden's crops: the table, with the gardener's own in place of those of the same id and after the rest.
 * Decision 33.
 */
export function cropBook(own: readonly Crop[]): Crop[] {
  const changed = new Map(own.map((crop) => [crop.id, crop]));
  return [
    ...CROPS.map((crop) => changed.get(crop.id) ?? crop),
    ...own.filter((crop) => !CROPS.some((one) => one.id === crop.id)),
  ];
}

const TABLE = new Map(CROPS.map((crop) => [crop.id, crop]));

/** A crop of a garden by id; undefined where there is none. */
export const findCrop = (own: readonly Crop[], id: string): Crop | undefined =>
  own.find((crop) => crop.id === id) ?? TABLE.get(id);

/** A crop that the door has checked to exist. */
export function cropIn(own: readonly Crop[], id: string): Crop {
  const crop = findCrop(own, id);
  if (!crop) throw new Error(`No crop is called "${id}": check the plan at the door first.`);
  return crop;
}
