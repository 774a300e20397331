import { partNumbers } from '@lignum/core/materials/part-numbers';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { allCases } from '@lignum/core/cases.fixture';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { cropIn } from '@lignum/core/crops/book';
import { layoutName } from '@lignum/core/cutting/cut-plan';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { MARGIN_PX, SIZES, type Page, type PaperSize } from '@lignum/core/paper/page';
import { PAPERS } from './paper-choice';
import { pageSvg } from '@lignum/core/paper/page-svg';
import { typeWidth } from '@lignum/core/paper/type';
import { computeAs } from '@lignum/core/plan/compute-as';
import { withReadings } from '@lignum/core/plan/readings';
import { kindOf } from '@lignum/core/structures/registry';
import { computeGarden } from '@lignum/core/plan/compute';
import { formatLength } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { rodsToMark } from '@lignum/core/setting-out/rods';
import { stepPhrases, stepsOf } from '@lignum/core/plan/steps';
import { say } from '@lignum/core/wording/say';
import { pdfOf } from '../server/pdf';
import { cutWords, wordFor } from '../words/stock-words';
import { gardenSheets } from './garden-sheets';
import { metAlong } from './mark-words';
import { structureSheets } from './sheets';

const garden = computeGarden(DEMO_PLAN);
const TONGUES = [
  { units: 'imperial', locale: 'en' },
  { units: 'metric', locale: 'en' },
] as const;
/** The words of a page in lines of equal height, left to right. */
const textsOf = (pages: readonly Page[]) =>
  pages.flatMap((page) => page.marks.flatMap((mark) => (mark.put === 'text' ? [mark] : [])));
const linesOf = (pages: readonly Page[]): string[][] =>
  pages.flatMap((page) => {
    const lines = new Map<number, { x: number; text: string }[]>();
    for (const mark of textsOf([page]).filter((one) => one.text !== ''))
      lines.set(mark.y, [...(lines.get(mark.y) ?? []), mark]);
    return [...lines.values()].map((line) => line.toSorted((a, b) => a.x - b.x).map((mark) => mark.text));
  });
const IS_FIGURE = /^\d.*(″|′|m)$/;
/** How often a row stands on the lines; its first cell may go on in the line below. */
function timesIn(lines: readonly string[][], [what = '', ...figures]: readonly string[]): number {
  const found = (same: (said: string) => boolean): number =>
    lines.reduce(
      (sum, line) =>
        sum +
        line.filter(
          (said, i) =>
            same(said) &&
            figures.every((figure, n) => line[i + 1 + n] === figure) &&
            !IS_FIGURE.test(line[i + 1 + figures.length] ?? ''),
        ).length,
      0,
    );
  return found((said) => said === what) || found((said) => what.startsWith(`${said} `));
}
const flat = (said: string): string => said.replace(/\s+/g, ' ');

/** What an independent reader finds in a PDF, page by page: poppler's pdftotext. */
async function readBack(pages: readonly Page[]): Promise<string[]> {
  const folder = mkdtempSync(join(tmpdir(), 'lignum-'));
  try {
    const file = join(folder, 'sheets.pdf');
    writeFileSync(file, await pdfOf(pages, 'Sheets'));
    return execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' }).split('\f').slice(0, -1);
  } finally {
    rmSync(folder, { recursive: true });
  }
}

