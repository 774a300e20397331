import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import {
  onPlan,
  cornersOf,
  FEATURE_NATURES,
  type Feature,
  type FeatureKind,
  type Placed,
  type PlanSpot,
} from '@lignum/core/site/plot';
import type { Bed } from '@lignum/core/site/bed';
import { alongPath, onPath, shortLeg, type PathSpot } from '@lignum/core/site/path';
import { type Stand, type StandOf, type StandOn, asStand } from '@lignum/core/site/stands/stands';
import { footprintOf } from '@lignum/core/design/on-plot';
import type { SeenGarden } from '@lignum/core/plan/compute';
import { changeBed, changeStructure } from '../shell/edits';
import { changeFeature } from '../shell/ground-edits';
import { newId } from '../../kept/new-id';

/** Anything that can be taken hold of on the plot. What stands on a bed moves with its bed. */
export type Thing =
  | { is: 'bed'; id: string; bed: Bed }
  | { is: 'feature'; id: string; feature: Feature }
  | { is: 'path'; id: string; structure: StructurePlan; stand: StandOf<'path'> }
  | { is: 'spot'; id: string; structure: StructurePlan; stand: StandOf<'spot'>; covers: Covers }
  | {
      is: 'run';
      id: string;
      structure: StructurePlan;
      stand: StandOf<'run'>;
      host: StructurePlan;
      path: StandOf<'path'>;
      at: Placed;
      lengthMm: number;
    };

/** What has been worked out of what stands. */
type Worked = Pick<SeenGarden, 'structures'>;

/** What can be taken hold of of a structure, by how it stands. */
const TAKEN: {
  readonly [On in StandOn]: (plan: Plan, garden: Worked, structure: StructurePlan, stand: StandOf<On>) => Thing[];
} = {
  bed: () => [],
  beds: () => [],
  path: (_plan, _garden, structure, stand) => [{ is: 'path', id: structure.id, structure, stand }],
  spot: (_plan, garden, structure, stand) => [
    { is: 'spot', id: structure.id, structure, stand, covers: coveredBy(garden, structure.id) },
  ],
  run: inRun,
};

const taken = (plan: Plan, garden: Worked, structure: StructurePlan): Thing[] =>
  (TAKEN[structure.stand.on] as (...of: [Plan, Worked, StructurePlan, Stand]) => Thing[])(
    plan,
    garden,
    structure,
    structure.stand,
  );

/** Everything of a plan that can be taken hold of; of what stands in a run or on open ground as far as it has been worked out. */
export const thingsOf = (plan: Plan, garden: Worked): Thing[] => [
  ...plan.features.map((feature): Thing => ({ is: 'feature', id: feature.id, feature })),
  ...plan.beds.map((bed): Thing => ({ is: 'bed', id: bed.id, bed })),
  ...plan.structures.flatMap((structure) => taken(plan, garden, structure)),
];

function inRun(plan: Plan, garden: Worked, structure: StructurePlan, stand: StandOf<'run'>): Thing[] {
  const host = plan.structures.find((one) => one.id === stand.of);
  const one = garden.structures.find((computed) => computed.structure.id === structure.id);
  const path = asStand(host?.stand, 'path');
  if (!host || !path || !one) return [];
  const lengthMm = Math.max(100, one.sized.design.builtMm);
  // Where the plan has it, until it is worked out what gap it gets there.
  const [xMm, yMm] = onPath(path.spots, path.closed, stand.atMm);
  const isSettled = asStand(one.structure.stand, 'run')?.atMm === stand.atMm;
  const at = isSettled ? one.frame : { ...one.frame, xMm, yMm };
  return [{ is: 'run', id: structure.id, structure, stand, host, path, at, lengthMm }];
}

/** A gate is so thick on the plot that it can be seen and taken hold of. mm. */
const LEAF_MM = 160;

/** What a structure on open ground covers in its own frame: its middle, and how long and wide it is. mm. */
interface Covers {
  middle: PlanSpot;
  lengthMm: number;
  widthMm: number;
}

