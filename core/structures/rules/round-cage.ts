import { roomOf } from '../../site/bed';
import { countOf } from '../../crops/planted';
import type { MeshRoll } from '../../catalogue/stock';
import { stockOf } from '../../catalogue/catalogue';
import type { Handle, Mark, Station } from '../../design/design';
import type { Sheet } from '../../design/shapes/sheet';
import { ALONG, UP, type Point } from '../../geometry/space';
import { onGround, type Ground } from '../../site/ground';
import { feet } from '../../quantity/length';
import { fact, type Fact } from '../../wording/say';
import type { CountKnob, LengthKnob } from '../knob';
import type { BedSetting } from '../setting';
import { acrossBed, withinArm } from './row';
import { rowMarks } from './row-views';
import { TAPE_STEP } from './tidy';
import type { Cut } from './girth';
import { plantEach } from './stations';

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
  return {
    shape: 'sheet',
    id: `cage-${i + 1}`,
    role: 'mesh',
    stock: roll.id,
    base: circleAbout([foot[0], foot[1], foot[2] - cut.legsMm], cut.girthMm / (2 * Math.PI)),
    up: UP,
    cutMm: cut.cutMm,
    heightMm: highMm,
    uprightsMm: Array.from({ length: cut.links }, (_, n) => n * roll.openingMm),
    levelsMm: [...levels, ...(cut.legsMm === 0 ? [highMm] : [])],
    wireMm: roll.wireMm,
    meshes: 0,
    ...(i === first ? {} : { board: `cage-${first + 1}` }),
  };
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

/** A plant in the middle of every cage, planting after planting. */
export const plantIn = (setting: BedSetting, ground: Ground, y: number, middles: readonly number[]): Station[] =>
  plantEach(
    setting.planted,
    middles.map((alongMm) => ({ at: onGround(ground, alongMm, y), alongMm })),
    'in line',
  );

/** How many places the bed has for cages so far apart. */
export const placesIn = (lengthMm: number, apartMm: number): number =>
  Math.max(1, Math.floor((lengthMm + 0.5) / apartMm));

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
      const room = placesIn(roomOf(setting.place.bed, across).lengthMm - across + Number(set.apart), Number(set.apart));
      const wanted = Math.min(60, countOf(setting.planted) || 1);
      return room < wanted ? { value: room, why: fact('cages.room') } : { value: wanted, why: fact('cages.each') };
    },
  } satisfies CountKnob<BedSetting>,
  rowAt: {
    type: 'length',
    label: 'Row from the front edge',
    group: 'Row',
    min: 0,
    max: feet(40),
    step: TAPE_STEP,
    help: 'From the long edge you stand at to the middle of the row.',
    usualMost: (setting) => setting.place.bed.widthMm,
    suggest: withinArm,
  } satisfies LengthKnob<BedSetting>,
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

/** A row of cages as it stands; it begins so far along its bed. mm. */
interface CageRow {
  startMm: number;
  cut: Cut;
  ground: Ground;
  y: number;
  middles: readonly number[];
  builtMm: number;
}

/** So many cages of one cut in the middle of their bed. */
export function rowOfCages(v: { cages: number; apart: number; rowAt: number }, cut: Cut, setting: BedSetting): CageRow {
  const { lengthMm, riseMm } = setting.place.bed;
  const builtMm = (v.cages - 1) * v.apart + cut.diameterMm;
  return {
    cut,
    ground: { lengthMm, riseMm },
    y: acrossBed(v.rowAt, setting),
    middles: Array.from({ length: v.cages }, (_, i) => cut.diameterMm / 2 + i * v.apart),
    builtMm,
    startMm: (lengthMm - builtMm) / 2,
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

/** The chains of a row of cages; `lowestMm` is what goes deepest into the soil. */
export const cageMarks = (
  { cut, ground, y, middles, builtMm }: CageRow,
  { stations, setting, lowestMm }: { stations: readonly Station[]; setting: BedSetting; lowestMm: number },
): Mark[] => [
  ...rowMarks({ stations, ground, builtMm, bed: setting.place.bed, rowsAtMm: [y], endTopMm: 0 }),
  {
    view: 'elevation',
    axis: 'x',
    label: 'middles',
    atMm: middles.map((at) => onGround(ground, at)[0]),
    tapedMm: middles,
  },
  { view: 'elevation', axis: 'z', label: 'heights', atMm: [...new Set([-lowestMm, 0, cut.overMm])] },
  {
    view: 'end',
    axis: 'x',
    label: 'across',
    atMm: [y - cut.diameterMm / 2, y + cut.diameterMm / 2],
    tapedMm: [0, cut.diameterMm],
  },
  { view: 'end', axis: 'z', label: 'top', atMm: [0, cut.overMm] },
];

/** The pulls of a row of cages: where it stands, how wide, how high and how far apart they are. */
export function cageHandles({ cut, ground, y, middles, builtMm }: CageRow): Handle[] {
  const [first = 0, second] = middles;
  const pulls: Handle[] = [
    { knob: 'rowAt', view: 'plan', at: [onGround(ground, builtMm / 2)[0], y], axis: 'up', perMm: 1 },
    { knob: 'diameter', view: 'end', at: [y + cut.diameterMm / 2, cut.overMm / 2], axis: 'right', perMm: 2 },
    { knob: 'height', view: 'elevation', at: [onGround(ground, first)[0], cut.overMm], axis: 'up', perMm: 1 },
  ];
  if (second === undefined) return pulls;
  const [x, , up] = onGround(ground, second);
  return [...pulls, { knob: 'apart', view: 'elevation', at: [x, up + cut.overMm / 2], axis: 'right', perMm: 1 }];
}
