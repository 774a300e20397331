'use client';
import { useEffect, useRef, useState } from 'react';
import { askNewest, type Reply } from '../../workers/newest';

/** The newest answer there is, the question it answers, and how far the next one is. */
export interface Answered<Question, Answer> {
  answer: Answer | null;
  of: Question | null;
  share: number | null;
}

/**
 * Puts a question to a worker of its own and keeps the newest answer; nothing is asked while the
 * question is null. `make` and the question have to stay the same object while they mean the same.
 */
export function useAnswer<Question extends object, Answer>(
  make: () => Worker,
  question: Question | null,
): Answered<Question, Answer> {
  const desk = useRef<ReturnType<typeof askNewest<Question>> | null>(null);
  const [heard, setHeard] = useState<Answered<Question, Answer>>({ answer: null, of: null, share: null });
  const [failed, setFailed] = useState<string | null>(null);

  useEffect(() => {
    const worker = make();
    const mine = askNewest<Question>((next) => worker.postMessage(next));
    desk.current = mine;
    worker.onmessage = ({ data }: MessageEvent<Reply<Answer>>) => {
      if (data.part === 'progress') return setHeard((now) => ({ ...now, share: data.share }));
      setHeard({ answer: data.answer, of: mine.answered(), share: null });
    };
    worker.onerror = (event) => setFailed(event.message);
    return () => {
      worker.terminate();
      desk.current = null;
    };
  }, [make]);

  useEffect(() => {
    if (question) desk.current?.ask(question);
  }, [question]);

  if (failed) throw new Error(failed);
  return heard;
}
