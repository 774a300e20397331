import type { PlaceOn } from '../site/stand';
import type { TwineFrameFacts } from './kinds/twine-frame/size';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, stockOf } from '../catalogue/catalogue';
import { USUAL_SAW } from '../cutting/saw';
import { barCorners, type Bar } from '../design/shapes/bar';
import type { Fill } from '../design/shapes/fill';
import type { Line } from '../design/shapes/line';
import type { Sheet } from '../design/shapes/sheet';
import { outlineOf } from '../geometry/outline';
import { reach } from '../geometry/space';
import { onGround, type Ground } from '../site/ground';
import { computeStructure } from '../plan/compute';
import type { Plan } from '../plan/plan';
import { onBed, planOnBed } from './onto-bed.fixture';
import { settingOf } from '../plan/setting-of';
import { kindOf } from './registry';
import { feet, inches } from '../quantity/length';
import { onPlan } from '../site/plot';
import { dayOfYear, monthDayOf } from '../site/sun/season';
import { roundArea, stretchOf } from '../statics/wire';
import { slatsUp } from './kinds/a-frame/slats';
import { screwThrough } from './rules/fixings';
import { postCentres } from './kinds/rail-trellis/bays';
import { ringArea } from './rules/ring';
import { aboutThree, bundleRadius, lashingMm, TAIL_MM } from './kinds/tepee/cord';
import { bearingOfSide, shadedSide, SIDE_RAD } from './kinds/tepee/shaded';

const setting = settingOf(kindOf, planOnBed('weave'), planOnBed('weave').structures[0] as Plan['structures'][number]);
const inch = (mm: number): number => Math.round((mm / 25.4) * 1e6) / 1e6;
const bean = { crop: 'runner-bean', training: 'single' };

