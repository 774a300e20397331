import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { chain } from '../../../design/chain';
import { placed } from '../../../design/design';
import { nearestUnder, type Nearest } from '../../../checks/cover-set';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { boardsOf, boxOnBed, propsOf, STAY_EVERY_MM } from '../../assemblies/box-of-boards';
import { panelKg, panelOf, STAPLE_EVERY_MM, WASHER_EVERY_MM } from '../../assemblies/covered-panel';
import { hingedLid, lidLength, lidsOf } from '../../assemblies/hinged-lid';
import type { Sizing } from '../../kind';
import { acrossBed } from '../../rules/row';
import { plantUnder, rowsOf } from '../../rules/stations';
import { lastingTimber } from '../../rules/timber-knobs';
import type { BedSetting } from '../../setting';
import { raisedBack, slopeOver } from './frame';
import type { ColdFrameValues } from './knobs';

/** What its own checks and mends ask for. */
export interface ColdFrameFacts {
  frontMm: number;
  /** The crop that comes nearest to the lids, and how high they are over it there. */
  nearest: Nearest | null;
  lids: number;
  lidKg: number;
}

/** Sizes the frame: level courses about posts, a board more behind and a wedge at each end; clear lids on the slope, hinged behind. */
export function sizeColdFrame(v: ColdFrameValues, setting: BedSetting): Sizing<ColdFrameFacts> {
  const { bed } = setting.place;
  const ground = groundOf(bed);
  const board = stockOf(setting.catalogue, timberId(v.board, v.treatment), 'timber');
  const strip = stockOf(setting.catalogue, lastingTimber(setting, v.strip), 'timber');
  const glazing = stockOf(setting.catalogue, v.glazing, 'mesh roll');
  const y = acrossBed(v.rowAt, setting);
  const longMm = v.rowLength;
  const frontMm = v.courses * board.wideMm;
  const backMm = frontMm + board.wideMm;
  // One that looks the other way is turned about its middle.
  const turned = v.faces === 'back' ? -1 : 1;
  const box = boxOnBed(bed, { acrossMm: y, longMm, wideMm: v.width, highMm: frontMm, turned });
  const slope = slopeOver(box, board, frontMm);
  // Posts end under the lids.
  const postsMm = [frontMm, slope.overMm(v.width / 2 - board.thickMm - strip.thickMm)] as const;
  const sides = boardsOf(box, { courses: v.courses, everyMm: STAY_EVERY_MM, doors: 1, postsMm, board, strip }, setting);
  const raised = raisedBack(box, slope, { sides, board, strip, frontMm }, setting);
  const lidMm = lidLength(v);
  const lids = Array.from({ length: lidsOf(v) }, (_, i): Assembled => {
    const fromMm = i * (lidMm + v.gap);
    const name = `lid-${i + 1}`;
    const panel = panelOf(
      slope.plane,
      { name, role: 'lid strip', fromMm, longMm: lidMm, upMm: 0, strip, layers: [{ role: 'glazing', roll: glazing }] },
      setting,
    );
    const [, back] = panel.rails;
    const hinged = hingedLid(slope.plane, {
      name,
      back,
      rim: raised.back,
      strip,
      fromMm,
      longMm: lidMm,
      up: box.normal,
    });
    return { parts: panel.parts, joints: [...panel.joints, hinged] };
  });
  const over = together(...lids);
  const prop = v.stay === 'prop' && propsOf(box, { lids: lids.length, sides, board, strip }, setting);
  const t = board.thickMm;
  const stations = plantUnder({
    planted: setting.planted,
    ground,
    fromMm: t,
    lengthMm: longMm - 2 * t,
    acrossMm: y,
    wideMm: Math.max(1, v.width - 2 * t),
    tall: turned < 0 ? 'before' : 'behind',
    bed,
    armMm: setting.armMm,
  });
  const row = bedRow(setting, v, {
    builtMm: longMm,
    yMm: y,
    topMm: backMm,
    endTopMm: 0,
    rowsAtMm: rowsOf(stations, y),
    stations,
  });
  const nearest = nearestUnder({ stations }, setting.planted, (across) => slope.overMm((across - y) * turned));
  const half = v.width / 2;
  return {
    design: placed({
      ...together(
        // What is inside the box, and what is behind, is drawn before its sides.
        { parts: [...raised.parts.filter(({ role }) => role === 'cleat'), ...sides.posts], joints: sides.joints },
        prop && { parts: prop.parts },
        { parts: raised.parts.filter(({ role }) => role === 'board') },
        { parts: sides.boards.flat() },
        { parts: raised.parts.filter(({ role }) => role === 'wedge'), joints: raised.joints },
        over,
        prop && { joints: prop.joints },
        { reasons: reasonsOf(v, lids.length) },
      ),
      ...row,
      marks: [
        ...row.marks,
        chain('elevation', 'z', 'heights', [0, frontMm, backMm]),
        chain('end', 'x', 'over all', [y - half, y + half], [0, v.width]),
        chain('end', 'z', 'front and back', [0, frontMm, backMm]),
      ],
      handles: [
        ...row.handles,
        { knob: 'width', view: 'end', at: [0, y + half, frontMm / 2], axis: 'right', perMm: 2 },
      ],
    }),
    facts: { frontMm, nearest, lids: lidsOf(v), lidKg: panelKg(lids[0]?.parts ?? [], glazing) },
  };
}

/** Why there are so many of each. */
const reasonsOf = (v: ColdFrameValues, lids: number) => ({
  board: fact('count.boards', { courses: v.courses }),
  post: fact('count.posts', { every: { mm: STAY_EVERY_MM } }),
  wedge: fact('count.wedges'),
  cleat: fact('count.cleats'),
  'lid strip': fact('count.strips', { lids }),
  glazing: fact('count.glazing'),
  prop: fact('count.props'),
  'board to post': fact('count.board-screws'),
  'wedge to cleat': fact('count.wedge-screws'),
  'board to cleat': fact('count.cleat-screws'),
  'lid corner': fact('count.lid-screws'),
  'glazing to lid':
    v.glazing === 'cover-film'
      ? fact('count.glazing-staples', { every: { mm: STAPLE_EVERY_MM } })
      : fact('count.glazing-screws', { every: { mm: WASHER_EVERY_MM } }),
  'lid hinged': fact('count.hinges'),
  'prop to post': fact('count.pivot'),
});
