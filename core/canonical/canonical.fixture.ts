import { CATALOGUE } from '../catalogue/catalogue';
import { DEMO_PLAN } from '../demo/garden';
import type { Design } from '../design/design';
import { shapeOf } from '../design/shapes/shapes';
import { closeUps } from '../drawing/close-ups';
import { drawViews } from '../drawing/views';
import { readPlan } from '../formats/read-plan';
import { setFixings } from '../joinery/set-fixings';
import { computeAs, type ComputedStructure } from '../plan/compute-as';
import { computeStructure } from '../plan/compute';
import { seasonOf, seasonPhrases } from '../plan/season';
import { stepPhrases, stepsOf } from '../plan/steps';
import type { MendedStructure } from '../plan/mends';
import type { Plan } from '../plan/plan';
import { rodsOf } from '../setting-out/rods';
import { kindOf } from '../structures/registry';
import { say } from '../wording/say';

/**
 * What the program makes of plans that are kept, so that whoever moves its inside sees what he changed of its
 * outside. Names of parts and their order are left out: they may change where nothing is built otherwise.
 */
type Canonical = Record<string, unknown>;

/** Lengths to a hundredth of a millimetre, small shares to a hundred thousandth: the same on every machine. */
const figure = (value: number): number => {
  const to = Math.abs(value) < 10 ? 1e5 : 100;
  return Math.round(value * to) / to + 0;
};
/** As JSON with its keys in order, in one pass: there are a hundred megabytes of it. */
function asText(value: unknown): string {
  if (typeof value === 'number') return String(figure(value));
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? 'null';
  if (Array.isArray(value)) return `[${value.map(asText).join(',')}]`;
  const keys = Object.keys(value).sort();
  return `{${keys.map((key) => `"${key}":${asText((value as Canonical)[key])}`).join(',')}}`;
}
const sorted = (list: readonly unknown[]): string[] => list.map(asText).sort();

/** A part's own document; a board that nothing is sawn off says nothing of it. */
const documentOf = (part: Design['parts'][number]): Canonical =>
  Object.fromEntries(
    Object.entries(shapeOf(part).document(part)).filter(([name, value]) => name !== 'sawn' || asText(value) !== '[]'),
  );

/** Every part called after its role and where it lies among the others of it. */
function callingOf(design: Design): (id: string) => string {
  const placed = design.parts.map((part) => ({
    id: part.id,
    role: part.role,
    at: asText([part.stock, part.cutMm, documentOf(part)]),
  }));
  const order = placed.toSorted((a, b) => (a.role + a.at < b.role + b.at ? -1 : 1));
  const count = new Map<string, number>();
  const names = new Map(
    order.map(({ id, role }) => {
      const no = (count.get(role) ?? 0) + 1;
      count.set(role, no);
      return [id, `${role} ${no}`] as const;
    }),
  );
  return (id) => names.get(id) ?? id;
}

