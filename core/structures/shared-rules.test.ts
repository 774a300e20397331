import { RODS, sleeveFor } from '../catalogue/rods';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { present } from '../design/listed';
import { ofShape } from '../design/shapes/shapes';
import type { Sheet } from '../design/shapes/sheet';
import { besideOnRoll } from './rules/beside-on-roll';
import { CATALOGUE, stockOf } from '../catalogue/catalogue';
import { LIVES, SECTIONS, TIMBER, TREATMENTS } from '../catalogue/timber';
import { cut } from '../cutting/cut';
import { DEMO_PLAN } from '../demo/garden';
import { cross, minus, reach, type Point } from '../geometry/space';
import { wayAlong, type Ground } from '../site/ground';
import type { Plan } from '../plan/plan';
import { settingOf } from '../plan/setting-of';
import { feet, inches } from '../quantity/length';
import { postCentres } from './kinds/rail-trellis/bays';
import { cornerBrace } from './assemblies/brace';
import { nearestClear, takenBy } from './rules/clash';
import { letInDepth, nextStockUp } from './rules/depth';
import { FOOTINGS, footingSteps, pourFootings, setBy } from './assemblies/footing';
import { withinLimits } from './knob';
import { leanOf, onLeaf, upLeaf, type PropLeaf } from './rules/leaves';
import { baysAPiece, piecesOverPosts } from './rules/over-posts';
import { kindOf, KINDS } from './registry';
import { anglesRound, angleAt, doorHalfRad, onRing, openRingMm, ringArea } from './rules/ring';
import { equalBays, fewestPosts } from './rules/spacing';
import { girthOf, stringLength } from './rules/string-length';
import { setPost } from './assemblies/set-post';
import { passHeights, passMm } from './kinds/weave/passes';
import { furrow, nailsAlong } from './kinds/woven-frame/weave-path';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const setting = settingOf(kindOf, DEMO_PLAN, DEMO_PLAN.structures[0] as Plan['structures'][number]);
const GROUND: Ground = { lengthMm: 5000, riseMm: 250 };

