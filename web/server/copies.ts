import type { Copies } from '../kept/copies';

/** As `./lignum start` keeps them and tells; where something else serves the pages, none are. */
export function copies(): Copies {
  const { LIGNUM_COPIES_IN: folder, LIGNUM_COPIED_AT: lastAt } = process.env;
  return folder ? { made: true, lastAt: lastAt || null, folder } : { made: false };
}
