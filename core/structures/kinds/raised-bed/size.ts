import { stockOf } from '../../../catalogue/catalogue';
import { blockStock } from '../../../catalogue/masonry';
import { timberId } from '../../../catalogue/timber';
import { chain } from '../../../design/chain';
import { placed, type Design } from '../../../design/design';
import { fillOf } from '../../../design/shapes/fill';
import { shapeOf, type Part } from '../../../design/shapes/shapes';
import { areaOf, type Pair } from '../../../geometry/polygon';
import type { Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { GRAVITY_MS2 } from '../../../quantity/measure';
import { groundAt, slopeOf } from '../../../site/ground';
import { closedBy, type Guard } from '../../../site/visitors';
import { bowBetween, soilPressure, turnsOver } from '../../../statics/earth';
import { strengthOf } from '../../../statics/strength';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { groundOf } from '../../assemblies/bed-row';
import { insideOf } from '../../assemblies/courses';
import type { MadeBed, Sizing } from '../../kind';
import { stopsBelow } from '../../rules/floor-mesh';
import { rowViews } from '../../rules/row-views';
import type { BedSetting } from '../../setting';
import {
  courseMm,
  coursesOf,
  hasPosts,
  LOG,
  postStock,
  SHEET,
  sideStock,
  takesCap,
  type RaisedBedValues,
} from './knobs';
import { builtFrom, cornersOf, type Unit } from './outline';
import { blockSides } from './blocks';
import { boardSides, courseMiddles } from './boards';
import { capOn } from './cap';
import { floorUnder } from './floor';
import { sheetedSides } from './sheeting';
import { rimOf, type Stood } from './stood';
import { timberSides } from './timbers';

/** What its own checks and mends ask for. */
export interface RaisedBedFacts {
  /** As they were asked for, and as its sides are built: over the path, along and across. mm. */
  asked: { highMm: number; longMm: number; wideMm: number };
  built: { highMm: number; longMm: number; wideMm: number };
  round: boolean;
  /** How it stands against who visits: closed by its sides, and from below by mesh under it. */
  guard: Guard;
  /** How far the lowest board bows between two posts; null where there are none. mm. */
  bowMm: number | null;
  /** How many times over its weight stands against the soil; null where it is held by posts or pins. */
  stands: number | null;
  /** How far it is dug in at its high end, to be level. mm. */
  dugInMm: number;
}

/** Over layers of prunings so much of the mix (common practice, no source). mm. */
const OVER_LAYERS_MM = inches(7);
/** Of the mix two parts are topsoil, one compost (common practice, no source). */
const TOPSOIL_PARTS = 2 / 3;
/** Between two corner posts; a side of blocks or timbers is so many walls thick at the least (from memory). mm. */
const ROOM_MM = inches(2);
const LEAST_WALLS = 3;
/** A drill with its bit (from memory). mm. */
const DRILL_MM = inches(6.5);
/** Soil in the core of a block (from memory). kg a litre. */
const SOIL_KG_L = 1.2;

/** What its sides are of, how thick they are, and what they make of the bed. */
function madeOf(v: RaisedBedValues, setting: BedSetting) {
  const block = v.make === 'blocks' ? blockStock(v.block) : null;
  const log = v.make === 'logs' ? stockOf(setting.catalogue, LOG, 'pole') : null;
  const side = block || log ? null : stockOf(setting.catalogue, sideStock(v), 'timber');
  const thickMm = block?.wideMm ?? log?.diameterMm ?? side?.thickMm ?? 0;
  const unit: Unit | null = block
    ? { wholeMm: block.longMm, halfMm: blockStock(block.half ?? block.id).longMm, thickMm }
    : null;
  const post = hasPosts(v) ? stockOf(setting.catalogue, postStock(v, setting), 'timber') : null;
  // Two corner posts find room on the shortest side; of sheet a drill as well, between it and the post across from it.
  const room = v.make === 'metal' ? DRILL_MM : ROOM_MM;
  const leastMm = post ? 2 * thickMm + post.wideMm + post.thickMm + room : LEAST_WALLS * thickMm;
  return { block, side, thickMm, built: builtFrom(setting.place.bed, unit, thickMm, leastMm) };
}

/** The bed as its sides make it: level, so high over the path at its near end. mm. */
export function makesBed(v: RaisedBedValues, setting: BedSetting): MadeBed {
  const { built } = madeOf(v, setting);
  const underMm = Math.min(0, groundAt(groundOf(setting.place.bed), built.lengthMm));
  return {
    ...built,
    ...(v.make === 'blocks' ? { hollow: true } : {}),
    heightMm: Math.max(0, coursesOf(v) * courseMm(v) + underMm),
    riseMm: 0,
  };
}

/** Sizes the bed: sides about its outline, held by inside posts, by pins or by their weight; what it is filled with, layer by layer. */
export function sizeRaisedBed(v: RaisedBedValues, setting: BedSetting): Sizing<RaisedBedFacts> {
  const { bed } = setting.place;
  const ground = groundOf(bed);
  const { block, side, thickMm, ...made } = madeOf(v, setting);
  const outline = cornersOf(made.built);
  const { lengthMm: longMm, widthMm: wideMm } = made.built;
  const courses = coursesOf(v);
  const high = courses * courseMm(v);
  const fallMm = groundAt(ground, longMm);
  const stood: Stood = {
    outline,
    baseMm: -bed.heightMm + Math.min(0, fallMm),
    courses,
    courseMm: courseMm(v),
    thickMm,
    // Sheet stands inside its rails.
    wallMm: thickMm + (v.make === 'metal' ? stockOf(setting.catalogue, SHEET, 'sheeting').thickMm : 0),
    everyMm: v.postEvery,
  };
  const sides = sidesOf(v, setting, stood);
  const floor =
    v.floor === 'none'
      ? null
      : floorUnder(made.built, stockOf(setting.catalogue, v.floor, 'mesh roll'), stood.baseMm, sides.parts);
  const cap =
    v.cap !== 'none' && takesCap(v)
      ? capOn(stood, {
          of: stockOf(setting.catalogue, timberId(v.cap, 'treated'), 'timber'),
          sides: sides.parts,
          longestMm: setting.sizesOf(timberId(v.cap, 'treated')).at(-1) ?? Infinity,
          setting,
        })
      : null;
  const depth = Math.max(0, high - v.below);
  const fill = v.fill === 'none' || depth < 1 ? null : fillIn(v, stood, depth, sides.parts);
  const level = Math.cos(slopeOf(ground));
  const startMm = (bed.lengthMm - longMm / level) / 2;
  const rim = rimOf(stood);
  // The lowest board; of sheet two thirds of all that presses is on its lower rail (a load that grows with the depth).
  const lowest =
    v.make === 'metal' ? (soilPressure(high) * high) / 3 : soilPressure(high - courseMm(v) / 2) * courseMm(v);
  const strength = side && strengthOf(side);
  return {
    design: placed({
      ...together(floor, sides, cap, fill, { reasons: reasonsOf(v, courses) }),
      ground,
      builtMm: longMm / level,
      startMm,
      views: rowViews({ ground, bed, startMm, sides: true }),
      marks: [
        chain('elevation', 'x', 'over all', [0, longMm]),
        chain('elevation', 'z', 'rim', [stood.baseMm, rim]),
        chain(
          'plan',
          'x',
          'over all',
          [...new Set(outline.map(([x]) => x))].sort((a, b) => a - b),
        ),
        chain(
          'plan',
          'z',
          'across',
          [...new Set(outline.map(([, y]) => y))].sort((a, b) => a - b),
        ),
        chain(
          'end',
          'z',
          'courses',
          // Of sheet its two rails.
          v.make === 'metal' && side
            ? [0, side.wideMm, high - side.wideMm, high].map((up) => stood.baseMm + up)
            : Array.from({ length: courses + 1 }, (_, i) => stood.baseMm + i * courseMm(v)),
        ),
      ],
      handles: [
        { knob: 'high', view: 'elevation', at: [longMm / 2, 0, rim], axis: 'up' },
        { knob: 'postEvery', view: 'elevation', at: [Math.min(v.postEvery, longMm), 0, stood.baseMm], axis: 'right' },
        fill && { knob: 'below', view: 'end', at: [0, 0, rim - v.below], axis: 'up', perMm: -1 },
      ],
    }),
    facts: {
      asked: { highMm: v.high, longMm: bed.lengthMm, wideMm: bed.widthMm },
      built: { highMm: high, longMm, wideMm },
      round: bed.outline.shape === 'round',
      guard: {
        barrier: { ...closedBy(0, high), buriedMm: stopsBelow(v.floor) ? Infinity : 0 },
        stiffMm: Infinity,
        roofed: false,
        floored: stopsBelow(v.floor),
      },
      bowMm:
        hasPosts(v) && side && strength && 'stiffnessMpa' in strength
          ? bowBetween({
              loadNmm: lowest,
              spanMm: v.postEvery,
              wideMm: side.wideMm,
              thickMm: side.thickMm,
              stiffnessMpa: strength.stiffnessMpa,
            })
          : null,
      stands:
        block && v.cores === 'soil'
          ? turnsOver({
              highMm: high,
              wideMm: block.wideMm,
              weightNmm: (courses * (block.massKg + block.coreLitres * SOIL_KG_L) * GRAVITY_MS2) / block.longMm,
            })
          : null,
      dugInMm: Math.abs(fallMm),
    },
  };
}

function sidesOf(v: RaisedBedValues, setting: BedSetting, stood: Stood): Assembled {
  const rod = stockOf(setting.catalogue, 'rod-10', 'rod');
  if (v.make === 'blocks') return blockSides(stood, { block: v.block, pinned: v.cores === 'pinned', rod });
  const longestMm = setting.sizesOf(sideStock(v)).at(-1) ?? Infinity;
  if (v.make === 'logs')
    return timberSides(stood, { of: stockOf(setting.catalogue, LOG, 'pole'), role: 'log', rod, longestMm });
  const side = stockOf(setting.catalogue, sideStock(v), 'timber');
  if (v.make === 'metal')
    return sheetedSides(stood, {
      rail: side,
      post: stockOf(setting.catalogue, postStock(v, setting), 'timber'),
      sheet: stockOf(setting.catalogue, SHEET, 'sheeting'),
      longestMm,
      setting,
    });
  return v.make === 'timbers'
    ? timberSides(stood, { of: side, role: 'timber', rod, longestMm })
    : boardSides(stood, {
        role: 'board',
        board: side,
        ups: courseMiddles(stood),
        post: stockOf(setting.catalogue, postStock(v, setting), 'timber'),
        longestMm,
        setting,
      });
}

/** What it is filled with, from below: each with what it takes more for settling. */
function fillIn(v: RaisedBedValues, s: Stood, depthMm: number, sides: readonly Part[]): Assembled {
  const inner = insideOf(s.outline, s.wallMm);
  const middle: Pair = [
    inner.reduce((sum, [x]) => sum + x, 0) / inner.length,
    inner.reduce((sum, [, y]) => sum + y, 0) / inner.length,
  ];
  const rim = { outline: inner.map(([x, y]): Pair => [x - middle[0], y - middle[1]]) };
  const mixMm = v.fill === 'layers' ? Math.min(depthMm, OVER_LAYERS_MM) : depthMm;
  const layers = [
    ...(v.fill === 'layers' ? [{ role: 'layers', of: 'own-prunings', deepMm: depthMm - mixMm }] : []),
    ...(v.fill === 'own'
      ? [{ role: 'soil', of: 'own-soil', deepMm: mixMm }]
      : [
          { role: 'soil', of: 'topsoil', deepMm: mixMm * TOPSOIL_PARTS },
          { role: 'compost', of: 'compost', deepMm: mixMm * (1 - TOPSOIL_PARTS) },
        ]),
  ].filter(({ deepMm }) => deepMm >= 1);
  let upMm = s.baseMm;
  const fills = layers.map(({ role, of, deepMm }) => {
    const fill = fillOf({
      id: `fill-${role}`,
      role,
      of,
      bottom: [middle[0], middle[1], upMm],
      rim,
      cutMm: deepMm,
      litres: (areaOf(inner) * deepMm * (1 + v.settles / 100)) / 1e6,
    });
    upMm += deepMm;
    return fill;
  });
  // Each lies against the sides: against what of them is nearest to its own height.
  const joints = fills.map((fill) => {
    const heart = fill.bottom[2] + fill.cutMm / 2;
    const [corner] = inner as [Pair];
    const spot: Point = [corner[0], corner[1], heart];
    const against = sides
      .filter((part) => shapeOf(part).nature === 'member')
      .reduce((best, part) =>
        shapeOf(part).distanceTo(part, spot) < shapeOf(best).distanceTo(best, spot) ? part : best,
      );
    return {
      id: `${fill.id}-in-bed`,
      kind: 'fill in the bed',
      by: 'bearing' as const,
      places: [spot],
      parts: [fill.id, against.id],
      fixings: [],
    };
  });
  return { parts: fills, joints };
}

/** Why there are so many of each. */
const reasonsOf = (v: RaisedBedValues, courses: number): Design['reasons'] => ({
  board: fact('count.boards', { courses }),
  floor: fact('count.floor'),
  cap: fact('count.cap'),
  'cap on the rim': fact('count.cap-screws'),
  rail: fact('count.rails'),
  sheet: fact('count.sheets'),
  timber: fact('count.timbers', { courses }),
  log: fact('count.timbers', { courses }),
  block: fact('count.blocks', { courses }),
  'half block': fact('count.halves'),
  post: fact('count.posts', { every: { mm: v.postEvery } }),
  pin: fact('count.pins', { every: { mm: v.postEvery } }),
  core: fact('count.cores'),
  soil: fact(v.fill === 'own' ? 'count.own' : 'count.topsoil', { more: v.settles }),
  compost: fact('count.compost', { more: v.settles }),
  layers: fact('count.layers', { more: v.settles }),
  'board to post': fact('count.screws'),
  'rail to post': fact('count.screws'),
  'sheet to rail': fact('count.sheet-screws'),
});
