import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import type { Knobs, Values } from '../../knob';
import { mostTopOnWall, wallOfKnob, wallRowKnobs } from '../../rules/against-wall';
import { wireHeightKnobs, wireKnobs } from '../../rules/level-wires';
import { stationsKnob } from '../../rules/row';
import { isOffered, type BedSetting } from '../../setting';

/** Drawn straight by hand; more bends the eyes of its ends, which are 4 mm thick (from memory, as the frame finds). N. */
const PULL_N = 150;

/** Level wires on vine eyes, by what is grown (`rules/wire-patterns.ts`). */
export const WALL_WIRES_KNOBS = {
  ...wallRowKnobs(200, 'From the first eye to the last.'),
  ...stationsKnob('inset'),
  ...wireHeightKnobs(mostTopOnWall),
  wire: {
    type: 'choice',
    label: 'Wire',
    group: 'Wires',
    choices: [
      { id: 'wall-wire', label: 'galvanised, 14 gauge (2 mm)' },
      { id: 'line-wire', label: 'galvanised, 12½ gauge (2.5 mm)' },
    ],
    offered: (setting) => ['wall-wire', 'line-wire'].filter((id) => isOffered(setting, id)),
    help: 'The thinner one is enough where an eye holds it every few feet.',
    suggest: () => ({ value: 'wall-wire', why: fact('wire.wall') }),
  },
  pull: { ...wireKnobs.pull, suggest: () => ({ value: PULL_N, why: fact('pull.wall') }) },
  ...wallOfKnob,
  eye: {
    type: 'choice',
    label: 'Eyes',
    group: 'Wall',
    choices: [
      { id: 'vine-eye', label: '2⅜″ (60 mm) off the wall' },
      { id: 'vine-eye-long', label: '4⅜″ (110 mm) off the wall' },
    ],
    offered: (setting) => ['vine-eye', 'vine-eye-long'].filter((id) => isOffered(setting, id)),
    help: 'Air behind the leaves, and room for a hand to tie.',
    suggest: (setting, set) =>
      set.wallOf === 'render'
        ? { value: 'vine-eye-long', why: fact('eye.long') }
        : { value: 'vine-eye', why: fact('eye.short') },
  },
  eyeSpacing: {
    type: 'length',
    label: 'Eyes at most apart',
    group: 'Wall',
    min: feet(2),
    max: feet(10),
    help: 'The first and the last hold a wire’s pull, those between carry it.',
    suggest: (setting) => ({ value: setting.market === 'imperial' ? feet(6) : 1800, why: fact('eyes.usual') }),
  },
} as const satisfies Knobs<BedSetting>;

export type WallWiresValues = Values<typeof WALL_WIRES_KNOBS>;

/** A wire passes so much behind the tip of its eye (from memory). mm. */
export const IN_EYE_MM = inches(0.25);
