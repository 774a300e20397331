import { expose } from 'comlink';
import { gridOver } from '@lignum/core/shade/shade';
import { findPlaces } from '@lignum/core/shade/positions';
import { bedSuns, compareDirections, standingOf, studySun, sunMap } from '@lignum/core/shade/study';
import type { Answering } from './newest';
import type { HoursAnswer, HoursQuestion, PlacesAnswer, PlacesQuestion } from './sun-messages';

function hoursOf({ plan, month, cellMm, standing: parts }: HoursQuestion, told: (share: number) => void): HoursAnswer {
  const there = parts && new Map(Object.entries(parts).map(([id, own]) => [id, new Set(own)]));
  const standing = standingOf(plan, there ? (id, part) => there.get(id)?.has(part) ?? false : undefined);
  if (month === 'season') {
    const study = studySun(plan, cellMm, told, standing);
    return { columns: study.grid.columns, rows: study.grid.rows, cellMm, hours: study.season, beds: study.beds, month };
  }
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

function placesOf({ plan, structure, month }: PlacesQuestion): PlacesAnswer {
  const lying = compareDirections(plan, structure, month);
  const places = findPlaces(plan, structure, month);
  return lying && places && { ...lying, better: places.better };
}

expose({
  answer: (question, told) => (question.about === 'places' ? placesOf(question) : hoursOf(question, told)),
} satisfies Answering<HoursQuestion | PlacesQuestion, HoursAnswer | PlacesAnswer>);
