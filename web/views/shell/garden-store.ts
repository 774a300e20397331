import { temporal, type TemporalState } from 'zundo';
import { createStore, type StoreApi } from 'zustand/vanilla';
import type { Plan } from '@lignum/core/plan/plan';

/** What the header says of saving. */
export type SaveState =
  | { state: 'saved'; at: string }
  /** `crowded` where the server has too much to do just now and it is tried again in a moment. */
  | { state: 'waiting'; crowded?: true }
  | { state: 'saving' }
  | { state: 'failed'; because: string; again: number }
  | { state: 'refused'; because: string }
  | { state: 'stale'; newer: string };

/** What views see of the garden they are in. */
export interface GardenState {
  plan: Plan;
  revision: number;
  save: SaveState;
}

/** How a save was answered, and after how long it is worth trying again where that was said. ms. */
export interface SaveAnswer {
  status: number;
  body: unknown;
  againMs?: number;
}

/** What the store needs of the outside, so that it can be driven without a browser. */
export interface Outside {
  /** Saves under a name of its own; `unanswered` are those before it that may have arrived all the same. */
  put(base: number, plan: Plan, as: string, unanswered: readonly string[]): Promise<SaveAnswer>;
  newestRevision(): Promise<{ revision: number; savedAt: string; savedAs: string | null } | null>;
  newName(): string;
  keepDraft(draft: { base: number; plan: Plan } | null): void;
  /** Loads the page anew. */
  loadAgain(): void;
  now(): number;
  later(run: () => void, ms: number): () => void;
}

const SAVE_AFTER_MS = 600;
/** The save was sound; who sent it has to say the passphrase again, and then it is saved. */
const SIGNED_OUT = 401;
const RETRY_MS = [2000, 5000, 10_000, 30_000];
/** So many times a server that has too much to do is waited for without alarm. */
const CROWDED_TRIES = 3;
/** Edits of one field within this time are one step of undo. */
const ONE_STEP_MS = 1500;
const STEPS_KEPT = 200;
const MOST_UNANSWERED = 100;

/**
 * The one garden a tab works on: its plan, undo and redo, and saving by itself. Every save names the
 * revision it was made from; a newer one on the server is told and never overwritten. What could not
 * be saved stays here and in a draft, and is tried again. State and history are zustand stores: a view
 * takes what it shows of them and is drawn again only when that changes.
 */
export class GardenStore {
  /** The plan, its revision, and how its saving goes. */
  readonly state: StoreApi<GardenState>;
  /** Plans before and after this one. */
  readonly history: StoreApi<TemporalState<Pick<GardenState, 'plan'>>>;
  private lastEdit: { group: string | null; at: number } | null = null;
  /** The edit that is made goes on with the one before: no step of its own. */
  private goesOn = false;
  private cancelTimer: (() => void) | null = null;
  private inFlight = false;
  private tries = 0;
  /** The save that is being tried, and those before it that nobody has answered. */
  private attempt: { as: string; plan: Plan } | null = null;
  private unanswered: readonly string[] = [];
  private savedPlan: Plan;

  constructor(
    private outside: Outside,
    plan: Plan,
    private revision: number,
    private savedAt: string,
  ) {
    this.savedPlan = plan;
    const state = createStore<GardenState>()(
      temporal((): GardenState => ({ plan, revision, save: { state: 'saved', at: savedAt } }), {
        partialize: ({ plan: now }) => ({ plan: now }),
        equality: (before, after) => before.plan === after.plan,
        limit: STEPS_KEPT,
        handleSet: (record) => (before) => {
          if (!this.goesOn) record(before);
        },
      }),
    );
    this.state = state;
    this.history = state.temporal;
  }

  getState = (): GardenState => this.state.getState();

  /** Changes the plan. Edits with the same `group` soon after each other are undone as one. */
  edit(change: (plan: Plan) => Plan, group: string | null = null): void {
    const before = this.getState().plan;
    const plan = change(before);
    if (plan === before) return;
    const [last, now] = [this.lastEdit, this.outside.now()];
    this.goesOn = last !== null && group !== null && last.group === group && now - last.at < ONE_STEP_MS;
    this.lastEdit = { group, at: now };
    this.changed(plan);
    this.goesOn = false;
  }

  undo(): void {
    this.travel(() => this.history.getState().undo());
  }

  redo(): void {
    this.travel(() => this.history.getState().redo());
  }

  private travel(go: () => void): void {
    const before = this.getState().plan;
    this.lastEdit = null;
    go();
    if (this.getState().plan !== before) this.saveWhatChanged();
  }

  unsaved = (): boolean => this.getState().plan !== this.savedPlan;

