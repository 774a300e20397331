import { acrossBeds } from './across-beds';
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Planted } from '../crops/planted';
import { cropIn } from '../crops/book';
import { DEMO_PLAN } from '../demo/garden';
import type { Hold, Station } from '../design/design';
import type { Standing } from '../design/standing';
import { computeStructure } from '../plan/compute';
import type { StructurePlan } from '../plan/plan';
import { feet, inches } from '../quantity/length';
import type { PlaceOn } from '../site/stands/stands';
import { say } from '../wording/say';
import { arborInside } from './arbor-inside';
import { archReaches } from './arch-reaches';
import { bedBulges } from './bed-bulges';
import { bedForTwo } from './bed-for-two';
import { bedLevel } from './bed-level';
import { bedMatches } from './bed-matches';
import { bedTied } from './bed-tied';
import { bayFits } from './bay-fits';
import { againstWall } from './against-wall';
import { gatePallet } from './gate-pallet';
import { grainRuns } from './grain-runs';
import { bendOf, bendSets } from './bend-sets';
import { boardLongEnough } from './board-fits';
import { boxBoards } from './box-boards';
import { braced } from './braced';
import { cageStands } from './cage-stands';
import { cageWide } from './cage-wide';
import { cagesMany } from './cages-many';
import type { Level, Verdict } from './check';
import { clash } from './clash';
import { coverClear } from './cover-clear';
import { coverKeeps } from './cover-keeps';
import { coverLight } from './cover-light';
import { coverOpens } from './cover-opens';
import { cropClimbs } from './crop-climbs';
import { cropGap } from './crop-gap';
import { cropHeight } from './crop-height';
import { cropLoad } from './crop-load';
import { endsBraced } from './ends-braced';
import { facesSun } from './faces-sun';
import { familyRests } from './family-rests';
import { fruitSlung } from './fruit-slung';
import { leafLong } from './leaf-long';
import { tiesPerish } from './ties-perish';
import { feetPush } from './feet-push';
import { floorSlats } from './floor-slats';
import { folding } from './folding';
import { gateFits } from './gate-fits';
import { headroom } from './headroom';
import { holeClash } from './hole-clash';
import { hoopShape } from './hoop-shape';
import { hoopsApart } from './hoops-apart';
import { keepClear } from './keep-clear';
import type { Barrier, Guard } from '../site/visitors';
import { hurdleHigh } from './hurdle-high';
import { keepsOut } from './keeps-out';
import { shadesNorth } from './shades-north';
import { onItsBed } from './on-its-bed';
import { onThePlot } from './on-the-plot';
import { letsPostsIn } from './lets-posts-in';
import { NO_FILL } from '../statics/embedment';
import { leavesOpen } from './leaves-open';
import { lidWeight } from './lid-weight';
import { meshFixed } from './mesh-fixed';
import { meshHighEnough } from './mesh-high-enough';
import { meshOpening } from './mesh-opening';
import { nailInterval } from './nail-interval';
import { onShoes } from './on-shoes';
import { sheetReaches } from './sheet-reaches';
import { gridSuits } from './grid-suits';
import { gridReaches } from './grid-reaches';
import { panelCut } from './panel-cut';
import { panelHeld } from './panel-held';
import { panelLean } from './panel-lean';
import { passage } from './passage';
import { pathShape } from './path-shape';
import { plantingSides } from './planting-sides';
import { planterReach } from './planter-reach';
import { planterStands } from './planter-stands';
import { plantsFit } from './plants-fit';
import { postDepth } from './post-depth';
import { postLength } from './post-length';
import { postSpacing } from './post-spacing';
import { railsBroken } from './rails-broken';
import { rainRuns } from './rain-runs';
import { reachAcross } from './reach-across';
import { levelFalls } from './level-falls';
import { reachUp } from './reach-up';
import { rowsInBed } from './rows-in-bed';
import { rowInBed } from './row-in-bed';
import { sleeveFits } from './sleeve-fits';
import { stringSlack } from './string-slack';
import { tipping } from './tipping';
import { floorBears } from './floor-bears';
import { planterLeans } from './planter-leans';
import { potRoom } from './pot-room';
import { pocketRoom } from './pocket-room';
import { roofLifts } from './roof-lifts';
import { roofWires } from './roof-wires';
import { towerStands } from './tower-stands';
import { wallHolds } from './wall-holds';
import { dripWaters } from './drip-waters';
import { rootsOnFloor } from './roots-on-floor';
import { vinesBorne } from './vines-borne';
import { wickRises } from './wick-rises';
import { wireSags } from './wire-sags';
import { wiresApart } from './wires-apart';
import { wiresStop } from './wires-stop';
import { wireTension } from './wire-tension';

/**
 * Every check on both sides of its limit: just inside, just outside. The limits are the trade's (docs/sources.md),
 * written here again as figures and not taken from the checks.
 */
const wall = computeStructure(DEMO_PLAN, DEMO_PLAN.structures[0] as StructurePlan);
const mesh = wall.sized.design.hold as Hold;
const { bed } = wall.setting.place as PlaceOn<'bed'>;

/** An open roof of three square metres. */
const roof = { gustMs: 30, wind: 'usual', areaM2: 3, frameKg: 30, concreteKg: 130, posts: 4 } as const;

/** A box on legs, a yard wide, and what turns it over in a gust. */
const planter = {
  gustMs: 30,
  wind: 'usual',
  longMm: 1200,
  wideMm: 600,
  boxMm: 280,
  underMm: 580,
  growsMm: 0,
  dryKg: 100,
  held: false,
} as const;

/** A wall from 100 to 3000 mm along the bed, 2 m high; a course stays free below its top. */
const onWall = {
  wall: { id: 'w', name: 'Wall', kind: 'wall', faceMm: 300, fromMm: 100, toMm: 3000, topMm: 2000 },
  fromMm: 100,
  toMm: 3000,
  topMm: 1940,
} as const;

const NOTCHED = { shape: 'keyhole', notchLongMm: 600, notchDeepMm: 500 } as const;
const frontOnly = (rowsAtMm: readonly number[]) =>
  reachAcross({ rowsAtMm, bed: { ...bed, widthMm: 1200, standFrom: 'front only' }, armMm: 458 });

const REBAR = { diameterMm: 10, wallMm: 0, stiffnessMpa: 210_000, yieldMpa: 420 };

const plants = (id: string, training = 0, count = 4): Planted[] => {
  const crop = cropIn([], id);
  return [{ id, bed: 'b', crop, training: crop.trainings[training] as Planted['training'], count }];
};
const wholeBay = { panelMm: 2400, clearMm: 2400, nominalClearMm: 2400, posts: 3, openMm: 0, meshMm: 200 };
const tomato = plants('tomato');
const pea = plants('pea');
const cucumber = plants('cucumber');
const lettuce = plants('lettuce');
const bush = plants('tomato-bush');
const fan = plants('plum');
const stations = (count: number) => Array.from({ length: count }, () => ({ planting: 'tomato' }) as Station);
const post = (buriedMm: number, aboveMm: number, o: Partial<Standing> = {}): Standing => ({
  id: 'post-1',
  aboveMm,
  buriedMm,
  wantedMm: buriedMm,
  shortMm: 0,
  set: 'driven',
  ...o,
});
const depth = (one: Standing, o: object = {}) =>
  postDepth({ posts: [one], soil: 'loam', wind: 'usual', fill: NO_FILL, ...o });
