import type { Ink } from './primitive';

/** How a line of each ink is drawn on paper: colour and weight of its stroke, what fills what it encloses, how it is broken. Pixels. */
export interface InkStyle {
  stroke: string;
  widthPx: number;
  fill?: string;
  dash?: readonly number[];
  /** What fills a dot of it. */
  dot?: string;
}

const line = (stroke: string, widthPx: number, more: Omit<InkStyle, 'stroke' | 'widthPx'> = {}): InkStyle => ({
  stroke,
  widthPx,
  ...more,
});
const INK = '#20272b';
const STONE = '#8d8778';

export const INKS: Readonly<Record<Ink | 'dimension' | 'leader' | 'lens', InkStyle>> = {
  outline: line(INK, 1),
  timber: line(INK, 1.3, { fill: '#efe0c4' }),
  steel: line(INK, 1.1, { fill: '#aeb6ba' }),
  wire: line('#5b666d', 0.8),
  edge: line('#3f4a51', 1.9),
  net: line('#7b8a5a', 0.4),
  twine: line('#8a5a1f', 1),
  cloth: line('#7b8a5a', 0.8, { fill: '#7b8a5a18' }),
  concrete: line(STONE, 0.8, { fill: '#8d877833', dash: [2, 2] }),
  masonry: line(INK, 1, { fill: '#dcd8cd' }),
  gravel: line(STONE, 0.9, { dash: [1, 3] }),
  beside: line(STONE, 0.7),
  stands: line('#a9a497', 0.7, { fill: '#f6f4ee' }),
  planned: line(STONE, 0.8, { dash: [1.5, 2.5] }),
  bought: line(STONE, 0.9),
  cut: line(INK, 0.9, { fill: '#f6f4ee' }),
  stood: line(INK, 1.2, { fill: '#c9cfd2' }),
  fixed: line(INK, 1.7, { fill: '#4d575d' }),
  hidden: line(INK, 0.9, { dash: [4, 3] }),
  ground: line(INK, 2),
  soil: line(STONE, 0.7),
  crop: line('#5f8a40', 0.8, { fill: '#5f8a4022' }),
  bed: line(STONE, 1.2),
  wall: line(INK, 5),
  station: line('#3c6522', 1.6, { dot: '#3c6522' }),
  fixing: line('#a32c17', 2.4, { dot: '#a32c17' }),
  driven: line('#a32c17', 1.5, { dash: [5, 2] }),
  plate: line('#5b666d', 4.5),
  hardware: line('#27313a', 2.2),
  cord: line('#8a5a1f', 3.4, { dot: '#a32c17' }),
  air: line('#ffffff', 7),
  dimension: line('#1c5a99', 0.9),
  leader: line('#1c5a99', 0.6),
  lens: line(STONE, 1),
};
/** A crow's foot of the dimension ink is a little stronger than its line. */
export const FOOT_WIDTH_PX = 1.4;
export const TEXT_INK = { figure: INK, label: '#4d575d' } as const;

/** The inks as a style sheet, every stroke thinned by `fine`, inside what is selected. */
export function inkCss(fine = 1, within = ''): string {
  const width = (px: number): number => Math.round(px * fine * 100) / 100;
  return Object.entries(INKS)
    .map(([ink, { stroke, widthPx, fill, dash, dot }]) => {
      const name = `${within}.ink-${ink}`;
      return `${name}{stroke:${stroke};stroke-width:${width(widthPx)};fill:${fill ?? 'none'}${dash ? `;stroke-dasharray:${dash.join(' ')}` : ''}}${
        dot ? `${within}circle.ink-${ink}{fill:${dot}${ink === 'fixing' ? ';stroke:#fff;stroke-width:1.2' : ''}}` : ''
      }`;
    })
    .join('')
    .concat(`${within}.ink-dimension.foot{stroke-width:${FOOT_WIDTH_PX}}${within}.ink-wall{stroke-linecap:butt}`);
}

/** Line weights and colours for a file that stands alone; on screen the page's own style gives them. */
export const PRINT_STYLE = `
path,circle{stroke-linejoin:round;stroke-linecap:round}
text{font-family:"Atkinson Hyperlegible Next",system-ui,sans-serif}
${inkCss()}clipPath circle{stroke:none}
.ink-figure{font-weight:600;fill:${TEXT_INK.figure}}.ink-label{fill:${TEXT_INK.label}}`;
