// @vitest-environment happy-dom
import { Profiler, type ReactNode } from 'react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { after, mount } from '../../ui/mount.fixture';
import { changeBed } from './edits';
import { GardenProvider, useGarden, useHistory, useSaving } from './garden-context';
import type { GardenStore } from './garden-store';

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('fetch', () =>
    Promise.resolve(new Response(JSON.stringify({ revision: 2, savedAt: '2026-06-01T10:00:00Z' }), { status: 200 })),
  );
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

let store: GardenStore | null = null;
function Drawing() {
  const { plan, store: here } = useGarden();
  store = here;
  return <p>{plan.beds[0]?.name}</p>;
}
function Note() {
  return <p>{useSaving((state) => state.save.state)}</p>;
}
function Arrows() {
  const { canUndo, canRedo } = useHistory();
  return (
    <p>
      {String(canUndo)} {String(canRedo)}
    </p>
  );
}

it('a save draws its own note again and nothing else; an edit draws what shows the plan once', async () => {
  const drawn = { drawing: 0, note: 0, arrows: 0 };
  const counted = (id: keyof typeof drawn, child: ReactNode) => (
    <Profiler id={id} onRender={() => void drawn[id]++}>
      {child}
    </Profiler>
  );
  const place = await mount(
    <GardenProvider
      id="g"
      plan={DEMO_PLAN}
      revision={1}
      savedAt="2026-06-01T09:00:00Z"
      said={[]}
      on="desk"
      ownUnits={null}
    >
      {counted('drawing', <Drawing />)}
      {counted('note', <Note />)}
      {counted('arrows', <Arrows />)}
    </GardenProvider>,
  );
  const before = { ...drawn };
  await after(() => store?.edit(changeBed('long-bed', { name: 'Longer bed' })));
  expect(drawn.drawing - before.drawing).toBe(1);
  const edited = { ...drawn };
  await after(() => vi.advanceTimersByTimeAsync(2000));
  expect(place.textContent).toContain('saved');
  expect(drawn.note - edited.note).toBeGreaterThanOrEqual(1);
  expect([drawn.drawing, drawn.arrows]).toEqual([edited.drawing, edited.arrows]);
});
