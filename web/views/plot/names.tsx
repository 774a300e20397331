'use client';
import { memo, useMemo } from 'react';
import { footprintOf } from '@lignum/core/design/on-plot';
import type { SeenGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import { notchOf, roomOf } from '@lignum/core/site/bed';
import { toPlot } from '@lignum/core/site/frame';
import { middleOfLongest, onPath } from '@lignum/core/site/path';
import { onPlan, type PlanSpot } from '@lignum/core/site/plot';
import { bedsOf, hostNamed, standOf } from '@lignum/core/site/stands/stands';
import { Label, Pin } from './label';
import { placeNames, type LabelWish, type PlacedNames } from './labels';
import { bodyOf, type Thing } from './things';

/** Where the arrow that points north stands, from the plot's upper right corner. Pixels. */
export const NORTH = { right: 26, down: 34 };

/** A drawing narrower than this is held in a hand. Pixels. */
const SMALL_PX = 640;
/** As wide as the line of a path is taken for. Pixels. */
const LINE_PX = 8;

/** Where each thing of a plot has its name or its number; worked out anew only when something of it moves. */
export function usePlotNames({
  plan,
  things,
  numbers,
  stood,
  scale,
  widthPx,
  heightPx,
}: {
  plan: Plan;
  things: readonly Thing[];
  numbers: ReadonlyMap<string, number>;
  stood: SeenGarden['structures'];
  /** Pixels a millimetre. */
  scale: number;
  widthPx: number;
  heightPx: number;
}): PlacedNames {
  return useMemo(() => {
    const toPx = ([x, y]: PlanSpot): PlanSpot => [x * scale, heightPx - y * scale];
    const occupied = new Set(stood.flatMap((one) => bedsOf(one.setting.place).map(({ id }) => id)));
    const wishes = things.map((thing): LabelWish => {
      const { spot, turnDeg, lengthMm, widthMm } = roomForName(plan, thing);
      return {
        id: thing.id,
        text: bodyOf(thing).name,
        number: numbers.get(thing.id) ?? 0,
        at: toPx(spot),
        turnDeg,
        lengthPx: lengthMm * scale,
        widthPx: thing.is === 'path' ? LINE_PX : widthMm * scale,
        // In the hand there is no room for the numbers of what is there already.
        isPinned: thing.is !== 'feature' || widthPx >= SMALL_PX,
        isBare: thing.is === 'feature' || (thing.is === 'bed' && !occupied.has(thing.id)),
      };
    });
    const built = stood.flatMap((one) =>
      footprintOf(one.sized.design).map((outline) => outline.map(([x, y]) => toPx(toPlot(one.frame, x, y)))),
    );
    return placeNames(wishes, { widthPx, heightPx }, { at: [widthPx - NORTH.right, NORTH.down], halfPx: 24 }, built);
  }, [plan, things, numbers, stood, scale, widthPx, heightPx]);
}

/** The names and numbers on the plot. */
export const Names = memo(function Names({ names, pins }: PlacedNames) {
  return (
    <>
      {[...names].map(([id, label]) => (
        <Label key={id} {...label} />
      ))}
      {[...pins].map(([id, pin]) => (
        <Pin key={id} {...pin} />
      ))}
    </>
  );
});

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
