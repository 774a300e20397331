import type { Bar } from '../../../design/shapes/bar';
import { cross, dot } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { SetPost } from '../../assemblies/set-post';
import { rollOf } from '../../rules/barrier';
import type { Values } from '../../knob';
import type { GARDEN_FENCE_KNOBS, PathSetting } from './knobs';
import type { Bay, FencePost, Run } from '../../rules/run';

export type GardenFenceValues = Values<typeof GARDEN_FENCE_KNOBS>;

/** What everything that fills the fence is given. */
export interface Fence {
  v: GardenFenceValues;
  setting: PathSetting;
  run: Run;
  stepped: boolean;
  /** Depth of a post across the fence; its face is half of it from the line. */
  faceMm: number;
  bars: ReadonlyMap<string, SetPost>;
  /** Timber for frames, rails and braces. */
  rail: { id: string; wideMm: number; thickMm: number };
}

/** A post of timber takes staples, screws and braces; all of them are, or those beside a gate. */
export const isWood = ({ stock }: Pick<Bar, 'stock'>): boolean => stock !== 'steel-post';

/** Stiff welded mesh works staples loose: screws and washers hold it on timber (common practice, no source). */
export const isStiff = ({ setting }: Pick<Fence, 'setting'>, roll: string): boolean => rollOf(setting, roll).stiff;

/** The wood that fills it, and how far apart at the most; null for one of mesh. mm. */
export function woodOf(v: GardenFenceValues) {
  switch (v.infill) {
    case 'boards':
      return { section: v.board, gapMm: v.boardGap };
    case 'pickets':
      return { section: v.picketOf, gapMm: v.picketGap };
    // A gate beside hurdles is of boards.
    case 'hurdles':
      return { section: v.board, gapMm: 0 };
    default:
      return null;
  }
}

/** How high the infill of a bay reaches at a post, over the soil there: the bay's own level where it is stepped. */
export function bayLevel(bay: Bay, stepped: boolean): { baseFrom: number; baseTo: number } {
  if (!stepped) return { baseFrom: bay.from.at[2], baseTo: bay.to.at[2] };
  const base = Math.max(bay.from.at[2], bay.to.at[2]);
  return { baseFrom: base, baseTo: base };
}

/** So much of a loose top is not fastened: a foot (from memory). mm. */
export const LOOSE_MM = inches(12);
/** How much of its top is left loose. mm. */
export const looseOf = (v: GardenFenceValues): number =>
  v.infill === 'mesh' && v.top === 'loose' ? Math.min(LOOSE_MM, v.height / 2) : 0;
/** The mesh over its lower part, where it has one. */
export const lowOf = (v: GardenFenceValues): string | null => (v.infill !== 'mesh' || v.low === 'none' ? null : v.low);

/** Whether a post, square to the run after it, stands askew to a bay: half the sine of twice its turn, and less is none (from memory). */
export function isAskew({ bars }: Pick<Fence, 'bars'>, post: FencePost, { leg }: Bay): boolean {
  const { wide } = bars.get(post.id) as SetPost;
  return Math.abs(dot(wide, leg.along) * cross(wide, leg.along)[2]) > 0.005;
}
