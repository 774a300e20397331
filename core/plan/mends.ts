import type { Neighbour } from '../checks/clash';
import { byUrgency, isUrgent, URGENCY, type Level, type Verdict } from '../checks/check';
import type { Market } from '../catalogue/stock';
import { exact, MM_PER_SIXTEENTH } from '../quantity/length';
import { frameOf, footholdOf } from '../site/stands/stands';
import type { Settings } from '../structures/knob';
import type { Sized, StructureKind } from '../structures/kind';
import type { Setting } from '../structures/setting';
import { coveredBy, metBy, neighbourOf } from './clashes';
import { computeAs, judge, price, type ComputedStructure, type Priced } from './compute-as';
import type { Plan, StructurePlan } from './plan';
import { settingOf, tiedTo, withStructure, type Kinds } from './setting-of';

/** One knob that a mend turns, as it stands and as it would stand. */
export interface MendedKnob {
  knob: string;
  from: number | string;
  to: number | string;
}

/**
 * A verdict with the change that mends it, what that turns and what it costs; a mend that mends nothing is not
 * offered. The cost is null where something of either has no price: then nobody knows the difference.
 */
export interface MendableVerdict extends Verdict {
  mend: { settings: Settings; costMinor: number | null; turns: readonly MendedKnob[] } | null;
}

/**
 * A computed structure once its mends have been tried.
 * @example computeStructure(plan, structure).verdicts.find(({ mend }) => mend !== null)
 */
export interface MendedStructure extends ComputedStructure {
  verdicts: readonly MendableVerdict[];
}

/** The finest mark of a tape that goes with what is bought. mm. */
const MARK_MM: Record<Market, number> = { imperial: MM_PER_SIXTEENTH, metric: 1 };

/** A change whose lengths are moved on to the next mark of the tape, the way they are moved. */
function onMarks(kind: StructureKind, settings: Settings, sized: Sized, market: Market): Settings {
  const mark = MARK_MM[market];
  return Object.fromEntries(
    Object.entries(settings).map(([name, value]) => {
      const knob = kind.knobs[name];
      const now = sized.knobs[name]?.value;
      if (knob?.type !== 'length' || typeof value !== 'number' || typeof now !== 'number' || value === now)
        return [name, value];
      const marks = value / mark;
      const next = (value > now ? Math.ceil(marks - 1e-6) : Math.floor(marks + 1e-6)) * mark;
      return [name, exact(Math.min(knob.max, Math.max(knob.min, next)))];
    }),
  );
}

/** Every knob that comes to stand otherwise, those that follow another included: all that will be seen to change. */
const turnsOf = (kind: StructureKind, before: Sized, after: Sized): MendedKnob[] =>
  Object.keys(kind.knobs).flatMap((knob): MendedKnob[] => {
    const [from, to] = [before.knobs[knob]?.value, after.knobs[knob]?.value];
    return from === undefined || to === undefined || from === to ? [] : [{ knob, from, to }];
  });

/** How urgent what each check found is, the most urgent first. */
type Levels = ReadonlyMap<string, readonly Level[]>;

function levelsOf(found: readonly Verdict[]): Levels {
  const levels = new Map<string, Level[]>();
  for (const { check, level } of found) levels.set(check, [...(levels.get(check) ?? []), level]);
  for (const list of levels.values()) list.sort((a, b) => URGENCY[a] - URGENCY[b]);
  return levels;
}

/**
 * What has to be looked at after a change and was not, or not as urgently, before it: code by code, and within each
 * check level by level, so that a warning that has become a failure is seen though its check spoke before.
 */
export function madeWorse(before: readonly Verdict[], after: readonly Verdict[]): Verdict[] {
  const was = levelsOf(before);
  const codes = new Set(before.filter(isUrgent).map(({ check, told }) => `${check} ${told.code}`));
  const seen = new Map<string, number>();
  return byUrgency(after.filter(isUrgent)).filter(({ check, level, told }) => {
    const nth = seen.get(check) ?? 0;
    seen.set(check, nth + 1);
    return !codes.has(`${check} ${told.code}`) || URGENCY[level] < URGENCY[was.get(check)?.[nth] ?? 'good'];
  });
}

/** A change that makes another finding is followed by what mends that, so often at the most. */
const FOLLOWED = 4;

/** A change as it was tried: the design it gives, and everything that is found then. */
interface Tried extends Priced {
  settings: Settings;
  setting: Setting;
  found: readonly Verdict[];
  /** What of it has no price. */
  unpriced: ReadonlySet<string>;
}