const fence: Barrier = {
  heightMm: 900,
  openingLowMm: 25,
  openingMm: 25,
  lowToMm: 900,
  buriedMm: 300,
  apronMm: 0,
  underMm: 0,
  looseTopMm: 0,
};
const guard: Guard = { barrier: fence, stiffMm: Infinity, roofed: false, floored: false };
const kept = (o: Partial<Barrier>, who: Parameters<typeof keepsOut>[0]['visitors'] = ['rabbits']) =>
  keepsOut({ visitors: who, guard: { ...guard, barrier: { ...fence, ...o } } });
const arch = { askedMm: 1200, widestMm: 1300, stripMm: 4880, builtMm: 1270, way: null };
const cable = {
  id: 'c',
  kind: 'buried line' as const,
  name: '',
  xMm: 0,
  yMm: 0,
  turnDeg: 0,
  lengthMm: 9000,
  widthMm: 100,
  heightMm: 0,
  keepClearMm: 600,
};
const square = (x: number) => [[x, 0] as const, [x + 100, 0] as const, [x + 100, 100] as const, [x, 100] as const];
const cage = { planted: tomato, diameterMm: inches(18), apartMm: inches(30) };
const blown = { heightMm: 1500, diameterMm: 457, stakes: 2, wind: 'usual' as const };

type Case = [found: Verdict | null, level: Level | null, code?: string];
const aBox = { longMm: 900, soldMm: 4800, lids: 2, askedLids: 2, fillMm: 0, mostFillMm: 254 };

/** A bed as it is planned. */
const box = { highMm: 280, longMm: 2400, wideMm: 1200 };
/** A wire of 3.6 m in full crop. */
const wick = (o: Partial<Parameters<typeof wickRises>[0]>) => ({
  soilMm: 250,
  waterLitres: 180,
  areaM2: 3,
  linerMm: 2000,
  soldMm: 4000,
  ...o,
});
const OLD_VINE = { crop: 'Wisteria', weightKg: 80 };
/** A span of ten feet, which may bend by a hundred-and-fiftieth: 20 mm. */
const bearing = (share: number, sagMm: number) => ({ share, sagMm, spanMm: 3000 });
const hung = { sagMm: 60, tensionN: 400, spanMm: 3600, yieldShare: 0.3 };

