import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import type { Handle } from '../design/design';
import { setOnPaper } from '../drawing/sheet';
import { drawViews } from '../drawing/views';
import { computeAs } from '../plan/compute-as';
import type { Plan, StructurePlan } from '../plan/plan';
import type { LengthKnob } from './knob';
import { SOIL } from '../site/underfoot';
import { KINDS, kindOf } from './registry';

/** Supports whose every handle shows: the demo's own, and the forms the demo does not use. */
const STRUCTURES: readonly StructurePlan[] = [
  ...DEMO_PLAN.structures,
  {
    id: 'three-rows',
    kind: 'twine-frame',
    name: 'Three rows',
    stand: { on: 'bed', bed: 'long-bed' },
    plantings: [],
    knobs: { rows: 3, beamHeight: 1900 },
  },
  {
    id: 'one-frame',
    kind: 'woven-frame',
    name: 'One frame',
    stand: { on: 'bed', bed: 'odd-bed' },
    plantings: [],
    knobs: { form: 'single', frames: 1 },
  },
  {
    id: 'repeated',
    kind: 'rail-trellis',
    name: 'Repeated bays',
    stand: { on: 'bed', bed: 'long-bed' },
    plantings: [],
    knobs: { bays: 'clear', bay: 1800 },
  },
  {
    id: 'two-pallets',
    kind: 'pallet-planter',
    name: 'Two pallets',
    stand: { on: 'spot', at: { xMm: 0, yMm: 0, turnDeg: 0 }, underfoot: SOIL },
    plantings: [],
    knobs: { pallets: 2 },
  },
];
const computed = (structure: StructurePlan, plan: Plan = DEMO_PLAN) => computeAs(kindOf, plan, structure);

/**
 * Handles whose knob is met in whole meshes, courses, frames or equal bays, or goes no higher than what is sold: they
 * follow in steps, never against the hand. Of every kind, or of those named.
 */
const IN_STEPS: Record<string, readonly string[]> = {
  rowLength: [],
  bay: [],
  width: [],
  postSpacing: [],
  eyeSpacing: [],
  apart: ['hoop-tunnel'],
  diameter: ['mesh-cage', 'insect-cage', 'collar'],
  height: ['mesh-cage', 'insect-cage', 'crossed-canes'],
  high: ['raised-bed'],
};
const isInSteps = (name: string, { id, kind }: StructurePlan): boolean => {
  // Where bays are repeated, a bay follows the hand.
  if (id === 'repeated') return name === 'rowLength';
  const of = IN_STEPS[name];
  return of !== undefined && (of.length === 0 || of.includes(kind));
};
const position = (handle: Handle): number => handle.at[handle.axis === 'right' ? 0 : 1];
const findIn = (handles: readonly Handle[], knob: string): Handle => {
  const handle = handles.find((one) => one.knob === knob);
  if (!handle) throw new Error(`the pull of ${knob} has gone`);
  return handle;
};

