import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { chain } from '../../../design/chain';
import { placed, type Design, type Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { shifted } from '../../../geometry/curve';
import { strengthOf } from '../../../statics/strength';
import { GRAVITY_MS2 } from '../../../quantity/measure';
import { inches } from '../../../quantity/length';
import { bowBetween } from '../../../statics/earth';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { heldAtWall } from '../../assemblies/at-wall';
import { boardsOf, STAY_EVERY_MM, type BoardBox, type Sides } from '../../assemblies/box-of-boards';
import type { Sizing } from '../../kind';
import { plantsBought, WET_MIX_KG_L } from '../../rules/potting';
import { FROM_ABOVE, fromEnd, fromFront } from '../../rules/row-views';
import { plantUnder } from '../../rules/stations';
import { lastingTimber } from '../../rules/timber-knobs';
import { cropKg, woodKg } from '../../rules/weights';
import type { Blown } from '../../../checks/planter-stands';
import { filledBox, filledMm, floorOf } from './box';
import { trellisBehind } from './trellis';
import { boxMm, hasTrellis, isHeld, SEATED_REACH_MM, type PlanterBoxValues, type SpotSetting } from './knobs';

/** Soil and floor drawn beside it (from memory). mm. */
const BESIDE_MM = 400;
/** Where nothing is planned yet, a place for each square of this side (from memory). mm. */
const PLACE_MM = inches(8);

/** What its own checks and mends ask for. */
export interface PlanterBoxFacts {
  places: number;
  litresEach: number;
  dryKg: number;
  wetKg: number;
  /** The floor it stands over. m². */
  floorM2: number;
  /** Clear under it, from the floor. mm. */
  clearMm: number;
  /** How far its farthest row is from who works at it, and how far they reach. mm. */
  farMm: number;
  reachMm: number;
  /** How far a slat bows under wet mix, between its bearers. mm. */
  bowMm: number;
  spanMm: number;
  blown: Blown;
}

/** Sizes the box: courses of boards about legs, bearers along them, slats across, cloth and mix. */
export function sizePlanterBox(v: PlanterBoxValues, setting: SpotSetting): Sizing<PlanterBoxFacts> {
  const board = stockOf(setting.catalogue, timberId(v.board, v.treatment), 'timber');
  const legs = stockOf(setting.catalogue, lastingTimber(setting, v.legs), 'timber');
  const bearer = stockOf(setting.catalogue, lastingTimber(setting, v.bearer), 'timber');
  const slat = stockOf(setting.catalogue, lastingTimber(setting, v.slat), 'timber');
  const highMm = boxMm(v);
  // Boards never reach the floor.
  const clearMm = Math.max(0, v.rim - highMm);
  const box: BoardBox = {
    at: (along, across, up) => [along, across, clearMm + up],
    way: [1, 0, 0],
    side: [0, 1, 0],
    normal: [0, 0, 1],
    longMm: v.long,
    wideMm: v.width,
    highMm,
  };
  const sides = boardsOf(
    box,
    {
      courses: v.courses,
      everyMm: STAY_EVERY_MM,
      doors: 1,
      postsMm: [highMm, highMm],
      legsMm: clearMm,
      board,
      strip: legs,
    },
    setting,
  );
  const wood = { sides, board, legs, bearer, slat };
  const floor = floorOf(box, wood, setting);
  const deepMm = filledMm(highMm, bearer.thickMm, slat.thickMm);
  const filled = filledBox(box, {
    ...wood,
    slats: floor.slats,
    roll: stockOf(setting.catalogue, 'planter-cloth', 'mesh roll'),
    mix: v.mix,
    deepMm,
  });
  const soilMm = clearMm + bearer.thickMm + slat.thickMm + deepMm;
  const t = board.thickMm;
  const stations = plantUnder({
    planted: setting.planted,
    ground: { lengthMm: v.long, riseMm: 0 },
    fromMm: t,
    lengthMm: v.long - 2 * t,
    acrossMm: 0,
    wideMm: Math.max(1, v.width - 2 * t),
    ...(v.from === 'front only' ? { tall: 'behind' as const } : {}),
    bed: { widthMm: v.width, standFrom: v.from },
    armMm: reachOf(v, setting),
  }).map((one) => ({
    ...one,
    side: 'pocket' as const,
    at: [one.at[0], one.at[1], soilMm] as const,
    stem: shifted(one.stem, [0, 0, soilMm]),
  }));
  const places =
    stations.length || Math.floor((v.long - 2 * t) / PLACE_MM) * Math.max(1, Math.floor((v.width - 2 * t) / PLACE_MM));
  const litres = filled.fill.litres;
  const trellis = hasTrellis(v)
    ? trellisBehind(
        box,
        {
          sides,
          board,
          upright: stockOf(setting.catalogue, lastingTimber(setting, v.upright), 'timber'),
          lath: stockOf(setting.catalogue, lastingTimber(setting, v.lath), 'timber'),
          highMm: v.trellisHigh,
          everyMm: v.lathEvery,
          soilMm,
          rimMm: clearMm + highMm,
          strings: v.strings,
          twine: stockOf(setting.catalogue, `twine-${v.twine}`, 'cord'),
        },
        setting,
      )
    : null;
  const woodKgs = woodKg([...sides.posts, ...sides.boards.flat(), ...floor.parts, ...(trellis?.parts ?? [])]);
  const mixKgPerLitre = 1 / stockOf(setting.catalogue, 'potting-mix', 'bagged').litresPerKg;
  const dryKg = woodKgs + litres * mixKgPerLitre;
  const growsMm = Math.max(0, ...setting.planted.map(({ crop }) => crop.heightMm));
  const across = stations.map(({ at }) => at[1]);
  const soil = [
    [-BESIDE_MM, 0],
    [v.long + BESIDE_MM, 0],
  ] as const;
  return {
    design: placed({
      ...together(
        // At its back: what is drawn first lies behind.
        trellis && { parts: trellis.parts, joints: trellis.joints },
        // From above the cloth hides the slats, and the mix is what is planted in.
        floor,
        { parts: filled.parts, joints: filled.joints },
        { parts: sides.posts, joints: sides.joints },
        { parts: sides.boards.flat() },
        {
          joints: plantsBought(
            v.plants,
            setting,
            stations.filter(({ spare }) => !spare),
          ).map((fixing) => ({
            id: `planted-${fixing.stock}`,
            kind: 'planted',
            by: 'bearing' as const,
            places: [box.at(v.long / 2, 0, highMm - inches(1))],
            parts: [filled.fill.id],
            fixings: [fixing],
          })),
        },
        isHeld(v) && { joints: bracketsOn(box, sides) },
        { reasons: reasonsOf(v, deepMm) },
      ),
      stations,
      ground: { lengthMm: v.long, riseMm: 0 },
      builtMm: v.long,
      roomFor: places,
      hold: trellis?.hold ?? null,
      views: [
        fromFront('From the front', soil),
        FROM_ABOVE,
        fromEnd('From the end', [
          [-v.width / 2 - BESIDE_MM, 0],
          [v.width / 2 + BESIDE_MM, 0],
        ]),
      ],
      marks: [
        chain('elevation', 'x', 'in all', [0, v.long]),
        chain('elevation', 'z', 'heights', [
          0,
          ...(clearMm > 0 ? [clearMm] : []),
          clearMm + highMm,
          ...(trellis ? [clearMm + highMm + v.trellisHigh] : []),
        ]),
        chain('end', 'x', 'over all', [-v.width / 2, v.width / 2], [0, v.width]),
        chain('end', 'z', 'mix and rim', [0, soilMm, clearMm + highMm]),
      ],
      handles: [
        { knob: 'long', view: 'elevation', at: [v.long, 0, clearMm + highMm / 2], axis: 'right' },
        { knob: 'rim', view: 'elevation', at: [v.long / 2, 0, clearMm + highMm], axis: 'up' },
        trellis !== null && {
          knob: 'trellisHigh',
          view: 'elevation',
          at: [v.long / 2, 0, clearMm + highMm + v.trellisHigh],
          axis: 'up',
        },
        { knob: 'width', view: 'end', at: [0, v.width / 2, clearMm + highMm / 2], axis: 'right', perMm: 2 },
      ],
    }),
    facts: {
      places,
      litresEach: litres / Math.max(1, places),
      dryKg,
      wetKg: woodKgs + litres * WET_MIX_KG_L + cropKg({ stations }, setting.planted),
      floorM2: (v.long * v.width) / 1e6,
      clearMm,
      farMm: farthest(v, across),
      reachMm: reachOf(v, setting),
      bowMm: bowBetween({
        loadNmm: (deepMm * slat.wideMm * WET_MIX_KG_L * GRAVITY_MS2) / 1e6,
        spanMm: floor.spanMm,
        wideMm: slat.wideMm,
        thickMm: slat.thickMm,
        stiffnessMpa: stiffnessOf(slat),
      }),
      spanMm: floor.spanMm,
      blown: {
        gustMs: setting.site.gustMs,
        wind: setting.wind,
        longMm: v.long,
        wideMm: v.width,
        boxMm: highMm,
        underMm: clearMm,
        growsMm: Math.max(stations.length > 0 ? growsMm : 0, trellis?.highMm ?? 0),
        dryKg,
        held: isHeld(v),
      },
    },
  };
}

/** A bracket on the upper back board beside either outer leg (from memory). */
const bracketsOn = (box: BoardBox, sides: Sides): Joint[] =>
  (['left', 'right'] as const).map((side) => {
    const [, back] = sides.boards.at(-1) as [Bar, Bar];
    const along = side === 'left' ? inches(6) : box.longMm - inches(6);
    return heldAtWall({
      id: `bracket-${side}`,
      part: back.id,
      at: box.at(along, box.wideMm / 2, box.highMm - inches(1)),
    });
  });

const stiffnessOf = (stock: Parameters<typeof strengthOf>[0]): number => {
  const strength = strengthOf(stock);
  return strength && 'stiffnessMpa' in strength ? strength.stiffnessMpa : 8000;
};

/** How far who works at it reaches. mm. */
const reachOf = (v: Pick<PlanterBoxValues, 'use'>, setting: SpotSetting): number =>
  v.use === 'standing' || v.use === 'trough' ? setting.armMm : SEATED_REACH_MM;

/** From where one stands or sits to the farthest row; to the farther board, where nothing grows yet. mm. */
function farthest({ width, from }: Pick<PlanterBoxValues, 'width' | 'from'>, across: readonly number[]): number {
  const rows = across.length > 0 ? across : [width / 2];
  return Math.max(...rows.map((y) => (from === 'front only' ? y + width / 2 : width / 2 - Math.abs(y))));
}

const reasonsOf = (v: PlanterBoxValues, deepMm: number): Design['reasons'] => ({
  board: fact('count.boards', { courses: v.courses }),
  post: fact('count.posts', { every: { mm: STAY_EVERY_MM } }),
  bearer: fact('count.bearers'),
  slat: fact('count.slats'),
  lining: fact('count.lining'),
  mix: fact('count.mix', { deep: { mm: deepMm } }),
  'board to post': fact('count.board-screws'),
  'bearer to leg': fact('count.bearer-screws'),
  'slat to bearer': fact('count.slat-screws'),
  'lining stapled': fact('count.staples'),
  upright: fact('count.uprights'),
  string: fact('count.strings', { strings: v.strings }),
  lath: fact('count.laths', { every: { mm: v.lathEvery } }),
  'upright to board': fact('count.upright-screws'),
  'rail to post': fact('count.lath-screws'),
  'held at the wall': fact('count.brackets'),
  planted: fact('count.plants'),
});
