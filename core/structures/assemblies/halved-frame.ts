import type { Joint } from '../../design/design';
import type { EndCut } from '../../design/end-cut';
import { barOf, type Bar } from '../../design/shapes/bar';
import { flatBase, sheetOf } from '../../design/shapes/sheet';
import type { Point } from '../../geometry/space';
import { rollOf } from '../rules/barrier';
import { screwThrough, washered, washersAlong } from '../rules/fixings';
import type { Setting } from '../setting';
import type { Assembled } from './assembly';

/**
 * The plane of a flat frame, from its lower left corner: to the right, up, and out of its face from its middle.
 * @example { at: (right, up) => [right, 0, up], right: ALONG, up: UP, inwards: [0, 1, 0] }
 */
export interface FramePlane {
  at: (rightMm: number, upMm: number, outMm?: number) => Point;
  right: Point;
  up: Point;
  /** Through its face. */
  inwards: Point;
}

/** What a frame is sawn from. mm. */
export interface Stuff {
  id: string;
  wideMm: number;
  thickMm: number;
}

export interface HalvedFrame {
  plane: FramePlane;
  of: Stuff;
  wideMm: number;
  highMm: number;
  uprights: readonly [Bar, Bar];
  levels: readonly [Bar, Bar];
  joints: Joint[];
}

/**
 * Two uprights and two levels, halved into each other at the corners: where the uprights keep their faces, they lose
 * their backs and the levels their fronts, and the screws go through them into the levels; else the other way round
 * (a screw through the edge of a stile would have to be longer than any). mm.
 */
export function halvedFrame(o: {
  plane: FramePlane;
  of: Stuff;
  wideMm: number;
  highMm: number;
  ids: { uprights: readonly [string, string]; levels: readonly [string, string] };
  roles: { upright: string; level: string };
  keeps: 'uprights' | 'levels';
  kind: string;
  screws: number;
  setting: Setting;
}): HalvedFrame {
  const { plane, of, wideMm, highMm } = o;
  const half = of.wideMm / 2;
  const notch: EndCut = {
    cut: 'notch',
    longMm: of.wideMm,
    deepMm: of.thickMm / 2,
    off: o.keeps === 'uprights' ? 1 : -1,
  };
  const ends = [notch, notch] as const;
  const rights = [half, wideMm - half] as const;
  const ups = [half, highMm - half] as const;
  const upright = (n: 0 | 1): Bar =>
    barOf({
      id: o.ids.uprights[n],
      role: o.roles.upright,
      of,
      from: plane.at(rights[n], 0),
      to: plane.at(rights[n], highMm),
      wide: plane.right,
      ends,
    });
  const level = (n: 0 | 1): Bar =>
    barOf({
      id: o.ids.levels[n],
      role: o.roles.level,
      of,
      from: plane.at(0, ups[n]),
      to: plane.at(wideMm, ups[n]),
      wide: plane.up,
      ends,
    });
  const [uprights, levels] = [[upright(0), upright(1)] as const, [level(0), level(1)] as const];
  const stock = screwThrough(o.setting, of.thickMm / 2, of.thickMm / 2);
  const joints = levels.flatMap((across, n) =>
    uprights.map((standing, m): Joint => {
      const [through, into] = o.keeps === 'uprights' ? [standing, across] : [across, standing];
      return {
        id: `${across.id}-${standing.id}`,
        kind: o.kind,
        places: [plane.at(rights[m] as number, ups[n] as number)],
        parts: [across.id, standing.id],
        fixings: [{ stock, count: o.screws, drive: { way: plane.inwards, through: through.id, into: into.id } }],
      };
    }),
  );
  return { plane, of, wideMm, highMm, uprights, levels, joints };
}

/** Mesh on the face of a frame, edge to edge, held with washers to what of it the roll comes to; so much stands loose over its top. mm. */
export function meshOnFrame(
  frame: HalvedFrame,
  rollId: string,
  setting: Setting,
  o: { id: string; role: string; kind: string; on: readonly Bar[]; overMm?: number },
): Assembled {
  const { plane, of, wideMm, highMm } = frame;
  const roll = rollOf(setting, rollId);
  const out = of.thickMm / 2;
  const tall = Math.min(highMm + (o.overMm ?? 0), roll.heightMm);
  const mesh = sheetOf({
    id: o.id,
    role: o.role,
    of: roll,
    base: flatBase(plane.at(0, 0, out), plane.right, wideMm),
    up: plane.up,
    cutMm: wideMm,
    heightMm: tall,
  });
  const half = of.wideMm / 2;
  const fastened = Math.min(tall, highMm);
  const lines = [
    ...frame.uprights.map((bar, n) => {
      const right = n === 0 ? half : wideMm - half;
      return { bar, from: plane.at(right, 0, out), to: plane.at(right, fastened, out), top: 0 };
    }),
    ...frame.levels.map((bar, n) => {
      const up = n === 0 ? half : highMm - half;
      return { bar, from: plane.at(0, up, out), to: plane.at(wideMm, up, out), top: up };
    }),
  ]
    .filter(({ bar, top }) => o.on.includes(bar) && top < tall)
    .toSorted((a, b) => o.on.indexOf(a.bar) - o.on.indexOf(b.bar));
  return {
    parts: [mesh],
    joints: [
      {
        id: `${mesh.id}-washers`,
        kind: o.kind,
        places: lines.map(({ from, to }) => [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2, (from[2] + to[2]) / 2]),
        parts: [mesh.id, ...lines.map(({ bar }) => bar.id)],
        fixings: lines.flatMap(({ bar, from, to }) =>
          washered(mesh.id, bar, plane.inwards, washersAlong(from, to, of.wideMm), setting),
        ),
      },
    ],
  };
}
