'use client';
import { memo } from 'react';
import { plantsOf } from '@lignum/core/design/design';
import { feetOf, footprintOf } from '@lignum/core/design/on-plot';
import { bedOnPlot, outOfReach } from '@lignum/core/site/bed';
import { cornersOf, onPlan, type PlanSpot } from '@lignum/core/site/plot';
import { onPlotOf } from '@lignum/core/shade/on-plot';
import { toPlot } from '@lignum/core/site/frame';
import { shadersOf } from '@lignum/core/shade/shaders-of';
import { shadowOf } from '@lignum/core/shade/shade';
import { shadowPerHeight } from '@lignum/core/site/sun/shadow';
import type { SeenStructure } from '@lignum/core/plan/compute-as';
import type { SunPosition } from '@lignum/core/site/sun/sun-position';
import type { SeenGarden } from '@lignum/core/plan/compute';
import { useGarden } from '../shell/garden-context';
import { FIGURE } from './label';
import { bodyOf, extentOf, type Thing } from './things';

/** As wide as a plant is drawn that has more room. mm. */
const WIDEST_PLANT_MM = 600;

/** Structures from above: their plants, what they cover, and where they go into the ground; drawn anew only when something of them changes. */
export const Footprints = memo(function Footprints({
  stood,
  yet = false,
  ...drawn
}: {
  stood: SeenGarden['structures'];
  /** Pixels a millimetre. */
  scale: number;
  heightPx: number;
  /** They are not built yet: where they will come, under what stands. */
  yet?: boolean;
}) {
  return stood.map((one) => <Footprint key={one.structure.id} computed={one} yet={yet} {...drawn} />);
});

function Footprint({
  computed: { sized, frame },
  scale,
  heightPx,
  yet,
}: {
  computed: SeenStructure;
  scale: number;
  heightPx: number;
  yet: boolean;
}) {
  const at = (x: number, y: number): PlanSpot => {
    const [px, py] = toPlot(frame, x, y);
    return [px * scale, heightPx - py * scale];
  };
  return (
    <g aria-hidden className="pointer-events-none">
      {(yet ? [] : plantsOf(sized.design)).map((plant) => {
        const [px, py] = at(plant.at[0], plant.at[1]);
        return (
          <circle
            key={plant.id}
            cx={px}
            cy={py}
            r={Math.max(1.5, (Math.min(plant.spacingMm, WIDEST_PLANT_MM) / 2) * scale * 0.9)}
            fill="var(--leaf-wash)"
            stroke="var(--leaf-line)"
            strokeWidth="0.8"
          />
        );
      })}
      {footprintOf(sized.design).map(
        (outline, i) =>
          outline.length > 0 && (
            <path
              key={i}
              d={`M${outline
                .map(([x, y]) =>
                  at(x, y)
                    .map((value) => value.toFixed(1))
                    .join(' '),
                )
                .join('L')}Z`}
              strokeLinejoin="round"
              {...(yet
                ? { fill: 'none', stroke: 'var(--rule-strong)', strokeWidth: 1.2, strokeDasharray: '3 3' }
                : { fill: 'var(--timber)', fillOpacity: 0.22, stroke: 'var(--ink)', strokeWidth: 1.6 })}
            />
          ),
      )}
      {(yet ? [] : feetOf(sized.design)).map(([x, y], i) => {
        const [px, py] = at(x, y);
        return <rect key={i} x={px - 2.5} y={py - 2.5} width="5" height="5" fill="var(--ink)" />;
      })}
    </g>
  );
}

