import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../cases.fixture';
import { CATALOGUE, stockOf } from '../../catalogue/catalogue';
import { DEMO_PLAN } from '../../demo/garden';
import { barCorners, type Bar } from '../../design/shapes/bar';
import { shapeOf, type Part } from '../../design/shapes/shapes';
import { partsOf } from '../../joinery/set-fixings';
import { add, ALONG, minus, reach, scale, unit, UP, type Point } from '../../geometry/space';
import { settingOf } from '../../plan/setting-of';
import type { Plan } from '../../plan/plan';
import { inches } from '../../quantity/length';
import { onGround } from '../../site/ground';
import { cutCage } from '../rules/girth';
import { rollOf } from '../rules/barrier';
import { piecesOverPosts } from '../rules/over-posts';
import { equalBays } from '../rules/spacing';
import type { Said } from '../said';
import type { BedSetting } from '../setting';
import { kindOf } from '../registry';
import { together, type Assembled } from './assembly';
import { boardsOf, BOX_WORDS, propsOf, type BoardBox } from './box-of-boards';
import { cornerBrace, risingBrace } from './brace';
import { panelOf } from './covered-panel';
import { lapJoints, layStrips } from './cover-strips';
import { FOLDING_PAIR, hingedAtTop, peggedFeet } from './folding-pair';
import { FOOTING, FOOTINGS, pourFootings, setBy } from './footing';
import { halvedFrame, meshOnFrame } from './halved-frame';
import { frameLeaf, hangLeaf, hingesFor, HUNG_LEAF, meshOnLeaf } from './hung-leaf';
import { hingedLid, LID_WORDS } from './hinged-lid';
import { cutPanel } from './panels';
import { railsOver, RAILS } from './rails';
import { closedAlong, roundSheet } from './ring-of-mesh';
import { drivePost, driveStake, pushPole, SET_POST, setPost } from './set-post';
import { lathsOf, planeOf, raftersOf } from './sloping-sheet';
import { stringRound, TWINE_WORDS } from './strings-up';

const setting = settingOf(kindOf, DEMO_PLAN, DEMO_PLAN.structures[0] as Plan['structures'][number]);
/** The same where it stands on a bed. */
const onBed = setting as BedSetting;
const mm = (min: number, max: number): fc.Arbitrary<number> => fc.integer({ min, max });
const timber = (id: string) => stockOf(CATALOGUE, id, 'timber');
const of = fc.constantFrom(...['2x2', '2x4', '45x45', '45x95'].map((one) => timber(`timber-${one}-untreated`)));
const roll = fc.constantFrom('mesh-1-48', 'mesh-garden', 'mesh-4-welded').map((id) => rollOf(setting, id));
const foot = fc.tuple(mm(-4000, 4000), mm(-900, 900), mm(-200, 200)).map((at): Point => at);
/** A line of posts along x, no farther apart than is asked. */
const posts = fc.record({ long: mm(1200, 9000), apart: mm(600, 2600), above: mm(700, 2300) }).map((o) => {
  const postsAtMm = equalBays([45, o.long - 45], o.apart);
  const set = postsAtMm.map((x, i) =>
    setPost({
      id: `post-${i + 1}`,
      foot: [x, 0, 0],
      aboveMm: o.above,
      depthMm: 600,
      section: '90x90',
      treatment: 'treated',
      set: 'let in',
      setting,
    }),
  );
  return { ...o, postsAtMm, set };
});

/** Poles in a line, pushed in and leaning, of what is sold. */
const poles = fc
  .record({
    of: fc.constantFrom(...['cane-bamboo', 'pole-bamboo', 'pole-larch'].map((id) => stockOf(CATALOGUE, id, 'pole'))),
    count: mm(2, 9),
    apart: mm(150, 900),
    lean: mm(-600, 600),
    askedMm: mm(900, 3000),
    soldMm: mm(900, 3000),
    pushInMm: mm(100, 500),
  })
  .map((o) => ({
    ...o,
    set: Array.from({ length: o.count }, (_, i) =>
      pushPole({ ...o, id: `pole-${i + 1}`, role: 'pole', foot: [i * o.apart, 0, 0], up: unit([0, o.lean, 1000]) }),
    ),
  }));

