import { MESH_ROLLS } from '../../../catalogue/panels';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import type { Knobs, Values } from '../../knob';
import { rowKnobs, stationsKnob } from '../../rules/row';
import { perMarket } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';

/** Nets and light mesh that climb well and hang by themselves. */
export const HUNG = MESH_ROLLS.filter(({ id }) => id === 'mesh-fine' || id === 'mesh-garden');

/** What stands already, measured with a tape: so long, so high, and what plants find to hold on to. */
export const STANDING_KNOBS = {
  ...rowKnobs(200, 'From end to end of what stands there, by a tape laid on the soil.'),
  ...stationsKnob('inset'),
  made: {
    type: 'choice',
    first: true,
    label: 'Made of',
    group: 'As it stands',
    choices: [
      { id: 'mesh', label: 'posts with mesh, netting or a panel' },
      { id: 'wires', label: 'posts with level wires or rails' },
      { id: 'slats', label: 'posts with upright slats or bars' },
    ],
    help: 'A fence, a trellis, the side of an arbor: what plants would climb.',
    suggest: () => ({ value: 'mesh', why: fact('made.often') }),
  },
  top: {
    type: 'length',
    label: 'Its top',
    group: 'As it stands',
    min: inches(12),
    max: feet(12),
    help: 'Over the soil: measure it.',
    suggest: () => ({ value: feet(5), why: fact('measure.it') }),
  },
  starts: {
    type: 'length',
    label: 'First hold',
    group: 'As it stands',
    min: 0,
    max: feet(6),
    help: 'Over the soil: the lower edge of the mesh, the lowest wire or rail.',
    suggest: (setting) => ({ value: perMarket(setting.market, 4, 100), why: fact('measure.it') }),
  },
  apart: {
    type: 'length',
    label: 'From one to the next',
    group: 'As it stands',
    min: 5,
    max: feet(3),
    step: { imperial: inches(0.25), metric: 5 },
    help: 'Across an opening of the mesh; between two wires, rails, slats.',
    suggest: (setting, set) => ({
      value:
        set.made === 'wires'
          ? perMarket(setting.market, 12, 300)
          : perMarket(setting.market, set.made === 'mesh' ? 2 : 4, set.made === 'mesh' ? 50 : 100),
      why: fact('measure.it'),
    }),
  },
  thick: {
    type: 'length',
    label: 'How thick they are',
    group: 'As it stands',
    min: 1,
    max: inches(4),
    step: { imperial: inches(0.125), metric: 1 },
    help: 'A wire of the mesh, a wire, a rail, a slat: thin tendrils grip thin things only.',
    suggest: (_setting, set) => ({ value: set.made === 'slats' ? 22 : 3, why: fact('measure.it') }),
  },
  posts: {
    type: 'length',
    label: 'Posts apart',
    group: 'As it stands',
    min: inches(12),
    max: feet(20),
    help: 'About: they are drawn at equal distances.',
    suggest: (setting) => ({ value: perMarket(setting.market, 72, 1800), why: fact('measure.it') }),
  },
  net: {
    type: 'choice',
    label: 'Hung on it',
    group: 'A net on it',
    choices: [{ id: 'none', label: 'nothing' }, ...HUNG.map((one) => ({ id: one.id, label: one.name }))],
    offered: (setting) => ['none', ...HUNG.map(({ id }) => id).filter((id) => isOffered(setting, id))],
    help: 'What gives tendrils and stalks something thin to hold on to.',
    suggest: () => ({ value: 'none', why: fact('net.none') }),
  },
  bears: {
    type: 'choice',
    label: 'Bears',
    group: 'As it stands',
    choices: [
      { id: 'light', label: 'little: it gives when it is leaned on' },
      { id: 'medium', label: 'beans and peas: it stands when it is shaken' },
      { id: 'heavy', label: 'anything: one could hang on it' },
    ],
    help: 'Shake every post, and look at its foot with a screwdriver: what goes in there is rotten.',
    suggest: () => ({ value: 'medium', why: fact('bears.shake') }),
  },
} as const satisfies Knobs<BedSetting>;

export type StandingValues = Values<typeof STANDING_KNOBS>;
