/** What lies at a mark: an end that is cut, a top that is not, a face or the middle of what crosses there, a fixing, a hole, a plant; the level line that is stretched past posts on a slope. */
export type MarkOf =
  | 'end'
  | 'top'
  | 'level'
  | 'near face'
  | 'middle'
  | 'far face'
  | 'fixing'
  | 'hole'
  | 'plant'
  | 'spare'
  | 'starts'
  | 'ends';

export interface RodMark {
  /** A running figure from the rod's zero, as a tape lies. mm. */
  atMm: number;
  of: MarkOf;
  /** The role of the part, the kind of the joint, or the crop that is met there. */
  what: string;
  /** Of what crosses with both faces: which part it is. */
  part?: string;
  /** Which of them: a post by its own number, others counted along the rod from 1; 0 where there is only one of its kind. */
  no: number;
}

/** One thing along which others are marked: the line of posts on the ground, a row of plants, a run of rails, a timber. Marks in the order they are met. */
export interface Rod {
  kind: 'posts' | 'plants' | 'run' | 'timber' | 'heights';
  /** The role of the parts it lies along, or of those that stand in it. */
  role: string;
  parts: readonly string[];
  lengthMm: number;
  /** So many are marked alike. */
  alike: number;
  /** Which of several lines of posts it is, from the front or along the path; none where there is one. */
  line?: number;
  marks: readonly RodMark[];
}

/** Marks closer than this are one. mm. */
export const SAME_MM = 0.6;
/** Which is met first; what is nearer than a tenth of a millimetre is met at once, so that alike pieces are marked alike. */
export const asMet = (a: RodMark, b: RodMark): number => Math.round(a.atMm * 10) - Math.round(b.atMm * 10);

/** In the order they are met, each said once, those of one kind numbered where there are several. */
export function asMarked(marks: readonly RodMark[]): RodMark[] {
  const met = marks
    .toSorted((a, b) => asMet(a, b) || (a.what < b.what ? -1 : a.what > b.what ? 1 : 0))
    .reduce<RodMark[]>((kept, mark) => {
      const again = kept.some(
        (one) => one.of === mark.of && one.what === mark.what && Math.abs(one.atMm - mark.atMm) < SAME_MM,
      );
      return again ? kept : [...kept, mark];
    }, []);
  const count = new Map<string, number>();
  return met.map((mark) => {
    const key = `${mark.of} ${mark.what}`;
    const total = met.filter((one) => one.of === mark.of && one.what === mark.what).length;
    const no = (count.get(key) ?? 0) + 1;
    count.set(key, no);
    return mark.no > 0 ? mark : { ...mark, no: total > 1 ? no : 0 };
  });
}

/** Rods marked alike are told once; posts that have other numbers on each of them have none there. */
export function merged(rods: readonly Rod[]): Rod[] {
  const all = new Map<string, Rod>();
  for (const rod of rods) {
    const key = `${rod.kind} ${rod.role} ${Math.round(rod.lengthMm)} ${rod.marks.map((one) => `${one.of}${one.what}${Math.round(one.atMm)}`).join()}`;
    const known = all.get(key);
    all.set(
      key,
      known
        ? {
            ...known,
            parts: [...known.parts, ...rod.parts],
            alike: known.alike + 1,
            marks: known.marks.map((mark, i) => (mark.no === rod.marks[i]?.no ? mark : { ...mark, no: 0 })),
          }
        : rod,
    );
  }
  return [...all.values()];
}

/** From where to where a rod is drawn: its length, and what lies before its zero. mm. */
export const spanOf = ({ lengthMm, marks }: Rod): readonly [fromMm: number, toMm: number] => [
  Math.min(0, ...marks.map((mark) => mark.atMm)),
  Math.max(lengthMm, 1, ...marks.map((mark) => mark.atMm)),
];

/** Whether marks of one kind follow each other in even steps: then a stick with one step on it marks them all. mm, or null. */
export function storyStep(rod: Rod): { what: string; stepMm: number; count: number } | null {
  const by = new Map<string, number[]>();
  for (const mark of rod.marks)
    if (mark.of !== 'near face' && mark.of !== 'far face') by.set(mark.what, [...(by.get(mark.what) ?? []), mark.atMm]);
  for (const [what, at] of by) {
    const gaps = at.slice(1).map((to, i) => to - (at[i] as number));
    const [first] = gaps;
    if (first !== undefined && gaps.length >= 3 && gaps.every((gap) => Math.abs(gap - first) < 1))
      return { what, stepMm: (Number(at.at(-1)) - Number(at[0])) / gaps.length, count: at.length };
  }
  return null;
}
