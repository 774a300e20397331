import type { Listed } from '../../../design/listed';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { dayAtHeight } from '../../../growth/growth';
import { monthDayOf } from '../../../site/sun/season';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { type BedSetting } from '../../setting';
import { leadPlant } from '../../../crops/planted';
import { passHeights } from './passes';
import type { WeaveValues } from './size';
import { clearing } from '../../rules/clearing';

/** Posts, then plants; the twine comes as they grow. */
function steps(design: Design, v: WeaveValues): Listed<StatedStep> {
  const posts = design.posts.length;
  const buried = { mm: Math.min(...design.posts.map((post) => post.buriedMm)) };
  return [
    { what: fact('step.line', { posts, row: { mm: design.builtMm } }) },
    { what: fact('step.drive', { depth: buried }), caution: fact('care.driving') },
    { what: fact('step.plant') },
    v.way === 'sandwich'
      ? { what: fact('step.pass', { first: { mm: v.firstPass }, every: { mm: v.passEvery } }) }
      : { what: fact('step.strings', { first: { mm: v.firstPass }, every: { mm: v.passEvery } }) },
  ];
}

/** Each pass on the day the tallest of the plants is expected to reach a hand above it. */
function season(_design: Design, v: WeaveValues, setting: BedSetting): Listed<SeasonNote> {
  const lead = leadPlant(setting);
  const passes =
    v.way === 'ladder'
      ? []
      : passHeights(v.firstPass, v.passEvery, v.height).map((up, i): SeasonNote => {
          const day = lead ? dayAtHeight(lead.crop, up, setting.site) : null;
          return {
            on: day === null ? null : monthDayOf(day),
            what: fact('season.pass', { pass: i + 1, up: { mm: up } }),
          };
        });
  return [
    ...passes,
    { on: null, what: fact('season.tuck') },
    ...clearing(setting, v.twine === 'natural' ? 'season.compost' : 'season.unpick'),
  ];
}

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.line': { uses: ['line', 'pegs', 'tape', 'chalk'] },
  'step.drive': { adds: ['post', 'stake'], uses: ['driver', 'level', 'gloves', 'goggles', 'muffs', 'tape'] },
  'step.plant': { uses: [] },
  'step.pass': { adds: ['pass'], uses: ['knife', 'tape'] },
  'step.strings': { adds: ['pass'], uses: ['knife', 'tape'] },
};

export const BUILDING = { steps, doings, season };
