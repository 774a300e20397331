import { timberId } from '../../../catalogue/timber';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { LET_IN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import { footingKnobs } from '../../assemblies/footing';
import type { Knobs, Settled, Values } from '../../knob';
import { SPARE_MM, suggestDepth } from '../../rules/depth';
import { reachOverBed, rowKnobs, stationsKnob } from '../../rules/row';
import { heavyPostKnobs, sectionKnob } from '../../rules/timber-knobs';
import { depthKnob, heavyDepth } from '../../rules/timber-post';
import { isOffered, type BedSetting } from '../../setting';
import { isHeavy, wireHeightKnobs, wireKnobs } from '../../rules/level-wires';
import { patternOf } from '../../rules/wire-patterns';

/** The posts stand this far above the top wire, so that its staples hold (from memory). mm. */
export const ABOVE_WIRE_MM = inches(2);
/** End posts under heavy crops: 3′ deep; half as deep again in sand, which clings less to a post that its strut lifts (from memory). mm. */
const heavyEnd = ({ soil }: BedSetting): number => (soil === 'sand' ? feet(4.5) : feet(3));

const isDouble = (set: Settled): boolean => set.form === 'double';

/** The highest wire that can be reached, and that posts on sale can carry. mm. */
export const mostTop = (setting: BedSetting, set: Settled): number => {
  const longest = setting.sizesOf(timberId(String(set.section), String(set.treatment))).at(-1) ?? Infinity;
  const deep = suggestDepth(setting, LET_IN_MM, heavyDepth(setting)).value;
  return Math.min(reachOverBed(setting), longest - deep - ABOVE_WIRE_MM - SPARE_MM);
};

/** Line posts, strutted or anchored end posts, level wires by what is grown (`patterns.ts`). */
export const POST_AND_WIRE_KNOBS = {
  ...rowKnobs(200, 'Outside to outside of the end posts, by a tape laid on the soil.'),
  ...stationsKnob('inset'),
  form: {
    type: 'choice',
    first: true,
    label: 'Wires',
    group: 'Wires',
    choices: [
      { id: 'single', label: 'in one line' },
      { id: 'double', label: 'in two lines, on arms' },
    ],
    help: 'Between two lines canes stand by themselves; to one line they are tied.',
    suggest: (setting) =>
      patternOf(setting).armsMm === undefined
        ? { value: 'single', why: fact('form.tied') }
        : { value: 'double', why: fact(patternOf(setting).why) },
  },
  ...wireHeightKnobs(mostTop),
  arms: {
    type: 'length',
    label: 'Arms',
    group: 'Wires',
    min: inches(12),
    max: feet(6),
    help: 'From tip to tip; a wire an inch (25 mm) from each.',
    shown: isDouble,
    suggest: (setting) => ({ value: patternOf(setting).armsMm ?? inches(24), why: fact('arms.usual') }),
  },
  ...wireKnobs,
  postSpacing: {
    type: 'length',
    label: 'Posts at most apart',
    group: 'Posts',
    min: feet(4),
    max: feet(24),
    help: 'The bays are made equal.',
    suggest: (setting) => ({ value: patternOf(setting).bayMm, why: fact('spacing.wires') }),
  },
  ...heavyPostKnobs('Posts'),
  ...depthKnob((set) => Number(set.top) + ABOVE_WIRE_MM),
  endDepth: {
    type: 'length',
    label: 'End posts in the ground',
    group: 'Posts',
    min: inches(12),
    max: feet(6),
    help: 'They move before line posts do.',
    suggest: (setting, set) =>
      isHeavy(setting) && Number(set.depth) < heavyEnd(setting)
        ? { value: heavyEnd(setting), why: fact(setting.soil === 'sand' ? 'end.sand' : 'end.heavy') }
        : { value: Number(set.depth), why: fact('end.same') },
  },
  ...footingKnobs('tamped'),
  ends: {
    type: 'choice',
    label: 'End posts held by',
    group: 'Posts',
    choices: [
      { id: 'strut', label: 'a strut, inside the row' },
      { id: 'guy', label: 'a guy to an anchor, outside it' },
      { id: 'none', label: 'themselves' },
    ],
    offered: (setting) => [
      'strut',
      'none',
      ...(['guy-wire', 'turnbuckle', 'ground-anchor'].every((id) => isOffered(setting, id)) ? ['guy'] : []),
    ],
    help: 'All wires pull on two posts.',
    suggest: () => ({ value: 'strut', why: fact('ends.strut') }),
  },
  strutOf: {
    ...sectionKnob({
      label: 'Struts and arms of',
      group: 'Posts',
      of: ['2x4', '45x95'],
      usual: { imperial: ['2x4', '45x95'], metric: ['45x95', '2x4'] },
      help: 'A 2×4 measures 1½ × 3½″ (38 × 89 mm).',
      shown: (set) => set.ends === 'strut' || isDouble(set),
    }),
  },
} as const satisfies Knobs<BedSetting>;

export type PostAndWireValues = Values<typeof POST_AND_WIRE_KNOBS>;

/** Whether what leads the row is a raspberry, whose canes are counted. */
export const isRaspberry = (setting: BedSetting): boolean => leadPlant(setting)?.crop.id === 'raspberry';