const CASES: Record<string, Case[]> = {
  'arch-reaches': [
    [archReaches(arch), 'good', 'span.reaches'],
    [archReaches({ ...arch, askedMm: 1301 }), 'fail', 'span.far'],
    [archReaches({ ...arch, way: { wideMm: 0, lengthMm: 900, skewDeg: 0 } }), 'fail', 'way.none'],
    [archReaches({ ...arch, way: { wideMm: 900, lengthMm: 1169, skewDeg: 0 } }), 'warn', 'way.short'],
    [archReaches({ ...arch, way: { wideMm: 900, lengthMm: 1171, skewDeg: 0 } }), 'note', 'way.little'],
    [archReaches({ ...arch, way: { wideMm: 900, lengthMm: 1270, skewDeg: 2.9 } }), 'good', 'span.reaches'],
    [archReaches({ ...arch, way: { wideMm: 900, lengthMm: 1270, skewDeg: 3.1 } }), 'note', 'way.askew'],
  ],
  'arbor-inside': [
    [arborInside({ insideMm: 1041, onWayMm: 1040 }), 'warn', 'inside.in-beds'],
    [arborInside({ insideMm: 1041, onWayMm: 1041 }), 'good', 'inside.fits'],
    [arborInside({ insideMm: inches(36) - 2, onWayMm: null }), 'note', 'inside.narrow'],
    [arborInside({ insideMm: inches(36), onWayMm: null }), 'good', 'inside.fits'],
  ],
  'bay-fits': [
    [bayFits({ ...wholeBay, clearMm: 2399, nominalClearMm: 2399 }), 'warn', 'bay.narrow'],
    [bayFits(wholeBay), 'good', 'bay.fits'],
    [bayFits({ ...wholeBay, nominalClearMm: 2388 }), 'good', 'bay.actual'],
    [bayFits({ ...wholeBay, clearMm: 2600, nominalClearMm: 2600, openMm: 200 }), 'good', 'bay.fits'],
    [bayFits({ ...wholeBay, clearMm: 2602, nominalClearMm: 2602, openMm: 202 }), 'warn', 'bay.open'],
  ],
  'bend-sets': [
    // 10 mm of 210 GPa that gives at 420 MPa: E d / (2 σ) = 2500 mm.
    [bendSets(bendOf(2499, REBAR, false)), 'note', 'bend.sets'],
    [bendSets(bendOf(2501, REBAR, false)), 'good', 'bend.springs'],
    [bendSets(bendOf(2499, REBAR, true)), 'good', 'bend.formed'],
    [bendSets(bendOf(2501, REBAR, true)), 'good', 'bend.springs'],
  ],
  'board-fits': [
    [boardLongEnough({ wantedMm: feet(12) + 1, longestMm: feet(12) }), 'fail', 'board.short'],
    [boardLongEnough({ wantedMm: feet(12), longestMm: feet(12) }), 'good', 'board.enough'],
  ],
  braced: [
    [braced({ braces: 0 }), 'warn', 'brace.none'],
    [braced({ braces: 1 }), 'good', 'brace.enough'],
  ],
  'cage-stands': [
    [cageStands({ ...blown, heightMm: 1.59 * 457, stakes: 0 }), 'good', 'cage.stands-low'],
    [cageStands({ ...blown, heightMm: 1.61 * 457, stakes: 0 }), 'warn', 'cage.blows'],
    [cageStands(blown), 'good', 'cage.stands'],
    [cageStands({ ...blown, wind: 'exposed' }), 'warn', 'cage.blows'],
  ],
  'cage-wide': [
    [cageWide(cage), 'good', 'cage.room'],
    [cageWide({ ...cage, diameterMm: inches(16.9) }), 'warn', 'cage.small'],
    [cageWide({ ...cage, planted: plants('pepper'), diameterMm: inches(12) }), 'good', 'cage.room'],
    [cageWide({ ...cage, apartMm: inches(17.9) }), 'fail', 'cages.close'],
    [cageWide({ ...cage, planted: [] }), null],
  ],
  'cages-many': [
    [cagesMany({ cages: 6 }), 'good', 'cages.few'],
    [cagesMany({ cages: 7 }), 'note', 'cages.many'],
  ],
  clash: [
    [clash({ covers: [square(0)], neighbours: [{ name: 'Other', covers: [square(79)] }] }), 'fail', 'clash.other'],
    [clash({ covers: [square(0)], neighbours: [{ name: 'Other', covers: [square(81)] }] }), null],
  ],
  'crop-climbs': [
    [cropClimbs({ planted: [], hold: mesh }), 'note', 'climb.nothing'],
    [cropClimbs({ planted: lettuce, hold: mesh }), 'fail', 'climb.needs-net'],
    [cropClimbs({ planted: fan, hold: mesh }), 'fail', 'climb.wires'],
    [cropClimbs({ planted: bush, hold: { ...mesh, by: 'string' } }), 'warn', 'climb.bush-string'],
    [cropClimbs({ planted: bush, hold: { ...mesh, by: 'passes' } }), 'good', 'climb.sandwiched'],
    [cropClimbs({ planted: pea, hold: { ...mesh, memberMm: 6.3 } }), 'good', 'climb.climbs'],
    [cropClimbs({ planted: pea, hold: { ...mesh, memberMm: 6.4 } }), 'warn', 'climb.thick'],
    [cropClimbs({ planted: tomato, hold: mesh }), 'good', 'climb.tied'],
    [cropClimbs({ planted: tomato, hold: { ...mesh, by: 'string' } }), 'good', 'climb.wound'],
    [cropClimbs({ planted: tomato, hold: { ...mesh, by: 'poles' } }), 'good', 'climb.tied-pole'],
    [cropClimbs({ planted: tomato, hold: { ...mesh, by: 'cage' } }), 'good', 'climb.caged'],
    [cropClimbs({ planted: tomato, hold: { ...mesh, by: 'wires' } }), 'good', 'climb.wired'],
    [cropClimbs({ planted: fan, hold: { ...mesh, by: 'wires' } }), 'good', 'climb.trained'],
    [cropClimbs({ planted: pea, hold: { ...mesh, by: 'wires' } }), 'good', 'climb.climbs'],
  ],
  'crop-gap': [
    [cropGap({ planted: tomato, hold: { ...mesh, startsMm: inches(25) } }), 'good', 'gap.fits'],
    [cropGap({ planted: tomato, hold: { ...mesh, startsMm: inches(25.1) } }), 'warn', 'gap.high'],
    [cropGap({ planted: tomato, hold: { ...mesh, startsMm: inches(25.1), fineToMm: 600 } }), 'good', 'gap.netted'],
    [cropGap({ planted: lettuce, hold: mesh }), null],
  ],
  'crop-height': [
    [cropHeight({ planted: tomato, hold: top(feet(6) - inches(4)) }), 'good', 'height.top-it'],
    [cropHeight({ planted: tomato, hold: top(feet(6) - inches(4.1)) }), 'warn', 'height.low'],
    [cropHeight({ planted: tomato, hold: { ...top(feet(5)), by: 'cage' } }), 'good', 'height.top-it'],
    [cropHeight({ planted: tomato, hold: { ...top(feet(4.9)), by: 'cage' } }), 'warn', 'height.low'],
    [cropHeight({ planted: tomato, hold: top(feet(12)) }), 'good', 'height.enough'],
    [cropHeight({ planted: tomato, hold: top(feet(5), feet(5.6)) }), 'note', 'height.pinch'],
    [cropHeight({ planted: tomato, hold: top(feet(3), feet(3.29)) }), 'warn', 'height.never'],
    [cropHeight({ planted: lettuce, hold: top(300) }), null],
  ],
  'crop-load': [
    [cropLoad({ planted: tomato, hold: { ...mesh, carries: 'medium' } }), 'warn', 'load.heavy'],
    [cropLoad({ planted: tomato, hold: { ...mesh, carries: 'heavy' } }), 'good', 'load.carried'],
    [cropLoad({ planted: [], hold: { ...mesh, carries: 'light' } }), null],
    [
      cropLoad({ planted: tomato, hold: { carries: 'light', could: { ...mesh.could, carries: 'medium' } } }),
      'warn',
      'load.never',
    ],
  ],
  'ends-braced': [
    [endsBraced({ posts: 4, braced: false }), 'warn', 'ends.loose'],
    [endsBraced({ posts: 4, braced: true }), 'good', 'ends.braced'],
  ],
  'feet-push': [
    [feetPush({ pushN: 250, backed: false }), 'good', 'push.light'],
    [feetPush({ pushN: 251, backed: false }), 'note', 'push.hard'],
    [feetPush({ pushN: 251, backed: true }), 'good', 'push.backed'],
    [feetPush({ pushN: -2, backed: false }), 'note', 'push.pulls'],
  ],
  folding: [[folding({ longMm: 1800, wideMm: 1200, thickMm: 90 }), 'good', 'folds.to']],
  'gate-fits': [
    [gateFits({ wideMm: 1000, leafMm: 1250, clearMm: 12, roomMm: 2000, built: true }), 'good', 'gate.fits'],
    [gateFits({ wideMm: 1300, leafMm: 1251, clearMm: 12, roomMm: 2000, built: true }), 'note', 'gate.heavy'],
    [gateFits({ wideMm: 1300, leafMm: 1251, clearMm: 12, roomMm: 900, built: false }), 'fail', 'gate.wide'],
  ],
  headroom: [
    [headroom({ crownMm: 2100, wantedMm: 2100, hangMm: 200, statureMm: 1850 }), 'good', 'headroom.fits'],
    [headroom({ crownMm: 2100, wantedMm: 2100, hangMm: 201, statureMm: 1850 }), 'warn', 'headroom.low'],
    [headroom({ crownMm: 2100, wantedMm: 2112, hangMm: 0, statureMm: 1850 }), 'warn', 'headroom.less'],
  ],
  'hole-clash': [
    [holeClash({ moved: 0, mostMm: 0, clashing: 0 }), 'good', 'hole.clear'],
    [holeClash({ moved: 2, mostMm: 40, clashing: 0 }), 'good', 'hole.moved'],
    [holeClash({ moved: 2, mostMm: 40, clashing: 1 }), 'warn', 'hole.clash'],
  ],
  'keep-clear': [
    [keepClear({ feet: [[0, 651]], feature: cable }), null],
    [keepClear({ feet: [[0, 649]], feature: cable }), 'fail', 'clear.near'],
    [keepClear({ feet: [[0, 649]], feature: { ...cable, kind: 'wall' } }), 'note', 'clear.near'],
    // Eighteen inches either side of a line are dug by hand, whatever distance was entered.
    [keepClear({ feet: [[0, 506]], feature: { ...cable, keepClearMm: 0 } }), 'fail', 'clear.by-hand'],
    [keepClear({ feet: [[0, 508]], feature: { ...cable, keepClearMm: 0 } }), null],
    [keepClear({ feet: [[0, 50]], feature: { ...cable, keepClearMm: 0 } }), 'fail', 'clear.on-line'],
    [keepClear({ feet: [[0, 9000]], feature: null }), 'good', 'clear.fine'],
    [keepClear({ feet: [], feature: cable }), null],
  ],
  'bed-tied': [
    [bedTied({ deepMm: 457, mostMm: 457.2, pairs: 2, ties: null }), null],
    [bedTied({ deepMm: 458, mostMm: 458, pairs: 2, ties: null }), null],
    [bedTied({ deepMm: 458, mostMm: 457.2, pairs: 0, ties: null }), null],
    [bedTied({ deepMm: 458, mostMm: 457.2, pairs: 2, ties: null }), 'warn', 'tied.leans'],
    [bedTied({ deepMm: 458, mostMm: 457.2, pairs: 2, ties: { pullN: 100, givesN: 200 } }), 'good', 'tied.holds'],
    [bedTied({ deepMm: 458, mostMm: 457.2, pairs: 2, ties: { pullN: 100, givesN: 199 } }), 'warn', 'tied.gives'],
  ],
  'bed-bulges': [
    [bedBulges({ bowMm: 6, standsTimes: null, everyMm: 1219 }), 'good', 'bulge.fits'],
    [bedBulges({ bowMm: 6.1, standsTimes: null, everyMm: 1219 }), 'warn', 'bulge.bows'],
    [bedBulges({ bowMm: null, standsTimes: 1.5, everyMm: 1219 }), 'good', 'bulge.stands'],
    [bedBulges({ bowMm: null, standsTimes: 1.49, everyMm: 1219 }), 'warn', 'bulge.turns'],
    [bedBulges({ bowMm: null, standsTimes: null, everyMm: 1219 }), 'good', 'bulge.held'],
  ],
  'hurdle-high': [
    [hurdleHigh({ topMm: 968.5, highMm: 968 }), 'good', 'hurdle.fits'],
    [hurdleHigh({ topMm: 968.6, highMm: 968 }), 'warn', 'hurdle.over'],
    [hurdleHigh({ topMm: 965, highMm: 965 + inches(3) }), 'good', 'hurdle.fits'],
    [hurdleHigh({ topMm: 965, highMm: 966 + inches(3) }), 'note', 'hurdle.short'],
  ],
  'bed-level': [
    [bedLevel({ dugInMm: inches(1), highMm: 280, onFloor: false }), null],
    [bedLevel({ dugInMm: inches(1.1), highMm: 280, onFloor: false }), 'note', 'level.dig-in'],
    [bedLevel({ dugInMm: 6.35, highMm: 280, onFloor: true }), null],
    [bedLevel({ dugInMm: 6.4, highMm: 280, onFloor: true }), 'note', 'level.packed'],
    [bedLevel({ dugInMm: 281, highMm: 280, onFloor: false }), 'note', 'level.buried'],
  ],
  'bed-matches': [
    [bedMatches({ asked: box, built: { ...box, highMm: 305 }, straight: null }), 'good', 'bed.as-asked'],
    [bedMatches({ asked: box, built: { ...box, highMm: 306 }, straight: null }), 'note', 'bed.height'],
    [bedMatches({ asked: box, built: { ...box, wideMm: 1174 }, straight: null }), 'note', 'bed.size'],
    [bedMatches({ asked: box, built: { ...box, wideMm: 1175 }, straight: null }), 'good', 'bed.as-asked'],
    [bedMatches({ asked: box, built: box, straight: 'rectangle' }), 'note', 'bed.squared'],
    [bedMatches({ asked: box, built: box, straight: 'polygon' }), 'note', 'bed.eight'],
  ],
  'bed-for-two': [
    [bedForTwo({ bed: { ...bed, widthMm: 600 }, needsMm: 601 }), 'warn', 'bed.one-row'],
    [bedForTwo({ bed: { ...bed, widthMm: 601 }, needsMm: 601 }), null],
    // Of 1101 mm with a notch of 500 there are 601 behind it.
    [bedForTwo({ bed: { ...bed, widthMm: 1101, outline: NOTCHED }, needsMm: 602 }), 'warn', 'bed.notch'],
    [bedForTwo({ bed: { ...bed, widthMm: 1101, outline: NOTCHED }, needsMm: 601 }), null],
  ],
  'family-rests': [
    [rested(['', '', 'nightshade']), 'note', 'family.again'],
    [rested(['cabbage', '', '']), 'good', 'family.rested'],
    [rested(['', '', '']), null],
  ],
  'fruit-slung': [
    [fruitSlung({ planted: plants('melon') }), 'note', 'sling.large'],
    [fruitSlung({ planted: plants('squash') }), 'note', 'sling.always'],
    [fruitSlung({ planted: tomato }), null],
  ],
  'leaf-long': [
    [leafLong({ leafMm: feet(6) + inches(1), mostMm: feet(6) }), null],
    [leafLong({ leafMm: feet(6) + inches(1.1), mostMm: feet(6) }), 'warn', 'leaf.long'],
  ],
  'ties-perish': [
    [tiesPerish({ ties: 0 }), null],
    [tiesPerish({ ties: 1 }), 'note', 'ties.perish'],
  ],
  'keeps-out': [
    [kept({}), 'good', 'keeps.out'],
    [kept({ heightMm: 500, lowToMm: 500 }), 'warn', 'keeps.low'],
    [kept({ openingLowMm: 60, openingMm: 60 }), 'warn', 'keeps.open'],
    // Deer: 7′, or two of 4′ that are 4 to 5′ apart (1219 to 1524 mm, a hand forgiven).
    [kept({ heightMm: 2100, lowToMm: 2100 }, ['deer']), 'warn', 'keeps.low-two'],
    [kept({ heightMm: 1219, second: { heightMm: 1219, leastMm: 1220, mostMm: 1620 } }, ['deer']), 'good', 'keeps.out'],
    [
      kept({ heightMm: 1219, second: { heightMm: 1219, leastMm: 1110, mostMm: 1620 } }, ['deer']),
      'warn',
      'keeps.low-two',
    ],
    [
      kept({ heightMm: 1219, second: { heightMm: 1219, leastMm: 1220, mostMm: 1640 } }, ['deer']),
      'warn',
      'keeps.low-two',
    ],
    [
      kept({ heightMm: 1219, second: { heightMm: 1200, leastMm: 1220, mostMm: 1520 } }, ['deer']),
      'warn',
      'keeps.low-two',
    ],
    [kept({ openingMm: 150 }), 'good', 'keeps.out'],
    [kept({ buriedMm: 0 }), 'warn', 'keeps.dig'],
    [kept({ buriedMm: 0, apronMm: 600 }), 'good', 'keeps.out'],
    [kept({ buriedMm: 0, apronMm: 600, underMm: 100 }), 'warn', 'keeps.under'],
    // 31 mm for rabbits, a wire forgiven.
    [kept({ besideMm: 33 }), 'good', 'keeps.out'],
    [kept({ besideMm: 35 }), 'warn', 'keeps.beside'],
    [kept({}, []), 'note', 'keeps.nobody'],
    [kept({}, ['squirrels']), 'note', 'keeps.none'],
    [keepsOut({ visitors: ['rabbits'], guard: { ...guard, stiffMm: 590 } }), 'warn', 'keeps.soft'],
    [
      keepsOut({ visitors: ['deer'], guard: { ...guard, stiffMm: 0, barrier: { ...fence, heightMm: 2200 } } }),
      'good',
      'keeps.out',
    ],
    [kept({ heightMm: 1000, lowToMm: 1000, looseTopMm: inches(11) }, ['groundhogs']), 'warn', 'keeps.climb'],
    [
      kept({ heightMm: 1000, lowToMm: 1000, looseTopMm: inches(12), buriedMm: inches(12) }, ['groundhogs']),
      'good',
      'keeps.out',
    ],
  ],
  'leaves-open': [
    [leavesOpen({ came: [] }), null],
    [leavesOpen({ came: [{ who: 'rabbits', past: null }] }), 'good', 'leaves.none'],
    [
      leavesOpen({
        came: [
          { who: 'rabbits', past: null },
          { who: 'slugs', past: 'any' },
        ],
      }),
      'note',
      'leaves.some',
    ],
  ],
  'floor-slats': [
    [floorSlats({ bowMm: 4, spanMm: 600, rimMm: 600, boxMm: 280 }), 'good', 'slats.carry'],
    [floorSlats({ bowMm: 4.1, spanMm: 600, rimMm: 600, boxMm: 280 }), 'warn', 'slats.bow'],
    [floorSlats({ bowMm: 1, spanMm: 600, rimMm: 280, boxMm: 280 }), 'warn', 'slats.floor'],
  ],
  'rain-runs': [
    [rainRuns({ fall: 0.125, slopeMm: 4000, soldMm: 4000 }), 'good', 'rain.runs'],
    [rainRuns({ fall: 0.124, slopeMm: 4000, soldMm: 4000 }), 'warn', 'rain.stands'],
    [rainRuns({ fall: 0.2, slopeMm: 4002, soldMm: 4000 }), 'fail', 'rain.wide'],
  ],
  'roof-lifts': [
    [roofLifts({ ...roof, concreteKg: 130 }), 'good', 'lift.holds'],
    [roofLifts({ ...roof, concreteKg: 0 }), 'warn', 'lift.off'],
  ],
  'planter-reach': [
    [planterReach({ farMm: 610, reachMm: 610, clearMm: 0, kneesMm: null }), 'good', 'planter.reached'],
    [planterReach({ farMm: 612, reachMm: 610, clearMm: 0, kneesMm: null }), 'warn', 'planter.far'],
    [planterReach({ farMm: 400, reachMm: 610, clearMm: 680, kneesMm: 685.8 }), 'warn', 'planter.knees'],
  ],
  'planter-stands': [
    [planterStands({ ...planter, dryKg: 87 }), 'good', 'planter.stands'],
    [planterStands({ ...planter, dryKg: 1 }), 'warn', 'planter.blows'],
    [planterStands({ ...planter, dryKg: 1, held: true }), 'good', 'planter.held'],
  ],
  'wires-stop': [
    [wiresStop({ comes: [], heightsMm: [150] }), 'note', 'live.nobody'],
    // Raccoons at 6 and 12″, each within 50 mm.
    [wiresStop({ comes: ['raccoons'], heightsMm: [inches(6) + 50, inches(12) - 50] }), 'good', 'live.stops'],
    [wiresStop({ comes: ['raccoons'], heightsMm: [inches(6) + 51, inches(12)] }), 'warn', 'live.past'],
    [wiresStop({ comes: ['raccoons', 'badgers'], heightsMm: [inches(6), inches(12)] }), 'warn', 'live.past'],
  ],
  'faces-sun': [
    [facesSun({ offDeg: 50 }), 'good', 'sun.faces'],
    [facesSun({ offDeg: 51 }), 'note', 'sun.aside'],
    [facesSun({ offDeg: 101 }), 'warn', 'sun.away'],
  ],
  'mesh-fixed': [
    [meshFixed({ by: 'staples' }), 'warn', 'fixing.staples'],
    [meshFixed({ by: 'screws' }), 'good', 'fixing.screws'],
  ],
  'mesh-high-enough': [
    [meshHighEnough({ rollMm: 1200, aboveMm: 900, belowMm: 300 }), 'good', 'roll.enough'],
    [meshHighEnough({ rollMm: 1200, aboveMm: 901, belowMm: 300 }), 'fail', 'roll.low'],
    [meshHighEnough({ rollMm: 1200, aboveMm: 1201, belowMm: 0 }), 'fail', 'roll.short'],
  ],
  'mesh-opening': [
    [meshOpening({ planted: pea, hold: { ...mesh, stepMm: 77 } }), 'good', 'mesh.fits'],
    [meshOpening({ planted: pea, hold: { ...mesh, stepMm: 78 } }), 'warn', 'mesh.wide'],
    [
      meshOpening({ planted: pea, hold: { ...mesh, stepMm: 78, could: { ...mesh.could, net: false } } }),
      'warn',
      'mesh.never',
    ],
    [meshOpening({ planted: cucumber, hold: { ...mesh, meshMm: { wide: 98, high: 150 } } }), 'warn', 'mesh.narrow'],
    [meshOpening({ planted: cucumber, hold: { ...mesh, meshMm: { wide: 100, high: 150 } } }), 'good', 'mesh.fits'],
    [meshOpening({ planted: cucumber, hold: { ...mesh, meshMm: { wide: 76, high: 297 } } }), 'good', 'mesh.fits'],
    [meshOpening({ planted: cucumber, hold: { ...mesh, meshMm: null } }), null],
  ],
  'nail-interval': [
    [nailInterval({ askedMm: 100, setMm: 105.9 }), 'good', 'nails.divide'],
    [nailInterval({ askedMm: 100, setMm: 106.1 }), 'note', 'nails.off'],
  ],
  'on-shoes': [
    [onShoes({ along: true, across: true }), 'good', 'shoes.braced'],
    [onShoes({ along: true, across: false }), 'warn', 'shoes.lean'],
    [onShoes({ along: false, across: true }), 'warn', 'shoes.lean'],
  ],
  'vines-borne': [
    [vinesBorne({ ...OLD_VINE, beam: bearing(1, 20), rafter: bearing(1, 20) }), 'good', 'vines.borne'],
    [vinesBorne({ ...OLD_VINE, beam: bearing(1.001, 1), rafter: bearing(2, 1) }), 'warn', 'vines.beams'],
    [vinesBorne({ ...OLD_VINE, beam: bearing(0.5, 20.1), rafter: bearing(0.5, 1) }), 'warn', 'vines.beams'],
    [vinesBorne({ ...OLD_VINE, beam: bearing(1, 20), rafter: bearing(1.001, 1) }), 'warn', 'vines.rafters'],
    [vinesBorne({ ...OLD_VINE, beam: bearing(1, 20), rafter: bearing(0.5, 20.1) }), 'warn', 'vines.rafters'],
  ],
  'drip-waters': [
    [dripWaters({ openings: 300, litresH: 600, areaM2: 3 }), 'good', 'drip.waters'],
    [dripWaters({ openings: 0, litresH: 0, areaM2: 0.1 }), 'warn', 'drip.small'],
    [dripWaters({ openings: 301, litresH: 602, areaM2: 3 }), 'warn', 'drip.tap'],
  ],
  'wick-rises': [
    [wickRises(wick({ soilMm: 200 })), 'good', 'wick.rises'],
    [wickRises(wick({ soilMm: 199 })), 'warn', 'wick.shallow'],
    [wickRises(wick({ soilMm: 305 })), 'good', 'wick.rises'],
    [wickRises(wick({ soilMm: 306 })), 'warn', 'wick.high'],
    [wickRises(wick({ linerMm: 4000 })), 'good', 'wick.rises'],
    [wickRises(wick({ linerMm: 4001 })), 'fail', 'wick.narrow'],
  ],
  'roots-on-floor': [
    [rootsOnFloor({ soilMm: 254, underfoot: { is: 'paving' } }), 'good', 'roots.room'],
    [rootsOnFloor({ soilMm: 253, underfoot: { is: 'paving' } }), 'warn', 'roots.shallow'],
  ],
  'sheet-reaches': [
    [sheetReaches({ leafMm: 1050, soldMm: 1050 }), 'good', 'sheet.reaches'],
    [sheetReaches({ leafMm: 1051, soldMm: 1050 }), 'fail', 'sheet.short'],
  ],
  'grid-suits': [
    [gridSuits({ planted: [{ crop: cropIn([], 'pea') }] }), 'fail', 'grid.climbs'],
    [gridSuits({ planted: [{ crop: cropIn([], 'dahlia') }] }), 'good', 'grid.suits'],
    [gridSuits({ planted: [] }), null],
  ],
  'grid-reaches': [
    [gridReaches({ widthMm: 1219, soldMm: 1219 }), null],
    [gridReaches({ widthMm: 1220, soldMm: 1219 }), 'fail', 'grid.narrow'],
  ],
  'panel-cut': [
    [panelCut({ offWire: 0 }), 'good', 'panel.beside-wire'],
    [panelCut({ offWire: 1 }), 'warn', 'panel.no-wire'],
  ],
  'panel-held': [
    [panelHeld({ leastAPost: 2 }), 'warn', 'fixing.two'],
    [panelHeld({ leastAPost: 3 }), 'good', 'fixing.enough'],
  ],
  'panel-lean': [
    [panelLean({ leansMm: inches(2) }), null],
    [panelLean({ leansMm: inches(2.01) }), 'note', 'panel.leans'],
  ],
  passage: [
    [passage({ runs: 'east–west', highMm: 1800 }), 'note', 'passage.east-west'],
    [passage({ runs: 'north–south', highMm: 1800 }), 'good', 'passage.north-south'],
  ],
  'cover-clear': [
    [coverClear({ crop: 'Kale', growsMm: 600, highMm: 601 + inches(2), on: '07-03' }), 'good', 'cover.clear'],
    [coverClear({ crop: 'Kale', growsMm: 600, highMm: 600 + inches(1.9), on: '07-03' }), 'note', 'cover.touches'],
    [coverClear({ crop: 'Kale', growsMm: 600, highMm: 599, on: '07-03' }), 'note', 'cover.outgrown'],
    [coverClear({ crop: 'Kale', growsMm: 600, highMm: 600, on: '07-03' }), 'note', 'cover.touches'],
  ],
  'cover-keeps': [
    [coverKeeps({ needs: [{ who: 'birds', openingMm: 19 }], openingMm: 19 }), 'good', 'cover.keeps'],
    [coverKeeps({ needs: [{ who: 'birds', openingMm: 19 }], openingMm: 19.1 }), 'warn', 'cover.open'],
    [coverKeeps({ needs: [], openingMm: 50 }), null],
  ],
  'cover-light': [
    [coverLight({ opacity: 0.14, airedBy: 'mesh' }), 'good', 'light.less'],
    [coverLight({ opacity: 0.5, airedBy: 'mesh', crops: [{ name: 'Tomato', sun: 'full' }] }), 'note', 'light.full'],
    [coverLight({ opacity: 0.5, airedBy: 'mesh', crops: [{ name: 'Lettuce', sun: 'part' }] }), 'good', 'light.less'],
    [coverLight({ opacity: 0.12, airedBy: 'ends' }), 'note', 'light.heat'],
    [coverLight({ opacity: 0.2, airedBy: 'lids' }), 'note', 'light.lids'],
  ],
  'cover-opens': [
    [coverOpens({ crop: 'Squash', on: '06-20' }), 'note', 'opens.by'],
    [coverOpens({ crop: null, on: null }), 'good', 'opens.never'],
  ],
  'hoop-shape': [
    [hooped({ askedMm: 600 }), 'good', 'hoop.as-asked'],
    [hooped({ askedMm: 400 }), 'note', 'hoop.higher'],
    [hooped({ soldMm: 2250 }), 'fail', 'hoop.long'],
  ],
  'hoops-apart': [
    [hoopsApart({ apartMm: feet(3) }), 'good', 'hoops.near'],
    [hoopsApart({ apartMm: feet(4) }), 'note', 'hoops.wide'],
    [hoopsApart({ apartMm: feet(4) + 6 }), 'warn', 'hoops.far'],
  ],
  'lid-weight': [
    [lidWeight({ weightKg: 20 }), 'good', 'lid.light'],
    [lidWeight({ weightKg: 20.1 }), 'warn', 'lid.heavy'],
  ],
  'box-boards': [
    [boxBoards({ ...aBox, longMm: 4800 }), 'good', 'box.whole'],
    [boxBoards({ ...aBox, longMm: 4830 }), 'fail', 'box.long'],
    [boxBoards({ ...aBox, askedLids: 5 }), 'note', 'box.lids'],
    [boxBoards({ ...aBox, fillMm: 254 }), 'good', 'box.whole'],
    [boxBoards({ ...aBox, fillMm: 258 }), 'warn', 'box.full'],
  ],
  'across-beds': [
    [acrossBeds({ beds: [{ name: 'Long bed', mm: 150 }] }), null],
    [acrossBeds({ beds: [{ name: 'Long bed', mm: 151 }] }), 'warn', 'line.across-beds'],
  ],
  'path-shape': [
    [path([0, 0], [4000, 0], [4000, 3000]), 'good', 'path.plain'],
    [path([0, 0], [4000, 0], [3455, 3912]), 'good', 'path.plain'],
    [path([0, 0], [4000, 0], [3430, 3912]), 'note', 'path.askew'],
    [path([0, 0], [4000, 0], [1000, 1733]), 'note', 'path.askew'],
    [path([0, 0], [4000, 0], [1000, 1700]), 'warn', 'path.sharp'],
    [path([0, 0], [4000, 0], [2000, 3000], [2000, -3000]), 'fail', 'path.crosses'],
  ],
  'planting-sides': [
    [plantingSides({ planted: tomato, bothSides: true, apartMm: Infinity }), 'warn', 'sides.both'],
    [plantingSides({ planted: tomato, bothSides: false, apartMm: 900 }), 'good', 'sides.air'],
    [plantingSides({ planted: plants('tomato', 2), bothSides: false, apartMm: inches(47.9) }), 'warn', 'walls.close'],
    [plantingSides({ planted: plants('tomato', 2), bothSides: false, apartMm: inches(48) }), 'good', 'sides.air'],
    [plantingSides({ planted: [], bothSides: true, apartMm: 0 }), null],
  ],
  'plants-fit': [
    [plantsFit({ planted: plants('tomato', 0, 3), stations: stations(4), endToEnd: () => 0 }), 'good', 'plants.spare'],
    [plantsFit({ planted: tomato, stations: stations(4), endToEnd: () => 0 }), 'good', 'plants.fit'],
    [plantsFit({ planted: tomato, stations: stations(3), endToEnd: () => 4 }), 'note', 'places.one-more'],
    [plantsFit({ planted: tomato, stations: stations(3), endToEnd: () => 3 }), 'warn', 'plants.too-many'],
    [plantsFit({ planted: [], stations: stations(3), endToEnd: () => 3 }), null],
  ],
  'post-depth': [
    [depth(post(inches(18), 900)), 'good', 'depth.fits'],
    [depth(post(inches(17.5), 900)), 'warn', 'depth.shallow'],
    [depth(post(inches(11.9), 900)), 'fail', 'depth.shallow'],
    [depth(post(inches(24), 1200, { set: 'let in' }), { fill: { mm: inches(13), is: 'loose' } }), 'warn', 'depth.bed'],
    [
      depth(post(inches(37), 1200, { set: 'let in' }), { fill: { mm: inches(13), is: 'loose' } }),
      'good',
      'depth.fits-bed',
    ],
    [depth(post(inches(24), feet(12), { set: 'let in' })), 'note', 'depth.share'],
    [depth(post(inches(4.1), 900, { set: 'pushed' })), 'good', 'depth.pushed'],
    [depth(post(0, 900, { set: 'screwed' })), null],
  ],
  'post-length': [
    [postLength({ posts: [post(600, 1500)] }), null],
    [postLength({ posts: [post(600, 1500), post(600, 1500, { shortMm: 1 })] }), 'fail', 'post.short'],
  ],
  'post-spacing': [
    [postSpacing({ planted: tomato, spacingMm: 2500 }), 'good', 'spacing.fits'],
    [postSpacing({ planted: tomato, spacingMm: 2502 }), 'warn', 'spacing.wide'],
    [postSpacing({ planted: pea, spacingMm: 2502 }), 'good', 'spacing.fits'],
  ],
  'rails-broken': [
    [railsBroken({ broken: 0, rails: 3 }), 'good', 'rails.whole'],
    [railsBroken({ broken: 2, rails: 3 }), 'good', 'rails.staggered'],
    [railsBroken({ broken: 3, rails: 3 }), 'warn', 'rails.all-broken'],
  ],
  'reach-across': [
    [across(0, 914), 'good', 'reach.fits'],
    [across(0, 916), 'warn', 'reach.far'],
    [across(460, 914), 'fail', 'reach.outside'],
    [reachAcross({ rowsAtMm: [], bed: { ...bed, widthMm: 2000 }, armMm: 457 }), null],
    // From the front alone, 76 in from it: 384 apart are 460 at the best, 380 apart can be moved within 458.
    [frontOnly([-192, 192]), 'warn', 'reach.never'],
    [frontOnly([-190, 190]), 'warn', 'reach.far'],
  ],
  'rows-in-bed': [
    [rowsInBed({ rows: 2, widthMm: inches(18) }), 'warn', 'rows.many'],
    [rowsInBed({ rows: 3, widthMm: inches(24) }), null],
    [rowsInBed({ rows: 1, widthMm: inches(12) }), null],
  ],
  'on-its-bed': [
    [onItsBed({ outMm: [0, 50], bed: { name: 'Bed', heightMm: 280 } }), 'good', 'bed.on'],
    [onItsBed({ outMm: [0, 51], bed: { name: 'Bed', heightMm: 280 } }), 'fail', 'bed.in-air'],
    [onItsBed({ outMm: [51, 80], bed: { name: '', heightMm: 0 } }), 'warn', 'bed.beside'],
    [onItsBed({ outMm: [], bed: { name: 'Bed', heightMm: 0 } }), null],
  ],
  'on-the-plot': [
    [onThePlot({ overMm: 60 }), 'good', 'plot.within'],
    [onThePlot({ overMm: 61 }), 'warn', 'plot.over'],
  ],
  'level-falls': [
    [levelFalls({ fallMm: 200, lowestMm: 1900, bedMm: 226, reachMm: 2100 }), 'warn', 'level.falls'],
    [levelFalls({ fallMm: 200, lowestMm: 1900, bedMm: 225, reachMm: 2100 }), null],
    // Out of reach on the level as well: it is too tall, whatever falls.
    [levelFalls({ fallMm: 0.5, lowestMm: 1900, bedMm: 226, reachMm: 2100 }), null],
  ],
  'reach-up': [
    [reachUp({ topMm: 1900, bedMm: 225, reachMm: 2100 }), 'good', 'reach.top'],
    [reachUp({ topMm: 1900, bedMm: 226, reachMm: 2100 }), 'warn', 'reach.tall'],
  ],
  'row-in-bed': [
    [
      rowInBed({ builtMm: bed.lengthMm - 26, startMm: 0, bed, wish: { askedMm: bed.lengthMm, stepMm: 203 } }),
      'note',
      'row.steps',
    ],
    [
      rowInBed({ builtMm: bed.lengthMm - 24, startMm: 0, bed, wish: { askedMm: bed.lengthMm, stepMm: 203 } }),
      'good',
      'row.fills',
    ],
    [rowInBed({ builtMm: 3000, startMm: 0, bed: { ...bed, lengthMm: 3000 } }), 'good', 'row.fills'],
    [rowInBed({ builtMm: 2974, startMm: 0, bed: { ...bed, lengthMm: 3000 } }), 'good', 'row.short-of-bed'],
    [rowInBed({ builtMm: 2974, startMm: 27, bed: { ...bed, lengthMm: 3000 } }), 'warn', 'row.past-bed'],
    [rowInBed({ builtMm: 2974, startMm: -1, bed: { ...bed, lengthMm: 3000 } }), 'warn', 'row.past-bed'],
  ],
  'sleeve-fits': [
    [sleeveFits({ highMm: 1000, rollMm: 2100, across: 2 }), 'good', 'sleeve.fits'],
    [sleeveFits({ highMm: 2200, rollMm: 2100, across: 1 }), 'warn', 'sleeve.wide'],
  ],
  'string-slack': [
    [stringSlack({ slackMm: inches(1) }), 'good', 'string.loose'],
    [stringSlack({ slackMm: inches(0.9) }), 'warn', 'string.tight'],
  ],
  tipping: [
    // tan 22° = 0.40403 (any table of tangents).
    [tipping({ halfBaseMm: 405, heightMm: 2000 }), 'good', 'tips.stands'],
    [tipping({ halfBaseMm: 403, heightMm: 2000 }), 'warn', 'tips.narrow'],
  ],
  'tower-stands': [
    // 640 N/m² × 1.2 × 1 m × 0.3 m × 0.5 m = 115.2 N m; 41.23 of the rod and 50.28 kg on 0.15 m make it up.
    // 62.7 N m of wind (640 N/m² × 0.545 × 1.2 × 1 m × 0.3 m × ½ m) less 1.1 of the rod: 41.9 kg over 150 mm.
    [standing(42), 'good', 'tower.stands'],
    [standing(41.8), 'warn', 'tower.blows'],
  ],
  'planter-leans': [
    // By hand: 30 kg whose middle is 100 mm behind its foot, its head 200 mm high, takes half its weight to turn.
    [planterLeans({ kg: 30, behindMm: 100, headMm: 200, held: false }), 'good', 'leans.stands'],
    [planterLeans({ kg: 29.9, behindMm: 100, headMm: 200, held: false }), 'warn', 'leans.pulled'],
    [planterLeans({ kg: 30, behindMm: 0, headMm: 200, held: false }), 'fail', 'leans.tips'],
    [planterLeans({ kg: 30, behindMm: -9, headMm: 200, held: true }), 'good', 'leans.held'],
  ],
  'floor-bears': [
    // 120 kg over half a square metre: 240 kg/m².
    [floorBears({ wetKg: 120, dryKg: 60, floorM2: 0.5, underfoot: deck(null) }), 'warn', 'floor.ask'],
    [floorBears({ wetKg: 120, dryKg: 60, floorM2: 0.5, underfoot: deck(239) }), 'fail', 'floor.over'],
    [floorBears({ wetKg: 120, dryKg: 60, floorM2: 0.5, underfoot: deck(240, ' ') }), 'warn', 'floor.who'],
    [floorBears({ wetKg: 120, dryKg: 60, floorM2: 0.5, underfoot: { is: 'paving' } }), null],
    [floorBears({ wetKg: 120, dryKg: 60, floorM2: 0.5, underfoot: deck(240) }), 'good', 'floor.bears'],
  ],
  'lets-posts-in': [
    [letsPostsIn({ feet: 2, underfoot: { is: 'paving' }, soilMm: null }), 'fail', 'ground.none'],
    [letsPostsIn({ feet: 1, underfoot: { is: 'paving' }, soilMm: 300 }), 'fail', 'ground.bed'],
    [letsPostsIn({ feet: 0, underfoot: { is: 'paving' }, soilMm: 300 }), null],
    [letsPostsIn({ feet: 2, underfoot: { is: 'soil' }, soilMm: null }), null],
    [letsPostsIn({ feet: 0, underfoot: deck(null), soilMm: null }), null],
  ],
  'pocket-room': [
    [pocketRoom({ gapMm: inches(3), made: 3, asked: 3, slats: 7 }), 'good', 'pockets.open'],
    [pocketRoom({ gapMm: inches(2.9), made: 3, asked: 3, slats: 7 }), 'warn', 'pockets.narrow'],
    [pocketRoom({ gapMm: inches(3), made: 4, asked: 6, slats: 5 }), 'warn', 'pockets.few'],
  ],
  'pot-room': [
    [potRoom({ planted: plants('tomato', 0, 1), places: 18, litresEach: 2 }), 'warn', 'pots.deep'],
    [potRoom({ planted: plants('strawberry', 0, 18), places: 18, litresEach: 1.99 }), 'warn', 'pots.small'],
    [potRoom({ planted: plants('strawberry', 0, 18), places: 18, litresEach: 2 }), 'good', 'pots.full'],
    [potRoom({ planted: plants('strawberry', 0, 19), places: 18, litresEach: 2 }), 'warn', 'pots.few'],
    [potRoom({ planted: plants('strawberry', 0, 17), places: 18, litresEach: 2 }), 'good', 'pots.empty'],
    [potRoom({ planted: [], places: 18, litresEach: 2 }), 'note', 'pots.none'],
  ],
  'roof-wires': [
    // A fortieth of 4 m is 100 mm; 6′ are 1829 mm.
    [roofWires({ sagMm: 100, spanMm: 4000, highMm: 1929, yieldShare: 0.4 }), 'good', 'roof.taut'],
    [roofWires({ sagMm: 101, spanMm: 4000, highMm: 2100, yieldShare: 0.4 }), 'warn', 'roof.sags'],
    [roofWires({ sagMm: 100, spanMm: 4000, highMm: 1928, yieldShare: 0.4 }), 'warn', 'roof.low'],
    [roofWires({ sagMm: 10, spanMm: 4000, highMm: 2100, yieldShare: 0.41 }), 'warn', 'roof.tight'],
  ],
  'against-wall': [
    [againstWall({ ...onWall, wall: null }), 'fail', 'wall.none'],
    [againstWall(onWall), 'good', 'wall.carries'],
    [againstWall({ ...onWall, toMm: 3001 }), 'fail', 'wall.past'],
    [againstWall({ ...onWall, fromMm: 99 }), 'fail', 'wall.past'],
    [againstWall({ ...onWall, topMm: 1941 }), 'fail', 'wall.low'],
  ],
  'wall-holds': [
    // 30 kg at the wall itself are 294.2 N on one screw; 31 are 304.
    [wallHolds({ kg: 30, outMm: 0, screwsUpMm: [500], wallOf: 'brick' }), 'good', 'wall.bears'],
    [wallHolds({ kg: 31, outMm: 0, screwsUpMm: [500], wallOf: 'stone' }), 'warn', 'wall.heavy'],
    [wallHolds({ kg: 40, outMm: 0, screwsUpMm: [500], wallOf: 'timber' }), 'good', 'wall.bears'],
    [wallHolds({ kg: 16, outMm: 0, screwsUpMm: [500], wallOf: 'render' }), 'warn', 'wall.heavy'],
    [wallHolds({ kg: 30, outMm: 100, screwsUpMm: [500], wallOf: 'brick' }), 'warn', 'wall.heavy'],
  ],
  'grain-runs': [
    [grainRuns({ grain: 0.25 }), 'good', 'grain.runs'],
    [grainRuns({ grain: 0.24 }), 'warn', 'grain.short'],
  ],
  'gate-pallet': [
    [gatePallet({ gate: 'none', no: 2 }), 'note', 'hung.none'],
    [gatePallet({ gate: 'fits', no: 2 }), 'good', 'hung.between'],
    [gatePallet({ gate: 'does not fit', no: 2 }), 'warn', 'hung.alone'],
  ],
  'wire-sags': [
    [wireSags({ ...hung, sagMm: 120 }), 'good', 'sag.fits'],
    [wireSags({ ...hung, sagMm: 121 }), 'warn', 'sag.deep'],
    [wireSags({ ...hung, yieldShare: 0.7 }), 'good', 'sag.fits'],
    [wireSags({ ...hung, yieldShare: 0.71 }), 'warn', 'sag.gives'],
  ],
  'wires-apart': [
    [wiresApart({ apartMm: 89, takesMm: 89 }), null],
    [wiresApart({ apartMm: 87, takesMm: 89 }), 'fail', 'wires.close'],
    [wiresApart({ apartMm: Infinity, takesMm: 89 }), null],
  ],
  'wire-tension': [
    [wireTension({ tensionN: 300, stretchMm: 2, yieldShare: 0.4 }), 'good', 'wire.firm'],
    [wireTension({ tensionN: 300, stretchMm: 2, yieldShare: 0.41 }), 'warn', 'wire.tight'],
  ],
  'takes the sun from a bed': [
    [shadesNorth({ worst: { bed: 'Peas', hours: 1, of: 14.3 } }), 'note', 'north.shaded'],
    [shadesNorth({ worst: { bed: 'Peas', hours: 0.9, of: 14.3 } }), null],
    [shadesNorth({ worst: null }), null],
  ],
};
function top(mm: number, couldMm = feet(9)) {
  return { by: 'mesh', topMm: { least: mm, most: mm }, could: { ...mesh.could, topMm: couldMm } } as const;
}
function hooped(at: { askedMm?: number; soldMm?: number }) {
  return hoopShape({ spanMm: 1200, heightMm: 600, askedMm: 600, lengthMm: 1885, cutMm: 2291, soldMm: 3000, ...at });
}
function deck(bearsKgM2: number | null, answeredBy = 'The owner') {
  return { is: 'decking' as const, bearsKgM2, answeredBy };
}
function standing(wetKg: number) {
  return towerStands({
    highMm: 1000,
    acrossMm: 300,
    wetKg,
    gustMs: 32,
    rod: { diameterMm: 10, wallMm: 0, yieldMpa: 420 },
    deepMm: 457.2,
    soil: 'loam',
    wind: 'usual',
  });
}
function path(...spots: (readonly [number, number])[]) {
  return pathShape({ spots, closed: false, lengthMm: 7000, flat: true });
}
/** An 18″ arm, and a bed that is this wide. */
function across(y: number, widthMm: number) {
  return reachAcross({ rowsAtMm: [y], bed: { ...bed, widthMm, standFrom: 'both sides' }, armMm: inches(18) });
}