  /** Takes up work that an earlier tab could not save. */
  takeDraft(draft: { base: number; plan: Plan }): void {
    this.lastEdit = null;
    const { save } = this.getState();
    if (draft.base === this.revision) this.changed(draft.plan);
    else
      this.publish({
        plan: draft.plan,
        save: { state: 'stale', newer: save.state === 'saved' ? save.at : '' },
      });
  }

  /**
   * As a page wakes: one that was left while it was saving may have been drawn before that save came to
   * the server. Nothing is changed in it yet, so it is loaded again rather than told that it is old.
   */
  async wake(): Promise<void> {
    const now = await this.outside.newestRevision().catch(() => null);
    if (now && now.revision > this.revision && !this.unsaved() && !this.inFlight) this.outside.loadAgain();
  }

  /** Asks whether another tab has saved since. */
  async lookForNewer(): Promise<void> {
    if (this.inFlight || this.getState().save.state === 'stale') return;
    const now = await this.outside.newestRevision().catch(() => null);
    // A save of its own whose answer was lost is no other tab's.
    const own = now?.savedAs != null && [this.attempt?.as, ...this.unanswered].includes(now.savedAs);
    if (now && now.revision > this.revision && !own && !this.inFlight) this.goStale(now.savedAt);
  }

  /** Saves now rather than in a moment; also the answer to "try again". */
  async saveNow(): Promise<void> {
    this.cancelTimer?.();
    this.cancelTimer = null;
    if (this.inFlight || this.getState().save.state === 'stale') return;
    if (!this.unsaved()) return this.nothingToSave();
    const { plan } = this.getState();
    this.inFlight = true;
    this.publish({ save: { state: 'saving' } });
    // What is tried again as it was is the same save; what has changed since is another, after it.
    if (this.attempt && this.attempt.plan !== plan)
      this.unanswered = [...this.unanswered, this.attempt.as].slice(-MOST_UNANSWERED);
    if (this.attempt?.plan !== plan) this.attempt = { as: this.outside.newName(), plan };
    const reply = await this.outside.put(this.revision, plan, this.attempt.as, this.unanswered).catch(() => null);
    this.inFlight = false;
    const body = (reply?.body ?? {}) as {
      revision?: number;
      savedAt?: string;
      message?: string;
      why?: string;
      faults?: { path: string; message: string }[];
    };
    if (reply?.status === 200 && body.revision !== undefined) {
      this.revision = body.revision;
      this.savedPlan = plan;
      this.savedAt = body.savedAt ?? '';
      this.tries = 0;
      this.attempt = null;
      this.unanswered = [];
      if (this.unsaved()) this.saveSoon();
      else this.nothingToSave();
    } else if (reply?.status === 409) {
      this.goStale(body.savedAt ?? '');
    } else if (reply && reply.status >= 400 && reply.status < 500 && reply.status !== SIGNED_OUT) {
      const first = body.faults?.[0];
      this.publish({
        save: {
          state: 'refused',
          because: first ? `${first.path} ${first.message}` : (body.message ?? 'The save was refused.'),
        },
      });
    } else {
      const crowded = body.why === 'busy' && this.tries < CROWDED_TRIES;
      const wait = Math.max(reply?.againMs ?? 0, RETRY_MS[Math.min(this.tries++, RETRY_MS.length - 1)] as number);
      this.publish({
        save: crowded
          ? { state: 'waiting', crowded }
          : { state: 'failed', because: body.message ?? 'The program does not answer.', again: wait },
      });
      this.cancelTimer = this.outside.later(() => void this.saveNow(), wait);
    }
  }

  private goStale(newer: string): void {
    this.cancelTimer?.();
    this.publish({ save: { state: 'stale', newer } });
  }

  private changed(plan: Plan): void {
    this.publish({ plan });
    this.saveWhatChanged();
  }

  private saveWhatChanged(): void {
    const { plan, save } = this.getState();
    if (save.state === 'stale') {
      this.outside.keepDraft({ base: this.revision, plan });
      return;
    }
    if (this.unsaved()) this.saveSoon();
    else if (!this.inFlight) this.nothingToSave();
  }

  /** What is shown is what is stored: saved just now, or undone before it had to be. */
  private nothingToSave(): void {
    this.cancelTimer?.();
    this.cancelTimer = null;
    this.tries = 0;
    this.outside.keepDraft(null);
    this.publish({ revision: this.revision, save: { state: 'saved', at: this.savedAt } });
  }

  private saveSoon(): void {
    this.outside.keepDraft({ base: this.revision, plan: this.getState().plan });
    this.cancelTimer?.();
    this.cancelTimer = this.outside.later(() => void this.saveNow(), SAVE_AFTER_MS);
    if (!this.inFlight) this.publish({ save: { state: 'waiting' } });
  }

  private publish(change: Partial<GardenState>): void {
    this.state.setState(change);
  }
}
