'use client';
import { useEffect, useRef, useState } from 'react';
import { proxy, wrap } from 'comlink';
import { askNewest, type Answering } from '../../workers/newest';

/** The same, answered from elsewhere. */
interface Remotely<There extends Answering<never, unknown>> {
  answer(...asked: Parameters<There['answer']>): Promise<ReturnType<There['answer']>>;
}

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
    const remote = wrap(worker) as unknown as Remotely<Answering<Question, Answer>>;
    const told = proxy((share: number) => setHeard((now) => ({ ...now, share })));
    const mine = askNewest<Question>((next) => {
      void remote.answer(next, told).then(
        (answer) => setHeard({ answer, of: mine.answered(), share: null }),
        (error: unknown) => setFailed(error instanceof Error ? error.message : String(error)),
      );
    });
    desk.current = mine;
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
