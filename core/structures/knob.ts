import type { Market } from '../catalogue/stock';
import { fact, type Fact, type Phrases } from '../wording/say';
import { TAPE_STEP } from './rules/tidy';
import type { Setting } from './setting';

/**
 * A knob is data: the form, the door's validation, the published schema and the random test plans
 * are all made from it. Lengths are mm.
 */
interface KnobBase<S extends Setting> {
  label: string;
  group: string;
  help: string;
  /** Settled before the others, which may follow it; shown where it stands all the same. */
  first?: true;
  /** Decides where on its bed a structure stands, or how far it reaches: let go, it comes back onto the bed. */
  places?: true;
  /** Shown only where it matters; a hidden knob keeps its value. */
  shown?(set: Settled, setting: S): boolean;
}

/** @example { value: 1829, why: fact('height.crop', { crop: 'Pole bean' }) } */
export interface Suggestion<T> {
  value: T;
  why: Fact;
}

/** @example { type: 'length', label: 'Depth', group: 'Post', help: '…', min: 305, max: 1829, suggest: () => ({ value: 610, why: fact('depth.usual') }) } */
export interface LengthKnob<S extends Setting = Setting> extends KnobBase<S> {
  type: 'length';
  min: number;
  max: number;
  /** Step of an arrow key, by the garden's units; a mark of the tape, an inch or 10 mm, where none is named. */
  step?: { imperial: number; metric: number };
  /** The end of the rod it is dragged along, where its limit would make that too coarse. */
  usualMost?(setting: S): number;
  suggest(setting: S, soFar: Settled): Suggestion<number>;
}
/** How far a length is turned by one step. mm. Decisions 14, 22. */
export const stepOf = ({ step = TAPE_STEP }: Pick<LengthKnob, 'step'>, market: Market): number => step[market];

/** @example { type: 'count', label: 'Towers', group: 'Tower', help: 'In a row.', min: 1, max: 20, suggest } */
export interface CountKnob<S extends Setting = Setting> extends KnobBase<S> {
  type: 'count';
  min: number;
  max: number;
  suggest(setting: S, soFar: Settled): Suggestion<number>;
}
/** @example { type: 'choice', label: 'Hinged', group: 'Door', help: '…', choices: [{ id: 'inner', label: 'inner post' }], suggest } */
export interface ChoiceKnob<S extends Setting = Setting> extends KnobBase<S> {
  type: 'choice';
  choices: readonly { id: string; label: string }[];
  /** Choices that can be had here and now; all of them where this is left out. */
  offered?(setting: S, soFar: Settled): readonly string[];
  suggest(setting: S, soFar: Settled): Suggestion<string>;
}
export type Knob<S extends Setting = Setting> = LengthKnob<S> | CountKnob<S> | ChoiceKnob<S>;
/** The knobs of a kind, which may ask for what their kind's stands have: a bed. */
export type Knobs<S extends Setting = Setting> = Readonly<Record<string, Knob<S>>>;

/**
 * What the gardener has set by hand; the rest follows the suggestions.
 * @example { gap: 305, panel: 'panel-16ft' } // two set by hand, the others follow
 */
export type Settings = Readonly<Record<string, number | string>>;
/** Every knob with a value. */
export type Settled = Readonly<Record<string, number | string>>;

type ChoiceId<K> = K extends { choices: readonly { id: infer I }[] } ? I : never;
/**
 * The typed values of a kind's knobs, inferred from its data.
 * @example Values<typeof STAKE_KNOBS>['height'] // number
 */
export type Values<K extends Knobs> = {
  readonly [N in keyof K]: K[N] extends { type: 'choice' } ? ChoiceId<K[N]> : number;
};

/** @example { knob: 'gap', code: 'too large', value: 3000, limit: 914 } */
export type KnobFault =
  | { knob: string; code: 'unknown' }
  | { knob: string; code: 'not a number'; value: unknown }
  | { knob: string; code: 'not whole'; value: number }
  | { knob: string; code: 'too small'; value: number; limit: number }
  | { knob: string; code: 'too large'; value: number; limit: number }
  | { knob: string; code: 'no such choice'; value: unknown; choices: readonly string[] };

