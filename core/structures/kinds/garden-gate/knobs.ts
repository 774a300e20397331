import type { Market } from '../../../catalogue/stock';
import { SEEN_MM } from '../../../checks/check';
import { feet, inches } from '../../../quantity/length';
import type { PlaceOn } from '../../../site/stands/stands';
import { fact } from '../../../wording/say';
import type { Knobs, Settings } from '../../knob';
import { LOW_CHOICES, meshesFor, needsOf, offeredLow, offeredRolls, rollChoices, rollOf } from '../../rules/barrier';
import { perMarket } from '../../rules/tidy';
import { sectionKnob } from '../../rules/timber-knobs';
import type { Setting } from '../../setting';

export type RunSetting = Setting<PlaceOn<'run'>>;

/** A barrow is 30″ (0.75 m) over its handles (from memory). mm. */
const usualWidth = (market: Market): number => perMarket(market, 36, 900);
/** How wide a gap it asks for in the run it stands in. mm. */
export const gateOpens = (settings: Settings, market: Market): number =>
  typeof settings.width === 'number' ? settings.width : usualWidth(market);

/** Left under the leaf, so that it clears a tuft and a stone (from memory). mm. */
const UNDER_MM = inches(2);

/** Boards of the run beside it, where it has some that are on sale. */
function boardKnob() {
  const knob = sectionKnob({
    label: 'Boards',
    group: 'Leaf',
    help: 'Across the leaf; as those beside it.',
    of: ['1x6', '1x4', '22x145', '22x95'],
    usual: { imperial: ['1x6', '22x145'], metric: ['22x145', '1x6'] },
    shown: (set) => set.filling === 'boards',
  });
  return {
    ...knob,
    suggest: (setting: RunSetting) => {
      const { filling } = setting.place.opening;
      const beside = knob.offered(setting).find((id) => filling.with === 'boards' && id === filling.section);
      return beside ? { value: beside, why: fact('filling.run') } : knob.suggest(setting);
    },
  };
}

/** How much of its mesh stands loose over its frame, as beside it: against what climbs. mm. */
export const looseOver = ({ place }: RunSetting, filling: 'mesh' | 'boards'): number =>
  filling === 'mesh' && place.opening.filling.with === 'mesh' ? place.opening.filling.looseTopMm : 0;

