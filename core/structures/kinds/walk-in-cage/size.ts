import { doorwayOf } from '../../rules/gate-leaf';
import { stockOf } from '../../../catalogue/catalogue';
import type { Placement } from '../../../design/design';
import { ofShape, type Part } from '../../../design/shapes/shapes';
import type { Pair } from '../../../geometry/polygon';
import { parabolaSag } from '../../../statics/sag';
import { GRAVITY_MS2 } from '../../../statics/wind';
import { roundArea, yieldShareOf } from '../../../statics/wire';
import { fact } from '../../../wording/say';
import type { Sizing } from '../../kind';
import { besideOnRoll } from '../../rules/beside-on-roll';
import { footingReasons, pourFootings } from '../../rules/footing';
import { rowMarks, rowViews } from '../../rules/row-views';
import { plantUnder, rowsOf } from '../../rules/stations';
import { standingOf } from '../../rules/timber-post';
import type { BedSetting } from '../../setting';
import { doorOf } from './door';
import { cageOf, lintelUp, lowAbove, railsOf, type Cage } from './frame';
import type { WalkInCageValues } from './knobs';
import { roofOf, sidesOf, STAPLE_EVERY_MM, wiresAt, wiresOf } from './nets';

/** A wet net with leaves on it (from memory), and steel. kg/m², kg/m³. */
const WET_NET_KG_M2 = 0.25;
const STEEL_KG_M3 = 7850;

/** What its own checks and mends ask for. */
export interface WalkInCageFacts {
  cage: Cage;
  openingMm: number;
  lowToMm: number;
  lowOpeningMm: number;
  roof: { sagMm: number; spanMm: number; highMm: number; yieldShare: number };
}

