import type { Sizing } from '../../kind';
import { rowMarks, rowViews } from '../../rules/row-views';
import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import type { Placement, Joint, Standing } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import type { Part } from '../../../design/shapes/shapes';
import { minus, scale, unit, type Point } from '../../../geometry/space';
import { onGround, slopeOf, type Ground } from '../../../site/ground';
import { inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { leanOf, type Leaf } from '../../rules/leaves';
import { acrossBed, startOf, rowHandles } from '../../rules/row';
import { type BedSetting } from '../../setting';
import { placeStations } from '../../rules/stations';
import { mostFrame } from './knobs';
import { nailsAlong } from './weave-path';
import { END_MM, type Wood, placeFrame, driveStakes } from './frame';
import type { WovenFrameValues } from './knobs';

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

/** Each half of an 8″ strap hinge (from memory). mm. */
const STRAP_MM = inches(4);
const STEM_OUT_MM = inches(2);

/** Sizes the frames: halved corners, braces, nails that divide the sides, thread both ways; on stakes, or in pairs joined at the top. */
export function sizeWovenFrame(v: WovenFrameValues, setting: BedSetting): Sizing<WovenFrameFacts> {
  const { bed } = setting.place;
  const wood: Wood = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const ground: Ground = { lengthMm: setting.place.bed.lengthMm, riseMm: setting.place.bed.riseMm };
  const y = acrossBed(v.rowAt, setting);
  const pair = v.form === 'pair';
  const spread = pair ? Math.min(v.spread, 2 * v.height * 0.95) : 0;
  const { heightMm, leanRad } = leanOf(v.height, spread, pair ? wood.thickMm : 0);
  const sides = pair ? ([-1, 1] as const) : ([-1] as const);
  const builtMm = v.frames * v.width;
  const parts: Part[] = [];
  const joints: Joint[] = [];
  const posts: Standing[] = [];
  for (let i = 0; i < v.frames; i++) {
    const members: Bar[][] = [];
    for (const side of sides) {
      const leaf: Leaf = { ground, y, side, spreadMm: spread, leanRad };
      const frame = placeFrame(
        v,
        wood,
        leaf,
        i * v.width,
        `${i + 1}${pair ? (side < 0 ? 'front' : 'back') : ''}`,
        setting,
      );
      parts.push(...frame.parts);
      joints.push(...frame.joints);
      members.push(frame.sides);
    }
    const uprights = members.flat();
    if (pair) {
      joints.push({
        id: `ridge-${i + 1}`,
        kind: 'frames joined',
        places: uprights.map((bar) => bar.to),
        parts: uprights.map((bar) => bar.id),
        fixings: [
          {
            stock: 'strap-hinge',
            count: 2,
            plates: [0, 1].map((n) => {
              const [front, back] = [uprights[n] as Bar, uprights[n + 2] as Bar];
              const down = (bar: Bar): Point => minus(bar.to, scale(unit(minus(bar.to, bar.from)), STRAP_MM));
              return [down(front), front.to, back.to, down(back)];
            }),
          },
        ],
      });
      for (const bar of uprights)
        joints.push({
          id: `peg-${bar.id}`,
          kind: 'foot to ground',
          places: [bar.from],
          parts: [bar.id],
          fixings: [{ stock: 'ground-peg', count: 1 }],
        });
    } else {
      const stakes = driveStakes(v, wood, { ground, y, side: -1, spreadMm: 0, leanRad: 0 }, i, uprights, setting);
      parts.push(...stakes.parts);
      joints.push(...stakes.joints);
      posts.push(...stakes.posts);
    }
  }
  const upright = nailsAlong(v.height, wood.wideMm, v.interval, v.nailing);
  const level = nailsAlong(v.width, wood.wideMm, v.interval, v.nailing);
  const worst = [upright.stepMm, level.stepMm].reduce((a, b) =>
    Math.abs(b - v.interval) > Math.abs(a - v.interval) ? b : a,
  );
  const rows = sides.map((side) => y + side * (spread / 2 + STEM_OUT_MM));
  const step = Math.max(upright.stepMm, level.stepMm);
  const feet = [-1, 1].map((side) => y + (side * spread) / 2);

  const startMm = startOf(v, builtMm, bed);
  const stations = placeStations({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: builtMm,
    school: v.school,
    rows: rows.map((acrossMm, i) => ({
      acrossMm,
      side: i === 0 ? 'front' : 'back',
      up: [0, (i === 0 ? 1 : -1) * Math.sin(leanRad), Math.cos(leanRad)],
    })),
  });
  const design: Placement = {
    kind: 'woven-frame',
    parts,
    joints,
    stations,
    ground,
    builtMm,
    startMm,
    posts,
    hold: {
      by: 'mesh',
      meshMm: { wide: level.stepMm, high: upright.stepMm },
      memberMm: stockOf(setting.catalogue, `twine-${v.thread}`, 'cord').diameterMm,
      stepMm: step,
      fineToMm: 0,
      carries: 'medium',
      startsMm: wood.wideMm,
      gapMm: 0,
      topMm: { least: heightMm, most: heightMm },
      could: {
        topMm: Math.max(heightMm, leanOf(mostFrame(setting, pair), spread, pair ? wood.thickMm : 0).heightMm),
        carries: 'medium',
        net: true,
      },
    },
    views: rowViews({ ground, bed, startMm }),
    bodies: v.frames,
    reasons: {
      'frame side': fact('count.sides', { frames: v.frames * sides.length }),
      brace: fact('count.braces'),
      thread: fact('count.thread', {
        total: { mm: parts.reduce((sum, part) => sum + (part.role === 'thread' ? part.cutMm : 0), 0) },
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
    },
    marks: [
      ...rowMarks({ stations, ground, builtMm: builtMm, bed, rowsAtMm: rows, endTopMm: heightMm }),
      {
        view: 'elevation',
        axis: 'x',
        label: 'frames',
        atMm: Array.from({ length: v.frames + 1 }, (_, i) => i * v.width * Math.cos(slopeOf(ground))),
        tapedMm: Array.from({ length: v.frames + 1 }, (_, i) => i * v.width),
      },
      ...(v.frames <= 2
        ? [
            {
              view: 'elevation',
              axis: 'x',
              label: 'nails',
              atMm: [0, ...level.atMm, v.width].map((at) => at * Math.cos(slopeOf(ground))),
              tapedMm: [0, ...level.atMm, v.width],
            } as const,
          ]
        : []),
      {
        view: 'elevation',
        axis: 'z',
        label: 'nails',
        atMm: [0, ...upright.atMm.map((at) => at * Math.cos(leanRad)), heightMm],
        tapedMm: [0, ...upright.atMm, v.height],
      },
      ...(pair ? [{ view: 'end', axis: 'x', label: 'feet', atMm: feet, tapedMm: [0, spread] } as const] : []),
    ],
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm, yMm: y, topMm: heightMm }),
      {
        knob: 'height',
        view: 'elevation',
        at: [(v.width / 2) * Math.cos(slopeOf(ground)), onGround(ground, v.width / 2)[2] + heightMm],
        axis: 'up',
        perMm: Math.cos(leanRad),
      },
      {
        knob: 'width',
        view: 'elevation',
        at: [v.width * Math.cos(slopeOf(ground)), onGround(ground, v.width)[2] + heightMm * 0.75],
        axis: 'right',
        perMm: 1,
      },
      ...(pair
        ? [{ knob: 'spread', view: 'end', at: [y + spread / 2, 0], axis: 'right', perMm: 2 } as const]
        : [{ knob: 'stakes', view: 'end', at: [y, -v.stakes], axis: 'up', perMm: -1 } as const]),
    ],
  };
  return {
    design,
    facts: {
      rowsAtMm: rows,
      nails: v.nailing === 'equal' ? { askedMm: v.interval, setMm: worst } : null,
      tips: pair ? { halfBaseMm: spread / 2, heightMm } : null,
      sideMm: wood.wideMm,
    } satisfies WovenFrameFacts,
  };
}
