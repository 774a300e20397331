import { formatLength, type Units } from '@lignum/core/quantity/length';
import { storyStep, type Rod, type RodMark } from '@lignum/core/setting-out/rod';
import { LEVEL_OVER_MM } from '@lignum/core/setting-out/rods';
import type { StructureKind } from '@lignum/core/structures/kind';
import { wordFor } from '../words/stock-words';

/** What lies at a place along a rod: between two faces, or at one figure. mm. */
export interface Met {
  what: string;
  fromMm: number | null;
  atMm: number | null;
  toMm: number | null;
}

const numbered = (word: string, no: number): string => (no > 0 ? `${word} ${no}` : word);

function nameOf(kind: StructureKind, rod: Rod, mark: RodMark, cropName: (id: string) => string): string {
  switch (mark.of) {
    case 'plant':
      return numbered(cropName(mark.what), mark.no);
    case 'spare':
      return 'spare place, nobody planned';
    case 'hole':
      return numbered('hole', mark.no);
    case 'end':
      return 'top: cut here';
    case 'top':
      return 'top';
    case 'level':
      return 'the level line';
    case 'starts':
      return `${numbered(wordFor(kind, mark.what), mark.no)} begins`;
    case 'ends':
      return `${numbered(wordFor(kind, mark.what), mark.no)} ends`;
    default:
      return numbered(wordFor(kind, mark.what), mark.no);
  }
}

/** The marks of a rod as one line for each thing that is met, in their order; both faces and the middle of what crosses in one. */
export function metAlong(kind: StructureKind, rod: Rod, cropName: (id: string) => string): Met[] {
  const all: (Met & { key: string })[] = [];
  for (const mark of rod.marks) {
    const face = mark.of === 'near face' || mark.of === 'far face' || mark.of === 'middle';
    const key = face ? (mark.part ?? '') : '';
    const known = face ? all.find((one) => one.key === key) : undefined;
    const one = known ?? { key, what: nameOf(kind, rod, mark, cropName), fromMm: null, atMm: null, toMm: null };
    if (!known) all.push(one);
    if (mark.of === 'near face') one.fromMm = mark.atMm;
    else if (mark.of === 'far face') one.toMm = mark.atMm;
    else one.atMm = mark.atMm;
  }
  return all.map(({ key: _key, ...met }) => met);
}

/** What crosses it is told by both faces and its middle, where anything does. */
export const hasFaces = (met: readonly Met[]): boolean => met.some((one) => one.fromMm !== null || one.toMm !== null);

/** "rail-front-bottom-1" as "front bottom 1". */
const calledBy = (id: string, role: string): string => id.replace(new RegExp(`^${role}-`), '').replaceAll('-', ' ');
/** More alike than these are not called by their names. */
const MOST_CALLED = 4;

/** What a rod is called: what it lies along, which of them, how many are marked alike, how long. */
export function rodTitle(kind: StructureKind, rod: Rod, units: Units): string {
  const word = wordFor(kind, rod.role);
  const which = rod.alike <= MOST_CALLED ? `, ${rod.parts.map((id) => calledBy(id, rod.role)).join('; ')}` : '';
  const title = {
    posts: `Along the ground: ${word.toLowerCase()}s${rod.line ? `, line ${rod.line}` : ''}`,
    plants: `Along the ground: plants${rod.role === 'front' || rod.role === 'back' ? `, ${rod.role}` : ''}`,
    run: `Where each ${word.toLowerCase()} begins and ends`,
    timber: `${word}${which}`,
    heights: `Heights on ${word.toLowerCase()}${which}`,
  }[rod.kind];
  const alike = rod.kind === 'plants' ? `, in ${rod.alike} rows alike` : `, ${rod.alike} alike`;
  return `${title}${rod.alike > 1 ? alike : ''}: ${formatLength(rod.lengthMm, units)}`;
}

/** From where its figures run, and the step of a story stick where one marks them all. */
export function rodZero(kind: StructureKind, rod: Rod, units: Units): string {
  const word = wordFor(kind, rod.role).toLowerCase();
  const at = (i: number): boolean => Math.abs(rod.marks[i]?.atMm ?? Infinity) < 1;
  const zero = {
    posts: at(0) ? `the outside of ${word} 1` : at(1) ? `the middle of ${word} 1` : 'the start of the row',
    plants: 'the start of the row',
    run: 'the start of the row',
    timber: 'its first end, left or low',
    heights: 'the soil at its foot',
  }[rod.kind];
  const step = storyStep(rod);
  return `Zero: ${zero}.${
    step ? ` Story stick: ${step.count} of them, ${formatLength(step.stepMm, units)} from each to the next.` : ''
  }`;
}

/** What to stretch past posts on a slope before anything is measured on them; null where the soil is level. */
export const levelWords = (rods: readonly Rod[], units: Units): string | null =>
  rods.some((rod) => rod.marks.some((mark) => mark.of === 'level'))
    ? `On this slope, stretch a level line past all posts, ${formatLength(LEVEL_OVER_MM, units)} over the soil at the highest of them, and mark where it passes each. The figures say how high it should be over the soil there: where the soil is rough, measure from the line.`
    : null;