describe('posts and what lies over them', () => {
  it('bays are equal, none over the limit, and one bay fewer would be', () => {
    fc.assert(
      fc.property(mm(300, 40_000), mm(300, 3000), (length, most) => {
        const at = equalBays([0, length], most);
        const bays = at.slice(1).map((to, i) => to - (at[i] ?? 0));
        expect(Math.max(...bays) - Math.min(...bays)).toBeLessThan(1e-6);
        expect(Math.max(...bays)).toBeLessThanOrEqual(most + 0.51);
        if (bays.length > 1) expect(length / (bays.length - 1)).toBeGreaterThan(most);
      }),
    );
  });

  it('the fewest posts over laps are as few as trying every choice of lap finds', () => {
    fc.assert(
      fc.property(fc.array(mm(600, 3000), { minLength: 1, maxLength: 3 }), mm(900, 2600), (lengths, most) => {
        let end = 0;
        const laps = lengths.map((length) => {
          end += length;
          return [end - 200, end - 100, end];
        });
        end += 1500;
        const found = fewestPosts(0, laps, end, most);
        const bays = (chain: readonly number[]): number =>
          chain.slice(1).reduce((sum, to, i) => sum + Math.max(1, Math.ceil((to - (chain[i] ?? 0) - 0.5) / most)), 0);
        const choices = laps.reduce<number[][]>(
          (chains, lap) => chains.flatMap((chain) => lap.map((at) => [...chain, at])),
          [[0]],
        );
        const fewest = Math.min(...choices.map((chain) => bays([...chain, end])));
        expect(found.length - 1).toBe(fewest);
        // And of those that are as few, none has a narrower widest bay: they are as even as the laps allow.
        const gaps = (chain: readonly number[]) => chain.slice(1).map((to, i) => to - (chain[i] ?? 0));
        const evenest = Math.min(
          ...choices
            .filter((chain) => bays([...chain, end]) === fewest)
            .map((chain) => Math.max(...gaps(equalBays([...chain, end], most)))),
        );
        expect(Math.max(...gaps(found))).toBeCloseTo(evenest, 6);
      }),
    );
  });

  it('pieces over posts cover the run without gap or lap, end on posts and are never too long, from any first piece', () => {
    fc.assert(
      fc.property(
        fc.array(mm(400, 2000), { minLength: 1, maxLength: 12 }),
        mm(38, 100),
        fc.integer({ min: 1, max: 5 }),
        (bays, wide, first) => {
          const posts = bays.reduce<number[]>((at, bay) => [...at, (at.at(-1) ?? 0) + bay], [wide / 2]);
          const longest = 4876.8;
          const pieces = piecesOverPosts(posts, wide, longest, first);
          expect([pieces[0]?.fromMm, pieces.at(-1)?.toMm]).toEqual([
            0,
            expect.closeTo((posts.at(-1) ?? 0) + wide / 2, 6),
          ]);
          pieces.slice(1).forEach((piece, i) => {
            expect(piece.fromMm).toBe(pieces[i]?.toMm);
            expect(posts).toContain(piece.fromMm);
          });
          for (const piece of pieces)
            expect(
              piece.toMm - piece.fromMm <= longest + 0.5 ||
                posts.filter((at) => at > piece.fromMm + 1 && at < piece.toMm - wide).length === 0,
            ).toBe(true);
          expect(posts.slice(1).filter((at) => at <= (pieces[0]?.toMm ?? 0) + 1).length).toBeLessThanOrEqual(first);
          expect(baysAPiece(posts, wide, longest)).toBeGreaterThanOrEqual(1);
        },
      ),
    );
  });

  it('post centres: divided, outside faces on the ends; repeated, exactly the bay asked for', () => {
    fc.assert(
      fc.property(
        mm(2500, 20_000),
        mm(800, 2400),
        fc.constantFrom('divide' as const, 'clear' as const, 'centres' as const),
        (rowMm, bayMm, by) => {
          const at = postCentres({ rowMm, bayMm, by, postWideMm: 90 });
          const pitch = (at[1] ?? 0) - (at[0] ?? 0);
          expect(at[0]).toBe(45);
          if (by === 'divide') {
            expect(at.at(-1)).toBeCloseTo(rowMm - 45, 6);
            expect(pitch - 90).toBeLessThanOrEqual(bayMm + 0.51);
          } else {
            expect(pitch).toBeCloseTo(by === 'clear' ? bayMm + 90 : bayMm, 6);
            expect((at.at(-1) ?? 0) + 45).toBeLessThanOrEqual(Math.max(rowMm, pitch + 90) + 1);
          }
        },
      ),
    );
  });

  it('the next stock length up, or the longest with a warning; a post keeps what is left in the ground', () => {
    fc.assert(
      fc.property(
        mm(500, 5000),
        fc.uniqueArray(fc.integer({ min: 600, max: 4800 }), { minLength: 1, maxLength: 6 }),
        (needed, sizes) => {
          const sorted = [...sizes].sort((a, b) => a - b);
          const found = nextStockUp(needed, sorted);
          const fit = sorted.filter((size) => size >= needed - 0.5);
          expect(found).toEqual(fit.length > 0 ? { mm: fit[0], enough: true } : { mm: sorted.at(-1), enough: false });
        },
      ),
    );
    fc.assert(
      fc.property(mm(600, 2600), mm(300, 1200), (aboveMm, depthMm) => {
        const post = setPost({
          id: 'p',
          foot: [0, 0, 0],
          aboveMm,
          depthMm,
          section: '4x4',
          treatment: 'treated',
          setting,
          set: 'concrete',
        });
        const asked = aboveMm + depthMm + inches(0.5);
        if (Math.abs(post.cutMm - asked) > 1e-6) expect([feet(8), feet(10), feet(12)]).toContain(post.cutMm);
        // One that is cut comes cheaper two and more to a length than out of its own.
        else {
          const price = (size: number) => setting.priceOf('timber-4x4-treated', size) ?? Infinity;
          const [alone = Infinity] = [8, 10, 12]
            .map(feet)
            .filter((size) => size >= asked - 0.5)
            .map(price);
          const shared = [8, 10, 12].map(
            (long) => price(feet(long)) / Math.floor((feet(long) + 3.175) / (asked + 3.175)),
          );
          expect(Math.min(...shared)).toBeLessThan(alone);
        }
        expect(post.to[2]).toBe(aboveMm);
        if (aboveMm + depthMm + inches(0.5) <= feet(12)) expect(post.buriedMm).toBe(depthMm);
        else expect(post.buriedMm).toBeLessThanOrEqual(depthMm);
      }),
    );
    expect(letInDepth(feet(6), { soil: 'loam', wind: 'usual' })).toBe(feet(2));
    expect(letInDepth(feet(6), { soil: 'sand', wind: 'usual' })).toBe(feet(3));
  });

  it('eleven posts of 1548 mm come two out of a 12′ length: 5 × 25.90 and one of 15.90, and not 11 × 15.90', () => {
    const posts = Array.from({ length: 11 }, (_, i) =>
      setPost({
        id: `post-${i}`,
        foot: [0, 0, 0],
        aboveMm: 1548 - inches(0.5) - 500,
        depthMm: 500,
        section: '4x4',
        treatment: 'treated',
        setting,
        set: 'let in',
      }),
    );
    const bought = cut(
      posts.map(({ id, cutMm }) => ({ part: id, structure: 's', measure: cutMm })),
      DEMO_PLAN.priceBook.lines
        .filter(({ stock }) => stock === 'timber-4x4-treated')
        .map((one) => ({ measure: one.size, minor: one.price.minor })),
      [],
      3.175,
    );
    expect(bought.costMinor).toBe(14_540);
  });

  it('holes are filled by their volume: gravel below, concrete about the post, nothing where it is tamped', () => {
    fc.assert(
      fc.property(
        mm(300, 1200),
        mm(0, 300),
        fc.constantFrom(...FOOTINGS.map((one) => one.id)),
        (depthMm, gravelMm, footing) => {
          const bar = setPost({
            id: 'p',
            foot: [0, 0, 0],
            aboveMm: 1000,
            depthMm,
            section: '90x90',
            treatment: 'treated',
            setting,
            set: setBy(footing),
          });
          const parts = ofShape(pourFootings([bar], footing, gravelMm).parts, 'fill');
          expect(parts.map((part) => part.role)).toEqual([
            ...(gravelMm >= 1 ? ['gravel'] : []),
            ...(footing === 'tamped' ? [] : ['concrete']),
          ]);
          const hole = Math.PI * 135 ** 2;
          for (const part of parts)
            expect(part.litres * 1e6).toBeCloseTo(
              part.role === 'gravel' ? hole * gravelMm : (hole - 90 * 90) * bar.buriedMm + (hole * inches(1)) / 3,
              3,
            );
          const [poured] = present(footingSteps(footing));
          expect(poured?.waitHours ?? 0).toBe({ tamped: 0, dry: 24, wet: 12 }[footing]);
        },
      ),
    );
  });
});