describe('long rail trellis (common practice, no source)', () => {
  const trellis = onBed(
    'rail-trellis',
    { bays: 'clear', bay: inches(90), rowLength: feet(32), section: '4x4', railSection: '2x4', panel: 'panel-8ft' },
    { lengthMm: feet(40) },
  );

  it('3½″ posts 90″ clear: second post from 7′ 9½″ to 8′ 1″, third from 15′ 7″ to 15′ 10½″, and a rail to its middle is 188¾″', () => {
    const faces = postCentres({ rowMm: feet(32), bayMm: inches(90), by: 'clear', postWideMm: inches(3.5) }).flatMap(
      (at) => [inch(at) - 1.75, inch(at) + 1.75],
    );
    expect(faces.slice(2, 6)).toEqual([93.5, 97, 187, 190.5]);
    expect(trellis.ofRole<Bar>('rail').filter((rail) => Math.abs(inch(rail.cutMm) - 188.75) < 1e-6)).toHaveLength(4);
    // 24″ deep, 8′ posts: two feet in the ground and nearly six out.
    expect(trellis.ofRole<Bar>('post').every((post) => post.cutMm === feet(8) && post.buriedMm === inches(24))).toBe(
      true,
    );
  });

  it('never breaks all rails on one post while a rail reaches over two bays, and rails are level on any slope', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3000, max: 30_000, noNaN: true }),
        fc.double({ min: 900, max: 2300, noNaN: true }),
        fc.constantFrom('both', 'front'),
        fc.double({ min: -0.06, max: 0.06, noNaN: true }),
        (row, bay, railSides, slope) => {
          const { design, ofRole, codes } = onBed(
            'rail-trellis',
            { rowLength: row, bay, railSides },
            { lengthMm: row, riseMm: row * slope },
          );
          expect(codes).not.toContain('rails.all-broken');
          for (const rail of ofRole<Bar>('rail')) expect(rail.from[2]).toBeCloseTo(rail.to[2], 6);
          for (const side of railSides === 'both' ? ['front', 'back'] : ['front'])
            for (const level of ['bottom', 'top']) {
              const run = ofRole<Bar>('rail').filter((rail) => rail.id.startsWith(`rail-${side}-${level}`));
              expect(run.reduce((sum, rail) => sum + rail.cutMm, 0)).toBeCloseTo(
                design.builtMm * Math.sqrt(1 - slope ** 2),
                4,
              );
            }
        },
      ),
      { numRuns: 25 },
    );
    expect(
      onBed('rail-trellis', { stagger: 'no', rowLength: feet(24), bay: feet(7) }, { lengthMm: feet(24) }).codes,
    ).toContain('rails.all-broken');
  });

  it('has the posts and boards of the plank fence in USDA Farmers’ Bulletin 1832 (from memory): posts near 8′ on centres, 16′ boards over two bays, joints broken', () => {
    // Two inches under 8′, so that a 16′ board reaches from the outside of the end post.
    const fence = onBed(
      'rail-trellis',
      {
        bays: 'centres',
        bay: inches(94),
        rowLength: 6 * inches(94) + inches(3.5),
        railSides: 'front',
        section: '4x4',
        railSection: '2x4',
      },
      { lengthMm: feet(49) },
    );
    const lengths = (level: string): number[] =>
      fence
        .ofRole<Bar>('rail')
        .filter((rail) => rail.id.includes(level))
        .map((rail) => Math.round(rail.from[0] / inches(94)));
    expect([fence.ofRole('post').length, lengths('top'), lengths('bottom')]).toEqual([7, [0, 2, 4], [0, 1, 3, 5]]);
  });

  it('panels are whole or a whole number of meshes, go into the gap, and four shelf strips come out of one panel', () => {
    const { ofRole, shopping } = onBed(
      'rail-trellis',
      { shelf: 'both', rowLength: feet(32), panel: 'panel-8ft', bay: inches(90) },
      { lengthMm: feet(32) },
    );
    for (const panel of ofRole<Sheet>('panel'))
      expect([inch(panel.cutMm) % 8, panel.cutMm <= inches(90)]).toEqual([0, true]);
    const shelves = ofRole<Sheet>('shelf');
    expect([shelves.length, shelves.filter((strip) => strip.board === undefined).length]).toEqual([10, 3]);
    expect(shopping.purchases.find((one) => one.stock === 'panel-8ft')?.count).toBe(ofRole('panel').length + 3);
  });

  it('a 4 × 4 set in a 10½″ hole takes the hole less the post; bags yield 0.375, 0.45 and 0.60 ft³ from 50, 60 and 80 lb', () => {
    const [fill] = trellis.ofRole<Fill>('concrete');
    const ft3 = (litres: number): number => litres / 28.316846592;
    // π/4 · 10.5² · 24 − 3.5² · 24, and a cone 1″ high, in cubic inches.
    expect(ft3(fill?.litres ?? 0)).toBeCloseTo(
      ((Math.PI / 4) * 10.5 ** 2 * 24 - 3.5 ** 2 * 24 + ((Math.PI / 4) * 10.5 ** 2) / 3) / 1728,
      6,
    );
    const { litresPerKg } = stockOf(CATALOGUE, 'concrete-mix', 'bagged');
    for (const [pounds, yields] of [
      [50, 0.375],
      [60, 0.45],
      [80, 0.6],
    ] as const)
      expect(ft3(litresPerKg * pounds * 0.45359237)).toBeCloseTo(yields, 6);
  });
});

describe('panel wall on timber posts, guyed', () => {
  it('two 8′ panels: three posts, four turnbuckles (common practice, no source); the wire stretches as Hooke has it', () => {
    const wall = onBed('guyed-wall', { panel: 'panel-8ft' });
    expect([
      wall.count('post'),
      wall.count('panel'),
      wall.count('turnbuckle in a guy'),
      wall.count('guy to post'),
    ]).toEqual([3, 2, 4, 8]);
    for (const wire of wall.ofRole<Line>('guy wire'))
      expect(reach(wire.path[0] ?? [0, 0, 0], wire.path[1] ?? [0, 0, 0])).toBeGreaterThan(feet(8));
    // 400 N on 3 m of 2.7 mm wire: 400 · 3000 / (210 000 · 5.7256) = 0.998 mm, by hand.
    expect(stretchOf(400, 3000, roundArea(2.7))).toBeCloseTo(0.998, 3);
  });
});

