import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { nearestUnder, type Nearest } from '../../../checks/cover-set';
import type { Lifted } from '../../../checks/roof-lifts';
import { ascending, chain, soilChain } from '../../../design/chain';
import { placed } from '../../../design/design';
import { ofShape } from '../../../design/shapes/shapes';
import { inches } from '../../../quantity/length';
import { groundAt, onGround } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { pourFootings, setBy } from '../../assemblies/footing';
import { setPost, type SetPost } from '../../assemblies/set-post';
import { lathsOf, planeOf, raftersOf } from '../../assemblies/sloping-sheet';
import type { Sizing } from '../../kind';
import { acrossBed } from '../../rules/row';
import { equalBays } from '../../rules/spacing';
import { plantUnder, rowsOf } from '../../rules/stations';
import { lastingTimber } from '../../rules/timber-knobs';
import { woodKg } from '../../rules/weights';
import type { BedSetting } from '../../setting';
import type { RainRoofValues } from './knobs';
import { bracesBehind, filmOver, FOLD_MM, STAPLE_EVERY_MM } from './roof';

/** The middles of rafters lie so far under the tops of the posts; two screws so far from the middle of the post along them; laths no farther apart up the slope (from memory). mm. */
const UNDER_TOP_MM = inches(1);
const SCREWS_MM = 25;
const LATHS_APART_MM = inches(24);
/** Concrete in the ground weighs about 2.2 kg a litre (from memory). */
const CONCRETE_KG_L = 2.2;

/** What its own checks and mends ask for. */
export interface RainRoofFacts {
  /** The crop that comes nearest to the film, and how high that is over it there. */
  nearest: Nearest | null;
  /** How much it falls in each length up its slope on the level. */
  fall: number;
  slopeMm: number;
  braces: number;
  lifted: Lifted;
}