describe('eyes, strings, braces', () => {
  it('the nearest clear place is as near as a search along the beam finds', () => {
    fc.assert(
      fc.property(mm(0, 2000), fc.array(mm(0, 2000), { maxLength: 5 }), (wanted, blocked) => {
        const taken = blocked.map((at) => takenBy(at, 30));
        const { atMm, clear } = nearestClear(wanted, taken, 50, 1950);
        const free = Array.from({ length: 1901 }, (_, i) => 50 + i).filter(
          (at) => !taken.some((one) => at > one.fromMm && at < one.toMm),
        );
        expect(
          clear ||
            free.length === 0 ||
            free.every((at) => taken.some((one) => at >= one.fromMm - 1 && at <= one.toMm + 1)),
        ).toBe(true);
        if (clear && free.length > 0) {
          expect(taken.some((one) => atMm > one.fromMm + 1e-6 && atMm < one.toMm - 1e-6)).toBe(false);
          const within = Math.min(1950, Math.max(50, wanted));
          expect(Math.abs(atMm - within)).toBeLessThanOrEqual(Math.min(...free.map((at) => Math.abs(at - within))) + 1);
        }
      }),
    );
  });

  it('a corner brace is leg × √2 and a width long, lies in the plane of its members, and ends on both', () => {
    fc.assert(
      fc.property(
        mm(150, 900),
        mm(20, 100),
        fc.constantFrom<[Point, Point]>(
          [
            [1, 0, 0],
            [0, 0, -1],
          ],
          [
            [0, 1, 0],
            [0, 0, 1],
          ],
          [
            [-1, 0, 0],
            [0, 1, 0],
          ],
        ),
        (legMm, wideMm, [a, b]) => {
          const corner: Point = [100, 200, 300];
          const brace = cornerBrace({
            id: 'b',
            of: { id: 'timber-2x2-untreated', wideMm, thickMm: 38 },
            corner,
            a,
            b,
            legMm,
          });
          expect(brace.cutMm).toBeCloseTo(legMm * Math.SQRT2 + wideMm, 6);
          expect([reach(corner, brace.from), reach(corner, brace.to)]).toEqual([
            expect.closeTo(legMm, 6),
            expect.closeTo(legMm, 6),
          ]);
          const normal = cross(a, b);
          const off = minus(brace.to, brace.from).reduce((sum, value, i) => sum + value * (normal[i] ?? 0), 0);
          expect(off).toBeCloseTo(0, 6);
        },
      ),
    );
  });

  it('a string grows with its drop, its wraps and its slack, each by itself', () => {
    fc.assert(
      fc.property(
        mm(500, 3000),
        fc.integer({ min: 0, max: 40 }),
        mm(0, 400),
        mm(0, 400),
        (dropMm, wrapsPercent, knotsMm, slackMm) => {
          const length = stringLength({ dropMm, wrapsPercent, knotsMm, slackMm });
          expect(length).toBeCloseTo(dropMm + (dropMm * wrapsPercent) / 100 + knotsMm + slackMm, 6);
          expect(stringLength({ dropMm, wrapsPercent, knotsMm, slackMm, throughMm: 90 }) - length).toBeCloseTo(90, 6);
        },
      ),
    );
    expect([girthOf({ round: true, faceMm: 10 }), girthOf({ round: false, faceMm: 10 })]).toEqual([Math.PI * 10, 40]);
  });
});

