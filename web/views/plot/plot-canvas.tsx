'use client';
import { useDrag } from '@use-gesture/react';
import { useEffect, useLayoutEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { formatLength } from '@lignum/core/quantity/length';
import type { SeenGarden } from '@lignum/core/plan/compute';
import type { PlanSpot } from '@lignum/core/site/plot';
import type { SunPosition } from '@lignum/core/site/sun/sun-position';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';
import { placedNow } from './placed-now';
import { arrowMove } from './arrows';
import { SunLayer } from './sun-layer';
import { Corners } from './corners';
import { NamePlate } from './label';
import { Names, NORTH, usePlotNames } from './names';
import { Body, Footprints, Grip, North, Running, Shadows } from './plot-figures';
import { MARGIN, Measures } from './measures';
import { Gaps } from './gaps';
import { gapsAmong } from './gaps-among';
import { LayPath, type Laying } from './lay-path';
import { bodyOf, extentOf, moveThing, settleDrag, settleSpot, thingsOf, type Thing } from './things';
import type { HoursAnswer } from '../../workers/sun-messages';
import { GuardLayer } from './guard-layer';
import type { Guarded } from './guarded';
import { Open } from './plot-figures';

/** A dragged thing's corner falls on these round lengths. mm. */
const ROUND = { imperial: 152.4, metric: 100 } as const;

/** The room of a drawing before it is measured, as on a desk of usual size; in the hand it is drawn smaller till then. Pixels. */
const FIRST_ROOM = { width: 812, height: 583 };

/** Left under the drawing for what its signs mean. Pixels. */
const UNDER_PX = 44;

/** Lines that what is dragged has fallen into. */
type Caught = ReturnType<typeof settleDrag>['caught'];

/** What is laid over the plan: one thing at a time, so that it can be read. */
export interface Overlay {
  hours: HoursAnswer | null;
  shadows: { sun: SunPosition; day: number } | null;
  guarded: readonly Guarded[] | null;
}

/** The plot to scale, worked on directly: take hold and drag, or reach a thing by Tab, choose it with Enter and use the arrow keys. */
export function PlotCanvas({
  chosen,
  choose,
  over: { hours, shadows, guarded },
  built,
  open,
  numbers,
  laying,
}: {
  chosen: string | null;
  choose: (id: string | null) => void;
  over: Overlay;
  /** What stands of it, where it is looked at as far as it is built; null as it is planned. */
  built: SeenGarden | null;
  /** How much is open at each thing. */
  open: ReadonlyMap<string, { fails: number; warns: number }>;
  /** By which number the list calls each thing. */
  numbers: ReadonlyMap<string, number>;
  /** A path that is being laid, corner by corner; nothing else is worked on meanwhile. */
  laying: Laying | null;
}) {
  const { plan, store, tongue } = useGarden();
  const frame = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(FIRST_ROOM);
  const [caught, setCaught] = useState<Caught>([]);
  const [touched, setTouched] = useState<string | null>(null);
  const isLaying = laying !== null;
  useLayoutEffect(() => {
    const element = frame.current;
    if (!element) return;
    const fit = () => {
      const under = element.getBoundingClientRect().top + window.scrollY + (isLaying ? 190 : UNDER_PX);
      setRoom({
        width: Math.max(280, element.clientWidth),
        height: Math.max(320, Math.min(element.clientWidth * 1.2, window.innerHeight - under)),
      });
    };
    // What stands above it grows and shrinks too, and the drawing with what is left.
    const watch = new ResizeObserver(fit);
    watch.observe(element);
    watch.observe(document.body);
    return () => watch.disconnect();
  }, [isLaying]);

  // The name of what is touched goes without moving the hand away from it.
  useEffect(() => {
    if (touched === null) return undefined;
    const hush = (event: { key: string }) => {
      if (event.key === 'Escape') setTouched(null);
    };
    document.addEventListener('keydown', hush);
    return () => document.removeEventListener('keydown', hush);
  }, [touched]);

  const { widthMm, depthMm, northDeg } = plan.site;
  const scale = Math.min(
    (room.width - MARGIN.left - MARGIN.right) / widthMm,
    (room.height - MARGIN.top - MARGIN.bottom) / depthMm,
  );
  const [width, height] = [widthMm * scale, depthMm * scale];
  const toPx = ([x, y]: PlanSpot): PlanSpot => [x * scale, height - y * scale];
  const path = (spots: readonly PlanSpot[], closed = true): string =>
    `M${spots
      .map((spot) =>
        toPx(spot)
          .map((value) => value.toFixed(1))
          .join(' '),
      )
      .join('L')}${closed ? 'Z' : ''}`;
  const { garden } = useResults();
  const things = useMemo(() => thingsOf(plan, garden), [plan, garden]);
  const gaps = useMemo(() => gapsAmong(plan.beds).toReversed(), [plan.beds]);
  // What lies flat is under the shadows; what stands is over them.
  const isFlat = (thing: Thing) => thing.is === 'feature' && thing.feature.heightMm === 0;
  const stood = useMemo(() => placedNow(plan, built ?? garden), [plan, built, garden]);
  const planned = useMemo(() => (built ? placedNow(plan, garden) : null), [plan, built, garden]);
  // Of what is as it was planned the very same is handed on.
  const yet = new Set(
    (built?.structures ?? []).flatMap((one, i) => (one === garden.structures[i] ? [] : [one.structure.id])),
  );
  const spotOf = (event: PointerEvent<SVGElement>): PlanSpot => {
    const box =
      event.currentTarget.ownerSVGElement?.getBoundingClientRect() ?? event.currentTarget.getBoundingClientRect();
    return [
      (event.clientX - box.left - MARGIN.left) / scale,
      (height - (event.clientY - box.top - MARGIN.top)) / scale,
    ];
  };

  const pulled = useDrag<PointerEvent<SVGElement>>(
    ({ args, event, first, last, memo }) => {
      const [thing] = args as [Thing];
      const [x, y] = spotOf(event);
      // A finger that passes over a thing scrolls the page: what it is to move is chosen first.
      if (event.pointerType === 'touch' && thing.id !== chosen) return undefined;
      if (first) {
        const body = bodyOf(thing);
        choose(thing.id);
        return [x - body.xMm, y - body.yMm] satisfies PlanSpot;
      }
      const grip = memo as PlanSpot;
      if (thing.is === 'run') store.edit(moveThing(thing, { xMm: x, yMm: y }), `drag ${thing.id}`);
      else {
        const {
          xMm,
          yMm,
          caught: on,
        } = settleDrag(plan.site, things, thing, [x - grip[0], y - grip[1]], ROUND[tongue.units]);
        setCaught(last ? [] : on);
        store.edit(moveThing(thing, { xMm, yMm }), `drag ${thing.id}`);
      }
      return grip;
    },
    { pointer: { keys: false } },
  );
  const press = (event: KeyboardEvent<SVGElement>, thing: Thing) => {
    const body = bodyOf(thing);
    const move = arrowMove(event, TAPE_STEP[tongue.units]);
    if (event.key === 'r' || event.key === 'R')
      store.edit(moveThing(thing, { turnDeg: (body.turnDeg + (event.shiftKey ? 5 : 90)) % 360 }), `turn ${thing.id}`);
    else if (move)
      store.edit(moveThing(thing, { xMm: body.xMm + move[0], yMm: body.yMm + move[1] }), `nudge ${thing.id}`);
    else if (event.key === 'Enter' || event.key === ' ') choose(thing.id);
    else if (event.key === 'Escape') {
      choose(null);
      setTouched(null);
    } else return;
    event.preventDefault();
  };

  const { names, pins } = usePlotNames({ plan, things, numbers, stood, scale, widthPx: width, heightPx: height });
  const draw = (thing: Thing) => {
    const body = bodyOf(thing);
    const isChosen = thing.id === chosen;
    return (
      <g
        key={thing.id}
        tabIndex={0}
        role="button"
        aria-pressed={isChosen}
        aria-label={`${body.name}, ${formatLength(body.lengthMm, tongue.units)} by ${formatLength(body.widthMm, tongue.units)}. Enter chooses it, arrow keys move it${thing.is === 'run' ? ' along its run' : ', R turns it'}.`}
        className="cursor-move outline-none focus-visible:[&>:first-child]:stroke-chalk focus-visible:[&>:first-child]:[stroke-width:4]"
        style={{ touchAction: isChosen ? 'none' : 'pan-y pinch-zoom' }}
        {...pulled(thing)}
        onClick={() => choose(thing.id)}
        onPointerEnter={() => setTouched(thing.id)}
        onPointerLeave={() => setTouched(null)}
        onFocus={() => setTouched(thing.id)}
        onBlur={() => setTouched(null)}
        onKeyDown={(event) => press(event, thing)}
      >
        <Body thing={thing} path={path} scale={scale} chosen={isChosen} yet={yet.has(thing.id)} toPx={toPx} />
        <Grip thing={thing} path={path} scale={scale} />
      </g>
    );
  };

  const selected = things.find((thing) => thing.id === chosen);
  const named = things.find((thing) => thing.id === touched);
  return (
    <div ref={frame}>
      <svg
        width={width + MARGIN.left + MARGIN.right}
        height={height + MARGIN.top + MARGIN.bottom}
        viewBox={`0 0 ${width + MARGIN.left + MARGIN.right} ${height + MARGIN.top + MARGIN.bottom}`}
        className={`mx-auto block h-auto max-w-full select-none ${laying ? 'touch-none' : '[touch-action:pan-y_pinch-zoom]'}`}
        role="group"
        aria-label={`The plot, ${formatLength(widthMm, tongue.units)} by ${formatLength(depthMm, tongue.units)}`}
      >
        <g transform={`translate(${MARGIN.left} ${MARGIN.top})`}>
          <Measures
            widthPx={width}
            heightPx={height}
            pxPerMm={scale}
            across={formatLength(widthMm, tongue.units)}
            up={formatLength(depthMm, tongue.units)}
            units={tongue.units}
            say={(mm) => formatLength(mm, tongue.units)}
          />
          <rect
            width={width}
            height={height}
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth="2"
            onPointerDown={() => choose(null)}
          />
          <clipPath id="plot-edge">
            <rect width={width} height={height} />
          </clipPath>
          {hours && <SunLayer answer={hours} scale={scale} heightPx={height} />}
          {!laying && <Gaps gaps={gaps} chosen={chosen} choose={choose} path={path} toPx={toPx} units={tongue.units} />}
          {/* What lies flat is seen by its edges where the sun is. */}
          <g className={hours ? '[&_path]:fill-transparent' : ''}>{things.filter(isFlat).map(draw)}</g>
          {shadows && shadows.sun.altitudeRad > 0 && (
            <Shadows plan={plan} structures={stood} path={path} shadows={shadows} northDeg={northDeg} />
          )}
          {things.filter((thing) => !isFlat(thing)).map(draw)}
          {planned && <Footprints stood={planned} scale={scale} heightPx={height} yet />}
          <Footprints stood={stood} scale={scale} heightPx={height} />
          {guarded && <GuardLayer guarded={guarded} path={path} />}
          <Names names={names} pins={pins} />
          {things.map((thing) => {
            const at = open.get(thing.id);
            if (!at) return null;
            const { left, top } = extentOf(thing);
            const [x, y] = toPx([left, top]);
            return <Open key={thing.id} {...at} x={x} y={y} />;
          })}
          {selected?.is === 'path' && !laying && (
            <Corners
              thing={selected}
              toPx={toPx}
              spotOf={spotOf}
              settle={(spot) => settleSpot(plan.site, things, spot, ROUND[tongue.units], selected.id)}
            />
          )}
          {caught.map(({ axis, at }) => {
            const [x, y] = toPx([at, at]);
            return (
              <path
                key={axis}
                d={axis === 'x' ? `M${x} 0V${height}` : `M0 ${y}H${width}`}
                stroke="var(--chalk)"
                strokeDasharray="5 4"
                fill="none"
              />
            );
          })}
          {selected && selected.is !== 'path' && selected.is !== 'run' && !laying && (
            <Running thing={selected} toPx={toPx} say={(mm) => formatLength(mm, tongue.units)} />
          )}
          <North northDeg={northDeg} x={width - NORTH.right} y={NORTH.down} />
          {named && !laying && (
            <NamePlate
              text={`${numbers.get(named.id) ?? ''} ${bodyOf(named).name}`}
              at={toPx([bodyOf(named).xMm, extentOf(named).top])}
              widthPx={width}
            />
          )}
          {laying && (
            <LayPath
              laying={laying}
              widthPx={width}
              heightPx={height}
              toPx={toPx}
              spotOf={spotOf}
              settle={(spot) => settleSpot(plan.site, things, spot, ROUND[tongue.units])}
              stepMm={ROUND[tongue.units]}
            />
          )}
        </g>
      </svg>
    </div>
  );
}
