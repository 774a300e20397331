import { reach } from '../../../geometry/space';
import { legsOf, turnAt, type Leg } from '../../rules/run';
import type { PathPlace } from '../../../site/stands/path';

/** A pallet as it stands in its stretch: from where to where along it, by a tape on the soil. mm. */
export interface Laid {
  leg: Leg;
  fromMm: number;
  longMm: number;
  isSawn: boolean;
}

/** Less than this is left between pallets and shared out; a piece shorter than that is not worth sawing (from memory). mm. */
const SHARED_MM = 25;
const LEAST_PIECE_MM = 300;

/** How long each pallet of a stretch is: whole ones, and one or two that are sawn so that the stretch is filled. mm. */
export function lengthsIn(stretchMm: number, palletMm: number): number[] {
  const whole = Math.floor((stretchMm + 1e-6) / palletMm);
  const rest = stretchMm - whole * palletMm;
  const wholes = (count: number): number[] => Array<number>(count).fill(palletMm);
  if (whole === 0) return [stretchMm];
  if (rest <= SHARED_MM) return wholes(whole);
  if (rest >= LEAST_PIECE_MM) return [...wholes(whole), rest];
  return [...wholes(whole - 1), (palletMm + rest) / 2, (palletMm + rest) / 2];
}

/** How much a stretch gives way to the next at a corner, so that two walls so thick touch at its inside. mm. */
function trimAt(before: Leg | undefined, after: Leg | undefined, thickMm: number): number {
  if (!before || !after || before === after) return 0;
  return Math.min(2 * thickMm, (thickMm / 2) * Math.abs(Math.tan(turnAt(before, after) / 2)));
}

/** The pallets of a path, stretch by stretch, along the soil; what is left is shared between them. */
export function layPallets(
  { spots, closed }: Pick<PathPlace, 'spots' | 'closed'>,
  o: { palletMm: number; thickMm: number },
): { legs: Leg[]; pallets: Laid[] } {
  const legs = legsOf(spots, closed);
  const pallets = legs.flatMap((leg, i): Laid[] => {
    const before = legs[i - 1] ?? (closed ? legs.at(-1) : undefined);
    const after = legs[i + 1] ?? (closed ? legs[0] : undefined);
    const soilMm = reach(leg.from, leg.to);
    const [start, end] = [trimAt(before, leg, o.thickMm), trimAt(leg, after, o.thickMm)];
    const room = Math.max(1, soilMm - start - end);
    const lengths = lengthsIn(room, o.palletMm);
    const gap = lengths.length > 1 ? (room - lengths.reduce((sum, mm) => sum + mm, 0)) / (lengths.length - 1) : 0;
    let at = start;
    return lengths.map((longMm) => {
      const laid = { leg, fromMm: at, longMm, isSawn: longMm < o.palletMm - 1 };
      at += longMm + gap;
      return laid;
    });
  });
  return { legs, pallets };
}

/** Where the pallets of one stretch begin, and where the last of them ends, by a tape on the soil. mm. */
export const edgesOf = (own: readonly Pick<Laid, 'fromMm' | 'longMm'>[]): number[] => [
  ...own.map(({ fromMm }) => fromMm),
  ...own.slice(-1).map(({ fromMm, longMm }) => fromMm + longMm),
];