export function Body({
  thing,
  path,
  scale,
  chosen,
  yet,
  toPx,
}: {
  thing: Thing;
  path: (spots: readonly PlanSpot[], closed?: boolean) => string;
  scale: number;
  chosen: boolean;
  /** It is not built yet, or not all of it. */
  yet: boolean;
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
        <path
          d={line}
          fill="none"
          strokeLinejoin="round"
          {...(yet
            ? { stroke: 'var(--rule-strong)', strokeWidth: 1.2, strokeDasharray: '3 3' }
            : { stroke: 'var(--timber-edge)', strokeWidth: 5 })}
          {...edge}
        />
        {/* Wide enough to be taken hold of with a thumb. */}
        <path d={line} fill="none" stroke="transparent" strokeWidth={GRIP_PX} strokeLinejoin="round" />
      </>
    );
  }
  if (thing.is === 'run') {
    const grip = cornersOf(body, body.lengthMm, Math.max(body.widthMm, GRIP_PX / scale));
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

/** As wide as a thumb takes hold of a thing, and how far that may reach out of it over its neighbours' ground. Pixels. */
const GRIP_PX = 26;
const GRIP_OUT_PX = 7;

/** What is taken hold of of a thing that is drawn narrower than a thumb. */
export function Grip({
  thing,
  path,
  scale,
}: {
  thing: Thing;
  path: (spots: readonly PlanSpot[], closed?: boolean) => string;
  scale: number;
}) {
  // Those have one of their own, along their line.
  if (thing.is === 'path' || thing.is === 'run') return null;
  const body = bodyOf(thing);
  const lacks = GRIP_PX - Math.min(body.lengthMm, body.widthMm) * scale;
  if (lacks <= 0) return null;
  return (
    <path
      aria-hidden
      d={path(cornersOf(body, body.lengthMm, body.widthMm))}
      fill="transparent"
      stroke="transparent"
      strokeWidth={Math.min(lacks, 2 * GRIP_OUT_PX)}
    />
  );
}

/** Running dimensions of the chosen thing: its distances from the left and the lower edge, on chalk lines with crow's feet. */
export function Running({
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
  return (
    <g aria-hidden className="pointer-events-none" stroke="var(--chalk)" fill="none" strokeWidth="1.2">
      {x1 - x0 > 4 && (
        <>
          <path
            d={`M${x0} ${y}H${x1}M${x1 - 7} ${y - 4}L${x1} ${y}L${x1 - 7} ${y + 4}M${x0 + 7} ${y - 4}L${x0} ${y}L${x0 + 7} ${y + 4}`}
          />
          <text {...FIGURE} x={(x0 + x1) / 2} y={y - 6} textAnchor="middle">
            {say(left)}
          </text>
        </>
      )}
      {yFloor - yBottom > 4 && (
        <>
          <path
            d={`M${cx} ${yBottom}V${yFloor}M${cx - 4} ${yBottom + 7}L${cx} ${yBottom}L${cx + 4} ${yBottom + 7}M${cx - 4} ${yFloor - 7}L${cx} ${yFloor}L${cx + 4} ${yFloor - 7}`}
          />
          <text {...FIGURE} x={cx + 7} y={(yBottom + yFloor) / 2 + 4}>
            {say(bottom)}
          </text>
        </>
      )}
    </g>
  );
}

/** That something is open at a thing: a sign at its corner with how much, another for what fails than for what is to be looked at. */
export function Open({ fails, warns, x, y }: { fails: number; warns: number; x: number; y: number }) {
  const [cx, cy] = [Math.max(8, x), Math.max(8, y)];
  return (
    <g aria-hidden className="pointer-events-none" stroke="var(--sheet)" strokeWidth="1.5">
      {fails > 0 ? (
        <path d={octagon(cx, cy, 8.5)} fill="var(--keel)" />
      ) : (
        <path d={`M${cx} ${cy - 10}L${cx + 10} ${cy + 7}H${cx - 10}Z`} fill="var(--ochre)" />
      )}
      <text
        x={cx}
        y={cy + (fails > 0 ? 3.8 : 4.8)}
        textAnchor="middle"
        fontSize={fails > 0 ? 10.5 : 9.5}
        fontWeight="700"
        fill="var(--sheet)"
        stroke="none"
      >
        {fails > 0 ? fails : warns}
      </text>
    </g>
  );
}

const octagon = (x: number, y: number, r: number): string =>
  `M${Array.from({ length: 8 }, (_, i) => {
    const at = ((i + 0.5) * Math.PI) / 4;
    return `${(x + r * Math.cos(at)).toFixed(1)} ${(y + r * Math.sin(at)).toFixed(1)}`;
  }).join('L')}Z`;

export function North({ northDeg, x, y }: { northDeg: number; x: number; y: number }) {
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

export function Shadows({
  plan,
  structures,
  path,
  shadows,
  northDeg,
}: {
  plan: ReturnType<typeof useGarden>['plan'];
  structures: SeenGarden['structures'];
  path: (spots: readonly PlanSpot[]) => string;
  shadows: { sun: SunPosition; day: number };
  northDeg: number;
}) {
  const perHeight = shadowPerHeight(shadows.sun, northDeg);
  const thrown = shadersOf(plan, structures.map(onPlotOf), shadows.day);
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
