import { AS_BOUGHT } from '../../../design/end-cut';
import { stockOf } from '../../../catalogue/catalogue';
import type { Joint, Standing } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Part } from '../../../design/shapes/shapes';
import { onSheet, type Sheet } from '../../../design/shapes/sheet';
import { sampledThrough, shifted } from '../../../geometry/curve';
import { type Point } from '../../../geometry/space';
import { nextStockUp } from '../../rules/depth';
import type { Bow } from './bow';
import type { ArchSetting, PanelArchValues } from './knobs';
import { SEAM_EVERY_MM, TIE_MM } from './mesh';

/** Ties to a post (from memory). */
export const TIES_A_POST = 3;

interface Stood {
  parts: Part[];
  joints: Joint[];
  posts: Standing[];
}

/**
 * Studded posts at every edge of the panels, on both sides: between beds on the path’s side, so that the
 * panel’s foot is pinched between post and board; on open ground outside, against the push.
 */
export function standPosts(
  v: PanelArchValues,
  setting: ArchSetting,
  bow: Bow,
  edges: readonly number[],
  sheets: readonly Sheet[],
): Stood {
  const { faceMm } = stockOf(setting.catalogue, 'steel-post', 'steel post');
  const wire = stockOf(setting.catalogue, v.panel, 'panel').wireMm;
  const out = (setting.place.on === 'beds' ? -1 : 1) * (wire + faceMm / 2);
  const aboveMm = bow.liftMm + bow.heldMm;
  const stock = nextStockUp(aboveMm + v.depth, setting.sizesOf('steel-post')) ?? {
    mm: aboveMm + v.depth,
    enough: true,
  };
  const buriedMm = Math.max(0, stock.mm - aboveMm);
  const stood: Stood = { parts: [], joints: [], posts: [] };
  for (const side of [-1, 1])
    edges.forEach((x, i) => {
      const id = `post-${side < 0 ? 'front' : 'back'}-${i + 1}`;
      const y = side * (bow.spanMm / 2 + out);
      const post: Bar = barOf({
        id,
        role: 'post',
        of: { id: 'steel-post', faceMm },
        cutMm: stock.mm,
        buriedMm,
        from: [x, y, -buriedMm],
        to: [x, y, stock.mm - buriedMm],
        ends: AS_BOUGHT,
      });
      const held = sheets.filter((_, n) => n === i || n === i - 1);
      stood.parts.push(post);
      stood.posts.push({
        id,
        aboveMm,
        buriedMm,
        wantedMm: v.depth,
        shortMm: Math.max(0, aboveMm + v.depth - stock.mm),
        set: 'driven',
      });
      stood.joints.push({
        id: `tie-${id}`,
        kind: 'panel to post',
        places: Array.from({ length: TIES_A_POST }, (_, n): Point => [
          x,
          (side * bow.spanMm) / 2,
          bow.liftMm + bow.heldMm * (0.08 + (0.84 * n) / (TIES_A_POST - 1)),
        ]),
        parts: [id, ...held.map((sheet) => sheet.id)],
        fixings: [{ stock: 'tie-wire', count: TIES_A_POST, eachMm: TIE_MM }],
      });
    });
  return stood;
}

/** Hoops at every edge of the mesh, pushed into the soil, with a purlin along their crowns. */
export function standHoops(
  v: PanelArchValues,
  setting: ArchSetting,
  bow: Bow,
  edges: readonly number[],
  sheets: readonly Sheet[],
  chain: readonly Point[],
): Stood {
  const rod = stockOf(setting.catalogue, v.rod, 'rod');
  const cutMm = bow.lengthMm + 2 * v.depth;
  const curve = sampledThrough(chain, 96);
  const longest = setting.sizesOf(rod.id).at(-1) ?? cutMm;
  const stood: Stood = { parts: [], joints: [], posts: [] };
  const hoops = edges.map((x, i): Bar => {
    const bow3 = shifted(curve, [x, 0, 0]);
    const [first, last] = [chain[0], chain.at(-1)] as [Point, Point];
    return barOf({
      of: rod,
      id: `hoop-${i + 1}`,
      role: 'hoop',
      from: [x, first[1], first[2]],
      to: [x, last[1], last[2]],
      bent: bow3,
      cutMm,
      buriedMm: v.depth,
    });
  });
  const purlin: Bar = barOf({
    of: rod,
    id: 'purlin-1',
    role: 'purlin',
    from: [0, 0, bow.crownMm - rod.diameterMm],
    to: [edges.at(-1) ?? 0, 0, bow.crownMm - rod.diameterMm],
    wide: [0, 0, 1],
    cutMm: edges.at(-1) ?? 1,
  });
  stood.parts.push(...hoops, purlin);
  hoops.forEach((hoop, i) => {
    const held = sheets.filter((_, n) => n === i || n === i - 1);
    const ties = Math.max(3, Math.ceil(bow.lengthMm / SEAM_EVERY_MM) + 1);
    const [sheet] = held;
    stood.posts.push({
      id: hoop.id,
      aboveMm: bow.crownMm,
      buriedMm: v.depth,
      wantedMm: v.depth,
      shortMm: Math.max(0, cutMm - longest),
      set: 'driven',
    });
    stood.joints.push(
      {
        id: `mesh-${hoop.id}`,
        kind: 'mesh to hoop',
        places: Array.from({ length: ties }, (_, n): Point => {
          const at = sheet ? onSheet(sheet, (bow.lengthMm * (n + 0.02)) / (ties - 0.96), 0) : hoop.from;
          return [edges[i] ?? 0, at[1], at[2]];
        }),
        parts: [hoop.id, ...held.map((one) => one.id)],
        fixings: [{ stock: 'tie-wire', count: ties, eachMm: TIE_MM }],
      },
      {
        id: `clamp-${hoop.id}`,
        kind: 'hoop to purlin',
        places: [[edges[i] ?? 0, 0, bow.crownMm - rod.diameterMm / 2]],
        parts: [hoop.id, purlin.id],
        fixings: [{ stock: 'pipe-clamp', count: 1 }],
      },
    );
  });
  return stood;
}