describe('hinged A-frame', () => {
  it('peak = √(leaf² − (spread/2)²); about 15 slats of 1½″ on a 6′ leaf with a 3½″ gauge (common practice, no source)', () => {
    expect(slatsUp(feet(6), inches(1.5), inches(3.5))).toHaveLength(15);
    const frame = onBed('a-frame', {
      spread: inches(48),
      hingeGap: 0,
      leaf: feet(6),
      width: feet(4),
      frames: 1,
      slat: '1x2',
      section: '2x2',
    });
    expect(inch(frame.design.hold?.topMm.least ?? 0)).toBeCloseTo(Math.sqrt(72 ** 2 - 24 ** 2), 6);
    // Quantities in the style of a garden magazine's plan for a folding trellis (from memory): four stiles, thirty slats, two screws an end, two hinges.
    expect([
      frame.count('stile'),
      frame.count('slat'),
      frame.count('slat to stile'),
      frame.count('leaf to leaf'),
    ]).toEqual([4, 30, 120, 2]);
  });

  it('feet are cut to stand flat, at any spread', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 400, max: 1800, noNaN: true }),
        fc.double({ min: 1000, max: 2400, noNaN: true }),
        (spread, leaf) => {
          for (const stile of onBed('a-frame', { spread, leaf, frames: 1 }).ofRole<Bar>('stile')) {
            const heights = barCorners(stile)
              .slice(0, 4)
              .map((corner) => corner[2]);
            expect(Math.max(...heights) - Math.min(...heights)).toBeLessThan(1e-6);
          }
        },
      ),
      { numRuns: 25 },
    );
  });
});

