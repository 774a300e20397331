import { stockOf } from '../../../catalogue/catalogue';
import type { WaySetting } from '../../rules/over-way';
import type { Joint } from '../../../design/design';
import { barOf } from '../../../design/shapes/bar';
import { onSheet, type Sheet } from '../../../design/shapes/sheet';
import { sampledThrough, shifted } from '../../../geometry/curve';
import { UP, type Point } from '../../../geometry/space';
import type { Assembled } from '../../assemblies/assembly';
import { drivePost } from '../../assemblies/set-post';
import type { Bow } from './bow';
import type { PanelArchValues } from './knobs';
import { SEAM_EVERY_MM, TIE_MM } from './mesh';
import { asPlace } from '../../../site/stands/stands';

/** Ties to a post (from memory). */
export const TIES_A_POST = 3;

/** What stands at every edge of the mesh: the sheets to both sides of it. */
const heldAt = (sheets: readonly Sheet[], edge: number): Sheet[] =>
  sheets.filter((_, n) => n === edge || n === edge - 1);

/**
 * Studded posts at every edge of the panels, on both sides: between beds on the path’s side, so that the
 * panel’s foot is pinched between post and board; on open ground outside, against the push.
 */
export function standPosts(
  v: PanelArchValues,
  setting: WaySetting,
  bow: Bow,
  edges: readonly number[],
  sheets: readonly Sheet[],
): Assembled {
  const { faceMm } = stockOf(setting.catalogue, 'steel-post', 'steel post');
  const wire = stockOf(setting.catalogue, v.panel, 'panel').wireMm;
  const out = (asPlace(setting.place, 'beds') ? -1 : 1) * (wire + faceMm / 2);
  const made = ([-1, 1] as const).flatMap((side) =>
    edges.map((x, i) => {
      const post = drivePost({
        id: `post-${side < 0 ? 'front' : 'back'}-${i + 1}`,
        foot: [x, side * (bow.spanMm / 2 + out), 0],
        aboveMm: bow.liftMm + bow.heldMm,
        depthMm: v.depth,
        setting,
      });
      const tied: Joint = {
        id: `tie-${post.id}`,
        kind: 'panel to post',
        places: Array.from({ length: TIES_A_POST }, (_, n) => [
          x,
          (side * bow.spanMm) / 2,
          bow.liftMm + bow.heldMm * (0.08 + (0.84 * n) / (TIES_A_POST - 1)),
        ]),
        parts: [post.id, ...heldAt(sheets, i).map((sheet) => sheet.id)],
        fixings: [{ stock: 'tie-wire', count: TIES_A_POST, eachMm: TIE_MM }],
      };
      return { post, tied };
    }),
  );
  return { parts: made.map(({ post }) => post), joints: made.map(({ tied }) => tied) };
}

/** Hoops at every edge of the mesh, pushed into the soil, with a purlin along their crowns. */
export function standHoops(
  v: PanelArchValues,
  setting: WaySetting,
  bow: Bow,
  edges: readonly number[],
  sheets: readonly Sheet[],
  chain: readonly Point[],
): Assembled {
  const rod = stockOf(setting.catalogue, v.rod, 'rod');
  const cutMm = bow.lengthMm + 2 * v.depth;
  const curve = sampledThrough(chain, 96);
  const longest = setting.sizesOf(rod.id).at(-1) ?? cutMm;
  const [first, last] = [chain[0], chain.at(-1)] as [Point, Point];
  const hoops = edges.map((x, i) =>
    barOf({
      id: `hoop-${i + 1}`,
      role: 'hoop',
      of: rod,
      from: [x, first[1], first[2]],
      to: [x, last[1], last[2]],
      bent: shifted(curve, [x, 0, 0]),
      cutMm,
      buriedMm: v.depth,
      stands: {
        aboveMm: bow.crownMm,
        buriedMm: v.depth,
        wantedMm: v.depth,
        shortMm: Math.max(0, cutMm - longest),
        set: 'driven',
      },
    }),
  );
  const end = edges.at(-1) ?? 0;
  const under = bow.crownMm - rod.diameterMm;
  const purlin = barOf({
    id: 'purlin-1',
    role: 'purlin',
    of: rod,
    from: [0, 0, under],
    to: [end, 0, under],
    wide: UP,
    cutMm: Math.max(1, end),
  });
  const ties = Math.max(3, Math.ceil(bow.lengthMm / SEAM_EVERY_MM) + 1);
  const joints = hoops.flatMap((hoop, i): Joint[] => {
    const held = heldAt(sheets, i);
    const [sheet] = held;
    const x = edges[i] ?? 0;
    return [
      {
        id: `mesh-${hoop.id}`,
        kind: 'mesh to hoop',
        places: Array.from({ length: ties }, (_, n): Point => {
          const at = sheet ? onSheet(sheet, (bow.lengthMm * (n + 0.02)) / (ties - 0.96), 0) : hoop.from;
          return [x, at[1], at[2]];
        }),
        parts: [hoop.id, ...held.map((one) => one.id)],
        fixings: [{ stock: 'tie-wire', count: ties, eachMm: TIE_MM }],
      },
      {
        id: `clamp-${hoop.id}`,
        kind: 'hoop to purlin',
        places: [[x, 0, bow.crownMm - rod.diameterMm / 2]],
        parts: [hoop.id, purlin.id],
        fixings: [{ stock: 'pipe-clamp', count: 1 }],
      },
    ];
  });
  return { parts: [...hoops, purlin], joints };
}
