import { stockOf } from '../../../catalogue/catalogue';
import { blockStock } from '../../../catalogue/masonry';
import type { Cord } from '../../../catalogue/stock';
import { timberId } from '../../../catalogue/timber';
import { chain } from '../../../design/chain';
import { placed, type Design } from '../../../design/design';
import { areaOf, type Pair } from '../../../geometry/polygon';
import { inches } from '../../../quantity/length';
import { GRAVITY_MS2 } from '../../../quantity/measure';
import { isOnFloor, narrows, underOf, type Bed } from '../../../site/bed';
import { groundAt, slopeOf } from '../../../site/ground';
import type { Underfoot } from '../../../site/underfoot';
import { closedBy, type Guard } from '../../../site/visitors';
import { UNTIED_MM, UNTIED_ON_FLOOR_MM, type bedTied } from '../../../checks/bed-tied';
import type { dripWaters } from '../../../checks/drip-waters';
import type { wickRises } from '../../../checks/wick-rises';
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
  TIE,
  type RaisedBedValues,
} from './knobs';
import { builtFrom, cornersOf, type Unit } from './outline';
import { blockSides } from './blocks';
import { boardSides, courseMiddles, type Between } from './boards';
import { capOn } from './cap';
import { dripOn, OPENING_LITRES_H } from './drip';
import { fillIn, PATH_WIDE_MM, weighs } from './fill';
import { floorUnder } from './floor';
import { sheetedSides } from './sheeting';
import { reservoirIn } from './reservoir';
import { rimOf, type Stood } from './stood';
import { facing, pullOfTie, tiesAcross } from './ties';
import { timberSides } from './timbers';

/** What its own checks and mends ask for. */
export interface RaisedBedFacts {
  /** As they were asked for, and as its sides are built: over the path, along and across. mm. */
  asked: { highMm: number; longMm: number; wideMm: number };
  built: { highMm: number; longMm: number; wideMm: number };
  /** What straight sides make of an outline that they cannot follow; null where they follow it. */
  straight: Bed['outline']['shape'] | null;
  /** How it stands against who visits: closed by its sides, and from below by mesh under it. */
  guard: Guard;
  /** How far the lowest board bows between two posts; null where there are none. mm. */
  bowMm: number | null;
  /** How many times over its weight stands against the soil; null where it is held by posts or pins. */
  stands: number | null;
  /** How its posts between the corners are tied to each other. */
  tied: Parameters<typeof bedTied>[0];
  /** How far it is dug in at its high end, to be level. mm. */
  dugInMm: number;
  /** Where it stands on a floor: what that is, how deep its soil lies on it, and what it weighs watered and dry. */
  onFloor: { underfoot: Underfoot; soilMm: number; floorM2: number; wetKg: number; dryKg: number } | null;
  /** What its drip lines give, and what its reservoir holds; null of what it has not. */
  drip: Parameters<typeof dripWaters>[0] | null;
  wick: Parameters<typeof wickRises>[0] | null;
}

/** Between two corner posts; a side of blocks or timbers is so many walls thick at the least (from memory). mm. */
const ROOM_MM = inches(2);
const LEAST_WALLS = 3;
/** A drill with its bit (from memory). mm. */
const DRILL_MM = inches(6.5);
/** Less soil than this over a reservoir is none (from memory). mm. */
const LEAST_SOIL_MM = inches(1);
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
  return {
    block,
    side,
    thickMm,
    built: builtFrom(setting.place.bed, unit, thickMm, leastMm, v.make === 'boards' ? post : null),
  };
}

/** How far its foot is over the ground at its near end: what is dug in goes by the low end, on a floor it is packed up to the high one. mm. */
const footOver = (bed: Bed, fallMm: number): number => (isOnFloor(bed) ? Math.max(0, fallMm) : Math.min(0, fallMm));

