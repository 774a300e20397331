import { counted } from '@lignum/core/crops/counted';
import { cropIn } from '@lignum/core/crops/book';
import type { Granted } from '@lignum/core/choosing/share-out';
import { bedOnPlot } from '@lignum/core/site/bed';
import { cornersOf, type PlanSpot } from '@lignum/core/site/plot';
import { useGarden } from '../shell/garden-context';

/** Longest side of the drawing, in its own units: one is about a pixel on a desk. */
const LONG = 640;

/** The plan of the plot with what goes where: each bed with its share, those that get nothing pale. */
export function WhereAll({ granted }: { granted: readonly Granted[] }) {
  const { plan } = useGarden();
  const { widthMm, depthMm } = plan.site;
  const scale = LONG / Math.max(widthMm, depthMm);
  const at = ([x, y]: PlanSpot): string => `${(x * scale).toFixed(1)} ${((depthMm - y) * scale).toFixed(1)}`;
  const d = (spots: readonly PlanSpot[]): string => `M${spots.map(at).join('L')}Z`;
  const shares = (bed: string): string[] =>
    granted.flatMap(({ wish, parts }) =>
      parts.filter((part) => part.bed === bed).map((part) => counted(cropIn(plan.crops, wish.crop), part.count)),
    );
  const lettered = plan.beds.filter((bed) => shares(bed.id).length > 0);
  return (
    <figure className="mt-6 grid gap-4 border-t border-rule pt-4 md:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
      <svg
        viewBox={`0 0 ${widthMm * scale} ${depthMm * scale}`}
        className="max-h-[28rem] w-full bg-sheet shadow-[inset_0_0_0_1px_var(--rule-strong)]"
        role="img"
        aria-label={`Plan of the plot: ${lettered.map((bed, i) => `${letter(i)}, ${bed.name}: ${shares(bed.id).join(' and ')}`).join('; ')}.`}
      >
        {plan.features.map((one) => (
          <path
            key={one.id}
            d={d(cornersOf(one, one.lengthMm, one.widthMm))}
            className="fill-well stroke-rule-strong"
          />
        ))}
        {plan.beds.map((bed) => {
          const i = lettered.indexOf(bed);
          const [x, y] = at([bed.xMm, bed.yMm]).split(' ').map(Number);
          return (
            <g key={bed.id}>
              <path
                d={d(bedOnPlot(bed))}
                className={i < 0 ? 'fill-sheet stroke-rule-strong' : 'fill-(--leaf-wash) stroke-(--leaf)'}
                strokeWidth={i < 0 ? 1 : 2}
              />
              {i >= 0 && (
                <>
                  <circle cx={x} cy={y} r="13" className="fill-sheet stroke-(--leaf)" strokeWidth="1.5" />
                  <text x={x} y={(y ?? 0) + 5.5} textAnchor="middle" className="fill-ink text-[16px] font-bold">
                    {letter(i)}
                  </text>
                </>
              )}
            </g>
          );
        })}
      </svg>
      <figcaption>
        <h2 className="text-lg">Where everything goes</h2>
        <ol className="mt-1 divide-y divide-rule">
          {lettered.map((bed, i) => (
            <li key={bed.id} className="grid grid-cols-[2rem_minmax(0,1fr)] py-1.5">
              <strong className="font-display text-lg leading-6">{letter(i)}</strong>
              <span>
                {bed.name}: {shares(bed.id).join(' and ')}
              </span>
            </li>
          ))}
        </ol>
      </figcaption>
    </figure>
  );
}

const letter = (i: number): string => String.fromCharCode(65 + (i % 26));
