import type { SmallPlan } from '../../kept/small-plan';

const FRAME = { width: 132, height: 96 };

/** A garden's plan as small as a stamp: its beds, what stands in them and what lies about. */
export function PlanSketch({ plan }: { plan: SmallPlan }) {
  return (
    <svg
      width={FRAME.width}
      height={FRAME.height}
      viewBox={`-2 -2 ${FRAME.width} ${FRAME.height}`}
      aria-hidden
      className="shrink-0"
    >
      <rect width={plan.width} height={plan.height} className="fill-sheet stroke-rule-strong" />
      <svg width={plan.width} height={plan.height}>
        <path d={plan.ground} className="fill-well stroke-rule-strong" strokeWidth="0.6" />
        <path d={plan.walls} className="fill-soft" />
        <path d={plan.beds} className="fill-(--timber) stroke-(--timber-edge)" strokeWidth="0.7" />
        <path d={plan.rows} fill="none" className="stroke-chalk" strokeWidth="1.6" />
      </svg>
    </svg>
  );
}
