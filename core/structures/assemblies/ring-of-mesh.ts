import { stockOf } from '../../catalogue/catalogue';
import type { MeshRoll } from '../../catalogue/stock';
import { countOf } from '../../crops/planted';
import { chain, soilChain } from '../../design/chain';
import type { Joint, Mark, Placement, Pull, ViewFrame } from '../../design/design';
import type { Listed } from '../../design/listed';
import { onSheet, sheetOf, type Sheet } from '../../design/shapes/sheet';
import { add, ALONG, type Point } from '../../geometry/space';
import { roomOf } from '../../site/bed';
import { onGround } from '../../site/ground';
import { fact, type Fact } from '../../wording/say';
import type { CountKnob } from '../knob';
import type { Cut } from '../rules/girth';
import { acrossBed, rowAtKnob, withinArm } from '../rules/row';
import type { RowView } from '../rules/row-views';
import { rowMarks, rowViews } from '../rules/row-views';
import { plantEach } from '../rules/stations';
import type { BedSetting } from '../setting';
import { groundOf } from './bed-row';

/**
 * The mesh of one cage: all round a circle about its plant, its lowest wires in the soil: stakes, where its level wires
 * begin over them, or whole mesh. Of several from one height the first is bought.
 */
export function roundSheet(roll: MeshRoll, cut: Cut, foot: Point, i: number, levelFromMm = cut.legsMm): Sheet {
  const first = i - (i % cut.fromHeight);
  const highMm = cut.overMm + cut.legsMm;
  const levels = Array.from({ length: cut.rows }, (_, n) => levelFromMm + n * roll.stepMm).filter(
    (at) => at <= highMm + 0.5,
  );
  return sheetOf({
    id: `cage-${i + 1}`,
    role: 'mesh',
    of: roll,
    base: circleAbout([foot[0], foot[1], foot[2] - cut.legsMm], cut.girthMm / (2 * Math.PI)),
    cutMm: cut.cutMm,
    heightMm: highMm,
    uprightsMm: Array.from({ length: cut.links }, (_, n) => n * roll.openingMm),
    levelsMm: [...levels, ...(cut.legsMm === 0 ? [highMm] : [])],
    ...(i === first ? {} : { board: `cage-${first + 1}` }),
  });
}

/** A level circle, once round. mm. */
export const circleAbout = (middle: Point, radiusMm: number): Sheet['base'] => ({
  curve: 'arc',
  middle,
  a: ALONG,
  b: [0, 1, 0],
  radiusMm,
  fromRad: 0,
  toRad: 2 * Math.PI,
});

/** How many places the bed has for cages so far apart. */
export const placesIn = (lengthMm: number, apartMm: number): number =>
  Math.max(1, Math.floor((lengthMm + 0.5) / apartMm));

/** How many cages of a width its room takes. */
export const cagesFit = (v: { apart: number }, diameterMm: number, setting: BedSetting): number =>
  placesIn(roomOf(setting.place.bed, diameterMm).lengthMm - diameterMm + v.apart, v.apart);

/** How many cages, one for each plant as far as there is room; and where their row stands. */
export const cageRowKnobs = {
  cages: {
    type: 'count',
    label: 'Cages',
    group: 'Row',
    min: 1,
    max: 60,
    help: 'One for each plant.',
    suggest: (setting, set) => {
      // A cage is made of whole links: it may come out half a link wider than asked.
      const roll = stockOf(setting.catalogue, String(set.roll), 'mesh roll');
      const across = Number(set.diameter) + roll.openingMm / (2 * Math.PI);
      const room = cagesFit({ apart: Number(set.apart) }, across, setting);
      const wanted = Math.min(60, countOf(setting.planted) || 1);
      return room < wanted ? { value: room, why: fact('cages.room') } : { value: wanted, why: fact('cages.each') };
    },
  } satisfies CountKnob<BedSetting>,
  rowAt: rowAtKnob(withinArm),
} as const;

