'use client';
import { useDrag } from '@use-gesture/react';
import { useLayoutEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { formatLength } from '@lignum/core/quantity/length';
import { feetOf, footprintOf } from '@lignum/core/design/on-plot';
import { bedOnPlot, outOfReach } from '@lignum/core/site/bed';
import { cornersOf, onPlan, type PlanSpot } from '@lignum/core/site/plot';
import { onPlotOf } from '@lignum/core/shade/study';
import { middleOfLongest, onPath, toPlot } from '@lignum/core/site/stand';
import { shadersOf } from '@lignum/core/shade/shaders-of';
import { shadowOf, shadowPerHeight } from '@lignum/core/shade/shade';
import type { Plan } from '@lignum/core/plan/plan';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { SunPosition } from '@lignum/core/site/sun/sun-position';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { gardenOf } from '../shell/computed';
import { useGarden } from '../shell/garden-context';
import { arrowMove } from './arrows';
import { SunLayer } from './sun-layer';
import { Corners } from './corners';
import { Label } from './label';
import { placeLabels, type LabelWish } from './labels';
import { LayPath, type Laying } from './lay-path';
import { bodyOf, extentOf, moveThing, settleDrag, settleSpot, thingsOf, type Thing } from './things';
import type { HoursAnswer } from '../../workers/sun-messages';

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
        height: Math.max(320, Math.min(element.clientWidth * 1.2, window.innerHeight - (isLaying ? 300 : 190))),
      }),
    );
    watch.observe(element);
    return () => watch.disconnect();
  }, [isLaying]);

  const { widthMm, depthMm, northDeg } = plan.site;
  const scale = Math.min((room.width - 24) / widthMm, (room.height - 24) / depthMm);
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
  const things = thingsOf(plan);
  // What lies flat is under the shadows; what stands is over them.
  const isFlat = (thing: Thing) => thing.is === 'feature' && thing.feature.heightMm === 0;
  const garden = gardenOf(plan);
  const spotOf = (event: PointerEvent<SVGElement>): PlanSpot => {
    const box =
      event.currentTarget.ownerSVGElement?.getBoundingClientRect() ?? event.currentTarget.getBoundingClientRect();
    return [(event.clientX - box.left - 12) / scale, (height - (event.clientY - box.top - 12)) / scale];
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
        const { xMm, yMm, caught: on } = settleDrag(plan, thing, [x - grip[0], y - grip[1]], ROUND[tongue.units]);
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
      const { spot, turnDeg } =
        thing.is === 'path' ? labelOf(plan, thing) : { spot: [body.xMm, body.yMm] as const, turnDeg: body.turnDeg };
      return {
        id: thing.id,
        text: body.name,
        at: toPx(spot),
        turnDeg,
        lengthPx: body.lengthMm * scale,
        widthPx: thing.is === 'path' ? 8 : body.widthMm * scale,
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
        width={width + 24}
        height={height + 24}
        className="mx-auto block touch-none select-none"
        role="group"
        aria-label={`The plot, ${formatLength(widthMm, tongue.units)} by ${formatLength(depthMm, tongue.units)}`}
      >
        <g transform="translate(12 12)">
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
            <Shadows plan={plan} garden={garden} path={path} shadows={shadows} northDeg={northDeg} />
          )}
          {things.filter((thing) => !isFlat(thing)).map(draw)}
          {garden.structures.map((one) => (
            <Footprint key={one.structure.id} computed={one} path={path} toPx={toPx} />
          ))}
          {[...labels].map(([id, label]) => (
            <Label key={id} {...label} />
          ))}
          {selected?.is === 'path' && !laying && (
            <Corners
              thing={selected}
              toPx={toPx}
              spotOf={spotOf}
              settle={(spot) => settleSpot(plan, spot, ROUND[tongue.units], selected.id)}
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
              settle={(spot) => settleSpot(plan, spot, ROUND[tongue.units])}
              stepMm={ROUND[tongue.units]}
            />
          )}
        </g>
      </svg>
    </div>
  );
}

/** The middle of a path's longest stretch that nothing stands in: where its name has most room. */
function labelOf(plan: Plan, { id, stand }: Extract<Thing, { is: 'path' }>): { spot: PlanSpot; turnDeg: number } {
  const taken = plan.structures.flatMap((one) =>
    one.stand.on === 'run' && one.stand.of === id ? [one.stand.atMm] : [],
  );
  const middle = middleOfLongest(stand.spots, stand.closed, taken);
  const on = (by: number) => onPath(stand.spots, stand.closed, middle + by);
  const [[x0, y0], [x1, y1]] = [on(-1), on(1)];
  return { spot: on(0), turnDeg: (Math.atan2(y1 - y0, x1 - x0) * 180) / Math.PI };
}

