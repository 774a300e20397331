import { expose } from 'comlink';
import { answerRoundAll, answersFor } from '@lignum/core/choosing/keep-out';
import { rankKinds } from '@lignum/core/choosing/rank';
import { shadeTaken, weighed, weighedAnswers } from '@lignum/core/choosing/weigh';
import { shareOut, withSupports } from '@lignum/core/choosing/share-out';
import { computeGarden, computeStructure } from '@lignum/core/plan/compute';
import { cutLengths, recutOf } from '@lignum/core/work/recut';
import { weekendsOf } from '@lignum/core/work/weekends';
import { computeRemembered } from '@lignum/core/plan/remembered';
import { knownPlans } from '@lignum/core/plan/known-plans';
import { blown, standsIn, standsOf } from '@lignum/core/plan/stands';
import { kindOf, KINDS } from '@lignum/core/structures/registry';
import { bedsFor } from '@lignum/core/choosing/where';
import { beside } from '@lignum/core/ahead/whole';
import { toldKnobs } from '../words/knob-words';
import type { ChoosingAnswer, ChoosingQuestion, RecutAnswer, RecutQuestion } from './choosing-messages';
import type { Answering } from './newest';

/** One garden: the plan asked about last, so that what stands in it is worked out once for all that is asked. */
const known = knownPlans(0);

function answerTo(asked: ChoosingQuestion): ChoosingAnswer {
  const question = { ...asked, plan: known.remember('', asked.plan) };
  if (question.about === 'round all') {
    const answer = answerRoundAll(kindOf, KINDS, question.plan);
    return answer ? (weighedAnswers(question.plan, [answer])[0] ?? null) : null;
  }
  if (question.about === 'weigh') return weighed(question.plan, question.structures);
  // What is the same in the other need not be worked out again.
  if (question.about === 'beside') return beside(question.plan, known.like('', question.other), question.seasons);
  if (question.about === 'stands in') return standsIn(question.plan, question.only);
  if (question.about === 'weekends') {
    return weekendsOf(
      question.plan,
      question.plan.structures.map((one) => computeRemembered(kindOf, question.plan, one)),
      question.built,
      question.today,
    );
  }
  if (question.about === 'recut') return recut(question);
  if (question.about === 'mends') {
    const structure = question.plan.structures.find(({ id }) => id === question.structure);
    return structure
      ? {
          verdicts: computeStructure(question.plan, structure).verdicts,
          knobs: toldKnobs(kindOf(structure.kind).knobs),
        }
      : { verdicts: [], knobs: {} };
  }
  if (question.about === 'stands' || question.about === 'blown') {
    const structure = question.plan.structures.find(({ id }) => id === question.structure);
    if (!structure) return null;
    if (question.about === 'blown') return blown(question.plan, structure, question);
    return {
      ...standsOf(question.plan, structure, question.helps),
      knobs: toldKnobs(kindOf(structure.kind).knobs),
    };
  }
  if (question.about === 'shades')
    return Object.fromEntries(
      question.examples.flatMap(({ within, structure: id }) => {
        const structure = within.structures.find((one) => one.id === id);
        const shade = structure && shadeTaken(within, structure);
        return structure && shade !== undefined ? [[structure.kind, shade]] : [];
      }),
    );
  if (question.about === 'keep out')
    return weighedAnswers(question.plan, answersFor(kindOf, KINDS, question.plan, question.bed));
  if (question.about === 'kinds') return rankKinds(question.plan, question.sketches);
  if (question.about === 'wishes') return withSupports(question.plan, shareOut(question.plan, question.wishes));
  return bedsFor(question.plan, question.planting);
}

function recut({ plan, planned, structure: id, cut, ticked }: RecutQuestion): RecutAnswer {
  const structure = plan.structures.find((one) => one.id === id);
  if (!structure) return [];
  const list = computeGarden(known.like('', planned)).shopping;
  const meant = cutLengths(list, id);
  const isBuilt = new Set(ticked.built);
  return recutOf(
    id,
    computeRemembered(kindOf, plan, structure).shopping,
    list,
    {
      cutMm: new Map(
        Object.entries(cut).flatMap(([part, mm]) => {
          const long = mm ?? meant.get(part);
          return long === undefined ? [] : [[part, long] as const];
        }),
      ),
      isBuilt: (part) => isBuilt.has(part),
    },
    {
      isCut: (of, part) => ticked.cut.some((one) => one.structure === of && one.part === part),
      isBought: ({ stock, size }) => ticked.bought.some((one) => one.stock === stock && one.size === size),
      book: plan.priceBook,
      kerfMm: plan.garden.saw?.kerfMm,
    },
  );
}

expose({ answer: answerTo } satisfies Answering<ChoosingQuestion, ChoosingAnswer>);
