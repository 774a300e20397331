import type { Plan } from '@lignum/core/plan/plan';
import { newId } from '../../kept/new-id';

/** Work that is not saved, and the revision it was made from. */
export interface Draft {
  base: number;
  plan: Plan;
}

/** A tab that has said nothing of its draft for so long is gone. ms. */
const GONE_AFTER_MS = 60_000;
const TAB = 'lignum-tab';

/** What this tab is called, for as long as it is open; one that may not remember it is called anew after a reload. */
function tabName(): string {
  try {
    const name = sessionStorage.getItem(TAB) ?? newId();
    sessionStorage.setItem(TAB, name);
    return name;
  } catch {
    return newId();
  }
}

/**
 * The drafts of one garden on this device, one a tab, so that what one tab saves takes nothing from another. That of a
 * tab which is gone is found by the next that looks. A full or forbidden store loses the safety net and nothing else:
 * the plan itself is still in its tab.
 */
export class Drafts {
  private readonly all: string;
  private readonly own: string;

  constructor(
    id: string,
    tab = tabName(),
    private readonly now: () => number = Date.now,
  ) {
    this.all = `lignum-draft-${id}`;
    this.own = `${this.all} ${tab}`;
  }

  /** Keeps the draft of this tab, or forgets it. */
  keep(draft: Draft | null): void {
    this.try(() => {
      if (draft) localStorage.setItem(this.own, JSON.stringify({ ...draft, aliveAt: this.now() }));
      else localStorage.removeItem(this.own);
    });
  }

  /** Says that this tab is still there, or that it goes. */
  alive(still: boolean): void {
    this.try(() => {
      const kept = read(this.own);
      if (kept) localStorage.setItem(this.own, JSON.stringify({ ...kept, aliveAt: still ? this.now() : 0 }));
    });
  }

  /** The draft of this tab, else the newest of those whose tab is gone, which is this tab’s from then on; null where there is none. */
  find(): Draft | null {
    return this.try(() => {
      const own = read(this.own);
      if (own) return own;
      const [left] = Object.keys(localStorage)
        .filter((key) => key === this.all || key.startsWith(`${this.all} `))
        .flatMap((key) => {
          const kept = read(key);
          return kept && this.now() - (kept.aliveAt ?? 0) > GONE_AFTER_MS ? [{ key, kept }] : [];
        })
        .toSorted((a, b) => b.kept.base - a.kept.base || (b.kept.aliveAt ?? 0) - (a.kept.aliveAt ?? 0));
      if (!left) return null;
      this.keep(left.kept);
      localStorage.removeItem(left.key);
      return left.kept;
    });
  }

  private try<T>(run: () => T): T | null {
    try {
      return run();
    } catch {
      return null;
    }
  }
}

/** What is kept under a key, if it can be a draft; what cannot is no reason to lose others. */
function read(key: string): (Draft & { aliveAt?: number }) | null {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as (Draft & { aliveAt?: number }) | null;
    return kept && typeof kept.base === 'number' && Array.isArray(kept.plan?.beds) ? kept : null;
  } catch {
    return null;
  }
}
