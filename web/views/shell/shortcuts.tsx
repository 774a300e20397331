'use client';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useGarden } from './garden-context';
import { useSingleKeys, useUndoKeys } from './use-keys';

/** Fetched when it is asked for. */
const KeySheet = dynamic(() => import('./key-sheet'), { ssr: false });

/** Listens for the shortcuts and shows their sheet. */
export function Shortcuts({ open, setOpen }: { open: boolean; setOpen: (open: boolean) => void }) {
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
    p: go('/prices'),
    u: () => setUnits(units === 'imperial' ? 'metric' : 'imperial'),
    '?': () => setOpen(true),
  });

  return open && <KeySheet onClose={() => setOpen(false)} />;
}
