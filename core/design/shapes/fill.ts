import { onStretch } from '../../geometry/curve';
import { distanceToOutline, type Pair } from '../../geometry/polygon';
import { add, reach, type Point } from '../../geometry/space';
import { NOTHING_TAKEN, type PartBase, type Shape } from './shape';

/**
 * Poured or filled in: `cutMm` is how deep it lies over `bottom`, in a round hole or in any outline about
 * that point. `crownMm` stands above it, drawn down to the rim.
 * @example ofShape(design.parts, 'fill').reduce((sum, { litres }) => sum + litres, 0)
 */
export interface Fill extends PartBase {
  shape: 'fill';
  bottom: Point;
  rim: { round: number } | { outline: readonly Pair[] };
  crownMm: number;
  /** In place, what stands in it taken off. */
  litres: number;
}

/** What is poured, level at its top where nothing else is said. mm. */
export const fillOf = ({
  of,
  ...o
}: { of: string; crownMm?: number } & Pick<Fill, 'id' | 'role' | 'bottom' | 'rim' | 'cutMm' | 'litres'>): Fill => ({
  crownMm: 0,
  ...o,
  shape: 'fill',
  stock: of,
});

/** A rim of four sides, so far out from its middle along and across. mm. */
export const squareRim = (alongMm: number, acrossMm = alongMm): { outline: readonly Pair[] } => ({
  outline: [
    [-alongMm, -acrossMm],
    [alongMm, -acrossMm],
    [alongMm, acrossMm],
    [-alongMm, acrossMm],
  ],
});

const ROUND_CORNERS = 12;

/** The rim seen from above, about the middle of the bottom. mm. */
const rimOf = ({ rim }: Fill): readonly Pair[] =>
  'outline' in rim
    ? rim.outline
    : Array.from({ length: ROUND_CORNERS }, (_, i): Pair => {
        const at = (2 * Math.PI * i) / ROUND_CORNERS;
        return [(rim.round / 2) * Math.cos(at), (rim.round / 2) * Math.sin(at)];
      });
const ring = (fill: Fill, upMm: number): Point[] => rimOf(fill).map(([x, y]) => add(fill.bottom, [x, y, upMm]));
const peakOf = (fill: Fill): Point => add(fill.bottom, [0, 0, fill.cutMm + fill.crownMm]);

export const FILL: Shape<Fill> = {
  nature: 'mass',
  moved: (fill, by) => ({ ...fill, bottom: add(fill.bottom, by) }),
  extent: (fill) => [...ring(fill, 0), ...ring(fill, fill.cutMm), peakOf(fill)],
  solids: (fill) => [
    {
      solid: 'prism',
      base: ring(fill, 0),
      top: ring(fill, fill.cutMm),
      peak: fill.crownMm > 0 ? peakOf(fill) : null,
      below: false,
    },
  ],
  wires: () => [],
  faces: () => [],
  edges: () => [],
  hidden: () => [],
  distanceTo: (fill, at) => {
    if ('round' in fill.rim) {
      const inside = onStretch(at, fill.bottom, peakOf(fill));
      return Math.max(0, reach(at, inside) - fill.rim.round / 2);
    }
    const beside = distanceToOutline([at[0] - fill.bottom[0], at[1] - fill.bottom[1]], fill.rim.outline);
    const up = at[2] - fill.bottom[2];
    return Math.hypot(beside, Math.max(0, -up, up - fill.cutMm - fill.crownMm));
  },
  feet: () => [],
  acrossMm: () => 0,
  taken: (fill) => ({ ...NOTHING_TAKEN, litres: fill.litres }),
  document: (fill) => ({
    bottom: fill.bottom,
    diameterMm: 'round' in fill.rim ? fill.rim.round : 0,
    rim: 'round' in fill.rim ? [] : ring(fill, 0),
    depthMm: fill.cutMm,
    crownMm: fill.crownMm,
    litres: fill.litres,
  }),
  fields: { bottom: 'point', diameterMm: 'mm', rim: 'points', depthMm: 'mm', crownMm: 'mm', litres: 'mm' },
};
