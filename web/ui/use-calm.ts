'use client';
import { useEffect, useState } from 'react';
import { CALM_MS } from './calm';

/** Whether a page has been there for a while: what nobody waits for begins then. */
export function useCalm(): boolean {
  const [isCalm, setCalm] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setCalm(true), CALM_MS);
    return () => clearTimeout(timer);
  }, []);
  return isCalm;
}
