import { cross2, type Pair } from '../geometry/polygon';
import { check } from './check';

/** A corner sharper than this leaves no room for two runs on one post (from memory). Degrees. */
const SHARP_DEG = 30;
/** Turned by this much from straight or from square, what is flat no longer bears on the face of a post (from memory). Degrees. */
const ASKEW_DEG = 8;

/** Can a fence be built along this path? Corners in order; closed runs back to the first; `flat` where boards, frames or braces bear on the faces of its posts. */
export const pathShape = check(
  'path-shape',
  {
    says: {
      'path.crosses': 'The path crosses itself, between corners {first} and {second}: move a corner.',
      'path.sharp': 'Corner {corner} turns by all but {degrees}°: two stretches hardly find room on one post.',
      'path.askew':
        'Corner {corner} is neither straight nor square ({degrees}°): what is flat meets its post askew there. Screw a strip to the post first, planed to the second stretch, and fix to that.',
      'path.plain': '{corners|corner|corners}, {long} in all.',
    },
  },
  (
    { spots, closed, lengthMm, flat }: { spots: readonly Pair[]; closed: boolean; lengthMm: number; flat: boolean },
    found,
  ) => {
    const legs = spots
      .map((from, i) => [from, spots[(i + 1) % spots.length] as Pair] as const)
      .slice(0, closed ? undefined : -1);
    for (let i = 0; i < legs.length; i++)
      for (let j = i + 2; j < legs.length; j++) {
        const [a, b] = legs[i] as readonly [Pair, Pair];
        const [c, d] = legs[j] as readonly [Pair, Pair];
        if (cross2(a, b, c, d)) return found('fail', 'path.crosses', { first: i + 1, second: j + 1 });
      }
    const turns = spots.map((at, i) => {
      const [before, after] = [
        spots[(i - 1 + spots.length) % spots.length] as Pair,
        spots[(i + 1) % spots.length] as Pair,
      ];
      if (!closed && (i === 0 || i === spots.length - 1)) return 180;
      const angle = Math.atan2(after[1] - at[1], after[0] - at[0]) - Math.atan2(before[1] - at[1], before[0] - at[0]);
      return (Math.abs(Math.atan2(Math.sin(angle), Math.cos(angle))) * 180) / Math.PI;
    });
    const sharpest = turns.reduce((worst, turn, i) => (turn < (turns[worst] ?? 180) ? i : worst), 0);
    if ((turns[sharpest] ?? 180) < SHARP_DEG)
      return found('warn', 'path.sharp', { corner: sharpest + 1, degrees: Math.round(turns[sharpest] ?? 0) });
    const askew = turns.findIndex((turn) => [90, 180].every((plain) => Math.abs(turn - plain) > ASKEW_DEG));
    if (flat && askew >= 0)
      return found('note', 'path.askew', { corner: askew + 1, degrees: Math.round(turns[askew] ?? 0) });
    return found('good', 'path.plain', { corners: closed ? spots.length : spots.length - 2, long: { mm: lengthMm } });
  },
);