describe('tepee', () => {
  it('poles are long enough by Pythagoras, pass the tie side by side, and the ladder and the plants leave the door open', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 20 }),
        fc.double({ min: 700, max: 1300, noNaN: true }),
        fc.double({ min: 1500, max: 2400, noNaN: true }),
        fc.double({ min: 400, max: 800, noNaN: true }),
        (poles, radius, height, door) => {
          const { design, ofRole } = onBed(
            'tepee',
            { form: 'tepee', poles, radius, height, door, doorAt: 'front', ladder: 'yes' },
            { lengthMm: 3000, widthMm: 3000 },
            bean,
          );
          const middle = [design.builtMm / 2, 0] as const;
          for (const pole of ofRole<Bar>('pole')) {
            expect(pole.cutMm).toBeGreaterThanOrEqual(Math.hypot(height, radius) + pole.buriedMm);
            // At the height of the tie every pole passes its middle at the radius of the bundle.
            const [x, y] = [0, 1].map(
              (i) =>
                (pole.from[i] as number) +
                ((pole.to[i] as number) - (pole.from[i] as number)) *
                  ((height - pole.from[2]) / (pole.to[2] - pole.from[2])),
            );
            expect(Math.hypot((x as number) - middle[0], (y as number) - middle[1])).toBeCloseTo(
              bundleRadius(poles, pole.wideMm),
              6,
            );
          }
          const half = Math.asin(door / 2 / radius);
          const off = (x: number, y: number): number =>
            Math.abs(Math.atan2(Math.sin(Math.atan2(y, x) + Math.PI / 2), Math.cos(Math.atan2(y, x) + Math.PI / 2)));
          for (const station of design.stations)
            expect(off(station.at[0] - middle[0], station.at[1])).toBeGreaterThanOrEqual(half - 1e-9);
          for (const string of ofRole<Line>('ladder string')) {
            expect(string.path).toHaveLength(poles);
            const [first, last] = [string.path[0], string.path.at(-1)];
            // As wide as the triangle of the door is there, but for the poles passing side by side at the tie.
            const wide = reach(first ?? [0, 0, 0], last ?? [0, 0, 0]);
            expect(Math.abs(wide - door * (1 - (first?.[2] ?? 0) / height))).toBeLessThanOrEqual(
              2 * bundleRadius(poles, 45),
            );
          }
        },
      ),
      { numRuns: 25 },
    );
  });

  it('the cord about three poles is the hull of three circles, by an independent outline; the tail is 6′', () => {
    const circle = (x: number, y: number) =>
      Array.from({ length: 720 }, (_, i): [number, number] => [
        x + 20 * Math.cos((i * Math.PI) / 360),
        y + 20 * Math.sin((i * Math.PI) / 360),
      ]);
    const hull = outlineOf([...circle(0, 0), ...circle(40, 0), ...circle(20, 20 * Math.sqrt(3))]);
    const girth = hull.reduce((sum, [x, y], i) => {
      const [nx, ny] = hull[(i + 1) % hull.length] ?? [x, y];
      return sum + Math.hypot(nx - x, ny - y);
    }, 0);
    expect(aboutThree(40)).toBeCloseTo(girth, 1);
    expect([TAIL_MM, lashingMm(12, 38) > TAIL_MM + 3 * aboutThree(38)]).toEqual([feet(6), true]);
  });

  it('the door is on the shaded side, whichever way the bed and the plan lie; the ring is dug by its area', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.constantFrom(52, -34),
        (turnDeg, northDeg, latitudeDeg) => {
          const here = {
            ...setting,
            place: { on: 'bed' as const, bed: { ...(setting.place as PlaceOn<'bed'>).bed, turnDeg } },
            site: { ...setting.site, northDeg, latitudeDeg },
          };
          const side = shadedSide(here);
          const [x, y] = onPlan({ xMm: 0, yMm: 0, turnDeg }, Math.cos(SIDE_RAD[side]), Math.sin(SIDE_RAD[side]));
          // A bearing b lies at (sin(b − north), cos(b − north)) on the plan.
          const bearing = (bearingOfSide(side, here) - northDeg) * (Math.PI / 180);
          expect([x, y]).toEqual([expect.closeTo(Math.sin(bearing), 6), expect.closeTo(Math.cos(bearing), 6)]);
          const poleward = Math.cos((bearingOfSide(side, here) * Math.PI) / 180) * Math.sign(latitudeDeg);
          expect(poleward).toBeGreaterThanOrEqual(Math.SQRT1_2 - 1e-9);
        },
      ),
    );
    // Two circles, by the schoolbook.
    expect(ringArea(900, 300, { middleRad: 0, halfRad: 0 })).toBeCloseTo(Math.PI * (1050 ** 2 - 750 ** 2), 3);
  });
});

