import { stockOf } from '../../../catalogue/catalogue';
import { chain } from '../../../design/chain';
import { placed, type Joint } from '../../../design/design';
import { fact } from '../../../wording/say';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { lapJoints, layStrips, midCover } from '../../assemblies/cover-strips';
import type { Sizing } from '../../kind';
import type { Values } from '../../knob';
import { alongEvery } from '../../rules/fixings';
import { acrossBed } from '../../rules/row';
import { plantUnder, rowsOf } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import type { FLAT_COVER_KNOBS } from './knobs';

export type FlatCoverValues = Values<typeof FLAT_COVER_KNOBS>;

/** Steps across the bow of a slack cover. */
const STEPS = 16;

/** What its own checks and mends ask for. */
export interface FlatCoverFacts {
  /** How high what grows can lift it. mm. */
  liftMm: number;
}

/**
 * How high a slack cover is lifted in its middle: of a shallow parabola of span w and rise h the length is
 * w (1 + 8/3 (h/w)²) (any handbook of cables), so h = w √(3 s / 8) for a slack of s. Good to a few percent up to
 * a slack of a third. mm.
 * @example liftOf(1200, 0.25) // 367
 */
export const liftOf = (widthMm: number, slack: number): number => widthMm * Math.sqrt((3 * slack) / 8);

/** Sizes the cover: strips along the bed, slack enough to be lifted, laid down and pegged all round. */
export function sizeFlatCover(v: FlatCoverValues, setting: BedSetting): Sizing<FlatCoverFacts> {
  const { bed } = setting.place;
  const ground = groundOf(bed);
  const roll = stockOf(setting.catalogue, v.cover, 'mesh roll');
  const y = acrossBed(v.rowAt, setting);
  const builtMm = v.rowLength;
  const liftMm = liftOf(v.width, v.slack / 100);
  const covers = layStrips({
    section: liftedSection(v.width, liftMm, v.tuck, v.held === 'rim'),
    roll,
    ground,
    y,
    builtMm,
    cutMm: builtMm + 2 * v.tuck + 2 * liftMm,
  });
  const girthMm = v.width * (1 + v.slack / 100) + 2 * v.tuck;
  const pegs = (longMm: number): number => alongEvery(longMm, v.every);
  const edges = covers.map((one, i): Joint => {
    // Along both long edges (of the outer strips) and both ends of every strip.
    const sides = (i === 0 ? 1 : 0) + (i === covers.length - 1 ? 1 : 0);
    const count = sides * pegs(builtMm) + 2 * pegs(girthMm / covers.length);
    return {
      id: `${one.id}-edge`,
      kind: 'edge held',
      ...(v.held === 'weights' ? { by: 'bearing' } : {}),
      places: [0, builtMm].map((along) => midCover(one, along)),
      parts: [one.id],
      fixings: v.held === 'weights' ? [] : [{ stock: v.held === 'rim' ? 'nail-round' : 'ground-peg', count }],
    };
  });
  const stations = plantUnder({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: builtMm,
    acrossMm: y,
    wideMm: v.width,
    bed,
    armMm: setting.armMm,
  });
  const half = v.width / 2;
  const rowsAtMm = rowsOf(stations, y);
  const row = bedRow(setting, v, { builtMm, yMm: y, topMm: liftMm, endTopMm: 0, rowsAtMm, stations });
  return {
    design: placed({
      parts: covers,
      joints: [...edges, ...lapJoints(covers, 'strip on strip')],
      ...row,
      views: row.views.map((view) => ({ ...view, square: true })),
      reasons: {
        cover: fact(covers.length > 1 ? 'count.strips' : 'count.one', {
          strips: covers.length,
          slack: v.slack,
          tuck: { mm: v.tuck },
        }),
        'edge held': fact(v.held === 'rim' ? 'count.nails' : 'count.pegs', { every: { mm: v.every } }),
      },
      marks: [
        ...row.marks,
        chain('end', 'x', 'covered', [y - half, y + half], [0, v.width]),
        chain('end', 'z', 'lifted', [0, Math.max(1, liftMm)]),
      ],
      handles: [...row.handles, { knob: 'width', view: 'end', at: [0, y + half, 0], axis: 'right', perMm: 2 }],
    }),
    facts: { liftMm },
  };
}

/** The section of the cover as the crop has lifted it: a parabola from edge to edge, laid down beyond both, or over the rim and down its sides. */
function liftedSection(
  widthMm: number,
  liftMm: number,
  tuckMm: number,
  overRim: boolean,
): (readonly [number, number])[] {
  const half = widthMm / 2;
  const bow = Array.from({ length: STEPS + 1 }, (_, i): readonly [number, number] => {
    const across = -half + (widthMm * i) / STEPS;
    return [across, liftMm * (1 - (across / half) ** 2)];
  });
  if (tuckMm === 0) return bow;
  const [out, down] = overRim ? [half, -tuckMm] : [half + tuckMm, 0];
  return [[-out, down], ...bow, [out, down]];
}