/** A box of so much, of one course and more, level. */
const boxes = fc
  .record({ longMm: mm(700, 3600), wideMm: mm(400, 1200), courses: mm(1, 4), legsMm: mm(0, 800) })
  .map(({ courses, legsMm, ...o }) => {
    const board = timber('timber-1x6-untreated');
    const strip = timber('timber-2x2-untreated');
    const highMm = courses * board.wideMm;
    const box: BoardBox = {
      ...o,
      at: (along, across, up) => [along, across, up],
      way: ALONG,
      side: [0, 1, 0],
      normal: UP,
      highMm,
    };
    const sides = boardsOf(
      box,
      { courses, everyMm: 1220, doors: 1, postsMm: [highMm, highMm], legsMm, board, strip },
      setting,
    );
    return { box, board, strip, courses, sides };
  });

/** Every assembly over a space of its own: what it makes, and what it says of it. */
const ASSEMBLIES: Readonly<Record<string, { made: fc.Arbitrary<Partial<Assembled>>; says?: Said }>> = {
  'post set in the ground': {
    says: SET_POST,
    made: fc.record({ foot, aboveMm: mm(300, 2500), depthMm: mm(300, 1200), of }).map(({ of: stock, ...at }) => ({
      parts: [
        setPost({ ...at, id: 'a', setting, section: '4x4', treatment: 'treated', set: 'concrete' }),
        drivePost({ ...at, id: 'b', setting }),
        driveStake({ ...at, id: 'c', setting, of: stock, set: 'driven' }),
      ].map((post) => ({ ...post, role: 'post' })),
    })),
  },
  'hole filled about a post': {
    says: { ...FOOTING, names: { ...FOOTING.names, parts: { ...FOOTING.names.parts, ...SET_POST.names.parts } } },
    made: fc
      .record({ row: posts, footing: fc.constantFrom(...FOOTINGS.map(({ id }) => id)), gravel: mm(0, 200) })
      .map(({ row, footing, gravel }) => {
        const set = row.set.map((post) => ({ ...post, stands: { ...post.stands, set: setBy(footing) } }));
        return together({ parts: set }, pourFootings(set, footing, gravel));
      }),
  },
  'frame halved at its corners, mesh on it': {
    made: fc
      .record({ of, wide: mm(400, 2400), high: mm(400, 2000), roll, keeps: fc.constantFrom('uprights', 'levels') })
      .map(({ of: stuff, wide, high, roll: mesh, keeps }) => {
        const frame = halvedFrame({
          plane: { at: (right, up, out = 0) => [right, -out, up], right: ALONG, up: UP, inwards: [0, 1, 0] },
          of: stuff,
          wideMm: wide,
          highMm: high,
          ids: { uprights: ['left', 'right'], levels: ['foot', 'head'] },
          roles: { upright: 'side', level: 'side' },
          keeps: keeps,
          kind: 'joined',
          screws: 4,
          setting,
        });
        const on = [...frame.uprights, ...frame.levels];
        return together(
          { parts: on, joints: frame.joints },
          meshOnFrame(frame, mesh.id, setting, { id: 'mesh', role: 'mesh', kind: 'washered', on }),
        );
      }),
  },
  'leaf that is hung': {
    says: HUNG_LEAF,
    made: fc
      .record({ of, wideMm: mm(600, 1400), highMm: mm(600, 1900), side: fc.constantFrom(-1, 1), roll })
      .map(({ of: stuff, wideMm, highMm, side, roll: mesh }) => {
        const framed = frameLeaf(
          {
            middle: [0, 0, 0],
            wideMm,
            highMm,
            footMm: 50,
            hingeSide: side,
            swing: 1,
            hinges: hingesFor(wideMm, highMm),
            of: stuff,
          },
          setting,
        );
        return together(
          framed.made,
          meshOnLeaf(framed, mesh.id, setting, { id: 'mesh', role: 'mesh' }),
          hangLeaf(framed, { freeMm: 12 }),
        );
      }),
  },
  'rails over posts': {
    says: { names: { ...RAILS.names, parts: SET_POST.names.parts } },
    made: fc.record({ row: posts, of, longest: mm(2000, 5000) }).map(({ row, of: rail, longest }) => {
      const { rails, joints } = railsOver({
        pieces: piecesOverPosts(row.postsAtMm, 90, longest),
        rail,
        posts: row.set,
        postsAtMm: row.postsAtMm,
        postMm: 90,
        at: (along, out) => [along, -45 - out, row.above - 60],
        id: (i) => `rail-${i + 1}`,
        role: 'rail',
        inwards: [0, 1, 0],
        insetMm: inches(0.75),
        setting,
      });
      return { parts: [...row.set, ...rails.map(({ bar }) => bar)], joints };
    }),
  },
  'panel cut beside a wire': {
    made: fc.record({ meshes: mm(2, 20), foot }).map(({ meshes, foot: at }) => ({
      parts: [
        cutPanel(stockOf(CATALOGUE, 'panel-16ft', 'panel'), {
          id: 'panel',
          meshes,
          at,
          along: ALONG,
          stubsMm: [5, 0],
        }),
      ],
    })),
  },
  'two leaves hinged at the top': {
    says: FOLDING_PAIR,
    made: fc.record({ of, leaf: mm(900, 2400), spread: mm(300, 1600) }).map(({ of: stuff, leaf, spread }) => {
      const lean = Math.asin(Math.min(0.9, spread / 2 / leaf));
      const side = (sign: -1 | 1) => ({
        stiles: [0, 1].map((n) => ({
          ...driveStake({
            id: `${sign}-${n}`,
            foot: [n * 900, (sign * spread) / 2, 0],
            aboveMm: leaf,
            depthMm: 0,
            of: stuff,
            set: 'driven',
            setting,
          }),
          to: [n * 900, 0, leaf * Math.cos(lean)] as const,
          role: 'stile',
        })),
        out: [0, sign * Math.cos(lean), Math.sin(lean)] as const,
      });
      const [front, back] = [side(-1), side(1)];
      const stiles = [...front.stiles, ...back.stiles];
      return {
        parts: stiles,
        joints: [hingedAtTop({ id: 'hinge', kind: 'hinged', front, back }), ...peggedFeet(stiles)],
      };
    }),
  },
  braces: {
    made: fc.record({ of, leg: mm(200, 900), run: mm(400, 2400), rise: mm(-1500, 1500) }).map((o) => ({
      parts: [
        cornerBrace({ id: 'a', of: o.of, corner: [0, 0, 0], a: ALONG, b: [0, 0, -1], legMm: o.leg }),
        risingBrace({ id: 'b', of: o.of, from: [0, 0, 0], to: [o.run, 0, o.rise] }),
      ],
    })),
  },
  'cover in strips': {
    made: fc.record({ wide: mm(600, 3000), high: mm(200, 1200), long: mm(1000, 9000) }).map(({ wide, high, long }) => {
      const parts = layStrips({
        section: [
          [-wide / 2, 0],
          [0, high],
          [wide / 2, 0],
        ],
        roll: stockOf(CATALOGUE, 'cover-fleece', 'mesh roll'),
        ground: { lengthMm: long, riseMm: 0 },
        y: 0,
        builtMm: long,
        cutMm: long + 400,
      });
      return { parts, joints: lapJoints(parts, 'lapped') };
    }),
  },
  'strings round poles': {
    says: TWINE_WORDS,
    made: poles.map(({ set }) => {
      const { string, joint } = stringRound({
        id: 'string-1',
        role: 'string',
        kind: 'string to pole',
        of: 'natural',
        path: set.map(({ from, to }) => scale(add(from, to), 0.5)),
        poles: set,
      });
      return { parts: [...set, string], joints: [joint] };
    }),
  },
  'box of boards about posts, with props': {
    says: { ...BOX_WORDS, phrases: {} },
    made: boxes.map(({ box, board, strip, sides }) =>
      together(
        { parts: sides.posts, joints: sides.joints },
        { parts: sides.boards.flat() },
        propsOf(box, { lids: 1, sides, board, strip }, setting),
      ),
    ),
  },
  'covered panel on a box, hinged behind': {
    says: { names: { ...LID_WORDS.names, parts: { ...LID_WORDS.names.parts } } },
    made: fc
      .tuple(boxes, fc.constantFrom('hardware-36', 'glazing-4', 'cover-film'))
      .map(([{ box, strip, sides }, over]) => {
        const layer = rollOf(setting, over);
        const panel = panelOf(
          box,
          {
            name: 'lid',
            role: 'lid strip',
            fromMm: 0,
            longMm: box.longMm,
            upMm: box.highMm,
            strip,
            layers: [{ role: layer.openingMm > 0 ? 'mesh' : 'glazing', roll: layer }],
          },
          onBed,
        );
        const rim = sides.boards.at(-1)?.[1] as Bar;
        const hinged = hingedLid(box, { name: 'lid', back: panel.rails[1], rim, strip, fromMm: 0, longMm: box.longMm });
        return together({ parts: [rim] }, panel, { joints: [hinged] });
      }),
  },
  'rafters beside posts, laths over them': {
    made: fc
      .record({
        row: posts,
        rise: mm(0, 1200),
        deep: mm(500, 2400),
        past: mm(50, 600),
        riseMm: mm(-600, 600),
      })
      .map(({ row, rise, deep, past, riseMm }) => {
        const ground = { lengthMm: 9000, riseMm };
        const rafter = timber('timber-2x4-untreated');
        const pair = (x: number, i: number) => {
          const post = (id: string, y: number, aboveMm: number) =>
            setPost({
              id: `${id}-${i}`,
              foot: onGround(ground, x, y),
              aboveMm,
              depthMm: 600,
              section: '90x90',
              treatment: 'treated',
              set: 'let in',
              setting,
            });
          return [post('front', -deep / 2, 1500), post('back', deep / 2, 1500 + rise)] as const;
        };
        const pairs = row.postsAtMm.map(pair);
        const plane = planeOf(ground, {
          front: -deep / 2,
          back: deep / 2,
          frontMm: 1500,
          backMm: 1500 + rise,
          pastMm: past,
          underTopMm: 25,
        });
        const rafters = raftersOf(plane, {
          posts: pairs,
          postsAt: row.postsAtMm,
          postMm: 90,
          joint: 'rafter to post',
          screwsMm: 10,
          of: rafter,
          setting: onBed,
        });
        const laths = lathsOf(plane, {
          rafters,
          lath: timber('timber-2x2-untreated'),
          of: rafter,
          toMm: plane.longMm,
          apartMm: 600,
          rowMm: row.long,
          setting: onBed,
        });
        return together(
          { parts: pairs.flat() },
          { parts: rafters.map(({ bar }) => bar), joints: rafters.flatMap(({ joints }) => joints) },
          { parts: laths.bars, joints: laths.joints },
        );
      }),
  },
  'ring of mesh': {
    made: fc
      .record({ roll, across: mm(300, 900), high: mm(300, 1800), foot, hooks: fc.boolean() })
      .map(({ roll: mesh, across, high, foot: at, hooks }) => {
        const cut = cutCage(mesh, { diameterMm: across, heightMm: high, stakes: true, hooks });
        const ring = roundSheet(mesh, cut, at, 0);
        return {
          parts: [ring],
          joints: [closedAlong(ring, cut, 0, { kind: 'closed', ties: 3, tieMm: 200, hooks })],
        };
      }),
  },
};

