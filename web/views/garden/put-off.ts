'use client';
import { useSyncExternalStore } from 'react';

/** What somebody has put off, by garden, on this device: it is not asked again. */
const keyOf = (garden: string): string => `lignum-put-off-${garden}`;
const MOST = 200;

const none: readonly string[] = [];
const read = new Map<string, readonly string[]>();
const heard = new Set<() => void>();

function of(garden: string): readonly string[] {
  const known = read.get(garden);
  if (known) return known;
  let kept: readonly string[] = none;
  try {
    const said: unknown = JSON.parse(localStorage.getItem(keyOf(garden)) ?? '[]');
    if (Array.isArray(said)) kept = said.filter((one) => typeof one === 'string');
  } catch {
    // A forbidden store, or one that holds something else: nothing was put off.
  }
  read.set(garden, kept);
  return kept;
}

function add(garden: string, step: string): void {
  const next = [...of(garden).filter((one) => one !== step), step].slice(-MOST);
  read.set(garden, next);
  try {
    localStorage.setItem(keyOf(garden), JSON.stringify(next));
  } catch {
    // A forbidden store: it is put off as long as the page is open.
  }
  for (const tell of heard) tell();
}

const subscribe = (tell: () => void): (() => void) => {
  heard.add(tell);
  return () => heard.delete(tell);
};

/** The steps of a garden that were put off, and a way to put off another. */
export function usePutOff(garden: string): { off: readonly string[]; putOff: (step: string) => void } {
  const off = useSyncExternalStore(
    subscribe,
    () => of(garden),
    () => none,
  );
  return { off, putOff: (step) => add(garden, step) };
}
