import { timberId } from '../../catalogue/timber';
import { roomOf } from '../../site/bed';
import { fact } from '../../wording/say';
import type { LengthKnob } from '../knob';
import type { Said } from '../said';
import type { BedSetting } from '../setting';
import { rowKnobs } from './row';
import { wholeStep } from './tidy';
import { sectionKnob, treatmentKnob } from './timber-knobs';

/** The longest of its boards on sale; any length where none is. mm. */
export const longestBoard = (setting: BedSetting, set: { board?: unknown; treatment?: unknown }): number =>
  setting.sizesOf(timberId(String(set.board), String(set.treatment))).at(-1) ?? Infinity;

/** A box of boards that lies on a bed: as long as that, or as the longest board. */
export function boxRowKnobs(longestFeet: number) {
  const row = rowKnobs(longestFeet, 'Over the ends of the box.', { straddles: true });
  return {
    ...row,
    rowLength: {
      ...row.rowLength,
      label: 'Length',
      suggest: (setting, set) => {
        const { lengthMm } = roomOf(setting.place.bed);
        const longest = longestBoard(setting, set);
        return lengthMm <= longest
          ? { value: lengthMm, why: fact('row.bed') }
          : { value: wholeStep(longest, setting.market), why: fact('row.board') };
      },
    } satisfies LengthKnob<BedSetting>,
  };
}

/** What its sides are of, and how long that lasts. */
export const boxBoardKnob = {
  first: true as const,
  ...sectionKnob({
    label: 'Boards',
    group: 'Box',
    help: 'The sides of the box.',
    of: ['1x6', '22x145'],
    usual: { imperial: ['1x6', '22x145'], metric: ['22x145', '1x6'] },
  }),
};
export const boxTreatmentKnob = {
  first: true as const,
  ...treatmentKnob({ section: 'board', group: 'Box', use: 'light' }),
};

/** What its lids and posts are of. */
export const boxStripKnob = (label: string) =>
  sectionKnob({
    label,
    group: 'Box',
    help: 'Choose them without knots: what is thin splits there.',
    of: ['2x2', '45x45'],
    usual: { imperial: ['2x2', '45x45'], metric: ['45x45', '2x2'] },
  });

export const BOX_KNOB_WORDS = {
  phrases: {
    'row.board': 'As long as the longest board on sale; what is left takes a second frame.',
    'width.bed': 'As wide as the bed.',
    'lids.one': 'One lid of this length is lifted by one person.',
  },
} as const satisfies Said;