/** Sizes the roof: two lines of posts, a rafter beside each pair, laths, film, braces behind. */
export function sizeRainRoof(v: RainRoofValues, setting: BedSetting): Sizing<RainRoofFacts> {
  const { bed } = setting.place;
  const ground = groundOf(bed);
  const rafter = stockOf(setting.catalogue, lastingTimber(setting, v.rafter), 'timber');
  const lath = stockOf(setting.catalogue, lastingTimber(setting, v.lath), 'timber');
  const film = stockOf(setting.catalogue, 'cover-film', 'mesh roll');
  const y = acrossBed(v.rowAt, setting);
  const [front, back] = [y - v.deep / 2, y + v.deep / 2];
  const post = (id: string, alongMm: number, across: number, aboveMm: number): SetPost =>
    setPost({
      id,
      foot: onGround(ground, alongMm, across),
      aboveMm,
      depthMm: v.depth,
      section: v.section,
      treatment: v.treatment,
      set: setBy(v.footing),
      setting,
    });
  const wideMm = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber').wideMm;
  const postsAt = equalBays([wideMm / 2, v.rowLength - wideMm / 2], v.bay);
  // No lower behind than in front.
  const backMm = Math.max(v.back, v.front);
  const pairs = postsAt.map(
    (alongMm, i) =>
      [
        post(`post-front-${i + 1}`, alongMm, front, v.front),
        post(`post-back-${i + 1}`, alongMm, back, backMm),
      ] as const,
  );
  const posts = pairs.flat();
  // Where posts are sold too short for it, it lies on what there is of them.
  const [frontMm, topMm] = ([0, 1] as const).map((side) =>
    Math.min(...pairs.map((pair) => pair[side].to[2] - pair[side].from[2] - pair[side].buriedMm)),
  ) as [number, number];
  // Along a slope the soil beside a post, where its rafter is, lies that much higher or lower than under it.
  const besideMm = Math.abs(groundAt(ground, wideMm / 2 + rafter.thickMm));
  const plane = planeOf(ground, {
    front,
    back,
    frontMm,
    backMm: topMm,
    pastMm: v.over,
    underTopMm: UNDER_TOP_MM + besideMm,
  });
  const rafters = raftersOf(plane, {
    posts: pairs,
    postsAt,
    postMm: wideMm,
    joint: 'rafter to post',
    // However steep it is, the upper one is under the top of the post.
    screwsMm: Math.min(SCREWS_MM, UNDER_TOP_MM / 2 / Math.max(0.01, plane.up[2])),
    of: rafter,
    setting,
  });
  const laths = lathsOf(plane, {
    rafters,
    lath,
    of: rafter,
    toMm: plane.longMm,
    apartMm: LATHS_APART_MM,
    rowMm: v.rowLength,
    setting,
  });
  const outMm = rafter.wideMm / 2 + lath.thickMm;
  const cover = filmOver(plane, { roll: film, laths: laths.bars, outMm, rowMm: v.rowLength });
  const braces =
    v.braces === 'braced' &&
    bracesBehind(
      pairs.map(([, one]) => one),
      rafter,
      setting,
    );
  const footings = pourFootings(posts, v.footing, v.gravel);
  const stations = plantUnder({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: v.rowLength,
    // Between its posts: under the edges it drips.
    acrossMm: y,
    wideMm: v.deep,
    bed,
    armMm: setting.armMm,
  });
  const row = bedRow(setting, v, {
    builtMm: v.rowLength,
    yMm: y,
    topMm: backMm,
    endTopMm: 0,
    rowsAtMm: rowsOf(stations, y),
    stations,
  });
  const fall = plane.up[2] / Math.max(1e-6, plane.up[1]) || 0;
  const nearest = nearestUnder({ stations }, setting.planted, (across) => frontMm + (across - front) * fall);
  const frame = [...posts, ...rafters.map(({ bar }) => bar), ...laths.bars];
  const poured = ofShape(footings.parts, 'fill').filter(({ role }) => role === 'concrete');
  return {
    design: placed({
      ...together(
        // Braces are behind, and drawn before what they hold.
        braces && { parts: braces.parts },
        { parts: posts },
        { parts: rafters.map(({ bar }) => bar), joints: rafters.flatMap(({ joints }) => joints) },
        { parts: laths.bars, joints: laths.joints },
        cover,
        braces && { joints: braces.joints },
        footings,
        { reasons: reasonsOf(v, laths.ups.length) },
      ),
      ...row,
      marks: [
        ...row.marks,
        soilChain(ground, 'posts', postsAt),
        chain('plan', 'z', 'posts', [front, back]),
        chain('end', 'x', 'posts', [front, back], [0, v.deep]),
        chain('end', 'z', 'heights', ascending([-v.depth, 0, v.front, backMm])),
      ],
      handles: [
        ...row.handles,
        { knob: 'back', view: 'end', at: [0, back, backMm], axis: 'up' },
        { knob: 'front', view: 'end', at: [0, front, v.front], axis: 'up' },
        { knob: 'deep', view: 'end', at: [0, back, 0], axis: 'right', perMm: 2 },
        { knob: 'depth', view: 'end', at: [0, front, -v.depth], axis: 'up', perMm: -1 },
      ],
    }),
    facts: {
      nearest,
      fall,
      slopeMm: plane.longMm,
      braces: braces ? braces.parts.length : 0,
      lifted: {
        gustMs: setting.site.gustMs,
        wind: setting.wind,
        areaM2: (plane.longMm * v.rowLength) / 1e6,
        frameKg: woodKg(frame),
        concreteKg: poured.reduce((sum, { litres }) => sum + litres * CONCRETE_KG_L, 0),
        posts: posts.length,
      },
    },
  };
}

const reasonsOf = (v: RainRoofValues, laths: number) => ({
  post: fact('count.posts', { bay: { mm: v.bay } }),
  rafter: fact('count.rafters'),
  lath: fact('count.laths', { laths }),
  film: fact('count.film', { fold: { mm: FOLD_MM } }),
  brace: fact('count.braces'),
  'rafter to post': fact('count.rafter-screws'),
  'lath to rafter': fact('count.lath-screws'),
  'film on laths': fact('count.film-staples', { every: { mm: STAPLE_EVERY_MM } }),
  'brace to post': fact('count.brace-screws'),
});
