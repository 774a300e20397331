import { stockOf } from '../../../catalogue/catalogue';
import { ascending, chain } from '../../../design/chain';
import { placed, type Joint } from '../../../design/design';
import { AS_BOUGHT } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { lineOf, type Line } from '../../../design/shapes/line';
import { add, reach, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { groundAt } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { groundOf, spacingPull } from '../../assemblies/bed-row';
import { wallRow } from '../../assemblies/wall-row';
import type { Sizing } from '../../kind';
import { faceAt, mostOnWall } from '../../rules/against-wall';
import { hungInCrop, wireHeights, wiresHold, type HungInCrop } from '../../rules/level-wires';
import { equalBays, widestBay } from '../../rules/spacing';
import type { BedSetting } from '../../setting';
import { IN_EYE_MM, type WallWiresValues } from './knobs';

/** Wire at each end, twice through its eye and six close turns about itself (from memory). mm. */
const TAIL_MM = inches(10);
/** The turnbuckle of a wire begins so far from its far eye (from memory). mm. */
const FROM_EYE_MM = inches(4);

/** What its own checks and mends ask for. */
export interface WallWiresFacts {
  rowsAtMm: readonly number[];
  topMm: number;
  hung: HungInCrop;
}

/** Sizes it: level wires at their heights, an eye in the wall at both ends and at equal spaces between. */
export function sizeWallWires(v: WallWiresValues, setting: BedSetting): Sizing<WallWiresFacts> {
  const of = stockOf(setting.catalogue, v.wire, 'cord');
  const eye = stockOf(setting.catalogue, v.eye, 'piece');
  const turnbuckleMm = stockOf(setting.catalogue, 'turnbuckle', 'piece').lengthMm;
  const ground = groundOf(setting.place.bed);
  const heights = wireHeights(v);
  const top = heights.at(-1) ?? v.top;
  // Along the courses: level, and told over the soil in the middle of the row.
  const soilMm = groundAt(ground, v.rowLength / 2);
  const wireY = faceAt(setting) - (eye.lengthMm - (eye.goesInMm ?? 0)) + IN_EYE_MM;
  const eyesAt = equalBays([0, v.rowLength], v.eyeSpacing);
  const wires = heights.map((up, i) =>
    onEyes(
      `wire-${i + 1}`,
      of,
      eyesAt.map((x): Point => [x, wireY, soilMm + up]),
      { eye, plugged: v.wallOf !== 'timber', turnbuckleMm, pullN: v.pull },
    ),
  );
  const { rowsAtMm, ...row } = wallRow(setting, v, top);
  const totalMm = wires.reduce((sum, { wire }) => sum + wire.cutMm, 0);
  const [low = top] = heights;
  return {
    design: placed({
      ...together(
        { parts: wires.flatMap(({ eyes, wire }) => [...eyes, wire]), joints: wires.flatMap(({ joints }) => joints) },
        {
          reasons: {
            wire: fact('count.wires', { heights: heights.length, total: { mm: totalMm } }),
            eye: fact('count.eyes', { apart: { mm: widestBay(eyesAt) } }),
            'eye in wall': fact('count.plugs'),
            'turnbuckle in a wire': fact('count.turnbuckles'),
          },
        },
      ),
      ...row,
      hold: wiresHold(heights, of.diameterMm, mostOnWall(setting, v)),
      marks: [
        ...row.marks,
        chain('elevation', 'x', 'eyes', eyesAt),
        chain('end', 'z', 'heights', ascending([0, ...heights.map((up) => soilMm + up)])),
      ],
      handles: [
        ...row.handles,
        { knob: 'top', view: 'elevation', at: [v.rowLength / 3, wireY, soilMm + top], axis: 'up' },
        v.wires > 1 && { knob: 'lowest', view: 'elevation', at: [v.rowLength / 3, wireY, soilMm + low], axis: 'up' },
        { ...spacingPull([eyesAt[1] ?? v.rowLength, wireY, soilMm + top]), knob: 'eyeSpacing' },
      ],
    }),
    facts: {
      rowsAtMm,
      topMm: soilMm + top,
      hung: hungInCrop(v, setting, {
        stations: row.stations,
        wires: wires.length,
        spanMm: widestBay(eyesAt),
        diameterMm: of.diameterMm,
      }),
    },
  };
}

/** A wire from its first eye to its last, each eye in the wall and through it, and a turnbuckle before the far one. */
function onEyes(
  id: string,
  of: { id: string; diameterMm: number },
  at: readonly Point[],
  o: { eye: { id: string; lengthMm: number; thickMm?: number }; plugged: boolean; turnbuckleMm: number; pullN: number },
): { eyes: Bar[]; wire: Line; joints: Joint[] } {
  const [first, last] = [at[0], at.at(-1)] as [Point, Point];
  const eyes = at.map((place, i) =>
    barOf({
      id: `${id.replace('wire', 'eye')}-${i + 1}`,
      role: 'eye',
      of: { id: o.eye.id, diameterMm: o.eye.thickMm ?? 0 },
      from: add(place, [0, o.eye.lengthMm - IN_EYE_MM, 0]),
      to: add(place, [0, -IN_EYE_MM, 0]),
      ends: AS_BOUGHT,
    }),
  );
  const held = (eye: Bar, i: number): Joint[] => {
    const place = at[i] as Point;
    return [
      {
        id: `${eye.id}-wall`,
        kind: 'eye in wall',
        by: 'screwed',
        places: [eye.from],
        parts: [eye.id],
        fixings: o.plugged ? [{ stock: 'wall-plug', count: 1 }] : [],
      },
      {
        id: `${id}-${eye.id}`,
        kind: i === 0 || i === at.length - 1 ? 'wire made fast' : 'wire through eye',
        by: 'through a hole',
        places: [place],
        parts: [id, eye.id],
        fixings: [],
      },
    ];
  };
  return {
    eyes,
    wire: lineOf({
      id,
      role: 'wire',
      of,
      path: [...at],
      pullN: o.pullN,
      cutMm: Math.max(1, reach(first, last) - o.turnbuckleMm) + 2 * TAIL_MM,
    }),
    joints: [
      ...eyes.flatMap(held),
      {
        id: `${id}-turnbuckle`,
        kind: 'turnbuckle in a wire',
        places: [add(last, [-FROM_EYE_MM, 0, 0])],
        parts: [id],
        fixings: [{ stock: 'turnbuckle', count: 1 }],
      },
    ],
  };
}
