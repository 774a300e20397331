import type { WaySetting } from '../../rules/over-way';
import { stockOf } from '../../../catalogue/catalogue';
import type { Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { MESH_WIRE_YIELD_MPA, roundInertia } from '../../../statics/elastica';
import { STEEL_E_MPA } from '../../../statics/wire';
import type { Section } from '../../../statics/yielding';
import { bowOf, lengthFor, spanFor, widestSpan, type Bow } from './bow';

/** Longest hoop, where the price book names no length (from memory). mm. */
const USUAL_ROD_MM = feet(20);

/** What is bent: how long and how wide it is, how stiff, and when it sets. */
interface Strip {
  lengthMm: number;
  wideMm: number;
  stiffness: number;
  /** What bends: a wire of the panel, a hoop. */
  section: Section;
}

/** What an arch is bent to: two of its measures settle the third. mm. */
interface Bent {
  headroom: number;
  span: number;
  lift: number;
  held: number;
  solve: string;
}

/** A panel of given length: two of span, feet and headroom give the third. */
export function bendPanel(
  v: Bent & { panel: string },
  setting: WaySetting,
): { bow: Bow; askedMm: number; widestMm: number; strip: Strip } {
  const panel = stockOf(setting.catalogue, v.panel, 'panel');
  const { lengthMm } = panel;
  const section: Section = {
    diameterMm: panel.wireMm,
    wallMm: 0,
    stiffnessMpa: STEEL_E_MPA,
    yieldMpa: MESH_WIRE_YIELD_MPA,
  };
  const strip: Strip = {
    lengthMm,
    wideMm: panel.heightMm,
    // The long wires bend; those across them only space them.
    stiffness: panel.levelsMm.length * STEEL_E_MPA * roundInertia(panel.wireMm),
    section,
  };
  const widestMm = widestSpan(lengthMm, v.held);
  const liftSet = v.solve === 'feet' ? 0 : v.lift;
  const askedMm =
    v.solve === 'span'
      ? spanFor({
          crownMm: v.headroom,
          liftMm: liftSet,
          heldMm: v.held,
          lengthMm,
          section,
          least: inches(18),
          most: feet(14),
        })
      : v.span;
  const spanMm = Math.min(askedMm, widestMm);
  const flat = bent({ spanMm, liftMm: liftSet, heldMm: v.held, lengthMm, section });
  // On feet that are solved for, the whole bow is lifted as it is.
  const lift = v.solve === 'feet' ? Math.min(feet(3), Math.max(0, v.headroom - flat.crownMm)) : 0;
  return { bow: { ...flat, liftMm: flat.liftMm + lift, crownMm: flat.crownMm + lift }, askedMm, widestMm, strip };
}

/** Hoops are cut as long as the headroom takes; with the headroom left open they are half a circle. */
export function bendHoops(
  v: Bent & { rod: string; depth: number },
  setting: WaySetting,
  meshStock: string,
): { bow: Bow; askedMm: number; widestMm: number; strip: Strip } {
  const rod = stockOf(setting.catalogue, v.rod, 'rod');
  const mesh = stockOf(setting.catalogue, meshStock, 'mesh roll');
  const most = (setting.sizesOf(rod.id).at(-1) ?? USUAL_ROD_MM) - 2 * v.depth;
  const spanMm = v.solve === 'span' ? Math.min(feet(14), Math.max(inches(18), (2 * v.headroom) / 1.7)) : v.span;
  const lengthMm =
    v.solve === 'headroom'
      ? (Math.PI / 2) * spanMm + 2 * v.held
      : lengthFor({
          crownMm: v.headroom,
          spanMm,
          liftMm: 0,
          heldMm: v.held,
          most: Math.max(most, 1.2 * spanMm + 2 * v.held),
        });
  const strip: Strip = {
    lengthMm,
    wideMm: mesh.heightMm,
    stiffness: rod.stiffnessMpa * roundInertia(rod.diameterMm, rod.wallMm),
    section: rod,
  };
  return {
    // About a form it is bent to what a springy one would be.
    bow: bent({ spanMm, liftMm: 0, heldMm: v.held, lengthMm, section: null }),
    askedMm: spanMm,
    widestMm: widestSpan(lengthMm, v.held),
    strip,
  };
}

/** A bow that is known to reach; a fault in the program where it does not. */
function bent(o: Parameters<typeof bowOf>[0]): Bow {
  const bow = bowOf(o);
  if (!bow)
    throw new Error(`A strip of ${o.lengthMm} does not reach ${o.spanMm}: bring the span within widestSpan first.`);
  return bow;
}

/** The strip from its foot at the front to its foot at the back, in the plane of the first post; `belowMm` goes into the soil. */
export function chainOf(bow: Bow, belowMm: number): Point[] {
  const half = bow.spanMm / 2;
  const up = bow.liftMm + bow.heldMm;
  return [
    [0, -half, bow.liftMm - belowMm],
    ...bow.free.points.map((one): Point => [0, one.acrossMm, up + one.upMm]),
    [0, half, bow.liftMm - belowMm],
  ];
}
