import type { Whole } from '@lignum/core/ahead/whole';
import type { Plan } from '@lignum/core/plan/plan';
import { bedOnPlot } from '@lignum/core/site/bed';
import { cornersOf, type PlanSpot } from '@lignum/core/site/plot';

/** Longest side of the drawing, in its own units. */
const LONG = 480;

/** A layout from above, small: what lies there, the beds, and what stands; what is otherwise in the other is drawn heavier. */
export function SmallPlot({
  plan,
  outlines,
  differs,
}: {
  plan: Plan;
  outlines: Whole['outlines'];
  differs: ReadonlySet<string>;
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
    </svg>
  );
}
