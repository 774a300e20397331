import { extentOf } from '../design/extent';
import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { TOOL_WORDS } from '../building/tool-words';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Market } from '../catalogue/stock';
import { DEMO_PLAN } from '../demo/garden';
import type { Design } from '../design/design';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { distanceTo, touches } from '../design/nearest';
import { closeUps } from '../drawing/close-ups';
import { setOnPaper } from '../drawing/sheet';
import { toSvg } from '../drawing/svg';
import { ripAcross, ripAlong } from '../drawing/rip-views';
import { drawAtAGlance, drawViews } from '../drawing/views';
import { isUrgent } from '../checks/check';
import { atTheDoor } from '../formats/door';
import { lengthOf, pointAt } from '../geometry/curve';
import type { Point } from '../geometry/space';
import { readPlan } from '../formats/read-plan';
import { STRUCTURE_SCHEMA } from '../formats/plan-schema';
import { resultOf } from '../formats/result';
import { takeOff } from '../materials/take-off';
import { computeStructure } from '../plan/compute';
import { computeAs } from '../plan/compute-as';
import { seasonOf, seasonPhrases } from '../plan/season';
import { stepPhrases, stepsOf } from '../plan/steps';
import type { Plan } from '../plan/plan';
import { heightAt } from '../site/ground';
import type { Stand, StandOn } from '../site/stands/stands';
import { SOIL } from '../site/underfoot';
import { say } from '../wording/say';
import { anyPlan, anySettings, first, firstMended } from './any-plan.fixture';
import { knobFaults, type Settings } from './knob';
import { cardOf, KIND_CARDS } from './cards';
import { KIND_LOADERS } from './loaders';
import { kindOf, KINDS } from './registry';
import type { Sized, StructureKind } from './kind';

/** One of each, for what does not depend on it. */
const A_STAND: Record<StandOn, Stand> = {
  bed: { on: 'bed', bed: 'b' },
  beds: { on: 'beds', beds: ['a', 'b'] },
  path: {
    on: 'path',
    spots: [0, 1].map((n) => ({ xMm: n * 2000, yMm: 0, groundMm: 0 })),
    closed: false,
    inside: 'left',
    underfoot: SOIL,
  },
  spot: { on: 'spot', at: { xMm: 0, yMm: 0, turnDeg: 0 }, underfoot: SOIL },
  run: { on: 'run', of: 'host', atMm: 1000 },
};

/** The largest thing the knobs allow: a 200′ row of carrots, as many walls of it as there may be. */
const longest = (kind: StructureKind): Plan[] =>
  kind.stands.includes('bed')
    ? [
        {
          ...DEMO_PLAN,
          plantings: [
            { id: 'p', bed: 'long-bed', crop: 'carrot', training: 'row', count: 1, year: DEMO_PLAN.garden.year },
          ],
          structures: [
            {
              id: 's',
              kind: kind.id,
              name: 'S',
              stand: { on: 'bed', bed: 'long-bed' },
              plantings: ['p'],
              knobs: Object.fromEntries(
                Object.entries(kind.knobs).flatMap(([name, knob]) =>
                  name === 'rowLength' || name === 'walls' ? [[name, (knob as { max: number }).max]] : [],
                ),
              ),
            },
          ],
        },
      ]
    : [];

/** A plate is so thick, and is drawn in the middle of that. mm. */
const LIES_MM = 6;

const withKnobs = (plan: Plan, knobs: Settings): Plan => ({
  ...plan,
  structures: plan.structures.map((one, i) => (i === 0 ? { ...one, knobs } : one)),
});
const only = first;

function allFinite(value: unknown): boolean {
  if (typeof value === 'number') return Number.isFinite(value);
  return !value || typeof value !== 'object' || Object.values(value).every(allFinite);
}

/** How many separate bodies the joints leave the parts in. */
function bodies(design: Design): number {
  const leader = new Map(design.parts.map((part) => [part.id, part.id]));
  const find = (id: string): string => {
    const up = leader.get(id);
    if (up === undefined) throw new Error(`joint names no part: ${id}`);
    return up === id ? id : find(up);
  };
  for (const joint of design.joints) for (const id of joint.parts) leader.set(find(id), find(joint.parts[0] as string));
  return new Set(design.parts.map((part) => find(part.id))).size;
}

