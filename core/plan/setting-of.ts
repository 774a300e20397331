import { CATALOGUE } from '../catalogue/catalogue';
import { cropIn } from '../crops/book';
import { trainingOf } from '../crops/table';
import { USUAL_SAW } from '../cutting/saw';
import type { Bed } from '../site/bed';
import { wayBetween, type Place } from '../site/stand';
import type { Setting } from '../structures/setting';
import type { Plan, StructurePlan } from './plan';

/** Sizes on sale of every stock item in the price book, ascending. */
export function sizesOnSale(plan: Plan): (stock: string) => readonly number[] {
  const known = SIZES.get(plan.priceBook.lines);
  if (known) return known;
  const sizes = new Map<string, number[]>();
  for (const line of plan.priceBook.lines) {
    const list = sizes.get(line.stock);
    if (list) list.push(line.size);
    else sizes.set(line.stock, [line.size]);
  }
  for (const list of sizes.values()) list.sort((a, b) => a - b);
  const sizesOf = (stock: string): readonly number[] => sizes.get(stock) ?? [];
  SIZES.set(plan.priceBook.lines, sizesOf);
  return sizesOf;
}
/** Sorted once for a price book, which is never changed in place. */
const SIZES = new WeakMap<Plan['priceBook']['lines'], (stock: string) => readonly number[]>();

/** The place a structure of a (checked) plan stands on, with the beds its stand names. */
export function placeOf(plan: Pick<Plan, 'beds'>, { id, stand }: Pick<StructurePlan, 'id' | 'stand'>): Place {
  const bedOf = (name: string): Bed => {
    const bed = plan.beds.find((one) => one.id === name);
    if (!bed) throw new Error(`Structure "${id}" names no bed of the plan: check the plan at the door first.`);
    return bed;
  };
  if (stand.on === 'bed') return { on: 'bed', bed: bedOf(stand.bed) };
  if (stand.on !== 'beds') return stand;
  const beds = [bedOf(stand.beds[0]), bedOf(stand.beds[1])] as const;
  return { on: 'beds', beds, way: wayBetween(...beds) };
}

/** What a kind is told about the place where one structure of a (checked) plan will stand. */
export function settingOf(plan: Plan, structure: StructurePlan): Setting {
  const place = placeOf(plan, structure);
  const ground = place.on === 'bed' ? place.bed : place.on === 'beds' ? place.beds[0] : plan.site;
  return {
    place,
    soil: ground.soil,
    wind: ground.wind,
    planted: structure.plantings.flatMap((id) => {
      const planting = plan.plantings.find((one) => one.id === id);
      if (!planting) return [];
      const crop = cropIn(plan.crops, planting.crop);
      return [{ id, bed: planting.bed, crop, training: trainingOf(crop, planting.training), count: planting.count }];
    }),
    reachMm: plan.garden.reachMm,
    armMm: plan.site.armMm,
    site: plan.site,
    saw: plan.garden.saw ?? USUAL_SAW,
    units: plan.garden.units,
    catalogue: CATALOGUE,
    sizesOf: sizesOnSale(plan),
  };
}
