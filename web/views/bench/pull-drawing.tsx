'use client';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { View } from '@lignum/core/drawing/primitive';
import type { PaperScale, Paper, PaperPull } from '@lignum/core/drawing/sheet';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { exact, formatLength } from '@lignum/core/quantity/length';
import { stepOf, type LengthKnob } from '@lignum/core/structures/knob';
import { Drawing } from '../../ui/drawing';
import { LengthInput } from '../../ui/field';
import { setKnob } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import type { Marked } from './stand/hardest-mark';

/** On a small drawing two pulls can come to lie on one thumb: the first is kept, the other's length is turned by its knob. */
function apart<Pull extends { at: readonly [number, number] }>(pulls: readonly Pull[]): Pull[] {
  const kept: Pull[] = [];
  for (const pull of pulls)
    if (kept.every((other) => Math.hypot(other.at[0] - pull.at[0], other.at[1] - pull.at[1]) >= THUMB_PX))
      kept.push(pull);
  return kept;
}
const THUMB_PX = 32;

/**
 * A view whose length knobs are pulled where they show: dragged, stepped with the arrow keys, or typed. Decision 40.
 */
export function PullDrawing({
  view,
  computed,
  heightPx,
  caption,
  closer = 1,
  describes,
  marked,
}: {
  view: View;
  computed: ComputedStructure;
  heightPx: number;
  caption?: string;
  closer?: number;
  describes?: string;
  /** What works hardest is ringed. */
  marked: Marked | null;
}) {
  const { on, tongue } = useGarden();
  const [keep, setKeep] = useState<PaperScale>();
  const { knobs } = computed.kind;
  const frame = computed.sized.design.views.find(({ id }) => id === view.id);
  const settled = Object.fromEntries(Object.entries(computed.sized.knobs).map(([name, state]) => [name, state.value]));
  const pullable = (name: string): LengthKnob | null => {
    const knob = knobs[name];
    // What was measured stands: it is not pulled any more.
    if (computed.sized.knobs[name]?.by === 'measured') return null;
    return knob?.type === 'length' && (knob.shown?.(settled, computed.setting) ?? true) ? knob : null;
  };
  return (
    <Drawing
      view={view}
      units={tongue.units}
      heightPx={heightPx}
      on={on}
      keep={keep}
      closer={closer}
      {...(describes ? { describes } : {})}
      {...(caption ? { caption } : {})}
      overlay={(paper) => [
        marked && frame && <marked.Ring key="hardest" marked={marked} frame={frame} paper={paper} />,
        ...apart(paper.pulls).map((pull) => {
          const knob = pullable(pull.knob);
          return (
            knob && (
              <Pull
                key={pull.knob}
                pull={pull}
                paper={paper}
                knob={knob}
                computed={computed}
                onHold={() => setKeep(paper.frame)}
                onLoose={() => setKeep(undefined)}
              />
            )
          );
        }),
      ]}
    />
  );
}

/** Moved less than this, a press is a tap: the length can be typed. Pixels. */
const TAP = 4;

/** Two arrow heads, one each way that it can be pulled, with an edge of paper round them. */
const TwoArrows = ({ axis }: { axis: PaperPull['axis'] }) => (
  <svg
    viewBox="0 0 24 24"
    aria-hidden
    fill="none"
    strokeLinejoin="round"
    strokeLinecap="round"
    className={`size-6 text-chalk ${axis === 'right' ? 'rotate-90' : ''}`}
  >
    <path d={ARROWS} stroke="var(--sheet)" strokeWidth="6" />
    <path d={ARROWS} stroke="currentColor" strokeWidth="2.4" />
  </svg>
);
const ARROWS = 'M7.5 9.5 12 2.5l4.5 7M7.5 14.5l4.5 7 4.5-7';

/** A thumb on one axis: pulled from where it is taken, or tapped where it is hardly moved. */
function useThumb(
  pull: PaperPull,
  paper: Paper,
  value: number,
  o: { onPull: (mm: number) => void; onTap: () => void; onHold: () => void; onLoose: () => void },
) {
  const [held, setHeld] = useState(false);
  // The browser's own pointer events: a library for one thumb would be a fortieth of all the bench loads.
  const from = useRef<{ px: number; value: number; mmPerPx: number; moved: boolean } | null>(null);
  const placeOf = (event: PointerEvent<HTMLDivElement>) => (pull.axis === 'right' ? event.clientX : -event.clientY);
  const grab = (event: PointerEvent<HTMLDivElement>) => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    // The drawing fills its place; before it has been measured it is stretched to it.
    const shown = event.currentTarget.parentElement?.parentElement?.clientWidth ?? paper.widthPx;
    from.current = { px: placeOf(event), value, mmPerPx: (pull.mmPerPx * paper.widthPx) / shown, moved: false };
  };
  const drag = (event: PointerEvent<HTMLDivElement>) => {
    const at = from.current;
    if (!at) return;
    const px = placeOf(event) - at.px;
    if (!at.moved) {
      if (Math.abs(px) < TAP) return;
      at.moved = true;
      setHeld(true);
      o.onHold();
    }
    o.onPull(at.value + px * at.mmPerPx);
  };
  const loose = (tapped: boolean) => {
    const at = from.current;
    from.current = null;
    if (!at) return;
    if (at.moved) {
      setHeld(false);
      o.onLoose();
    } else if (tapped) o.onTap();
  };
  return {
    held,
    onPointerDown: grab,
    onPointerMove: drag,
    onPointerUp: () => loose(true),
    onPointerCancel: () => loose(false),
  };
}

