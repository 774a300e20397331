import type { Verdict } from '@lignum/core/checks/check';

const LOADS = [
  ['wind', 'in wind'],
  ['snow', 'under snow'],
  ['load', 'under load'],
] as const;

/** What of its strength nobody has looked at: "its strength in wind, under snow and under load". */
export function leftOut(verdicts: readonly Pick<Verdict, 'reckons'>[]): string {
  const done = new Set<string | undefined>(verdicts.map((one) => one.reckons));
  const words = LOADS.flatMap(([load, said]) => (done.has(load) ? [] : [said]));
  return `its strength ${words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`}`;
}
