import { parse } from 'csv-parse/sync';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { partTax } from '../costing/cost';
import { cropIn } from '../crops/book';
import type { Crop } from '../crops/crop';
import { CROPS, sourcesOf } from '../crops/table';
import { DEMO_PLAN } from '../demo/garden';
import { stoodIn } from '../plan/growing';
import type { Bed } from '../site/bed';
import { computeGarden } from '../plan/compute';
import type { Plan } from '../plan/plan';
import type { Units } from '../quantity/length';
import { BILL_COLUMNS, billCsv } from './bill-csv';
import { publishedDocuments } from './published';
import { kindsInstead } from '../choosing/instead';
import { tiedTo } from '../plan/setting-of';
import { regionNear } from '../site/regions';
import { readPlan } from './read-plan';
import { resultOf } from './result';

const altered = (change: (plan: Record<string, never>) => void): unknown => {
  const copy = JSON.parse(JSON.stringify(DEMO_PLAN)) as Record<string, never>;
  change(copy);
  return copy;
};
type Loose = Record<string, Record<string, unknown> & Record<number, Record<string, unknown>>>;

/** Documents as they were exported in version 1: the demo garden of then, and gardens at random. */
const read = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`./fixtures/${name}.json`, import.meta.url), 'utf8')) as unknown;
const VERSION_1 = [read('plan-1-demo'), read('plan-1-random')] as {
  structures: { id: string; bed: string; knobs: object }[];
}[];

describe('a plan of version 1', () => {
  it('opens, every structure on its bed with its knobs, and is left as it was given', () => {
    for (const old of VERSION_1) {
      const before = JSON.stringify(old);
      const opened = readPlan(old);
      if (!opened.ok) throw new Error(JSON.stringify(opened.faults));
      expect(JSON.stringify(old)).toBe(before);
      expect(opened.plan.structures.map(({ id, stand, knobs }) => ({ id, stand, knobs }))).toEqual(
        old.structures.map(({ id, bed, knobs }) => ({ id, stand: { on: 'bed', bed }, knobs })),
      );
      expect(readPlan(opened.plan)).toEqual(opened);
      const { cost, shopping } = computeGarden(opened.plan);
      expect(Number.isFinite(cost.totalMinor)).toBe(true);
      expect(shopping.purchases.length > 0 || old.structures.length === 0).toBe(true);
    }
  });

  it.each([
    null,
    7,
    [],
    { version: 1 },
    { version: 2, structures: [{ kind: 'garden-fence', knobs: { gate: 'one' } }] },
    { version: 1, beds: 'none', structures: [null] },
  ])('that is none is refused, not broken on: %j', (input) => expect(readPlan(input).ok).toBe(false));
});

describe('a plan of version 2', () => {
  it('opens where the name its gate would get is taken already', () => {
    const twice = JSON.parse(
      JSON.stringify(read('plan-2-demo'))
        .replace('"river-fence"', '"tomato-wall-gate"')
        .replace('"tomato-wall"', '"tomato-wall-gate-gate"'),
    ) as unknown;
    const opened = readPlan(twice);
    expect(opened.ok ? opened.plan.structures.length : opened.faults).toBe(15);
  });

  const old = read('plan-2-demo') as { structures: { id: string }[] };
  it('opens with the gate of its fence apart, in the same place, and is cut as it was', () => {
    const opened = readPlan(old);
    if (!opened.ok) throw new Error(JSON.stringify(opened.faults));
    expect(opened.plan.structures.map((one) => one.id)).toEqual([
      ...old.structures.map((one) => one.id),
      'river-fence-gate',
    ]);
    const { structures } = computeGarden(opened.plan);
    const made = structures.filter((one) => one.structure.id.startsWith('river-fence'));
    // What version 2 made of it: posts, braces, mesh and a leaf of 35″ × 28″, now an inch higher (29″, 737 mm) since rabbits visit, its brace over both its corners, its rails (35″, 889 mm) halved into its stiles.
    // What its gate hangs on stands in concrete since, without the two braces that were there.
    const pieces = made.flatMap((one) =>
      one.bill.flatMap((line) =>
        line.stock === 'timber-2x4-treated' ? Array<number>(line.count).fill(Math.round(line.cutMm ?? 0)) : [],
      ),
    );
    expect(pieces.sort((a, b) => a - b)).toEqual([737, 737, 889, 889, 1084, 1779, 1830, 2333, 2355]);
  });
});

