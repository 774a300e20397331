import { expose } from 'comlink';
import { rankKinds } from '@lignum/core/choosing/rank';
import { shareOut } from '@lignum/core/choosing/share-out';
import { rankBeds } from '@lignum/core/choosing/where';
import { cropIn } from '@lignum/core/crops/book';
import { trainingOf } from '@lignum/core/crops/table';
import type { BedsAnswer, ChoosingQuestion, KindsAnswer, WishesAnswer } from './choosing-messages';
import type { Answering } from './newest';

function answerTo(question: ChoosingQuestion): KindsAnswer | BedsAnswer | WishesAnswer {
  if (question.about === 'kinds') return rankKinds(question.plan, question.sketches);
  if (question.about === 'wishes') return shareOut(question.plan, question.wishes);
  const crop = cropIn(question.plan.crops, question.planting.crop);
  return rankBeds(question.plan, crop, trainingOf(crop, question.planting.training), question.planting.count);
}

expose({ answer: answerTo } satisfies Answering<ChoosingQuestion, KindsAnswer | BedsAnswer | WishesAnswer>);
