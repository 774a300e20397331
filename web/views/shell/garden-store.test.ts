import { beforeEach, describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import type { Plan } from '@lignum/core/plan/plan';
import { leadingTo, packed, unpacked } from '../../kept/undo-kept';
import { changeBed, removeBed } from './edits';
import { changeGarden } from './ground-edits';
import { firstOf, stepsOf, takeSteps } from './undo-steps';
import { GardenStore, type Outside, type SaveAnswer } from './garden-store';

/** An outside that is driven by hand: a clock, a server of one garden, a drawer for drafts. */
class Bench implements Outside {
  clock = 0;
  server: { revision: number; plan: Plan; savedAs: string | null } = { revision: 1, plan: DEMO_PLAN, savedAs: null };
  answers: 'well' | 'not at all' | 'refusing' | 'lost' | 'crowded' = 'well';
  private names = 0;
  draft: { base: number; plan: Plan } | null = null;
  loads = 0;
  private timers: { at: number; run: () => void }[] = [];

  newName() {
    return `save-${++this.names}`;
  }
  put(base: number, plan: Plan, as: string, unanswered: readonly string[]): Promise<SaveAnswer> {
    if (this.answers === 'crowded')
      return Promise.resolve({ status: 503, body: { message: 'Much to do.', why: 'busy' }, againMs: 4000 });
    if (this.answers === 'not at all') return Promise.reject(new Error('no route'));
    if (this.answers === 'refusing')
      return Promise.resolve({ status: 422, body: { faults: [{ path: '/garden/name', message: 'is empty' }] } });
    const { revision, savedAs } = this.server;
    const again = savedAs === as;
    if (!again && base !== revision && !(savedAs && unanswered.includes(savedAs)))
      return Promise.resolve({ status: 409, body: { revision, savedAt: 'later' } });
    if (!again) this.server = { revision: revision + 1, plan, savedAs: as };
    // It has arrived, and its answer has not.
    if (this.answers === 'lost') return Promise.reject(new Error('cut off'));
    return Promise.resolve({ status: 200, body: { revision: this.server.revision, savedAt: 'now' } });
  }
  newestRevision() {
    const { revision, savedAs } = this.server;
    return Promise.resolve({ revision, savedAt: 'later', savedAs });
  }
  keepDraft(draft: { base: number; plan: Plan } | null) {
    this.draft = draft;
  }
  loadAgain() {
    this.loads++;
  }
  now() {
    return this.clock;
  }
  later(run: () => void, ms: number) {
    const timer = { at: this.clock + ms, run };
    this.timers.push(timer);
    return () => {
      this.timers = this.timers.filter((one) => one !== timer);
    };
  }
  async wait(ms: number) {
    this.clock += ms;
    const due = this.timers.filter((timer) => timer.at <= this.clock);
    this.timers = this.timers.filter((timer) => timer.at > this.clock);
    due.forEach((timer) => timer.run());
    for (let i = 0; i < 10; i++) await Promise.resolve();
  }
}

const rename = (name: string) => changeGarden({ name });

describe('the garden a tab works on', () => {
  let outside: Bench;
  let store: GardenStore;
  const name = () => store.getState().plan.garden.name;
  beforeEach(() => {
    outside = new Bench();
    store = new GardenStore(outside, DEMO_PLAN, 1, 'before');
  });

  it('knows a save of its own whose answer was lost: said again it is saved once, and what was edited meanwhile follows it', async () => {
    outside.answers = 'lost';
    store.edit(rename('arrived'));
    await outside.wait(600);
    expect([outside.server.revision, store.getState().save.state]).toEqual([2, 'failed']);
    await store.lookForNewer();
    expect(store.getState().save.state).toBe('failed');
    store.edit(rename('edited since'));
    await outside.wait(600);
    expect([outside.server.revision, outside.server.plan.garden.name]).toEqual([3, 'edited since']);
    outside.answers = 'well';
    await outside.wait(10_000);
    expect([outside.server.revision, store.getState().save.state, store.unsaved()]).toEqual([3, 'saved', false]);
    store.edit(rename('and on'));
    await outside.wait(600);
    expect([outside.server.revision, outside.server.plan.garden.name]).toEqual([4, 'and on']);
    // Another tab's is another's all the same.
    outside.server = { ...outside.server, revision: 9, savedAs: 'of another' };
    await store.lookForNewer();
    expect(store.getState().save.state).toBe('stale');
  });

  it('saves by itself, once for a burst of edits, and keeps a draft until it is safe', async () => {
    store.edit(rename('A'), 'name');
    store.edit(rename('AB'), 'name');
    expect(outside.draft?.plan.garden.name).toBe('AB');
    expect(outside.server.revision).toBe(1);
    await outside.wait(1000);
    expect([
      outside.server.revision,
      outside.server.plan.garden.name,
      store.getState().save.state,
      outside.draft,
    ]).toEqual([2, 'AB', 'saved', null]);
  });

  it('undoes typing in one field as one step, redoes it, and saves both', async () => {
    store.edit(rename('A'), 'name');
    store.edit(rename('AB'), 'name');
    store.edit(removeBed('long-bed'));
    store.undo();
    expect(store.getState().plan.beds).toHaveLength(DEMO_PLAN.beds.length);
    store.undo();
    expect([name(), store.history.getState().pastStates.length > 0]).toEqual([DEMO_PLAN.garden.name, false]);
    store.redo();
    expect(name()).toBe('AB');
    await outside.wait(1000);
    expect(outside.server.plan.garden.name).toBe('AB');
  });

  it('shows a failed save, keeps what was typed, and tries again until it is saved', async () => {
    outside.answers = 'not at all';
    store.edit(rename('kept'));
    await outside.wait(1000);
    expect(store.getState().save).toMatchObject({ state: 'failed' });
    expect([name(), outside.draft?.plan.garden.name]).toEqual(['kept', 'kept']);
    outside.answers = 'well';
    await outside.wait(2500);
    expect([store.getState().save.state, outside.server.plan.garden.name]).toEqual(['saved', 'kept']);
  });

  it('waits quietly, as long as it is told, for a server that has much to do; after a while it says that nothing is saved', async () => {
    outside.answers = 'crowded';
    store.edit(rename('kept'));
    await outside.wait(1000);
    expect(store.getState().save).toEqual({ state: 'waiting', crowded: true });
    // Not before the four seconds that it was asked to wait.
    outside.answers = 'well';
    await outside.wait(3900);
    expect(outside.server.revision).toBe(1);
    await outside.wait(200);
    expect([store.getState().save.state, outside.server.plan.garden.name]).toEqual(['saved', 'kept']);
    outside.answers = 'crowded';
    store.edit(rename('kept too'));
    for (let tries = 0; tries < 4; tries++) await outside.wait(10_000);
    expect(store.getState().save).toMatchObject({ state: 'failed', because: 'Much to do.' });
    outside.answers = 'well';
    await outside.wait(30_000);
    expect(outside.server.plan.garden.name).toBe('kept too');
  });

  it('says what the door refused, and saves once that is mended', async () => {
    outside.answers = 'refusing';
    store.edit(rename(''));
    await outside.wait(1000);
    expect(store.getState().save).toEqual({ state: 'refused', because: '/garden/name is empty' });
    outside.answers = 'well';
    store.edit(rename('fine'));
    await outside.wait(1000);
    expect(outside.server.plan.garden.name).toBe('fine');
  });

  it('is saved again when what was not yet, or could not be, saved is undone', async () => {
    for (const answers of ['well', 'refusing', 'not at all'] as const) {
      outside.answers = answers;
      store.edit(rename('undone'));
      if (answers !== 'well') await outside.wait(1000);
      store.undo();
      expect(store.getState().save, answers).toEqual({ state: 'saved', at: 'before' });
      await outside.wait(60_000);
      expect([store.getState().save.state, outside.server.revision, outside.draft]).toEqual(['saved', 1, null]);
    }
  });

  it('is told of a newer save by another tab, before or while saving, and never overwrites it', async () => {
    outside.server = { revision: 5, plan: rename('theirs')(DEMO_PLAN), savedAs: null };
    store.edit(rename('mine'));
    await outside.wait(1000);
    expect(store.getState().save).toEqual({ state: 'stale', newer: 'later' });
    store.edit(changeBed('long-bed', { name: 'more of mine' }));
    await outside.wait(60_000);
    expect(outside.server.plan.garden.name).toBe('theirs');
    expect(outside.draft?.plan.beds[0]?.name).toBe('more of mine');

    const quiet = new GardenStore(outside, DEMO_PLAN, 1, 'before');
    await quiet.lookForNewer();
    expect(quiet.getState().save.state).toBe('stale');
  });

  it('takes up a draft that an earlier tab left, unless the garden has moved on', async () => {
    store.takeDraft({ base: 1, plan: rename('left over')(DEMO_PLAN) });
    await outside.wait(1000);
    expect(outside.server.plan.garden.name).toBe('left over');
    const late = new GardenStore(outside, outside.server.plan, 2, 'before');
    late.takeDraft({ base: 1, plan: rename('too late')(DEMO_PLAN) });
    await outside.wait(60_000);
    expect([late.getState().save.state, outside.server.plan.garden.name]).toEqual(['stale', 'left over']);
  });

  it('is loaded again where it was drawn before the last save arrived, unless it was worked on since', async () => {
    const drawn = () => new GardenStore(outside, DEMO_PLAN, 1, 'before');
    await drawn().wake();
    expect(outside.loads).toBe(0);
    outside.server = { revision: 2, plan: rename('arrived late')(DEMO_PLAN), savedAs: 'the page before' };
    const worked = drawn();
    worked.edit(rename('mine'));
    await worked.wake();
    expect([outside.loads, worked.getState().plan.garden.name]).toEqual([0, 'mine']);
    await drawn().wake();
    expect(outside.loads).toBe(1);
  });

  it('undoes and redoes over a reload what it did before, and nothing where another plan has come meanwhile', () => {
    for (const name of ['one', 'two', 'three']) store.edit(rename(name));
    store.undo();
    const kept = unpacked(packed(stepsOf(store)));
    if (!kept) throw new Error('the steps cannot be read');
    const again = new GardenStore(outside, structuredClone(kept.present), 2, 'now');
    const steps = leadingTo(again.getState().plan, kept);
    if (steps) takeSteps(again, steps);
    const named = (): string => again.getState().plan.garden.name;
    again.undo();
    expect(named()).toBe('one');
    again.undo();
    expect(named()).toBe(DEMO_PLAN.garden.name);
    for (let i = 0; i < 5; i++) again.redo();
    expect(named()).toBe('three');
    // What was done before they were there stays, and they come before it.
    const quick = new GardenStore(outside, structuredClone(kept.present), 2, 'now');
    quick.edit(rename('at once'));
    expect(leadingTo(firstOf(quick), kept)).not.toBeNull();
    takeSteps(quick, kept);
    for (const name of ['two', 'one', DEMO_PLAN.garden.name]) {
      quick.undo();
      expect(quick.getState().plan.garden.name).toBe(name);
    }
    expect(leadingTo(rename('elsewhere')(DEMO_PLAN), kept)).toBeNull();
  });
});
