import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { chain, soilChain } from '../../../design/chain';
import { placed, type Design, type Pull } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { inches } from '../../../quantity/length';
import { slopeOf } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { hingedAtTop, peggedFeet } from '../../assemblies/folding-pair';
import type { Sizing } from '../../kind';
import { leanOf, onLeaf, outOfLeaf, upLeaf, type PropLeaf } from '../../rules/leaves';
import { acrossBed } from '../../rules/row';
import type { RowView } from '../../rules/row-views';
import type { PlantRow } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import { driveStakes, END_MM, placeFrame } from './frame';
import { mostFrame, type WovenFrameValues } from './knobs';
import { nailsAlong } from './weave-path';

/** What its own checks and mends ask for. */
export interface WovenFrameFacts {
  rowsAtMm: readonly number[];
  /** Nails round a frame that are equalised: the interval asked for, and the one set that is farthest from it. */
  nails: { askedMm: number; setMm: number } | null;
  /** Of a pair: from the foot line to the middle, and how high. */
  tips: { halfBaseMm: number; heightMm: number } | null;
  /** How wide the sides of a frame are. */
  sideMm: number;
}

/** Stems stand this far outside the feet (from memory). mm. */
const STEM_OUT_MM = inches(2);

/** Where its lengths are pulled. */
const pullsOf = (v: WovenFrameValues, leaf: PropLeaf): Listed<Pull<RowView>> => [
  {
    knob: 'height',
    view: 'elevation',
    at: onLeaf(leaf, v.width / 2, v.height, 0),
    axis: 'up',
    perMm: Math.cos(leaf.leanRad) * Math.cos(slopeOf(leaf.ground)),
  },
  { knob: 'width', view: 'elevation', at: onLeaf(leaf, v.width, v.height * 0.75, 0), axis: 'right' },
  v.form === 'pair'
    ? { knob: 'spread', view: 'end', at: [0, leaf.y + leaf.spreadMm / 2, 0], axis: 'right', perMm: 2 }
    : { knob: 'stakes', view: 'end', at: [0, leaf.y, -v.stakes], axis: 'up', perMm: -1 },
];

/** Why there are so many of each. */
const reasonsOf = (frames: number, threadMm: number, upright: Nails, level: Nails): Design['reasons'] => ({
  'frame side': fact('count.sides', { frames }),
  brace: fact('count.braces'),
  thread: fact('count.thread', {
    total: { mm: threadMm },
    uprights: level.atMm.length,
    levels: upright.atMm.length,
    end: { mm: END_MM },
  }),
  stake: fact('count.stakes'),
  'corner halved': fact('count.corner-screws'),
  'brace to frame': fact('count.brace-screws'),
  'nail in frame': fact('count.nails', { high: { mm: upright.stepMm }, wide: { mm: level.stepMm } }),
  'frames joined': fact('count.hinges'),
  'foot to ground': fact('count.pegs'),
  'stake to frame': fact('count.stake-screws'),
});
type Nails = ReturnType<typeof nailsAlong>;

/** Sizes the frames: halved corners, braces, nails that divide the sides, thread both ways; on stakes, or in pairs joined at the top. */
export function sizeWovenFrame(v: WovenFrameValues, setting: BedSetting): Sizing<WovenFrameFacts> {
  const wood = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const ground = groundOf(setting.place.bed);
  const y = acrossBed(v.rowAt, setting);
  const pair = v.form === 'pair';
  const spread = pair ? Math.min(v.spread, 2 * v.height * 0.95) : 0;
  const gapMm = pair ? wood.thickMm : 0;
  const { heightMm, leanRad } = leanOf(v.height, spread, gapMm);
  const leaves = (pair ? ([-1, 1] as const) : ([-1] as const)).map((side): PropLeaf => ({
    ground,
    y,
    side,
    spreadMm: spread,
    leanRad,
  }));
  const builtMm = v.frames * v.width;
  const made = together(
    ...Array.from({ length: v.frames }, (_, i) => {
      const [front, back] = leaves.map((leaf) => {
        const name = `${i + 1}${pair ? (leaf.side < 0 ? 'front' : 'back') : ''}`;
        const frame = placeFrame(v, wood, leaf, i * v.width, name, setting);
        return { ...frame, stiles: frame.sides, out: outOfLeaf(leaf), leaf };
      });
      if (!front) return null;
      if (!back) return together(front, driveStakes(v, wood, front.leaf, i, front.sides, setting));
      const hinged = hingedAtTop({ id: `ridge-${i + 1}`, kind: 'frames joined', front, back });
      return together(front, back, { joints: [hinged, ...peggedFeet([...front.sides, ...back.sides])] });
    }),
  );
  const upright = nailsAlong(v.height, wood.wideMm, v.interval, v.nailing);
  const level = nailsAlong(v.width, wood.wideMm, v.interval, v.nailing);
  const worst = [upright.stepMm, level.stepMm].reduce((a, b) =>
    Math.abs(b - v.interval) > Math.abs(a - v.interval) ? b : a,
  );
  const rows = leaves.map((leaf): PlantRow => ({
    acrossMm: y + leaf.side * (spread / 2 + STEM_OUT_MM),
    side: leaf.side < 0 ? 'front' : 'back',
    up: upLeaf(leaf),
  }));
  const rowsAtMm = rows.map(({ acrossMm }) => acrossMm);
  const row = bedRow(setting, v, { builtMm, yMm: y, topMm: heightMm, rowsAtMm, rows });
  const threadMm = made.parts.reduce((sum, part) => sum + (part.role === 'thread' ? part.cutMm : 0), 0);
  return {
    design: placed({
      ...made,
      ...row,
      hold: {
        by: 'mesh',
        meshMm: { wide: level.stepMm, high: upright.stepMm },
        memberMm: stockOf(setting.catalogue, `twine-${v.thread}`, 'cord').diameterMm,
        stepMm: Math.max(upright.stepMm, level.stepMm),
        fineToMm: 0,
        carries: 'medium',
        startsMm: wood.wideMm,
        gapMm: 0,
        topMm: { least: heightMm, most: heightMm },
        could: {
          topMm: Math.max(heightMm, leanOf(mostFrame(setting, pair), spread, gapMm).heightMm),
          carries: 'medium',
          net: true,
        },
      },
      reasons: reasonsOf(v.frames * leaves.length, threadMm, upright, level),
      marks: [
        ...row.marks,
        soilChain(
          ground,
          'frames',
          Array.from({ length: v.frames + 1 }, (_, i) => i * v.width),
        ),
        v.frames <= 2 && soilChain(ground, 'nails', [0, ...level.atMm, v.width]),
        chain(
          'elevation',
          'z',
          'nails',
          [0, ...upright.atMm, v.height].map((at) => at * Math.cos(leanRad) * Math.cos(slopeOf(ground))),
          [0, ...upright.atMm, v.height],
        ),
        pair && chain('end', 'x', 'feet', [y - spread / 2, y + spread / 2], [0, spread]),
      ],
      handles: [...row.handles, ...pullsOf(v, leaves[0] as PropLeaf)],
    }),
    facts: {
      rowsAtMm,
      nails: v.nailing === 'equal' ? { askedMm: v.interval, setMm: worst } : null,
      tips: pair ? { halfBaseMm: spread / 2, heightMm } : null,
      sideMm: wood.wideMm,
    },
  };
}
