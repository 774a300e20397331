import { distanceTo, type Feature, type PlanSpot } from '../site/plot';
import { check } from './check';

/** Does everything that goes into the soil keep clear of buried lines, wells, walls and trees? The distances are the gardener's own. */
export const keepClear = check(
  'keep-clear',
  {
    says: {
      'clear.near':
        'A post stands {near} from {what}; keep {clear} clear of it, and have it located before you make a hole.',
      'clear.fine': 'Nothing is driven or dug near anything to be kept clear of.',
    },
  },
  ({ feet, features }: { feet: readonly PlanSpot[]; features: readonly Feature[] }, found) => {
    const guarded = features.filter((feature) => feature.keepClearMm > 0);
    if (guarded.length === 0 || feet.length === 0) return null;
    const near = guarded
      .map((feature) => ({ feature, mm: Math.min(...feet.map((foot) => distanceTo(foot, feature))) }))
      .filter(({ feature, mm }) => mm < feature.keepClearMm)
      .sort((a, b) => a.mm / a.feature.keepClearMm - b.mm / b.feature.keepClearMm)[0];
    if (!near) return found('good', 'clear.fine');
    const risky = near.feature.kind === 'buried line' || near.feature.kind === 'well';
    return found(risky ? 'fail' : 'note', 'clear.near', {
      near: { mm: near.mm },
      what: near.feature.name || near.feature.kind,
      clear: { mm: near.feature.keepClearMm },
    });
  },
);
