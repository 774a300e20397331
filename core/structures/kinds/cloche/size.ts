import { stockOf } from '../../../catalogue/catalogue';
import { nearestUnder, type Nearest } from '../../../checks/cover-set';
import { chain } from '../../../design/chain';
import { placed } from '../../../design/design';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { panelKg, WASHER_EVERY_MM } from '../../assemblies/covered-panel';
import type { Sizing } from '../../kind';
import { acrossBed } from '../../rules/row';
import { plantUnder, rowsOf } from '../../rules/stations';
import { lastingTimber } from '../../rules/timber-knobs';
import type { BedSetting } from '../../setting';
import { GROWS_IN, type ClocheValues } from './knobs';
import { leaningOf, overRidgeMm, tentOf, type Tents } from './tent';

/** What it is covered with: no film, which flaps, and no glass, which breaks over hands. */
export const GLAZING = 'glazing-4';

/** A shorter tent is none (from memory). mm. */
const LEAST_TENT_MM = 380;

/** As many tents as are asked for and find room, and how long each is. mm. */
export const tentsOf = (v: Pick<ClocheValues, 'tents' | 'rowLength' | 'gap'>): { tents: number; longMm: number } => {
  const tents = Math.max(1, Math.min(v.tents, Math.floor(v.rowLength / LEAST_TENT_MM)));
  return { tents, longMm: (v.rowLength - (tents - 1) * v.gap) / tents };
};

/** What its own checks and mends ask for. */
export interface ClocheFacts {
  nearest: Nearest | null;
  leafMm: number;
  soldMm: number;
  tentKg: number;
}

/** Sizes the cloche: tents end to end, the outer ends of the row closed, its crops in rows under them. */
export function sizeCloche(v: ClocheValues, setting: BedSetting): Sizing<ClocheFacts> {
  const { bed } = setting.place;
  const ground = groundOf(bed);
  const strip = stockOf(setting.catalogue, lastingTimber(setting, v.strip), 'timber');
  const glazing = stockOf(setting.catalogue, GLAZING, 'mesh roll');
  const y = acrossBed(v.rowAt, setting);
  const leaning = leaningOf({ widthMm: v.width, highMm: v.high, thickMm: strip.thickMm });
  const t: Tents = { ground, yMm: y, widthMm: v.width, highMm: v.high, leaning, strip, glazing, setting };
  const { tents, longMm } = tentsOf(v);
  const made = Array.from({ length: tents }, (_, i) =>
    tentOf(t, {
      no: i + 1,
      fromMm: i * (longMm + v.gap),
      longMm,
      closes: [...(i === 0 ? (['near'] as const) : []), ...(i === tents - 1 ? (['far'] as const) : [])],
    }),
  );
  const stations = plantUnder({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: v.rowLength,
    acrossMm: y,
    wideMm: v.width * GROWS_IN,
    bed,
    armMm: setting.armMm,
  });
  const row = bedRow(setting, v, {
    builtMm: v.rowLength,
    yMm: y,
    topMm: v.high,
    rowsAtMm: rowsOf(stations, y),
    stations,
  });
  const half = v.width / 2;
  return {
    design: placed({
      ...together(...made, { reasons: reasonsOf(tents) }),
      ...row,
      marks: [...row.marks, chain('end', 'x', 'at the foot', [y - half, y + half], [0, v.width])],
      handles: [
        ...row.handles,
        { knob: 'high', view: 'end', at: [0, y, v.high], axis: 'up' },
        { knob: 'width', view: 'end', at: [0, y + half, 0], axis: 'right', perMm: 2 },
      ],
    }),
    facts: {
      nearest: nearestUnder({ stations }, setting.planted, (across) =>
        Math.max(0, v.high - Math.abs(across - y) * Math.tan(leaning.leanRad)),
      ),
      leafMm: leaning.leafMm + overRidgeMm(leaning, strip.thickMm),
      soldMm: glazing.heightMm,
      tentKg: panelKg(made[0]?.parts ?? [], glazing),
    },
  };
}

/** Why there are so many of each. */
const reasonsOf = (tents: number) => ({
  'leaf strip': fact('count.strips', { tents }),
  glazing: fact('count.glazing'),
  'front glazing': fact('count.glazing'),
  'end sheet': fact('count.ends'),
  'lid corner': fact('count.lid-screws'),
  'glazing to lid': fact('count.glazing-screws', { every: { mm: WASHER_EVERY_MM } }),
  'ridge hinged': fact('count.hinges'),
  'foot pegged': fact('count.pegs'),
  'end closed': fact('count.end-screws'),
});
