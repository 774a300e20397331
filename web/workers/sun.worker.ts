import { gridOver } from '@lignum/core/site/sun/shade';
import { bedSun, standingOf, studySun, sunMap } from '@lignum/core/site/sun/study';
import type { SunQuestion, SunReply } from './sun-messages';

const say = (reply: SunReply): void => postMessage(reply);

/** Answers the newest question; the page drops answers to older ones. */
onmessage = ({ data }: MessageEvent<SunQuestion>) => {
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
