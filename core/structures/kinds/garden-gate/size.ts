import type { Guard } from '../../../site/visitors';
import type { Placement } from '../../../design/design';
import type { Point } from '../../../geometry/space';
import { fact } from '../../../wording/say';
import type { Sizing } from '../../kind';
import type { Bar } from '../../../design/shapes/bar';
import { meshBarrier, standingGuard } from '../../rules/barrier';
import { FROM_ABOVE, fromEnd, fromFront } from '../../rules/row-views';
import { looseOver, type RunSetting } from './knobs';
import { doorwayOf, frameLeaf, hangLeaf, meshOn, type Leaf, type Made } from '../../rules/gate-leaf';
import { boardsOn, leafOf, type GardenGateValues } from './leaf';

/** What its own checks, steps and mends ask for. mm. */
export interface GardenGateFacts {
  leaf: Leaf;
  guard: Guard;
}

/** How far it opens, drawn in as many strokes: a quarter turn. */
const SWING_STROKES = 12;

/** Sizes the gate: its leaf by the gateway less what is left free, filled as the run beside it, hung on one of its posts. */
export function sizeGardenGate(v: GardenGateValues, setting: RunSetting): Sizing<GardenGateFacts> {
  const { opening } = setting.place;
  const leaf = leafOf(v, setting);
  const frame = frameLeaf(leaf, setting);
  const filled =
    v.filling === 'boards'
      ? boardsOn(leaf, v, setting, frame.stiles)
      : meshed(leaf, v, setting, [...frame.stiles, ...frame.rails.slice(0, 1)]);
  const [left, right] = [-v.width / 2, v.width / 2];
  const [soilLeft, soilRight] = opening.soilMm;
  const [foot, top] = [leaf.footMm, leaf.footMm + leaf.highMm];
  const mesh =
    v.filling === 'mesh'
      ? meshBarrier(setting, { mesh: v.mesh, low: v.low === 'none' ? null : v.low }, { heightMm: v.height, belowMm: 0 })
      : null;
  const gapMm = Math.max(1, v.boardGap);
  const design: Placement = {
    kind: 'garden-gate',
    parts: [...frame.parts, ...filled.parts],
    joints: [...frame.joints, ...filled.joints, ...hangLeaf(leaf, frame.stiles)],
    stations: [],
    ground: {
      path: [
        [left, 0, soilLeft],
        [right, 0, soilRight],
      ],
    },
    builtMm: v.width,
    startMm: 0,
    posts: [],
    hold: null,
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
    bodies: 1,
    reasons: {
      stile: fact('count.leaf'),
      rail: fact('count.leaf'),
      brace: fact('count.brace'),
      board: fact('count.boards', { gap: { mm: v.boardGap } }),
      mesh: fact('count.mesh'),
      'low mesh': fact('count.low'),
      'leaf joined': fact('count.corner-screws'),
      'brace fixed': fact('count.brace-screws'),
      'mesh to leaf': fact('count.washers'),
      'board to leaf': fact('count.board-screws'),
      hung: fact('count.hinges', { hinges: leaf.hinges }),
      latched: fact('count.latch'),
    },
    marks: [
      {
        view: 'elevation',
        axis: 'x',
        label: 'leaf and gateway',
        atMm: [left, -leaf.wideMm / 2, leaf.wideMm / 2, right],
      },
      { view: 'elevation', axis: 'z', label: 'heights', atMm: [Math.max(soilLeft, soilRight), foot, top] },
    ],
    handles: [
      { knob: 'width', view: 'elevation', at: [right, foot + leaf.highMm * 0.6], axis: 'right', perMm: 2 },
      { knob: 'height', view: 'elevation', at: [0, top], axis: 'up', perMm: 1 },
      { knob: 'under', view: 'elevation', at: [leaf.wideMm / 4, foot], axis: 'up', perMm: 1 },
    ],
    traces: [swingOf(leaf)],
    doorway: doorwayOf(leaf),
  };
  return {
    design,
    facts: {
      leaf,
      guard: standingGuard(mesh, gapMm, {
        heightMm: v.height,
        second: setting.second,
        buriedMm: 0,
        // Against what digs a sill is laid under it, by its steps.
        apronMm: Infinity,
        underMm: v.under + Math.abs(soilRight - soilLeft),
        looseTopMm: looseOver(setting, v.filling),
      }),
    },
  };
}

/** Mesh all over it, loose over its top where the run beside it is; and a finer one over its lower part. */
function meshed(leaf: Leaf, v: GardenGateValues, setting: RunSetting, on: readonly Bar[]): Made {
  const main = meshOn(leaf, v.mesh, setting, on, { overMm: looseOver(setting, v.filling) });
  if (v.low === 'none') return main;
  const low = meshOn(leaf, v.low, setting, on, { name: 'low mesh' });
  return { parts: [...main.parts, ...low.parts], joints: [...main.joints, ...low.joints] };
}

/** What the leaf sweeps as it opens, from above: from shut to square, and back to its hinge. */
function swingOf(leaf: Leaf): Point[] {
  const hinge: Point = [(leaf.hingeSide * leaf.wideMm) / 2, 0, 0];
  const arc = Array.from({ length: SWING_STROKES + 1 }, (_, i): Point => {
    const turned = (Math.PI / 2) * (i / SWING_STROKES);
    return [hinge[0] - leaf.hingeSide * leaf.wideMm * Math.cos(turned), leaf.swing * leaf.wideMm * Math.sin(turned), 0];
  });
  return [...arc, hinge];
}
