import type { Design } from '../design/design';
import type { Fact, Phrases } from '../wording/say';
import { KNOB_PHRASES, settle, withinLimits, type Knobs, type KnobState, type Settings, type Values } from './knob';
import type { Setting } from './setting';

/** A step of building: said in order, with the people it takes and the caution where it belongs. */
export interface Step {
  what: Fact;
  people: 1 | 2;
  waitHours?: number;
  caution?: Fact;
}

/** Something to do through the season: on a day ("06-12"), or when it is time (null). */
export interface SeasonNote {
  on: string | null;
  what: Fact;
}

/** What living with a kind is like; minutes from memory. */
export interface KindNature {
  /** Minutes a plant a week to tie, wind or tuck in a plant that does not climb, and one that does. */
  tendingMinutes: { leaner: number; climber: number };
  /** What it takes to have it out of the way for winter, or elsewhere next year. */
  moves: 'stays' | 'comes apart' | 'folds';
}

/** What a kind's folder states. Everything else (drawing, bill, cost, checks) is derived from its design. */
export interface KindData<K extends Knobs> {
  id: string;
  name: string;
  /** One line that tells a gardener when to choose it. */
  blurb: string;
  nature: KindNature;
  knobs: K;
  size(values: Values<K>, setting: Setting): Design;
  steps(design: Design, values: Values<K>, setting: Setting): readonly Step[];
  season?(design: Design, values: Values<K>, setting: Setting): readonly SeasonNote[];
  /** Changes of knobs that would mend a finding, by its code. */
  mends: Readonly<Record<string, (values: Values<K>, design: Design, setting: Setting) => Settings | null>>;
  phrases: Phrases;
}

export interface Sized {
  design: Design;
  knobs: Readonly<Record<string, KnobState>>;
  steps: readonly Step[];
  season: readonly SeasonNote[];
}

export interface StructureKind {
  id: string;
  name: string;
  blurb: string;
  nature: KindNature;
  knobs: Knobs;
  phrases: Phrases;
  /** Settles the knobs, sizes the structure and places its parts. `settings` must have passed {@link knobFaults}. */
  design(settings: Settings, setting: Setting): Sized;
  /** The change of settings that mends a finding, or null where there is none. */
  mend(code: string, settings: Settings, sized: Sized, setting: Setting): Settings | null;
}

/** Keeps the types of one kind's knobs to its own folder, and gives the rest of the house one face. */
export function structureKind<const K extends Knobs>(kind: KindData<K>): StructureKind {
  const valuesOf = (sized: Sized): Values<K> =>
    Object.fromEntries(Object.entries(sized.knobs).map(([name, state]) => [name, state.value])) as Values<K>;
  return {
    id: kind.id,
    name: kind.name,
    blurb: kind.blurb,
    nature: kind.nature,
    knobs: kind.knobs,
    phrases: { ...KNOB_PHRASES, ...kind.phrases },
    design(settings, setting) {
      const { values, states } = settle(kind.knobs, settings, setting);
      const design = kind.size(values as Values<K>, setting);
      return {
        design,
        knobs: states,
        steps: kind.steps(design, values as Values<K>, setting),
        season: kind.season?.(design, values as Values<K>, setting) ?? [],
      };
    },
    mend(code, settings, sized, setting) {
      const change = kind.mends[code]?.(valuesOf(sized), sized.design, setting) ?? null;
      return change && { ...settings, ...withinLimits(kind.knobs, change) };
    },
  };
}
