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

/** The plan that a page came with, whatever was done on it since. */
export const firstOf = ({ history, getState }: GardenStore): Plan =>
  history.getState().pastStates[0]?.plan ?? getState().plan;

/** Takes up the steps of before a reload, which lead to and from the plan that the page came with; redoing ends where it was worked on since. */
export function takeSteps({ history }: GardenStore, { past, future }: Steps): void {
  const { pastStates, futureStates } = history.getState();
  history.setState({
    pastStates: [...past.map((plan) => ({ plan })), ...pastStates],
    futureStates:
      pastStates.length + futureStates.length > 0 ? futureStates : future.toReversed().map((plan) => ({ plan })),
  });
}