/** Tomatoes in a bed in which these families stood last year, the year before, and the one before that. */
function rested(families: readonly string[]) {
  const stood = families.flatMap((family, i) => (family === '' ? [] : [{ yearsAgo: i + 1, family }]));
  return familyRests({ planted: tomato, beds: [{ id: 'b', name: 'Bed', stoodUnder: () => stood }] });
}

describe.each(Object.entries(CASES))('%s', (_check, cases) => {
  it.each(cases.map(([found, level, code], i) => [i + 1, level, code ?? '', found] as const))(
    'case %i: %s %s',
    (_case, level, code, found) => {
      expect(found?.level ?? null).toBe(level);
      expect(found?.told.code ?? '').toBe(code);
      if (found)
        for (const units of ['imperial', 'metric'] as const)
          expect(say(found.told, {}, { units, locale: 'en-IE' })).not.toMatch(/undefined|NaN|[{}]/);
    },
  );
});

it('every sentence that a check can say is said here', () => {
  const said = new Set(Object.values(CASES).flatMap((cases) => cases.map(([found]) => found?.told.code)));
  const at = new URL('.', import.meta.url);
  const written = readdirSync(at)
    .filter((file) => file.endsWith('.ts') && !/\.test\.ts$|^(check|sets|cover-set)\.ts$/.test(file))
    .flatMap((file) => {
      const says = /says: \{(?<all>[\s\S]*?)\},?\s*\n\s*(mends|\})/.exec(readFileSync(new URL(file, at), 'utf8'));
      return [...(says?.groups?.all ?? '').matchAll(/'([a-z]+\.[a-z-]+)':/g)].map(([, code]) => code);
    });
  expect(written.length).toBeGreaterThan(80);
  expect(written.filter((code) => !said.has(code))).toEqual([]);
});
