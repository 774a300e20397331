import { PANELS } from '../../../catalogue/panels';
import { RODS } from '../../../catalogue/rods';
import { feet, inches } from '../../../quantity/length';
import type { Bed } from '../../../site/bed';
import { BARE_DRIVEN_MM, LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import type { Knobs, Settled, Suggestion, Values } from '../../knob';
import { drivenDepth, suggestDepth, type SoldPost } from '../../rules/depth';
import { perMarket } from '../../rules/tidy';
import { isOffered, type Setting } from '../../setting';
import { hangFor, schoolKnob, statureOf, type WaySetting } from '../../rules/over-way';
import { bendPanel } from './bend';
import { asPlace, bedsOf } from '../../../site/stands/stands';

/** Panels long enough to be bent over a path, the usual ones first. */
const LONG_PANELS = PANELS.filter((panel) => panel.lengthMm >= feet(9.5)).map((panel) => panel.id);
const offeredPanels = (setting: Setting): string[] => LONG_PANELS.filter((id) => isOffered(setting, id));
const offeredRods = (setting: Setting): string[] => RODS.map((rod) => rod.id).filter((id) => isOffered(setting, id));

/** The way between the beds; nought on open ground. mm. */
const wayOf = ({ place }: WaySetting): { wideMm: number; lengthMm: number } =>
  asPlace(place, 'beds')?.way ?? { wideMm: 0, lengthMm: 0 };

/** Seven feet, or as much as the tallest gardener walks under upright, whatever hangs down. */
function headroomFor(setting: Pick<Setting, 'planted' | 'market' | 'reachMm'>): Suggestion<number> {
  const usual = perMarket(setting.market, 84, 2130);
  const step = setting.market === 'imperial' ? inches(1) : 10;
  const upright = Math.ceil((statureOf(setting) + hangFor(setting).value + inches(2.5)) / step) * step;
  return upright > usual
    ? { value: Math.min(feet(9), upright), why: fact('headroom.tall', { tall: { mm: statureOf(setting) } }) }
    : { value: usual, why: fact('headroom.seven') };
}

/** Posts as high as the feet of a panel are lifted and held; lifted to a headroom, that is worked out. */
function postsOf(setting: WaySetting, set: Settled): SoldPost {
  const { liftMm, heldMm } = bendPanel(
    {
      panel: String(set.panel),
      solve: String(set.solve),
      headroom: Number(set.headroom),
      span: Number(set.span),
      lift: Number(set.lift),
      held: Number(set.held),
    },
    setting,
  ).bow;
  return { aboveMm: liftMm + heldMm, sizesMm: setting.sizesOf('steel-post') };
}

/**
 * Headroom of 7–7½′ over a path 4–5′ wide, fruit that hangs into it allowed for; posts 12–18″ in the
 * ground (common practice, no source). A panel is never left to its spring alone: it can let go.
 */
export const PANEL_ARCH_KNOBS = {
  make: {
    type: 'choice',
    label: 'Made of',
    group: 'Arch',
    choices: [
      { id: 'panel', label: 'a welded panel, bent' },
      { id: 'rod', label: 'hoops of rod or pipe, with mesh' },
    ],
    help: 'A panel springs up by itself between four posts; hoops carry any mesh.',
    suggest: (setting) =>
      offeredPanels(setting).length > 0 || offeredRods(setting).length === 0
        ? { value: 'panel', why: fact('make.panel') }
        : { value: 'rod', why: fact('make.rod') },
  },
  panel: {
    type: 'choice',
    label: 'Panel',
    group: 'Arch',
    choices: LONG_PANELS.map((id) => ({ id, label: PANELS.find((panel) => panel.id === id)?.name ?? id })),
    offered: offeredPanels,
    help: 'Sixteen feet make headroom over a path; three metres make a low arch.',
    shown: (set) => set.make === 'panel',
    suggest: (setting) => ({
      value: ['panel-16ft', 'panel-3m'].find((id) => isOffered(setting, id)) ?? 'panel-16ft',
      why: fact('panel.long'),
    }),
  },
  rod: {
    type: 'choice',
    label: 'Hoops of',
    group: 'Arch',
    choices: RODS.map((rod) => ({ id: rod.id, label: rod.name })),
    offered: offeredRods,
    help: 'Each hoop is one length, pushed into the ground beside its post.',
    shown: (set) => set.make === 'rod',
    suggest: (setting) => ({ value: offeredRods(setting)[0] ?? 'pipe-steel-21', why: fact('rod.offered') }),
  },
  count: {
    type: 'count',
    label: 'Side by side',
    group: 'Arch',
    min: 1,
    max: 12,
    help: 'More than one make a tunnel and share the posts between them.',
    suggest: (setting) => {
      const wide = inches(50);
      const fit = Math.min(12, Math.floor((wayOf(setting).lengthMm + 100) / wide));
      const beds = bedsOf(setting.place);
      if (beds.length === 0 || fit < 2) return { value: 1, why: fact('count.one') };
      const asked = ({ id }: Bed): number =>
        setting.planted
          .filter((one) => one.bed === id)
          .reduce((sum, one) => sum + one.count * one.training.spacingMm, 0);
      const long = Math.max(...beds.map(asked));
      const value = Math.min(fit, Math.max(1, Math.ceil((long - 1) / wide)));
      return { value, why: fact(value === 1 ? 'count.one' : 'count.plants') };
    },
  },
  solve: {
    type: 'choice',
    label: 'Find',
    group: 'Shape',
    choices: [
      { id: 'feet', label: 'how high the feet must stand' },
      { id: 'span', label: 'how wide it must stand' },
      { id: 'headroom', label: 'the headroom, as it is set' },
    ],
    help: 'A panel’s length is given: two of width, feet and headroom settle the third.',
    suggest: (setting) =>
      asPlace(setting.place, 'beds')
        ? { value: 'feet', why: fact('solve.feet') }
        : { value: 'span', why: fact('solve.span') },
  },
  headroom: {
    type: 'length',
    label: 'Headroom wanted',
    group: 'Shape',
    min: feet(3),
    max: feet(9),
    help: 'In the middle, to the mesh; what hangs from it is taken off below.',
    shown: (set) => set.solve !== 'headroom',
    suggest: (setting, set) =>
      set.make === 'panel' && set.panel !== 'panel-16ft'
        ? { value: perMarket(setting.market, 48, 1200), why: fact('headroom.low') }
        : headroomFor(setting),
  },
  span: {
    type: 'length',
    label: 'Between the feet',
    group: 'Shape',
    min: inches(18),
    max: feet(14),
    help: 'From the inside of one foot to the other.',
    shown: (set) => set.solve !== 'span',
    usualMost: () => feet(8),
    suggest: (setting) =>
      asPlace(setting.place, 'beds')
        ? { value: Math.min(feet(14), Math.max(inches(18), wayOf(setting).wideMm)), why: fact('span.way') }
        : { value: perMarket(setting.market, 54, 1350), why: fact('span.path') },
  },
  lift: {
    type: 'length',
    label: 'Feet over the path',
    group: 'Shape',
    min: 0,
    max: feet(3),
    help: 'Tied higher up its posts, the arch stands higher.',
    shown: (set) => set.solve !== 'feet' && set.make === 'panel',
    suggest: () => ({ value: 0, why: fact('lift.none') }),
  },
  held: {
    type: 'length',
    label: 'Feet held upright for',
    group: 'Shape',
    min: inches(8),
    max: feet(4),
    help: 'Posts hold the lowest stretch plumb. A panel trusted to its spring alone, its ends only buried, can let go: that is not offered.',
    // What is free of the panel sways: in leaf and wind that much less of it stands where it was bent.
    suggest: (setting) =>
      setting.wind === 'sheltered'
        ? { value: perMarket(setting.market, 24, 600), why: fact('held.firm') }
        : { value: perMarket(setting.market, 30, 760), why: fact('held.wind') },
  },
  hang: {
    type: 'length',
    label: 'What hangs down',
    group: 'Shape',
    min: 0,
    max: feet(3),
    help: 'Fruit and shoots that hang into the walkway.',
    suggest: hangFor,
  },
  depth: {
    type: 'length',
    label: 'Posts in the ground, at least',
    group: 'Posts',
    min: BARE_DRIVEN_MM,
    max: feet(4),
    help: 'What the next stock length leaves over goes into the ground as well.',
    suggest: (setting, set) =>
      suggestDepth(
        setting,
        LEAST_DRIVEN_MM,
        drivenDepth(setting),
        set.make === 'panel' ? postsOf(setting, set) : undefined,
      ),
  },
  school: schoolKnob({ group: 'Posts', along: 'Along both feet' }),
} as const satisfies Knobs<WaySetting>;

export type PanelArchValues = Values<typeof PANEL_ARCH_KNOBS>;