function aspectsOf(one: ComputedStructure | MendedStructure, plan: Plan): Canonical {
  const { sized, around } = one;
  const { design } = sized;
  const called = callingOf(design);
  const tongue = { units: plan.garden.market, locale: 'en' };
  return {
    knobs: Object.fromEntries(Object.entries(sized.knobs).map(([name, { value, by }]) => [name, [value, by]])),
    parts: sorted(
      design.parts.map((part) => [
        called(part.id),
        part.stock,
        part.cutMm,
        shapeOf(part).taken(part).ends ?? [],
        part.shape,
        documentOf(part),
      ]),
    ),
    joints: sorted(
      setFixings(design, CATALOGUE).map((joint) => ({
        kind: joint.kind,
        places: sorted(joint.places),
        parts: joint.parts.map(called).toSorted(),
        fixings: joint.fixings.map(({ stock, count, eachMm, driven }) => ({
          stock,
          count,
          eachMm,
          driven: sorted(
            (driven ?? []).map((set) => ({
              ...set,
              through: set.through && called(set.through),
              into: set.into && called(set.into),
            })),
          ),
        })),
      })),
    ),
    plants: sorted(
      design.stations.map(({ crop, planting, side, alongMm, at, spare }) => [
        crop,
        planting,
        side,
        alongMm,
        at,
        spare ?? false,
      ]),
    ),
    holds: [
      design.hold,
      design.builtMm,
      design.startMm,
      design.bodies,
      design.posts.map(({ id: _id, ...post }) => post),
    ],
    bill: sorted(
      one.bill.map(({ stock, use, count, cutMm, litres, ends }) => [stock, use, count, cutMm, litres, ends]),
    ),
    cost: [
      sorted(one.shopping.purchases.map(({ stock, size, count, costMinor }) => [stock, size, count, costMinor])),
      one.shopping.missing.map(({ stock }) => stock),
      [one.cost.totalMinor, one.cost.taxMinor, one.cost.perPlantMinor, one.cost.perMetreMinor, one.cost.perSeasonMinor],
    ],
    verdicts: sorted(
      one.verdicts.map((verdict) => [
        verdict.check,
        verdict.level,
        verdict.told,
        'mend' in verdict ? verdict.mend : null,
      ]),
    ),
    steps: stepsOf(one).map((step) => ({
      what: step.what,
      people: step.people,
      waitHours: step.waitHours,
      caution: step.caution,
      adds: (step.adds ?? []).map(called).toSorted(),
      uses: step.uses,
      joins: step.joins,
    })),
    season: seasonOf(one),
    marks: sorted(
      rodsOf(design).map((rod) => ({
        kind: rod.kind,
        role: rod.role,
        lengthMm: rod.lengthMm,
        alike: rod.alike,
        marks: rod.marks.map(({ atMm, of, what, no }) => [atMm, of, what, no]),
      })),
    ),
    views: drawViews(design, around).map((view) => [
      view.title,
      sorted(
        view.primitives.map((primitive) => ({
          ...primitive,
          part: 'part' in primitive && primitive.part ? called(primitive.part) : null,
        })),
      ),
      view.chains,
    ]),
    closeUps: closeUps(design).map(({ kind: joint, views }) => [
      joint,
      views.map((view) => [
        view.title,
        sorted(view.primitives.map((primitive) => ({ ...primitive, part: 'part' in primitive ? '-' : null }))),
        view.chains,
      ]),
    ]),
    said: [
      ...one.bill.map((line) => line.why),
      ...Object.values(sized.knobs).map((knob) => knob.suggestion.why),
      ...stepsOf(one).flatMap((step) => [step.what, ...(step.caution ? [step.caution] : [])]),
      ...seasonOf(one).map((note) => note.what),
      ...one.verdicts.map(({ told }) => told),
    ].map((told) => say(told, { ...stepPhrases(one), ...seasonPhrases(one) }, tongue)),
  };
}

export interface Kept {
  name: string;
  market: Plan['garden']['market'];
  site: Partial<Plan['site']>;
  beds: unknown[];
  plantings: unknown[];
  structures: unknown[];
}
/** Two hundred plans that were drawn by lot once, ten of each kind there was, over the garden and the prices of that day. */
function* keptPlans(ground: Record<string, object>, plans: readonly Kept[]): Generator<{ name: string; plan: Plan }> {
  for (const { name, market, site, ...rest } of plans) {
    const read = readPlan({
      ...ground,
      ...rest,
      garden: { ...ground.garden, market },
      site: { ...ground.site, ...site },
    });
    if (!read.ok)
      throw new Error(
        `The kept plan "${name}" is refused: ${read.faults.map((f) => `${f.path} ${f.message}`).join('; ')}`,
      );
    yield { name, plan: read.plan };
  }
}

/** Of each kept plan its first structure; of the demo all of them, with their mends. */
export function* canonical(
  ground: Record<string, object>,
  plans: readonly Kept[],
): Generator<{ name: string; of: Canonical }> {
  for (const structure of DEMO_PLAN.structures)
    yield { name: `demo: ${structure.name}`, of: aspectsOf(computeStructure(DEMO_PLAN, structure), DEMO_PLAN) };
  for (const { name, plan } of keptPlans(ground, plans))
    yield { name, of: aspectsOf(computeAs(kindOf, plan, plan.structures[0] as Plan['structures'][number]), plan) };
}

/** All of it to be read, a line for each thing. */
export const pretty = (of: Canonical): string =>
  Object.entries(of)
    .map(
      ([aspect, value]) =>
        `== ${aspect}\n${[value]
          .flat(2)
          .map((one) => (typeof one === 'string' ? one : asText(one)))
          .join('\n')}`,
    )
    .join('\n');

/** One line for each, every aspect by its digest: what a change changed shows by its aspect, and whose. */
export const digestsOf = ({ name, of }: { name: string; of: Canonical }, digest: (text: string) => string): string =>
  `${name} | ${Object.entries(of)
    .map(([aspect, value]) => `${aspect} ${digest(asText(value))}`)
    .join(' ')}`;
