import type { Joint } from '../../design/design';
import type { Listed } from '../../design/listed';
import type { Bar } from '../../design/shapes/bar';
import { fillOf, type Fill } from '../../design/shapes/fill';
import type { Stands } from '../../design/standing';
import { minus, type Point } from '../../geometry/space';
import { inches } from '../../quantity/length';
import { fact } from '../../wording/say';
import type { StatedStep } from '../step';
import type { ChoiceKnob, LengthKnob } from '../knob';
import { perMarket } from '../rules/tidy';
import type { Said } from '../said';
import { isOffered } from '../setting';
import type { Assembled } from './assembly';

/** The schools of setting a timber post. */
export const FOOTINGS = [
  { id: 'tamped', label: 'tamped soil' },
  { id: 'dry', label: 'dry-poured concrete' },
  { id: 'wet', label: 'wet concrete' },
] as const;
export type Footing = (typeof FOOTINGS)[number]['id'];

/** A hole three times as wide as the post, and a crown 1″ high so that water runs off (from memory). mm. */
const HOLE_TO_POST = 3;
const CROWN_MM = inches(1);
/** Concrete is left overnight before the bracing comes off (common practice, no source); dry-poured a day (from memory). */
const WAIT_HOURS: Record<Footing, number> = { tamped: 0, dry: 24, wet: 12 };
/** Holes filled as they are chosen to be, and the bracing off when that has set. */
export const footingSteps = (footing: Footing): Listed<StatedStep> => [
  {
    what: fact(`step.footing.${footing}`),
    ...(footing === 'tamped' ? {} : { waitHours: WAIT_HOURS[footing], caution: fact('care.cement') }),
  },
  footing !== 'tamped' && { what: fact('step.unbrace') },
];
export const setBy = (footing: Footing): Stands['set'] => (footing === 'tamped' ? 'let in' : 'concrete');

export const footingKnobs = (suggested: Footing) => ({
  footing: {
    type: 'choice',
    label: 'Posts set in',
    group: 'Posts',
    choices: FOOTINGS,
    help: 'Concrete costs and holds; tamped soil can be dug up again.',
    offered: (setting) =>
      FOOTINGS.map((one) => one.id).filter((id) => id === 'tamped' || isOffered(setting, 'concrete-mix')),
    suggest: (setting) =>
      isOffered(setting, 'concrete-mix')
        ? { value: suggested, why: fact(`footing.${suggested}`) }
        : { value: 'tamped' as const, why: fact('footing.tamped') },
  } satisfies ChoiceKnob,
  gravel: {
    type: 'length',
    label: 'Gravel under the post',
    group: 'Posts',
    min: 0,
    max: inches(12),
    help: 'Lets water away from the end grain.',
    suggest: (setting) =>
      isOffered(setting, 'gravel')
        ? { value: perMarket(setting.market, 4, 100), why: fact('gravel.drains') }
        : { value: 0, why: fact('gravel.none') },
  } satisfies LengthKnob,
});

/** How wide the hole of a post is dug. mm. */
export const holeAcross = ({ wideMm, thickMm }: Pick<Bar, 'wideMm' | 'thickMm'>): number =>
  HOLE_TO_POST * Math.max(wideMm, thickMm);

/** Less than this is no layer (from memory). mm. */
const LEAST_GRAVEL_MM = 1;

/** Gravel in the hole of a post, under what stands in that: its upper face at a place. mm. */
function gravelUnder(post: Bar, under: Point, gravelMm: number): Fill {
  const round = holeAcross(post);
  return fillOf({
    id: `gravel-${post.id}`,
    role: 'gravel',
    of: 'gravel',
    rim: { round },
    bottom: minus(under, [0, 0, gravelMm]),
    cutMm: gravelMm,
    litres: ((Math.PI / 4) * round ** 2 * gravelMm) / 1e6,
  });
}

