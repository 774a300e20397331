import type { Design } from '../design/design';
import { templatesOf } from '../design/templates';
import type { Around } from '../plan/around';
import { formatLength, type Units } from '../quantity/length';
import { drawViews } from '../drawing/views';
import type { Primitive, Spot, View } from '../drawing/primitive';

/** Between two views on the drawing. mm. */
const APART_MM = 600;
/** How high letters stand, and how far under what they say. mm. */
const LETTER_MM = 40;
const UNDER_MM = 120;

/** Layers have no letters but these; a part is on that of its role. @example layerOf('low rail') // 'LOW-RAIL' */
export const layerOf = (role: string): string =>
  role
    .toUpperCase()
    .replace(/[^A-Z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || '0';

/** What is in no part. */
const INK_LAYERS: Partial<Record<Primitive['ink'], string>> = {
  ground: 'GROUND',
  soil: 'GROUND',
  bed: 'BEDS',
  crop: 'PLANTS',
  station: 'PLANTS',
  beside: 'BESIDE',
  hidden: 'HIDDEN',
  wall: 'WALL',
};

/**
 * The views of a structure at full size beside each other, and under them its templates, as a DXF document of release 12,
 * which every drawing program reads; millimetres, said by `$INSUNITS`. Layers by what a part is; figures on DIMENSIONS.
 * @example dxfOf(computed.sized.design, computed.around, 'metric')
 */
export function dxfOf(design: Design, around: Around, units: Units): string {
  const drawing = new Release12();
  const on = (layer: string, dashed = false): void => drawing.on(layer, dashed);
  const roles = new Map(design.parts.map(({ id, role }) => [id, role]));
  const chain = (points: readonly Spot[], closed: boolean, [x, y]: Spot): void => {
    drawing.polyline(
      points.map(([right, up]): Spot => [right + x, up + y]),
      closed,
    );
  };
  const write = (said: string, at: Spot): void => drawing.text(plain(said), at);
  let right = 0;
  let lowest = 0;
  for (const view of drawViews(design, around)) {
    const from: Spot = [right - view.box.left, 0];
    for (const one of view.primitives) {
      const role = 'part' in one && one.part ? roles.get(one.part) : undefined;
      on(role && one.ink !== 'hidden' ? layerOf(role) : (INK_LAYERS[one.ink] ?? 'DRAWING'), one.ink === 'hidden');
      drawPrimitive(one, from, chain, drawing);
    }
    on('DIMENSIONS');
    drawChains(view, from, units, chain, write);
    const low = view.box.bottom - UNDER_MM * (2 + view.chains.length);
    write(view.title, [from[0] + view.box.left, low]);
    lowest = Math.min(lowest, low);
    right += view.box.right - view.box.left + APART_MM;
  }
  let at = 0;
  for (const { name, outline, longMm, wideMm, ends } of templatesOf(design)) {
    const from: Spot = [at, lowest - APART_MM - wideMm];
    on(layerOf(`template ${name}`));
    chain(outline, true, from);
    write(`${name}, ${ends} of it`, [from[0], from[1] - UNDER_MM]);
    at += longMm + APART_MM;
  }
  return drawing.written();
}

/** Old readers know no letters beyond ASCII: feet, inches and fractions are written with what they have. */
const plain = (said: string): string =>
  said
    .replaceAll('′', "'")
    .replaceAll('″', '"')
    // Nine and a half, not ninety-one halves.
    .replace(/(\d)(?=[¼½¾⅛⅜⅝⅞])/g, '$1 ')
    .normalize('NFKD')
    .replaceAll('⁄', '/')
    .replaceAll('×', 'x')
    .replace(/[^\x20-\x7e]/g, '');

type Chain = (points: readonly Spot[], closed: boolean, from: Spot) => void;

function drawPrimitive(one: Primitive, from: Spot, chain: Chain, drawing: Release12): void {
  const [x, y] = from;
  switch (one.draw) {
    case 'shape':
      return chain(one.points, true, from);
    case 'copies':
      for (const at of one.at) chain(one.points, true, [x + at[0], y + at[1]]);
      return;
    case 'lines':
      for (const line of one.lines) chain(line, false, from);
      return;
    case 'dot':
    case 'crow foot':
      drawing.point([one.at[0] + x, one.at[1] + y]);
      return;
    case 'number':
      drawing.text(plain(one.text), [one.at[0] + x, one.at[1] + y - LETTER_MM]);
  }
}

/** Chains of figures under a view and to its left: the line, a tick at each mark, and what a tape reads between two. */
function drawChains(view: View, from: Spot, units: Units, chain: Chain, write: (said: string, at: Spot) => void): void {
  const { box } = view;
  view.chains.forEach(({ axis, atMm, tapedMm }, i) => {
    const off = UNDER_MM * (i + 1);
    const spot = (mm: number, past = 0): Spot =>
      axis === 'x' ? [mm, box.bottom - off + past] : [box.left - off + past, mm];
    const [first, last] = [atMm[0], atMm.at(-1)];
    if (first === undefined || last === undefined) return;
    chain([spot(first), spot(last)], false, from);
    atMm.forEach((mm, k) => {
      chain([spot(mm, -LETTER_MM / 2), spot(mm, LETTER_MM / 2)], false, from);
      const [before, taped] = [tapedMm[k - 1], tapedMm[k]];
      if (before === undefined || taped === undefined) return;
      const [mx, my] = spot(((atMm[k - 1] ?? mm) + mm) / 2);
      write(formatLength(taped - before, units), [mx + from[0], my + from[1] - 1.5 * LETTER_MM]);
    });
  });
}

/** Millimetres, of `$INSUNITS` (Autodesk, *DXF Reference*, header variables). */
const MILLIMETRES = 4;
/** White on black and black on white: the colour of whoever opens it. */
const BY_READER = 7;

/**
 * A drawing as release 12 writes it (Autodesk, *AutoCAD Release 12 Customization Manual*, chapter 11): pairs of lines, a
 * code and its value. By hand, because libraries write later releases that old programs of saws and cutters do not read.
 */
class Release12 {
  private readonly layers = new Map<string, 'CONTINUOUS' | 'DASHED'>();
  private readonly entities: (string | number)[] = [];
  private layer = '0';

  /** What follows is on this layer. */
  on(layer: string, dashed: boolean): void {
    if (!this.layers.has(layer)) this.layers.set(layer, dashed ? 'DASHED' : 'CONTINUOUS');
    this.layer = layer;
  }

  polyline(points: readonly Spot[], closed: boolean): void {
    if (points.length < 2) return;
    this.entities.push(0, 'POLYLINE', 8, this.layer, 66, 1, 70, closed ? 1 : 0, 10, 0, 20, 0, 30, 0);
    for (const [x, y] of points) this.entities.push(0, 'VERTEX', 8, this.layer, 10, mm(x), 20, mm(y), 30, 0);
    this.entities.push(0, 'SEQEND', 8, this.layer);
  }

  point([x, y]: Spot): void {
    this.entities.push(0, 'POINT', 8, this.layer, 10, mm(x), 20, mm(y), 30, 0);
  }

  text(said: string, [x, y]: Spot): void {
    this.entities.push(0, 'TEXT', 8, this.layer, 10, mm(x), 20, mm(y), 30, 0, 40, LETTER_MM, 1, said);
  }

  written(): string {
    const layers = [...this.layers].flatMap(([name, line]) => [0, 'LAYER', 2, name, 70, 0, 62, BY_READER, 6, line]);
    const table = (name: string, many: number, rows: readonly (string | number)[]) => [
      0,
      'TABLE',
      2,
      name,
      70,
      many,
      ...rows,
      0,
      'ENDTAB',
    ];
    const section = (name: string, rows: readonly (string | number)[]) => [0, 'SECTION', 2, name, ...rows, 0, 'ENDSEC'];
    const lines = [
      ...[0, 'LTYPE', 2, 'CONTINUOUS', 70, 0, 3, 'Solid', 72, 65, 73, 0, 40, 0],
      ...[0, 'LTYPE', 2, 'DASHED', 70, 0, 3, 'Dashed', 72, 65, 73, 2, 40, 30, 49, 20, 49, -10],
    ];
    const pairs = [
      ...section('HEADER', [9, '$ACADVER', 1, 'AC1009', 9, '$INSUNITS', 70, MILLIMETRES]),
      ...section('TABLES', [...table('LTYPE', 2, lines), ...table('LAYER', this.layers.size, layers)]),
      ...section('ENTITIES', this.entities),
      0,
      'EOF',
    ];
    return `${pairs.join('\r\n')}\r\n`;
  }
}

/** To a thousandth of a millimetre. */
const mm = (value: number): number => Math.round(value * 1000) / 1000;
