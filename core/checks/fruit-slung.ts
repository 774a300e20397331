import type { Planted } from '../crops/planted';
import { check } from './check';

/** Fruit over 2–3 lb (1–1.4 kg) tears off its vine unless a sling carries it (common practice, no source). */
export const fruitSlung = check(
  'fruit-slung',
  {
    says: {
      'sling.always': 'Each fruit of {crop} wants a sling, tied to the support and not to the vine.',
      'sling.large':
        'Fruit of {crop} over 2 to 3 lb (1 to 1.4 kg) wants a sling, tied to the support and not to the vine.',
    },
  },
  ({ planted }: { planted: readonly Planted[] }, found) => {
    const slung = (how: 'always' | 'large fruit') => planted.find((one) => one.crop.slung === how);
    const [always, large] = [slung('always'), slung('large fruit')];
    if (always) return found('note', 'sling.always', { crop: always.crop.name });
    return large ? found('note', 'sling.large', { crop: large.crop.name }) : null;
  },
);
