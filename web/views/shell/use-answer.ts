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
 * Puts a question to a worker of its own, begun with the first, and keeps the newest answer; nothing is asked while the
 * question is null. A worker that cannot be fetched is waited for. `make` and the question have to stay the same object while they mean the same.
 */
export function useAnswer<Question extends object, Answer>(
  make: () => Worker,
  question: Question | null,
): Answered<Question, Answer> {
  const asked = useRef<{ ask(question: Question): void; leave(): void } | null>(null);
  const [heard, setHeard] = useState<Answered<Question, Answer>>({ answer: null, of: null, share: null });
  const [failed, setFailed] = useState<string | null>(null);
  const [tries, setTries] = useState(0);

  useEffect(
    () => () => {
      asked.current?.leave();
      asked.current = null;
    },
    [make],
  );

  useEffect(() => {
    if (!question) return;
    const begin = () => {
      const worker = make();
      const remote = wrap(worker) as unknown as Remotely<Answering<Question, Answer>>;
      const told = proxy((share: number) => setHeard((now) => ({ ...now, share })));
      const desk = askNewest<Question>((next) => {
        void remote.answer(next, told).then(
          (answer) => setHeard({ answer, of: desk.answered(), share: null }),
          (error: unknown) => setFailed(error instanceof Error ? error.message : String(error)),
        );
      });
      worker.onerror = (event) => {
        if (navigator.onLine && event.message) return setFailed(event.message);
        // Its script could not be fetched: it is begun anew once there is a network, and the page goes on without.
        worker.terminate();
        asked.current = null;
        window.addEventListener('online', () => setTries((many) => many + 1), { once: true });
      };
      return { ask: (next: Question) => desk.ask(next), leave: () => worker.terminate() };
    };
    asked.current ??= begin();
    asked.current.ask(question);
  }, [make, question, tries]);

  if (failed) throw new Error(failed);
  return heard;
}
