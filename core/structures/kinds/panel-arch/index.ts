import { DRIVEN_WORDS } from '../../rules/depth';
import { ROW_WORDS } from '../../rules/row';
import { archReaches } from '../../../checks/arch-reaches';
import { bendSets } from '../../../checks/bend-sets';
import { feetPush } from '../../../checks/feet-push';
import { headroom } from '../../../checks/headroom';
import { passage } from '../../../checks/passage';
import { plantsFit } from '../../../checks/plants-fit';
import { holdChecks, postChecks } from '../../../checks/sets';
import { feet, inches } from '../../../quantity/length';
import { runsOf } from '../../../site/plot';
import { LEAST_DRIVEN_MM, NO_FILL } from '../../../statics/embedment';
import { SET_POST } from '../../assemblies/set-post';
import { structureKind } from '../../kind';
import { shortBy } from '../../rules/depth';
import { PANEL_ARCH_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizePanelArch } from './size';
import { BUILDING } from './steps';
import { asPlace } from '../../../site/stands/stands';

/** A panel (or hoops with mesh) bent over the way between two beds, or over a path on open ground. */
export const kind = structureKind({
  id: 'panel-arch',
  name: 'Panel arch',
  blurb: 'A panel bent over the path between two beds: nothing to saw, and the fruit hangs where it is picked.',
  purpose: 'support',
  stands: ['beds', 'spot'],
  nature: { tendingMinutes: { leaner: 1.5, climber: 0.5 }, moves: 'comes apart' },
  knobs: PANEL_ARCH_KNOBS,
  size: sizePanelArch,
  checks: ({ design, facts }, v, setting) => [
    archReaches({ ...facts, stripMm: facts.bow.lengthMm, builtMm: design.builtMm }),
    headroom({ crownMm: facts.bow.crownMm, wantedMm: facts.wantedMm, hangMm: v.hang, statureMm: facts.statureMm }),
    bendSets(facts.bend),
    feetPush({ pushN: facts.pushN, backed: asPlace(setting.place, 'beds') !== null }),
    ...postChecks(design, { soil: setting.soil, wind: setting.wind, fill: NO_FILL }),
    ...(design.hold && asPlace(setting.place, 'beds')
      ? holdChecks({ planted: setting.planted, hold: design.hold })
      : []),
    asPlace(setting.place, 'beds')
      ? plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 })
      : null,
    passage({
      runs: runsOf({ xMm: 0, yMm: 0, turnDeg: facts.runs }, setting.site.northDeg),
      highMm: facts.bow.crownMm,
    }),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, DRIVEN_WORDS, SET_POST],
  ...WORDS,
  mends: {
    'headroom.low': (v, { facts }) => ({
      solve: 'feet',
      headroom: Math.min(feet(9), Math.ceil((facts.statureMm + v.hang + inches(2.5)) / inches(1)) * inches(1)),
    }),
    'headroom.less': (v) => (v.solve === 'feet' ? null : { solve: 'feet' }),
    // Over a way too wide the feet come in from the beds and stand on the path.
    'span.far': (v) => (v.solve === 'span' ? null : { solve: 'span' }),
    'way.short': (v, { design, facts }) => {
      const fit = Math.floor(((facts.way?.lengthMm ?? 0) + 0.5) / (design.builtMm / v.count));
      return fit >= 1 && fit < v.count ? { count: fit } : null;
    },
    'depth.shallow': () => ({ depth: LEAST_DRIVEN_MM }),
    'depth.share': (v) => ({ depth: Math.min(feet(4), v.depth + inches(6)) }),
    'post.short': (v, { design }) => {
      const less = shortBy(design);
      return v.held - less >= inches(8) ? { held: v.held - less } : null;
    },
    'mesh.wide': () => null,
    'plants.too-many': (v) => (v.count < 12 ? { count: v.count + 1 } : null),
  },
});
