import { gridOver } from '@lignum/core/site/sun/shade';
import { findPlaces } from '@lignum/core/site/sun/positions';
import { bedSun, standingOf, studySun, sunMap } from '@lignum/core/site/sun/study';
import type { PlacesQuestion, SunQuestion, SunReply } from './sun-messages';

const say = (reply: SunReply): void => postMessage(reply);

/** Answers the newest question; the page drops answers to older ones. */
onmessage = ({ data }: MessageEvent<SunQuestion | PlacesQuestion>) => {
  if ('places' in data) return say({ ask: data.ask, part: 'places', positions: findPlaces(data.plan, data.places.structure, data.places.month) });
  const { ask, plan, month, cellMm } = data;
  if (month === 'season') {
    const study = studySun(plan, cellMm, (share) => say({ ask, part: 'progress', share }));
    return say({ ask, part: 'answer', columns: study.grid.columns, rows: study.grid.rows, cellMm, hours: study.season, beds: study.beds, month });
  }
  const standing = standingOf(plan);
  const grid = gridOver(plan.site.widthMm, plan.site.depthMm, cellMm);
  const hours = sunMap(plan, standing, grid, month);
  say({ ask, part: 'answer', columns: grid.columns, rows: grid.rows, cellMm, hours, beds: plan.beds.map((bed) => bedSun(plan, standing, bed, month)), month });
};