function coveredBy(garden: Worked, id: string): Covers {
  const one = garden.structures.find(({ structure }) => structure.id === id);
  const spots = one ? footprintOf(one.sized.design).flat() : [];
  const [[left, right], [front, back]] = ([0, 1] as const).map((axis): [number, number] => {
    const all = spots.length > 0 ? spots.map((spot) => spot[axis]) : [0];
    return [Math.min(...all), Math.max(...all)];
  }) as [[number, number], [number, number]];
  return {
    middle: [(left + right) / 2, (front + back) / 2],
    lengthMm: Math.max(100, right - left),
    widthMm: Math.max(100, back - front),
  };
}

export function bodyOf(thing: Thing): Placed & { lengthMm: number; widthMm: number; name: string } {
  switch (thing.is) {
    case 'bed':
      return thing.bed;
    case 'feature':
      return { ...thing.feature, name: thing.feature.name || thing.feature.kind };
    case 'path': {
      const [xs, ys] = [thing.stand.spots.map((spot) => spot.xMm), thing.stand.spots.map((spot) => spot.yMm)];
      const [left, right, bottom, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
      return {
        xMm: (left + right) / 2,
        yMm: (bottom + top) / 2,
        turnDeg: 0,
        lengthMm: right - left,
        widthMm: top - bottom,
        name: thing.structure.name,
      };
    }
    case 'run':
      return { ...thing.at, lengthMm: thing.lengthMm, widthMm: LEAF_MM, name: thing.structure.name };
    case 'spot': {
      const { middle, lengthMm, widthMm } = thing.covers;
      const [xMm, yMm] = onPlan(thing.stand.at, ...middle);
      return { xMm, yMm, turnDeg: thing.stand.at.turnDeg, lengthMm, widthMm, name: thing.structure.name };
    }
  }
}

type Move = Partial<Placed & { lengthMm: number; widthMm: number }>;

/** Moves or turns a thing; what follows a path keeps its shape and turns about its middle. */
export function moveThing(thing: Thing, change: Move): (plan: Plan) => Plan {
  switch (thing.is) {
    case 'bed':
      return changeBed(thing.id, change);
    case 'feature':
      return changeFeature(thing.id, change);
    case 'spot': {
      // Taken hold of by its middle, wherever its zero is.
      const { turnDeg, ...to } = { ...bodyOf(thing), ...change };
      const [x, y] = thing.covers.middle;
      const [xMm, yMm] = onPlan({ ...to, turnDeg }, -x, -y);
      return changeStructure(thing.id, { stand: { ...thing.stand, at: { xMm, yMm, turnDeg } } });
    }
    case 'run': {
      // It goes along with its run, wherever it is pulled.
      const { xMm, yMm } = { ...thing.at, ...change };
      const atMm = Math.round(alongPath(thing.path.spots, thing.path.closed, [xMm, yMm]));
      return changeStructure(thing.id, { stand: { ...thing.stand, atMm } });
    }
    case 'path': {
      const body = bodyOf(thing);
      const to = { ...body, ...change };
      const turn = (to.turnDeg * Math.PI) / 180;
      const spots = thing.stand.spots.map((spot) => {
        const [dx, dy] = [spot.xMm - body.xMm, spot.yMm - body.yMm];
        return {
          ...spot,
          xMm: to.xMm + dx * Math.cos(turn) - dy * Math.sin(turn),
          yMm: to.yMm + dx * Math.sin(turn) + dy * Math.cos(turn),
        };
      });
      return changeStructure(thing.id, { stand: { ...thing.stand, spots } });
    }
  }
}

/** A path with its corners changed, or closed or opened, where no two corners come to lie on one spot; else as it was. Two corners go round nothing. */
export function bendPath(
  thing: Extract<Thing, { is: 'path' }>,
  change: (spots: readonly PathSpot[]) => readonly PathSpot[],
  wantsClosed = thing.stand.closed,
): (plan: Plan) => Plan {
  const spots = change(thing.stand.spots);
  const closed = wantsClosed && spots.length > 2;
  if (spots.length < 2 || spots.length > MOST_CORNERS || shortLeg(spots, closed)) return (plan) => plan;
  // The soil's height is told over the first corner.
  const zero = spots[0]?.groundMm ?? 0;
  const level = zero === 0 ? spots : spots.map((spot) => ({ ...spot, groundMm: spot.groundMm - zero }));
  return changeStructure(thing.id, { stand: { ...thing.stand, closed, spots: level } });
}
export const MOST_CORNERS = 60;

export interface Extent {
  left: number;
  right: number;
  bottom: number;
  top: number;
}
export function extentOf(thing: Thing): Extent {
  const body = bodyOf(thing);
  const corners = cornersOf(body, body.lengthMm, body.widthMm);
  const xs = corners.map((corner) => corner[0]);
  const ys = corners.map((corner) => corner[1]);
  return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) };
}

