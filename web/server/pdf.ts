import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join, dirname } from 'node:path';
import PDFDocument from 'pdfkit';
import { FOOT_WIDTH_PX, INKS, TEXT_INK } from '@lignum/core/drawing/inks';
import { dotRadius, footEnds, footLong } from '@lignum/core/drawing/svg';
import type { Paper, PaperMark } from '@lignum/core/drawing/sheet';
import type { Page } from '@lignum/core/paper/page';
import { TINTS } from '@lignum/core/paper/page-svg';
import type { Weight } from '@lignum/core/paper/type';

/** Pages are laid out in pixels of 1/96 in; PDF counts points of 1/72 in. */
const PT_PER_PX = 0.75;

type Doc = PDFKit.PDFDocument;
const resolve = createRequire(join(process.cwd(), 'package.json')).resolve;
const own = (part: string, weight: number): string =>
  join(
    dirname(resolve('@fontsource/atkinson-hyperlegible-next/package.json')),
    `files/atkinson-hyperlegible-next-${part}-${weight}-normal.woff`,
  );
const plain = (name: string): string => join(dirname(resolve('dejavu-fonts-ttf/package.json')), `ttf/${name}.ttf`);
/** The faces of each weight: the first that has a sign gives it. */
const FACES: Record<Weight, readonly { name: string; file: string }[]> = {
  regular: [
    { name: 'text', file: own('latin', 400) },
    { name: 'text ext', file: own('latin-ext', 400) },
    { name: 'signs', file: plain('DejaVuSansCondensed') },
  ],
  bold: [
    { name: 'bold', file: own('latin', 700) },
    { name: 'bold ext', file: own('latin-ext', 700) },
    { name: 'bold signs', file: plain('DejaVuSansCondensed-Bold') },
  ],
};

interface Face {
  hasGlyphForCodePoint(code: number): boolean;
}
const faceIn = (doc: Doc): Face => (doc as unknown as { _font: { font: Face } })._font.font;

/** Runs of a text that one face can set. */
function runsOf(doc: Doc, said: string, weight: Weight): { name: string; text: string }[] {
  const runs: { name: string; text: string }[] = [];
  for (const sign of said) {
    const code = sign.codePointAt(0) ?? 32;
    const face =
      FACES[weight].find(({ name }) => faceIn(doc.font(name)).hasGlyphForCodePoint(code)) ?? FACES[weight][2];
    const last = runs.at(-1);
    if (face && last?.name === face.name) last.text += sign;
    else if (face) runs.push({ name: face.name, text: sign });
  }
  return runs;
}

/** Figures of one width, as on the screen: they stand under each other. */
const FIGURES: PDFKit.Mixins.OpenTypeFeatures[] = ['tnum'];

/** A line of text with its base line at `y`. */
function put(
  doc: Doc,
  said: string,
  x: number,
  y: number,
  o: { size: number; weight: Weight; colour: string; anchor: 'start' | 'middle' | 'end' },
): void {
  const runs = runsOf(doc, said, o.weight).map((run) => ({
    ...run,
    wide: doc.font(run.name).fontSize(o.size).widthOfString(run.text, { features: FIGURES }),
  }));
  const total = runs.reduce((sum, run) => sum + run.wide, 0);
  let at = x - (o.anchor === 'end' ? total : o.anchor === 'middle' ? total / 2 : 0);
  for (const run of runs) {
    doc
      .font(run.name)
      .fontSize(o.size)
      .fillColor(o.colour)
      .text(run.text, at, y, { lineBreak: false, baseline: 'alphabetic', features: FIGURES });
    at += run.wide;
  }
}

const opaque = (colour: string): { colour: string; opacity: number } =>
  colour.length > 7
    ? { colour: colour.slice(0, 7), opacity: parseInt(colour.slice(7), 16) / 255 }
    : { colour, opacity: 1 };

/** The path so far, filled and stroked in an ink. */
function ink(doc: Doc, name: keyof typeof INKS, fine: number, o: { closed: boolean; widthPx?: number }): void {
  const style = INKS[name];
  doc
    .lineWidth((o.widthPx ?? style.widthPx) * fine)
    .strokeColor(style.stroke)
    .lineJoin('round')
    .lineCap(name === 'wall' ? 'butt' : 'round');
  if (style.dash) doc.dash(style.dash[0] ?? 3, { space: style.dash[1] ?? 3 });
  else doc.undash();
  if (o.closed && style.fill) {
    const { colour, opacity } = opaque(style.fill);
    doc.fillOpacity(opacity).fillColor(colour).fillAndStroke();
    doc.fillOpacity(1);
  } else doc.stroke();
  doc.undash();
}

