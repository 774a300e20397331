/**
 * How long the server takes to answer a garden, against answering that it is alive, in one run.
 * Needs a running server: LIGNUM_ADDRESS (default http://127.0.0.1:4600). Bounded: 120 requests.
 */
const address = process.env.LIGNUM_ADDRESS ?? 'http://127.0.0.1:4600';
const BUDGET_MS = 50;

async function usual(path: string): Promise<number> {
  const times: number[] = [];
  for (let i = 0; i < 40; i++) {
    const start = performance.now();
    await (await fetch(address + path)).arrayBuffer();
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[20] ?? 0;
}

const alive = await usual('/api/health');
const data = await usual('/api/gardens/ferry-house');
const page = await usual('/g/ferry-house');
console.table({
  'garden as data': {
    'of 50 ms': `${Math.round((data / BUDGET_MS) * 100)} %`,
    'to being alive': `${(data / alive).toFixed(1)} : 1`,
  },
  'garden as a page': {
    'of 50 ms': `${Math.round((page / BUDGET_MS) * 100)} %`,
    'to being alive': `${(page / alive).toFixed(1)} : 1`,
  },
});

export {};
