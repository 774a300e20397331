'use client';
import { useEffect } from 'react';
import { keepSteps, stepsKept } from '../../kept/undo-kept';
import { useGarden } from './garden-context';
import { NoticeLine } from './notice-line';
import { KeepPages } from './keep-pages';
import { doWait } from '../photos/photos-wait';
import { fetchBanner } from './save-note';
import { firstOf, stepsOf, takeSteps } from './undo-steps';

/** What a garden does once its page is alive and nobody waits for it: undo goes on where it was before a reload, what was done is told with its way back, pages are kept, and what is said of a save that fails is there. */
export default function WhenCalm() {
  const { id, store } = useGarden();
  useEffect(() => {
    const steps = stepsKept(id, firstOf(store));
    if (steps) takeSteps(store, steps);
    const keep = () => keepSteps(id, stepsOf(store));
    window.addEventListener('pagehide', keep);
    return () => window.removeEventListener('pagehide', keep);
  }, [id, store]);
  // Photos that were taken without a signal go out as soon as there is one, whatever is looked at.
  useEffect(() => {
    const send = () => {
      if (doWait(id))
        void import('../photos/photo-outside').then(({ photoBookOf }) => photoBookOf(id).sync()).catch(() => undefined);
    };
    send();
    window.addEventListener('online', send);
    return () => window.removeEventListener('online', send);
  }, [id]);
  useEffect(() => void fetchBanner().catch(() => undefined), []);
  return (
    <>
      <NoticeLine />
      <KeepPages />
    </>
  );
}