/** Sizes the cage: posts and rails round the bed, wires across, stiff mesh low down, nets on sides and roof, a door in the front. */
export function sizeWalkInCage(v: WalkInCageValues, setting: BedSetting): Sizing<WalkInCageFacts> {
  const { bed } = setting.place;
  const ground = { lengthMm: bed.lengthMm, riseMm: bed.riseMm };
  const cage = cageOf(v, setting);
  const bars = cage.posts.map((post) => post.bar);
  const { rails, joints: railJoints } = railsOf(cage, v, setting);
  const wireMm = stockOf(setting.catalogue, 'line-wire', 'cord').diameterMm;
  const wires = wiresOf(cage, v, rails, wireMm);
  const sides = sidesOf(cage, v, rails, setting);
  const roof = roofOf(cage, v, rails, setting);
  const door = doorOf(cage, v, setting);
  const footings = pourFootings(bars, v.footing, v.gravel);
  const stations = plantUnder({
    planted: setting.planted,
    ground,
    fromMm: v.room,
    lengthMm: bed.lengthMm,
    acrossMm: 0,
    wideMm: bed.widthMm,
    bed,
    armMm: setting.armMm,
  });
  const net = stockOf(setting.catalogue, v.net, 'mesh roll');
  const at = [0, ...wiresAt(cage, v.wires), cage.longMm];
  const apartMm = Math.max(...at.slice(1).map((one, i) => one - (at[i] as number)));
  // N/mm: a strip of net half way to both neighbours, and the wire itself.
  const loadNmm = (GRAVITY_MS2 * (WET_NET_KG_M2 * (apartMm / 1000) + (roundArea(wireMm) / 1e6) * STEEL_KG_M3)) / 1000;
  const lowRoll = v.low === 'none' ? null : stockOf(setting.catalogue, v.low, 'mesh roll');
  const half = cage.wideMm / 2;
  const startMm = -v.room;
  const corners: Pair[] = [
    [0, -half],
    [cage.longMm, -half],
    [cage.longMm, half],
    [0, half],
  ];
  const soilMm = -bed.heightMm;
  const parts: Part[] = [
    ...footings.parts,
    ...bars,
    ...rails,
    ...wires.parts,
    ...sides.parts,
    ...door.parts,
    ...roof.parts,
  ];
  // Nets of sides and door lie beside each other on the roll.
  const cut = new Map(
    besideOnRoll(
      ofShape(parts, 'sheet').filter(({ role }) => /^(side|door) net$/.test(role)),
      stockOf(setting.catalogue, v.net, 'mesh roll').heightMm,
    ).map((one) => [one.id, one]),
  );
  const front = parts.filter(({ id }) => !/-(back|left|right)/.test(id)).map(({ id }) => id);
  const design: Placement = {
    kind: 'walk-in-cage',
    parts: parts.map((part) => cut.get(part.id) ?? part),
    joints: [...footings.joints, ...railJoints, ...wires.joints, ...sides.joints, ...door.joints, ...roof.joints],
    stations,
    ground,
    walls: corners,
    builtMm: cage.longMm,
    startMm,
    posts: cage.posts.map(standingOf),
    hold: null,
    // From the front the back would be seen through the net; what is at its corners is in one line with the front.
    views: rowViews({ ground, bed, startMm }).map((view) => ({
      ...view,
      square: true,
      ...(view.id === 'elevation' ? { only: front } : {}),
    })),
    bodies: 1,
    doorway: doorwayOf(door.leaf),
    reasons: {
      post: fact('count.posts', { posts: bars.length, spacing: { mm: v.postSpacing } }),
      'top rail': fact('count.top-rails'),
      'low rail': fact('count.low-rails'),
      lintel: fact('count.lintel'),
      'roof wire': fact('count.wires', { apart: { mm: v.wires } }),
      'side net': fact('count.side-nets'),
      'roof net': fact('count.roof-net'),
      'low mesh': fact('count.low-mesh', { below: { mm: v.below } }),
      'door net': fact('count.door-net'),
      'door mesh': fact('count.door-mesh'),
      stile: fact('count.leaf'),
      rail: fact('count.leaf'),
      brace: fact('count.brace'),
      ...footingReasons(v.gravel),
      'rail to post': fact('count.rail-screws'),
      'wire to rail': fact('count.eyes'),
      'net to rail': fact('count.staples', { every: { mm: STAPLE_EVERY_MM } }),
      'low mesh to rail': fact('count.staples', { every: { mm: STAPLE_EVERY_MM } }),
      'net to door': fact('count.staples', { every: { mm: STAPLE_EVERY_MM } }),
      'net lapped': fact('count.lapped'),
      'leaf joined': fact('count.corner-screws'),
      'brace fixed': fact('count.brace-screws'),
      'mesh to leaf': fact('count.washers'),
      hung: fact('count.hinges', { hinges: door.leaf.hinges }),
      latched: fact('count.latch'),
    },
    marks: [
      ...rowMarks({ stations, ground, builtMm: cage.longMm, bed, rowsAtMm: rowsOf(stations, 0), endTopMm: 0 }),
      {
        view: 'elevation',
        axis: 'x',
        label: 'middles of the front posts',
        atMm: [0, ...cage.sides.front.postsAt, cage.longMm],
      },
      {
        view: 'elevation',
        axis: 'z',
        label: 'heights',
        atMm: [soilMm, ...(lowRoll ? [soilMm + lowAbove(v, setting)] : []), soilMm + lintelUp(cage), soilMm + v.height],
      },
      { view: 'end', axis: 'x', label: 'over all', atMm: [-half, half] },
      { view: 'end', axis: 'z', label: 'height', atMm: [soilMm, soilMm + v.height] },
    ],
    handles: [
      { knob: 'height', view: 'elevation', at: [cage.longMm / 2, soilMm + v.height], axis: 'up', perMm: 1 },
      { knob: 'depth', view: 'end', at: [half, soilMm - v.depth], axis: 'up', perMm: -1 },
      { knob: 'room', view: 'end', at: [half, soilMm + v.height / 2], axis: 'right', perMm: 1 },
    ],
  };
  return {
    design,
    facts: {
      cage,
      openingMm: net.openingMm,
      lowToMm: lowRoll ? lowAbove(v, setting) : 0,
      lowOpeningMm: lowRoll?.openingMm ?? net.openingMm,
      roof: {
        sagMm: parabolaSag(loadNmm, cage.wideMm, v.pull),
        spanMm: cage.wideMm,
        highMm: v.height - cage.rail.wideMm / 2,
        yieldShare: yieldShareOf(v.pull, wireMm),
      },
    },
  };
}
