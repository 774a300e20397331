import type { Catalogue } from '../catalogue/stock';
import type { Response } from '../frame/solve';
import { cross, minus, norm, type Point } from '../geometry/space';
import { MESH_WIRE_YIELD_MPA } from '../statics/elastica';
import { bromsPush, drawsOut, SOIL_OVER } from '../statics/pile';
import { codePush } from '../statics/pole';
import { strengthOf } from '../statics/strength';
import { STEEL_OVER } from '../statics/studded-post';
import { DURATION, type Duration, type Grade } from '../statics/timber';
import type { Ground } from './ground';
import type { InBar, SectionOf, Used } from './member';
import type { Model } from './parts-in';

/** What of a structure is used, and how far: a part, what holds two parts to each other, or the ground that holds a post. */
export interface Use {
  what: 'part' | 'joint' | 'ground' | 'cord';
  /** The part; of a joint the one it holds first, and the joint. */
  part: string;
  joint?: string;
  share: number;
  by: Used['by'] | 'sideways' | 'drawn out' | 'soil' | 'lifted out' | 'breaking';
  /** What acts, and what may: MPa of a part, N of what holds, N of push at the soil. */
  has: number;
  may: number;
  /** What those were worked out of, so that the sum can be followed; none of a cord. */
  from: PartSum | JointSum | SoilSum | null;
}

/** Forces and moments where a part works hardest, and its section. N, N mm, mm², mm³. */
export interface PartSum extends InBar {
  of: 'part';
  section: Pick<SectionOf, 'areaMm2' | 'wideMm3' | 'thickMm3'>;
}

/** What draws a joint apart and shifts it, prying and turning in it, and what it may of each. N. */
export interface JointSum {
  of: 'joint';
  drawnN: number;
  acrossN: number;
  mayDrawN: number;
  mayAcrossN: number;
  fixings: number;
}

/** The push at the soil, how high over firm ground it acts, how deep the post stands in that and across what. N, mm. */
export interface SoilSum {
  of: 'soil';
  pushN: number;
  upMm: number;
  deepMm: number;
  acrossMm: number;
  /** What a code for buildings would let it be pushed with there. N. */
  codeN: number;
}

/** How much worse than planned it is taken to be. */
export interface Worse {
  grade?: Grade;
}

/** New cord breaks at twice what it may pull with: knots, sun and wear take the half of it (from memory). */
const CORD_OVER = 2;
/** Less than this is not weighed: rounding of springs. N. */
const FELT_N = 1;

/** Sawn wood on sawn wood rubs with so much of what presses it (from memory: a quarter to a half). */
const RUBS = 0.4;

/** The share of each part, joint, cord and footing that a response uses. */
export function usesOf(
  model: Model,
  response: Response,
  o: { ground: Ground; catalogue: Catalogue; duration: Duration; worse?: Worse },
): Use[] {
  return [
    ...partsUsed(model, response, o.duration, o.worse?.grade ?? 'No. 2'),
    ...jointsUsed(model, response, o.duration),
    ...cordsUsed(model, response, o.catalogue),
    ...groundsUsed(model, response, o.ground, o.catalogue),
    ...meshesUsed(model, response),
  ];
}

function partsUsed(model: Model, response: Response, duration: Duration, grade: Grade): Use[] {
  return model.bars.map(({ part, of, beams, freeMm }): Use => {
    let worst: Used = { share: 0, by: 'bending', hasMpa: 0, mayMpa: 1 };
    let acts: InBar = { pull: 0, shear: 0, bentWide: 0, bentThick: 0 };
    beams.forEach((beam, i) => {
      const e = response.ends(beam) as unknown as readonly number[];
      const at = (k: number): number => e[k] as number;
      for (const end of [0, 6]) {
        const here: InBar = {
          pull: end === 0 ? -at(0) : at(6),
          shear: Math.hypot(at(end + 1), at(end + 2)),
          bentWide: at(end + 5),
          bentThick: at(end + 4),
        };
        const used = of.used(here, { duration: duration, grade, freeMm: freeMm[i] as number });
        if (used.share > worst.share) [worst, acts] = [used, here];
      }
    });
    return {
      what: 'part',
      part: part.id,
      share: worst.share,
      by: worst.by,
      has: worst.hasMpa,
      may: worst.mayMpa,
      from: { of: 'part', ...acts, section: of.section },
    };
  });
}

function jointsUsed(model: Model, response: Response, duration: Duration): Use[] {
  return model.joints.map(({ link, meeting, may: inWind }): Use => {
    const lasts = inWind.driven ? DURATION[duration] / DURATION.wind : 1;
    const may = { ...inWind, pullN: inWind.pullN * lasts, acrossN: inWind.acrossN * lasts };
    const s = response.springs(link);
    const at = (k: number): number => s[k] as number;
    const turned = may.armMm > 0 ? Math.abs(at(3)) / may.armMm : 0;
    const pried = may.leverMm > 0 ? Math.hypot(at(4), at(5)) / may.leverMm : 0;
    // What is pressed together rubs, and that much its fixings need not hold.
    const rubbed = inWind.driven ? RUBS * Math.max(0, -at(0)) : 0;
    const across = Math.max(0, Math.hypot(at(1), at(2)) - rubbed) + turned;
    const drawn = Math.max(0, at(0)) + pried;
    const all = Math.hypot(across, drawn);
    // Drawn aslant it carries what lies between the two (NDS 2018, 12.4.1, equation 12.4-1).
    const share = all < FELT_N ? 0 : across ** 2 / all / may.acrossN + drawn ** 2 / all / may.pullN;
    const aslant = drawn / may.pullN > across / may.acrossN;
    return {
      what: 'joint',
      part: meeting.a,
      joint: meeting.joint,
      share: Number.isFinite(share) ? share : 0,
      by: aslant ? 'drawn out' : 'sideways',
      has: aslant ? drawn : across,
      may: aslant ? may.pullN : may.acrossN,
      from: {
        of: 'joint',
        drawnN: drawn,
        acrossN: across,
        mayDrawN: may.pullN,
        mayAcrossN: may.acrossN,
        fixings: may.count,
      },
    };
  });
}

