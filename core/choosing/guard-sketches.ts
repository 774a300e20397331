import type { Pair } from '../geometry/polygon';
import type { StructurePlan } from '../plan/plan';
import type { Bed } from '../site/bed';
import { onPlan, type Placed } from '../site/plot';
import { guessInside, middleOfLongest } from '../site/path';
import { SOIL } from '../site/underfoot';
import type { StructureKind } from '../structures/kind';
import { type Stand, asStand } from '../site/stands/stands';

/**
 * A structure that may be built. What stands in the run of another of the same answer names that by its place among
 * them: "0". Decision 38.
 */
export type Sketch = Omit<StructurePlan, 'id' | 'name'>;

/** A fence round a bed leaves room to kneel (from memory). mm. */
export const ROUND_MM = 600;

/** What something grows in, as it lies on the plot: a bed, or a planter that is one. */
export type Grown = Placed & Pick<Bed, 'id' | 'name' | 'lengthMm' | 'widthMm'>;

/** Its corners on the plot, or so far outside them. mm. */
export const cornersOf = (bed: Grown, beyondMm = 0): Pair[] =>
  [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([a, b]) =>
    onPlan(bed, (a as number) * (bed.lengthMm / 2 + beyondMm), (b as number) * (bed.widthMm / 2 + beyondMm)),
  );

/** Barriers all the way round some corners of the plot, each with a gate to go in by. */
export function roundOf(all: readonly StructureKind[], corners: readonly Pair[]): Sketch[][] {
  const gate = all.find((kind) => kind.stands.includes('run'));
  const spots = corners.map(([xMm, yMm]) => ({ xMm, yMm, groundMm: 0 }));
  const inside = guessInside(spots, true, []);
  return all
    .filter((kind) => kind.purpose === 'barrier' && kind.stands.includes('path'))
    .map((kind): Sketch[] => [
      { kind: kind.id, stand: { on: 'path', spots, closed: true, inside, underfoot: SOIL }, plantings: [], knobs: {} },
      ...(gate && kind.hosts
        ? [
            {
              kind: gate.id,
              stand: { on: 'run' as const, of: '0', atMm: middleOfLongest(spots, true) },
              plantings: [],
              knobs: {},
            },
          ]
        : []),
    ]);
}

/** Covers over a bed and its plantings, each by itself. */
export const coversOver = (all: readonly StructureKind[], bed: string, plantings: readonly string[]): Sketch[][] =>
  all
    .filter((kind) => kind.purpose === 'cover' && kind.stands.includes('bed'))
    .map((kind) => [{ kind: kind.id, stand: { on: 'bed', bed }, plantings, knobs: {} }]);

/** A stand in a run, in the run of what that is called now. */
function inRunOf(stand: Stand, name: (of: string) => string): Stand {
  const run = asStand(stand, 'run');
  return run ? { ...run, of: name(run.of) } : stand;
}

/** Sketches under their ids, what stands in a run by the id of that. @example named([{ kind: 'garden-fence', … }], ['a']) // [{ kind: 'garden-fence', …, id: 'a' }] */
export const named = (sketches: readonly Sketch[], ids: readonly string[]): Omit<StructurePlan, 'name'>[] =>
  sketches.map((one, i) => ({
    ...one,
    id: ids[i] ?? '',
    stand: inRunOf(one.stand, (of) => ids[Number(of)] ?? ''),
  }));

/** Two answers as one: what stands in a run of the second is counted on. */
export const together = (first: readonly Sketch[], second: readonly Sketch[]): Sketch[] => [
  ...first,
  ...second.map((one) => ({ ...one, stand: inRunOf(one.stand, (of) => String(Number(of) + first.length)) })),
];
