import type { Bent } from '@lignum/core/withstand/bent';
import type { Point } from '@lignum/core/geometry/space';
import { standOf } from '@lignum/core/withstand/stand-of';

/** Seen a little from the side and from above: what goes away from the eye is drawn half as long, up and to the right. */
const flat = ([x, y, z]: Point): readonly [number, number] => [x + 0.42 * y, -z - 0.27 * y];

const WIDTH: Record<ReturnType<typeof standOf>, number> = { holds: 1.6, watch: 2.6, fails: 4 };
const INK: Record<ReturnType<typeof standOf>, string> = {
  holds: 'var(--ink)',
  watch: 'var(--ochre)',
  fails: 'var(--keel)',
};

/** Bars as they stand, thin, and as they bend under the gust, the harder they work the heavier; the hardest is ringed. */
export function BentDrawing({ bent, hardest, describes }: { bent: Bent; hardest: string | null; describes: string }) {
  const all = [...bent.bars.flatMap(({ rest, bent: moved }) => [...rest, ...moved]), ...bent.sheets.flat()].map(flat);
  const [xs, ys] = [all.map(([x]) => x), all.map(([, y]) => y)];
  const [left, right, top, low] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const margin = Math.max(right - left, low - top) * 0.06;
  const path = (points: readonly Point[]): string =>
    `M${points
      .map((at) =>
        flat(at)
          .map((n) => n.toFixed(0))
          .join(' '),
      )
      .join('L')}`;
  const ring = bent.bars.find(({ part }) => part === hardest)?.bent;
  const at = ring ? flat(ring[Math.floor(ring.length / 2)] as Point) : null;
  return (
    <svg
      role="img"
      aria-label={describes}
      viewBox={`${left - margin} ${top - margin} ${right - left + 2 * margin} ${low - top + 2 * margin}`}
      className="block w-full bg-sheet"
      style={{ height: 260 }}
    >
      {bent.sheets.map((corners, i) => (
        <path
          key={i}
          d={`${path(corners)}Z`}
          fill="var(--well)"
          fillOpacity="0.5"
          stroke="var(--rule-strong)"
          strokeWidth="0.8"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {bent.bars.map(({ part, rest }, i) => (
        <path
          key={`${part} ${i}`}
          d={path(rest)}
          fill="none"
          stroke="var(--rule-strong)"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {bent.bars.map(({ part, bent: moved, share }, i) => (
        <path
          key={`${part} ${i}`}
          d={path(moved)}
          fill="none"
          stroke={INK[standOf(share)]}
          strokeWidth={WIDTH[standOf(share)]}
          strokeLinecap="round"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {at && (
        <circle
          cx={at[0]}
          cy={at[1]}
          r={margin * 0.7}
          fill="none"
          stroke="var(--keel)"
          strokeWidth="2"
          strokeDasharray="4 3"
          vectorEffect="non-scaling-stroke"
        />
      )}
    </svg>
  );
}
