import { FENCE_NEEDS, FORGIVEN_MM, pastBarrier, type Barrier } from '../site/visitors';
import type { Visitor } from '../site/plot';
import { check } from './check';

/** Which of the visitors does it keep out? The worst that is missing is named. */
export const keepsOut = check(
  'keeps-out',
  {
    says: {
      'keeps.nobody': 'No animals are noted on the plot: say who visits, and height, mesh and burial follow.',
      'keeps.low': 'Too low for {who}: {high} of {wants}.',
      'keeps.open': '{who} pass {open}; {wants} is the widest that stops them.',
      'keeps.dig': '{who} dig: bury the mesh {bury}, or lay an apron of {apron} outward.',
      'keeps.under': '{who} pass under: {under} is left open at the widest.',
      'keeps.out': 'Keeps out {who}.',
      'keeps.none': 'Who visits here ({who}) climbs, flies or tunnels: no fence keeps them out.',
    },
    mends: {
      'keeps.low': 'Make it as high as that takes',
      'keeps.open': 'Take mesh that stops them',
      'keeps.dig': 'Bury its foot',
      'keeps.under': 'Follow the ground',
    },
  },
  ({ visitors, barrier }: { visitors: readonly Visitor[]; barrier: Barrier }, found) => {
    if (visitors.length === 0) return found('note', 'keeps.nobody');
    const asked = visitors.flatMap((who) => {
      const need = FENCE_NEEDS[who];
      return need ? [{ who, need }] : [];
    });
    if (asked.length === 0) return found('note', 'keeps.none', { who: visitors.join(', ') });
    for (const { who, need } of asked) {
      switch (pastBarrier(need, barrier)) {
        case 'open': {
          const low = need.heightMm <= barrier.lowToMm + FORGIVEN_MM;
          const open = low ? barrier.openingLowMm : Math.max(barrier.openingLowMm, barrier.openingMm);
          return found('warn', 'keeps.open', { who, open: { mm: open }, wants: { mm: need.openingMm } });
        }
        case 'low':
          return found('warn', 'keeps.low', { who, high: { mm: barrier.heightMm }, wants: { mm: need.heightMm } });
        case 'dig':
          return found('warn', 'keeps.dig', { who, bury: { mm: need.buryMm }, apron: { mm: need.apronMm } });
        case 'under':
          return found('warn', 'keeps.under', { who, under: { mm: barrier.underMm } });
        case null:
          continue;
      }
    }
    return found('good', 'keeps.out', { who: asked.map((one) => one.who).join(', ') });
  },
);
