import { bendSets } from '../../../checks/bend-sets';
import { coverClear } from '../../../checks/cover-clear';
import { coverKeeps } from '../../../checks/cover-keeps';
import { coverLight } from '../../../checks/cover-light';
import { coverOpens } from '../../../checks/cover-opens';
import { hoopShape } from '../../../checks/hoop-shape';
import { hoopsApart } from '../../../checks/hoops-apart';
import { plantsFit } from '../../../checks/plants-fit';
import { postLength } from '../../../checks/post-length';
import { reachAcross } from '../../../checks/reach-across';
import { rowInBed } from '../../../checks/row-in-bed';
import { stockOf } from '../../../catalogue/catalogue';
import { closedBy } from '../../../site/visitors';
import { netNeeds } from '../../../site/net-needs';
import { feet, inches } from '../../../quantity/length';
import { dayAtHeight, monthDayOf } from '../../../site/sun/season';
import { structureKind } from '../../kind';
import { coverFor, firstToOpen } from '../../rules/covering';
import { ROW_MENDS } from '../../rules/row';
import { wholeStep } from '../../rules/tidy';
import { shortBy } from '../../rules/depth';
import { isOffered } from '../../setting';
import { CLEAR_MM, HOOP_TUNNEL_KNOBS } from './knobs';
import { HOOP_TUNNEL_NAMES } from './names';
import { HOOP_TUNNEL_PHRASES } from './phrases';
import { sizeHoopTunnel } from './size';
import { HOOP_TUNNEL_DOINGS, hoopTunnelSeason, hoopTunnelSteps } from './steps';

/** Hoops over a bed with a net, fleece or film on them. */
export const kind = structureKind({
  id: 'hoop-tunnel',
  name: 'Hoop tunnel',
  blurb: 'Pipe hoops over a bed with net, fleece or film: what flies, pecks or freezes stays outside.',
  purpose: 'cover',
  stands: ['bed'],
  nature: { tendingMinutes: { leaner: 0.5, climber: 0.5 }, moves: 'comes apart' },
  knobs: HOOP_TUNNEL_KNOBS,
  size: sizeHoopTunnel,
  checks: ({ design, facts }, v, setting) => {
    const cover = stockOf(setting.catalogue, v.cover, 'mesh roll');
    const crops = setting.planted.map((one) => one.crop);
    const { least, hoop } = facts;
    const nearest = crops.find((crop) => crop.id === least?.id);
    const day = least && nearest ? dayAtHeight(nearest, Math.max(0, least.clearToMm), setting.site) : null;
    return [
      coverKeeps({ needs: netNeeds(crops, setting.site.visitors), openingMm: cover.openingMm }),
      least
        ? coverClear({
            crop: least.crop,
            growsMm: least.heightMm,
            highMm: least.clearToMm,
            on: day === null ? null : monthDayOf(day),
          })
        : null,
      coverOpens(firstToOpen(crops, setting.site, cover.openingMm)),
      coverLight({ opacity: cover.opacity, breathes: cover.openingMm > 0 }),
      hoopsApart({ apartMm: facts.apartMm }),
      hoopShape({ spanMm: v.width, heightMm: hoop.heightMm, askedMm: facts.askedMm, lengthMm: hoop.lengthMm }),
      v.shape === 'sprung' ? bendSets({ tightMm: hoop.tightMm, yieldMm: facts.yieldMm }) : null,
      postLength({ posts: design.posts }),
      plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 }),
      rowInBed({ builtMm: design.builtMm, startMm: design.startMm, bed: setting.place.bed }),
      reachAcross({ rowsAtMm: facts.rowsAtMm, bed: setting.place.bed, armMm: setting.armMm }),
    ];
  },
  steps: hoopTunnelSteps,
  doings: HOOP_TUNNEL_DOINGS,
  season: hoopTunnelSeason,
  guards: ({ facts }, v, setting) => ({
    barrier: closedBy(stockOf(setting.catalogue, v.cover, 'mesh roll').openingMm, facts.hoop.heightMm),
    stiff: false,
    roofed: true,
    floored: false,
  }),
  names: HOOP_TUNNEL_NAMES,
  phrases: HOOP_TUNNEL_PHRASES,
  mends: {
    ...ROW_MENDS,
    'cover.open': (_v, _built, setting) => {
      const { value } = coverFor(setting);
      return isOffered(setting, value) ? { cover: value } : null;
    },
    'cover.outgrown': (v, { facts }, setting) =>
      facts.least && facts.least.heightMm + CLEAR_MM <= feet(5)
        ? {
            height: wholeStep(
              v.height + facts.least.heightMm + CLEAR_MM - facts.least.clearToMm + inches(1),
              setting.market,
            ),
          }
        : null,
    'cover.touches': (v, { facts }, setting) =>
      facts.least
        ? {
            height: wholeStep(
              v.height + facts.least.heightMm + CLEAR_MM - facts.least.clearToMm + inches(1),
              setting.market,
            ),
          }
        : null,
    'hoops.far': () => ({ apart: feet(3) }),
    'hoops.wide': () => ({ apart: feet(3) }),
    'hoop.higher': () => ({ shape: 'ellipse' }),
    'bend.sets': () => ({ rod: 'pipe-plastic-27' }),
    'post.short': (v, { design }, setting) => ({
      height: Math.max(inches(8), wholeStep(v.height - shortBy(design) / 2 - inches(1), setting.market)),
    }),
  },
});
