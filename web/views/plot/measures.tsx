import { FIGURE } from './label';
import { MM_PER_FOOT, type Units } from '@lignum/core/quantity/length';

/** Room round the plot for its dimensions. Pixels. */
export const MARGIN = { left: 34, top: 10, right: 12, bottom: 62 };

/** How long a bar of a scale is: a round length of at most a quarter of the plot. mm. */
export function scaleBarMm(acrossMm: number, units: Units): number {
  const unit = units === 'imperial' ? MM_PER_FOOT : 1000;
  const steps = [1, 2, 5, 10, 20, 50, 100];
  return (steps.findLast((step) => step * unit <= acrossMm / 4) ?? 1) * unit;
}

/** The plot's overall dimensions on chalk lines outside it, and a bar of its scale. */
export function Measures({
  widthPx,
  heightPx,
  pxPerMm,
  across,
  up,
  units,
  say,
}: {
  widthPx: number;
  heightPx: number;
  pxPerMm: number;
  across: string;
  up: string;
  units: Units;
  say: (mm: number) => string;
}) {
  const y = heightPx + 20;
  const bar = scaleBarMm(widthPx / pxPerMm, units);
  const long = bar * pxPerMm;
  const foot = heightPx + 48;
  return (
    <g aria-hidden className="pointer-events-none" stroke="var(--chalk)" fill="none" strokeWidth="1.2">
      <path
        d={`M0 ${y}H${widthPx}M7 ${y - 4}L0 ${y}L7 ${y + 4}M${widthPx - 7} ${y - 4}L${widthPx} ${y}L${widthPx - 7} ${y + 4}`}
      />
      <Figure x={widthPx / 2} y={y} text={across} />
      <path d={`M-18 0V${heightPx}M-22 7L-18 0L-14 7M-22 ${heightPx - 7}L-18 ${heightPx}L-14 ${heightPx - 7}`} />
      <g transform={`translate(-18 ${heightPx / 2}) rotate(-90)`}>
        <Figure x={0} y={0} text={up} />
      </g>
      <g stroke="var(--ink)">
        <path d={`M0 ${foot - 5}V${foot}H${long}V${foot - 5}M${long / 2} ${foot - 3}V${foot}`} strokeWidth="1.6" />
        <path d={`M0 ${foot}H${long / 2}`} strokeWidth="4" />
      </g>
      <text {...FIGURE} stroke="none" x={long + 8} y={foot + 3}>
        {say(bar)}
      </text>
    </g>
  );
}

/** A figure that breaks its line. */
const Figure = ({ x, y, text }: { x: number; y: number; text: string }) => (
  <text {...FIGURE} x={x} y={y + 4.5} textAnchor="middle" stroke="var(--ground)" strokeWidth="8">
    {text}
  </text>
);
