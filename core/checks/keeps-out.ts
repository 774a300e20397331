import { fenceNeed, getsPast, openTo, type Guard } from '../site/visitors';
import type { Visitor } from '../site/plot';
import { check } from './check';

/** Which of the visitors that a fence can stop does it keep out? The worst that is missing is named. */
export const keepsOut = check(
  'keeps-out',
  {
    says: {
      'keeps.nobody': 'No animals are noted on the plot: say who visits, and height, mesh and burial follow.',
      'keeps.low': 'Too low for {who}: {high} of {wants}.',
      'keeps.low-two':
        'Too low for {who}: {high} of {wants}. Two of {two} do as well, where the other runs {least} to {most} outside all of it: lay it on the plot.',
      'keeps.open': '{who} pass {open}; {wants} is the widest that stops them.',
      'keeps.dig': '{who} dig: bury the mesh {bury}, or lay an apron of {apron} outward.',
      'keeps.under': '{who} pass under: {under} is left open at the widest.',
      'keeps.beside': '{who} pass beside the leaf: {beside} is left free there.',
      'keeps.soft': '{who} gnaw or push through it above {stiff}: wire or boards hold them up to {wants}.',
      'keeps.climb': '{who} climb it: leave the top {loose} of the mesh loose and bent outward.',
      'keeps.out': 'Keeps out {who}.',
      'keeps.none': 'Who visits here ({who}) climbs, flies or tunnels: no fence keeps them out.',
    },
    mends: {
      'keeps.low': 'Make it as high as that takes',
      'keeps.low-two': 'Make it as high as that takes',
      'keeps.open': 'Take mesh that stops them',
      'keeps.dig': 'Bury its foot',
      'keeps.under': 'Follow the ground',
      'keeps.beside': 'Leave less free',
      'keeps.soft': 'Take wire',
      'keeps.climb': 'Leave its top loose',
    },
  },
  ({ visitors, guard }: { visitors: readonly Visitor[]; guard: Guard }, found) => {
    if (visitors.length === 0) return found('note', 'keeps.nobody');
    const asked = visitors.flatMap((who) => {
      const need = fenceNeed(who);
      return need ? [{ who, need }] : [];
    });
    if (asked.length === 0) return found('note', 'keeps.none', { who: visitors.join(', ') });
    const { barrier, stiffMm } = guard;
    for (const { who, need } of asked) {
      switch (getsPast(who, guard)) {
        case null:
          continue;
        case 'open': {
          const open = openTo(barrier, Math.min(need.heightMm, barrier.heightMm));
          return found('warn', 'keeps.open', { who, open: { mm: open }, wants: { mm: need.openingMm } });
        }
        case 'soft':
          return found('warn', 'keeps.soft', { who, stiff: { mm: stiffMm }, wants: { mm: need.heightMm } });
        case 'climb':
          return found('warn', 'keeps.climb', { who, loose: { mm: need.looseTopMm } });
        case 'dig':
          return found('warn', 'keeps.dig', { who, bury: { mm: need.buryMm }, apron: { mm: need.apronMm } });
        case 'beside':
          return found('warn', 'keeps.beside', { who, beside: { mm: barrier.besideMm ?? 0 } });
        case 'under':
          return found('warn', 'keeps.under', { who, under: { mm: barrier.underMm } });
        default: {
          const values = { who, high: { mm: barrier.heightMm }, wants: { mm: need.heightMm } };
          if (!need.two) return found('warn', 'keeps.low', values);
          const { heightMm, leastMm, mostMm } = need.two;
          return found('warn', 'keeps.low-two', {
            ...values,
            two: { mm: heightMm },
            least: { mm: leastMm },
            most: { mm: mostMm },
          });
        }
      }
    }
    return found('good', 'keeps.out', { who: asked.map((one) => one.who).join(', ') });
  },
);