describe.each(garden.structures.map((one) => [one.structure.name, one] as const))(
  'the sheets of %s',
  (_name, computed) => {
    it.each(['A4', 'Letter'] as const)(
      'hold every piece, mark and step, inside the margins of %s, and nothing over anything',
      (size) => {
        // Each paper with the lengths that go with it; both on either in a thorough round.
        for (const tongue of allCases() ? TONGUES : [TONGUES[size === 'A4' ? 1 : 0]]) {
          const pages = structureSheets(DEMO_PLAN, computed, tongue, size, {
            labels: true,
            with: size === 'A4' ? garden : null,
          });
          const { widthPx, heightPx } = SIZES[size];
          const texts = textsOf(pages);
          const offPage = texts.filter((mark) => {
            const wide = typeWidth(mark.text, mark.size, mark.weight);
            const left = mark.x - (mark.anchor === 'end' ? wide : mark.anchor === 'middle' ? wide / 2 : 0);
            return left <= 20 || left + wide >= widthPx - 20 || mark.y >= heightPx - 20;
          });
          expect(offPage).toEqual([]);
          const said = flat(texts.map((mark) => mark.text).join(' '));
          // Each cut piece is a row of its own: its number, how many, and how long.
          const numbers = partNumbers(computed);
          for (const line of computed.bill.filter((one) => one.of !== 'joint')) {
            const no = numbers.get(line.parts[0] ?? '');
            const length =
              line.litres === null && line.cutMm !== null ? cutWords(line.stock, line.cutMm, tongue.units) : '';
            const row = texts.filter((mark) => mark.text === String(no) && mark.weight === 'bold' && mark.size === 12);
            expect(
              row.some((mark) => {
                const beside = texts.filter((one) => Math.abs(one.y - mark.y) < 0.5).map((one) => one.text);
                return beside.includes(String(line.count)) && (length === '' || beside.includes(length));
              }),
              `${wordFor(computed.kind, line.use)} ${length}`,
            ).toBe(true);
          }
          // Each mark is a row of its rod, and stands there once.
          const lines = linesOf(pages);
          const rows = rodsToMark(computed.sized.design).flatMap((rod) =>
            metAlong(computed.kind, rod, (crop) => cropIn(DEMO_PLAN.crops, crop).name).map(({ what, ...at }) => [
              what,
              ...[at.fromMm, at.atMm, at.toMm].flatMap((mm) => (mm === null ? [] : [formatLength(mm, tongue.units)])),
            ]),
          );
          for (const row of rows) {
            const times = rows.filter((other) => other.join('|') === row.join('|')).length;
            expect(timesIn(lines, row), row.join(' ')).toBe(times);
          }
          for (const step of stepsOf(computed))
            expect(said).toContain(flat(say(step.what, stepPhrases(computed), tongue)));
          // Every small part is used in one step or another.
          const used = said.slice(said.indexOf('In this order'));
          for (const stock of new Set(computed.bill.filter((one) => one.of === 'joint').map((one) => one.stock))) {
            const total = computed.bill.reduce(
              (sum, one) => sum + (one.of === 'joint' && one.stock === stock ? one.count : 0),
              0,
            );
            const name = CATALOGUE.stock(stock).name;
            const counted = [...used.matchAll(/(\d+) × /g)].filter((one) =>
              used.slice(one.index + one[0].length).startsWith(name),
            );
            expect(
              counted.reduce((sum, one) => sum + Number(one[1]), 0),
              name,
            ).toBe(total);
          }
          for (const page of pages) expect(pageSvg(page, 'page')).not.toMatch(/NaN|undefined|Infinity/);
        }
      },
    );
  },
);

