'use client';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { feet, formatLength, type Units } from '@lignum/core/quantity/length';
import { Switcher } from '../../ui/switcher';

/** So many squares the board is wide and high. */
const ACROSS = 20;
const DEEP = 12;
const SQUARE_PX = 24;
/** What a square may stand for: a small yard, a plot, a field. mm. */
const SQUARES: Record<Units, readonly number[]> = {
  imperial: [feet(5), feet(10), feet(25)],
  metric: [1000, 3000, 8000],
};
/** The ground is pulled out by halves of a square, and is one at the least. */
const STEP = 0.5;

const snapped = (squares: number, most: number): number =>
  Math.min(most, Math.max(1, Math.round(squares / STEP) * STEP));

/** Squared paper on which the ground is pulled out from its corner; the squares are as large as the garden wants. */
export function GroundBoard({
  widthMm,
  depthMm,
  units,
  onChange,
}: {
  widthMm: number;
  depthMm: number;
  units: Units;
  onChange: (site: { widthMm: number; depthMm: number }) => void;
}) {
  const sizes = SQUARES[units];
  // By its place, so that it is one of them however lengths are written.
  const [size, setSize] = useState(() => {
    const fits = sizes.findIndex((mm) => widthMm <= mm * ACROSS && depthMm <= mm * DEEP);
    return fits < 0 ? sizes.length - 1 : fits;
  });
  const square = sizes[size] as number;
  const board = useRef<SVGSVGElement>(null);
  const [across, deep] = [Math.min(ACROSS, widthMm / square), Math.min(DEEP, depthMm / square)];
  const put = (x: number, y: number) =>
    onChange({ widthMm: snapped(x, ACROSS) * square, depthMm: snapped(y, DEEP) * square });
  const pull = (event: PointerEvent<SVGSVGElement>) => {
    const box = board.current?.getBoundingClientRect();
    if (!box || event.buttons !== 1) return;
    put(((event.clientX - box.left) / box.width) * ACROSS, ((box.bottom - event.clientY) / box.height) * DEEP);
  };
  const press = (event: KeyboardEvent) => {
    const by = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!by) return;
    event.preventDefault();
    put(across + (by[0] as number) * STEP, deep + (by[1] as number) * STEP);
  };
  const [wide, high] = [ACROSS * SQUARE_PX, DEEP * SQUARE_PX];
  const [x, y] = [across * SQUARE_PX, high - deep * SQUARE_PX];
  const said = `${formatLength(widthMm, units)} × ${formatLength(depthMm, units)}`;
  const lines = [
    ...Array.from({ length: ACROSS + 1 }, (_, i) => `M${i * SQUARE_PX} 0V${high}`),
    ...Array.from({ length: DEEP + 1 }, (_, i) => `M0 ${i * SQUARE_PX}H${wide}`),
  ].join('');
  return (
    <div className="w-full max-w-[36rem]">
      <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-1">
        <Switcher
          label="A square is"
          value={String(size)}
          choices={sizes.map((mm, i) => ({ id: String(i), label: formatLength(mm, units) }))}
          onChange={(i) => setSize(Number(i))}
        />
        <span className="text-[0.9rem] text-soft">a square</span>
        <output aria-live="polite" className="ml-auto text-lg font-semibold tabular-nums">
          {said}
        </output>
      </div>
      <svg
        ref={board}
        viewBox={`-1 -1 ${wide + 2} ${high + 2}`}
        tabIndex={0}
        role="application"
        aria-label={`Ground of ${said}. Arrow keys make it wider, narrower, deeper and shallower by half a square.`}
        className="w-full cursor-crosshair touch-none bg-ground"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          pull(event);
        }}
        onPointerMove={pull}
        onKeyDown={press}
      >
        <path d={lines} className="stroke-rule" />
        <rect x="0" y={y} width={x} height={high - y} className="fill-(--leaf-wash) stroke-ink" strokeWidth="2" />
        <circle cx={x} cy={y} r="11" className="fill-chalk stroke-sheet" strokeWidth="2" />
        <path d={`M${x - 5} ${y + 5}L${x + 5} ${y - 5}`} className="stroke-sheet" strokeWidth="2" />
      </svg>
      <p className="mt-1 text-[0.9rem] text-soft">Pull its corner, or tap where it should be.</p>
    </div>
  );
}
