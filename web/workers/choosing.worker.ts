import { expose } from 'comlink';
import { rankKinds } from '@lignum/core/choosing/rank';
import { shareOut, withSupports } from '@lignum/core/choosing/share-out';
import { bedsFor } from '@lignum/core/choosing/where';
import type { BedsAnswer, ChoosingQuestion, KindsAnswer, WishesAnswer } from './choosing-messages';
import type { Answering } from './newest';

function answerTo(question: ChoosingQuestion): KindsAnswer | BedsAnswer | WishesAnswer {
  if (question.about === 'kinds') return rankKinds(question.plan, question.sketches);
  if (question.about === 'wishes') return withSupports(question.plan, shareOut(question.plan, question.wishes));
  return bedsFor(question.plan, question.planting);
}

expose({ answer: answerTo } satisfies Answering<ChoosingQuestion, KindsAnswer | BedsAnswer | WishesAnswer>);