describe('post-and-twine weave (common practice, no source)', () => {
  it('twine = passes × (2 × row + wraps at posts) + ends, and every pass is due later than the one below', () => {
    const weave = onBed(
      'weave',
      {
        rowLength: feet(20),
        posts: 'timber',
        section: '2x2',
        postSpacing: feet(5),
        firstPass: inches(8),
        passEvery: inches(8),
        height: feet(5),
        wraps: 3,
      },
      { lengthMm: feet(20) },
      { crop: 'tomato', training: 'two-leaders' },
    );
    const passes = weave.ofRole<Line>('pass');
    expect([weave.ofRole('stake').length, passes.length]).toEqual([5, 7]);
    const twine = passes.reduce((sum, pass) => sum + inch(pass.cutMm), 0);
    expect(twine).toBeCloseTo(7 * (2 * 240 + 2 * 5 * 1.5 * 6 + 2 * 12), 6);
    const due = weave.sized.season.flatMap((note) => (note.on ? [dayOfYear(note.on)] : []));
    expect(due).toHaveLength(7);
    expect([...due].sort((a, b) => a - b)).toEqual(due);
    for (let day = 0; day < 365; day++)
      expect(monthDayOf(day)).toBe(new Date(Date.UTC(2026, 0, 1 + day)).toISOString().slice(5, 10));
  });

  it('has a stake to every second plant, as NC State Extension’s staked tomatoes have it (from memory)', () => {
    const weave = onBed('weave', {}, { lengthMm: feet(40) }, { crop: 'tomato', training: 'unpruned', count: 16 });
    expect([weave.design.stations.length, weave.ofRole('post').length]).toEqual([16, 9]);
  });

  it('peas and beans get level strings, as often as they need a hold', () => {
    const peas = onBed('weave', {}, {}, { crop: 'pea', training: 'row' });
    expect([peas.sized.knobs.way?.value, inch(peas.sized.knobs.passEvery?.value as number)]).toEqual(['ladder', 3]);
  });
});

describe('woven frame', () => {
  it('thread length is the sum of its lines and turns, counted independently; nails divide the sides', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 700, max: 2300, noNaN: true }),
        fc.double({ min: 350, max: 1700, noNaN: true }),
        fc.double({ min: 60, max: 240, noNaN: true }),
        fc.constantFrom('single', 'pair'),
        (height, width, interval, form) => {
          const { ofRole, design } = onBed('woven-frame', {
            height,
            width,
            interval,
            form,
            frames: 1,
            section: '22x38',
          });
          const threads = ofRole<Line>('thread');
          expect(threads).toHaveLength(form === 'pair' ? 4 : 2);
          const lines = (side: number): number => Math.max(2, Math.round((side - 38) / interval)) - 1;
          const step = (side: number): number => (side - 38) / (lines(side) + 1);
          for (const [thread, turning, running] of [
            [threads[0], width, height],
            [threads[1], height, width],
          ] as const) {
            const along = lines(turning) * (running - 38) + (lines(turning) - 1) * step(turning);
            expect(thread?.cutMm).toBeCloseTo(along + 2 * lines(turning) * 12 + 2 * 152.4, 4);
          }
          expect(design.hold?.meshMm?.high).toBeCloseTo(step(height), 6);
        },
      ),
      { numRuns: 40 },
    );
    const frame = onBed('woven-frame', {
      height: 1800,
      width: 863,
      interval: 127,
      form: 'single',
      frames: 1,
      section: '22x38',
    });
    // 1762 between the middles of head and foot is 14 spaces of 125.9; 825 across is 6 of 137.5.
    expect([frame.design.hold?.meshMm?.high, frame.design.hold?.meshMm?.wide]).toEqual([
      expect.closeTo(1762 / 14, 6),
      expect.closeTo(825 / 6, 6),
    ]);
    expect(frame.count('nail in frame')).toBe(2 * 13 + 2 * 5);
    expect(frame.count('brace')).toBe(4);
    expect(
      frame
        .ofRole<Bar>('frame side')
        .every((side) => side.ends.every((end) => end.cut === 'notch' && end.deepMm === 11 && end.longMm === 38)),
    ).toBe(true);
  });
});

