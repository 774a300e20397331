import type { Spot } from './primitive';
import type { Paper, PaperMark } from './sheet';

/** To a tenth of a pixel. From whole tenths: a figure with a point is written far more slowly. */
function round(value: number): string {
  const tenths = Math.round(value * 10);
  const whole = Math.trunc(tenths / 10);
  const rest = tenths - whole * 10;
  if (rest === 0) return `${whole}`;
  return rest > 0 ? `${whole}.${rest}` : `${whole === 0 ? '-0' : whole}.${-rest}`;
}
const pair = ([x, y]: Spot): string => `${round(x)} ${round(y)}`;
/** A chain as path commands. One string that grows: most of a drawing is this. */
function chain(spots: readonly Spot[]): string {
  let d = '';
  for (const [x, y] of spots) d += `${d === '' ? 'M' : 'L'}${round(x)} ${round(y)}`;
  return d;
}
/** Text as it may stand in a document. */
export const escape = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);
const klass = (ink: string): string => `ink-${ink.replace(/ /g, '-')}`;
const tag = (part: string | undefined): string => (part ? ` data-part="${escape(part)}"` : '');

/** A crow's-foot mark, as a carpenter makes it: two strokes that meet exactly on the measured line. Pixels. */
function crowFoot([x, y]: Spot, towards: Towards, long: number): string {
  const [a, b] = footEnds([x, y], towards, long);
  return `M${pair(a)} L${pair([x, y])} L${pair(b)}`;
}

type Towards = Extract<PaperMark, { draw: 'crow foot' }>['towards'];

/** The two free ends of a crow's foot. */
export function footEnds([x, y]: Spot, towards: Towards, long: number): readonly [Spot, Spot] {
  const half = long / 2;
  const ends: Record<Towards, readonly [Spot, Spot]> = {
    up: [
      [x - half, y + long],
      [x + half, y + long],
    ],
    down: [
      [x - half, y - long],
      [x + half, y - long],
    ],
    right: [
      [x - long, y - half],
      [x - long, y + half],
    ],
    left: [
      [x + long, y - half],
      [x + long, y + half],
    ],
  };
  return ends[towards];
}

/** A closed outline's commands after its first spot, each from the spot before it: the same wherever a copy begins. */
function steps([first, ...rest]: readonly Spot[]): string {
  if (!first) return '';
  // From whole tenths, so that rounding does not add up along the way.
  let [x0, y0] = [Math.round(first[0] * 10), Math.round(first[1] * 10)];
  let d = '';
  for (const [right, down] of rest) {
    const [x, y] = [Math.round(right * 10), Math.round(down * 10)];
    d += `l${round((x - x0) / 10)} ${round((y - y0) / 10)}`;
    [x0, y0] = [x, y];
  }
  return `${d}z`;
}

/** Marks that are drawn with the pen, and those that are set down whole. */
type Whole = Extract<PaperMark, { draw: 'dot' | 'text' }>;
type Drawn = Exclude<PaperMark, Whole>;
const isWhole = (mark: PaperMark): mark is Whole => mark.draw === 'dot' || mark.draw === 'text';

/** How long a crow's foot is: a plant's is the smaller. Pixels. */
export const footLong = (ink: string): number => (ink === 'station' ? 5 : 7);
/** Radius of a dot. Pixels. */
export const dotRadius = (ink: string): number => (ink === 'fixing' ? 4 : 2.5);

/** The commands of a path. */
function commands(mark: Drawn): string {
  switch (mark.draw) {
    case 'shape':
      return `${chain(mark.points)}Z`;
    case 'copies': {
      const [[right, down] = [0, 0]] = mark.points;
      const rest = steps(mark.points);
      return mark.at.map(([x, y]) => `M${pair([x + right, y + down])}${rest}`).join('');
    }
    case 'lines':
      return mark.lines
        .filter((line) => line.length > 1)
        .map(chain)
        .join('');
    case 'crow foot':
      return crowFoot(mark.at, mark.towards, footLong(mark.ink));
  }
}

function whole(mark: Whole): string {
  const [x, y] = mark.at.map(round);
  return mark.draw === 'dot'
    ? `<circle class="${klass(mark.ink)}" cx="${x}" cy="${y}" r="${dotRadius(mark.ink)}"/>`
    : `<text class="${klass(mark.ink)}" x="${x}" y="${y}" font-size="${mark.size}" text-anchor="${mark.anchor}">${escape(mark.text)}</text>`;
}

/** Whether one stroke of the pen goes on where another ends: what is filled does not, it may lie on what is under it. */
const goesOn = (first: Drawn, next: PaperMark): next is Drawn =>
  (first.draw === 'lines' || first.draw === 'crow foot') && next.draw === first.draw && next.ink === first.ink;

/**
 * Marks in their order. Strokes of one ink that follow each other are one path, unless each has to say
 * which part it is: a mesh, a weave or a row of feet is then one thing to lay out, not hundreds.
 */
function elements(marks: readonly PaperMark[], named: boolean): string {
  const runs: (Whole | [Drawn, ...Drawn[]])[] = [];
  for (const mark of marks) {
    const last = runs.at(-1);
    if (isWhole(mark)) runs.push(mark);
    else if (!named && Array.isArray(last) && goesOn(last[0], mark)) last.push(mark);
    else runs.push([mark]);
  }
  return runs
    .map((run) => {
      if (!Array.isArray(run)) return whole(run);
      const [first] = run;
      const foot = first.draw === 'crow foot' ? ' foot' : '';
      const part = named && 'part' in first ? tag(first.part) : '';
      return `<path class="${klass(first.ink)}${foot}" d="${run.map(commands).join('')}"${part}/>`;
    })
    .join('');
}

/** The window is named by the title, which is told apart on a page from every other. */
function throughLens({ at, radiusPx, marks }: NonNullable<Paper['lens']>, title: string): string {
  const id = `lens-${title.replace(/[^a-z]+/gi, '-')}`;
  const circle = `cx="${round(at[0])}" cy="${round(at[1])}" r="${round(radiusPx)}"`;
  return `<clipPath id="${id}"><circle ${circle}/></clipPath><g clip-path="url(#${id})">${elements(marks, false)}</g><circle class="ink-lens" ${circle}/>`;
}

/** The sheet as an SVG element; `style` is put inside it when the file has to stand alone, and each mark then says its part. */
export function toSvg(paper: Paper, style?: string): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${round(paper.widthPx)} ${round(paper.heightPx)}" role="img" aria-label="${escape(paper.title)}">${style ? `<style>${style}</style>` : ''}${paper.lens ? throughLens(paper.lens, paper.title) : ''}${elements(paper.marks, style !== undefined)}</svg>`;
}
