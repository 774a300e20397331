import { THROUGH_BED_WORDS } from '../../rules/depth';
import { ROW_WORDS } from '../../rules/row';
import { stockOf } from '../../../catalogue/catalogue';
import { HEFT } from '../../../catalogue/stock';
import { cageStands, rodsFor, slenderest } from '../../../checks/cage-stands';
import { cageWide } from '../../../checks/cage-wide';
import { cagesMany } from '../../../checks/cages-many';
import { OVER_CAGE_MM } from '../../../checks/crop-height';
import { plantsFit } from '../../../checks/plants-fit';
import { holdChecks, postChecks, rowChecks } from '../../../checks/sets';
import { countOf } from '../../../crops/planted';
import { inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { placesIn } from '../../assemblies/ring-of-mesh';
import { structureKind } from '../../kind';
import { rowsHigh } from '../../rules/could';
import { fillUnder, throughBed } from '../../rules/depth';
import { reachOverBed, ROW_MENDS } from '../../rules/row';
import { isOffered } from '../../setting';
import { MESH_CAGE_KNOBS, offeredRolls } from './knobs';
import { WORDS } from './words';
import { sizeMeshCage } from './size';
import { BUILDING } from './steps';

/** A round cage of welded mesh for each plant. */
export const kind = structureKind({
  id: 'mesh-cage',
  name: 'Mesh cage',
  blurb: 'A cylinder of welded mesh about each plant: the least work for up to half a dozen of them.',
  purpose: 'support',
  stands: ['bed'],
  nature: { tendingMinutes: { leaner: 0.5, climber: 0.25 }, moves: 'comes apart' },
  knobs: MESH_CAGE_KNOBS,
  size: sizeMeshCage,
  checks: ({ design, facts }, v, setting) => [
    cageWide({ planted: setting.planted, diameterMm: facts.cut.diameterMm, apartMm: v.cages > 1 ? v.apart : Infinity }),
    ...(design.hold ? holdChecks({ planted: setting.planted, hold: design.hold }) : []),
    cageStands({ heightMm: facts.cut.overMm, diameterMm: facts.cut.diameterMm, stakes: v.stakes, wind: setting.wind }),
    ...postChecks(design, { soil: 'loam', wind: 'usual', fill: fillUnder(setting) }),
    plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 }),
    cagesMany({ cages: facts.cages }),
    ...rowChecks(design, { ...setting, bed: setting.place.bed, rowsAtMm: facts.rowsAtMm }),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, THROUGH_BED_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'row.past-bed': (v, { facts }, setting) => {
      const fit = placesIn(
        roomOf(setting.place.bed, facts.cut.diameterMm).lengthMm - facts.cut.diameterMm + v.apart,
        v.apart,
      );
      return fit < v.cages ? { cages: Math.max(1, fit) } : null;
    },
    'cage.small': (_v, _built, setting) => ({
      diameter: Math.max(
        inches(14),
        ...setting.planted.map((one) => (one.crop.load === 'heavy' ? inches(18) : inches(14))),
      ),
    }),
    'cages.close': (v, { facts }) => ({ apart: facts.cut.diameterMm + inches(4), cages: v.cages }),
    // As many rods as it takes; where three are too few, wider.
    'cage.blows': (v, { facts }, setting) => {
      const high = facts.cut.overMm;
      const stakes = Math.max(v.stakes, rodsFor(high, facts.cut.diameterMm, setting.wind));
      const across = high / slenderest(stakes, setting.wind) + inches(2);
      return { stakes, ...(across > facts.cut.diameterMm + inches(2) ? { diameter: across } : {}) };
    },
    'depth.shallow': () => ({ depth: LEAST_DRIVEN_MM }),
    'depth.bed': (v, _built, setting) => ({
      depth: throughBed(v.depth, LEAST_DRIVEN_MM, fillUnder(setting), setting.market),
    }),
    'mesh.narrow': () => ({ openings: 4 }),
    // The lowest roll that goes as high as the tallest wants, and that carries the heaviest.
    'height.low': (v, _built, setting) => {
      const wants = Math.max(...setting.planted.map(({ crop }) => crop.supportToMm));
      const heft = Math.max(...setting.planted.map(({ crop }) => HEFT[crop.load]));
      const roll = offeredRolls(setting)
        .map((id) => stockOf(setting.catalogue, id, 'mesh roll'))
        .toSorted((one, other) => one.heightMm - other.heightMm)
        .find(
          (one) => HEFT[one.carries] >= heft && rowsHigh(one, setting, v.feet === 'stakes') + OVER_CAGE_MM >= wants,
        );
      const high = roll && Math.min(roll.heightMm, Math.max(v.height, wants + roll.stepMm), reachOverBed(setting));
      return roll && high ? { roll: roll.id, height: high } : null;
    },
    'load.heavy': (_v, _built, setting) => (isOffered(setting, 'mesh-cage-60') ? { roll: 'mesh-cage-60' } : null),
    'reach.tall': (_v, _built, setting) => ({ height: Math.max(inches(18), reachOverBed(setting)) }),
    'plants.too-many': (_v, _built, setting) => ({
      cages: Math.min(60, countOf(setting.planted)),
    }),
  },
});
