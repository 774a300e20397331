import { COMMON_DOINGS, partsByStep, type Doings } from '../building/tools';
import type { Design } from '../design/design';
import { STEP_PHRASES, withCommonSteps } from '../structures/rules/common-steps';
import type { Step } from '../structures/step';
import type { Phrases } from '../wording/say';
import type { ComputedStructure } from './compute-as';
import { ownPhrases } from './own-phrases';

type Of = Pick<ComputedStructure, 'kind' | 'sized' | 'setting'>;

/** A list, a sheet and the tools ask for the same steps. */
const known = new WeakMap<Of['sized'], readonly Step[]>();

/**
 * The steps in which a structure is built: those of its kind with those that are the same for all, each with the parts it
 * adds and what it is done with. Apart from its design: nobody reads them while a knob is turned.
 */
export function stepsOf({ kind, sized, setting }: Of): readonly Step[] {
  const before = known.get(sized);
  if (before) return before;
  const { design } = sized;
  const steps = doing(cautionsOnce(withCommonSteps(kind.steps(sized, setting), design, setting)), kind, design);
  known.set(sized, steps);
  return steps;
}

/**
 * What a step of a structure is called wherever something is noted of it: its code, and the how many-eth of that code it
 * is. @example stepKey(steps, 4) // 'step.ends 1'
 */
export const stepKey = (steps: readonly Step[], i: number): string => {
  const code = steps[i]?.what.code ?? '';
  return `${code} ${steps.slice(0, i + 1).filter(({ what }) => what.code === code).length}`;
};

/** The sentences of the steps. */
export const stepPhrases = ({ kind }: Pick<ComputedStructure, 'kind'>): Phrases => withOwn(kind);
const withOwn = ownPhrases(STEP_PHRASES);

/** Every step with the parts it adds and what it is done with. */
function doing(steps: readonly Step[], { id, doings }: { id: string; doings: Doings }, { parts }: Design): Step[] {
  const all = { ...COMMON_DOINGS, ...doings };
  const adds = partsByStep(steps, all, parts);
  return steps.map((step, i) => {
    const done = all[step.what.code];
    if (!done) throw new Error(`Nothing says what "${step.what.code}" of "${id}" is done with: add it to its doings.`);
    return { ...step, adds: adds[i] ?? [], uses: done.uses, ...(done.joins ? { joins: done.joins } : {}) };
  });
}

/** A caution stands at the first step it belongs to, and is not said again. */
function cautionsOnce(steps: readonly Step[]): Step[] {
  const said = new Set<string>();
  return steps.map((step) => {
    const { caution, ...rest } = step;
    if (!caution) return step;
    if (said.has(caution.code)) return rest;
    said.add(caution.code);
    return step;
  });
}