describe('twine frame, completed', () => {
  it('one 2×8 makes it: 7¼″ − 2 × 2¼″ − 2 × ⅛″ leaves a 2½″ beam; the guide sits strip + kerf + shoe offset from the factory edge (common practice, no source)', () => {
    const frame = onBed(
      'twine-frame',
      { make: 'board', board: '2x8', treatment: 'untreated', rowLength: feet(8), beamHeight: feet(6), depth: feet(2) },
      { lengthMm: feet(8) },
    );
    const [board] = frame.design.boards ?? [];
    expect(board?.strips.map((strip) => inch(strip.wideMm))).toEqual([2.25, 2.5, 2.25]);
    expect(inch(board?.lengthMm ?? 0)).toBe(144);
    expect(board?.guides.map((guide) => inch(guide.guideMm))).toEqual(
      Array(2).fill(inch(inches(2.25) + USUAL_SAW.kerfMm + USUAL_SAW.shoeOffsetMm)),
    );
    expect(frame.shopping.purchases.filter((one) => one.stock.startsWith('timber'))).toMatchObject([
      { stock: 'timber-2x8-untreated', count: 1, size: feet(12) },
    ]);
    expect(frame.count('brace')).toBe(4);
    for (const strip of board?.strips ?? [])
      for (const piece of strip.pieces)
        expect(piece.atMm + piece.lengthMm).toBeLessThanOrEqual((board?.lengthMm ?? 0) + 1e-6);
  });

  it('two or three rows hang from cross arms 24″ long, an eye at each end and one in the middle', () => {
    for (const rows of [2, 3]) {
      const frame = onBed(
        'twine-frame',
        { rows, armLength: inches(24), rowLength: feet(8) },
        { lengthMm: feet(8) },
        { crop: 'cucumber', training: 'vine', count: 24 },
      );
      const arms = frame.ofRole<Bar>('cross arm');
      expect([
        arms.length,
        frame.design.stations.length,
        frame.count('string to arm'),
        frame.count('string to beam'),
      ]).toEqual([8, 8 * rows, 16, rows === 3 ? 8 : 0]);
      expect(arms.every((arm) => inch(arm.cutMm) === 24)).toBe(true);
    }
  });

  it('end posts screwed inside a bed go no deeper than the bed and need no hole', () => {
    const frame = onBed(
      'twine-frame',
      { setIn: 'bed', rowLength: feet(8) },
      { lengthMm: feet(8), heightMm: inches(11) },
    );
    expect(frame.ofRole<Bar>('post').map((post) => inch(post.buriedMm))).toEqual([11, 11]);
    expect(frame.count('post to bed')).toBe(8);
    expect(frame.sized.steps.map((step) => step.what.code)).not.toContain('step.dig');
  });

  it('no eye meets a post top or a brace’s screws, over rows, spacings and braces', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2000, max: 9000, noNaN: true }),
        fc.constantFrom('every', 'ends', 'none'),
        fc.double({ min: 260, max: 900, noNaN: true }),
        fc.constantFrom('one-stem', 'two-leaders'),
        (row, braces, braceLeg, training) => {
          const { ofRole, sized } = onBed(
            'twine-frame',
            { rowLength: row, braces, braceLeg },
            { lengthMm: row },
            { crop: 'tomato', training },
          );
          if ((sized.facts as TwineFrameFacts).holes.clashing) return;
          const eyes = ofRole<Bar>('beam').flatMap((beam) => beam.holes.map((hole) => beam.from[0] + hole.atMm));
          for (const eye of eyes)
            for (const post of ofRole<Bar>('post'))
              expect(Math.abs(eye - post.to[0])).toBeGreaterThanOrEqual(post.wideMm / 2 + 12.6);
        },
      ),
      { numRuns: 25 },
    );
  });
});

describe('screws', () => {
  it('2½″ for 1½″ stock (common practice, no source), and never out of the far side', () => {
    expect(screwThrough(setting, inches(1.5), inches(3.5))).toBe('screw-short');
    fc.assert(
      fc.property(
        fc.double({ min: 11, max: 60, noNaN: true }),
        fc.double({ min: 11, max: 100, noNaN: true }),
        (head, hold) => {
          const { lengthMm } = stockOf(CATALOGUE, screwThrough(setting, head, hold), 'piece');
          expect(lengthMm).toBeLessThanOrEqual(head + hold);
          if (hold >= inches(1)) expect(lengthMm).toBeGreaterThan(head);
        },
      ),
    );
  });
});

