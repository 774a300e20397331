import { CATALOGUE } from '../catalogue/catalogue';
import type { Verdict } from '../checks/check';
import { exact } from '../quantity/length';
import type { Point } from '../geometry/space';
import { kindOf } from '../structures/registry';
import { stepOf, type Knob, type Settings } from '../structures/knob';
import { plantsOf } from '../design/design';
import { bentOf, type Bent } from '../withstand/bent';
import type { Besides } from '../withstand/besides';
import { isWeighed, standingOf, standOf, type Stand } from '../withstand/stand-of';
import type { Use } from '../withstand/uses';
import { askable, under, type Asked, type NotReckoned } from '../withstand/asked';
import { blownOn, type Week } from '../withstand/weeks';
import { withstand, worstWeek, type Withstood } from '../withstand/withstand';
import type { Sized } from '../structures/kind';
import { withClashes } from './clashes';
import { nearTo } from './compute';
import { computeAs, type ComputedStructure } from './compute-as';
import { computeRemembered } from './remembered';
import { madeWorse, onTied, unpricedIn, type MendedKnob } from './mends';
import type { Plan, StructurePlan } from './plan';
import { withStructure } from './setting-of';

/** A change of a knob, or of two where one is not enough, after which it works less hard, judged by everything again and through every week. */
export interface Help {
  settings: Settings;
  turns: readonly MendedKnob[];
  /** What works hardest then, in its own worst week. */
  share: number;
  /** null where something of either has no price. */
  costMinor: number | null;
}

/** What a structure withstands, and what would help where that is too little. */
export interface StandsAnswer {
  stood: Withstood | NotReckoned;
  helps: readonly Help[];
}

/** How far a length is turned to see whether that helps; a change that saves less than this is none. */
const TURNS = [0.5, 0.6, 0.75, 0.9, 1.1, 1.3, 1.6] as const;
const SAVES = 0.1;
/** So many are told, each of another knob. */
const TOLD = 4;

/** Asks what a structure withstands through the year; @param helps whether it is looked for what would help, as much work again many times over. */
export function standsOf(plan: Plan, structure: StructurePlan, helps: boolean): StandsAnswer {
  const computed = computeAs(kindOf, plan, structure);
  const stood = stoodOf(computed);
  if (typeof stood === 'string' || standOf(stood.worst.share) === 'holds' || !helps) return { stood, helps: [] };
  return { stood, helps: helpsFor(plan, computed, stood) };
}

/** What folds is folded away for winter; what comes apart and has no post in the soil is taken in. */
const isPutAway = ({ kind, sized }: Pick<ComputedStructure, 'kind' | 'sized'>): boolean =>
  kind.nature.moves === 'folds' || (kind.nature.moves === 'comes apart' && sized.design.posts.length === 0);

const stoodOf = (computed: ComputedStructure): Withstood | NotReckoned => {
  const { sized, setting, kind } = computed;
  return isWeighed(kind) ? withstand(sized.design, setting, CATALOGUE, isPutAway(computed)) : 'nothing stands';
};

/** How a structure stands in its worst week, and what else it would not bear. Plain data, so that a worker can hand it over. */
export interface ShortStand {
  stand: Stand;
  share: number;
  day: number;
  /** As it is told, ten metres up in open country. m/s. */
  gustMs: number;
  hardest: Use | null;
  lost: boolean;
  /** What besides the wind is too much for it. */
  notBorne: readonly Besides['by'][];
}

const known = new WeakMap<Sized, ShortStand | NotReckoned>();

/** How a structure stands, without what {@link standsOf} tells besides; worked out once for as long as it is the same. */
export function shortStand(computed: Pick<ComputedStructure, 'kind' | 'sized' | 'setting'>): ShortStand | NotReckoned {
  const { kind, sized, setting } = computed;
  const before = known.get(sized);
  if (before) return before;
  const short = isWeighed(kind)
    ? worstWeek(sized.design, setting, CATALOGUE, isPutAway(computed))
    : ('nothing stands' as const);
  const made: ShortStand | NotReckoned =
    typeof short === 'string'
      ? short
      : {
          stand: standingOf(short),
          share: short.worst.share,
          day: short.worst.day,
          gustMs: short.worst.gustMs,
          hardest: short.worst.hardest,
          lost: short.worst.lost,
          notBorne: short.besides.flatMap(({ by, share }) => (share > 1 ? [by] : [])),
        };
  known.set(sized, made);
  return made;
}

/** How everything in a garden stands, by structure; without what is not reckoned. @param only where not all of it is asked for. */
export function standsIn(plan: Plan, only?: readonly string[]): Record<string, ShortStand> {
  return Object.fromEntries(
    plan.structures.flatMap((structure) => {
      if (only && !only.includes(structure.id)) return [];
      const short = shortStand(computeRemembered(kindOf, plan, structure));
      return typeof short === 'string' ? [] : [[structure.id, short]];
    }),
  );
}

/** Other values of a knob that are worth a try: a length and a count some way up and down, every other choice. */
function othersOf(knob: Knob, value: number | string, computed: ComputedStructure): (number | string)[] {
  if (knob.type === 'choice') {
    const soFar = Object.fromEntries(Object.entries(computed.sized.knobs).map(([name, one]) => [name, one.value]));
    const offered = knob.offered?.(computed.setting, soFar) ?? knob.choices.map(({ id }) => id);
    return offered.filter((id) => id !== value);
  }
  if (typeof value !== 'number') return [];
  if (knob.type === 'count') return [value + 1, value + 2].filter((n) => n <= knob.max);
  const step = stepOf(knob, computed.setting.market);
  return [
    ...new Set(
      TURNS.map((by) => exact(Math.round((value * by) / step) * step)).filter(
        (mm) => mm >= knob.min && mm <= knob.max && mm !== value,
      ),
    ),
  ];
}

