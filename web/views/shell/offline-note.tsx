'use client';
import { useEffect, useState } from 'react';
import { keeper } from './keep-pages';

type Kept = 'asking' | 'kept' | 'insecure' | 'not trusted';

/** Whether pages open again without a network on this device; where they do not, what that costs and how it is mended. */
export function OfflineNote() {
  const [kept, setKept] = useState<Kept>('asking');
  useEffect(() => {
    if (!window.isSecureContext || !('serviceWorker' in navigator)) {
      setKept('insecure');
      return;
    }
    const late = setTimeout(() => setKept('not trusted'), 6000);
    void keeper().then((worker) => {
      clearTimeout(late);
      setKept(worker ? 'kept' : 'not trusted');
    });
    return () => clearTimeout(late);
  }, []);
  if (kept === 'asking') return null;
  return (
    <p className="text-[0.95rem] text-soft">
      {kept === 'kept' ? (
        'Pages that you open on this device open again without a network; ticks and changes wait until there is one.'
      ) : (
        <>
          <strong className="text-ink">Without a network nothing opens here</strong>, and the screen may go dark while
          you work: this device does not trust the address.{' '}
          <a href={`http://${typeof location === 'undefined' ? '' : location.host}/`} className="text-chalk underline">
            How it comes to trust it
          </a>
          .
        </>
      )}
    </p>
  );
}
