import { inches } from '../quantity/length';
import { distanceTo, type Feature, type PlanSpot } from '../site/plot';
import { check, type Verdict } from './check';

/** Beside a located line the first 18″ on either side are dug by hand only, whatever distance was entered (from memory; local rules decide). mm. */
const BESIDE_LINE_MM = inches(18);

/** Does everything that goes into the soil keep clear of one thing? The distances are the gardener's own, but for buried lines. `feature` is null where nothing near was found. */
export const keepClear = check(
  'keep-clear',
  {
    says: {
      'clear.on-line':
        'A post stands on {what}: electricity and gas kill. Move it, and have the line located before you make a hole.',
      'clear.near':
        'A post stands {near} from {what}; keep {clear} clear of it, and have it located before you make a hole.',
      'clear.by-hand':
        'A post stands {near} from {what}: have it located, and dig there by hand only, however near it was said to be safe.',
      'clear.fine': 'Nothing is driven or dug near anything to be kept clear of.',
    },
  },
  ({ feet, feature }: { feet: readonly PlanSpot[]; feature: Feature | null }, found) => {
    if (feet.length === 0) return null;
    if (!feature) return found('good', 'clear.fine');
    const mm = Math.min(...feet.map((foot) => distanceTo(foot, feature)));
    const line = feature.kind === 'buried line';
    const values = {
      near: { mm },
      what: feature.name || `the ${feature.kind}`,
      clear: { mm: feature.keepClearMm },
    };
    if (line && mm < 1) return found('fail', 'clear.on-line', values);
    if (mm < feature.keepClearMm) return found(line || feature.kind === 'well' ? 'fail' : 'note', 'clear.near', values);
    return line && mm < BESIDE_LINE_MM ? found('fail', 'clear.by-hand', values) : null;
  },
);

/** Everything that something stands too near to; that nothing is near, where there is anything to be kept clear of. */
export function keepsClear({ feet, features }: { feet: readonly PlanSpot[]; features: readonly Feature[] }): Verdict[] {
  const guarded = features.filter((feature) => feature.keepClearMm > 0 || feature.kind === 'buried line');
  const near = guarded.flatMap((feature) => keepClear({ feet, feature }) ?? []);
  const fine = guarded.length > 0 ? keepClear({ feet, feature: null }) : null;
  return near.length > 0 || !fine ? near : [fine];
}
