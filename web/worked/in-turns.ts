/** So long a stretch of work may hold up whoever else asks the server. ms. */
const STRETCH_MS = 25;

const turn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/** Goes through work step by step; whoever else asks is answered between stretches of it. */
export async function inTurns(steps: Iterable<unknown>): Promise<void> {
  let began = performance.now();
  for (const _done of steps) {
    if (performance.now() - began < STRETCH_MS) continue;
    await turn();
    began = performance.now();
  }
}