describe('a plan of version 3', () => {
  it('opens with whose sizes it buys in the place of how its lengths were written', () => {
    const old = read('plan-3-demo') as { garden: { units: string }; structures: unknown[] };
    const opened = readPlan(old);
    if (!opened.ok) throw new Error(JSON.stringify(opened.faults));
    const { units, ...garden } = old.garden;
    expect(opened.plan.garden).toEqual({ ...garden, market: units, year: 2026 });
    expect(opened.plan.structures.map(({ stand: _stand, ...one }) => one)).toEqual(
      (old.structures as { stand: unknown }[]).map(({ stand: _stand, ...one }) => one),
    );
  });
});

describe('a plan of version 4', () => {
  type Old = {
    site: object;
    beds: { grewBefore: string[] }[];
    structures: { id: string; kind: string; stand: { on: string }; knobs: object }[];
  };
  const old = read('plan-4-demo') as Old;
  it('opens with the year of the nearest region, beds filled loosely, ground underfoot and the inside of its fence', () => {
    const opened = readPlan(old);
    if (!opened.ok) throw new Error(JSON.stringify(opened.faults));
    const { site, beds, structures } = opened.plan;
    expect(site).toEqual({ ...old.site, monthlyC: regionNear(52.1, -6.9).site.monthlyC });
    expect(regionNear(52.1, -6.9).id).toBe('north-atlantic');
    expect(beds.map(({ grew: _grew, ...bed }) => bed)).toEqual(
      old.beds.map(({ grewBefore: _before, ...bed }) => ({ ...bed, fill: 'loose' })),
    );
    for (const { stand } of structures)
      if (stand.on === 'spot' || stand.on === 'path') expect(stand.underfoot).toEqual({ is: 'soil' });
    // Down the left edge of the plot and along its lower one: the beds lie on the left of who goes that way.
    const fence = structures.find(({ kind }) => kind === 'garden-fence');
    expect(fence?.stand).toMatchObject({ on: 'path', inside: 'left' });
  });

  it('a planter that was told to stand on a floor stands on decking, its load carried over and nobody answering for it', () => {
    const stands = (knobs: object) => {
      const structures = old.structures.map((one) => (one.kind === 'pallet-planter' ? { ...one, knobs } : one));
      const opened = readPlan({ ...old, structures });
      return opened.ok ? opened.plan.structures.find(({ kind }) => kind === 'pallet-planter') : opened.faults;
    };
    const decking = { is: 'decking', answeredBy: '' };
    expect(stands({ stands: 'floor', safeLoad: 240, foot: 100 })).toMatchObject({
      knobs: { foot: 100 },
      stand: { underfoot: { ...decking, bearsKgM2: 240 } },
    });
    expect(stands({ stands: 'floor' })).toMatchObject({
      knobs: {},
      stand: { underfoot: { ...decking, bearsKgM2: null } },
    });
    expect(stands({ stands: 'ground' })).toMatchObject({ knobs: {}, stand: { underfoot: { is: 'soil' } } });
  });
});

describe('a plan of version 5', () => {
  it('opens as it was, its own crops with the warmth they grow from, and those that live for years with a year', () => {
    const old = read('plan-5-demo') as object;
    const before = ({ baseC: _c, years: _y, ...crop }: Crop) => crop;
    const own = (id: string): object => ({ ...before(cropIn([], id)), daysToCrop: { least: 365, most: 730 } });
    const quince = {
      ...own('apple'),
      id: 'quince',
      name: 'Quince',
      hardiness: 'hardy',
      trainings: cropIn([], 'grape').trainings,
    };
    const opened = readPlan({ ...old, crops: [own('raspberry'), quince, { ...own('tomato'), id: 'ox', name: 'Ox' }] });
    if (!opened.ok) throw new Error(JSON.stringify(opened.faults));
    const { crops } = opened.plan;
    const same = ({ site, features, structures, priceBook, shed }: Plan) => ({
      site,
      features,
      structures,
      priceBook,
      shed,
    });
    expect(same(opened.plan)).toEqual(same(old as Plan));
    expect(crops.map(({ baseC }) => baseC)).toEqual([4, 4, 9]);
    expect(crops[0]).toEqual(cropIn([], 'raspberry'));
    expect(crops[1]).toMatchObject({
      daysToCrop: { least: 45, most: 60 },
      years: { winter: 'stands', flowersWeek: 4 },
    });
    expect(crops[2]).toMatchObject({ daysToCrop: { least: 365, most: 730 } });
    expect(crops[2]).not.toHaveProperty('years');
  });
});

