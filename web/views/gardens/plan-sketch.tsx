import type { PlanSpot } from '@lignum/core/site/plot';
import type { SmallPlan } from '../../kept/small-plan';

const SIZE = { width: 132, height: 96 };

/** A garden's plan as small as a stamp: its beds, what stands in them and what lies about. */
export function PlanSketch({ plan }: { plan: SmallPlan }) {
  const scale = Math.min((SIZE.width - 4) / plan.widthMm, (SIZE.height - 4) / plan.depthMm);
  const [wide, high] = [plan.widthMm * scale, plan.depthMm * scale];
  const [left, top] = [2, 2];
  const d = (spots: readonly PlanSpot[]): string =>
    spots
      .map(
        ([x, y], i) => `${i === 0 ? 'M' : 'L'}${(left + x * scale).toFixed(1)} ${(top + high - y * scale).toFixed(1)}`,
      )
      .join('');
  return (
    <svg
      width={SIZE.width}
      height={SIZE.height}
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      aria-hidden
      className="shrink-0"
    >
      <rect x={left} y={top} width={wide} height={high} className="fill-sheet stroke-rule-strong" />
      <svg x={left} y={top} width={wide} height={high} viewBox={`${left} ${top} ${wide} ${high}`}>
        {plan.features.map(({ kind, outline }, i) => (
          <path
            key={i}
            d={`${d(outline)}Z`}
            className={kind === 'house' || kind === 'wall' ? 'fill-soft' : 'fill-well stroke-rule-strong'}
            strokeWidth="0.6"
          />
        ))}
        {plan.beds.map((outline, i) => (
          <path key={i} d={`${d(outline)}Z`} className="fill-(--timber) stroke-(--timber-edge)" strokeWidth="0.7" />
        ))}
        {plan.rows.map((row, i) => (
          <path key={i} d={d(row)} fill="none" className="stroke-chalk" strokeWidth="1.6" />
        ))}
      </svg>
    </svg>
  );
}
