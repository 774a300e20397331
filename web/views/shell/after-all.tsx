'use client';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { useGarden } from './garden-context';

const WhenCalm = dynamic(() => import('./when-calm'), { ssr: false });

/** What nobody waits for is fetched so long after the page has come alive. ms. */
const CALM_MS = 2500;

/** What a garden does after everything that is waited for. */
export function AfterAll() {
  const { store } = useGarden();
  const [isCalm, setCalm] = useState(false);
  useEffect(() => {
    const calm = () => setCalm(true);
    const timer = setTimeout(calm, CALM_MS);
    // With the first edit at once: undo has to be kept as the page goes.
    const edited = store.history.subscribe(calm);
    return () => {
      clearTimeout(timer);
      edited();
    };
  }, [store]);
  return isCalm && <WhenCalm />;
}
