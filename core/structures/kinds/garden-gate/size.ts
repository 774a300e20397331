import { chain } from '../../../design/chain';
import { placed } from '../../../design/design';
import type { Point } from '../../../geometry/space';
import type { Guard } from '../../../site/visitors';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { doorwayOf, frameLeaf, hangLeaf, meshOnLeaf, type FramedLeaf, type HungLeaf } from '../../assemblies/hung-leaf';
import type { Sizing } from '../../kind';
import { meshBarrier, standingGuard } from '../../rules/barrier';
import { FROM_ABOVE, fromEnd, fromFront } from '../../rules/row-views';
import { looseOver, type RunSetting } from './knobs';
import { boardsOn, leafOf, type GardenGateValues } from './leaf';

/** What its own checks, steps and mends ask for. mm. */
export interface GardenGateFacts {
  leaf: HungLeaf;
  guard: Guard;
}

/** How far it opens, drawn in as many strokes: a quarter turn. */
const SWING_STROKES = 12;

/** Sizes the gate: its leaf by the gateway less what is left free, filled as the run beside it, hung on one of its posts. */
export function sizeGardenGate(v: GardenGateValues, setting: RunSetting): Sizing<GardenGateFacts> {
  const leaf = leafOf(v, setting);
  const framed = frameLeaf(leaf, setting);
  const [left, right] = [-v.width / 2, v.width / 2];
  const [soilLeft, soilRight] = setting.place.opening.soilMm;
  const [foot, top] = [leaf.footMm, leaf.footMm + leaf.highMm];
  const mesh =
    v.filling === 'mesh'
      ? meshBarrier(setting, { mesh: v.mesh, low: v.low === 'none' ? null : v.low }, { heightMm: v.height, belowMm: 0 })
      : null;
  return {
    design: placed({
      ...together(
        framed.made,
        v.filling === 'boards' ? boardsOn(framed, v, setting) : meshed(framed, v, setting),
        hangLeaf(framed, { freeMm: v.clear }),
        {
          reasons: {
            board: fact('count.boards', { gap: { mm: v.boardGap } }),
            mesh: fact('count.mesh'),
            'low mesh': fact('count.low'),
          },
        },
      ),
      ground: {
        path: [
          [left, 0, soilLeft],
          [right, 0, soilRight],
        ],
      },
      builtMm: v.width,
      views: [
        fromFront('From outside', [
          [left, soilLeft],
          [right, soilRight],
        ]),
        FROM_ABOVE,
        fromEnd('From its first post', [
          [-100, 0],
          [100, 0],
        ]),
      ],
      marks: [
        chain('elevation', 'x', 'leaf and gateway', [left, -leaf.wideMm / 2, leaf.wideMm / 2, right]),
        chain('elevation', 'z', 'heights', [Math.max(soilLeft, soilRight), foot, top]),
      ],
      handles: [
        { knob: 'width', view: 'elevation', at: [right, 0, foot + leaf.highMm * 0.6], axis: 'right', perMm: 2 },
        { knob: 'height', view: 'elevation', at: [0, 0, top], axis: 'up' },
        { knob: 'under', view: 'elevation', at: [leaf.wideMm / 4, 0, foot], axis: 'up' },
      ],
      traces: [swingOf(leaf)],
      doorway: doorwayOf(leaf),
    }),
    facts: {
      leaf,
      guard: standingGuard(mesh, Math.max(1, v.boardGap), {
        heightMm: v.height,
        second: setting.second,
        buriedMm: 0,
        // Against what digs a sill is laid under it, by its steps.
        apronMm: Infinity,
        underMm: v.under + Math.abs(soilRight - soilLeft),
        besideMm: v.clear,
        looseTopMm: looseOver(setting, v.filling),
      }),
    },
  };
}

/** Mesh all over it, loose over its top where the run beside it is; and a finer one over its lower part. */
const meshed = (framed: FramedLeaf, v: GardenGateValues, setting: RunSetting): Assembled =>
  together(
    meshOnLeaf(framed, v.mesh, setting, { id: 'mesh', role: 'mesh', overMm: looseOver(setting, v.filling) }),
    v.low !== 'none' && meshOnLeaf(framed, v.low, setting, { id: 'low-mesh', role: 'low mesh' }),
  );

/** What the leaf sweeps as it opens, from above: from shut to square, and back to its hinge. */
function swingOf(leaf: HungLeaf): Point[] {
  const hinge: Point = [(leaf.hingeSide * leaf.wideMm) / 2, leaf.middle[1], 0];
  const arc = Array.from({ length: SWING_STROKES + 1 }, (_, i): Point => {
    const turned = (Math.PI / 2) * (i / SWING_STROKES);
    return [
      hinge[0] - leaf.hingeSide * leaf.wideMm * Math.cos(turned),
      hinge[1] + leaf.swing * leaf.wideMm * Math.sin(turned),
      0,
    ];
  });
  return [...arc, hinge];
}