describe('one cutting plan', () => {
  it('is the garden’s: each sheet has its pieces under the letters of that, and says what it costs alone and together', () => {
    const letters = (said: string): string[] =>
      said.split(', ').flatMap((range) => {
        const [from = '', to = from] = range.split('–');
        const place = (name: string) => [...name].reduce((n, letter) => n * 26 + letter.charCodeAt(0) - 64, 0) - 1;
        return Array.from({ length: place(to) - place(from) + 1 }, (_, i) => layoutName(place(from) + i));
      });
    for (const computed of garden.structures) {
      const { id } = computed.structure;
      const pages = structureSheets(DEMO_PLAN, computed, TONGUES[0], 'A4', { with: garden });
      const texts = textsOf(pages).filter(({ x }) => x === MARGIN_PX);
      const start = texts.findIndex(({ text }) => text === 'Where each piece comes from');
      const names = texts
        .slice(start)
        .filter(({ text, size }) => size === 12.5 && /^[A-Z]+(–[A-Z]+)?(, [A-Z]+(–[A-Z]+)?)*$/.test(text))
        .flatMap(({ text }) => letters(text));
      const mine = garden.shopping.cutPlans.flatMap(({ layouts }) =>
        layouts.filter(({ cuts }) => cuts.some(({ structure }) => structure === id)).map(({ name }) => name),
      );
      expect(names.toSorted(), id).toEqual(mine.toSorted());
      const said = flat(
        textsOf(pages)
          .map(({ text }) => text)
          .join(' '),
      );
      for (const { totalMinor } of [garden.cost, computed.cost])
        expect(said).toContain(formatMoney(money(totalMinor, DEMO_PLAN.garden.currency), 'en'));
    }
  });

  it('says to what it was measured, with what was meant, and nothing where nothing was', () => {
    const wall = DEMO_PLAN.structures.find(({ id }) => id === 'tomato-wall')!;
    const built = withReadings(DEMO_PLAN, [{ structure: wall.id, kind: wall.kind, knob: 'gap', mm: 311.15 }]);
    const said = (plan: typeof DEMO_PLAN) => {
      const one = plan.structures.find(({ id }) => id === wall.id)!;
      const pages = structureSheets(plan, computeAs(kindOf, plan, one), TONGUES[0], 'A4');
      return flat(
        textsOf(pages)
          .map(({ text }) => text)
          .join(' '),
      );
    };
    expect(said(built)).toContain('Sized to what was measured: Gap under the panel 12¼″ (planned 20″).');
    expect(said(DEMO_PLAN)).not.toContain('Sized to what was measured');
  });

  it('says where it goes on every sheet, with its north', () => {
    for (const computed of garden.structures) {
      const texts = textsOf(structureSheets(DEMO_PLAN, computed, TONGUES[1], 'A4')).map(({ text }) => text);
      expect(texts).toContain('Where it goes');
      expect(texts).toContain('N');
    }
  });
});

describe('a PDF, read back by another program', () => {
  it('of a trellis says on its pages what the sheets say, each length where it belongs', async () => {
    const computed = garden.structures.find((one) => one.structure.id === 'melon-trellis');
    if (!computed) throw new Error('The demo has no melon trellis.');
    const pages = structureSheets(DEMO_PLAN, computed, TONGUES[0], 'A4');
    const read = await readBack(pages);
    expect(read).toHaveLength(pages.length);
    pages.forEach((page, i) => {
      const back = flat(read[i] ?? '').replaceAll(' ', '');
      for (const { text } of textsOf([page])) expect(back).toContain(text.replaceAll(' ', ''));
    });
    expect(read.map((page, i) => page.includes(`page ${i + 1} of ${pages.length}`))).not.toContain(false);
    const rows = read.join('\n').split('\n');
    for (const line of computed.bill.filter((one) => one.of === 'part' && one.cutMm !== null && one.litres === null)) {
      const row = new RegExp(
        `^\\s*\\d+\\s+${line.count}\\s+${wordFor(computed.kind, line.use)}\\b.*${cutWords(line.stock, line.cutMm as number, 'imperial')}`,
      );
      expect(rows.filter((one) => row.test(one)).length, `${line.use} ${line.cutMm}`).toBeGreaterThanOrEqual(1);
    }
  });

  it('of the whole garden is a few pages with every purchase once and one total', async () => {
    const pages = gardenSheets(DEMO_PLAN, garden, TONGUES[1], 'A4' satisfies PaperSize);
    // Five structures to a page, beside what is there once.
    expect(pages.length).toBeLessThanOrEqual(4 + garden.structures.length / 5);
    const read = flat((await readBack(pages)).join(' '));
    const amount = (minor: number): string => formatMoney(money(minor, DEMO_PLAN.garden.currency), 'en');
    expect(read.split(`Together ${amount(garden.cost.totalMinor)}`)).toHaveLength(2);
    for (const bed of DEMO_PLAN.beds) expect(read).toContain(bed.name);
    for (const { structure } of garden.structures) expect(read).toContain(structure.name);
    for (const one of garden.shopping.purchases) expect(read).toContain(amount(one.costMinor));
  });
});

