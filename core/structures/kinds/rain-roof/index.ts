import { stockOf } from '../../../catalogue/catalogue';
import { bedForTwo } from '../../../checks/bed-for-two';
import { braced } from '../../../checks/braced';
import { clearOf } from '../../../checks/cover-set';
import { plantsFit } from '../../../checks/plants-fit';
import { rainRuns } from '../../../checks/rain-runs';
import { reachAcross } from '../../../checks/reach-across';
import { roofLifts } from '../../../checks/roof-lifts';
import { rowInBed } from '../../../checks/row-in-bed';
import { postChecks } from '../../../checks/sets';
import { feet, inches } from '../../../quantity/length';
import { FOOTING } from '../../assemblies/footing';
import { SET_POST } from '../../assemblies/set-post';
import { structureKind } from '../../kind';
import { COVERING_WORDS } from '../../rules/covering';
import { fillUnder, shortBy } from '../../rules/depth';
import { ROW_MENDS, ROW_WORDS } from '../../rules/row';
import { rowsOf } from '../../rules/stations';
import { wholeStep } from '../../rules/tidy';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { DEPTH_WORDS, POST_MENDS } from '../../rules/timber-post';
import { FALL, LEAST_DEEP_MM, RAIN_ROOF_KNOBS, type RainRoofValues } from './knobs';
import { sizeRainRoof } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Raised by so much as a whole, as far as it goes. */
const raised = (v: RainRoofValues, byMm: number): { front: number; back: number } => ({
  front: Math.min(feet(8), v.front + byMm),
  back: Math.min(feet(10), v.back + byMm),
});

/** Clear film on posts over a bed, open all round: what rots in the wet stays dry. */
export const kind = structureKind({
  id: 'rain-roof',
  name: 'Rain roof',
  blurb: 'Clear film on posts over the bed, open all round: tomatoes stay dry, and blight away longer.',
  purpose: 'cover',
  stands: ['bed'],
  nature: { tendingMinutes: { leaner: 0, climber: 0 }, moves: 'stays' },
  knobs: RAIN_ROOF_KNOBS,
  size: sizeRainRoof,
  checks: ({ design, facts }, v, setting) => [
    // Open all round it keeps nobody out; that plants stay clear of the film is all that is asked.
    facts.nearest && clearOf(facts.nearest, setting.site),
    bedForTwo({ bed: setting.place.bed, needsMm: LEAST_DEEP_MM }),
    rainRuns({
      fall: facts.fall,
      slopeMm: facts.slopeMm,
      soldMm: stockOf(setting.catalogue, 'cover-film', 'mesh roll').heightMm,
    }),
    roofLifts(facts.lifted),
    braced({ braces: facts.braces }),
    ...postChecks(design, { soil: setting.soil, wind: setting.wind, fill: fillUnder(setting) }),
    plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 }),
    rowInBed({ builtMm: design.builtMm, startMm: design.startMm, bed: setting.place.bed }),
    reachAcross({ rowsAtMm: rowsOf(design.stations, null), bed: setting.place.bed, armMm: setting.armMm }),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, COVERING_WORDS, TIMBER_WORDS, DEPTH_WORDS, SET_POST, FOOTING],
  ...WORDS,
  mends: {
    ...POST_MENDS,
    ...ROW_MENDS,
    'cover.outgrown': (v, { facts: { nearest } }) =>
      nearest && raised(v, nearest.crop.heightMm - nearest.highMm + inches(6)),
    'cover.touches': (v, { facts: { nearest } }) =>
      nearest && raised(v, nearest.crop.heightMm - nearest.highMm + inches(6)),
    'rain.stands': (v) => ({
      back: Math.min(feet(10), Math.ceil((v.front + v.deep * FALL) / inches(1)) * inches(1)),
    }),
    'rain.wide': (v, _built, setting) => {
      // By Pythagoras as deep as film reaches, as steep as it is.
      const long = stockOf(setting.catalogue, 'cover-film', 'mesh roll').heightMm - 2 * v.over;
      const deep = wholeStep(Math.sqrt(Math.max(0, long ** 2 - (v.back - v.front) ** 2)), setting.market);
      return deep >= inches(20) ? { deep } : { over: inches(3), back: v.front + v.deep * FALL };
    },
    'lift.off': (v) =>
      v.footing === 'tamped' ? { footing: 'dry' } : v.depth < feet(4) ? { depth: v.depth + inches(6) } : null,
    'brace.none': () => ({ braces: 'braced' }),
    'post.short': (v, { design }, setting) => {
      const less = shortBy(design);
      const [front, back] = [wholeStep(v.front - less, setting.market), wholeStep(v.back - less, setting.market)];
      return front >= feet(2) ? { front, back } : null;
    },
  },
});