/** What stands today with the sizes that it was set to then. */
const asThen = (structures: Plan['structures'], { structures: then }: Pick<Plan, 'structures'>): Plan['structures'] =>
  structures.map((one) => ({ ...one, knobs: then.find(({ id }) => id === one.id)?.knobs ?? one.knobs }) as typeof one);

describe('a plan of version 6', () => {
  const old = read('plan-6-demo') as Omit<Plan, 'beds'> & { beds: (Bed & { grewBefore: string[] })[] };
  it('opens in the season in which it was written, with what stood in its beds told by the season, and comes to the same', () => {
    const opened = readPlan(old);
    if (!opened.ok) throw new Error(JSON.stringify(opened.faults));
    const { plan } = opened;
    expect(plan.garden).toEqual({ ...old.garden, year: 2026 });
    expect(plan.plantings).toEqual(old.plantings.map((one) => ({ ...one, year: 2026 })));
    expect(plan.beds.map((bed) => stoodIn(plan, bed).map(({ yearsAgo, family }) => [yearsAgo, family]))).toEqual(
      old.beds.map(({ grewBefore }) => grewBefore.flatMap((family, i) => (family === '' ? [] : [[i + 1, family]]))),
    );
    // What stands in it of today's demo is the same, a season on.
    const among = <T extends { id: string }>(all: readonly T[], then: readonly { id: string }[]): T[] =>
      all.filter(({ id }) => then.some((one) => one.id === id));
    const today = computeGarden({
      ...DEMO_PLAN,
      site: plan.site,
      beds: among(DEMO_PLAN.beds, plan.beds).map((bed) => ({
        ...bed,
        wind: plan.beds.find(({ id }) => id === bed.id)?.wind ?? plan.site.wind,
      })),
      plantings: among(DEMO_PLAN.plantings, plan.plantings),
      structures: asThen(among(DEMO_PLAN.structures, plan.structures), plan),
      priceBook: plan.priceBook,
    });
    const then = computeGarden(plan);
    expect(then.cost).toEqual(today.cost);
    expect(then.structures.map(({ verdicts }) => verdicts)).toEqual(today.structures.map(({ verdicts }) => verdicts));
  });
});

it('a plan of version 7 opens as it was, and comes to the same', () => {
  const old = read('plan-7-demo') as Plan;
  const opened = readPlan(old);
  if (!opened.ok) throw new Error(JSON.stringify(opened.faults));
  expect(opened.plan).toEqual({ ...old, version: 8 });
  // What it costs today, of what stands in both.
  const both = DEMO_PLAN.structures.filter(({ id }) => old.structures.some((one) => one.id === id));
  const { priceBook, beds } = opened.plan;
  expect(computeGarden(opened.plan).cost).toEqual(
    computeGarden({ ...DEMO_PLAN, priceBook, beds, structures: asThen(both, opened.plan) }).cost,
  );
});

describe('what is out of all measure', () => {
  // By the second in the Joi of old, or past the end of the stack; each is refused here before it is read.
  const deep = (within: number): unknown => Array.from({ length: within }).reduce<unknown>((inside) => [inside], 1);
  it.each([
    ['a bed too many', { ...DEMO_PLAN, beds: Array(300_000).fill({}) }, '/beds', 'has 300000 entries; the most is 100'],
    ['lists in lists', { ...DEMO_PLAN, beds: [deep(100_000)] }, '/beds/0', 'lies 17 deep; the most is 16'],
    [
      'a knob of every name',
      {
        ...DEMO_PLAN,
        structures: [
          {
            ...DEMO_PLAN.structures[0],
            knobs: Object.fromEntries(Array.from({ length: 50_000 }, (_, i) => [`k${i}`, 1])),
          },
        ],
      },
      '/structures/0/knobs',
      'has 50000 fields; the most is 200',
    ],
    ['an endless list of anything', Array(600).fill(0), '/', 'has 600 entries; the most is 500'],
  ])('%s is one fault', (_what, document, path, message) => {
    const read = readPlan(document);
    const [fault, ...more] = read.ok ? [] : read.faults;
    expect([fault?.path.startsWith(path), fault?.message, more]).toEqual([true, message, []]);
  });
});

