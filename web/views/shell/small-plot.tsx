import type { Outlined } from '@lignum/core/ahead/outlines';
import type { Plan } from '@lignum/core/plan/plan';
import { bedOnPlot } from '@lignum/core/site/bed';
import { cornersOf, type PlanSpot } from '@lignum/core/site/plot';

/** Longest side of the drawing, in its own units. */
const LONG = 480;

/** How far an outline reaches, along and across. mm. */
const reachOf = (corners: readonly PlanSpot[]): number =>
  Math.max(
    ...([0, 1] as const).map((k) => Math.max(...corners.map((at) => at[k])) - Math.min(...corners.map((at) => at[k]))),
  );

/** A layout from above, small: what lies there, the beds, and what stands. @param differs what is drawn heavier @param numbers of those, by structure */
export function SmallPlot({
  plan,
  outlines,
  differs,
  numbers,
}: {
  plan: Plan;
  outlines: readonly Outlined[];
  differs: ReadonlySet<string>;
  numbers?: ReadonlyMap<string, number>;
}) {
  const { widthMm, depthMm } = plan.site;
  const scale = LONG / Math.max(widthMm, depthMm);
  const d = (spots: readonly PlanSpot[]): string =>
    `M${spots.map(([x, y]) => `${(x * scale).toFixed(1)} ${((depthMm - y) * scale).toFixed(1)}`).join('L')}Z`;
  return (
    <svg
      aria-hidden
      viewBox={`-1 -1 ${widthMm * scale + 2} ${depthMm * scale + 2}`}
      className="max-h-64 w-full bg-sheet"
    >
      <rect width={widthMm * scale} height={depthMm * scale} fill="none" className="stroke-rule-strong" />
      {plan.features.map((one) => (
        <path key={one.id} d={d(cornersOf(one, one.lengthMm, one.widthMm))} className="fill-well stroke-rule-strong" />
      ))}
      {plan.beds.map((bed) => (
        <path
          key={bed.id}
          d={d(bedOnPlot(bed))}
          className={`fill-(--leaf-wash) ${differs.has(bed.id) ? 'stroke-chalk' : 'stroke-(--leaf)'}`}
          strokeWidth={differs.has(bed.id) ? 3 : 1}
        />
      ))}
      {outlines.map(({ structure, corners }, i) => (
        <path
          key={i}
          d={d(corners)}
          className={differs.has(structure) ? 'fill-chalk stroke-chalk' : 'fill-timber stroke-timber-edge'}
          strokeWidth={differs.has(structure) ? 3 : 1}
        />
      ))}
      {[...(numbers ?? [])].map(([structure, number]) => {
        // What goes round a corner has its number on its longest stretch.
        const [corners] = outlines
          .filter((one) => one.structure === structure)
          .map((one) => one.corners)
          .toSorted((a, b) => reachOf(b) - reachOf(a));
        if (!corners) return null;
        const middle = (k: 0 | 1): number =>
          (Math.min(...corners.map((at) => at[k])) + Math.max(...corners.map((at) => at[k]))) / 2;
        const [x, y] = [middle(0) * scale, (depthMm - middle(1)) * scale];
        return (
          <g key={structure}>
            <circle cx={x} cy={y} r={13} className="fill-sheet stroke-chalk" strokeWidth={2} />
            <text x={x} y={y + 6} textAnchor="middle" fontSize={17} fontWeight={600} className="fill-ink">
              {number}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