/** What is wrong with the settings, knob by knob; empty when they can be built. */
export function knobFaults(knobs: Knobs, settings: Readonly<Record<string, unknown>>): KnobFault[] {
  return Object.entries(settings).flatMap(([name, value]): KnobFault[] => {
    const knob = Object.hasOwn(knobs, name) ? knobs[name] : undefined;
    if (!knob) return [{ knob: name, code: 'unknown' }];
    if (knob.type === 'choice') {
      const choices = knob.choices.map((choice) => choice.id);
      return choices.includes(value as string) ? [] : [{ knob: name, code: 'no such choice', value, choices }];
    }
    if (typeof value !== 'number' || !Number.isFinite(value)) return [{ knob: name, code: 'not a number', value }];
    // Within a hair of a limit is at it: 12 × 25.4 is not below 304.8.
    if (value < knob.min - 1e-6) return [{ knob: name, code: 'too small', value, limit: knob.min }];
    if (value > knob.max + 1e-6) return [{ knob: name, code: 'too large', value, limit: knob.max }];
    if (knob.type === 'count' && !Number.isInteger(value)) return [{ knob: name, code: 'not whole', value }];
    return [];
  });
}

/** The settings without those that say where on its bed a structure stands; null where none of them was set by hand. */
export function backOnBed(knobs: Knobs, settings: Settings): Settings | null {
  const kept = Object.entries(settings).filter(([name]) => !knobs[name]?.places);
  return kept.length < Object.keys(settings).length ? Object.fromEntries(kept) : null;
}

/** A proposed change brought inside the limits of its knobs, counts whole. */
export function withinLimits(knobs: Knobs, change: Settings): Settings {
  return Object.fromEntries(
    Object.entries(change).map(([name, value]) => {
      const knob = knobs[name];
      if (!knob || knob.type === 'choice' || typeof value !== 'number') return [name, value];
      const within = Math.min(knob.max, Math.max(knob.min, value));
      return [name, knob.type === 'count' ? Math.round(within) : within];
    }),
  );
}

/** @example sized.knobs['gap']?.by // 'hand', 'suggestion' or 'measured' */
export interface KnobState {
  value: number | string;
  by: (typeof KNOB_BY)[number];
  suggestion: Suggestion<number | string>;
  /** What was meant, of what was measured. */
  planned?: number;
}

/** How a knob came to its value. */
export const KNOB_BY = ['hand', 'suggestion', 'measured'] as const;

/** What is not on sale is not suggested, as long as something else is. */
function amongOffered(
  knob: ChoiceKnob,
  suggested: Suggestion<number | string>,
  setting: Setting,
  soFar: Settled,
): Suggestion<number | string> {
  const offered = knob.offered?.(setting, soFar) ?? [];
  const [first] = offered;
  return first === undefined || offered.includes(String(suggested.value))
    ? suggested
    : { value: first, why: fact('offered.only') };
}

export const KNOB_PHRASES = { 'offered.only': 'What your price book has.' } as const satisfies Phrases;

/** The names of knobs in the order they are settled in. */
function inOrder(knobs: Knobs): readonly string[] {
  const known = ORDERS.get(knobs);
  if (known) return known;
  const names = Object.keys(knobs);
  const order = [...names.filter((name) => knobs[name]?.first), ...names.filter((name) => !knobs[name]?.first)];
  ORDERS.set(knobs, order);
  return order;
}
const ORDERS = new WeakMap<Knobs, readonly string[]>();

/** A length of it as it was built, where it can be so: what is out of all measure was read wrongly. mm. */
export function measuredOf(name: string, knob: Knob, { measured }: Pick<Setting, 'measured'>): number | undefined {
  const mm = measured[name];
  return mm !== undefined && knob.type === 'length' && knobFaults({ [name]: knob }, { [name]: mm }).length === 0
    ? mm
    : undefined;
}

/**
 * Gives every knob a value: what was measured, else the gardener's own, else the suggestion (kept within the
 * knob's limits and to what is on sale).
 * Knobs are settled in order (those marked first before the others), so a suggestion may use those before it. Settings must be faultless.
 */
export function settle(
  knobs: Knobs,
  settings: Settings,
  setting: Setting,
): { values: Settled; states: Record<string, KnobState> } {
  const values: Record<string, number | string> = {};
  const states: Record<string, KnobState> = {};
  for (const name of inOrder(knobs)) {
    const knob = knobs[name] as Knob;
    const suggested = knob.suggest(setting, values);
    const suggestion =
      knob.type === 'choice'
        ? amongOffered(knob, suggested, setting, values)
        : { ...suggested, value: Math.min(knob.max, Math.max(knob.min, suggested.value as number)) };
    const own = settings[name];
    const planned = own ?? suggestion.value;
    const mm = measuredOf(name, knob, setting);
    values[name] = mm ?? planned;
    states[name] =
      mm === undefined
        ? { value: planned, by: own === undefined ? 'suggestion' : 'hand', suggestion }
        : { value: mm, by: 'measured', suggestion, planned: Number(planned) };
  }
  return { values, states };
}