/** What a structure covers, and where it goes into the ground. */
function Footprint({
  computed: { sized, frame },
  path,
  toPx,
}: {
  computed: ComputedStructure;
  path: (spots: readonly PlanSpot[]) => string;
  toPx: (spot: PlanSpot) => PlanSpot;
}) {
  return (
    <g aria-hidden className="pointer-events-none">
      {footprintOf(sized.design).map((outline, i) => (
        <path
          key={i}
          d={path(outline.map(([x, y]) => toPlot(frame, x, y)))}
          fill="var(--timber)"
          fillOpacity="0.22"
          stroke="var(--ink)"
          strokeWidth="1.6"
          strokeLinejoin="round"
        />
      ))}
      {feetOf(sized.design).map(([x, y], i) => {
        const [px, py] = toPx(toPlot(frame, x, y));
        return <rect key={i} x={px - 2.5} y={py - 2.5} width="5" height="5" fill="var(--ink)" />;
      })}
    </g>
  );
}

function Body({
  thing,
  path,
  scale,
  chosen,
  toPx,
}: {
  thing: Thing;
  path: (spots: readonly PlanSpot[], closed?: boolean) => string;
  scale: number;
  chosen: boolean;
  toPx: (spot: PlanSpot) => PlanSpot;
}) {
  const { plan } = useGarden();
  const body = bodyOf(thing);
  const corners = cornersOf(body, body.lengthMm, body.widthMm);
  const edge = chosen ? { stroke: 'var(--chalk)', strokeWidth: 2.5 } : {};
  if (thing.is === 'bed') {
    const far = outOfReach(thing.bed, plan.site.armMm);
    return (
      <>
        <path
          d={path(bedOnPlot(thing.bed))}
          fill="var(--leaf-wash)"
          stroke="var(--leaf-line)"
          strokeWidth="1.5"
          {...edge}
        />
        {far && (
          <path
            aria-hidden
            d={path(
              [
                [-1, -1],
                [1, -1],
                [1, 1],
                [-1, 1],
              ].map(([l = 0, w = 0]) =>
                onPlan(thing.bed, (l * thing.bed.lengthMm) / 2, far.acrossMm + (w * far.wideMm) / 2),
              ),
            )}
            fill="var(--keel)"
            fillOpacity="0.16"
            stroke="var(--keel)"
            strokeWidth="1"
            strokeDasharray="3 3"
          />
        )}
      </>
    );
  }
  if (thing.is === 'path') {
    const { spots, closed } = thing.stand;
    const line = path(
      spots.map((spot): PlanSpot => [spot.xMm, spot.yMm]),
      closed,
    );
    return (
      <>
        <path d={line} fill="none" stroke="var(--timber-edge)" strokeWidth="5" strokeLinejoin="round" {...edge} />
        {/* Wide enough to be taken hold of with a thumb. */}
        <path d={line} fill="none" stroke="transparent" strokeWidth="26" strokeLinejoin="round" />
      </>
    );
  }
  if (thing.is === 'run') {
    const grip = cornersOf(body, body.lengthMm, Math.max(body.widthMm, 26 / scale));
    return (
      <>
        <path d={path(corners)} fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" {...edge} />
        <path d={path(grip)} fill="transparent" stroke="none" />
      </>
    );
  }
  if (thing.is === 'spot')
    return (
      <path
        d={path(corners)}
        fill="var(--timber)"
        fillOpacity="0.12"
        stroke="var(--timber-edge)"
        strokeWidth="1.5"
        strokeDasharray="6 3"
        {...edge}
      />
    );
  const { feature } = thing;
  const [cx, cy] = toPx([feature.xMm, feature.yMm]);
  const clear = feature.keepClearMm * scale;
  const halo =
    feature.keepClearMm > 0 && (chosen || feature.kind === 'buried line' || feature.kind === 'well') ? (
      feature.kind === 'tree' || feature.kind === 'well' ? (
        <circle
          aria-hidden
          clipPath="url(#plot-edge)"
          cx={cx}
          cy={cy}
          r={clear + (feature.kind === 'well' ? (feature.lengthMm * scale) / 2 : 0)}
          fill="none"
          stroke="var(--keel)"
          strokeDasharray="2 4"
        />
      ) : (
        <path
          aria-hidden
          clipPath="url(#plot-edge)"
          d={path(
            cornersOf(feature, feature.lengthMm + 2 * feature.keepClearMm, feature.widthMm + 2 * feature.keepClearMm),
          )}
          fill="none"
          stroke="var(--keel)"
          strokeDasharray="2 4"
        />
      )
    ) : null;
  const shape = (look: object) => <path d={path(corners)} {...look} {...edge} />;
  switch (feature.kind) {
    case 'tree':
      return (
        <>
          <circle
            cx={cx}
            cy={cy}
            r={(feature.lengthMm * scale) / 2}
            fill="var(--leaf-wash)"
            stroke="var(--leaf)"
            strokeWidth="1.5"
            {...edge}
          />
          <circle aria-hidden cx={cx} cy={cy} r="3" fill="var(--leaf)" />
          {halo}
        </>
      );
    case 'well':
      return (
        <>
          <circle
            cx={cx}
            cy={cy}
            r={Math.max(6, (feature.lengthMm * scale) / 2)}
            fill="var(--chalk-wash)"
            stroke="var(--chalk)"
            strokeWidth="1.5"
            {...edge}
          />
          {halo}
        </>
      );
    case 'water':
      return (
        <>
          {shape({ fill: 'var(--chalk-wash)', stroke: 'var(--chalk)', strokeWidth: 1.5 })}
          {halo}
        </>
      );
    case 'house':
      return (
        <>
          {shape({ fill: 'var(--well)', stroke: 'var(--ink)', strokeWidth: 2.5 })}
          {halo}
        </>
      );
    case 'wall':
      return (
        <>
          {shape({ fill: 'var(--ink-soft)', stroke: 'var(--ink)', strokeWidth: 1 })}
          {halo}
        </>
      );
    case 'fence':
      return (
        <>
          {shape({ fill: 'var(--ink-soft)', stroke: 'var(--ink)', strokeWidth: 1.5, strokeDasharray: '7 3' })}
          {halo}
        </>
      );
    case 'buried line':
      return (
        <>
          {shape({ fill: 'none', stroke: 'var(--keel)', strokeWidth: 2, strokeDasharray: '9 4 2 4' })}
          {halo}
        </>
      );
    case 'path':
      return (
        <>
          {shape({ fill: 'var(--ground)', stroke: 'var(--rule-strong)', strokeWidth: 1 })}
          {halo}
        </>
      );
    case 'compost':
      return (
        <>
          {shape({ fill: 'var(--timber)', stroke: 'var(--timber-edge)', strokeWidth: 1.2 })}
          {halo}
        </>
      );
  }
}