/** Lengths that were turned moved on to the next sixteenth of an inch, or millimetre, the way they were turned. */
function onMarks({ knobs }: StructureKind, settings: Settings, { knobs: were }: Sized, market: Market): Settings {
  const mark = market === 'imperial' ? 25.4 / 16 : 1;
  return Object.fromEntries(
    Object.entries(settings).map(([name, value]) => {
      const [knob, was] = [knobs[name], were[name]?.value];
      if (knob?.type !== 'length' || typeof value !== 'number' || typeof was !== 'number' || value === was)
        return [name, value];
      const off = Math.abs(value / mark - Math.round(value / mark)) > 1e-4;
      const next = (value > was ? Math.ceil(value / mark) : Math.floor(value / mark)) * mark;
      return [name, off ? Math.min(knob.max, Math.max(knob.min, next)) : value];
    }),
  );
}

/** What plants are said to hold on to is there: as high as meshes and strings go, and no higher than anything stands. */
function holdsWithin({ hold, parts, ground, stations }: Design): void {
  if (!hold || stations.length === 0) return;
  const level = !('path' in ground) && Math.abs(ground.riseMm) < 1;
  const topOf = (some: readonly Part[]): number =>
    Math.max(0, ...some.flatMap((part) => extentOf(part).map(([x, y, z]) => z - heightAt(ground, x, y))));
  // Up a leaning stem it is farther than straight up.
  const lean = Math.max(
    1,
    ...stations.map(({ stem }) => {
      const long = lengthOf(stem);
      return long / Math.max(1, pointAt(stem, long)[2] - pointAt(stem, 0)[2]);
    }),
  );
  const { least, most } = hold.topMm;
  expect(least).toBeLessThanOrEqual(most);
  // Of what is bent over, as far as it goes along its bow, of what leans, up its own face, however low its plants stay.
  const bow = parts.flatMap((part) =>
    part.shape !== 'sheet'
      ? []
      : part.base.curve !== 'line'
        ? [hold.startsMm + part.cutMm / 2]
        : part.up[2] < 0.99
          ? [hold.startsMm + part.heightMm]
          : [],
  );
  expect(most).toBeLessThanOrEqual(Math.max(topOf(parts) * lean, ...bow) + 60);
  const held =
    hold.by === 'string'
      ? parts.filter(({ role }) => role === 'string')
      : parts.filter((part) => shapeOf(part).nature === 'face');
  // On a slope what is round is higher on one side than at its middle. Over a raised bed it is told from the soil in that.
  const spots = held.flatMap(extentOf).map(([, , z]) => z);
  const told = Math.min(topOf(held), hold.startsMm + Math.max(...spots) - Math.min(...spots));
  if (level && hold.by !== 'poles' && hold.by !== 'passes') expect(most).toBeGreaterThanOrEqual(told - 60);
}

const schema = (name: string): object =>
  JSON.parse(readFileSync(new URL(`../../docs/${name}.schema.json`, import.meta.url), 'utf8')) as object;
const ajv = new Ajv2020({ strict: false });
const planFits = ajv.compile(schema('plan'));
const resultFits = ajv.compile(schema('result'));

