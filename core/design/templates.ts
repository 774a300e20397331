import type { Design } from './design';
import { sawnOutline, type Bar, type Sawn } from './shapes/bar';
import { ofShape } from './shapes/shapes';
import type { Pair } from '../geometry/polygon';

/**
 * What boards are marked from before they are sawn: the shape of one end (or of the whole board, where it is shaped all
 * along), from its tip, over the lower edge of the board. mm.
 * @example { name: 'beam end', stock: 'timber-2x6-treated', wideMm: 140, longMm: 224, outline, offsets, parts: ['beam-1', 'beam-2'], ends: 4 }
 */
export interface Template {
  name: string;
  stock: string;
  /** How wide the board is, and how much of its length the template takes. */
  wideMm: number;
  longMm: number;
  /** Closed: along from the tip, and up from the lower edge of the board. */
  outline: readonly Pair[];
  /** Where the sawn edges are over the lower edge of the board, at places along it: what is measured where nothing is printed. */
  offsets: readonly { atMm: number; lowMm: number; highMm: number }[];
  parts: readonly string[];
  /** How many ends are marked from it; how many boards, where it is as long as they are. */
  ends: number;
  whole: boolean;
}

/** Straight board shown past the shape, for the template to be laid to (from memory). mm. */
const PAST_MM = 30;
/** Less than this off the edge of the board is on it. mm. */
const ON_EDGE_MM = 0.05;
/** Offsets are told about so often along a shape (from memory). mm. */
const OFFSET_EVERY_MM = 25.4;

/** How much of a board from its first end is shaped; all of it where its edges never come back to the board's. mm. */
function shapedMm(bar: Bar, { edges }: Sawn): number {
  const half = bar.wideMm / 2;
  const full = edges.findIndex(({ lowMm, highMm }) => lowMm <= -half + ON_EDGE_MM && highMm >= half - ON_EDGE_MM);
  return full < 0 ? bar.cutMm : (edges[full]?.atMm ?? 0);
}

/** A sawn board the other way round, so that its last end is the first. */
const turned = (bar: Bar, { template, edges }: Sawn): Sawn => ({
  template,
  edges: edges.map((one) => ({ ...one, atMm: bar.cutMm - one.atMm })).reverse(),
});

/** The edges at a place along a sawn board, straight from one stated place to the next. */
function edgesAt({ edges }: Sawn, atMm: number): { lowMm: number; highMm: number } {
  const next = edges.findIndex((one) => one.atMm >= atMm - 1e-9);
  const [a, b] = [edges[Math.max(0, next - 1)], edges[next < 0 ? edges.length - 1 : next]];
  if (!a || !b) return { lowMm: 0, highMm: 0 };
  const share = b.atMm > a.atMm ? (atMm - a.atMm) / (b.atMm - a.atMm) : 1;
  return { lowMm: a.lowMm + share * (b.lowMm - a.lowMm), highMm: a.highMm + share * (b.highMm - a.highMm) };
}

function templateOf(bar: Bar, sawn: Sawn): Omit<Template, 'parts' | 'ends'> {
  const shaped = shapedMm(bar, sawn);
  const whole = shaped >= bar.cutMm - 1;
  const longMm = Math.min(bar.cutMm, whole ? shaped : shaped + PAST_MM);
  const half = bar.wideMm / 2;
  const up = (mm: number): number => mm + half;
  const inside = sawn.edges.filter(({ atMm }) => atMm < longMm - 1e-6);
  const edges = [...inside, { atMm: longMm, ...edgesAt(sawn, longMm) }];
  const steps = Math.max(1, Math.round((whole ? longMm : shaped) / OFFSET_EVERY_MM));
  return {
    name: sawn.template,
    stock: bar.stock,
    wideMm: bar.wideMm,
    longMm,
    whole,
    outline: sawnOutline({ template: sawn.template, edges }).map(([along, at]): Pair => [along, up(at)]),
    offsets: Array.from({ length: steps + 1 }, (_, i) => {
      const atMm = ((whole ? longMm : shaped) * i) / steps;
      const { lowMm, highMm } = edgesAt(sawn, atMm);
      return { atMm, lowMm: up(lowMm), highMm: up(highMm) };
    }),
  };
}

/** The templates of a design, each once, with the parts and the number of ends that are marked from it. */
export function templatesOf({ parts }: Pick<Design, 'parts'>): Template[] {
  const all = new Map<string, Template & { parts: string[] }>();
  for (const bar of ofShape(parts, 'bar')) {
    const { sawn } = bar;
    if (!sawn) continue;
    const made = [sawn, turned(bar, sawn)].flatMap((one, end) =>
      bar.ends[end]?.cut === 'shaped' ? [templateOf(bar, one)] : [],
    );
    const own = made[0]?.whole ? made.slice(0, 1) : made;
    for (const template of own) {
      const key = JSON.stringify([
        template.name,
        template.stock,
        template.outline.flat().map((mm) => Math.round(mm * 10)),
      ]);
      const known = all.get(key);
      if (!known) all.set(key, { ...template, parts: [bar.id], ends: 1 });
      else {
        known.ends += 1;
        if (!known.parts.includes(bar.id)) known.parts.push(bar.id);
      }
    }
  }
  return [...all.values()];
}
