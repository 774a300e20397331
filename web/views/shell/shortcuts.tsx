'use client';
import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { changeGarden } from './edits';
import { useGarden } from './garden-context';
import { isSingleKey, isTyping } from './single-keys';

/** Fetched when it is asked for. */
const KeySheet = dynamic(() => import('./key-sheet'), { ssr: false });

/** Listens for the shortcuts and shows their sheet. */
export function Shortcuts({ open, setOpen }: { open: boolean; setOpen: (open: boolean) => void }) {
  const { id, store } = useGarden();
  const router = useRouter();

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const key = event.key.toLowerCase();
      if ((event.ctrlKey || event.metaKey) && (key === 'z' || key === 'y')) {
        if (isTyping(event.target) && (event.target as HTMLElement).tagName === 'TEXTAREA') return;
        event.preventDefault();
        if (key === 'y' || event.shiftKey) store.redo();
        else store.undo();
        return;
      }
      if (!isSingleKey(event)) return;
      const go: Record<string, string> = {
        g: `/g/${id}`,
        n: `/g/${id}/new`,
        b: `/g/${id}/build`,
        m: `/g/${id}/plot`,
        l: `/g/${id}/list`,
        p: `/g/${id}/prices`,
      };
      if (go[key]) router.push(go[key]);
      else if (key === 'u')
        store.edit((plan) => changeGarden({ units: plan.garden.units === 'imperial' ? 'metric' : 'imperial' })(plan));
      else if (key === '?') setOpen(true);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [id, router, setOpen, store]);

  return open && <KeySheet onClose={() => setOpen(false)} />;
}
