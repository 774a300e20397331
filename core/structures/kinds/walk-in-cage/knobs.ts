import { NETS } from '../../../catalogue/covers';
import { MESH_ROLLS } from '../../../catalogue/panels';
import { feet, inches } from '../../../quantity/length';
import { buriedShare, LET_IN_MM, NO_FILL } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import { footingKnobs } from '../../assemblies/footing';
import type { Knobs, Values } from '../../knob';
import { needsOf, offeredRolls, rollChoices } from '../../rules/barrier';
import { coverFor } from '../../rules/covering';
import { suggestDepth } from '../../rules/depth';
import { perMarket, TAPE_STEP, wholeStep } from '../../rules/tidy';
import { heavyPostKnobs, sectionKnob } from '../../rules/timber-knobs';
import { depthKnob, timberPost } from '../../rules/timber-post';
import { isOffered, type BedSetting } from '../../setting';

/** Higher mesh would take the place of the nets. */
const LOW = rollChoices.filter(({ id }) => (MESH_ROLLS.find((roll) => roll.id === id)?.heightMm ?? 0) <= feet(5));
/** Its posts stand in the ways round the bed, not in its fill. */
const HEAVY = depthKnob(
  (set) => Number(set.height),
  () => NO_FILL,
);

/** Posts and rails round a bed with room to walk, wires over it, a net over all of that, a door (common practice, no source; measures from memory). */
export const WALK_IN_CAGE_KNOBS = {
  room: {
    type: 'length',
    label: 'Way round the bed',
    group: 'Cage',
    min: inches(12),
    max: feet(8),
    help: 'From the edge of the bed to the posts, on all four sides: wide enough to kneel.',
    usualMost: () => feet(4),
    suggest: (setting) => ({ value: perMarket(setting.market, 24, 600), why: fact('room.kneel') }),
  },
  height: {
    type: 'length',
    label: 'Height',
    group: 'Cage',
    min: feet(5),
    max: feet(8),
    help: 'From the path to the tops of the posts. One walks under the wires.',
    suggest: (setting) => ({ value: perMarket(setting.market, 84, 2100), why: fact('height.walk') }),
  },
  net: {
    type: 'choice',
    label: 'Net',
    group: 'Cage',
    choices: NETS.map((one) => ({ id: one.id, label: one.name })),
    offered: (setting) => NETS.map((one) => one.id).filter((id) => isOffered(setting, id)),
    help: 'Over the roof and down all four sides.',
    suggest: (setting) => {
      const { value, why } = coverFor(setting);
      return NETS.some((one) => one.id === value) ? { value, why } : { value: 'cover-bird', why: fact('net.birds') };
    },
  },
  low: {
    type: 'choice',
    label: 'Stiff mesh low down',
    group: 'Cage',
    choices: [{ id: 'none', label: 'none' }, ...LOW],
    offered: (setting) => ['none', ...offeredRolls(setting).filter((id) => LOW.some((one) => one.id === id))],
    help: 'What gnaws or pushes comes through any net.',
    suggest: (setting) => {
      const { heightMm, openingMm } = needsOf(setting);
      const fit = offeredRolls(setting).find((id) => id === (heightMm > inches(30) ? 'mesh-1-48' : 'mesh-1-36'));
      return heightMm > 0 && Number.isFinite(openingMm) && fit
        ? { value: fit, why: fact('low.gnaws') }
        : { value: 'none', why: fact('low.none') };
    },
  },
  below: {
    type: 'length',
    label: 'Of it in the soil',
    group: 'Cage',
    min: 0,
    max: inches(18),
    help: 'Six inches deep stops rabbits.',
    shown: (set) => set.low !== 'none',
    suggest: (setting) => ({
      value:
        needsOf(setting).buryMm > 0 ? Math.min(inches(12), needsOf(setting).buryMm) : perMarket(setting.market, 6, 150),
      why: fact('below.dig'),
    }),
  },
  postSpacing: {
    type: 'length',
    label: 'Posts at most apart',
    group: 'Posts',
    min: feet(3),
    max: feet(10),
    help: 'Rails hang between them, and the pull of the wires on those.',
    suggest: (setting) => ({ value: perMarket(setting.market, 72, 1800), why: fact('spacing.six') }),
  },
  ...heavyPostKnobs('Posts'),
  depth: {
    ...HEAVY.depth,
    suggest: (setting, set) => {
      const usual = HEAVY.depth.suggest(setting, set);
      // Its share of the whole post, or more where that is usual.
      const share = buriedShare(setting);
      const { aboveMm, sizesMm } = timberPost(setting, set, Number(set.height));
      const wanted = wholeStep(
        Math.min(
          feet(4),
          (Number(set.height) * share) / (1 - share) + TAPE_STEP[setting.market] - 1e-3,
          (sizesMm.at(-1) ?? Infinity) - aboveMm,
        ),
        setting.market,
      );
      return wanted > usual.value
        ? suggestDepth(setting, LET_IN_MM, { value: wanted, why: fact('depth.high') }, { aboveMm, sizesMm }, NO_FILL)
        : usual;
    },
  },
  ...footingKnobs('tamped'),
  rail: sectionKnob({
    label: 'Rails of',
    group: 'Posts',
    help: 'Along the tops of the posts, and low down.',
    of: ['2x4', '45x95'],
    usual: { imperial: ['2x4', '45x95'], metric: ['45x95', '2x4'] },
  }),
  wires: {
    type: 'length',
    label: 'Roof wires at most apart',
    group: 'Roof',
    min: inches(18),
    max: feet(8),
    help: 'Across, from rail to rail; the net lies on them.',
    suggest: (setting) => ({ value: perMarket(setting.market, 48, 1200), why: fact('wires.four') }),
  },
  pull: {
    type: 'count',
    label: 'Pull on each wire, N',
    group: 'Roof',
    min: 20,
    max: 1500,
    help: 'About what a hand-tight turnbuckle gives. 10 N is the weight of a kilogram, 45 N of 10 lb.',
    suggest: () => ({ value: 200, why: fact('pull.hand') }),
  },
  door: {
    type: 'length',
    label: 'Width of the door',
    group: 'Door',
    min: inches(20),
    max: inches(48),
    help: 'A barrow wants three feet.',
    suggest: (setting) => ({ value: perMarket(setting.market, 36, 900), why: fact('door.barrow') }),
  },
  hinged: {
    type: 'choice',
    label: 'Hinges',
    group: 'Door',
    choices: [
      { id: 'corner', label: 'at the corner' },
      { id: 'inner', label: 'at the inner post' },
    ],
    help: 'It opens outward.',
    suggest: () => ({ value: 'corner', why: fact('hinged.corner') }),
  },
} as const satisfies Knobs<BedSetting>;

export type WalkInCageValues = Values<typeof WALK_IN_CAGE_KNOBS>;