/** Where a cage is closed: half a link hooked round, or tied. */
export const lockKnob = {
  type: 'choice',
  label: 'Closed with',
  group: 'Cage',
  choices: [
    { id: 'hooks', label: 'half a link, hooked round' },
    { id: 'ties', label: 'wire ties' },
  ],
  help: 'Half a link more leaves wires that hook through and can be undone.',
  suggest: () => ({ value: 'hooks', why: fact('lock.hooks') }),
} as const;

/** A row of cages of one cut as it stands in the middle of its bed, a plant in the middle of each; so much of it is in the soil. mm. */
export interface CageRow extends Required<Pick<Placement, 'ground' | 'builtMm' | 'startMm' | 'stations'>> {
  /** The middles of the cages on the soil. */
  feet: readonly Point[];
  y: number;
  views: readonly ViewFrame<RowView>[];
  marks: readonly Mark<RowView>[];
  handles: Listed<Pull<RowView>>;
}

/** So many cages of one cut: where they stand, how they are seen and measured, and how they are pulled. `lowestMm` is what goes deepest into the soil. mm. */
export function rowOfCages(
  v: { cages: number; apart: number; rowAt: number },
  cut: Cut,
  setting: BedSetting,
  lowestMm = cut.legsMm,
): CageRow {
  const { bed } = setting.place;
  const { diameterMm, overMm } = cut;
  const ground = groundOf(bed);
  const y = acrossBed(v.rowAt, setting);
  const builtMm = (v.cages - 1) * v.apart + diameterMm;
  const startMm = (bed.lengthMm - builtMm) / 2;
  const middles = Array.from({ length: v.cages }, (_, i) => diameterMm / 2 + i * v.apart);
  const feet = middles.map((at) => onGround(ground, at, y));
  const stations = plantEach(
    setting.planted,
    feet.map((at, i) => ({ at, alongMm: middles[i] as number })),
    'in line',
  );
  const [first, second] = feet as [Point, ...Point[]];
  return {
    ground,
    builtMm,
    startMm,
    stations,
    feet,
    y,
    // Round as they are, cages show their mesh from every side.
    views: rowViews({ ground, bed, startMm }).map((view) => ({ ...view, square: view.as === 'upright' })),
    marks: [
      ...rowMarks({ stations, ground, builtMm, bed, rowsAtMm: [y], endTopMm: 0 }),
      soilChain(ground, 'middles', middles),
      chain('elevation', 'z', 'heights', [...new Set([-lowestMm, 0, overMm])]),
      chain('end', 'x', 'across', [y - diameterMm / 2, y + diameterMm / 2], [0, diameterMm]),
      chain('end', 'z', 'top', [0, overMm]),
    ],
    handles: [
      { knob: 'rowAt', view: 'plan', at: onGround(ground, builtMm / 2, y), axis: 'up' },
      { knob: 'diameter', view: 'end', at: [0, y + diameterMm / 2, overMm / 2], axis: 'right', perMm: 2 },
      { knob: 'height', view: 'elevation', at: [first[0], 0, overMm], axis: 'up' },
      second && { knob: 'apart', view: 'elevation', at: add(second, [0, 0, overMm / 2]), axis: 'right' },
    ],
  };
}

/** Why there is so much mesh. */
export const meshReason = ({ links, girthMm, rows, fromHeight }: Cut, cages: number): Fact =>
  fact(fromHeight > 1 ? 'count.cages.over' : 'count.cages', {
    cages,
    links,
    girth: { mm: girthMm },
    rows,
    over: fromHeight,
  });

/** How a cage is closed along its seam: tied at so many places, or hooked. */
export const closedAlong = (
  mesh: Sheet,
  cut: Cut,
  i: number,
  o: { kind: string; ties: number; tieMm: number; hooks?: boolean },
): Joint => ({
  id: `closed-${i + 1}`,
  kind: o.kind,
  ...(o.hooks ? { by: 'clipped' } : {}),
  places: Array.from({ length: o.ties }, (_, n) => onSheet(mesh, 0, cut.legsMm + (cut.overMm * (n + 0.5)) / o.ties)),
  parts: [mesh.id],
  fixings: o.hooks ? [] : [{ stock: 'tie-wire', count: o.ties, eachMm: o.tieMm }],
});