/** A rectangle, one diagonal, ⅜–½″ free each side, mesh on before it is hung (common practice, no source). */
export const GARDEN_GATE_KNOBS = {
  width: {
    type: 'length',
    label: 'Gateway, clear',
    group: 'Gateway',
    min: inches(18),
    max: feet(6),
    help: 'Between its two posts; a barrow wants 3′ (0.9 m).',
    suggest: (setting) => ({ value: usualWidth(setting.market), why: fact('width.barrow') }),
  },
  height: {
    type: 'length',
    label: 'Height over the soil',
    group: 'Gateway',
    min: inches(12),
    max: feet(8),
    help: 'To the top of the leaf, over the higher side.',
    suggest: ({ place }) => ({ value: place.opening.aboveMm, why: fact('height.run') }),
  },
  under: {
    type: 'length',
    label: 'Left free under it',
    group: 'Gateway',
    min: inches(0.5),
    max: inches(6),
    help: 'Enough to swing over grass; no more than who visits can pass.',
    suggest: (setting) => {
      const { openingMm } = needsOf(setting);
      return openingMm < UNDER_MM
        ? {
            value: Math.max(inches(0.5), Math.floor(openingMm / inches(0.5)) * inches(0.5)),
            why: fact('under.visitors'),
          }
        : { value: perMarket(setting.market, 2, 50), why: fact('under.grass') };
    },
  },
  clear: {
    type: 'length',
    label: 'Free on each side',
    group: 'Gateway',
    min: inches(0.25),
    max: inches(1.5),
    step: { imperial: inches(0.125), metric: 1 },
    help: 'Between leaf and post; wood swells in a wet spring.',
    suggest: (setting) => ({ value: perMarket(setting.market, 0.5, 12), why: fact('clear.half') }),
  },
  hinged: {
    type: 'choice',
    label: 'Hinges on',
    group: 'Gateway',
    choices: [
      { id: 'first', label: 'the first post, on the left from outside' },
      { id: 'second', label: 'the second post, on the right' },
    ],
    help: 'Where the soil rises, hang it on the higher side.',
    suggest: ({ place }) =>
      place.opening.soilMm[1] > place.opening.soilMm[0] + 5
        ? { value: 'second', why: fact('hinged.higher') }
        : { value: 'first', why: fact('hinged.first') },
  },
  opens: {
    type: 'choice',
    label: 'Opens',
    group: 'Gateway',
    choices: [
      { id: 'inward', label: 'inward' },
      { id: 'outward', label: 'outward' },
    ],
    help: 'Its swing is shown from above: nothing may stand there.',
    suggest: () => ({ value: 'inward', why: fact('opens.inward') }),
  },
  filling: {
    type: 'choice',
    label: 'Filled with',
    group: 'Leaf',
    choices: [
      { id: 'mesh', label: 'mesh off the roll' },
      { id: 'boards', label: 'level boards' },
    ],
    help: 'As the fence beside it, unless you want to see who comes.',
    suggest: ({ place }) => ({ value: place.opening.filling.with, why: fact('filling.run') }),
  },
  mesh: {
    type: 'choice',
    label: 'Mesh',
    group: 'Leaf',
    choices: rollChoices,
    offered: offeredRolls,
    help: 'As fine as beside it: they try the gate first.',
    shown: (set) => set.filling === 'mesh',
    suggest: (setting, set) => {
      const { filling } = setting.place.opening;
      const heightMm = Number(set.height);
      if (filling.with === 'mesh' && rollOf(setting, filling.stock).heightMm + SEEN_MM >= heightMm - Number(set.under))
        return { value: filling.stock, why: fact('filling.run') };
      const found = meshesFor(setting, { heightMm, belowMm: 0 });
      const rolls = offeredRolls(setting).toSorted((a, b) => rollOf(setting, b).heightMm - rollOf(setting, a).heightMm);
      return { value: found?.mesh ?? rolls[0] ?? 'mesh-1-48', why: fact('mesh.visitors') };
    },
  },
  low: {
    type: 'choice',
    label: 'Finer mesh low down',
    group: 'Leaf',
    choices: LOW_CHOICES,
    offered: offeredLow,
    help: 'As beside it: who is small or gnaws tries the gate first.',
    shown: (set) => set.filling === 'mesh',
    suggest: (setting, set) => {
      const { filling } = setting.place.opening;
      if (filling.with === 'mesh' && filling.stock === set.mesh)
        return { value: filling.low ?? 'none', why: fact('filling.run') };
      const low = meshesFor(setting, { heightMm: Number(set.height), belowMm: 0 }, String(set.mesh))?.low;
      return { value: low ?? 'none', why: fact('mesh.visitors') };
    },
  },
  board: boardKnob(),
  boardGap: {
    type: 'length',
    label: 'Gap between boards',
    group: 'Leaf',
    min: 0,
    max: inches(12),
    help: 'As beside it.',
    shown: (set) => set.filling === 'boards',
    suggest: (setting) => {
      const { filling } = setting.place.opening;
      return filling.with === 'boards'
        ? { value: filling.gapMm, why: fact('filling.run') }
        : { value: perMarket(setting.market, 2, 50), why: fact('boards.wind') };
    },
  },
  rail: sectionKnob({
    label: 'Frame of',
    group: 'Leaf',
    help: 'Stiles, rails and the diagonal; treated where it is sold so.',
    of: ['2x4', '45x95', '2x2', '45x45'],
    usual: { imperial: ['2x4', '45x95'], metric: ['45x95', '2x4'] },
  }),
} as const satisfies Knobs<RunSetting>;
