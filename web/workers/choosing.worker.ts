import { expose } from 'comlink';
import { answerRoundAll, answersFor } from '@lignum/core/choosing/kept-out';
import { rankKinds } from '@lignum/core/choosing/rank';
import { shareOut, withSupports } from '@lignum/core/choosing/share-out';
import { kindOf, KINDS } from '@lignum/core/structures/registry';
import { bedsFor } from '@lignum/core/choosing/where';
import type { ChoosingAnswer, ChoosingQuestion } from './choosing-messages';
import type { Answering } from './newest';

function answerTo(question: ChoosingQuestion): ChoosingAnswer {
  if (question.about === 'round all') return answerRoundAll(kindOf, KINDS, question.plan);
  if (question.about === 'keep out') return answersFor(kindOf, KINDS, question.plan, question.bed);
  if (question.about === 'kinds') return rankKinds(question.plan, question.sketches);
  if (question.about === 'wishes') return withSupports(question.plan, shareOut(question.plan, question.wishes));
  return bedsFor(question.plan, question.planting);
}

expose({ answer: answerTo } satisfies Answering<ChoosingQuestion, ChoosingAnswer>);
