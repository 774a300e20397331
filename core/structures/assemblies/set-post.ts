import { stockOf } from '../../catalogue/catalogue';
import { timberId } from '../../catalogue/timber';
import { AS_BOUGHT, SQUARE, type EndCut } from '../../design/end-cut';
import { barOf, type Bar, type Section } from '../../design/shapes/bar';
import type { Stands } from '../../design/standing';
import { add, scale, UP, type Point } from '../../geometry/space';
import { nextStockUp, SPARE_MM } from '../rules/depth';
import type { Said } from '../said';
import type { Setting } from '../setting';

/**
 * A post as it stands: a bar that says how it is set. Decision 25.
 * @example drivePost({ id: 'post-1', foot: [0, 0, 0], aboveMm: 1829, depthMm: 610, setting }).stands.set // 'driven'
 */
export type SetPost = Bar & { stands: Stands };

/** Where a post stands on the soil, how far out of it and how deep in it. mm. */
interface At {
  id: string;
  foot: Point;
  aboveMm: number;
  depthMm: number;
  setting: Setting;
  /** The way of its wide face, where that is not along the row. */
  wide?: Point;
  /** The way up it, where it is not plumb. */
  up?: Point;
}

/** A bar of so much, so deep in the soil at its foot. mm. */
function stood(
  { id, foot, aboveMm, depthMm, wide, up = UP }: At,
  o: {
    role: string;
    of: Section;
    cutMm: number;
    buriedMm: number;
    topMm: number;
    shortMm: number;
    ends: Bar['ends'];
    set: Stands['set'];
  },
): SetPost {
  const { role, of, cutMm, buriedMm, topMm, shortMm, ends, set } = o;
  const bar = barOf({
    id,
    role,
    of,
    from: add(foot, scale(up, -buriedMm)),
    to: add(foot, scale(up, topMm)),
    cutMm,
    buriedMm,
    ends,
    ...(wide ? { wide } : {}),
  });
  return { ...bar, stands: { aboveMm, buriedMm, wantedMm: depthMm, shortMm, set } };
}

/** Whether several posts come cheaper out of one longer piece than each out of its own: one for each end of the factory's. */
function comesOutOf(askedMm: number, aloneMm: number, stock: string, setting: Setting): boolean {
  const alone = setting.priceOf(stock, aloneMm);
  if (alone === null) return false;
  const { kerfMm } = setting.saw;
  return setting.sizesOf(stock).some((size) => {
    const price = setting.priceOf(stock, size);
    const posts = Math.floor((size + kerfMm) / (askedMm + kerfMm));
    return price !== null && posts > 1 && price / posts < alone;
  });
}

/**
 * A timber post bought at the next stock length up, or cut from a longer one where two and more come cheaper out of
 * that, and trimmed in place: length = height + depth + spare to cut level (common practice, no source). Where
 * nothing on sale is long enough, what the longest leaves goes into the ground, and its top may end below the height
 * asked for. mm.
 */
export function setPost(at: At & { section: string; treatment: string; set: Stands['set'] }): SetPost {
  const { setting, aboveMm, depthMm, set } = at;
  const timber = stockOf(setting.catalogue, timberId(at.section, at.treatment), 'timber');
  const asked = aboveMm + depthMm + SPARE_MM;
  const stock = nextStockUp(asked, setting.sizesOf(timber.id)) ?? { mm: asked, enough: true };
  return stood(at, {
    role: 'post',
    of: timber,
    cutMm: stock.enough && comesOutOf(asked, stock.mm, timber.id, setting) ? asked : stock.mm,
    buriedMm: stock.enough ? depthMm : Math.max(0, Math.min(depthMm, stock.mm - aboveMm)),
    topMm: stock.enough ? aboveMm : Math.min(aboveMm, stock.mm),
    shortMm: stock.enough ? 0 : aboveMm + depthMm - stock.mm,
    ends: ['as bought', 'square'].map((cut) => ({ cut })) as unknown as Bar['ends'],
    set,
  });
}

/** A studded steel post, driven: it goes in whole, deeper where what is sold is longer. mm. */
export function drivePost(at: At): SetPost {
  const { setting, aboveMm, depthMm } = at;
  const asked = aboveMm + depthMm;
  const long = nextStockUp(asked, setting.sizesOf('steel-post'))?.mm ?? asked;
  const buriedMm = Math.max(0, long - aboveMm);
  return stood(at, {
    role: 'post',
    of: stockOf(setting.catalogue, 'steel-post', 'steel post'),
    cutMm: long,
    buriedMm,
    topMm: long - buriedMm,
    shortMm: Math.max(0, asked - long),
    ends: AS_BOUGHT,
    set: 'driven',
  });
}

/** A stake's point: cut to a third of its width from both sides, drawn as one slant (from memory). */
export const POINT: EndCut = { cut: 'mitre', angleRad: (60 * Math.PI) / 180 };

/** A stake cut to length, as long as what is sold lets it be: a light post. mm. */
export function driveStake(at: At & { of: Section; set: Stands['set']; point?: EndCut }): SetPost {
  const { setting, aboveMm, depthMm, of, set, point } = at;
  const asked = aboveMm + depthMm;
  const long = Math.min(asked, setting.sizesOf(of.id).at(-1) ?? asked);
  const buriedMm = Math.max(0, long - aboveMm);
  return stood(at, {
    role: 'stake',
    of,
    cutMm: long,
    buriedMm,
    topMm: aboveMm,
    shortMm: asked - long,
    ends: point ? [point, { cut: 'square' }] : SQUARE,
    set,
  });
}

/**
 * A pole or a cane that is pushed in along its lean, used whole: as long as it is sold, the rest of it standing out. Where
 * nothing on sale is as long as is asked, what is missing is told. mm.
 */
export function pushPole(o: {
  id: string;
  role: string;
  of: Section;
  foot: Point;
  /** The way up it. */
  up: Point;
  askedMm: number;
  soldMm: number;
  pushInMm: number;
  wide?: Point;
}): SetPost {
  const { id, role, of, foot, up, askedMm, soldMm, pushInMm, wide } = o;
  const shortMm = soldMm < askedMm - 0.5 ? askedMm - soldMm : 0;
  const aboveMm = Math.max(askedMm, soldMm) - pushInMm;
  const bar = barOf({
    id,
    role,
    of,
    cutMm: soldMm,
    buriedMm: pushInMm,
    from: add(foot, scale(up, -pushInMm)),
    to: add(foot, scale(up, soldMm - pushInMm)),
    ends: AS_BOUGHT,
    ...(wide ? { wide } : {}),
  });
  const buriedMm = shortMm > 0 ? Math.max(0, soldMm - aboveMm) : pushInMm;
  return { ...bar, stands: { aboveMm, buriedMm, wantedMm: pushInMm, shortMm, set: 'pushed' } };
}

/** Posts that stand in the ground, of timber or of steel. */
export const SET_POST = {
  names: { parts: { post: { word: 'Post', means: 'stands in the ground; as bought, or cut to length', as: 'body' } } },
} as const satisfies Said;
