import { exact } from '@lignum/core/quantity/length';

/** How many steps an arrow key goes with Shift. */
const FAR = 10;

/**
 * The rod as a slider: drag its crow's foot, or step it with the arrow keys. The browser's own range field
 * does the work and lies unseen over the rod, its thumb as wide as the foot's reach (`.rod` in the style).
 */
export function RodSlider({
  value,
  min,
  max,
  step,
  label,
  says,
  onChange,
}: {
  value: number;
  min: number;
  max: number;
  step: number;
  label: string;
  says: string;
  onChange: (value: number) => void;
}) {
  const set = (next: number) => onChange(Math.min(max, Math.max(min, exact(Math.round(next / step) * step))));
  const share = max > min ? Math.min(1, Math.max(0, (value - min) / (max - min))) : 0;
  return (
    <div className="relative h-11 w-full select-none">
      <input
        type="range"
        // From a whole step on, so that every place the foot can take is one.
        min={Math.floor(min / step) * step}
        max={max}
        step={step}
        value={value}
        aria-label={label}
        aria-valuetext={says}
        onChange={(event) => set(event.target.valueAsNumber)}
        onKeyDown={(event) => {
          const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
          if (!by || !event.shiftKey) return;
          event.preventDefault();
          set(value + by * FAR * step);
        }}
        className="rod peer absolute inset-0 z-10 m-0 h-full w-full cursor-pointer touch-pan-y opacity-0"
      />
      <div
        aria-hidden
        className="absolute inset-x-3.5 top-[17px] h-2.5 bg-[repeating-linear-gradient(90deg,var(--rule-strong)_0_1px,transparent_1px_10%)] shadow-[inset_0_-1px_0_var(--rule-strong)]"
      >
        <div className="h-full border-b-[3px] border-chalk" style={{ width: `${share * 100}%` }} />
      </div>
      <svg
        viewBox="0 0 16 20"
        aria-hidden
        className="pointer-events-none absolute top-1.5 h-5 w-4 -translate-x-1/2 rounded-[2px] text-chalk peer-focus-visible:outline-3 peer-focus-visible:outline-offset-4 peer-focus-visible:outline-(--chalk)"
        style={{ left: `calc(14px + ${share} * (100% - 28px))` }}
      >
        <path d="M2 1 L8 18 L14 1" fill="var(--sheet)" stroke="currentColor" strokeWidth="2.6" strokeLinejoin="round" />
      </svg>
    </div>
  );
}
