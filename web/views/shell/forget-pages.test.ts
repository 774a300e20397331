import { afterEach, expect, it, vi } from 'vitest';
import { forgetPages } from './forget-pages';

afterEach(() => vi.unstubAllGlobals());

it('lets go of everything that was kept of gardens, and of nothing else that lies in the store', async () => {
  const stores = new Set(['lignum-pages-1', 'lignum-parts-1', 'lignum-pages-0', 'of another program']);
  const caches = {
    keys: () => Promise.resolve([...stores]),
    delete: (name: string) => Promise.resolve(stores.delete(name)),
  };
  vi.stubGlobal('window', { caches });
  vi.stubGlobal('caches', caches);
  await forgetPages();
  expect([...stores]).toEqual(['of another program']);
});

it('does nothing where a browser keeps nothing', async () => {
  vi.stubGlobal('window', {});
  await expect(forgetPages()).resolves.toBeUndefined();
});