describe('the plan at the door', () => {
  it('takes the demo garden', () => expect(readPlan(DEMO_PLAN)).toEqual({ ok: true, plan: DEMO_PLAN }));

  it.each([
    [
      'a knob out of range, with value and limit',
      (p: Loose) => {
        (p.structures?.[0] as { knobs: unknown }).knobs = { gap: 5000 };
      },
      '/structures/0/knobs/gap',
      'is 5000; the most is 1219.2',
    ],
    [
      'an unknown knob',
      (p: Loose) => {
        (p.structures?.[0] as { knobs: unknown }).knobs = { gaap: 5 };
      },
      '/structures/0/knobs/gaap',
      'is not a field of this format',
    ],
    [
      'a number in quotes',
      (p: Loose) => {
        (p.beds?.[0] as { lengthMm: unknown }).lengthMm = '7315';
      },
      '/beds/0/lengthMm',
      'is "7315", which is not a number',
    ],
    [
      'another version',
      (p: Loose) => {
        (p as unknown as { version: number }).version = 99;
      },
      '/version',
      'is "99"; it must be one of [8]',
    ],
    [
      'a structure on no bed',
      (p: Loose) => {
        (p.structures?.[1] as { stand: { bed: string } }).stand.bed = 'moon';
      },
      '/structures/1/stand/bed',
      'is "moon", which is no bed of this plan',
    ],
    [
      'a crop trained in another’s way',
      (p: Loose) => {
        Object.assign(p.plantings?.[0] as object, { crop: 'tomato', training: 'vine' });
      },
      '/plantings/0/training',
      'is "vine"; for tomato it must be one of two-leaders, one-stem, unpruned',
    ],
    [
      'a slope steeper than the bed is long',
      (p: Loose) => {
        (p.beds?.[0] as { riseMm: number }).riseMm = 6000;
      },
      '/beds/0/riseMm',
      "is 6000; the most is half the bed's length, 3657.6",
    ],
    [
      'a day that no year has',
      (p: Loose) => {
        (p.site as { lastFrost: string }).lastFrost = '02-30';
      },
      '/site/lastFrost',
      'is "02-30"; it must be a month and a day of every year, such as 05-10',
    ],
    [
      'a frost before the last one',
      (p: Loose) => {
        (p.site as { lastFrost: string }).lastFrost = '10-20';
      },
      '/site/firstFrost',
      'is 10-28, 8 days after the last frost of spring (10-20); the season between them is at least 30 days',
    ],
    [
      'a currency nobody mints',
      (p: Loose) => {
        (p.garden as { currency: string }).currency = 'QQQ';
      },
      '/garden/currency',
      'is QQQ, which is no currency of ISO 4217 that is known here',
    ],
    [
      'a farm',
      (p: Loose) => {
        for (let i = 0; i < 3; i++) (p.plantings?.[i] as { count: number }).count = 2000;
      },
      '/plantings',
      `come to ${6000 + DEMO_PLAN.plantings.slice(3).reduce((sum, one) => sum + one.count, 0)} plants; the most is 5000`,
    ],
    [
      'a shop that has one thing in every size',
      (p: Loose) => {
        const { lines } = p.priceBook as unknown as { lines: object[] };
        for (let size = 1; size <= 41; size++)
          lines.push({ stock: 'timber-1x4-durable', size, price: { minor: 100, currency: 'EUR' } });
      },
      `/priceBook/lines/${DEMO_PLAN.priceBook.lines.length + 40}`,
      'is size 41 of timber-1x4-durable; the most is 40 of one item',
    ],
    [
      'plants in what is no planter',
      (p: Loose) => {
        Object.assign(p.plantings?.[0] as object, { bed: 'bean-wall' });
      },
      '/plantings/0/bed',
      'is "bean-wall", which is no bed and no planter of this plan',
    ],
    [
      'two currencies',
      (p: Loose) => {
        (p.garden as { currency: string }).currency = 'USD';
      },
      '/priceBook/lines/0/price/currency',
      "is EUR; the garden's currency is USD",
    ],
  ])('refuses %s', (_name, change, path, message) => {
    const read = readPlan(altered(change));
    expect(read).toMatchObject({ ok: false });
    expect(read.ok ? [] : read.faults).toContainEqual({ path, message });
  });

  it('takes a length a hair beside its limit, and refuses a garden of more parts than can be worked out in a while', () => {
    const [first] = DEMO_PLAN.structures as [Plan['structures'][number]];
    const at = (rowLength: number) =>
      readPlan({
        ...DEMO_PLAN,
        plantings: DEMO_PLAN.plantings.filter((one) => first.plantings.includes(one.id)),
        structures: [{ ...first, knobs: { rowLength } }],
      }).ok;
    expect([at(609.6 - 1e-9), at(609.59)]).toEqual([true, false]);
    const beds = Array.from({ length: 100 }, (_, i) => ({
      ...(DEMO_PLAN.beds[0] as Plan['beds'][number]),
      id: `b${i}`,
      lengthMm: 60_000,
      riseMm: 0,
    }));
    const knobs = { width: 304.8, frames: 30, form: 'pair' };
    const structures = beds.map(({ id }) => ({
      ...first,
      id: `s${id}`,
      kind: 'woven-frame',
      stand: { on: 'bed' as const, bed: id },
      plantings: [],
      knobs,
    }));
    const read = readPlan({ ...DEMO_PLAN, beds, plantings: [], structures });
    expect(read.ok ? [] : read.faults.map((fault) => fault.message)).toEqual([
      expect.stringMatching(/^brings the garden to 4\d{4} parts; the most is 40000$/),
    ]);
  });

  it('takes every structure of the demo built as any kind that it could be instead', () => {
    for (const one of DEMO_PLAN.structures) {
      const tied = [one, ...tiedTo(DEMO_PLAN, one)];
      const plantings = DEMO_PLAN.plantings.filter(({ id }) => tied.some((other) => other.plantings.includes(id)));
      for (const { id: kind } of kindsInstead(DEMO_PLAN, one)) {
        const structures = tied.map((other) => (other.id === one.id ? { ...one, kind, knobs: {} } : other));
        const read = readPlan({ ...DEMO_PLAN, plantings, structures });
        expect(read.ok || read.faults, `${one.id} as ${kind}`).toBe(true);
      }
    }
  });

  it.each([[null], [[]], ['plan'], [{}]])('refuses %j without falling over', (junk) =>
    expect(readPlan(junk)).toMatchObject({ ok: false }),
  );
});