const finite = (value: unknown): boolean =>
  typeof value === 'number'
    ? Number.isFinite(value)
    : !value || typeof value !== 'object' || Object.values(value).every(finite);

describe('the contract of every assembly, over a space of its own', () => {
  it.each(Object.entries(ASSEMBLIES))(
    '%s: finite parts of stock that is sold, joints that meet what they join, fixings that hold only that',
    (_name, { made, says }) => {
      fc.assert(
        fc.property(made, (one) => {
          const { parts, joints, reasons } = together(one);
          expect(finite([parts, joints])).toBe(true);
          const byId = new Map<string, Part>(parts.map((part) => [part.id, part]));
          expect(byId.size).toBe(parts.length);
          for (const part of parts) {
            expect(CATALOGUE.stock(part.stock).id).toBe(part.stock);
            expect(part.cutMm).toBeGreaterThan(0);
          }
          for (const { places, parts: joined, fixings } of joints) {
            for (const id of joined) {
              const part = byId.get(id) as Part;
              const off = Math.min(...places.map((place) => shapeOf(part).distanceTo(part, place)));
              expect(off, `${id} of ${joined.join(' and ')}`).toBeLessThan(40);
            }
            for (const { stock, count, drive, plates = [] } of fixings) {
              expect(CATALOGUE.stock(stock).id).toBe(stock);
              expect(count).toBeGreaterThan(0);
              if (drive) {
                for (const id of partsOf(drive)) expect(joined).toContain(id);
                expect(reach(drive.way, [0, 0, 0])).toBeCloseTo(1, 6);
              }
              if (plates.length > 0) expect(plates).toHaveLength(count);
            }
          }
          for (const { code } of Object.values(reasons)) expect(Object.keys(says?.phrases ?? {})).toContain(code);
        }),
        { numRuns: cases(40) },
      );
    },
  );

  it('what an assembly says of its joints is said of joints that it makes, and its reasons of what it counts', () => {
    for (const { made, says } of Object.values(ASSEMBLIES)) {
      if (!says) continue;
      const all = fc.sample(made, { numRuns: 30, seed: 22 }).map((one) => together(one));
      const kinds = new Set(all.flatMap(({ joints }) => joints.map(({ kind }) => kind)));
      const roles = new Set(all.flatMap(({ parts }) => parts.map(({ role }) => role)));
      for (const kind of Object.keys({ ...says.names?.joints, ...says.names?.joinery })) expect(kinds).toContain(kind);
      for (const role of Object.keys(says.names?.parts ?? {})) expect(roles).toContain(role);
      for (const { reasons } of all)
        for (const counted of Object.keys(reasons))
          expect([...kinds, ...roles, 'concrete', 'gravel']).toContain(counted);
    }
  });

  it('a halved frame is square, closed and in one plane: its diagonals are equal and its corners share both', () => {
    fc.assert(
      fc.property(of, mm(400, 2400), mm(400, 2000), (stuff, wide, high) => {
        const { uprights, levels } = halvedFrame({
          plane: { at: (right, up) => [right, 0, up], right: ALONG, up: UP, inwards: [0, 1, 0] },
          of: stuff,
          wideMm: wide,
          highMm: high,
          ids: { uprights: ['l', 'r'], levels: ['f', 'h'] },
          roles: { upright: 's', level: 's' },
          keeps: 'uprights',
          kind: 'k',
          screws: 4,
          setting,
        });
        // 3-4-5: the diagonal over all of a rectangle.
        const [l, r] = uprights;
        expect(reach(l.from, r.to)).toBeCloseTo(reach(r.from, l.to), 6);
        expect(levels.map(({ cutMm }) => cutMm)).toEqual([expect.closeTo(wide, 6), expect.closeTo(wide, 6)]);
        expect(uprights.map(({ cutMm }) => cutMm)).toEqual([expect.closeTo(high, 6), expect.closeTo(high, 6)]);
        for (const bar of [...uprights, ...levels])
          expect(bar.ends).toEqual([
            { cut: 'notch', longMm: stuff.wideMm, deepMm: stuff.thickMm / 2, off: 1 },
            { cut: 'notch', longMm: stuff.wideMm, deepMm: stuff.thickMm / 2, off: 1 },
          ]);
      }),
      { numRuns: cases(40) },
    );
  });

  it('a box of boards is as long, as wide and as high as it is asked, its boards on the outer faces of its posts, its legs below', () => {
    fc.assert(
      fc.property(boxes, ({ box, board, strip, courses, sides }) => {
        const spots = sides.boards.flat().flatMap(barCorners);
        const over = (k: 0 | 1 | 2) => Math.max(...spots.map((at) => at[k])) - Math.min(...spots.map((at) => at[k]));
        expect([over(0), over(1), over(2)]).toEqual([
          expect.closeTo(box.longMm, 6),
          expect.closeTo(box.wideMm, 6),
          expect.closeTo(courses * board.wideMm, 6),
        ]);
        for (const post of sides.posts) {
          // Inside by a board and half of itself, before or behind.
          expect(Math.abs(post.from[1])).toBeCloseTo(box.wideMm / 2 - board.thickMm - strip.thickMm / 2, 6);
          expect(post.to[2]).toBeCloseTo(box.highMm, 6);
          expect(post.cutMm).toBeCloseTo(post.to[2] - post.from[2], 6);
        }
        const alongs = [...new Set(sides.posts.map(({ from }) => from[0]))].toSorted((a, b) => a - b);
        alongs.slice(1).forEach((at, i) => expect(at - (alongs[i] as number)).toBeLessThanOrEqual(1220 + 1e-6));
      }),
      { numRuns: cases(40) },
    );
  });

  it('a pushed pole is whole, its foot where it was asked; what is missing is told, and what is there stays out of the soil first', () => {
    fc.assert(
      fc.property(poles, ({ set, apart, askedMm, soldMm, pushInMm }) => {
        set.forEach((pole, i) => {
          expect(reach(pole.from, pole.to)).toBeCloseTo(soldMm, 6);
          expect(pole.cutMm).toBe(soldMm);
          // Where it comes out of the soil: so much of it is below.
          const out = add(pole.from, scale(unit(minus(pole.to, pole.from)), pushInMm));
          expect(reach(out, [i * apart, 0, 0])).toBeLessThan(1e-6);
          const { aboveMm, buriedMm, shortMm, wantedMm } = pole.stands;
          expect(wantedMm).toBe(pushInMm);
          expect(shortMm).toBeCloseTo(askedMm - soldMm > 0.5 ? askedMm - soldMm : 0, 6);
          // All of it is above the soil or in it, and what is short is missing below.
          expect(buriedMm).toBeCloseTo(shortMm > 0 ? Math.max(0, pushInMm - shortMm) : pushInMm, 6);
          if (shortMm === 0) expect(aboveMm + buriedMm).toBeCloseTo(Math.max(askedMm, soldMm), 6);
        });
      }),
      { numRuns: cases(60) },
    );
  });

  it('a string round poles is as long as from one to the next, a girth at each, and six inches at both ends', () => {
    fc.assert(
      fc.property(poles, fc.boolean(), ({ set, of: pole, count, apart }, closed) => {
        const on = set.map(({ to }) => to);
        const path = closed ? [...on, on[0] as Point] : on;
        const { string, joint } = stringRound({ id: 's', role: 'string', kind: 'k', of: 'natural', path, poles: set });
        const along = (count - 1) * apart * (closed ? 2 : 1);
        expect(string.cutMm).toBeCloseTo(along + path.length * Math.PI * pole.diameterMm + 304.8, 3);
        expect(joint.places).toHaveLength(count);
      }),
      { numRuns: cases(60) },
    );
  });

  it('a rising brace is long point to long point: its middle line and a width × the tangent of its rise', () => {
    const brace = risingBrace({ id: 'b', of: timber('timber-2x4-untreated'), from: [0, 0, 0], to: [1200, 0, 900] });
    // 3-4-5 at 1500; tan = 3/4 of 3½″.
    expect(brace.cutMm).toBeCloseTo(1500 + 0.75 * inches(3.5), 6);
  });
});