describe('the file itself, by an independent reader (poppler)', () => {
  /** ISO 216 and ANSI/ASME Y14.1, in points of 1/72″. */
  const SHEETS: Record<PaperSize, readonly [number, number]> = {
    A4: [(210 / 25.4) * 72, (297 / 25.4) * 72],
    Letter: [8.5 * 72, 11 * 72],
    A3: [(297 / 25.4) * 72, (420 / 25.4) * 72],
    Tabloid: [11 * 72, 17 * 72],
  };
  const arbor = garden.structures.find(({ structure }) => structure.id === 'rose-arbor');
  if (!arbor) throw new Error('nothing in the demo is sawn to a template');

  it.each(PAPERS)('has pages of %s, and on those with a template a bar that measures what it says', async (size) => {
    const metric = size.startsWith('A');
    const pages = structureSheets(DEMO_PLAN, arbor, TONGUES[metric ? 1 : 0], size, { labels: false, with: null });
    const barred = pages.flatMap((page, i) =>
      textsOf([page]).some(({ text }) => text.includes('This bar has to measure')) ? [i + 1] : [],
    );
    expect(barred.length).toBeGreaterThan(0);
    const folder = mkdtempSync(join(tmpdir(), 'lignum-'));
    try {
      const file = join(folder, 'sheets.pdf');
      writeFileSync(file, await pdfOf(pages, 'Sheets'));
      const [, wide, high] = /Page size:\s+([\d.]+) x ([\d.]+) pts/.exec(
        execFileSync('pdfinfo', [file], { encoding: 'utf8' }),
      ) ?? ['', '', ''];
      expect(Math.abs(Number(wide) - SHEETS[size][0])).toBeLessThan(0.6);
      expect(Math.abs(Number(high) - SHEETS[size][1])).toBeLessThan(0.6);
      for (const page of barred) {
        const svg = execFileSync('pdftocairo', ['-svg', '-f', `${page}`, '-l', `${page}`, file, '-'], {
          encoding: 'utf8',
          maxBuffer: 1e8,
        });
        const level = [...svg.matchAll(/d="M ([\d.]+) ([\d.]+) L ([\d.]+) ([\d.]+) " transform="matrix\(([\d.]+),/g)]
          .map(([, ...figures]) => figures.map(Number))
          .flatMap(([x = 0, y, to = 0, toY, scale = 1]) => (y === toY ? [(to - x) * scale] : []));
        // 100 mm or 4″ in points. The reader draws paper of a broken number of points smaller by up to one in a thousand.
        const must = metric ? (100 / 25.4) * 72 : 4 * 72;
        const within = Number.isInteger(Number(wide)) ? 0.02 : must / 1000;
        expect(Math.min(...level.map((long) => Math.abs(long - must)))).toBeLessThan(within);
      }
    } finally {
      rmSync(folder, { recursive: true });
    }
  });
});

it.each(['A3', 'Tabloid'] as const)(
  'on %s as much is said as on small paper, inside its margins, on no more sheets',
  (size) => {
    for (const id of ['melon-trellis', 'tomato-wall', 'cucumber-frame']) {
      const one = garden.structures.find(({ structure }) => structure.id === id);
      if (!one) throw new Error(id);
      const [large, small] = [size, 'A4' as const].map((paper) =>
        structureSheets(DEMO_PLAN, one, TONGUES[0], paper, { labels: true, with: null }),
      ) as [Page[], Page[]];
      expect(large.length).toBeLessThanOrEqual(small.length);
      for (const { text, x, y, anchor, size: high, weight } of textsOf(large)) {
        const wide = typeWidth(text, high, weight);
        const left = x - (anchor === 'end' ? wide : anchor === 'middle' ? wide / 2 : 0);
        expect(left, text).toBeGreaterThan(20);
        expect(left + wide, text).toBeLessThan(SIZES[size].widthPx - 20);
        expect(y, text).toBeLessThan(SIZES[size].heightPx - 20);
      }
      const words = (pages: Page[]) =>
        new Set(
          flat(
            textsOf(pages)
              .map(({ text }) => text)
              .join(' '),
          ).match(/[A-Za-z]{4,}/g),
        );
      expect([...words(small)].filter((word) => !words(large).has(word))).toEqual([]);
    }
  },
);