describe('what goes out', () => {
  it('the published schemas and knob tables are the ones the program validates with', () => {
    for (const [file, text] of publishedDocuments())
      expect(
        readFileSync(new URL(`../../docs/${file}`, import.meta.url), 'utf8'),
        `run: npm run schemas (${file})`,
      ).toBe(text);
  });

  it('the CSV reads back by an independent parser, sums to its own total and to the garden’s', () => {
    const tricky: Plan = {
      ...DEMO_PLAN,
      structures: DEMO_PLAN.structures.map((one, i) => (i === 0 ? { ...one, name: '=1+1, "quoted"\nwall' } : one)),
    };
    const rows = parse<Record<string, string>>(billCsv(tricky, 'imperial'), { columns: true });
    expect(Object.keys(rows[0] ?? {})).toEqual([...BILL_COLUMNS]);
    expect(rows[0]?.structure).toBe('\'=1+1, "quoted"\nwall');
    const minor = (row: Record<string, string> | undefined) => Math.round(Number(row?.cost) * 100);
    const bought = rows.filter((row) => row.record === 'buy').reduce((sum, row) => sum + minor(row), 0);
    const { cost, structures } = computeGarden(tricky);
    expect([bought, minor(rows.find((row) => row.record === 'total'))]).toEqual([cost.totalMinor, cost.totalMinor]);
    expect(rows.filter((row) => row.record === 'part').reduce((sum, row) => sum + Number(row.count), 0)).toBe(
      structures.flatMap((one) => one.bill).reduce((sum, line) => sum + line.count, 0),
    );
  });

  it('another way of writing lengths changes words only: every number, choice and purchase stays', () => {
    const said = new Set(['says', 'why', 'units']);
    const numbers = (units: Units): string =>
      JSON.stringify(resultOf(DEMO_PLAN, units), (key, value: unknown) => (said.has(key) ? undefined : value));
    expect(numbers('metric')).toBe(numbers('imperial'));
  });

  it('a plan of any version is bought for the same money however often it is opened and kept', () => {
    for (const name of ['plan-1-demo', 'plan-1-random', ...[2, 3, 4, 5].map((version) => `plan-${version}-demo`)]) {
      const [once, again] = [readPlan(read(name)), readPlan(read(name))];
      if (!once.ok || !again.ok) throw new Error(name);
      const kept = readPlan(JSON.parse(JSON.stringify(again.plan)));
      if (!kept.ok) throw new Error(name);
      expect(kept.plan).toEqual(once.plan);
      expect(computeGarden(kept.plan).cost).toEqual(computeGarden(once.plan).cost);
    }
  });

  it('buying together never costs more than apart', () => {
    const { cost, structures } = computeGarden({ ...DEMO_PLAN, shed: [] });
    expect(cost.totalMinor).toBeLessThanOrEqual(structures.reduce((sum, one) => sum + one.cost.totalMinor, 0));
  });

  it('tax is taken out of prices that hold it and added to those that do not, to the cent', () => {
    expect(partTax(12000, { taxPercent: 20, pricesIncludeTax: true })).toEqual({ netMinor: 10000, taxMinor: 2000 });
    expect(partTax(10005, { taxPercent: 20, pricesIncludeTax: false })).toEqual({ netMinor: 10005, taxMinor: 2001 });
  });
});

