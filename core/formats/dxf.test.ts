import DxfParser, { type IEntity, type ILayer, type IPolylineEntity, type ITextEntity } from 'dxf-parser';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { templatesOf } from '../design/templates';
import { drawViews } from '../drawing/views';
import { computeGarden } from '../plan/compute';
import { dxfOf, layerOf } from './dxf';

const garden = computeGarden(DEMO_PLAN).structures;
const isLine = (one: IEntity): one is IPolylineEntity => one.type === 'POLYLINE';

describe('a drawing for other programs, read back by another parser (dxf-parser)', () => {
  it.each(garden.map((one) => [one.structure.name, one] as const))('of %s', (_name, { sized: { design }, around }) => {
    const read = new DxfParser().parseSync(dxfOf(design, around, 'imperial'));
    if (!read) throw new Error('nothing was read');
    expect([read.header['$ACADVER'], read.header['$INSUNITS']]).toEqual(['AC1009', 4]);
    const layers = new Set(Object.values(read.tables.layer.layers as Record<string, ILayer>).map(({ name }) => name));
    for (const { layer } of read.entities) expect(layers.has(layer)).toBe(true);
    const lines = read.entities.filter(isLine);
    // Every outline and line of every view is there, at full size.
    const views = drawViews(design, around);
    const drawn = views.flatMap(({ primitives }) =>
      primitives.flatMap((one) =>
        one.draw === 'shape'
          ? [one.points]
          : one.draw === 'copies'
            ? one.at.map(() => one.points)
            : one.draw === 'lines'
              ? one.lines
              : [],
      ),
    );
    const figures = views.flatMap(({ chains }) => chains).reduce((sum, { atMm }) => sum + 1 + atMm.length, 0);
    const templates = templatesOf(design);
    expect(lines.length).toBe(drawn.filter((points) => points.length > 1).length + figures + templates.length);
    const reach = (points: readonly (readonly [number, number])[], k: 0 | 1): number =>
      Math.max(...points.map((at) => at[k])) - Math.min(...points.map((at) => at[k]));
    const written = lines.map(({ layer, vertices }) => {
      const points = vertices.map(({ x, y }) => [x, y] as const);
      return { layer, many: points.length, wide: reach(points, 0), high: reach(points, 1) };
    });
    const byMany = new Map<number, typeof written>();
    for (const one of written) byMany.set(one.many, [...(byMany.get(one.many) ?? []), one]);
    const found = (points: readonly (readonly [number, number])[], layer?: string): boolean => {
      const [wide, high] = [reach(points, 0), reach(points, 1)];
      return (byMany.get(points.length) ?? []).some(
        (one) =>
          Math.abs(one.wide - wide) < 0.01 &&
          Math.abs(one.high - high) < 0.01 &&
          (layer === undefined || one.layer === layer),
      );
    };
    for (const points of drawn) if (points.length > 1) expect(found(points)).toBe(true);
    // Its parts by role, each template at its own size, every view by its name.
    const shown = new Set(
      views.flatMap(({ primitives }) =>
        primitives.flatMap((one) => ('part' in one && one.part && one.ink !== 'hidden' ? [one.part] : [])),
      ),
    );
    for (const part of design.parts) if (shown.has(part.id)) expect(layers, part.role).toContain(layerOf(part.role));
    for (const { name, outline } of templates) expect(found(outline, layerOf(`template ${name}`)), name).toBe(true);
    const said = read.entities.filter((one): one is ITextEntity => one.type === 'TEXT').map(({ text }) => text);
    // A figure of inches and a fraction is told apart from one of halves alone.
    for (const one of said) expect(one).not.toMatch(/\d{2,}\/(2|4|8)"/);
    for (const { title } of views) expect(said).toContain(title.normalize('NFKD').replace(/[^\x20-\x7e]/g, ''));
  });
});
