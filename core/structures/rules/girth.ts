import type { MeshRoll } from '../../catalogue/stock';

/** A cage of whole links and whole rows. mm. Decision 16. */
export interface Cut {
  links: number;
  /** Girth closed; as cut, with the half link that hooks it shut. */
  girthMm: number;
  cutMm: number;
  diameterMm: number;
  rows: number;
  /** Mesh over the soil, and what stakes of the lowest row go into it. */
  overMm: number;
  legsMm: number;
  /** How many come out of the height of the roll, one over another. */
  fromHeight: number;
}

/** Three quarters of a link are left as stakes where the lowest row is cut free (common practice, no source). */
const LEG_SHARE = 0.75;

/**
 * Girth = whole links × pitch, diameter = girth / π, height = whole rows × the other pitch (common
 * practice, no source; geometry of the circle).
 * @example cutCage(roll2x3, { diameterMm: inches(13.5), heightMm: inches(18), stakes: true, hooks: true }) // 21 links, 42″ of girth, six rows, two from 36″
 */
export function cutCage(
  roll: Pick<MeshRoll, 'heightMm' | 'openingMm' | 'stepMm'>,
  o: { diameterMm: number; heightMm: number; stakes: boolean; hooks: boolean },
): Cut {
  const links = Math.max(4, Math.round((Math.PI * o.diameterMm) / roll.openingMm));
  const girthMm = links * roll.openingMm;
  const inRoll = Math.floor(roll.heightMm / roll.stepMm + 1e-6);
  // The row that becomes stakes is one of those wanted.
  const rows = Math.max(2, Math.min(inRoll, Math.floor(o.heightMm / roll.stepMm + 1e-6)));
  const legsMm = o.stakes ? LEG_SHARE * roll.stepMm : 0;
  return {
    links,
    girthMm,
    cutMm: girthMm + (o.hooks ? roll.openingMm / 2 : 0),
    diameterMm: girthMm / Math.PI,
    rows,
    overMm: (rows - (o.stakes ? 1 : 0)) * roll.stepMm,
    legsMm,
    fromHeight: Math.max(1, Math.floor(inRoll / rows)),
  };
}
