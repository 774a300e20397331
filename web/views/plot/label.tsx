import { LABEL_PX, type PlacedLabel } from './labels';

/** A figure on the plot, read over whatever lies under it. */
export const FIGURE = {
  fontSize: 13,
  fontWeight: 600,
  fill: 'var(--ink)',
  stroke: 'var(--sheet)',
  strokeWidth: 4,
  paintOrder: 'stroke',
  strokeLinejoin: 'round',
} as const;

/** The name of a thing on the plot, along it. */
export function Label({ text, at: [x, y], turnDeg, dy }: PlacedLabel) {
  return (
    <text
      x={x}
      y={y}
      dy={dy}
      transform={`rotate(${turnDeg} ${x} ${y})`}
      textAnchor="middle"
      fontSize={LABEL_PX}
      fontWeight="600"
      fill="var(--ink)"
      stroke="var(--sheet)"
      strokeWidth="3.5"
      paintOrder="stroke"
      strokeLinejoin="round"
      aria-hidden
      className="pointer-events-none"
    >
      {text}
    </text>
  );
}
