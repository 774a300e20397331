'use client';
import { useDrag } from '@use-gesture/react';
import type { KeyboardEvent, PointerEvent } from 'react';
import { formatLength } from '@lignum/core/quantity/length';
import type { PlanSpot } from '@lignum/core/site/plot';
import type { PathSpot } from '@lignum/core/site/path';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { useGarden } from '../shell/garden-context';
import { arrowMove } from './arrows';
import { bendPath, type Thing } from './things';

type PathThing = Extract<Thing, { is: 'path' }>;

/** The middle of a stretch, on the soil as it lies between its ends. */
const halfway = (from: PathSpot, to: PathSpot): PathSpot => ({
  xMm: (from.xMm + to.xMm) / 2,
  yMm: (from.yMm + to.yMm) / 2,
  groundMm: (from.groundMm + to.groundMm) / 2,
});

/** A plus on a stretch, from which a corner is made. */
function Between({ at: [x, y], says, onAdd }: { at: PlanSpot; says: string; onAdd: () => void }) {
  return (
    <g
      tabIndex={0}
      role="button"
      aria-label={says}
      className="cursor-copy outline-none focus-visible:[&>circle:last-of-type]:stroke-ink focus-visible:[&>circle:last-of-type]:[stroke-width:3]"
      onClick={onAdd}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onAdd();
      }}
    >
      <circle cx={x} cy={y} r="18" fill="transparent" />
      <circle cx={x} cy={y} r="8" fill="var(--sheet)" stroke="var(--chalk)" strokeWidth="1.5" />
      <path d={`M${x - 4} ${y}h8M${x} ${y - 4}v8`} stroke="var(--chalk)" strokeWidth="1.5" />
    </g>
  );
}

/** The corners of a chosen path to take hold of, and a place on every stretch to make a new one. */
export function Corners({
  thing,
  toPx,
  spotOf,
  settle,
}: {
  thing: PathThing;
  toPx: (spot: PlanSpot) => PlanSpot;
  spotOf: (event: PointerEvent<SVGElement>) => PlanSpot;
  settle: (spot: PlanSpot) => PlanSpot;
}) {
  const { store, tongue } = useGarden();
  const { spots, closed } = thing.stand;
  const place = (corner: number, [xMm, yMm]: PlanSpot, how: string) =>
    store.edit(
      bendPath(thing, (now) => now.map((spot, i) => (i === corner ? { ...spot, xMm, yMm } : spot))),
      `${how} ${thing.id} ${corner}`,
    );
  const pulled = useDrag<PointerEvent<SVGElement>>(
    ({ args: [corner], event, first }) => {
      if (!first) place(corner as number, settle(spotOf(event)), 'drag corner');
    },
    { pointer: { keys: false } },
  );
  const press = (event: KeyboardEvent<SVGElement>, corner: number) => {
    const spot = spots[corner] as PathSpot;
    const move = arrowMove(event, TAPE_STEP[tongue.units]);
    if (move) place(corner, [spot.xMm + move[0], spot.yMm + move[1]], 'nudge corner');
    else if (event.key === 'Delete' || event.key === 'Backspace')
      store.edit(bendPath(thing, (now) => now.filter((_, i) => i !== corner)));
    else return;
    event.preventDefault();
  };
  const stretches = spots.flatMap((from, i) => {
    const to = spots[i + 1] ?? (closed ? spots[0] : undefined);
    return to ? [{ i, from, to }] : [];
  });
  return (
    <g>
      {stretches.map(({ i, from, to }) => (
        <Between
          key={`between ${i}`}
          at={toPx([(from.xMm + to.xMm) / 2, (from.yMm + to.yMm) / 2])}
          says={`Make a corner between ${i + 1} and ${((i + 1) % spots.length) + 1}`}
          onAdd={() =>
            store.edit(bendPath(thing, (now) => [...now.slice(0, i + 1), halfway(from, to), ...now.slice(i + 1)]))
          }
        />
      ))}
      {spots.map((spot, i) => {
        const [x, y] = toPx([spot.xMm, spot.yMm]);
        return (
          <g
            key={i}
            tabIndex={0}
            role="button"
            aria-label={`Corner ${i + 1}, ${formatLength(spot.xMm, tongue.units)} from the left, ${formatLength(spot.yMm, tongue.units)} from the bottom edge. Arrow keys move it, Delete removes it.`}
            className="cursor-grab touch-none outline-none focus-visible:[&>circle:last-of-type]:stroke-ink focus-visible:[&>circle:last-of-type]:[stroke-width:4]"
            {...pulled(i)}
            onKeyDown={(event) => press(event, i)}
          >
            <circle cx={x} cy={y} r="22" fill="transparent" />
            <circle cx={x} cy={y} r="11" fill="var(--chalk)" stroke="var(--sheet)" strokeWidth="2" />
            <text
              x={x}
              y={y + 4}
              textAnchor="middle"
              fontSize="11.5"
              fontWeight="700"
              fill="var(--sheet)"
              className="pointer-events-none"
            >
              {i + 1}
            </text>
          </g>
        );
      })}
    </g>
  );
}
