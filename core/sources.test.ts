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
  'withstand',
];

/** A published source, or what it is where there is none. */
const SOURCED =
  /from memory|common practice|\b(EN|ISO|ASTM|IBC|International Building Code|NDS|DOC PS|Timoshenko|Meeus|Abramowitz|Yin|Descartes|Illinois)\b|\bart\. \d|\btable \d|exactly/i;

/** Of counting, geometry and tolerance, which no source could be for: how often, how finely, how near to the same; each by its file. */
const OF_COUNTING: Readonly<Record<string, string>> = {
  'checks/check.ts': 'URGENCY SEEN_MM',
  'costing/packs.ts': 'SLACK MOST_TRIES',
  'structures/assemblies/cover-strips.ts': 'STEPS THREADS',
  'growth/degree-days.ts': 'YEAR MIDDLES',
  'structures/demo-piece.ts': 'DEMO_YEAR',
  'growth/growth.ts': 'YEAR',
  'joinery/knots.ts': 'RIGHT BEHIND LEFT FRONT RING_RADIUS',
  'joinery/set-fixings.ts': 'SPREAD NUDGES',
  'shade/shade.ts': 'STRIPS LINES',
  'shade/shaders-of.ts': 'TAKEN_TOGETHER ROUND STRETCH',
  'shade/study.ts': 'MIDDLE_DAY',
  'site/bed.ts': 'ROUND_CORNERS',
  'site/plot.ts': 'RAD',
  'site/sun/season.ts': 'COMMON_YEAR',
  'site/sun/sun-position.ts': 'RAD',
  'statics/elastica.ts': 'STEPS KEPT FLATTEST QUARTER',
  'statics/embedment.ts': 'NO_FILL',
  'statics/yielding.ts': 'ROWS FAR COARSE TURNS NEAR FOUND SOFTER MOST_KEPT PUT_RIGHT NEAR_MM',
  'structures/kinds/cloche/tent.ts': 'HALVINGS',
  'structures/kinds/flat-cover/size.ts': 'STEPS',
  'structures/kinds/garden-gate/size.ts': 'SWING_STROKES',
  'structures/kinds/guyed-wall/knobs.ts': 'ROW',
  'structures/kinds/hoop-tunnel/hoop.ts': 'STEPS LEAST_LONG SEARCH_STEPS NEAR_MM',
  'structures/kinds/pallet-planter/size.ts': 'BESIDE_MM',
  'structures/kinds/panel-arch/bow.ts': 'STEPS',
  'structures/kinds/panel-wall/knobs.ts': 'ROW',
  'structures/kinds/tepee/shaded.ts': 'SIDE_RAD',
  'structures/kinds/walk-in-cage/door.ts': 'DOOR_THREADS',
  'structures/kinds/walk-in-cage/knobs.ts': 'LOW',
  'structures/rules/against-wall.ts': 'TO_WALL',
  'structures/rules/panel-run.ts': 'SLACK_MM',
  'structures/rules/row-views.ts': 'BESIDE_MM',
  'structures/rules/spacing.ts': 'SLACK_MM',
  'structures/rules/stations.ts': 'SLACK_MM',
  'structures/rules/tidy.ts': 'TAPE_STEP',
  'withstand/draft.ts': 'FRAME_AXES',
  'withstand/ground.ts': 'DOWN FLAT',
  'withstand/hand-over.ts': 'NEAREST',
  'withstand/loads.ts': 'WEIGHS',
  'withstand/cells.ts': 'CELL_MM',
  'withstand/leaves.ts': 'SLICES',
  'withstand/asked.ts': 'GONE',
  'withstand/weeks.ts': 'WAYS SQUARE DAYS MIDDLE WEEKS LOOKED_AT',
  'withstand/mesh-grid.ts': 'STEP_MM MOST CLOSED_MM',
  'withstand/bars.ts': 'ONE_PLACE_MM LOOKED_IN_MM BENT_STEP_MM',
  'withstand/withstand.ts': 'MOST_GUST AS_NEARLY MOST_TRIES',
};

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
      yield { at: file.split('/core/')[1] as string, name: found[1], said: lines.slice(from, i + 1).join('\n') };
    }
  }
}

it('every figure that is written down has its source beside it, or says that it has none', () => {
  const all = [...figures()];
  expect(all.length).toBeGreaterThan(250);
  expect(
    all
      .filter(({ at, said, name }) => !SOURCED.test(said) && !(OF_COUNTING[at] ?? '').split(' ').includes(name))
      .map(({ at, name }) => `${at}: ${name}`),
  ).toEqual([]);
});
