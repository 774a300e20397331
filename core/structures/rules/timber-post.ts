import { stockOf } from '../../catalogue/catalogue';
import type { Timber } from '../../catalogue/stock';
import { timberId } from '../../catalogue/timber';
import type { Standing } from '../../design/design';
import type { EndCut } from '../../design/end-cut';
import { barOf, type Bar } from '../../design/shapes/bar';
import { type Point } from '../../geometry/space';
import { fact } from '../../wording/say';
import { LET_IN_MM } from '../../statics/embedment';
import { fillUnder, nextStockUp, suggestDepth, THROUGH_BED_PHRASES, throughBedMend, type SoldPost } from './depth';
import type { LengthKnob, Settings, Settled } from '../knob';
import type { BedSetting, Setting } from '../setting';
import { perMarket, TAPE_STEP } from './tidy';
import { feet, inches } from '../../quantity/length';

/** Left above the mark for trimming all tops to one height (from memory). mm. */
const SPARE_MM = inches(0.5);
const square: EndCut = { cut: 'square' };

/** A timber post that stands so high, as its section and treatment are sold. */
export const timberPost = (setting: Setting, set: Settled, aboveMm: number): SoldPost => ({
  aboveMm: aboveMm + SPARE_MM,
  sizesMm: setting.sizesOf(timberId(String(set.section), String(set.treatment))),
});

/** How deep a heavy post goes that stands `aboveMm` out of the soil: 24″, an eighth to a quarter of it is not enough (common practice, no source). */
export const depthKnob = (aboveMm: (set: Settled, setting: BedSetting) => number, fillOf = fillUnder) => ({
  depth: {
    type: 'length',
    label: 'Depth in the ground',
    group: 'Posts',
    min: inches(12),
    max: feet(6),
    step: TAPE_STEP,
    help: 'About a third of what stands out; below the frost where it heaves.',
    suggest: (setting: BedSetting, set: Settled) =>
      suggestDepth(
        setting,
        LET_IN_MM,
        setting.soil === 'sand' || setting.wind === 'exposed'
          ? { value: perMarket(setting.market, 30, 760), why: fact('depth.loose') }
          : { value: perMarket(setting.market, 24, 610), why: fact('depth.heavy') },
        timberPost(setting, set, aboveMm(set, setting)),
        fillOf(setting),
      ),
  } satisfies LengthKnob<BedSetting>,
});

export const DEPTH_PHRASES = {
  'depth.heavy': 'Two feet (610 mm): about a third of what stands out.',
  'depth.loose': 'Deeper, for loose soil or wind.',
  ...THROUGH_BED_PHRASES,
} as const;

export interface SetPost extends Standing {
  bar: Bar;
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
 * that, and trimmed in place: length = height + depth +
 * spare to cut level (common practice, no source). Where nothing on sale is long enough, what the
 * longest leaves goes into the ground, and its top may end below the height asked for. `foot` is on the soil.
 */
export function setPost(o: {
  id: string;
  foot: Point;
  aboveMm: number;
  depthMm: number;
  section: string;
  treatment: string;
  setting: Setting;
  set: Standing['set'];
}): SetPost {
  const timber: Timber = stockOf(o.setting.catalogue, timberId(o.section, o.treatment), 'timber');
  const asked = o.aboveMm + o.depthMm + SPARE_MM;
  const stock = nextStockUp(asked, o.setting.sizesOf(timber.id)) ?? { mm: asked, enough: true };
  const buriedMm = stock.enough ? o.depthMm : Math.max(0, Math.min(o.depthMm, stock.mm - o.aboveMm));
  const aboveMm = stock.enough ? o.aboveMm : Math.min(o.aboveMm, stock.mm);
  const bar: Bar = barOf({
    id: o.id,
    role: 'post',
    of: timber,
    cutMm: stock.enough && comesOutOf(asked, stock.mm, timber.id, o.setting) ? asked : stock.mm,
    buriedMm,
    from: [o.foot[0], o.foot[1], o.foot[2] - buriedMm],
    to: [o.foot[0], o.foot[1], o.foot[2] + aboveMm],
    ends: [{ cut: 'as bought' }, square],
  });
  return {
    id: o.id,
    bar,
    aboveMm: o.aboveMm,
    buriedMm,
    wantedMm: o.depthMm,
    shortMm: stock.enough ? 0 : o.aboveMm + o.depthMm - stock.mm,
    set: o.set,
  };
}

/** What a post shows to the checks. */
export const standingOf = ({ bar: _bar, ...standing }: SetPost): Standing => standing;

export const POST_MENDS = {
  'depth.shallow': (): Settings => ({ depth: LET_IN_MM }),
  'depth.bed': throughBedMend(LET_IN_MM),
  'depth.share': (
    _values: unknown,
    { design }: { design: { posts: readonly Standing[] } },
    setting: Setting,
  ): Settings => {
    const above = Math.max(...design.posts.map((post) => post.aboveMm));
    const third = setting.soil === 'sand' || setting.wind === 'exposed' ? 1 / 2 : 1 / 3;
    return { depth: Math.min(feet(4), inches(Math.ceil((above * third) / inches(1)))) };
  },
};
