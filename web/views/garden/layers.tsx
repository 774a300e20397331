'use client';
import type { ReactNode } from 'react';
import { growingMonths } from '@lignum/core/site/sun/samples';
import type { Site } from '@lignum/core/site/plot';
import { Chooser } from '../../ui/chooser';
import { Switcher } from '../../ui/switcher';
import type { Guarded } from '../plot/guarded';
import { SUN_STEPS } from '../plot/sun-layer';
import { SunTimeFields, type SunTime } from '../plot/sun-time';

/** Ways of looking at the garden: one at a time, all at one date and hour. What finds more to show is entered here. */
export const LAYERS = [
  { id: 'plan', label: 'Plan' },
  { id: 'guard', label: 'Who gets in' },
  { id: 'hours', label: 'Hours of sun' },
  { id: 'shadows', label: 'Shadows' },
  { id: 'round', label: '3-D' },
] as const;
export type Layer = (typeof LAYERS)[number]['id'];

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

/** When a layer is looked at: on the day that all share, or over the whole season. */
export interface When {
  time: SunTime;
  isSeason: boolean;
}

const monthOf = ({ day }: SunTime): number => Number(day.slice(5, 7));
/** The month whose sun is counted; the whole season where that is looked at. */
export const monthShown = ({ time, isSeason }: When): number | 'season' => (isSeason ? 'season' : monthOf(time));

/** The layers, and when they are looked at. */
export function LayerBar({
  layer,
  onLayer,
  when,
  onWhen,
  built,
  onBuilt,
  site,
}: {
  layer: Layer;
  onLayer: (layer: Layer) => void;
  when: When;
  onWhen: (when: When) => void;
  /** Whether it is looked at as far as it is built; null while nothing of it is. */
  built: boolean | null;
  onBuilt: (built: boolean) => void;
  site: Site;
}) {
  const { time, isSeason } = when;
  const months = [...new Set([...growingMonths(site), monthOf(time)])].sort((a, b) => a - b);
  return (
    <>
      <Switcher label="Show" value={layer} choices={[...LAYERS]} onChange={(next) => onLayer(next as Layer)} scrolls />
      {layer === 'hours' && (
        <Chooser
          label="Month"
          value={isSeason ? 'season' : String(monthOf(time))}
          choices={[
            ...months.map((month) => ({ id: String(month), label: MONTHS[month - 1] ?? '' })),
            { id: 'season', label: 'The whole season' },
          ]}
          onChange={(next) =>
            onWhen(
              next === 'season'
                ? { time, isSeason: true }
                : { time: { ...time, day: `${time.day.slice(0, 5)}${next.padStart(2, '0')}-21` }, isSeason: false },
            )
          }
          className="w-48"
        />
      )}
      {layer === 'guard' && (
        <>
          <Switcher
            label="When"
            value={isSeason ? 'season' : 'day'}
            choices={[
              { id: 'season', label: 'All season' },
              { id: 'day', label: 'On a day' },
            ]}
            onChange={(next) => onWhen({ time, isSeason: next === 'season' })}
          />
          {!isSeason && <SunTimeFields time={time} onChange={(next) => onWhen({ time: next, isSeason })} dayOnly />}
        </>
      )}
      {(layer === 'shadows' || layer === 'round') && (
        <SunTimeFields time={time} onChange={(next) => onWhen({ time: next, isSeason })} />
      )}
      {layer !== 'guard' && built !== null && (
        <Switcher
          label="What of it is shown"
          value={built ? 'built' : 'planned'}
          choices={[
            { id: 'planned', label: 'As planned' },
            { id: 'built', label: 'What stands' },
          ]}
          onChange={(next) => onBuilt(next === 'built')}
        />
      )}
    </>
  );
}

const Swatch = ({ children }: { children: ReactNode }) => (
  <svg width="18" height="14" aria-hidden>
    {children}
  </svg>
);

/** What the signs of a layer mean, under the drawing. */
export function Legend({
  layer,
  sun,
  told,
  following,
  guarded,
  isOutOfReach,
}: {
  layer: Layer;
  /** When the sun is up, in words. */
  sun: string;
  /** What was last done on the plot. */
  told: string;
  /** How far the sun has been followed; null where it has. */
  following: number | null;
  guarded: readonly Guarded[];
  isOutOfReach: boolean;
}) {
  const open = guarded.filter(({ who }) => who.length > 0).length;
  return (
    <div
      className="mt-1 flex min-h-8 flex-wrap items-center justify-center gap-x-5 gap-y-1 text-[0.9rem] text-soft"
      aria-live="polite"
    >
      {layer === 'plan' && (
        <>
          {isOutOfReach && (
            <span className="flex items-center gap-1.5">
              <Swatch>
                <rect
                  x="1"
                  y="1"
                  width="16"
                  height="12"
                  fill="var(--keel)"
                  fillOpacity="0.16"
                  stroke="var(--keel)"
                  strokeDasharray="3 3"
                />
              </Swatch>
              cannot be reached from where you stand
            </span>
          )}
          {!told && (
            <>
              <span className="max-lg:hidden">Drag to move; arrow keys move by a tape mark, R turns.</span>
              <span className="lg:hidden">Tap for its name; once chosen it can be dragged.</span>
            </>
          )}
        </>
      )}
      {layer === 'guard' &&
        (guarded.length === 0 ? (
          <span>Nothing is planted, so nobody comes.</span>
        ) : (
          <>
            <span>
              {open === 0 ? 'All' : guarded.length - open} of {guarded.length} planted places are closed.
            </span>
            <span className="flex items-center gap-1.5">
              <Swatch>
                <rect width="18" height="14" fill="none" stroke="var(--keel)" strokeWidth="2" />
                <path d="M0 14L14 0M5 14L18 1M-4 9L6 -1" stroke="var(--keel)" strokeWidth="2" />
              </Swatch>
              somebody gets in
            </span>
            <span className="flex items-center gap-1.5">
              <Swatch>
                <rect
                  x="1"
                  y="1"
                  width="16"
                  height="12"
                  fill="var(--leaf)"
                  fillOpacity="0.28"
                  stroke="var(--leaf)"
                  strokeWidth="2"
                />
              </Swatch>
              closed to whoever comes
            </span>
          </>
        ))}
      {(layer === 'shadows' || layer === 'round') && <span>{sun}</span>}
      {layer === 'hours' &&
        (following !== null ? (
          <span>Following the sun… {Math.round(following * 100)} %</span>
        ) : (
          SUN_STEPS.map((step) => (
            <span key={step.says} className="flex items-center gap-1.5">
              <Swatch>
                <rect width="18" height="14" fill={step.fill} stroke="var(--rule-strong)" />
              </Swatch>
              {step.says}
            </span>
          ))
        ))}
      {told && <span>{told}</span>}
    </div>
  );
}
