import type { Doings } from '../building/tools';
import type { Market } from '../catalogue/stock';
import { byUrgency, type Verdict } from '../checks/check';
import { bodiesOf } from '../design/bodies';
import type { Design, Handle, Placement } from '../design/design';
import { present, type Listed } from '../design/listed';
import { projectionOf } from '../design/projection';
import { ofShape } from '../design/shapes/shapes';
import type { Bed } from '../site/bed';
import type { Opening } from '../site/stands/opening';
import type { PlaceOn, StandOn } from '../site/stands/stands';
import type { Guard } from '../site/visitors';
import type { Phrases } from '../wording/say';
import {
  backOnBed,
  KNOB_PHRASES,
  settle,
  withinLimits,
  type Knobs,
  type KnobState,
  type Settings,
  type Values,
} from './knob';
import { allSaid, type Names, type Said } from './said';
import type { Setting } from './setting';
import type { SeasonNote, StatedStep, Step } from './step';

/**
 * What living with a kind is like; minutes from memory.
 * @example { tendingMinutes: { leaner: 1, climber: 0.25 }, moves: 'comes apart' }
 */
export interface KindNature {
  /** Minutes a plant a week to tie, wind or tuck in a plant that does not climb, and one that does. */
  tendingMinutes: { leaner: number; climber: number };
  /** What it takes to have it out of the way for winter, or elsewhere next year. */
  moves: 'stays' | 'comes apart' | 'folds';
}

/** What a kind is for. What judges plants runs only where something holds or covers plants. */
export const PURPOSES = ['support', 'cover', 'barrier', 'bed', 'planter'] as const;
/** @example 'cover' // it keeps somebody off a bed */
export type Purpose = (typeof PURPOSES)[number];

/**
 * What a kind places, with the facts about it that only its own checks and mends ask for.
 * @example { design: placed({ … }), facts: { peakMm: 1500 } }
 */
export interface Sizing<F> {
  design: Placement;
  facts: F;
}

/**
 * The same once the house has made a design of it.
 * @example checks: ({ design, facts }, v) => [postDepth({ design, setting }), leans(facts)]
 */
export interface Built<F> {
  design: Design;
  facts: F;
}

/** What the sides of a bed decide of it. mm. */
export type MadeBed = Pick<Bed, 'lengthMm' | 'widthMm' | 'heightMm' | 'outline' | 'riseMm' | 'hollow'>;

/** What keeps somebody out. */
export interface Guards<B = never, V = never, S = never> {
  /** How it stands against who visits. */
  how(built: B, values: V, setting: S): Guard | null;
  /** Who of them still comes: the rule of that name. */
  stillCome(guard: Guard, purpose: Purpose, setting: Setting): Verdict | null;
}

/**
 * What a kind's folder states. Everything else (drawing, bill, cost) is derived from its design.
 * @example export const kind = structureKind({ id: 'stake', purpose: 'support', stands: ['bed'], knobs: STAKE_KNOBS, size, checks, … })
 */