/** A dragged thing jumps to another's edge, or the plot's, within this. mm. */
const CATCH_MM = 140;

/** How large the plot is. mm. */
type Size = Pick<Plan['site'], 'widthMm' | 'depthMm'>;

/** A corner on the edge of the plot, else on the nearest edge of a thing, else on a round length. */
export function settleSpot(
  { widthMm, depthMm }: Size,
  things: readonly Thing[],
  [x, y]: PlanSpot,
  stepMm: number,
  exceptId?: string,
): PlanSpot {
  const others = things.filter((one) => one.id !== exceptId).map(extentOf);
  const settle = (wish: number, edges: readonly number[], most: number): number => {
    if (wish < CATCH_MM / 2) return 0;
    if (most - wish < CATCH_MM / 2) return most;
    const [best] = edges.toSorted((a, b) => Math.abs(a - wish) - Math.abs(b - wish));
    const at = best !== undefined && Math.abs(best - wish) < CATCH_MM / 2 ? best : Math.round(wish / stepMm) * stepMm;
    return Math.max(0, Math.min(most, at));
  };
  return [
    settle(x, [...others.flatMap((one) => [one.left, one.right])], widthMm),
    settle(y, [...others.flatMap((one) => [one.bottom, one.top])], depthMm),
  ];
}

/**
 * Where a dragged thing settles: its edges on others' edges where they come close, else its corner on
 * a round length. Gives the middle, and the lines it was caught by.
 */
export function settleDrag(
  { widthMm, depthMm }: Size,
  things: readonly Thing[],
  thing: Thing,
  middle: PlanSpot,
  stepMm: number,
): { xMm: number; yMm: number; caught: { axis: 'x' | 'y'; at: number }[] } {
  const now = extentOf(thing);
  const body = bodyOf(thing);
  const [dx, dy] = [middle[0] - body.xMm, middle[1] - body.yMm];
  const others = things.filter((one) => one.id !== thing.id).map(extentOf);
  const edges = {
    x: [0, widthMm, ...others.flatMap((one) => [one.left, one.right])],
    y: [0, depthMm, ...others.flatMap((one) => [one.bottom, one.top])],
  };
  const caught: { axis: 'x' | 'y'; at: number }[] = [];
  const settle = (axis: 'x' | 'y', low: number, high: number, wish: number): number => {
    const best = edges[axis]
      .flatMap((edge) => [
        { edge, by: edge - low },
        { edge, by: edge - high },
      ])
      .sort((a, b) => Math.abs(a.by) - Math.abs(b.by))[0];
    if (best && Math.abs(best.by) < CATCH_MM) {
      caught.push({ axis, at: best.edge });
      return wish + best.by;
    }
    return wish + Math.round(low / stepMm) * stepMm - low;
  };
  return {
    xMm: settle('x', now.left + dx, now.right + dx, middle[0]),
    yMm: settle('y', now.bottom + dy, now.top + dy, middle[1]),
    caught,
  };
}

export const newFeature = (plan: Plan, kind: FeatureKind): Feature => {
  const { lengthMm, widthMm, heightMm, keepClearMm } = FEATURE_NATURES[kind];
  return {
    id: `feature-${newId()}`,
    kind,
    name: kind[0]?.toUpperCase() + kind.slice(1),
    xMm: Math.round(plan.site.widthMm / 2),
    yMm: Math.round(plan.site.depthMm / 2),
    turnDeg: 0,
    lengthMm: Math.min(lengthMm, plan.site.widthMm),
    widthMm,
    heightMm,
    keepClearMm,
  };
};
