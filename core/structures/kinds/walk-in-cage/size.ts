import { stockOf } from '../../../catalogue/catalogue';
import { chain } from '../../../design/chain';
import { placed, type Design } from '../../../design/design';
import { ofShape } from '../../../design/shapes/shapes';
import { parabolaSag } from '../../../statics/sag';
import { GRAVITY_MS2 } from '../../../quantity/measure';
import { roundArea, yieldShareOf } from '../../../statics/wire';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { groundOf } from '../../assemblies/bed-row';
import { pourFootings } from '../../assemblies/footing';
import { doorwayOf } from '../../assemblies/hung-leaf';
import type { Sizing } from '../../kind';
import { besideOnRoll } from '../../rules/beside-on-roll';
import { rowMarks, rowViews } from '../../rules/row-views';
import { widestBay } from '../../rules/spacing';
import { plantUnder, rowsOf } from '../../rules/stations';
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

/** Why there are so many of each. */
function reasonsOf(v: WalkInCageValues, posts: number): Design['reasons'] {
  const stapled = fact('count.staples', { every: { mm: STAPLE_EVERY_MM } });
  return {
    post: fact('count.posts', { posts, spacing: { mm: v.postSpacing } }),
    'top rail': fact('count.top-rails'),
    'low rail': fact('count.low-rails'),
    lintel: fact('count.lintel'),
    'roof wire': fact('count.wires', { apart: { mm: v.wires } }),
    'side net': fact('count.side-nets'),
    'roof net': fact('count.roof-net'),
    'low mesh': fact('count.low-mesh', { below: { mm: v.below } }),
    'door net': fact('count.door-net'),
    'door mesh': fact('count.door-mesh'),
    'rail to post': fact('count.rail-screws'),
    'wire to rail': fact('count.eyes'),
    'net to rail': stapled,
    'low mesh to rail': stapled,
    'net to door': stapled,
    'net to post': stapled,
    'net lapped': fact('count.lapped'),
  };
}

/** Sizes the cage: posts and rails round the bed, wires across, stiff mesh low down, nets on sides and roof, a door in the front. */
export function sizeWalkInCage(v: WalkInCageValues, setting: BedSetting): Sizing<WalkInCageFacts> {
  const { bed } = setting.place;
  const ground = groundOf(bed);
  const cage = cageOf(v, setting);
  const { rails, joints: railJoints } = railsOf(cage, v, setting);
  const wireMm = stockOf(setting.catalogue, 'line-wire', 'cord').diameterMm;
  const door = doorOf(cage, v, setting);
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
  // N/mm: a strip of net half way to both neighbours, and the wire itself.
  const apartMm = widestBay([0, ...wiresAt(cage, v.wires), cage.longMm]);
  const loadNmm = (GRAVITY_MS2 * (WET_NET_KG_M2 * (apartMm / 1000) + (roundArea(wireMm) / 1e6) * STEEL_KG_M3)) / 1000;
  const lowRoll = v.low === 'none' ? null : stockOf(setting.catalogue, v.low, 'mesh roll');
  const half = cage.wideMm / 2;
  const startMm = -v.room;
  const soilMm = -bed.heightMm;
  const made = together(
    pourFootings(cage.posts, v.footing, v.gravel),
    { parts: cage.posts },
    { parts: rails, joints: railJoints },
    wiresOf(cage, v, rails, wireMm),
    sidesOf(cage, v, rails, setting),
    door,
    roofOf(cage, v, rails, setting),
    {
      reasons: reasonsOf(v, cage.posts.length),
    },
  );
  // Nets of sides and door lie beside each other on the roll.
  const flat = ofShape(made.parts, 'sheet').filter(({ role }) => /^(side|door) net$/.test(role));
  const cut = new Map(besideOnRoll(flat, net.heightMm).map((one) => [one.id, one]));
  const front = made.parts.filter(({ id }) => !/-(back|left|right)/.test(id)).map(({ id }) => id);
  return {
    design: placed({
      ...made,
      parts: made.parts.map((part) => cut.get(part.id) ?? part),
      stations,
      ground,
      walls: [
        [0, -half],
        [cage.longMm, -half],
        [cage.longMm, half],
        [0, half],
      ],
      builtMm: cage.longMm,
      startMm,
      // From the front the back would be seen through the net; what is at its corners is in one line with the front.
      views: rowViews({ ground, bed, startMm }).map((view) => ({
        ...view,
        square: true,
        ...(view.id === 'elevation' ? { only: front } : {}),
      })),
      doorway: doorwayOf(door.leaf),
      marks: [
        ...rowMarks({ stations, ground, builtMm: cage.longMm, bed, rowsAtMm: rowsOf(stations, 0), endTopMm: 0 }),
        chain('elevation', 'x', 'middles of the front posts', [0, ...cage.sides.front.postsAt, cage.longMm]),
        chain('elevation', 'z', 'heights', [
          soilMm,
          ...(lowRoll ? [soilMm + lowAbove(v, setting)] : []),
          soilMm + lintelUp(cage),
          soilMm + v.height,
        ]),
        chain('end', 'x', 'over all', [-half, half]),
        chain('end', 'z', 'height', [soilMm, soilMm + v.height]),
      ],
      handles: [
        { knob: 'height', view: 'elevation', at: [cage.longMm / 2, 0, soilMm + v.height], axis: 'up' },
        { knob: 'depth', view: 'end', at: [0, half, soilMm - v.depth], axis: 'up', perMm: -1 },
        { knob: 'room', view: 'end', at: [0, half, soilMm + v.height / 2], axis: 'right' },
      ],
    }),
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
