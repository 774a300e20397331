import { textWidth } from '@lignum/core/drawing/dimension';
import type { Pair } from '@lignum/core/geometry/polygon';
import { LABEL_PX, PIN_PX, type PlacedLabel, type PlacedPin } from './labels';

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

/** The name of a thing on the plot, along it or level. */
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
      aria-hidden
      className="pointer-events-none"
    >
      {text}
    </text>
  );
}

/** The number of a thing on the plot, as the list counts it. */
export function Pin({ number, at: [x, y], to }: PlacedPin) {
  return (
    <g aria-hidden className="pointer-events-none">
      {to && <path d={`M${x} ${y}L${to[0]} ${to[1]}`} stroke="var(--ink)" strokeWidth="1" />}
      <circle cx={x} cy={y} r={PIN_PX} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.2" />
      <text x={x} y={y + 3.9} textAnchor="middle" fontSize="11" fontWeight="700" fill="var(--ink)">
        {number}
      </text>
    </g>
  );
}

/** The whole name of what is touched or reached with the keyboard, on a plate over all else. */
export function NamePlate({ text, at: [x, y], widthPx }: { text: string; at: Pair; widthPx: number }) {
  const wide = textWidth(text, 13.5) + 16;
  const left = Math.max(0, Math.min(widthPx - wide, x - wide / 2));
  const top = Math.max(2, y - 30);
  return (
    <g aria-hidden className="pointer-events-none">
      <rect x={left} y={top} width={wide} height="24" rx="3" fill="var(--ink)" />
      <text
        x={left + wide / 2}
        y={top + 16.6}
        textAnchor="middle"
        fontSize="13.5"
        fontWeight="600"
        fill="var(--ground)"
      >
        {text}
      </text>
    </g>
  );
}
