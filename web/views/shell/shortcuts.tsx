'use client';
import { useRouter } from 'next/navigation';
import { useGarden } from './garden-context';
import { useSingleKeys, useUndoKeys } from './use-keys';
import { part } from '../../ui/part';

/** Fetched when they are asked for. */
const FindAnything = part(() => import('./find-anything'));
const KeySheet = part(() => import('./key-sheet'));

/** Listens for the shortcuts, and shows their sheet or what anything is found by. */
export function Shortcuts({
  open,
  setOpen,
}: {
  open: 'keys' | 'find' | null;
  setOpen: (open: 'keys' | 'find' | null) => void;
}) {
  const { id, store, units, setUnits } = useGarden();
  const router = useRouter();

  const go = (path: string) => () => router.push(`/g/${id}${path}`);
  useUndoKeys(
    () => store.undo(),
    () => store.redo(),
  );
  useSingleKeys({
    g: go(''),
    n: go('/new'),
    b: go('/build'),
    l: go('/list'),
    w: go('/weekends'),
    p: go('/prices'),
    u: () => setUnits(units === 'imperial' ? 'metric' : 'imperial'),
    '/': () => setOpen('find'),
    '?': () => setOpen('keys'),
  });

  if (open === 'keys') return <KeySheet onClose={() => setOpen(null)} />;
  return open === 'find' && <FindAnything onClose={() => setOpen(null)} onKeys={() => setOpen('keys')} />;
}
