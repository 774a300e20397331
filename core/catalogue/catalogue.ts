import { BAGGED } from './bagged';
import { CORDS } from './cords';
import { COVERS, GLAZING } from './covers';
import { FIXINGS } from './fixings';
import { HARDWARE } from './hardware';
import { BLOCKS } from './masonry';
import { HURDLES, MESH_ROLLS, PANELS } from './panels';
import { PLANTER_PARTS } from './planter-parts';
import { POLES, STEEL_POSTS } from './posts-and-poles';
import { THERE_ALREADY } from './there-already';
import { RODS, SLEEVE_PIPES } from './rods';
import { SHEETING } from './sheeting';
import type { Catalogue, Look, Stock } from './stock';
import { TIMBER } from './timber';

function catalogueOf(all: readonly Stock[]): Catalogue {
  const byId = new Map(all.map((stock) => [stock.id, stock]));
  if (byId.size !== all.length) throw new Error('Two catalogue entries share an id: give each its own.');
  return {
    all,
    stock(id) {
      const stock = byId.get(id);
      if (!stock) throw new Error(`The catalogue has no "${id}": check the id at the door before asking.`);
      return stock;
    },
  };
}

export const CATALOGUE: Catalogue = catalogueOf([
  ...TIMBER,
  ...PANELS,
  ...MESH_ROLLS,
  ...HURDLES,
  ...COVERS,
  ...GLAZING,
  ...THERE_ALREADY,
  ...STEEL_POSTS,
  ...POLES,
  ...RODS,
  ...SLEEVE_PIPES,
  ...SHEETING,
  ...BAGGED,
  ...BLOCKS,
  ...CORDS,
  ...FIXINGS,
  ...HARDWARE,
  ...PLANTER_PARTS,
]);

/** The stock item, known to be of one form; a wrong form is a fault in the program. */
export function stockOf<F extends Stock['form']>(
  catalogue: Catalogue,
  id: string,
  form: F,
): Extract<Stock, { form: F }> {
  const stock = catalogue.stock(id);
  if (stock.form !== form) throw new Error(`"${id}" is a ${stock.form}, not a ${form}: ask for the right stock.`);
  return stock as Extract<Stock, { form: F }>;
}

/** What a stock item looks like; what is not in the catalogue cannot be drawn. */
export const lookOf = (id: string): Look => CATALOGUE.stock(id).look;
