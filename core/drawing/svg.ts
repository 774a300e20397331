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
const escape = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);
const klass = (ink: string): string => `ink-${ink.replace(/ /g, '-')}`;
const tag = (part: string | undefined): string => (part ? ` data-part="${escape(part)}"` : '');

/** A crow's-foot mark, as a carpenter makes it: two strokes that meet exactly on the measured line. Pixels. */
function crowFoot([x, y]: Spot, towards: 'up' | 'down' | 'left' | 'right', long: number): string {
  const half = long / 2;
  const ends: Record<typeof towards, readonly [Spot, Spot]> = {
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
  const [a, b] = ends[towards];
  return `M${pair(a)} L${pair([x, y])} L${pair(b)}`;
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
      return crowFoot(mark.at, mark.towards, mark.ink === 'station' ? 5 : 7);
  }
}

function whole(mark: Whole): string {
  const [x, y] = mark.at.map(round);
  return mark.draw === 'dot'
    ? `<circle class="${klass(mark.ink)}" cx="${x}" cy="${y}" r="${mark.ink === 'fixing' ? 4 : 2.5}"/>`
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

/** Line weights and colours for a file that stands alone; on screen the page's own style gives them. */
export const PRINT_STYLE = `
path,circle{fill:none;stroke:#20272b;stroke-width:1;stroke-linejoin:round;stroke-linecap:round}
text{font-family:"Atkinson Hyperlegible Next",system-ui,sans-serif;fill:#20272b}
.ink-timber{fill:#efe0c4;stroke-width:1.3}.ink-steel{fill:#aeb6ba;stroke-width:1.1}.ink-wire{stroke:#5b666d;stroke-width:.8}
.ink-edge{stroke:#3f4a51;stroke-width:1.9}.ink-net{stroke:#7b8a5a;stroke-width:.4}.ink-twine{stroke:#8a5a1f;stroke-width:1}.ink-cloth{fill:#7b8a5a18;stroke:#7b8a5a;stroke-width:.8}.ink-concrete{fill:#8d877833;stroke:#8d8778;stroke-width:.8;stroke-dasharray:2 2}.ink-gravel{fill:none;stroke:#8d8778;stroke-width:.9;stroke-dasharray:1 3}.ink-beside{stroke:#8d8778;stroke-width:.7}.ink-hidden{stroke-dasharray:4 3;stroke-width:.9}
.ink-ground{stroke-width:2}.ink-soil{stroke:#8d8778;stroke-width:.7}.ink-crop{fill:#5f8a4022;stroke:#5f8a40;stroke-width:.8}
.ink-bed{stroke:#8d8778;stroke-width:1.2}.ink-wall{stroke-width:5;stroke-linecap:butt}.ink-station{stroke:#3c6522;stroke-width:1.6}
circle.ink-station{fill:#3c6522}.ink-dimension{stroke:#1c5a99;stroke-width:.9}.ink-dimension.foot{stroke-width:1.4}.ink-leader{stroke:#1c5a99;stroke-width:.6}
circle.ink-fixing{fill:#a32c17;stroke:#fff;stroke-width:1.2}.ink-fixing{stroke:#a32c17;stroke-width:2.4}.ink-driven{stroke:#a32c17;stroke-width:1.5;stroke-dasharray:5 2}.ink-lens{stroke:#8d8778;stroke-width:1}clipPath circle{stroke:none}
.ink-figure{font-weight:600}.ink-label{fill:#4d575d}`;

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