function cordsUsed(model: Model, response: Response, catalogue: Catalogue): Use[] {
  return model.cords.flatMap(({ part, cords: own }): Use[] => {
    const strength = strengthOf(catalogue.stock(part.stock));
    if (own.length === 0 || !strength || !('breakingN' in strength)) return [];
    const pull = Math.max(0, ...own.map((cord) => response.pull(cord)));
    const may = strength.breakingN / CORD_OVER;
    return [{ what: 'cord', part: part.id, share: pull / may, by: 'breaking', has: pull, may, from: null }];
  });
}

function groundsUsed(model: Model, response: Response, ground: Ground, catalogue: Catalogue): Use[] {
  const bars = new Map(model.bars.map(({ part }) => [part.id, part]));
  const jointed = new Set([
    ...model.joints.flatMap(({ meeting }) => [meeting.a, meeting.b]),
    ...model.cords.flatMap(({ holds }) => holds.flatMap(({ meeting }) => (meeting ? [meeting.a, meeting.b] : []))),
  ]);
  return model.grounds.flatMap(({ link, support, at, firmMm }): Use[] => {
    if (firmMm <= 0) return [];
    const { force, moment } = response.onGround(link);
    const arm = minus((model.frame.links[link] as { at: Point }).at, at);
    const about = [0, 1, 2].map((k) => (moment[k] as number) + (cross(arm, force)[k] as number)) as unknown as Point;
    // Drawn up, not pressed down: the ground is pulled at.
    const up = Math.max(0, force[2]);
    const mayUp =
      drawsOut({
        acrossMm: support.acrossMm,
        deepMm: firmMm,
        soil: ground.soil,
        concrete: support.footing !== null,
      }) / SOIL_OVER;
    const lifted: Use[] =
      up < FELT_N
        ? []
        : [
            {
              what: 'ground',
              part: support.part,
              share: up / mayUp,
              by: 'lifted out',
              has: up,
              may: mayUp,
              from: null,
            },
          ];
    const push = Math.hypot(force[0], force[1]);
    const turn = norm([about[0], about[1], 0]);
    if (push < FELT_N && turn < FELT_N * 1000) return lifted;
    // What is pushed in and held at its head too gives a little against turning, and then stands as on a hinge.
    const turns = support.by === 'pushed' && jointed.has(support.part) ? 0 : turn;
    const held = Math.max(push, turns / 1e4);
    const upMm = turns / Math.max(held, 1e-9);
    const bar = bars.get(support.part);
    const stock = bar ? catalogue.stock(bar.stock) : null;
    const plate = stock?.form === 'steel post' ? stock.plate : null;
    const may =
      bromsPush({
        acrossMm: support.acrossMm,
        deepMm: firmMm,
        upMm,
        soil: ground.soil,
        softer: ground.softer ?? false,
        ...(plate ? { plate } : {}),
      }) / SOIL_OVER;
    return [
      ...lifted,
      {
        what: 'ground',
        part: support.part,
        share: may > 0 ? held / may : Infinity,
        by: 'soil',
        has: held,
        may,
        from: {
          of: 'soil',
          pushN: held,
          upMm,
          deepMm: firmMm,
          acrossMm: support.acrossMm,
          codeN: codePush({ acrossMm: support.acrossMm, deepMm: firmMm, upMm, soil: ground.soil }),
        },
      },
    ];
  });
}

/**
 * Mesh that stands by itself, as strips of its wires: what draws or presses each wire, and what bends it. In the plane of
 * the mesh a coarse square of strips is bent by as much more as it is larger than a square of wires; out of it only
 * its rings and bows are bent, for what bends an upright wire at its foot depends on how fine the strips are. Wires bend
 * on until all of them yields, and what was bent into them when they were set up takes nothing from that (Baker and
 * Heyman, *Plastic Design of Frames*, 1969: the uniqueness theorem; initial stresses do not change what brings down a
 * frame that yields).
 */
function meshesUsed(model: Model, response: Response): Use[] {
  return model.wires.map(({ part, strips }): Use => {
    const mayMpa = MESH_WIRE_YIELD_MPA / STEEL_OVER;
    // The plastic modulus of a round wire, d³ / 6.
    const [area, bends] = [(Math.PI * part.wireMm ** 2) / 4, part.wireMm ** 3 / 6];
    const beside = new Map<number, { wires: number; pull: number; inPlane: number; out: number[] }>();
    for (const { beam, wires, coarser, up, beside: place } of strips) {
      const sum = beside.get(place) ?? { wires: 0, pull: 0, inPlane: 0, out: [0, 0] };
      const e = response.ends(beam);
      sum.wires += wires;
      sum.pull += Math.abs(e[6] as number);
      sum.inPlane += Math.max(Math.abs(e[5] as number), Math.abs(e[11] as number)) / coarser;
      [4, 10].forEach((k, end) => (sum.out[end] = (sum.out[end] as number) + (up ? 0 : (e[k] as number))));
      beside.set(place, sum);
    }
    const hasMpa = Math.max(
      0,
      ...[...beside.values()].map(
        (sum) => (sum.pull / area + (sum.inPlane + Math.max(...sum.out.map(Math.abs))) / bends) / sum.wires,
      ),
    );
    return { what: 'part', part: part.id, share: hasMpa / mayMpa, by: 'bending', has: hasMpa, may: mayMpa, from: null };
  });
}
