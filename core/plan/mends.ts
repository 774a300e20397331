import { isUrgent, type Verdict } from '../checks/check';
import type { Market } from '../catalogue/stock';
import { exact, MM_PER_SIXTEENTH } from '../quantity/length';
import type { Settings } from '../structures/knob';
import type { Sized, StructureKind } from '../structures/kind';
import { judge, price, type ComputedStructure, type Priced } from './compute-as';
import type { Plan } from './plan';
import { settingOf, type Kinds } from './setting-of';

/** One knob that a mend turns, as it stands and as it would stand. */
export interface MendedKnob {
  knob: string;
  from: number | string;
  to: number | string;
}

/** A verdict with the change that mends it, what that turns and what it costs; a mend that mends nothing is not offered. */
export interface MendableVerdict extends Verdict {
  mend: { settings: Settings; costMinor: number; turns: readonly MendedKnob[] } | null;
}

/** A computed structure once its mends have been tried. */
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

const urgent = (verdicts: readonly Verdict[]): Set<string> =>
  new Set(verdicts.filter(isUrgent).map(({ told }) => told.code));

/** Every knob that comes to stand otherwise, those that follow another included: all that will be seen to change. */
const turnsOf = (kind: StructureKind, before: Sized, after: Sized): MendedKnob[] =>
  Object.keys(kind.knobs).flatMap((knob): MendedKnob[] => {
    const [from, to] = [before.knobs[knob]?.value, after.knobs[knob]?.value];
    return from === undefined || to === undefined || from === to ? [] : [{ knob, from, to }];
  });

/**
 * A computed structure with the changes that mend its findings, each tried and priced: as much work again
 * for every one. A change is offered only if the finding is gone, nothing else is found that has to be
 * looked at, and all of it can be bought.
 */
export function withMends(kinds: Kinds, plan: Plan, computed: ComputedStructure): MendedStructure {
  const { structure, kind, setting, sized } = computed;
  const before = urgent(computed.verdicts);

  const tried = (settings: Settings, told: Verdict['told']): Priced | null => {
    // What stands in a run asks for its place by its knobs.
    const there = setting.place.on === 'run' ? settingOf(kinds, plan, { ...structure, knobs: settings }) : setting;
    const mended = price(plan, structure, kind, settings, there);
    const found = judge(kind, plan, mended.sized, there);
    const gone = found.every((one) => one.told.code !== told.code);
    const worse = [...urgent(found)].some((code) => !before.has(code));
    return gone && !worse && (mended.cost.complete || !computed.cost.complete) ? mended : null;
  };

  const verdicts = computed.verdicts.map((verdict): MendableVerdict => {
    const asked = verdict.level === 'good' ? null : kind.mend(verdict.told.code, structure.knobs, sized, setting);
    if (!asked) return { ...verdict, mend: null };
    // Off the marks only where nothing on them mends it.
    const marked = onMarks(kind, asked, sized, setting.market);
    const isMarked = Object.entries(marked).every(([name, value]) => value === asked[name]);
    for (const settings of isMarked ? [asked] : [marked, asked]) {
      const mended = tried(settings, verdict.told);
      if (mended)
        return {
          ...verdict,
          mend: {
            settings,
            costMinor: mended.cost.totalMinor - computed.cost.totalMinor,
            turns: turnsOf(kind, sized, mended.sized),
          },
        };
    }
    return { ...verdict, mend: null };
  });
  return { ...computed, verdicts };
}
