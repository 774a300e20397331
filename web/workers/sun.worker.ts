import { expose } from 'comlink';
import { gridOver } from '@lignum/core/shade/shade';
import { findPlaces } from '@lignum/core/shade/positions';
import { bedSuns, standingOf, studySun, sunMap } from '@lignum/core/shade/study';
import type { Answering } from './newest';
import type { HoursAnswer, HoursQuestion, PlacesAnswer, PlacesQuestion } from './sun-messages';

function hoursOf({ plan, month, cellMm }: HoursQuestion, told: (share: number) => void): HoursAnswer {
  if (month === 'season') {
    const study = studySun(plan, cellMm, told);
    return { columns: study.grid.columns, rows: study.grid.rows, cellMm, hours: study.season, beds: study.beds, month };
  }
  const standing = standingOf(plan);
  const grid = gridOver(plan.site.widthMm, plan.site.depthMm, cellMm);
  return {
    columns: grid.columns,
    rows: grid.rows,
    cellMm,
    hours: sunMap(plan, standing, grid, month),
    beds: bedSuns(plan, standing, plan.beds, month),
    month,
  };
}

expose({
  answer: (question, told) =>
    question.about === 'places'
      ? findPlaces(question.plan, question.structure, question.month)
      : hoursOf(question, told),
} satisfies Answering<HoursQuestion | PlacesQuestion, HoursAnswer | PlacesAnswer>);
