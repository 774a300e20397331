import type { Verdict } from '../../checks/check';
import { plantingSides } from '../../checks/planting-sides';
import { plantsFit } from '../../checks/plants-fit';
import { postSpacing } from '../../checks/post-spacing';
import { holdChecks, postChecks, rowChecks } from '../../checks/sets';
import type { Design, Hold } from '../../design/design';
import type { BedSetting } from '../setting';
import { fillUnder } from './depth';
import { endToEnd, reachOverBed } from './row';

/** What holds plants, made no higher than somebody reaches: nobody is told to build it out of reach. */
export const inReach = (hold: Hold, setting: BedSetting): Hold => ({
  ...hold,
  could: { ...hold.could, topMm: Math.min(hold.could.topMm, Math.max(hold.topMm.most, reachOverBed(setting))) },
});

/** What a support on a bed is asked first: can its crops hold on, and does it stand in the soil? `spacingMm` is that of its posts, where they have one. */
export const standChecks = (
  design: Design,
  setting: BedSetting,
  spacingMm: number | null = null,
): (Verdict | null)[] => [
  ...(design.hold ? holdChecks({ planted: setting.planted, hold: inReach(design.hold, setting) }) : []),
  spacingMm === null ? null : postSpacing({ planted: setting.planted, spacingMm }),
  ...postChecks(design, { soil: setting.soil, wind: setting.wind, fill: fillUnder(setting) }),
];

/** What it is asked last: have its plants room, on one side or both, and does the row lie in its bed within reach? */
export const plantedRowChecks = (
  design: Design,
  setting: BedSetting,
  rowsAtMm: readonly number[],
  sides: { bothSides: boolean; apartMm: number } = { bothSides: false, apartMm: Infinity },
): (Verdict | null)[] => [
  plantsFit({
    planted: setting.planted,
    stations: design.stations,
    endToEnd: endToEnd(design, rowsAtMm, setting.planted),
  }),
  plantingSides({ planted: setting.planted, ...sides }),
  ...rowChecks(design, { ...setting, bed: setting.place.bed, rowsAtMm }),
];