describe('what gardeners regret, found and mended', () => {
  it.each([
    [
      'rail-trellis',
      { stagger: 'no', rowLength: feet(24), bay: feet(7) },
      { lengthMm: feet(24) },
      null,
      'rails.all-broken',
    ],
    [
      'rail-trellis',
      { bays: 'centres', bay: feet(8), railSection: '2x4', rowLength: feet(33) },
      { lengthMm: feet(33) },
      null,
      'rails.all-broken',
    ],
    ['rail-trellis', { bays: 'centres', bay: feet(8), panel: 'panel-8ft' }, {}, null, 'bay.narrow'],
    ['rail-trellis', { cutAt: 'gap', panel: 'panel-8ft' }, {}, null, 'panel.no-wire'],
    ['rail-trellis', { fixing: 'staples' }, {}, null, 'fixing.staples'],
    ['twine-frame', { slack: 0 }, {}, { crop: 'tomato', training: 'one-stem' }, 'string.tight'],
    ['twine-frame', {}, { lengthMm: feet(8) }, { crop: 'tomato', training: 'one-stem', count: 9 }, 'places.one-more'],
    ['twine-frame', { make: 'board', rowLength: feet(20) }, { lengthMm: feet(20) }, null, 'board.short'],
    ['panel-wall', { onSlope: 'follow' }, { riseMm: 480 }, null, 'panel.leans'],
    ['guyed-wall', { pull: 2500 }, {}, null, 'wire.tight'],
    ['tepee', { height: feet(12), pole: 'cane-bamboo' }, { lengthMm: feet(8), widthMm: feet(8) }, null, 'post.short'],
    ['twine-frame', { beamHeight: feet(9.5), depth: feet(4), section: '2x2' }, {}, null, 'post.short'],
    ['a-frame', { spread: feet(1.5) }, {}, null, 'tips.narrow'],
    ['a-frame', { infill: 'slats' }, {}, { crop: 'pea', training: 'row' }, 'mesh.wide'],
    ['woven-frame', { interval: 127, width: 863, height: 1800, form: 'single' }, {}, null, 'nails.off'],
    ['tepee', { radius: feet(4) }, { widthMm: 1500 }, null, 'reach.outside'],
    ['weave', { firstPass: inches(22) }, {}, { crop: 'cucumber', training: 'vine' }, 'gap.high'],
  ])('%s with %o on %o carrying %o: %s', (kind, knobs, bed, planting, code) => {
    const plan = planOnBed(kind, knobs, bed, planting);
    const structure = plan.structures[0] as Plan['structures'][number];
    const found = computeStructure(plan, structure).verdicts.find((verdict) => verdict.told.code === code);
    expect(found?.mend).toBeTruthy();
    const mended = computeStructure(plan, { ...structure, knobs: found?.mend?.settings ?? {} });
    expect(mended.verdicts.map((verdict) => verdict.told.code)).not.toContain(code);
  });

  it('a post too short for its hole is said of timber as of steel', () => {
    const plan = planOnBed('rail-trellis', { gap: inches(40), section: '4x4' });
    const short = {
      ...plan,
      priceBook: {
        ...plan.priceBook,
        lines: plan.priceBook.lines.filter((line) => !line.stock.startsWith('timber-4x4') || line.size <= feet(8)),
      },
    };
    const { sized, verdicts } = computeStructure(short, short.structures[0] as Plan['structures'][number]);
    expect(verdicts.map((verdict) => verdict.told.code)).toContain('post.short');
    const [post] = sized.design.posts;
    expect((post?.aboveMm ?? 0) + (post?.buriedMm ?? 0)).toBeLessThanOrEqual(feet(8));
  });
});

it('a leaning pair on a slope keeps its feet on the ground', () => {
  const { design } = onBed('woven-frame', { form: 'pair' }, { riseMm: 400, lengthMm: 5000 });
  for (const station of design.stations)
    expect(station.at).toEqual(onGround(design.ground as Ground, station.alongMm, station.at[1]));
});
