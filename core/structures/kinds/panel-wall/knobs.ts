import { CATALOGUE, stockOf } from '../../../catalogue/catalogue';
import { PANELS } from '../../../catalogue/panels';
import { exact, feet, inches } from '../../../quantity/length';
import { BARE_DRIVEN_MM, firmDepth, LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import type { Knobs, Settled, Suggestion, Values } from '../../knob';
import { drivenDepth, fillUnder, nextStockUp, suggestDepth, type SoldPost } from '../../rules/depth';
import { rowInWind, steelPostsApart } from '../../rules/in-wind';
import { lengthOnLie } from '../../rules/lie';
import { offeredPanels, panelOf, suggestPanel, suggestRow } from '../../rules/panel-choice';
import { panelRun } from '../../rules/panel-run';
import { rowKnobs, rowRoom, suggestGap } from '../../rules/row';
import { STATION_SCHOOLS } from '../../rules/stations';
import { perMarket, TAPE_STEP, tidy, wholeStep } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';

const lasts = (stock: string): string => `lasts ${CATALOGUE.stock(stock).life.seasons} seasons`;
const FIXINGS = [
  { id: 'clip', label: `wire clips: ${lasts('post-clip')}` },
  { id: 'tie', label: `plastic ties: ${lasts('tie-plastic')}` },
  { id: 'uv', label: `UV-grade ties: ${lasts('tie-uv')}` },
  { id: 'wire', label: `tie wire: ${lasts('tie-wire')}` },
] as const;

/** Stock and length of wire that one fixing of each school takes. 10″ a wire tie is from memory. mm. */
export const FIXING_STOCK = {
  clip: { stock: 'post-clip' },
  tie: { stock: 'tie-plastic' },
  uv: { stock: 'tie-uv' },
  wire: { stock: 'tie-wire', eachMm: inches(10) },
} as const;

const mostApart = (setting: BedSetting): number =>
  setting.wind === 'exposed' ? perMarket(setting.market, 72, 1800) : perMarket(setting.market, 96, 2440);
const leastDeep = (setting: BedSetting, post?: SoldPost) =>
  suggestDepth(setting, LEAST_DRIVEN_MM, drivenDepth(setting), post);
const mayStandAbove = (setting: BedSetting): number => perMarket(setting.market, 4, 100);
/** A gap this much lower is taken where it makes every post a stock length shorter (from memory). mm. */
const LOWER_BY = { imperial: inches(2), metric: 50 } as const;

/** As high as most panels are: 50″ (common practice, no source). mm. */
const USUAL_PANEL_MM = inches(50);

/** The post that a panel over a gap takes, as bought. mm. */
const postFor = (setting: BedSetting, panelMm: number, gapMm: number): number | null => {
  const wanted = gapMm + panelMm - mayStandAbove(setting) + leastDeep(setting).value;
  return nextStockUp(wanted, setting.sizesOf('steel-post'))?.mm ?? null;
};

/** A run as it is before its panel is chosen: lapped by a mesh, on posts for a panel of the usual height. */
const usualRun = (setting: BedSetting) => {
  const post = postFor(setting, USUAL_PANEL_MM, suggestGap(setting).value);
  return {
    lapMeshes: 1,
    postSpacingMm: mostApart(setting),
    postMinor: post === null ? 0 : (setting.priceOf('steel-post', post) ?? 0),
  };
};

/** The gap a crop asks for; an inch or two less where that saves a stock length on every post. */
function suggestGapForPosts(setting: BedSetting, heightMm: number): Suggestion<number> {
  // A panel that follows the ground stands aslant to its plumb posts: they are as much longer.
  const { lengthMm, riseMm } = setting.place.bed;
  const panelMm = heightMm * Math.hypot(1, riseMm / lengthMm);
  const usual = suggestGap(setting, panelMm);
  const longest = setting.sizesOf('steel-post').at(-1);
  const most = (longest ?? Infinity) - leastDeep(setting).value - panelMm + mayStandAbove(setting);
  if (usual.value > most && most >= 0)
    return { value: wholeStep(most, setting.market), why: fact('gap.posts', { post: { mm: longest ?? 0 } }) };
  const post = postFor(setting, panelMm, usual.value);
  const step = TAPE_STEP[setting.market];
  for (let less = step; less <= LOWER_BY[setting.market] + 1e-6 && usual.value - less >= 0; less += step) {
    const shorter = postFor(setting, panelMm, usual.value - less);
    if (post !== null && shorter !== null && shorter < post - 1)
      return {
        value: exact(usual.value - less),
        why: fact('gap.saves', { less: { mm: less }, post: { mm: shorter }, instead: { mm: post } }),
      };
  }
  return usual;
}

/** No closer than this, however it blows: what does not stand so wants guys or timber (from memory). mm. */
const LEAST_APART_MM = feet(3);

/** As far apart as is usual, or as the wind on what grows there lets them stand. */
function suggestApart(setting: BedSetting, set: Settled): Suggestion<number> {
  const usual = {
    value: mostApart(setting),
    why: fact(setting.wind === 'exposed' ? 'spacing.exposed' : 'spacing.fruit'),
  };
  const panel = panelOf(setting, String(set.panel));
  const toMm = Number(set.gap) + panel.heightMm;
  const post = postFor(setting, panel.heightMm, Number(set.gap));
  const deepMm = post === null ? leastDeep(setting).value : post - toMm + mayStandAbove(setting);
  const firmMm = firmDepth(deepMm, fillUnder(setting));
  const row = rowInWind(setting, {
    fromMm: Number(set.gap),
    toMm,
    opacity: panel.opacity,
    softMm: deepMm - firmMm,
  });
  const apart = steelPostsApart(setting, row, firmMm);
  return apart >= usual.value
    ? usual
    : { value: Math.max(LEAST_APART_MM, wholeStep(apart, setting.market)), why: fact('spacing.wind') };
}

/** The row as its panels measure it: along the soil, or on the level where they step. mm. */
export const rowOnLie = ({ place: { bed } }: BedSetting, set: Settled): number =>
  lengthOnLie({ ground: bed, level: set.onSlope === 'level' && bed.riseMm !== 0 }, Number(set.rowLength));

const ROW = rowKnobs(200, 'By a tape laid on the soil, from the first post to the last.');

/** No panel stands further above its posts (from memory). mm. */
export const MOST_ABOVE_MM = inches(12);

/**
 * Post spacing limit: 8′ under fruiting crops, closer where it is windy (common practice, no
 * source; the 6′ for an exposed place is from memory). Depth: 18″ for a driven post.
 */
export const PANEL_WALL_KNOBS = {
  ...ROW,
  rowLength: {
    ...ROW.rowLength,
    suggest: (setting: BedSetting, set: Settled) =>
      suggestRow(rowRoom(setting).lengthMm, panelOf(setting, String(set.panel)), Number(set.overlap)),
  },
  walls: {
    type: 'count',
    label: 'Walls side by side',
    group: 'Row',
    min: 1,
    max: 3,
    help: 'Two walls in a 4′ (1.2 m) bed only with pruned or staggered plants.',
    suggest: () => ({ value: 1, why: fact('walls.one') }),
  },
  wallSpacing: {
    type: 'length',
    label: 'Between walls',
    group: 'Row',
    min: inches(12),
    max: feet(12),
    help: 'From the face of one wall to the face of the next.',
    shown: (set) => Number(set.walls) > 1,
    usualMost: (setting) => Math.max(inches(48), setting.place.bed.widthMm),
    suggest: (setting) => ({
      value: tidy(Math.max(inches(12), setting.place.bed.widthMm / 2), setting.market),
      why: fact('walls.half-bed'),
    }),
  },
  sides: {
    type: 'choice',
    label: 'Plant along',
    group: 'Row',
    choices: [
      { id: 'one', label: 'one side' },
      { id: 'both', label: 'both sides' },
    ],
    help: 'Both sides of one panel puts two plants in one place.',
    suggest: () => ({ value: 'one', why: fact('sides.one') }),
  },
  school: {
    type: 'choice',
    label: 'Plant places',
    group: 'Row',
    choices: STATION_SCHOOLS,
    help: 'End to end counts one more plant; half a space in gives each plant its own stretch of bed.',
    suggest: () => ({ value: 'ends', why: fact('school.panel') }),
  },
  panel: {
    type: 'choice',
    label: 'Panel',
    group: 'Panel',
    choices: PANELS.map((panel) => ({ id: panel.id, label: panel.name })),
    first: true,
    offered: (setting) => offeredPanels(setting),
    help: 'Only panels that have a price in your price book are offered.',
    suggest: (setting) => suggestPanel(setting, usualRun(setting)),
  },
  gap: {
    type: 'length',
    label: 'Gap under the panel',
    group: 'Panel',
    min: 0,
    max: feet(4),
    help: 'Room for hoe, hose and air; the crop has to stand by itself this high.',
    suggest: (setting, set) => suggestGapForPosts(setting, panelOf(setting, String(set.panel)).heightMm),
  },
  overlap: {
    type: 'count',
    label: 'Overlap, in meshes',
    group: 'Panel',
    first: true,
    min: 1,
    max: 3,
    help: 'Neighbouring panels lap and are tied together.',
    suggest: () => ({ value: 1, why: fact('overlap.one') }),
  },
  fineMesh: {
    type: 'choice',
    label: 'Finer net low down',
    group: 'Panel',
    choices: [
      { id: 'none', label: 'none' },
      { id: 'low', label: 'on the lower 2′ (0.6 m)' },
    ],
    help: 'For thin tendrils that cannot bridge a wide mesh.',
    suggest: (setting, set) => {
      const panel = stockOf(setting.catalogue, String(set.panel), 'panel');
      const thin = setting.planted.find(
        (one) => one.crop.grips && one.crop.grips.stepMm < panel.pitchMm - panel.wireMm,
      );
      return thin && thin.crop.habit === 'tendril-thin'
        ? { value: 'low', why: fact('fine.thin', { crop: thin.crop.name, step: { mm: thin.crop.grips?.stepMm ?? 0 } }) }
        : { value: 'none', why: fact('fine.none') };
    },
  },
  onSlope: {
    type: 'choice',
    label: 'On the slope',
    group: 'Panel',
    choices: [
      { id: 'follow', label: 'follow the ground' },
      { id: 'level', label: 'step, each panel level' },
    ],
    help: 'Following keeps the gap even; stepping keeps the wires level.',
    shown: (_set, setting) => setting.place.bed.riseMm !== 0,
    suggest: (setting) =>
      Math.abs(setting.place.bed.riseMm) / setting.place.bed.lengthMm > 0.08
        ? { value: 'level', why: fact('slope.steep') }
        : { value: 'follow', why: fact('slope.gentle') },
  },
  panels: {
    type: 'count',
    label: 'Panels end to end',
    group: 'Panel',
    min: 1,
    max: 40,
    help: 'As many as the row takes; set by hand, the row is made of so many whole ones.',
    suggest: (setting, set) => ({
      value: panelRun(rowOnLie(setting, set), panelOf(setting, String(set.panel)), Number(set.overlap)).length,
      why: fact('panels.row'),
    }),
  },
  postSpacing: {
    type: 'length',
    label: 'Posts at most apart',
    group: 'Posts',
    min: feet(2),
    max: feet(10),
    help: 'The run is divided so that no bay is wider than this.',
    suggest: suggestApart,
  },
  depth: {
    type: 'length',
    label: 'Depth in the ground, at least',
    group: 'Posts',
    min: BARE_DRIVEN_MM,
    max: feet(4),
    help: 'What the next stock length leaves over goes into the ground as well.',
    suggest: (setting, set) =>
      leastDeep(setting, {
        aboveMm: Number(set.gap) + panelOf(setting, String(set.panel)).heightMm - Number(set.abovePost),
        sizesMm: setting.sizesOf('steel-post'),
      }),
  },
  abovePost: {
    type: 'length',
    first: true,
    label: 'Panel may stand above the post',
    group: 'Posts',
    min: 0,
    max: MOST_ABOVE_MM,
    help: 'The top clip sits below the post top; the last mesh may stand free.',
    suggest: (setting) => ({ value: mayStandAbove(setting), why: fact('above.mesh') }),
  },
  fixing: {
    type: 'choice',
    label: 'Held to the posts by',
    group: 'Posts',
    choices: FIXINGS,
    help: 'Clips and wire stay; plastic ties undo quickly and perish in about two seasons.',
    offered: (setting) => FIXINGS.map((one) => one.id).filter((id) => isOffered(setting, FIXING_STOCK[id].stock)),
    suggest: (setting) => ({ value: isOffered(setting, 'post-clip') ? 'clip' : 'wire', why: fact('fixing.stays') }),
  },
  perPost: {
    type: 'count',
    label: 'Fixings a post',
    group: 'Posts',
    min: 2,
    max: 6,
    help: 'Top, middle and bottom. With two, the panel swings out when pushed low down.',
    suggest: () => ({ value: 3, why: fact('fixing.three') }),
  },
} as const satisfies Knobs<BedSetting>;

export type PanelWallValues = Values<typeof PANEL_WALL_KNOBS>;
