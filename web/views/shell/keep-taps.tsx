'use client';
import { Suspense, useCallback, useEffect, useRef, useState, type ReactNode } from 'react';
import { useGardenFirst } from './use-results';

/** Said once what it stands among has come alive. */
function Come({ onCome }: { onCome: () => void }) {
  useEffect(onCome, [onCome]);
  return null;
}

/** Where what is asked for has not been worked out yet. */
export const Working = () => (
  <main aria-busy className="mx-auto max-w-xl p-8 text-soft">
    Working out the garden…
  </main>
);

/**
 * A view that may have to wait for what is worked out elsewhere. A page from the server stays as it came until then, and
 * taps on it are kept and done when it can answer; only where nothing has come yet is it said that it waits.
 */
export function KeepTaps({ children }: { children: ReactNode }) {
  useGardenFirst();
  const element = useRef<HTMLDivElement>(null);
  const [answers, setAnswers] = useState(false);
  const come = useCallback(() => setAnswers(true), []);
  useEffect(() => {
    const here = element.current;
    if (answers || !here) return;
    const kept: HTMLElement[] = [];
    const keep = (event: MouseEvent) => {
      const on = event.target as HTMLElement;
      // A link needs nobody's answer.
      if (!here.contains(on) || on.closest('a[href]')) return;
      event.preventDefault();
      event.stopPropagation();
      kept.push(on);
    };
    // On the window: React stops a click on what has not come alive before any node hears of it.
    window.addEventListener('click', keep, true);
    return () => {
      window.removeEventListener('click', keep, true);
      for (const one of kept) if (one.isConnected) one.click();
    };
  }, [answers]);
  return (
    <div ref={element} aria-busy={!answers}>
      <Suspense fallback={<Working />}>
        {children}
        <Come onCome={come} />
      </Suspense>
    </div>
  );
}
