import { stockOf } from '../../../catalogue/catalogue';
import type { MeshRoll, Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { lineOf, type Line } from '../../../design/shapes/line';
import { add, dot, minus, reach, scale, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import type { BoardBox, Sides } from '../../assemblies/box-of-boards';
import { meshOver, panelOf, staples } from '../../assemblies/covered-panel';
import { hingedLid, lidLength } from '../../assemblies/hinged-lid';
import { stapledOn } from '../../assemblies/staples';
import { eyeIn } from '../../rules/fixings';
import type { BedSetting } from '../../setting';

import { layersOf, type LiddedFrameValues } from './knobs';

/** A chain holds a lid so far from its hinges, as a share of its depth, and lets it lean back to so many degrees (from memory). */
const CHAIN_SHARE = 0.6;
const OPEN_DEG = 105;
/** Its eyes take so much of it at both ends. mm. */
const CHAIN_END_MM = inches(1);

/** Mesh under the box, stapled to the lower edges of its boards. */
export function floorOf(box: BoardBox, roll: MeshRoll, boards: readonly Bar[][]): Assembled {
  const sheets = meshOver(box, { id: 'floor', role: 'floor', roll, fromMm: 0, longMm: box.longMm, up: 0 });
  const lowest = boards[0] ?? [];
  const low = lowest.map((one) => {
    const down = scale(box.normal, -one.wideMm / 2);
    return { one, from: add(one.from, down), to: add(one.to, down) };
  });
  return {
    parts: sheets,
    joints: sheets.map((sheet) => {
      const fixings = low.flatMap(({ one, from, to }) => staples(sheet, one, from, to, box.normal));
      return stapledOn([sheet], 'floor stapled', fixings);
    }),
  };
}

/** One lid on the rim, hinged to the back board. */
export function lidOf(
  box: BoardBox,
  v: LiddedFrameValues,
  i: number,
  strip: Timber,
  setting: BedSetting,
  sides: Sides,
): Assembled {
  const { highMm } = box;
  const long = lidLength(v);
  const fromMm = i * (long + v.gap);
  const name = `lid-${i + 1}`;
  const panel = panelOf(
    box,
    { name, role: 'lid strip', fromMm, longMm: long, upMm: highMm, strip, layers: layersOf(v, setting) },
    setting,
  );
  const [, back] = panel.rails;
  const [, rim] = sides.boards.at(-1) as [Bar, Bar];
  const hinged = hingedLid(box, { name, back, rim, strip, fromMm, longMm: long });
  const chain = v.stay === 'chain' ? chainOf(box, name, panel.bars, sides, strip, setting) : { parts: [], joints: [] };
  return { parts: [...panel.parts, ...chain.parts], joints: [...panel.joints, hinged, ...chain.joints] };
}

/** A chain from the inside of a back post to the strip of the lid that is nearest to it: so long that the lid leans back and goes no farther. */
function chainOf(
  box: BoardBox,
  name: string,
  bars: readonly Bar[],
  sides: Sides,
  strip: Timber,
  setting: BedSetting,
): Assembled {
  const along = (point: Point): number => dot(minus(point, box.at(0, 0, 0)), box.way);
  const backs = sides.posts.filter((one) => one.id.startsWith('post-back'));
  const pairs = bars.flatMap((bar) =>
    backs.map((post) => ({ bar, post, off: Math.abs(along(bar.from) - along(post.from)) })),
  );
  const [nearest] = pairs.toSorted((a, b) => a.off - b.off);
  if (!nearest) return { parts: [], joints: [] };
  const { bar, post } = nearest;
  const armMm = Math.min(CHAIN_SHARE * box.wideMm, box.wideMm / 2 + reach(bar.from, bar.to) / 2 - inches(1));
  const top = box.at(along(bar.from), box.wideMm / 2 - armMm, box.highMm);
  const deep = Math.min(box.highMm / 2, inches(4));
  const face = dot(minus(post.from, box.at(0, 0, 0)), box.side) - strip.thickMm / 2;
  const low = box.at(along(post.from), face, box.highMm - deep);
  // The hinge is the corner; from there forward and down to the post’s eye, and along the open lid.
  const [forward, down] = [box.wideMm / 2 - face, deep];
  const open = (OPEN_DEG * Math.PI) / 180;
  const longMm = Math.hypot(forward - armMm * Math.cos(open), down + armMm * Math.sin(open), nearest.off);
  const chain = stockOf(setting.catalogue, 'chain-light', 'cord');
  const hang = box.at(
    along(post.from),
    (face + box.wideMm / 2 - armMm) / 2,
    Math.max(inches(1), box.highMm - deep - inches(2)),
  );
  const line: Line = lineOf({
    id: `${name}-chain`,
    role: 'chain',
    of: chain,
    path: [low, hang, top],
    cutMm: longMm + 2 * CHAIN_END_MM,
  });
  const eye = (id: string, into: Bar, place: Point, way: Point): Joint => ({
    id: `${line.id}-${id}`,
    kind: 'chain fixed',
    places: [place],
    parts: [line.id, into.id],
    fixings: [eyeIn(into.id, way, place)],
  });
  return { parts: [line], joints: [eye('low', post, low, box.side), eye('high', bar, top, box.normal)] };
}