describe.each(KINDS.map((kind) => [kind.id, kind] as const))(
  'the contract of %s, over its whole knob space',
  (_id, kind) => {
    it('places finite, connected parts; the bill is the parts; all of it is said, drawn and the same again', () => {
      fc.assert(
        fc.property(anyPlan(kind), (plan) => {
          const computed = only(plan);
          const {
            sized: { design, knobs },
            around,
            bill,
            shopping,
            verdicts,
            cost,
          } = computed;
          const steps = stepsOf(computed);
          expect(allFinite(design)).toBe(true);
          expect(design.parts.filter((part) => part.cutMm <= 0)).toEqual([]);
          expect(new Set(design.parts.map((part) => part.id)).size).toBe(design.parts.length);
          expect(bodies(design)).toBe(design.bodies);
          const shown = new Set(design.views.map((view) => view.id));
          expect([...design.marks, ...design.handles].filter(({ view }) => !shown.has(view))).toEqual([]);
          holdsWithin(design);
          const named = new Map(design.parts.map((part) => [part.id, part]));
          const stray = design.joints.flatMap((joint) =>
            joint.parts
              .filter((id) => !joint.places.some((place) => touches(named.get(id) as Part, place)))
              .map((id) => `${joint.id}: ${id}`),
          );
          // A post that is sold too short for its height and depth is said to be; nothing reaches its top.
          if (!verdicts.some((verdict) => verdict.told.code === 'post.short')) expect(stray).toEqual([]);

          // Metal lies on what it holds: both ends of every plate, but of those on the posts of another.
          if (!kind.stands.includes('run')) {
            const off = design.joints.flatMap((joint) =>
              joint.fixings.flatMap(({ stock, plates = [] }) =>
                plates.flatMap((plate) =>
                  [plate[0], plate.at(-1)].flatMap((end) => {
                    const gap = Math.min(...joint.parts.map((id) => distanceTo(named.get(id) as Part, end as Point)));
                    return gap > LIES_MM ? [`${joint.kind}: ${stock} ${gap.toFixed(0)} off`] : [];
                  }),
                ),
              ),
            );
            expect(off).toEqual([]);
          }

          const counted = (of: 'part' | 'joint' | 'board') =>
            bill.filter((line) => line.of === of).reduce((sum, line) => sum + line.count, 0);
          expect(counted('part')).toBe(design.parts.length);
          expect(counted('joint')).toBe(
            design.joints.flatMap((joint) => joint.fixings).reduce((sum, fixing) => sum + fixing.count, 0),
          );
          expect(counted('board')).toBe((design.boards?.length ?? 0) + (design.kits?.length ?? 0));
          expect(cost.totalMinor).toBe(cost.netMinor + cost.taxMinor);
          const past = shopping.cutPlans
            .flatMap(({ layouts }) => layouts)
            .filter(({ cuts, measure }) => cuts.some((cut) => cut.at + cut.measure > measure + 1e-6));
          expect(past).toEqual([]);

          // Every part comes on in one step, and no step is done with what is not on the list.
          expect(steps.flatMap((step) => step.adds ?? []).toSorted()).toEqual(
            design.parts.map((part) => part.id).toSorted(),
          );
          expect(steps.flatMap((step) => step.uses ?? []).filter((tool) => !TOOL_WORDS[tool])).toEqual([]);

          const cautions = steps.flatMap((step) => (step.caution ? [step.caution.code] : []));
          expect(cautions).toEqual([...new Set(cautions)]);

          const tongue = { units: plan.garden.market, locale: 'en' };
          const phrases = { ...stepPhrases(computed), ...seasonPhrases(computed) };
          const said = [
            ...bill.map((line) => line.why),
            ...Object.values(knobs).map((knob) => knob.suggestion.why),
            ...steps.flatMap((step) => [step.what, ...(step.caution ? [step.caution] : [])]),
            ...seasonOf(computed).map((note) => note.what),
          ].map((told) => say(told, phrases, tongue));
          const sentences = [...said, ...verdicts.map((verdict) => say(verdict.told, {}, tongue))];
          expect(sentences.filter((sentence) => /NaN|undefined|Infinity|[{}]/.test(sentence))).toEqual([]);

          for (const view of [
            ...drawViews(design, around),
            drawAtAGlance(design, around),
            ...(design.boards ?? []).flatMap((board) => [ripAcross(board), ripAlong(board)]),
          ])
            expect(toSvg(setOnPaper(view, { widthPx: 700, heightPx: 320, units: plan.garden.market }))).not.toMatch(
              /NaN|undefined|Infinity/,
            );
          for (const { kind: joint, views, fixings } of closeUps(design)) {
            // How each is made is told.
            const told = kind.names.joinery?.[joint] ?? '';
            expect(told, joint).toBeTruthy();
            // What is tied is drawn, turn by turn.
            if (/hitch|knot|twisted|close turns/.test(told)) expect(kind.names.knots?.[joint], joint).toBeTruthy();
            for (const view of views) {
              expect(toSvg(setOnPaper(view, { widthPx: 210, heightPx: 270, units: plan.garden.market }))).not.toMatch(
                /NaN|undefined|Infinity/,
              );
              expect(view.chains.filter(({ atMm }) => atMm.some((at, i) => at < (atMm[i - 1] ?? at)))).toEqual([]);
              // Something is there to be seen, and what holds it is where the joint is.
              const { at, radiusMm } = view.lens as NonNullable<typeof view.lens>;
              const dots = view.primitives.flatMap((one) =>
                one.draw === 'dot' ? [one.at] : one.draw === 'lines' && one.ink === 'driven' ? one.lines.flat() : [],
              );
              expect([view.primitives.some((one) => 'part' in one && one.part), dots.length > 0]).toEqual([
                true,
                fixings.length > 0,
              ]);
              expect(dots.filter(([x, y]) => Math.hypot(x - at[0], y - at[1]) > radiusMm * 2)).toEqual([]);
            }
          }
          expect(JSON.stringify(only(plan).sized.design)).toBe(JSON.stringify(design));
        }),
        { numRuns: cases(9), examples: longest(kind).map((plan) => [plan]) },
      );
    });

    it('offers only mends that mend: the finding is gone, nothing worse is found, all of it is sold, and what turns is told', () => {
      fc.assert(
        fc.property(anyPlan(kind), (plan) => {
          const structure = plan.structures[0] as Plan['structures'][number];
          const before = firstMended(plan);
          const urgent = (found: typeof before.verdicts) =>
            found.filter(({ level }) => level === 'fail' || level === 'warn').map(({ told }) => told.code);
          const unpriced = (of: typeof before) => of.shopping.missing.map(({ stock }) => stock);
          // Some kinds are never in want of one.
          expect(before.verdicts.length).toBeGreaterThan(0);
          for (const verdict of before.verdicts) {
            if (!verdict.mend) continue;
            expect(verdict.mends, verdict.told.code).toBeTruthy();
            expect(knobFaults(kind.knobs, verdict.mend.settings)).toEqual([]);
            const built = (settings: Settings) => computeStructure(plan, { ...structure, knobs: settings });
            const mended = built(verdict.mend.settings);
            const unmended = (after: typeof mended) => [
              ...after.verdicts.map((one) => one.told.code).filter((code) => code === verdict.told.code),
              ...urgent(after.verdicts).filter((code) => !urgent(before.verdicts).includes(code)),
            ];
            expect(unmended(mended)).toEqual([]);
            // It can be set out with a tape: a length is off its marks only where none of them mends.
            const marked = onMarks(kind, verdict.mend.settings, before.sized, plan.garden.market);
            if (JSON.stringify(marked) !== JSON.stringify(verdict.mend.settings)) {
              const after = built(marked);
              expect([
                ...unmended(after),
                ...unpriced(after).filter((one) => !unpriced(before).includes(one)),
              ]).not.toEqual([]);
            }
            // Check by check, no level is worse than it was.
            for (const { check } of mended.verdicts) {
              const heads = ({ verdicts }: typeof before) =>
                verdicts.flatMap((one) => (one.check === check && isUrgent(one) ? [one.level] : []));
              const [then, now] = [heads(before), heads(mended)];
              expect(now.length, check).toBeLessThanOrEqual(then.length);
              expect(now.filter((level) => level === 'fail').length, check).toBeLessThanOrEqual(
                then.filter((level) => level === 'fail').length,
              );
            }
            // A difference is told only of two costs that are known.
            const known = before.cost.complete && mended.cost.complete;
            expect(verdict.mend.costMinor).toBe(known ? mended.cost.totalMinor - before.cost.totalMinor : null);
            expect(unpriced(before)).toEqual(expect.arrayContaining(unpriced(mended)));
            const turned = verdict.mend.turns.map(({ knob }) => knob);
            const differs = Object.entries(mended.sized.knobs).flatMap(([knob, { value }]) =>
              value === before.sized.knobs[knob]?.value ? [] : [knob],
            );
            expect(differs.toSorted()).toEqual(turned.toSorted());
          }
        }),
        { numRuns: cases(8) },
      );
    });

    it('makes do with whatever the price book has: suggests what is on sale, and says that the cost is too low where something is not', () => {
      const anyBook = fc.subarray([...DEMO_PLAN.priceBook.lines]).map((lines) => ({ ...DEMO_PLAN.priceBook, lines }));
      fc.assert(
        fc.property(anyPlan(kind), anyBook, (whole, priceBook) => {
          const plan = { ...whole, priceBook, shed: [] };
          const {
            setting,
            sized: { design, knobs },
            bill,
            shopping,
            cost,
          } = only(plan);
          expect(allFinite(design)).toBe(true);
          const settled = Object.fromEntries(Object.entries(knobs).map(([name, state]) => [name, state.value]));
          for (const [name, knob] of Object.entries(kind.knobs)) {
            const offered = knob.type === 'choice' ? (knob.offered?.(setting, settled) ?? []) : [];
            if (offered.length > 0) expect(offered, name).toContain(knobs[name]?.suggestion.value);
          }
          const sold = new Set(priceBook.lines.map((line) => line.stock));
          const missing = bill.filter(
            (line) => line.board === null && !sold.has(line.stock) && CATALOGUE.stock(line.stock).sold !== 'own',
          );
          if (missing.length > 0) expect(cost.complete).toBe(false);
          expect(shopping.purchases.filter(({ stock }) => !sold.has(stock))).toEqual([]);
        }),
        { numRuns: cases(8) },
      );
    });

    it('builds the same from its suggestions taken by hand, in either market, wherever the bed lies on the plot', () => {
      fc.assert(
        fc.property(
          anyPlan(kind),
          fc.integer({ min: -180, max: 180 }),
          fc.integer({ min: 0, max: 15_000 }),
          (plan, turnDeg, xMm) => {
            const { sized } = only(plan);
            // What it is tied to is taken by hand with it.
            const byHand: Plan = {
              ...plan,
              structures: plan.structures.map((one) => ({
                ...one,
                knobs: Object.fromEntries(
                  Object.entries(computeAs(kindOf, plan, one).sized.knobs).map(([name, state]) => [name, state.value]),
                ),
              })),
            };
            const elsewhere: Plan = {
              ...byHand,
              garden: { ...plan.garden, market: plan.garden.market === 'metric' ? 'imperial' : 'metric' },
              // What stands between two beds goes with both of them, or with its wall; one on a bed with its own.
              beds:
                plan.structures[0]?.stand.on === 'beds' || 'wallOf' in kind.knobs
                  ? plan.beds
                  : plan.beds.map((bed) => ({ ...bed, turnDeg, xMm })),
            };
            // What could be made instead goes by the market.
            const built = ({ hold, ...design }: Design) => ({ ...design, hold: hold && { ...hold, could: null } });
            for (const same of [byHand, elsewhere]) expect(built(only(same).sized.design)).toEqual(built(sized.design));
          },
        ),
        { numRuns: cases(8) },
      );
    });

    if ('rowAt' in kind.knobs)
      it('moves across the bed as it is, by as much as its row is moved', () => {
        fc.assert(
          fc.property(anyPlan(kind), fc.double({ min: 1, max: 900, noNaN: true }), (plan, by) => {
            const {
              sized: { knobs, design },
            } = only(plan);
            const rowAt = knobs.rowAt?.value as number;
            const settled = Object.fromEntries(Object.entries(knobs).map(([name, state]) => [name, state.value]));
            const moved = only(withKnobs(plan, { ...settled, rowAt: rowAt + by })).sized.design;
            expect(moved.parts.map((part) => [part.id, part.cutMm.toFixed(3)])).toEqual(
              design.parts.map((part) => [part.id, part.cutMm.toFixed(3)]),
            );
            const across = (of: Design) => of.parts.map((part) => extentOf(part)[0]?.[1] ?? 0);
            const before = across(design);
            expect(across(moved).filter((y, i) => Math.abs(y - (before[i] as number) - by) > 5e-7)).toEqual([]);
          }),
          { numRuns: cases(8) },
        );
      });

    it('stands on a hair of slope as it stands on the level', () => {
      fc.assert(
        fc.property(anyPlan(kind), fc.constantFrom(1, -1), (plan, way) => {
          const settled = Object.fromEntries(
            Object.entries(only(plan).sized.knobs).map(([name, state]) => [name, state.value]),
          );
          const on = (riseMm: number) =>
            only({ ...withKnobs(plan, settled), beds: plan.beds.map((bed) => ({ ...bed, riseMm })) }).sized.design;
          const [level, hair] = [on(0), on(way * 1e-4)];
          expect(hair.parts.map((part) => part.id)).toEqual(level.parts.map((part) => part.id));
          const otherLong = hair.parts.filter(
            (part, i) => Math.abs(part.cutMm - (level.parts[i] as Part).cutMm) >= 0.5,
          );
          expect(otherLong).toEqual([]);
          expect(hair.stations.map((station) => station.id)).toEqual(level.stations.map((station) => station.id));
        }),
        { numRuns: cases(8) },
      );
    });

    it('refuses the same settings in the core, at the door and in the published schema', () => {
      const junk = fc.dictionary(
        fc.oneof(fc.constantFrom(...Object.keys(kind.knobs)), fc.string({ minLength: 1 })),
        fc.oneof(fc.double(), fc.integer({ min: -10, max: 10_000 }), fc.string(), fc.boolean(), fc.constant(null)),
        { maxKeys: 3 },
      );
      fc.assert(
        fc.property(fc.oneof(junk, anySettings(kind.knobs)), (settings) => {
          const structure = {
            id: 's',
            kind: kind.id,
            name: 'S',
            stand: A_STAND[kind.stands[0] as StandOn],
            plantings: [],
            knobs: settings,
          };
          const fine = knobFaults(kind.knobs, settings).length === 0;
          expect(atTheDoor(STRUCTURE_SCHEMA, structure).ok).toBe(fine);
        }),
        { numRuns: cases(200) },
      );
    });

    it('computes to a document of the published shape, by an independent validator', () => {
      fc.assert(
        fc.property(anyPlan(kind), (plan) => {
          expect(readPlan(JSON.parse(JSON.stringify(plan)))).toMatchObject({ ok: true });
          expect(planFits(JSON.parse(JSON.stringify(plan))), ajv.errorsText(planFits.errors)).toBe(true);
          expect(resultFits(JSON.parse(JSON.stringify(resultOf(plan)))), ajv.errorsText(resultFits.errors)).toBe(true);
        }),
        { numRuns: cases(8) },
      );
    });
  },
);

it('every stock item a kind uses is in the catalogue, and its take-off knows why', () => {
  for (const structure of DEMO_PLAN.structures) {
    const { sized } = computeAs(kindOf, DEMO_PLAN, structure);
    for (const line of takeOff(sized.design, CATALOGUE))
      expect(CATALOGUE.stock(line.stock).life.seasons).toBeGreaterThan(0);
  }
});

it('has a card of every kind that says what the kind says', () => {
  expect(KIND_CARDS.map(({ id }) => id)).toEqual(KINDS.map(({ id }) => id));
  for (const kind of KINDS) expect(kind).toMatchObject(cardOf(kind.id));
  expect(() => cardOf('no such kind')).toThrow('no such kind');
});

it('every kind of the registry can be fetched by itself, and no other', async () => {
  expect(await Promise.all(Object.entries(KIND_LOADERS).map(async ([id, load]) => [id, await load()]))).toEqual(
    KINDS.map((kind) => [kind.id, kind]),
  );
});
