import type { Met, Threat } from '@lignum/core/choosing/kept-out';
import type { Visitor } from '@lignum/core/site/plot';
import { BURROWER_MM, CLIMBERS_MM, FENCE_NEEDS, NET_NEEDS, type Way } from '@lignum/core/site/visitors';
import { formatLength } from '@lignum/core/quantity/length';
import { formatMonthDay, type Tongue } from '@lignum/core/wording/say';

/** How somebody gets past what stands there. */
const PAST: Record<Way, (name: string) => string> = {
  open: (name) => `come through the mesh of ${name}`,
  low: (name) => `get over ${name}`,
  dig: (name) => `dig under ${name}`,
  under: (name) => `slip under ${name}`,
  soft: (name) => `push or gnaw through ${name}`,
  roof: (name) => `come from above, over ${name}`,
  floor: (name) => `come up from below, under ${name}`,
};

const past = ({ name, past: way }: Met): string => (way === null ? '' : PAST[way](name));

/** What is in the way of somebody, in a sentence. */
export function metWords({ keptOut, met, opens }: Threat, tongue: Tongue): string {
  if (keptOut) {
    const by = met.filter((one) => one.past === null).map((one) => one.name);
    const until =
      opens === null ? '' : ` until about ${formatMonthDay(opens, tongue.locale)}, when it is opened for insects`;
    return `kept out by ${by.join(' and ')}${until}`;
  }
  const ways = met.filter((one) => one.past !== null).map(past);
  return ways.length > 0 ? ways.join('; ') : 'nothing in their way';
}

/** What it takes to stop somebody; nothing where no mesh does. */
export function needWords(who: string, tongue: Tongue): string {
  const long = (mm: number): string => formatLength(mm, tongue.units);
  const fence = FENCE_NEEDS[who as Visitor];
  if (fence)
    return `stiff mesh of ${long(fence.openingMm)}, ${long(fence.heightMm)} high${
      fence.buryMm > 0 ? `, ${long(fence.buryMm)} in the soil or an apron of ${long(fence.apronMm)}` : ''
    }`;
  if (who === 'burrowers') return `mesh of ${long(BURROWER_MM)} under the bed`;
  const climberMm = CLIMBERS_MM[who];
  if (climberMm !== undefined) return `stiff mesh of ${long(climberMm)} with a roof`;
  const net = NET_NEEDS[who];
  return net === undefined
    ? ''
    : `a net of ${tongue.units === 'imperial' && net > 3 ? long(net) : `${net} mm`} over all of it`;
}