/** What of it has no price. */
export const unpricedIn = ({ shopping }: Pick<Priced, 'shopping'>): ReadonlySet<string> =>
  new Set(shopping.missing.map(({ stock, because }) => `${stock} ${because}`));

/** Verdicts on what a structure is tied to, as it would be changed, under names of their own. */
export const onTied = (kinds: Kinds, plan: Plan, changed: StructurePlan): Verdict[] => {
  const at = withStructure(plan, changed);
  return tiedTo(at, changed).flatMap((other) =>
    computeAs(kinds, at, other).verdicts.map((one) => ({ ...one, check: `${other.id} ${one.check}` })),
  );
};

/**
 * A computed structure with the changes that mend its findings, each tried and priced: as much work again
 * for every one. Each is judged by everything again: its own checks, who else stands there, and what it is tied
 * to. It is offered only if the finding is gone, nothing has to be looked at more urgently than before, and
 * everything that could be bought can be bought still. `near` is what stands near on the plot.
 */
export function withMends(
  kinds: Kinds,
  plan: Plan,
  computed: ComputedStructure,
  near: readonly Neighbour[] = [],
): MendedStructure {
  const { structure, kind, setting, sized } = computed;
  const own = neighbourOf(computed);

  const everything = (changed: StructurePlan, design: Sized, there: Setting): Verdict[] => {
    const covers = () => coveredBy(kind, design.design, frameOf(there.place, design.design.startMm));
    const met = near.length > 0 ? metBy({ ...own, ...covers() }, near) : null;
    return [...judge(kind, plan, design, there), ...(met ? [met] : []), ...onTied(kinds, plan, changed)];
  };
  let known: { found: Verdict[]; unpriced: ReadonlySet<string> } | null = null;
  const before = () => (known ??= { found: everything(structure, sized, setting), unpriced: unpricedIn(computed) });

  // What was measured stands: nothing is meant otherwise of it.
  const measured = Object.keys(sized.knobs).filter((name) => sized.knobs[name]?.by === 'measured');
  const tried = (asked: Settings): Tried => {
    const settings = Object.fromEntries(Object.entries(asked).filter(([name]) => !measured.includes(name)));
    for (const name of measured) if (structure.knobs[name] !== undefined) settings[name] = structure.knobs[name];
    const changed = { ...structure, knobs: settings };
    // What stands in a run asks for its place by its knobs.
    const there = footholdOf(setting.place).gap ? settingOf(kinds, plan, changed) : setting;
    const priced = price(plan, structure, kind, settings, there);
    const found = everything(changed, priced.sized, there);
    return { ...priced, settings, setting: there, found, unpriced: unpricedIn(priced) };
  };

  /** The change that a kind asks for, moved on to marks; and what mends the findings it makes, as far as they have a mend. */
  const followed = (asked: Settings, code: string): Tried | null => {
    let change = tried(asked);
    const seen = new Set([code]);
    for (let i = 0; i < FOLLOWED; i++) {
      if (change.found.some(({ told }) => told.code === code)) return null;
      const worse = madeWorse(before().found, change.found);
      if (worse.length === 0) return [...change.unpriced].every((one) => before().unpriced.has(one)) ? change : null;
      const next = worse.find(({ told }) => !seen.has(told.code));
      if (!next) return null;
      seen.add(next.told.code);
      const more = kind.mend(next.told.code, change.settings, change.sized, change.setting);
      if (!more) return null;
      change = tried(onMarks(kind, more, change.sized, setting.market));
    }
    return null;
  };

  const verdicts = computed.verdicts.map((verdict): MendableVerdict => {
    const { code } = verdict.told;
    const asked = verdict.level === 'good' ? null : kind.mend(code, structure.knobs, sized, setting);
    if (!asked) return { ...verdict, mend: null };
    // Off the marks only where nothing on them mends it.
    const marked = onMarks(kind, asked, sized, setting.market);
    const isMarked = Object.entries(marked).every(([name, value]) => value === asked[name]);
    for (const settings of isMarked ? [asked] : [marked, asked]) {
      const mended = followed(settings, code);
      if (!mended) continue;
      const told = computed.cost.complete && mended.cost.complete;
      return {
        ...verdict,
        mend: {
          settings: mended.settings,
          costMinor: told ? mended.cost.totalMinor - computed.cost.totalMinor : null,
          turns: turnsOf(kind, sized, mended.sized),
        },
      };
    }
    return { ...verdict, mend: null };
  });
  return { ...computed, verdicts };
}