/** The bed as its sides make it: level, so high over the path at its near end. mm. */
export function makesBed(v: RaisedBedValues, setting: BedSetting): MadeBed {
  const { built } = madeOf(v, setting);
  const { bed } = setting.place;
  const underMm = footOver(bed, groundAt(groundOf(bed), built.lengthMm));
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
  const onFloor = isOnFloor(bed);
  const { block, side, thickMm, ...made } = madeOf(v, setting);
  const outline = cornersOf(made.built);
  const { lengthMm: longMm, widthMm: wideMm } = made.built;
  const courses = coursesOf(v);
  const high = courses * courseMm(v);
  const fallMm = groundAt(ground, longMm);
  const stood: Stood = {
    outline,
    baseMm: -bed.heightMm + footOver(bed, fallMm),
    onFloor,
    courses,
    courseMm: courseMm(v),
    thickMm,
    // Sheet stands inside its rails.
    wallMm: thickMm + (v.make === 'metal' ? stockOf(setting.catalogue, SHEET, 'sheeting').thickMm : 0),
    everyMm: v.postEvery,
  };
  const sides = sidesOf(v, setting, stood);
  const pairs = facing(stood, sides.between ?? []);
  const tie = stockOf(setting.catalogue, TIE, 'cord');
  const ties = hasPosts(v) && v.ties === 'wire' ? tiesAcross(stood, pairs, tie) : null;
  const floor =
    v.floor === 'none'
      ? null
      : floorUnder(made.built, stockOf(setting.catalogue, v.floor, 'mesh roll'), stood.baseMm, sides.parts);
  const cap =
    v.cap !== 'none' && takesCap(v) && made.built.outline.shape !== 'polygon'
      ? capOn(stood, {
          of: stockOf(setting.catalogue, timberId(v.cap, 'treated'), 'timber'),
          sides: sides.parts,
          longestMm: setting.sizesOf(timberId(v.cap, 'treated')).at(-1) ?? Infinity,
          setting,
        })
      : null;
  const depth = Math.max(0, high - v.below);
  const inner = insideOf(outline, stood.wallMm);
  const isFilled = v.fill !== 'none' && depth >= 1;
  const isTrough = isFilled && v.watered === 'below';
  const reservoir =
    isTrough && depth > 2 * LEAST_SOIL_MM ? watersBelow(v, setting, { stood, inner, depth, sides }) : null;
  const fromMm = reservoir?.fill.cutMm ?? 0;
  const fill = isFilled ? fillIn(v, stood, { fromMm, depthMm: depth - fromMm }, sides.parts) : null;
  const drip =
    fill?.top && v.watered === 'drip'
      ? dripOn(inner, {
          soil: fill.top,
          topMm: stood.baseMm + depth,
          everyMm: v.dripEvery,
          line: stockOf(setting.catalogue, 'drip-line', 'cord'),
          pipe: stockOf(setting.catalogue, 'drip-pipe', 'cord'),
        })
      : null;
  const level = Math.cos(slopeOf(ground));
  const startMm = (bed.lengthMm - longMm / level) / 2;
  const rim = rimOf(stood);
  // The lowest board; of sheet two thirds of all that presses is on its lower rail (a load that grows with the depth).
  const lowest =
    v.make === 'metal' ? (soilPressure(high) * high) / 3 : soilPressure(high - courseMm(v) / 2) * courseMm(v);
  const strength = side && strengthOf(side);
  return {
    design: placed({
      ...together(floor, sides, ties, cap, reservoir, fill, drip, { reasons: reasonsOf(v, courses) }),
      ground,
      walls: outline,
      builtMm: longMm / level,
      ...(onFloor ? { packedUpMm: Math.abs(fallMm) } : {}),
      startMm,
      views: rowViews({ ground, bed, startMm, sides: true }),
      marks: [
        chain('elevation', 'x', 'over all', [0, longMm]),
        chain('elevation', 'z', 'rim', [stood.baseMm, rim]),
        chain('plan', 'x', 'over all', placesOf(outline.map(([x]) => x))),
        chain('plan', 'z', 'across', placesOf(outline.map(([, y]) => y))),
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
      straight: !narrows(bed) || made.built.outline.shape === bed.outline.shape ? null : made.built.outline.shape,
      guard: {
        barrier: { ...closedBy(0, high), buriedMm: stopsBelow(v.floor) || onFloor ? Infinity : 0 },
        stiffMm: Infinity,
        roofed: false,
        floored: stopsBelow(v.floor) || onFloor,
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
        block && (v.cores === 'soil' || onFloor)
          ? turnsOver({
              highMm: high,
              wideMm: block.wideMm,
              weightNmm: (courses * (block.massKg + block.coreLitres * SOIL_KG_L) * GRAVITY_MS2) / block.longMm,
            })
          : null,
      tied: {
        deepMm: depth,
        mostMm: onFloor ? UNTIED_ON_FLOOR_MM : UNTIED_MM,
        pairs: pairs.length,
        ties: ties ? { pullN: pullOfTie(depth, high, v.postEvery), givesN: 2 * givesAt(tie) } : null,
      },
      dugInMm: Math.abs(fallMm),
      onFloor: onFloor
        ? {
            underfoot: underOf(bed),
            soilMm: fill ? depth - fromMm : 0,
            floorM2: areaOf(outline) / 1e6,
            ...weighs([...sides.parts, ...(fill?.parts ?? []), ...(reservoir?.parts ?? [])], v.settles),
          }
        : null,
      drip: drip && {
        openings: drip.openings,
        litresH: drip.openings * OPENING_LITRES_H,
        areaM2: areaOf(inner) / 1e6,
      },
      wick: isTrough
        ? {
            soilMm: depth - fromMm,
            waterLitres: reservoir?.waterLitres ?? 0,
            areaM2: areaOf(inner) / 1e6,
            linerMm: reservoir?.linerWideMm ?? 0,
            soldMm: stockOf(setting.catalogue, 'pond-liner', 'mesh roll').heightMm,
          }
        : null,
    },
  };
}

/** A trough in its foot, no deeper than leaves a finger of soil. */
function watersBelow(
  v: RaisedBedValues,
  { catalogue }: BedSetting,
  o: { stood: Stood; inner: readonly Pair[]; depth: number; sides: Assembled },
) {
  return reservoirIn(o.inner, {
    baseMm: o.stood.baseMm,
    soilMm: o.stood.baseMm + o.depth,
    deepMm: Math.min(v.reservoir, o.depth - LEAST_SOIL_MM),
    liner: stockOf(catalogue, 'pond-liner', 'mesh roll'),
    cloth: stockOf(catalogue, 'planter-cloth', 'mesh roll'),
    pipe: stockOf(catalogue, 'drain-pipe', 'cord'),
    sides: o.sides.parts ?? [],
  });
}

function sidesOf(v: RaisedBedValues, setting: BedSetting, stood: Stood): Assembled & { between?: readonly Between[] } {
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

/** Each place once, in order: what is as far to a micrometre is one. mm. */
const placesOf = (all: readonly number[]): number[] =>
  [...new Set(all.map((mm) => Math.round(mm * 1000) / 1000))].sort((a, b) => a - b);

/** At what one strand of a wire gives. N. */
function givesAt(of: Cord): number {
  const strength = strengthOf(of);
  return strength && 'breakingN' in strength ? strength.breakingN : 0;
}

/** Why there are so many of each. */
const reasonsOf = (v: RaisedBedValues, courses: number): Design['reasons'] => ({
  tie: fact('count.ties'),
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
  'path soil': fact('count.paths', { way: { mm: PATH_WIDE_MM }, deep: { mm: v.paths } }),
  compost: fact('count.compost', { more: v.settles }),
  layers: fact('count.layers', { more: v.settles }),
  'drip line': fact('count.drip', { every: { mm: v.dripEvery } }),
  header: fact('count.header'),
  'line on header': fact('count.fittings'),
  'line closed': fact('count.ends'),
  'header to the tap': fact('count.tap'),
  'pipe pegged': fact('count.drip-pegs'),
  liner: fact('count.liner'),
  reservoir: fact('count.reservoir'),
  'wick cloth': fact('count.wick-cloth'),
  'fill pipe': fact('count.fill-pipe'),
  'outlet in the side': fact('count.outlet'),
  'board to post': fact('count.screws'),
  'boards at a corner': fact('count.straps'),
  'rail to post': fact('count.screws'),
  'sheet to rail': fact('count.sheet-screws'),
});