function Pull({
  pull,
  paper,
  knob,
  computed,
  onHold,
  onLoose,
}: {
  pull: PaperPull;
  paper: Paper;
  knob: LengthKnob;
  computed: ComputedStructure;
  onHold: () => void;
  onLoose: () => void;
}) {
  const { store, tongue } = useGarden();
  const { structure, sized } = computed;
  const value = sized.knobs[pull.knob]?.value as number;
  const step = stepOf(knob, tongue.units);
  const [typing, setTyping] = useState(false);
  const set = (mm: number) =>
    store.edit(
      setKnob(structure.id, pull.knob, Math.min(knob.max, Math.max(knob.min, mm))),
      `knob ${structure.id} ${pull.knob}`,
    );
  const nudge = (by: number) => set(exact(Math.round((value + by) / step) * step));

  const { held, ...thumb } = useThumb(pull, paper, value, {
    onPull: (mm) => set(exact(Math.round(mm / step) * step)),
    onTap: () => setTyping(true),
    onHold,
    onLoose,
  });
  const key = (event: KeyboardEvent<HTMLDivElement>) => {
    const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    // On the drawing an arrow moves what it points at: where pulling up makes less, up makes less.
    const sense = Math.sign(pull.mmPerPx) || 1;
    if (by) {
      event.preventDefault();
      nudge(by * sense * step * (event.shiftKey ? 10 : 1));
    }
    if (event.key === 'Enter' || /^[0-9]$/.test(event.key)) {
      event.preventDefault();
      setTyping(true);
    }
  };
  const [x, y] = pull.at;
  const says = formatLength(value, tongue.units);
  // Near an edge of the drawing what hangs below a pull keeps inside it.
  const share = x / paper.widthPx;
  const hangs = share > 0.7 ? 'right-0' : share < 0.3 ? 'left-0' : 'left-1/2 -translate-x-1/2';
  return (
    <div
      className="no-print group absolute"
      style={{ left: `calc(${(x / paper.widthPx) * 100}% - 22px)`, top: `calc(${(y / paper.heightPx) * 100}% - 22px)` }}
    >
      <div
        role="slider"
        tabIndex={0}
        aria-label={`${knob.label}, on the drawing`}
        aria-valuenow={Math.round(value)}
        aria-valuemin={Math.round(knob.min)}
        aria-valuemax={Math.round(knob.max)}
        aria-valuetext={says}
        aria-orientation={pull.axis === 'right' ? 'horizontal' : 'vertical'}
        className={`grid size-11 touch-none place-items-center rounded-full ${pull.axis === 'right' ? 'cursor-ew-resize' : 'cursor-ns-resize'}`}
        {...thumb}
        onKeyDown={key}
      >
        <TwoArrows axis={pull.axis} />
      </div>
      {typing ? (
        <div
          className={`absolute top-10 z-20 ${hangs} bg-sheet p-2 shadow-[0_0_0_1.5px_var(--chalk),0_10px_26px_#0003]`}
        >
          <TypedLength knob={knob} value={value} onChange={set} onClose={() => setTyping(false)} />
        </div>
      ) : (
        <span
          aria-hidden
          className={`pointer-events-none absolute top-10 ${hangs} z-10 bg-chalk px-2 py-0.5 text-[0.85rem] whitespace-nowrap text-on-chalk ${held ? '' : 'hidden group-focus-within:block group-hover:block'}`}
        >
          {knob.label} <strong>{says}</strong>
        </span>
      )}
    </div>
  );
}

function TypedLength({
  knob,
  value,
  onChange,
  onClose,
}: {
  knob: LengthKnob;
  value: number;
  onChange: (mm: number) => void;
  onClose: () => void;
}) {
  const { tongue } = useGarden();
  const [fault, setFault] = useState<string | null>(null);
  const id = `pull-${knob.label.replace(/\W+/g, '-')}`;
  return (
    <div
      ref={(box) => {
        box?.querySelector('input')?.focus();
      }}
    >
      <label htmlFor={id} className="block text-[0.85rem] whitespace-nowrap">
        {knob.label}
      </label>
      <LengthInput
        id={id}
        mm={value}
        units={tongue.units}
        min={knob.min}
        max={knob.max}
        step={stepOf(knob, tongue.units)}
        onChange={onChange}
        onFault={setFault}
        onDone={onClose}
        className="w-32"
      />
      {fault && (
        <p role="alert" id={`${id}-fault`} className="max-w-44 pt-1 text-[0.85rem] text-keel">
          {fault}
        </p>
      )}
    </div>
  );
}