/** What goes into the holes: gravel below, concrete about the post and crowned above the soil. */
export function pourFootings(posts: readonly Bar[], footing: Footing, gravelMm: number): Assembled {
  const fills = posts.flatMap((post): { post: Bar; fill: Fill }[] => {
    const round = holeAcross(post);
    const hole = (Math.PI / 4) * round ** 2;
    const poured = { rim: { round }, bottom: post.from };
    const gravel = gravelUnder(post, post.from, gravelMm);
    const concrete = fillOf({
      ...poured,
      id: `concrete-${post.id}`,
      role: 'concrete',
      of: 'concrete-mix',
      cutMm: post.buriedMm,
      crownMm: CROWN_MM,
      litres: ((hole - post.wideMm * post.thickMm) * post.buriedMm + (hole * CROWN_MM) / 3) / 1e6,
    });
    return [
      ...(gravelMm >= LEAST_GRAVEL_MM ? [{ post, fill: gravel }] : []),
      ...(footing !== 'tamped' && post.buriedMm > 1 ? [{ post, fill: concrete }] : []),
    ];
  });
  return {
    parts: fills.map(({ fill }) => fill),
    joints: fills.map(({ post, fill }) => ({
      id: `in-${fill.id}`,
      kind: 'post in its hole',
      by: fill.role === 'concrete' ? 'cast in' : 'bearing',
      places: [post.from],
      parts: [fill.id, post.id],
      fixings: [],
    })),
    reasons: {
      concrete: fact('count.concrete', { times: HOLE_TO_POST, crown: { mm: CROWN_MM } }),
      gravel: fact('count.gravel', { gravel: { mm: gravelMm } }),
    },
  };
}

/** The foot of a post on a shoe is so clear of what splashes up (from memory). mm. */
export const SHOE_UP_MM = 50;

/** Its cheeks reach so far up two sides of the post (from memory). mm. */
const CHEEK_MM = 100;
const cheeks = ({ from: [x, y, z], wideMm }: Bar): Point[] => [
  [x - wideMm / 2, y, z + CHEEK_MM],
  [x - wideMm / 2, y, z],
  [x + wideMm / 2, y, z],
  [x + wideMm / 2, y, z + CHEEK_MM],
];

/** Concrete in a hole under each post, gravel below that, and the shoe that stands in the one and holds the other. */
export function pourShoes(posts: readonly Bar[], depthMm: number, gravelMm: number): Assembled {
  const made = posts.map((post) => {
    const round = holeAcross(post);
    const [x, y] = post.from;
    const hole = (Math.PI / 4) * round ** 2;
    const concrete = fillOf({
      id: `concrete-${post.id}`,
      role: 'concrete',
      of: 'concrete-mix',
      rim: { round },
      bottom: [x, y, -depthMm],
      cutMm: depthMm,
      litres: (hole * depthMm) / 1e6,
    });
    const below = gravelMm >= LEAST_GRAVEL_MM ? [gravelUnder(post, [x, y, -depthMm], gravelMm)] : [];
    const joints: Joint[] = [
      {
        id: `shoe-${post.id}`,
        kind: 'post on its shoe',
        places: [[x, y, SHOE_UP_MM / 2]],
        parts: [concrete.id, post.id],
        fixings: [{ stock: 'post-shoe', count: 1, plates: [cheeks(post)] }],
      },
      ...below.map((one): Joint => ({
        id: `on-${one.id}`,
        kind: 'concrete on gravel',
        by: 'bearing',
        places: [[x, y, -depthMm]],
        parts: [one.id, concrete.id],
        fixings: [],
      })),
    ];
    return { parts: [concrete, ...below], joints };
  });
  return {
    parts: made.flatMap(({ parts }) => parts),
    joints: made.flatMap(({ joints }) => joints),
    reasons: {
      concrete: fact('count.pads', { times: HOLE_TO_POST }),
      gravel: fact('count.gravel', { gravel: { mm: gravelMm } }),
      'post on its shoe': fact('count.shoes'),
    },
  };
}

/** From the middle of a plate to each of its four anchors (from memory). mm. */
const ANCHOR_MM = 65;
/** The foot of a post on a plate is so clear of what it is bolted to (from memory). mm. */
export const PLATE_UP_MM = 25;

