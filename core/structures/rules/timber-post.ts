import { timberId } from '../../catalogue/timber';
import type { Standing } from '../../design/standing';
import { feet, inches } from '../../quantity/length';
import { LET_IN_MM } from '../../statics/embedment';
import { fact } from '../../wording/say';
import type { LengthKnob, Settings, Settled, Suggestion } from '../knob';
import type { Said } from '../said';
import type { BedSetting, Setting } from '../setting';
import { fillUnder, SPARE_MM, suggestDepth, THROUGH_BED_WORDS, throughBedMend, type SoldPost } from './depth';
import { perMarket } from './tidy';

/** A timber post that stands so high, as its section and treatment are sold. */
export const timberPost = (setting: Setting, set: Settled, aboveMm: number): SoldPost => ({
  aboveMm: aboveMm + SPARE_MM,
  sizesMm: setting.sizesOf(timberId(String(set.section), String(set.treatment))),
});

/** How deep a heavy post goes in this soil and wind, before it is fitted to a length on sale. mm. */
export const heavyDepth = (setting: Pick<Setting, 'soil' | 'wind' | 'market'>): Suggestion<number> =>
  setting.soil === 'sand' || setting.wind === 'exposed'
    ? { value: perMarket(setting.market, 30, 760), why: fact('depth.loose') }
    : { value: perMarket(setting.market, 24, 610), why: fact('depth.heavy') };

/** How deep a heavy post goes that stands `aboveMm` out of the soil: 24″, an eighth to a quarter of it is not enough (common practice, no source). */
export const depthKnob = (aboveMm: (set: Settled, setting: BedSetting) => number, fillOf = fillUnder) => ({
  depth: {
    type: 'length',
    label: 'Depth in the ground',
    group: 'Posts',
    min: inches(12),
    max: feet(6),
    help: 'About a third of what stands out; below the frost where it heaves.',
    suggest: (setting: BedSetting, set: Settled) =>
      suggestDepth(
        setting,
        LET_IN_MM,
        heavyDepth(setting),
        timberPost(setting, set, aboveMm(set, setting)),
        fillOf(setting),
      ),
  } satisfies LengthKnob<BedSetting>,
});

export const DEPTH_WORDS = {
  phrases: {
    'depth.heavy': 'Two feet (610 mm): about a third of what stands out.',
    'depth.loose': 'Deeper, for loose soil or wind.',
    ...THROUGH_BED_WORDS.phrases,
  },
} as const satisfies Said;

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
