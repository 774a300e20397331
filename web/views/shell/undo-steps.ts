import type { Plan } from '@lignum/core/plan/plan';
import type { Steps } from '../../kept/undo-kept';
import type { GardenStore } from './garden-store';

/** The plans that undo and redo lead to. */
export function stepsOf({ history, getState }: GardenStore): Steps {
  const { pastStates, futureStates } = history.getState();
  const plansOf = (states: readonly { plan?: Plan }[]): Plan[] => states.flatMap(({ plan }) => plan ?? []);
  return {
    past: plansOf(pastStates),
    present: getState().plan,
    // The library keeps what was undone last at the end.
    future: plansOf(futureStates).toReversed(),
  };
}

/** Takes up the steps of before a reload, which lead to and from the plan that is shown; not where it has been worked on since. */
export function takeSteps({ history }: GardenStore, { past, future }: Steps): void {
  const { pastStates, futureStates } = history.getState();
  if (pastStates.length + futureStates.length > 0) return;
  history.setState({
    pastStates: past.map((plan) => ({ plan })),
    futureStates: future.toReversed().map((plan) => ({ plan })),
  });
}
