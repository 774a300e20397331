import { gridOver } from '@lignum/core/shade/shade';
import { findPlaces } from '@lignum/core/shade/positions';
import { bedSun, standingOf, studySun, sunMap } from '@lignum/core/shade/study';
import type { Reply } from './newest';
import type { HoursAnswer, HoursQuestion, PlacesAnswer, PlacesQuestion } from './sun-messages';

const say = (reply: Reply<HoursAnswer | PlacesAnswer>): void => postMessage(reply);

function hoursOf({ plan, month, cellMm }: HoursQuestion): HoursAnswer {
  if (month === 'season') {
    const study = studySun(plan, cellMm, (share) => say({ part: 'progress', share }));
    return { columns: study.grid.columns, rows: study.grid.rows, cellMm, hours: study.season, beds: study.beds, month };
  }
  const standing = standingOf(plan);
  const grid = gridOver(plan.site.widthMm, plan.site.depthMm, cellMm);
  return {
    columns: grid.columns,
    rows: grid.rows,
    cellMm,
    hours: sunMap(plan, standing, grid, month),
    beds: plan.beds.map((bed) => bedSun(plan, standing, bed, month)),
    month,
  };
}

onmessage = ({ data }: MessageEvent<HoursQuestion | PlacesQuestion>) =>
  say({
    part: 'answer',
    answer: data.about === 'places' ? findPlaces(data.plan, data.structure, data.month) : hoursOf(data),
  });