export interface KindData<On extends StandOn, K extends Knobs<Setting<PlaceOn<On>>>, F> {
  id: string;
  name: string;
  /** One line that tells a gardener when to choose it. */
  blurb: string;
  purpose: Purpose;
  /** Where it can stand. */
  stands: readonly On[];
  nature: KindNature;
  /** It stands already: it is measured and planted, never suggested, and nothing of it is bought. */
  isThere?: true;
  knobs: K;
  size(values: Values<K>, setting: Setting<PlaceOn<On>>): Sizing<F>;
  /** The checks that concern it, in the order a gardener would ask. */
  checks(built: Built<F>, values: Values<K>, setting: Setting<PlaceOn<On>>): readonly (Verdict | null)[];
  steps(design: Design, values: Values<K>, setting: Setting<PlaceOn<On>>): Listed<StatedStep>;
  /** What each of its steps adds and is done with. */
  doings: Doings;
  season?(design: Design, values: Values<K>, setting: Setting<PlaceOn<On>>): Listed<SeasonNote>;
  /** Changes of knobs that would mend a finding, by its code. */
  mends: Readonly<
    Record<string, (values: Values<K>, built: Built<F>, setting: Setting<PlaceOn<On>>) => Settings | null>
  >;
  /** Of a kind in whose run others can stand: the gaps it leaves for its guests, in its own frame. */
  openings?(values: Values<K>, setting: Setting<PlaceOn<On>>): readonly Opening[];
  /** Of a kind that stands in a run: how wide a gap it asks for, before it is known where. mm. */
  opensMm?(settings: Settings, market: Market): number;
  /** Of a kind that is the sides of a bed: what they make of it. */
  makesBed?(values: Values<K>, setting: Setting<PlaceOn<On>>): MadeBed;
  guards?: Guards<Built<F>, Values<K>, Setting<PlaceOn<On>>>;
  /** What it is built of, which brings its names, sentences and doings along. */
  builtOf?: readonly Said[];
  names: Partial<Names>;
  phrases: Phrases;
}

/** @example kind.design({}, setting).knobs['height']?.suggestion.why */
export interface Sized {
  design: Design;
  facts: unknown;
  knobs: Readonly<Record<string, KnobState>>;
}

/**
 * What is known of a kind without its drawings and sums: data alone, for whoever names, sorts and groups what stands.
 * @example cardOf('panel-wall').name
 */
export interface KindCard {
  id: string;
  name: string;
  /** One line that tells a gardener when to choose it. */
  blurb: string;
  purpose: Purpose;
  stands: readonly StandOn[];
  isThere: boolean;
  /** Whether others can stand in its run. */
  hosts: boolean;
}

/** @example kindOf('panel-wall').design({ gap: 305 }, setting).design.parts */
export interface StructureKind extends KindCard {
  nature: KindNature;
  knobs: Knobs;
  names: Names;
  phrases: Phrases;
  openings(settings: Settings, setting: Setting): readonly Opening[];
  opensMm(settings: Settings, market: Market): number;
  /** What it makes of the bed whose sides it is; null for what is no bed. */
  makesBed(settings: Settings, setting: Setting): MadeBed | null;
  /** Settles the knobs, sizes the structure and places its parts. `settings` must have passed {@link knobFaults}. */
  design(settings: Settings, setting: Setting): Sized;
  /** The steps of building that are its own; with those that are the same for all of them they are `stepsOf`’s. */
  steps(sized: Sized, setting: Setting): readonly Step[];
  /** What its steps add and are done with. */
  doings: Doings;
  /** What is done through the season that is its own; what is done at any of them is `seasonOf`’s. */
  season(sized: Sized, setting: Setting): readonly SeasonNote[];
  /** How it stands against who visits; null for what keeps nobody out. */
  guards(sized: Sized, setting: Setting): Guard | null;
  /** Who of those that visit still comes past it; null where it keeps nobody out or nobody visits. */
  stillCome(sized: Sized, setting: Setting): Verdict | null;
  /** What its checks say of it, the most urgent first. */
  judge(sized: Sized, setting: Setting): Verdict[];
  /** The change of settings that mends a finding, or null where there is none. */
  mend(code: string, settings: Settings, sized: Sized, setting: Setting): Settings | null;
}

/** A placement with what follows from its parts, its views and its names. */
function designOf(kind: string, names: Names, placed: Placement): Design {
  const flat = new Map(placed.views.map((view) => [view.id, projectionOf(view)]));
  return {
    stations: [],
    startMm: 0,
    hold: null,
    ...placed,
    kind,
    traits: names.parts,
    posts: ofShape(placed.parts, 'bar').flatMap(({ id, stands }) => (stands ? [{ id, ...stands }] : [])),
    bodies: bodiesOf(placed.parts, placed.joints).length,
    marks: present(placed.marks),
    handles: present(placed.handles).flatMap(({ at, perMm = 1, ...pull }): Handle[] => {
      const seen = flat.get(pull.view);
      return seen ? [{ ...pull, at: seen(at), perMm }] : [];
    }),
  };
}