function trace(doc: Doc, spots: readonly (readonly [number, number])[], closed: boolean): void {
  spots.forEach(([x, y], i) => (i === 0 ? doc.moveTo(x, y) : doc.lineTo(x, y)));
  if (closed) doc.closePath();
}

function drawMark(doc: Doc, mark: PaperMark, fine: number): void {
  switch (mark.draw) {
    case 'shape':
      trace(doc, mark.points, true);
      ink(doc, mark.ink, fine, { closed: true });
      return;
    case 'copies':
      for (const [x, y] of mark.at)
        trace(
          doc,
          mark.points.map(([right, down]) => [x + right, y + down] as const),
          true,
        );
      ink(doc, mark.ink, fine, { closed: true });
      return;
    case 'lines': {
      const drawn = mark.lines.filter((line) => line.length > 1);
      for (const line of drawn) trace(doc, line, false);
      if (drawn.length > 0) ink(doc, mark.ink, fine, { closed: false });
      return;
    }
    case 'crow foot': {
      const [a, b] = footEnds(mark.at, mark.towards, footLong(mark.ink));
      trace(doc, [a, mark.at, b], false);
      ink(doc, mark.ink, 1, { closed: false, ...(mark.ink === 'dimension' ? { widthPx: FOOT_WIDTH_PX } : {}) });
      return;
    }
    case 'dot':
      doc
        .circle(mark.at[0], mark.at[1], dotRadius(mark.ink))
        .fillColor(INKS[mark.ink].dot ?? INKS[mark.ink].stroke)
        .fill();
      return;
    case 'text':
      put(doc, mark.text, mark.at[0], mark.at[1], {
        size: mark.size,
        weight: mark.ink === 'figure' ? 'bold' : 'regular',
        colour: TEXT_INK[mark.ink],
        anchor: mark.anchor,
      });
  }
}

function drawPaper(doc: Doc, paper: Paper, fine: number): void {
  if (paper.lens) {
    const { at, radiusPx, marks } = paper.lens;
    doc.save();
    doc.circle(at[0], at[1], radiusPx).clip();
    for (const mark of marks) drawMark(doc, mark, fine);
    doc.restore();
    doc.circle(at[0], at[1], radiusPx);
    ink(doc, 'lens', 1, { closed: false });
  }
  for (const mark of paper.marks) drawMark(doc, mark, fine);
}

/** The faces as files, read when the first PDF is asked for. */
let files: Map<string, Buffer> | null = null;

/** Pages as a PDF file, as they are shown on the screen. */
export async function pdfOf(pages: readonly Page[], title: string): Promise<Buffer> {
  const doc = new PDFDocument({
    autoFirstPage: false,
    margin: 0,
    info: { Title: title, Producer: 'Lignum', Creator: 'Lignum' },
  });
  files ??= new Map([...FACES.regular, ...FACES.bold].map(({ name, file }) => [name, readFileSync(file)]));
  for (const [name, file] of files) doc.registerFont(name, file);
  const chunks: Buffer[] = [];
  doc.on('data', (chunk: Buffer) => chunks.push(chunk));
  const done = new Promise<void>((settled, failed) => {
    doc.on('end', settled);
    doc.on('error', failed);
  });
  for (const page of pages) {
    doc.addPage({ size: [page.widthPx * PT_PER_PX, page.heightPx * PT_PER_PX], margin: 0 });
    doc.scale(PT_PER_PX);
    for (const mark of page.marks) {
      if (mark.put === 'text') put(doc, mark.text, mark.x, mark.y, { ...mark, colour: TINTS[mark.tint] });
      else if (mark.put === 'line')
        doc
          .moveTo(...mark.from)
          .lineTo(...mark.to)
          .lineWidth(mark.widthPx)
          .strokeColor(TINTS[mark.tint])
          .stroke();
      else if (mark.put === 'box') {
        doc.rect(mark.x, mark.y, mark.widthPx, mark.heightPx).lineWidth(0.9);
        if (mark.fill && mark.stroke) doc.fillAndStroke(TINTS[mark.fill], TINTS[mark.stroke]);
        else if (mark.fill) doc.fill(TINTS[mark.fill]);
        else if (mark.stroke) doc.stroke(TINTS[mark.stroke]);
      } else {
        doc.save();
        doc.translate(mark.x, mark.y);
        drawPaper(doc, mark.paper, mark.fine);
        doc.restore();
      }
    }
  }
  doc.end();
  await done;
  return Buffer.concat(chunks);
}
