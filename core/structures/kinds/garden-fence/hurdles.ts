import { stockOf } from '../../../catalogue/catalogue';
import type { MeshRoll } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { sheetOf } from '../../../design/shapes/sheet';
import { line } from '../../../geometry/curve';
import type { Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { place, onLeg, type Bay, type FencePost } from '../../rules/run';
import type { Setting } from '../../setting';
import { bayLevel, type Fence, type GardenFenceValues } from './fence';
import { BOARD_UP_MM } from './knobs';

/** Wound twice round a post and the rods beside it (from memory). mm. */
const TIE_MM = inches(24);
/** Tied at so many shares of their height (from memory). */
const TIED_AT = [0.12, 0.5, 0.88];

export const hurdleOf = ({ catalogue }: Pick<Setting, 'catalogue'>, v: Pick<GardenFenceValues, 'hurdle'>): MeshRoll =>
  stockOf(catalogue, v.hurdle, 'mesh roll');

/** How high the hurdles end over the soil: they stand clear of it. mm. */
export const hurdleTop = (setting: Pick<Setting, 'catalogue'>, v: Pick<GardenFenceValues, 'hurdle'>): number =>
  BOARD_UP_MM + hurdleOf(setting, v).heightMm;

/** One hurdle a bay on the outer faces of its posts, to the middle of one that the next hurdle shares; tied with wire. */
export function hurdleBay(f: Fence, bay: Bay): Assembled {
  const half = f.faceMm / 2;
  const base = bayLevel(bay, f.stepped);
  const past = (post: FencePost): number => (post.kind === 'line' ? 0 : half);
  const at = (post: FencePost, by: number, z: number): Point => {
    const [x, y] = onLeg(bay.leg, place(post, bay) + by, 0, -half);
    return [x, y, z + BOARD_UP_MM];
  };
  const hurdle = sheetOf({
    id: `hurdle-${bay.key}`,
    role: 'hurdle',
    of: hurdleOf(f.setting, f.v),
    base: line(at(bay.from, -past(bay.from), base.baseFrom), at(bay.to, past(bay.to), base.baseTo)),
    heightMm: hurdleOf(f.setting, f.v).heightMm,
  });
  const tiedMm = Math.min(hurdle.heightMm, f.v.height - BOARD_UP_MM);
  const joints = [bay.from, bay.to].map((post): Joint => {
    // On the half of the post that it lies on.
    const by = post.kind === 'line' ? (post === bay.from ? half / 2 : -half / 2) : 0;
    return {
      id: `${hurdle.id}-${post.id}`,
      kind: 'hurdle to post',
      places: TIED_AT.map((share) => {
        const [x, y, z] = at(post, by, post === bay.from ? base.baseFrom : base.baseTo);
        return [x, y, z + share * tiedMm];
      }),
      parts: [hurdle.id, post.id],
      fixings: [{ stock: 'tie-wire', count: TIED_AT.length, eachMm: TIE_MM }],
    };
  });
  return { parts: [hurdle], joints };
}