function helpsFor(plan: Plan, computed: ComputedStructure, stood: Withstood): Help[] {
  const { structure, kind, setting, sized } = computed;
  const { worst } = stood;
  const plants = plantsOf(sized.design).length;
  /** Its worst week alone, with another knob: most changes are no help, and are not asked further. */
  const inWorst = (settings: Settings): number => {
    const { design } = kind.design(settings, setting);
    // Fewer plants are lighter: that is no mend.
    if (plantsOf(design).length < plants) return Infinity;
    const asked = askable(design, setting, CATALOGUE);
    if ('not' in asked) return Infinity;
    const { response, share } = under(asked, { ...worst, carefully: true });
    return response.lost ? Infinity : share;
  };
  const everything = (one: ComputedStructure, there: Plan): Verdict[] => [
    ...withClashes(one, nearTo(there, one.structure)).verdicts,
    ...onTied(kindOf, there, one.structure),
  ];
  let found: readonly Verdict[] | null = null;
  const before = () => (found ??= everything(computed, plan));
  const unpriced = unpricedIn(computed);
  /** As it would be then, with everything judged again; null where something else is made worse, or cannot be bought any more. */
  const judged = (settings: Settings): ComputedStructure | null => {
    const changed = { ...structure, knobs: settings };
    const there = withStructure(plan, changed);
    const one = computeAs(kindOf, there, changed);
    return madeWorse(before(), everything(one, there)).length > 0 ||
      [...unpricedIn(one)].some((what) => !unpriced.has(what))
      ? null
      : one;
  };
  /** Of each knob the change that helps most gently and is enough; where none is, the one that helps most. */
  const round = (from: Settings, turned: readonly MendedKnob[], than: number): Help[] =>
    Object.entries(kind.knobs).flatMap(([name, knob]): Help[] => {
      const state = sized.knobs[name];
      if (!state || state.by === 'measured' || knob.places || turned.some((turn) => turn.knob === name)) return [];
      const tried = othersOf(knob, state.value, computed)
        .map((to) => {
          const settings = { ...from, [name]: to };
          return { turns: [...turned, { knob: name, from: state.value, to }], settings, share: inWorst(settings) };
        })
        .filter(({ share }) => share <= than * (1 - SAVES))
        .toSorted((a, b) =>
          a.share <= 1 && b.share <= 1
            ? b.share - a.share
            : Number(a.share > 1) - Number(b.share > 1) || a.share - b.share,
        );
      for (const { settings, turns } of tried) {
        const one = judged(settings);
        if (!one) continue;
        const then = shortStand(one);
        if (typeof then === 'string' || then.share > than * (1 - SAVES)) continue;
        const costMinor =
          computed.cost.complete && one.cost.complete ? one.cost.totalMinor - computed.cost.totalMinor : null;
        return [{ settings, turns, share: then.share, costMinor }];
      }
      return [];
    });
  const inOrder = (helps: readonly Help[]): Help[] =>
    helps.toSorted((a, b) => Number(a.share > 1) - Number(b.share > 1) || dearness(a) - dearness(b));
  const one = round(structure.knobs, [], worst.share);
  const most = one.toSorted((a, b) => a.share - b.share)[0];
  // Where no knob by itself is enough, a second is turned with the one that helps most.
  const two = most && most.share > 1 ? round(most.settings, most.turns, most.share) : [];
  return inOrder([...two.filter(({ share }) => share <= 1), ...one]).slice(0, TOLD);
}

/** What a gust does to a structure on a day, for whoever turns the wind and the weeks. */
export interface Blown {
  week: Week;
  /** The hardest working first. */
  uses: readonly Use[];
  bent: Bent;
}

/** Asked again and again of one plan: what does not change is worked out once. */
const asking = new WeakMap<Plan, Map<string, Asked | null>>();

/** @param gustMs ten metres up in open country. Null of what is not reckoned. */
export function blown(
  plan: Plan,
  structure: StructurePlan,
  at: { day: number; gustMs: number; way: Point },
): Blown | null {
  const ready = asking.get(plan) ?? new Map<string, Asked | null>();
  asking.set(plan, ready);
  let asked = ready.get(structure.id);
  if (asked === undefined) {
    const { sized, setting } = computeAs(kindOf, plan, structure);
    const one = askable(sized.design, setting, CATALOGUE, { whole: true });
    asked = 'not' in one ? null : one;
    ready.set(structure.id, asked);
  }
  if (!asked) return null;
  const { week, response, uses } = blownOn(asked, at.day, at.gustMs, at.way);
  return {
    week,
    uses: uses.toSorted((a, b) => b.share - a.share).slice(0, SHOWN),
    bent: bentOf(asked.model, response, uses),
  };
}
/** Several of them may read alike. */
const SHOWN = 16;

/** What is dearer comes later; what nobody knows the price of, last. */
const dearness = ({ costMinor }: { costMinor: number | null }): number => costMinor ?? Number.MAX_SAFE_INTEGER;