describe('leaves, rings, weaving', () => {
  it('two leaves meet at the hinge gap and stand on their feet, on any slope', () => {
    fc.assert(
      fc.property(mm(900, 2400), mm(200, 1700), mm(0, 80), mm(0, 4000), (leafMm, spreadMm, gapMm, along) => {
        fc.pre(spreadMm - gapMm < 2 * leafMm && spreadMm > gapMm);
        const { heightMm, leanRad } = leanOf(leafMm, spreadMm, gapMm);
        const [front, back] = ([-1, 1] as const).map((side): PropLeaf => ({
          ground: GROUND,
          y: 50,
          side,
          spreadMm,
          leanRad,
        }));
        if (!front || !back) throw new Error('two leaves');
        const [headFront, headBack] = [onLeaf(front, along, leafMm, 0), onLeaf(back, along, leafMm, 0)];
        expect(headBack[1] - headFront[1]).toBeCloseTo(gapMm, 5);
        // They stand square to the fall of the soil, as rectangles do.
        const rise = minus(headFront, onLeaf(front, along, 0, 0));
        const way = wayAlong(GROUND);
        expect(rise[2] / way[0]).toBeCloseTo(heightMm, 6);
        expect(rise[0] * way[0] + rise[2] * way[2]).toBeCloseTo(0, 6);
        expect(onLeaf(back, along, 0, 0)[1] - onLeaf(front, along, 0, 0)[1]).toBeCloseTo(spreadMm, 6);
        // Out is square to up.
        const out = minus(onLeaf(front, along, 100, 10), onLeaf(front, along, 100, 0));
        expect(out.reduce((sum, value, i) => sum + value * (upLeaf(front)[i] ?? 0), 0)).toBeCloseTo(0, 6);
      }),
    );
  });

  it('poles stand evenly from one side of the door to the other, and a tape along the ring finds them', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 24 }),
        mm(300, 1800),
        mm(0, 900),
        mm(-4, 4),
        (count, radius, doorMm, middleRad) => {
          const door = { middleRad, halfRad: doorHalfRad(doorMm, radius) };
          const angles = anglesRound(count, door);
          const gaps = angles.slice(1).map((angle, i) => angle - (angles[i] ?? 0));
          expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(1e-9);
          const ends = [angles[0] ?? 0, angles.at(-1) ?? 0].map((angle) =>
            onRing({ lengthMm: 1, riseMm: 0 }, { alongMm: 0, y: 0 }, radius, angle, 0),
          );
          if (door.halfRad > 0) {
            expect(reach(ends[0] ?? [0, 0, 0], ends[1] ?? [0, 0, 0])).toBeCloseTo(
              Math.min(doorMm, 2 * radius * 0.95),
              5,
            );
            expect(angleAt(openRingMm(radius, door), radius, door)).toBeCloseTo(angles.at(-1) ?? 0, 9);
          } else expect((angles.at(-1) ?? 0) + (gaps[0] ?? 0) - (angles[0] ?? 0)).toBeCloseTo(2 * Math.PI, 9);
          expect(ringArea(radius, 200, door)).toBeCloseTo(openRingMm(radius, door) * 200, radius > 100 ? 3 : 0);
        },
      ),
    );
  });

  it('thread visits every nail once and only runs along one way at a time; passes rise evenly and stay on the posts', () => {
    fc.assert(
      fc.property(mm(300, 2400), mm(20, 70), mm(50, 250), (side, member, asked) => {
        const { stepMm, atMm } = nailsAlong(side, member, asked);
        expect(stepMm * (atMm.length + 1)).toBeCloseTo(side - member, 6);
        const way = furrow(atMm, 10, 500, true);
        expect(way).toHaveLength(2 * atMm.length);
        expect(new Set(way.map((spot) => spot.join())).size).toBe(way.length);
        way.slice(1).forEach((to, i) => {
          const from = way[i] ?? to;
          expect(from[0] === to[0] || from[1] === to[1]).toBe(true);
        });
      }),
    );
    fc.assert(
      fc.property(mm(30, 500), mm(50, 400), mm(600, 2400), (first, every, post) => {
        const heights = passHeights(first, every, post);
        expect(heights[0]).toBe(first);
        expect(Math.max(...heights)).toBeLessThanOrEqual(post);
        heights.slice(1).forEach((up, i) => {
          expect(up - (heights[i] ?? 0)).toBeCloseTo(every, 6);
        });
        const twine = (rowMm: number): number =>
          passMm({ rowMm, runs: 2, posts: 3, halfTurns: 3, girthMm: 140, endMm: 300 });
        expect(twine(5000) - twine(4000)).toBeCloseTo(2000, 6);
      }),
    );
  });
});