/** Running dimensions of the chosen thing: its distances from the left and the lower edge, on chalk lines with crow's feet. */
function Running({
  thing,
  toPx,
  say,
}: {
  thing: Thing;
  toPx: (spot: PlanSpot) => PlanSpot;
  say: (mm: number) => string;
}) {
  const { left, bottom, top } = extentOf(thing);
  const middle = (bottom + top) / 2;
  const [x0, y] = toPx([0, middle]);
  const [x1] = toPx([left, middle]);
  const body = bodyOf(thing);
  const [cx, yBottom] = toPx([body.xMm, bottom]);
  const [, yFloor] = toPx([body.xMm, 0]);
  const figure = {
    fontSize: 13,
    fontWeight: 600,
    fill: 'var(--ink)',
    stroke: 'var(--sheet)',
    strokeWidth: 4,
    paintOrder: 'stroke' as const,
    strokeLinejoin: 'round' as const,
  };
  return (
    <g aria-hidden className="pointer-events-none" stroke="var(--chalk)" fill="none" strokeWidth="1.2">
      {x1 - x0 > 4 && (
        <>
          <path
            d={`M${x0} ${y}H${x1}M${x1 - 7} ${y - 4}L${x1} ${y}L${x1 - 7} ${y + 4}M${x0 + 7} ${y - 4}L${x0} ${y}L${x0 + 7} ${y + 4}`}
          />
          <text {...figure} x={(x0 + x1) / 2} y={y - 6} textAnchor="middle">
            {say(left)}
          </text>
        </>
      )}
      {yFloor - yBottom > 4 && (
        <>
          <path
            d={`M${cx} ${yBottom}V${yFloor}M${cx - 4} ${yBottom + 7}L${cx} ${yBottom}L${cx + 4} ${yBottom + 7}M${cx - 4} ${yFloor - 7}L${cx} ${yFloor}L${cx + 4} ${yFloor - 7}`}
          />
          <text {...figure} x={cx + 7} y={(yBottom + yFloor) / 2 + 4}>
            {say(bottom)}
          </text>
        </>
      )}
    </g>
  );
}

function North({ northDeg, x, y }: { northDeg: number; x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${-northDeg})`} role="img" aria-label="North">
      <circle cy="4" r="25" fill="var(--sheet)" fillOpacity="0.9" />
      <path d="M-7 12 L0 -14 L7 12" fill="none" stroke="var(--ink)" strokeWidth="2.2" strokeLinejoin="round" />
      <text
        y="26"
        textAnchor="middle"
        fontSize="13"
        fontWeight="700"
        fill="var(--ink)"
        transform={`rotate(${northDeg} 0 22)`}
      >
        N
      </text>
    </g>
  );
}

function Shadows({
  plan,
  garden,
  path,
  shadows,
  northDeg,
}: {
  plan: ReturnType<typeof useGarden>['plan'];
  garden: ReturnType<typeof gardenOf>;
  path: (spots: readonly PlanSpot[]) => string;
  shadows: { sun: SunPosition; day: number };
  northDeg: number;
}) {
  const perHeight = shadowPerHeight(shadows.sun, northDeg);
  const thrown = shadersOf(plan, garden.structures.map(onPlotOf), shadows.day);
  return (
    <g aria-hidden className="pointer-events-none">
      <g clipPath="url(#plot-edge)">
        {thrown.map(({ owner, shader }, i) => (
          <path
            key={`${owner} ${i}`}
            d={path(shadowOf(shader, perHeight))}
            fill="var(--ink)"
            fillOpacity={0.34 * shader.opacity}
            stroke="none"
          />
        ))}
      </g>
    </g>
  );
}