/**
 * The kind of a folder, which bears its folder's name. What fetches kinds one by one asks here, so that it brings
 * what all of them share once, and none of them has it in its own chunk.
 */
export function ofFolder(folder: string, { kind }: { kind: StructureKind }): StructureKind {
  if (kind.id !== folder) throw new Error(`The folder "${folder}" holds "${kind.id}": give both one name.`);
  return kind;
}

/** Keeps the types of one kind's knobs, stands and facts to its own folder, and gives the rest of the house one face. */
export function structureKind<const On extends StandOn, const K extends Knobs<Setting<PlaceOn<On>>>, F>(
  kind: KindData<On, K, F>,
): StructureKind {
  const valuesOf = (sized: Sized): Values<K> =>
    Object.fromEntries(Object.entries(sized.knobs).map(([name, state]) => [name, state.value])) as Values<K>;
  const builtOf = (sized: Sized): Built<F> => ({ design: sized.design, facts: sized.facts as F });
  const onStand = (setting: Setting): Setting<PlaceOn<On>> => {
    if (!(kind.stands as readonly StandOn[]).includes(setting.place.on))
      throw new Error(`"${kind.id}" cannot stand on "${setting.place.on}": check its stand at the door before asking.`);
    return setting as Setting<PlaceOn<On>>;
  };
  const guards = (sized: Sized, setting: Setting): Guard | null =>
    kind.guards?.how(builtOf(sized), valuesOf(sized), onStand(setting)) ?? null;
  const { names, phrases, doings } = allSaid([...(kind.builtOf ?? []), kind]);
  return {
    id: kind.id,
    name: kind.name,
    blurb: kind.blurb,
    purpose: kind.purpose,
    stands: kind.stands,
    nature: kind.nature,
    isThere: kind.isThere ?? false,
    knobs: kind.knobs,
    names,
    phrases: { ...KNOB_PHRASES, ...phrases },
    hosts: kind.openings !== undefined,
    openings(settings, anywhere) {
      const setting = onStand(anywhere);
      return kind.openings?.(settle(kind.knobs, settings, setting).values as Values<K>, setting) ?? [];
    },
    opensMm: (settings, market) => kind.opensMm?.(settings, market) ?? 0,
    makesBed(settings, anywhere) {
      if (!kind.makesBed) return null;
      const setting = onStand(anywhere);
      return kind.makesBed(settle(kind.knobs, settings, setting).values as Values<K>, setting);
    },
    design(settings, anywhere) {
      const setting = onStand(anywhere);
      const { values: settled, states } = settle(kind.knobs, settings, setting);
      const values = settled as Values<K>;
      const { design: placed, facts } = kind.size(values, setting);
      const design = designOf(kind.id, names, placed);
      return { design, facts, knobs: states };
    },
    steps: (sized, setting) =>
      present(kind.steps(sized.design, valuesOf(sized), onStand(setting))).map((step): Step => ({
        people: 1,
        ...step,
      })),
    doings,
    season: (sized, setting) => present(kind.season?.(sized.design, valuesOf(sized), onStand(setting)) ?? []),
    guards,
    stillCome(sized, setting) {
      const guard = guards(sized, setting);
      return guard && (kind.guards?.stillCome(guard, kind.purpose, setting) ?? null);
    },
    judge: (sized, setting) => byUrgency(kind.checks(builtOf(sized), valuesOf(sized), onStand(setting))),
    mend(code, settings, sized, setting) {
      if (code === 'bed.beside' || code === 'bed.in-air') return backOnBed(kind.knobs, settings);
      const change = kind.mends[code]?.(valuesOf(sized), builtOf(sized), onStand(setting)) ?? null;
      return change && { ...settings, ...withinLimits(kind.knobs, change) };
    },
  };
}
