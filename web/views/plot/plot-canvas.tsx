'use client';
import { useDrag } from '@use-gesture/react';
import { useLayoutEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { formatLength } from '@lignum/core/quantity/length';
import { notchOf, roomOf } from '@lignum/core/site/bed';
import { onPlan, type PlanSpot } from '@lignum/core/site/plot';
import { middleOfLongest, onPath } from '@lignum/core/site/path';
import type { Plan } from '@lignum/core/plan/plan';
import type { SunPosition } from '@lignum/core/site/sun/sun-position';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';
import { placedNow } from './placed-now';
import { arrowMove } from './arrows';
import { SunLayer } from './sun-layer';
import { Corners } from './corners';
import { Label } from './label';
import { Body, Footprint, North, Running, Shadows } from './plot-figures';
import { MARGIN, Measures } from './measures';
import { placeLabels, type LabelWish } from './labels';
import { LayPath, type Laying } from './lay-path';
import { bodyOf, moveThing, settleDrag, settleSpot, thingsOf, type Thing } from './things';
import type { HoursAnswer } from '../../workers/sun-messages';
import { hostNamed, standOf } from '@lignum/core/site/stands/stands';

/** A dragged thing's corner falls on these round lengths. mm. */
const ROUND = { imperial: 152.4, metric: 100 } as const;

/** Where the arrow that points north stands, from the plot's upper right corner. Pixels. */
const NORTH = { right: 26, down: 34 };

/** Lines that what is dragged has fallen into. */
type Caught = ReturnType<typeof settleDrag>['caught'];

/** The plot to scale, worked on directly: take hold and drag, or choose and use the arrow keys. */
export function PlotCanvas({
  chosen,
  choose,
  answer,
  shadows,
  laying,
}: {
  chosen: string | null;
  choose: (id: string | null) => void;
  answer: HoursAnswer | null;
  shadows: { sun: SunPosition; day: number } | null;
  /** A path that is being laid, corner by corner; nothing else is worked on meanwhile. */
  laying: Laying | null;
}) {
  const { plan, store, tongue } = useGarden();
  const frame = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState({ width: 760, height: 640 });
  const [caught, setCaught] = useState<Caught>([]);
  const isLaying = laying !== null;
  useLayoutEffect(() => {
    const element = frame.current;
    if (!element) return;
    const watch = new ResizeObserver(() =>
      setRoom({
        width: Math.max(280, element.clientWidth),
        height: Math.max(320, Math.min(element.clientWidth * 1.2, window.innerHeight - (isLaying ? 290 : 168))),
      }),
    );
    watch.observe(element);
    return () => watch.disconnect();
  }, [isLaying]);

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
  const things = thingsOf(plan, garden);
  // What lies flat is under the shadows; what stands is over them.
  const isFlat = (thing: Thing) => thing.is === 'feature' && thing.feature.heightMm === 0;
  const stood = useMemo(() => placedNow(plan, garden), [plan, garden]);
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
    else if (event.key === 'Escape') choose(null);
    else return;
    event.preventDefault();
  };

  const labels = placeLabels(
    things.map((thing): LabelWish => {
      const body = bodyOf(thing);
      const { spot, turnDeg, lengthMm, widthMm } = roomForName(plan, thing);
      return {
        id: thing.id,
        text: body.name,
        at: toPx(spot),
        turnDeg,
        lengthPx: lengthMm * scale,
        widthPx: thing.is === 'path' ? 8 : widthMm * scale,
        carries: thing.is === 'bed',
      };
    }),
    chosen,
    { at: [width - NORTH.right, NORTH.down], halfPx: 24 },
  );
  const draw = (thing: Thing) => {
    const body = bodyOf(thing);
    const isChosen = thing.id === chosen;
    return (
      <g
        key={thing.id}
        tabIndex={0}
        role="button"
        aria-pressed={isChosen}
        aria-label={`${body.name}, ${formatLength(body.lengthMm, tongue.units)} by ${formatLength(body.widthMm, tongue.units)}. Arrow keys move it${thing.is === 'run' ? ' along its run' : ', R turns it'}.`}
        className="cursor-move outline-none focus-visible:[&>path:first-child]:stroke-chalk focus-visible:[&>path:first-child]:[stroke-width:4]"
        {...pulled(thing)}
        onFocus={() => choose(thing.id)}
        onKeyDown={(event) => press(event, thing)}
      >
        <Body thing={thing} path={path} scale={scale} chosen={isChosen} toPx={toPx} />
      </g>
    );
  };

  const selected = things.find((thing) => thing.id === chosen);
  return (
    <div ref={frame}>
      <svg
        width={width + MARGIN.left + MARGIN.right}
        height={height + MARGIN.top + MARGIN.bottom}
        className="mx-auto block touch-none select-none"
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
          {things.filter(isFlat).map(draw)}
          {answer && <SunLayer answer={answer} scale={scale} heightPx={height} />}
          {shadows && shadows.sun.altitudeRad > 0 && (
            <Shadows plan={plan} structures={stood} path={path} shadows={shadows} northDeg={northDeg} />
          )}
          {things.filter((thing) => !isFlat(thing)).map(draw)}
          {stood.map((one) => (
            <Footprint key={one.structure.id} computed={one} path={path} toPx={toPx} scale={scale} />
          ))}
          {[...labels].map(([id, label]) => (
            <Label key={id} {...label} />
          ))}
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

/** The middle of where the name of a thing goes, how that lies, and its size: of a bed with a notch what is behind it. mm. */
function roomForName(plan: Plan, thing: Thing): { spot: PlanSpot; turnDeg: number; lengthMm: number; widthMm: number } {
  const body = bodyOf(thing);
  if (thing.is === 'path') return { ...body, ...labelOf(plan, thing) };
  if (thing.is !== 'bed' || !notchOf(thing.bed)) return { ...body, spot: [body.xMm, body.yMm] };
  const { fromMm, lengthMm, frontMm, widthMm } = roomOf(thing.bed);
  const middle = [fromMm + (lengthMm - body.lengthMm) / 2, frontMm + (widthMm - body.widthMm) / 2] as const;
  return { turnDeg: body.turnDeg, lengthMm, widthMm, spot: onPlan(body, ...middle) };
}

/** The middle of a path's longest stretch that nothing stands in: where its name has most room. */
function labelOf(plan: Plan, { id, stand }: Extract<Thing, { is: 'path' }>): { spot: PlanSpot; turnDeg: number } {
  const taken = plan.structures.flatMap((one) =>
    hostNamed(one.stand) === id ? [standOf(one.stand).alongMm(one.stand)] : [],
  );
  const middle = middleOfLongest(stand.spots, stand.closed, taken);
  const on = (by: number) => onPath(stand.spots, stand.closed, middle + by);
  const [[x0, y0], [x1, y1]] = [on(-1), on(1)];
  return { spot: on(0), turnDeg: (Math.atan2(y1 - y0, x1 - x0) * 180) / Math.PI };
}