/** A plate under each post, bolted to a slab that is there. */
export const boltPlates = (posts: readonly Bar[]): Assembled => ({
  parts: [],
  joints: posts.map((post): Joint => {
    const [x, y, z] = post.from;
    const corners = [-1, 1].flatMap((u) =>
      [-1, 1].map((v): Point => [x + u * ANCHOR_MM, y + v * ANCHOR_MM, z - PLATE_UP_MM]),
    );
    return {
      id: `plate-${post.id}`,
      kind: 'post on its plate',
      places: [post.from],
      parts: [post.id],
      fixings: [
        { stock: 'post-plate', count: 1, plates: [cheeks(post)] },
        {
          stock: 'anchor-bolt',
          count: corners.length,
          drive: { through: null, into: null, way: [0, 0, -1], places: corners },
        },
      ],
    };
  }),
  reasons: { 'post on its plate': fact('count.plates') },
});

/** Plates under posts. */
export const PLATES = {
  names: {
    joints: { 'post on its plate': 'Post on its plate' },
    joinery: {
      'post on its plate':
        'The plate is bolted down with four anchors; the post stands in it a finger clear of the slab and is screwed through all its holes.',
    },
  },
  phrases: {
    'count.plates': 'One under each post, with four anchors',
    'step.plates':
      'Set the plates to the strings and mark their holes; drill into the concrete as deep as the anchors are long, blow the holes clean, knock the anchors in and tighten them. What is laid loose on sand holds no anchor.',
    'care.concrete-dust':
      'Goggles, mask and muffs: the dust of concrete harms lungs. Feel for cables before you drill.',
  },
  doings: {
    'step.plates': {
      joins: ['post on its plate'],
      uses: ['drill', 'masonry bit', 'hammer', 'pliers', 'line', 'goggles', 'mask', 'muffs'],
    },
  },
} as const satisfies Said;

/** Shoes under posts. */
export const SHOES = {
  names: {
    joints: { 'post on its shoe': 'Post on its shoe', 'concrete on gravel': 'Concrete on its gravel' },
    joinery: {
      'post on its shoe':
        'The shoe stands plumb in the middle of the concrete; the post stands on its plate, two fingers clear of the concrete, and is screwed through all its holes.',
    },
  },
  phrases: {
    'count.pads': 'A hole {times} times as wide as the post, filled to the soil',
    'count.shoes': 'One under each post',
    'step.pads':
      'Fill the holes with wet concrete to the soil. Set each shoe to the string, its plate level and {up} clear, before it stiffens.',
  },
  doings: {
    'step.pads': {
      adds: ['concrete'],
      joins: ['post on its shoe'],
      uses: ['barrow', 'spade', 'level', 'line', 'gloves', 'mask', 'goggles'],
    },
  },
} as const satisfies Said;

/** Holes filled about posts. */
export const FOOTING = {
  names: {
    parts: {
      concrete: { word: 'Concrete', means: 'depth poured; the volume stands in `litres`' },
      gravel: { word: 'Gravel', means: 'depth of the layer; the volume stands in `litres`' },
    },
    joints: { 'post in its hole': 'Post in its hole' },
  },
  phrases: {
    'footing.tamped': 'Tamped in layers; can be dug up again.',
    'footing.dry': 'Dry mix poured round the post, crowned so that water runs off.',
    'footing.wet': 'Wet concrete; left overnight before the bracing comes off.',
    'gravel.drains': 'Water drains away from the end grain.',
    'gravel.none': 'No gravel in your price book.',
    'count.concrete': 'A hole {times} times as wide as the post, filled to the soil and crowned {crown}',
    'count.gravel': '{gravel} under each post',
    'step.footing.tamped': 'Tamp the soil in layers of a hand’s breadth, checking plumb after each.',
    'step.footing.dry':
      'Pour the dry mix round the posts, check plumb again, crown it and wet it. Leave the bracing on.',
    'step.footing.wet': 'Pour the wet concrete, check plumb again after pouring, crown it. Leave the bracing on.',
    'step.unbrace': 'When that has passed, take the bracing off.',
    'care.cement': 'Cement burns skin and lungs: gloves, mask, long sleeves; wash it off at once.',
  },
  doings: {
    'step.footing.tamped': { uses: ['tamper', 'level'] },
    'step.footing.dry': { adds: ['concrete'], uses: ['barrow', 'level', 'gloves', 'mask', 'goggles'] },
    'step.footing.wet': { adds: ['concrete'], uses: ['barrow', 'spade', 'level', 'gloves', 'mask', 'goggles'] },
    'step.unbrace': { uses: ['drill'] },
  },
} as const satisfies Said;