describe('what every kind keeps to', () => {
  it('timber: thicker lasts longer where it is the same wood, and is as thick as the standard has it', () => {
    expect(TIMBER).toHaveLength(SECTIONS.length * TREATMENTS.length);
    for (const treatment of TREATMENTS)
      expect(LIVES.heavy[treatment].seasons).toBeGreaterThan(LIVES.light[treatment].seasons);
    // DOC PS 20-20, table 3, dry: 1 → 3/4, 2 → 1 1/2, 3 → 2 1/2, 4 → 3 1/2, 8 → 7 1/4 in.
    const dressed: Record<string, number> = { 1: 0.75, 2: 1.5, 3: 2.5, 4: 3.5, 8: 7.25 };
    for (const id of ['1x2', '1x3', '2x2', '2x4', '2x8', '4x4']) {
      const { thickMm, wideMm } = stockOf(CATALOGUE, `timber-${id}-untreated`, 'timber');
      const [thick = '', wide = ''] = id.split('x');
      expect([thickMm, wideMm]).toEqual([inches(dressed[thick] ?? NaN), inches(dressed[wide] ?? NaN)]);
    }
  });

  it('a change that is proposed is brought inside the limits of its knobs, whatever it was', () => {
    fc.assert(
      fc.property(fc.constantFrom(...KINDS), fc.double({ min: -1e6, max: 1e6, noNaN: true }), (kind, value) => {
        for (const [name, knob] of Object.entries(kind.knobs)) {
          if (knob.type === 'choice') continue;
          const within = withinLimits(kind.knobs, { [name]: value })[name] as number;
          expect(within).toBeGreaterThanOrEqual(knob.min);
          expect(within).toBeLessThanOrEqual(knob.max);
          if (knob.type === 'count') expect(Number.isInteger(within)).toBe(true);
        }
      }),
    );
  });
});

describe('pieces beside each other on a roll', () => {
  it('never overfill its width, lie beside none shorter than themselves, and take no more length than each by itself', () => {
    const roll = 1830;
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 50, max: 5000 }), fc.integer({ min: 50, max: roll })), { maxLength: 14 }),
        (sizes) => {
          const sheets = sizes.map(([cutMm, heightMm], i) => ({ id: `s${i}`, cutMm, heightMm }) as Sheet);
          const laid = besideOnRoll(sheets, roll);
          const named = new Map(laid.map((one) => [one.id, one]));
          for (const one of laid) {
            const beside = laid.filter((other) => other.board === one.id);
            if (one.board !== undefined) {
              expect(beside).toEqual([]);
              expect(one.cutMm).toBeLessThanOrEqual(named.get(one.board)?.cutMm ?? 0);
            }
            expect(beside.reduce((sum, other) => sum + other.heightMm, one.heightMm)).toBeLessThanOrEqual(roll + 8);
          }
          // Area by hand: what is bought is at least what is used.
          const bought = laid.filter((one) => one.board === undefined).reduce((sum, one) => sum + one.cutMm, 0);
          const used = laid.reduce((sum, one) => sum + one.cutMm * one.heightMm, 0) / roll;
          expect(bought).toBeGreaterThanOrEqual(used - 1);
        },
      ),
    );
  });
});

it('what is offered to go into a sleeve goes in: every hoop that fits any, by the true walls of pipe (ASTM D1785, schedule 40)', () => {
  for (const rod of RODS) {
    const { diameterMm, wallMm } = sleeveFor(rod.diameterMm);
    expect(diameterMm - 2 * wallMm, rod.id).toBeGreaterThan(rod.diameterMm);
  }
  // 1″ pipe is 26.6 mm inside; a ¾″ pipe is 26.7 mm outside.
  expect(sleeveFor(26.7).id).toBe('pipe-sleeve-42');
  expect(sleeveFor(18).id).toBe('pipe-sleeve-33');
});
