import { useEffect, useRef, useState } from 'react';
import type { LengthFault, Units } from '@lignum/core/quantity/length';
import { pressDone } from './after-press';

/** Fetched when a length is first typed, with the words for what cannot be read. */
export const besideTyping = () => import('./beside-typing');

/** So long nothing is typed before what is wrong is said: one edit tells one thing. ms. */
const PAUSE_MS = 700;

/**
 * What is typed into a field, and what is wrong with it: marked at once, said when the typing pauses or the field is
 * left. What cannot be read stays as it was written until it is mended, given up with Escape, or overtaken by a `value`
 * that comes from elsewhere. `marks` go onto the field. Decision 72.
 */
export function useDraft(
  value: number,
  id: string,
  invalid: boolean,
  onFault?: (fault: string | null) => void,
  units: Units = 'metric',
) {
  const [draft, setDraft] = useState<string | null>(null);
  const [fault, setFault] = useState<string | LengthFault | null>(null);
  const latest = useRef(fault);
  const [said, setSaid] = useState<string | null>(null);
  const pause = useRef<ReturnType<typeof setTimeout>>(undefined);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => () => clearTimeout(pause.current), []);
  const say = (next: typeof fault) => {
    clearTimeout(pause.current);
    const put = (words: string | null) => {
      setSaid(words);
      onFault?.(words);
    };
    if (next === null) return put(null);
    void besideTyping().then(async ({ sayLengthFault }) => {
      await pressDone();
      // By then it may be mended.
      if (latest.current === next) put(typeof next === 'string' ? next : sayLengthFault(next, units));
    });
  };
  const tell = (next: typeof fault) => {
    latest.current = next;
    setFault(next);
    clearTimeout(pause.current);
    if (next === null) say(null);
    else pause.current = setTimeout(() => say(next), PAUSE_MS);
  };
  /** As it stands, nothing typed. */
  const tidy = () => {
    setDraft(null);
    tell(null);
  };
  useEffect(() => {
    if (fault && field.current !== document.activeElement) tidy();
    // Only when it is changed elsewhere.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [value]);
  return {
    draft,
    setDraft,
    said,
    tell,
    tidy,
    /** The field is left, or Enter is pressed: what is wrong is said now. */
    settle: () => (fault ? say(fault) : setDraft(null)),
    marks: {
      ref: field,
      'data-unread': fault ? '' : undefined,
      'aria-invalid': invalid || fault !== null,
      'aria-describedby': invalid || said ? `${id}-fault` : undefined,
    },
  };
}