describe('the crop table', () => {
  it('has at least twelve crops over every habit, each column filled and sourced, and sensible', () => {
    expect(CROPS.length).toBeGreaterThanOrEqual(35);
    expect(new Set(CROPS.map((crop) => crop.habit)).size).toBe(6);
    for (const crop of CROPS) {
      for (const [column, value] of Object.entries(crop))
        expect([column, value === undefined || value === '' || Number.isNaN(value)]).toEqual([column, false]);
      expect(new Set(Object.values(sourcesOf(crop)))).not.toContain(undefined);
      expect(crop.trainings.length).toBeGreaterThan(0);
      expect(crop.supportToMm).toBeLessThanOrEqual(crop.heightMm);
      expect(crop.gapMm.least).toBeLessThanOrEqual(crop.gapMm.most);
      expect(crop.grips !== null).toBe(['tendril-thin', 'tendril-strong', 'twiner'].includes(crop.habit));
    }
    // In-row spacings (inches) of published extension vegetable guides, from memory: Clemson HGIC 1256 "Planning a Garden" and
    // Virginia Cooperative Extension 426-331 agree on these ranges; trained plants stand at the close end.
    const ranges: Record<string, [number, number]> = {
      'bush-bean': [2, 6],
      'pole-bean': [4, 10],
      cucumber: [9, 36],
      pepper: [12, 24],
      aubergine: [18, 36],
      pea: [1, 4],
      carrot: [1, 4],
      lettuce: [6, 15],
      cabbage: [12, 24],
      onion: [3, 6],
    };
    for (const [id, [least, most]] of Object.entries(ranges))
      for (const training of CROPS.find((crop) => crop.id === id)?.trainings ?? []) {
        expect([id, training.spacingMm / 25.4 >= least - 0.01 && training.spacingMm / 25.4 <= most + 0.01]).toEqual([
          id,
          true,
        ]);
      }
    // Indeterminate tomatoes reach 6–10′; a wall at 18–22″ pruned, 30″ unpruned, 12″ on a string (common practice, no source).
    const tomato = CROPS.find((crop) => crop.id === 'tomato');
    expect(tomato?.trainings.map((training) => Math.round(training.spacingMm / 25.4))).toEqual([20, 12, 30]);
  });
});