describe.each(STRUCTURES.map((structure) => [structure.id, structure] as const))('pulls of %s', (_id, structure) => {
  const { sized } = computed(structure);
  const { knobs } = kindOf(structure.kind);
  const held = sized.design.handles.map((handle) => [handle.knob, handle] as const);

  it('are of length knobs that show, one to a knob, and lie on the drawing they belong to', () => {
    expect(held.length).toBeGreaterThan(0);
    expect(new Set(held.map(([knob]) => knob)).size).toBe(held.length);
    const { setting, around } = computed(structure);
    const settled = Object.fromEntries(Object.entries(sized.knobs).map(([name, state]) => [name, state.value]));
    for (const [name] of held) {
      expect(knobs[name]?.type).toBe('length');
      expect(knobs[name]?.shown?.(settled, setting) ?? true).toBe(true);
    }
    const views = drawViews(sized.design, around);
    for (const view of views) {
      const paper = setOnPaper(view, { widthPx: 640, heightPx: 360, units: 'metric' });
      expect(paper.pulls.map((pull) => pull.knob)).toEqual(
        held.filter(([, handle]) => handle.view === view.id).map(([knob]) => knob),
      );
      for (const pull of paper.pulls) {
        expect(pull.at[0]).toBeGreaterThanOrEqual(0);
        expect(pull.at[0]).toBeLessThanOrEqual(paper.widthPx);
        expect(pull.at[1]).toBeGreaterThanOrEqual(0);
        expect(pull.at[1]).toBeLessThanOrEqual(paper.heightPx);
        // Two pulls on one spot could not be told apart.
        for (const other of paper.pulls)
          if (other !== pull)
            expect(
              Math.hypot(other.at[0] - pull.at[0], other.at[1] - pull.at[1]),
              `${pull.knob} and ${other.knob}`,
            ).toBeGreaterThan(16);
      }
    }
  });

  it.each(held)('%s follows the hand', (name, handle) => {
    const knob = knobs[name] as LengthKnob;
    const value = sized.knobs[name]?.value as number;
    const held = others(structure, sized.knobs, name);
    const movedTo = (next: number, rest = held): number => {
      const knobsOf = { ...structure.knobs, ...rest, [name]: next };
      return position(findIn(computed({ ...structure, knobs: knobsOf }).sized.design.handles, name)) - position(handle);
    };
    // A row whose frames are counted by hand is as long as they are.
    if (isInSteps(name, structure) && structure.knobs.frames === undefined) {
      const far = [knob.min, value / 2, value * 1.5].filter((next) => next >= knob.min && next <= knob.max);
      expect(far.map((next) => movedTo(next, {})).some((moved) => Math.abs(moved) > 1)).toBe(true);
    }
    fc.assert(
      fc.property(fc.integer({ min: -600, max: 600 }), (tenths) => {
        const pullMm = tenths / 10;
        const next = value + pullMm * handle.perMm;
        fc.pre(next >= knob.min && next <= knob.max);
        const moved = movedTo(next);
        if (isInSteps(name, structure)) expect(moved * Math.sign(pullMm)).toBeGreaterThanOrEqual(-1e-6);
        else expect(Math.abs(moved - pullMm)).toBeLessThan(0.5 + 1e-6);
      }),
      { numRuns: cases(12) },
    );
  });
});

/** Every other knob held where it stands, so that only the pulled one is felt. */
function others(
  structure: StructurePlan,
  states: ReturnType<typeof computed>['sized']['knobs'],
  pulled: string,
): Record<string, number | string> {
  const { knobs } = kindOf(structure.kind);
  return Object.fromEntries(
    Object.entries(states).flatMap(([name, state]) => (name === pulled || !knobs[name] ? [] : [[name, state.value]])),
  );
}

it('every kind can be pulled by three of its lengths, or all it has', () => {
  for (const kind of KINDS) {
    const lengths = Object.values(kind.knobs).filter((knob) => knob.type === 'length').length;
    const most = STRUCTURES.filter((one) => one.kind === kind.id).map(
      (one) => computed(one).sized.design.handles.length,
    );
    expect(Math.max(0, ...most), kind.id).toBeGreaterThanOrEqual(Math.min(3, lengths));
  }
});

describe('a drawing that is pulled', () => {
  it('keeps its scale and its origin while it is held, whatever is done to it', () => {
    const wall = DEMO_PLAN.structures[0] as StructurePlan;
    const { sized, around } = computed(wall);
    const [before] = drawViews(sized.design, around);
    if (!before) throw new Error('no front view');
    const held = setOnPaper(before, { widthPx: 640, heightPx: 360, units: 'metric' });
    for (const gap of [0, 300, 900]) {
      const taller = computed({ ...wall, knobs: { gap } });
      const [view] = drawViews(taller.sized.design, taller.around);
      if (!view) throw new Error('no front view');
      const paper = setOnPaper(view, { widthPx: 640, heightPx: 360, units: 'metric', keep: held.frame });
      expect(paper.frame).toEqual(held.frame);
      const pull = paper.pulls.find((one) => one.knob === 'gap');
      expect(pull?.at[1]).toBeCloseTo(held.frame.originPx[1] - gap * held.frame.scale, 6);
      expect(pull?.mmPerPx).toBeCloseTo(1 / held.frame.scale, 9);
    }
  });
});
