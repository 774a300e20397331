import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';

/** Where figures of the trade, of materials, crops, soil, sun and statics are written; elsewhere they are of drawing, paper and formats. */
const ROOMS = [
  'building',
  'checks',
  'choosing',
  'costing',
  'crops',
  'growth',
  'joinery',
  'shade',
  'site',
  'statics',
  'structures',
];

/** A published source, or what it is where there is none. */
const SOURCED =
  /from memory|common practice|\b(EN|ISO|ASTM|IBC|International Building Code|NDS|DOC PS|Timoshenko|Meeus|Abramowitz|Yin|Descartes|Illinois)\b|\bart\. \d|\btable \d|exactly/i;

/** Of counting, geometry and tolerance, which no source could be for: how often, how finely, how near to the same. */
const OF_COUNTING =
  'URGENCY HEFT SEEN_MM RAD SIDE_RAD QUARTER YEAR COMMON_YEAR MIDDLES MIDDLE_DAY NO_FILL ROW LOW TAPE_STEP SLACK SLACK_MM NEAR_MM FAR ROWS KEPT MOST_KEPT MOST_TRIES STEPS SEARCH_STEPS COARSE TURNS SOFTER PUT_RIGHT FLATTEST LEAST_LONG STRIPS LINES TAKEN_TOGETHER ROUND ROUND_CORNERS STRETCH SPREAD NUDGES RING_RADIUS SWING_STROKES BESIDE_MM RIGHT BEHIND LEFT FRONT NEAR FOUND'.split(
    ' ',
  );

const files = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((one) =>
    one.isDirectory()
      ? files(join(folder, one.name))
      : /(?<!\.test|\.fixture)\.ts$/.test(one.name)
        ? [join(folder, one.name)]
        : [],
  );

/** A constant with a figure in it that stands on the top of its file, and what is said above it (of several together once). */
function* figures(): Generator<{ at: string; name: string; said: string }> {
  for (const file of ROOMS.flatMap((room) => files(join(import.meta.dirname, room)))) {
    const lines = readFileSync(file, 'utf8').split('\n');
    for (const [i, line] of lines.entries()) {
      const found = /^(?:export )?const ([A-Z][A-Z0-9_]+)\b[^=]*= (?!new |[A-Z_]+\.)(?=[^'"]*\d)/.exec(line);
      if (!found?.[1]) continue;
      let from = i;
      while (from > 0 && /^(\/\*| \*|\/\/|(export )?const [A-Z])/.test(lines[from - 1] as string)) from--;
      yield { at: file, name: found[1], said: lines.slice(from, i + 1).join('\n') };
    }
  }
}

it('every figure that is written down has its source beside it, or says that it has none', () => {
  const all = [...figures()];
  expect(all.length).toBeGreaterThan(250);
  expect(
    all
      .filter(({ said, name }) => !SOURCED.test(said) && !OF_COUNTING.includes(name))
      .map(({ at, name }) => `${at.split('/core/')[1]}: ${name}`),
  ).toEqual([]);
});
