import { keepSame } from './keep-same';
import type { Plan, StructurePlan } from './plan';

/** What of a plan can be put in, taken out and changed by itself. */
export type Changed = 'bed' | 'structure' | 'planting' | 'feature' | 'crop';

/** One thing that is otherwise in one plan than in another before it. */
export type Change =
  | { is: 'added' | 'removed' | 'moved'; what: Changed; id: string }
  | { is: 'renamed'; what: Changed; id: string; from: string; to: string }
  /** A knob of a structure, null where it follows what is suggested. */
  | {
      is: 'turned';
      what: 'structure';
      id: string;
      kind: string;
      knob: string;
      from: string | number | null;
      to: string | number | null;
    }
  | { is: 'built as'; what: 'structure'; id: string; from: string; to: string }
  /** Any other field of a thing; `from` and `to` where each is a number or a word. */
  | { is: 'set'; what: Changed; id: string; field: string; from: string | number | null; to: string | number | null }
  | { is: 'garden'; field: string }
  | { is: 'prices' | 'shed' | 'work' };

type Thing = { id: string; name?: string };

/** Where a thing lies: said as one move, whichever of them changed. */
const PLACE = new Set(['xMm', 'yMm', 'turnDeg', 'stand']);
const plain = (value: unknown): string | number | null =>
  typeof value === 'string' || typeof value === 'number' ? value : null;

function within(what: Changed, before: Thing, now: Thing): Change[] {
  const [was, is] = [before, now] as unknown as [Record<string, unknown>, Record<string, unknown>];
  const fields = [...new Set([...Object.keys(was), ...Object.keys(is)])].filter((field) => was[field] !== is[field]);
  const { id } = now;
  return [
    ...(fields.some((field) => PLACE.has(field)) ? [{ is: 'moved', what, id } as const] : []),
    ...fields.flatMap((field): Change[] => {
      if (PLACE.has(field) || field === 'measured') return [];
      if (field === 'name') return [{ is: 'renamed', what, id, from: before.name ?? '', to: now.name ?? '' }];
      if (what === 'structure' && field === 'knobs')
        return turned(before as unknown as StructurePlan, now as unknown as StructurePlan);
      if (what === 'structure' && field === 'kind')
        return [{ is: 'built as', what, id, from: String(was[field]), to: String(is[field]) }];
      return [{ is: 'set', what, id, field, from: plain(was[field]), to: plain(is[field]) }];
    }),
  ];
}

/** Knobs that stand otherwise; those of another kind are not told one by one. */
function turned(before: StructurePlan, { id, kind, knobs }: StructurePlan): Change[] {
  if (before.kind !== kind) return [];
  return [...new Set([...Object.keys(before.knobs), ...Object.keys(knobs)])].flatMap((knob): Change[] =>
    before.knobs[knob] === knobs[knob]
      ? []
      : [
          {
            is: 'turned',
            what: 'structure',
            id,
            kind,
            knob,
            from: before.knobs[knob] ?? null,
            to: knobs[knob] ?? null,
          },
        ],
  );
}

function among(what: Changed, before: readonly Thing[], now: readonly Thing[]): Change[] {
  const was = new Map(before.map((one) => [one.id, one]));
  const is = new Set(now.map(({ id }) => id));
  return [
    ...now.flatMap((one) => {
      const old = was.get(one.id);
      return old ? within(what, old, keepSame(old, one)) : [{ is: 'added', what, id: one.id } as const];
    }),
    ...before.flatMap(({ id }) => (is.has(id) ? [] : [{ is: 'removed', what, id } as const])),
  ];
}

function fieldsOf(before: object, after: object): Change[] {
  const [was, is] = [before, keepSame(before, after)] as Record<string, unknown>[];
  return [...new Set([...Object.keys(before), ...Object.keys(after)])]
    .filter((field) => was?.[field] !== is?.[field])
    .map((field) => ({ is: 'garden', field }));
}

/**
 * What became otherwise from one plan to another after it, thing by thing; nothing where they say the same, in whatever
 * order their fields are kept. Decision 68.
 * @example changesBetween(before, after) // [{ is: 'turned', what: 'structure', id: 'tomato-wall', knob: 'spacing', from: 2438.4, to: 1828.8, … }]
 */
export function changesBetween(before: Plan, now: Plan): Change[] {
  return [
    ...among('structure', before.structures, now.structures),
    ...among('bed', before.beds, now.beds),
    ...among('planting', before.plantings, now.plantings),
    ...among('feature', before.features, now.features),
    ...among('crop', before.crops, now.crops),
    ...fieldsOf(before.garden, now.garden),
    ...fieldsOf(before.site, now.site),
    ...(keepSame(before.priceBook, now.priceBook) === before.priceBook ? [] : [{ is: 'prices' } as const]),
    ...(keepSame(before.shed, now.shed) === before.shed ? [] : [{ is: 'shed' } as const]),
    ...(keepSame(before.work, now.work) === before.work ? [] : [{ is: 'work' } as const]),
  ];
}
