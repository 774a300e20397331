import { stockOf } from '../../../catalogue/catalogue';
import type { Joint } from '../../../design/design';
import { SQUARE } from '../../../design/end-cut';
import { barOf, type Bar, type Sawn, type SawnAt } from '../../../design/shapes/bar';
import { feet, inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { screwThrough } from '../../rules/fixings';
import type { Bay } from '../../rules/run';
import { lastingTimber } from '../../rules/timber-knobs';
import { acrossBay, boardsReach, intoPosts, onBay } from './boards';
import { type Fence, type GardenFenceValues } from './fence';
import { BOARD_UP_MM } from './knobs';

/** The lower rail lies so far over the feet of the pickets, the upper one so far under the lowest of their tops (from memory). mm. */
const RAIL_IN_MM = inches(6);
/** Rails farther apart than this want one between (from memory). mm. */
const RAILS_APART_MM = feet(4);
/** Points along a round top: straight between them. */
const STEPS = 10;
/** A point is so many widths high (from memory). */
const POINT = 0.6;
/** What is left at the tip, so that it has an edge. mm. */
const TIP_MM = 1;

/** Two rails have room under a top so high (from memory). mm. */
const LEAST_TOP_MM = inches(12.5);

/** How much lower its top line is at a share of a bay, posts at 0 and 1: hollow or full, a parabola. mm. */
export const topDrop = (
  { topLine, topDepth, height }: Pick<GardenFenceValues, 'topLine' | 'topDepth' | 'height'>,
  share: number,
): number => {
  const deep = Math.max(0, Math.min(topDepth, height / 3, height - LEAST_TOP_MM));
  const off = (2 * share - 1) ** 2;
  switch (topLine) {
    case 'straight':
      return 0;
    case 'hollow':
      return deep * (1 - off);
    case 'arched':
      return deep * off;
  }
};

/** How high its top line is where it is lowest. mm. */
export const lowestTop = (v: GardenFenceValues): number => v.height - Math.max(topDrop(v, 0), topDrop(v, 0.5));

/** The outline of a picket: plain, to a point, or a half round. */
function sawnTop(top: GardenFenceValues['picketTop'], longMm: number, wideMm: number): Sawn | null {
  const half = wideMm / 2;
  const foot: SawnAt = { atMm: 0, lowMm: -half, highMm: half };
  const at = (atMm: number, halfMm: number): SawnAt => ({ atMm, lowMm: -halfMm, highMm: halfMm });
  switch (top) {
    case 'square':
      return null;
    case 'pointed':
      return { template: 'picket top', edges: [foot, at(longMm - POINT * wideMm, half), at(longMm, TIP_MM / 2)] };
    case 'round':
      return {
        template: 'picket top',
        edges: [
          foot,
          ...Array.from({ length: STEPS + 1 }, (_, i) => {
            const rad = (i * Math.PI) / 2 / STEPS;
            return at(longMm - half + half * Math.sin(rad), Math.max(TIP_MM / 2, half * Math.cos(rad)));
          }),
        ],
      };
  }
}

/** Heights of the rails, their middles over the soil: two, three where those are far apart, one where pickets are too low for two. mm. */
export function railsUp(v: GardenFenceValues, railMm: number): number[] {
  const low = BOARD_UP_MM + Math.min(RAIL_IN_MM, v.height / 8) + railMm / 2;
  const high = lowestTop(v) - Math.min(RAIL_IN_MM, v.height / 6) - railMm / 2;
  if (high - low < 1.3 * railMm) return [(low + high) / 2];
  return high - low > RAILS_APART_MM ? [low, (low + high) / 2, high] : [low, high];
}

/** One to three rails on the outer faces of the posts, pickets on the outer faces of those, in equal gaps no wider than asked. */
export function picketBays(f: Fence, bays: readonly Bay[]): Assembled[] {
  const { v, setting, rail } = f;
  const of = stockOf(setting.catalogue, lastingTimber(setting, v.picketOf), 'timber');
  const screw = screwThrough(setting, of.thickMm, rail.thickMm);
  const upsMm = railsUp(v, rail.wideMm);
  const deepMm = rail.thickMm + of.thickMm;
  return bays.map((bay) => {
    const { bars: rails, joints } = acrossBay(f, bay, { of: rail, upsMm, role: 'rail', joint: 'rail to post', deepMm });
    const at = onBay(f, bay);
    const [from, to] = boardsReach(f, bay, deepMm);
    const count = Math.max(1, Math.ceil((to - from) / (of.wideMm + v.picketGap) - 1e-6));
    const out = f.faceMm / 2 + rail.thickMm + of.thickMm / 2;
    const pickets = Array.from({ length: count }, (_, n): { bar: Bar; joints: Joint[] } => {
      const share = (n + 0.5) / count;
      const along = from + (to - from) * share;
      const longMm = v.height - topDrop(v, share) - BOARD_UP_MM;
      const sawn = sawnTop(v.picketTop, longMm, of.wideMm);
      const bar = barOf({
        id: `picket-${bay.key}-${n + 1}`,
        role: 'picket',
        of,
        from: at(along, BOARD_UP_MM, out),
        to: at(along, BOARD_UP_MM + longMm, out),
        wide: bay.leg.along,
        cutMm: longMm,
        ...(sawn ? { sawn, ends: [{ cut: 'square' }, { cut: 'shaped' }] as const } : { ends: SQUARE }),
      });
      return {
        bar,
        joints: rails.map((one, i): Joint => ({
          id: `${bar.id}-${one.id}`,
          kind: 'picket to rail',
          places: [at(along, upsMm[i] as number, f.faceMm / 2 + rail.thickMm)],
          parts: [bar.id, one.id],
          fixings: [{ stock: screw, count: 2, drive: { through: bar.id, into: one.id, way: intoPosts(f, bay) } }],
        })),
      };
    });
    return {
      parts: [...rails, ...pickets.map(({ bar }) => bar)],
      joints: [...joints, ...pickets.flatMap((one) => one.joints)],
    };
  });
}
