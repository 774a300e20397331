'use client';
import { useEffect, useState } from 'react';

/** How the screen is: kept awake, not yet, or why it cannot be. */
export type Awake = 'awake' | 'asleep' | 'not here' | 'not secure';

/** Keeps the screen awake while it is wanted, and again when one comes back to the page. */
export function useAwake(wanted: boolean): Awake {
  const [state, setState] = useState<Awake>('asleep');
  useEffect(() => {
    if (!wanted) {
      setState('asleep');
      return;
    }
    if (!window.isSecureContext) {
      setState('not secure');
      return;
    }
    if (!('wakeLock' in navigator)) {
      setState('not here');
      return;
    }
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const take = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (held) => {
          if (gone) return void held.release();
          lock = held;
          setState('awake');
          held.addEventListener('release', () => setState('asleep'));
        },
        () => setState('not here'),
      );
    };
    take();
    document.addEventListener('visibilitychange', take);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, [wanted]);
  return state;
}
