/**
 * Hands questions to somebody who answers one at a time. While one is being answered only the newest
 * waits: those between are never asked. `answered` has to be called after each answer. Decision 45.
 */
export function askNewest<Question>(hand: (question: Question) => void): {
  ask(question: Question): void;
  answered(): Question;
} {
  let asked: { question: Question } | null = null;
  let waiting: { question: Question } | null = null;
  const send = (next: { question: Question }): void => {
    asked = next;
    hand(next.question);
  };
  return {
    ask(question) {
      if (asked) waiting = { question };
      else send({ question });
    },
    answered() {
      if (!asked) throw new Error('Nothing was asked: call `answered` once for each answer.');
      const { question } = asked;
      asked = null;
      if (waiting) send(waiting);
      waiting = null;
      return question;
    },
  };
}

/** What a worker offers the page, by comlink: an answer, told on the way how far it is. */
export interface Answering<Question, Answer> {
  answer(question: Question, told: (share: number) => void): Answer;
}
