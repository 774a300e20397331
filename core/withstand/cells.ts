import { meshOpacity, type Catalogue, type Stock } from '../catalogue/stock';
import type { Sheet } from '../design/shapes/sheet';
import { lengthOf, pointAt, tangentAt } from '../geometry/curve';
import { inside } from '../geometry/polygon';
import { add, cross, norm, scale, unit, type Point } from '../geometry/space';
import { DRAG, ROUNDED } from '../statics/drag';
import { fromSheet, type HandedTo } from './hand-over';

/** A piece of a sheet: how large, which way it faces, what of it is not open, and who carries it. mm². */
export interface Cell {
  mm2: number;
  faces: Point;
  /** Share of it that stops air, by how hard a sheet of that kind is pushed; and whether it is a roof that lifts. */
  drag: number;
  lifts: boolean;
  /** Snow lies on it. */
  catches: boolean;
  heavyN: number;
  to: readonly HandedTo[];
}

/** Pieces of a sheet are no longer than this. mm. */
const CELL_MM = 450;
/** Mesh and net with rain on them, cloth soaked (from memory). N/mm² for each mm of wire, and for cloth. */
const SHEET_N_MM2 = 3e-6;
/** What lies flatter than this is a roof: its upright share (from memory). */
const ROOF = 0.6;
/** Share of a sheet that stops air: all of what has no openings, however much light it lets through. */
const stopsAir = (stock: Stock): number =>
  stock.form === 'mesh roll'
    ? stock.openingMm > 0
      ? meshOpacity(stock.wireMm, stock.openingMm, stock.stepMm || stock.openingMm)
      : 1
    : stock.form === 'panel'
      ? stock.opacity
      : 1;

/** Wet snow bridges openings up to this (from memory). mm. */
const BRIDGED_MM = 25;
const catchesSnow = (stock: Stock): boolean => stock.form === 'mesh roll' && stock.openingMm <= BRIDGED_MM;

/** A sheet in pieces, each handed to what it is fixed to. */
export function cellsOf(sheet: Sheet, fixed: Parameters<typeof fromSheet>[0], catalogue: Catalogue): Cell[] {
  const long = Math.min(lengthOf(sheet.base), sheet.cutMm);
  const high = sheet.heightMm - (sheet.gatheredMm ?? 0);
  const [nu, nv] = [Math.ceil(long / CELL_MM), Math.ceil(high / CELL_MM)];
  const solid = stopsAir(catalogue.stock(sheet.stock));
  const bent = sheet.base.curve === 'arc' || sheet.base.curve === 'sampled';
  const drag = solid * (solid === 1 && bent ? ROUNDED : DRAG.sheet);
  const catches = solid === 1 || catchesSnow(catalogue.stock(sheet.stock));
  const mm2 = (long * high) / (nu * nv);
  const out: Cell[] = [];
  for (let u = 0; u < nu; u++)
    for (let v = 0; v < nv; v++) {
      const [along, up] = [((u + 0.5) * long) / nu, ((v + 0.5) * high) / nv];
      if (sheet.outline && !inside([along, up], sheet.outline)) continue;
      const at = add(pointAt(sheet.base, along), scale(sheet.up, up));
      const across = cross(tangentAt(sheet.base, along), sheet.up);
      if (norm(across) < 1e-6) continue;
      out.push({
        mm2,
        faces: unit(across),
        drag,
        lifts: solid === 1 && Math.abs(unit(across)[2]) > ROOF,
        catches,
        heavyN: mm2 * SHEET_N_MM2 * Math.max(0.5, sheet.wireMm),
        to: fromSheet(fixed, at),
      });
    }
  return out;
}
