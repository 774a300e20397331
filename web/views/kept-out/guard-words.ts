import type { Met, Threat } from '@lignum/core/choosing/kept-out';
import { canBeStopped, LIVE_NEEDS, NEEDS, type WayPast } from '@lignum/core/site/visitors';
import { formatLength } from '@lignum/core/quantity/length';
import { formatMonthDay, type Tongue } from '@lignum/core/wording/say';

/** How somebody gets past what stands there. */
const PAST: Record<WayPast, (name: string) => string> = {
  open: (name) => `come through the mesh of ${name}`,
  low: (name) => `get over ${name}`,
  climb: (name) => `climb ${name}`,
  dig: (name) => `dig under ${name}`,
  under: (name) => `slip under ${name}`,
  beside: (name) => `slip beside the leaf of ${name}`,
  soft: (name) => `push or gnaw through ${name}`,
  roof: (name) => `come from above, over ${name}`,
  floor: (name) => `come up from below, under ${name}`,
  touch: (name) => `reach the leaves through ${name}, which lies on them`,
  part: (name) => `come to those that ${name} does not cover`,
  wires: (name) => `are not met by the wires of ${name}`,
  any: (name) => `are held up by no mesh, nor by ${name}`,
};

const past = ({ name, past: way }: Met): string => (way === null ? '' : PAST[way](name));

/** What is in the way of somebody, in a sentence. */
export function metWords({ who, keptOut, met, until, outgrown }: Threat, tongue: Tongue): string {
  if (!canBeStopped(who))
    return who === 'slugs'
      ? `no mesh stops them; sheet metal with a bent lip does, let ${tongue.units === 'imperial' ? '4″' : '100 mm'} into the soil all round`
      : 'no mesh stops them';
  if (keptOut) {
    const by = met.filter((one) => one.past === null).map((one) => one.name);
    const why = outgrown ? 'when what grows there lifts it' : 'when it is opened for insects';
    const ends = until === null ? '' : ` until about ${formatMonthDay(until, tongue.locale)}, ${why}`;
    return `kept out by ${by.join(' and ')}${ends}`;
  }
  const ways = met.filter((one) => one.past !== null).map(past);
  return ways.length > 0 ? ways.join('; ') : 'nothing in their way';
}

/** What it takes to stop somebody; nothing where no mesh does. */
export function needWords(who: string, tongue: Tongue): string {
  const long = (mm: number): string => formatLength(mm, tongue.units);
  const fine = (mm: number): string => (tongue.units === 'imperial' && mm > 3 ? long(mm) : `${mm} mm`);
  const need = NEEDS[who];
  switch (need?.by) {
    case 'fence':
      return [
        `${need.stiff ? 'stiff mesh' : 'mesh'} of ${long(need.openingMm)}, ${long(need.heightMm)} high`,
        ...(need.looseTopMm > 0 ? [`its top ${long(need.looseTopMm)} loose`] : []),
        ...(need.buryMm > 0 ? [`${long(need.buryMm)} in the soil or an apron of ${long(need.apronMm)}`] : []),
      ].join(', ');
    case 'floor':
      return `mesh of ${long(need.openingMm)} under the bed`;
    case 'roof':
      return `${need.stiff ? 'stiff mesh' : 'mesh'} of ${fine(need.openingMm)} with a roof${need.floored ? ' and a floor' : ''}`;
    case 'net':
      return `a net of ${fine(need.openingMm)} over all of it${need.clear ? ', off the leaves' : ''}`;
    default: {
      const live = LIVE_NEEDS[who];
      return live ? `live wires ${live.atMm.map(long).join(', ')} over the soil` : '';
    }
  }
}
