import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      stake: { word: 'Stake', means: 'tip to top', as: 'body' },
      wire: { word: 'Wire', means: 'stake to stake of a stretch, with an end to twist on at both' },
      'gate wire': { word: 'Gate wire', means: 'of the bay that unhooks, less its handle' },
      'link wire': { word: 'Link', means: 'up the first stake, from wire to wire' },
      lead: { word: 'Lead', means: 'from the unit to a wire, or to its rod' },
      unit: { word: 'Fence unit', means: 'on the first stake, inside' },
      'earth rod': { word: 'Earth rod', means: 'galvanised, all but a hand of it in the soil', as: 'guide' },
    },
    joinery: {
      'wire in its insulator':
        'The insulator is turned in by hand on the outer face. A wire that goes on lies in it; one that ends goes twice round it, and its end is twisted on to the next so that metal strands lie on metal strands.',
      'handle in its loop':
        'The wire is wound on to the spring of the handle; its hook drops into a loop of the wire at the far stake.',
      'sign on a wire': 'Hung on the top wire between two stakes, to be read from outside.',
      'unit on its stake': 'On the inner face, its terminals down, two screws through its back.',
      'link on a wire': 'The link is clamped to each wire, bare metal on metal.',
      'lead on the unit':
        'Under its terminal: the live one to the wire, the earth one to the rod. Never the other way round.',
      'lead on a wire': 'The cable’s core is bared for two inches (50 mm) and clamped to the wire.',
      'lead on the rod': 'Bared, and clamped to the head of the rod, brushed bright.',
    },
    knots: { 'wire in its insulator': ['wound wire'], 'handle in its loop': ['wound wire'] },
  },
  phrases: {
    'against.visitors': 'Those of your visitors whom a wire stops.',
    'against.usual': 'None of those who visit is stopped by wires; at sweetcorn it is raccoons elsewhere.',
    'wires.who': 'Where a nose or a shoulder meets it.',
    'wires.above': 'A hand and a half above the one below.',
    'bay.level': 'On level ground; the wire does not sag between.',
    'depth.tall': 'Two feet (600 mm): tall stakes are pushed over more easily.',
    'gate.low': 'So low that one steps over it, with a basket too.',
    'gate.high': 'Too high to step over.',
    'gate.second': 'The second from the first corner.',
    'count.stakes': 'At ends and corners, and no more than {bay} apart between',
    'count.wires': '{wires} over one another, a piece for each stretch',
    'count.gate-wires': 'One for each wire, over the bay that unhooks',
    'count.link': 'One, so that all wires are live',
    'count.leads': 'One to the wires, one to the rod',
    'count.unit': 'One, and never a second on the same wires',
    'count.rod': 'One; in dry or sandy soil as many as the unit’s maker asks for',
    'count.rings': 'One at each stake for each wire',
    'count.handles': 'One for each wire',
    'count.signs': 'One at least on each piece of the top wire, none farther than 33′ (10 m) from the next',
    'count.unit-screws': 'Two through its back',
    'count.link-clamps': 'One at each wire',
    'count.lead-clamps': 'One',
    'step.allowed':
      'Ask what is allowed beside a boundary, a path or a road, and read what the unit’s maker says: its rules go before these.',
    'step.strip': 'Mow a strip as wide as a spade’s length under the line: grass that touches a wire takes its bite.',
    'step.line': 'Stretch the line of each stretch and mark {stakes} stakes, corners first.',
    'step.stakes':
      'Drive the stakes plumb, {depth} deep: corners first, each turned so that its outer face looks out evenly between its two stretches. The first stands higher: it carries the unit.',
    'step.rings':
      'Mark the heights on a stick that stands on the soil, carry them to the outer face of every stake, and turn in {wires} insulators on each by hand, in small holes.',
    'step.wires':
      'Run the {wires|wire|wires} of each stretch from the lowest up, hand-tight: twice round the ring at both ends, straight through those between. At corners twist the ends of both stretches together.',
    'step.gate': 'Knot a handle to each wire of the bay that unhooks, and leave a loop for its hook at the far stake.',
    'step.link': 'Clamp the link to every wire up the first stake.',
    'step.earth':
      'Drive the earth rod a step inside the first stake until only a hand of it is out, where the soil stays moist.',
    'step.unit':
      'Hang the unit on the first stake and run its leads: earth to the rod, live to the lowest wire. It is still switched off.',
    'step.signs': 'Hang the signs, their writing outwards.',
    'step.test':
      'Walk the whole fence: nothing touches a wire but its insulators. Then switch on, and test it with a tester at the far end: as much as the unit’s maker says it should be.',
    'season.on':
      'Switch it on before what they come for is ripe, sweetcorn two weeks before: who has tasted it comes through.',
    'season.grass': 'Cut the grass under the lowest wire every two weeks, switched off.',
    'season.test': 'Test it at the far end every few days, and after every storm.',
    'season.winter': 'After the harvest switch it off, wind the wires up and bring unit and battery in.',
    'care.rules':
      'A bought unit that is made for fences and bears its mark, never anything else on the wires; nothing barbed; wires of two units never within reach of each other.',
    'care.driving': 'Gloves and eye protection; somebody who holds a stake holds it low, never under the mallet.',
    'care.earth':
      'Look where pipes and cables run. Never to a water pipe or the house’s own earth, and as far from it as the maker says.',
    'care.unit':
      'Unplugged while you work. A mains unit wants a socket that is made for outdoors, with residual-current protection: an electrician’s work.',
    'care.shock':
      'Tell children and neighbours. Nobody with a pacemaker, and no head, near it; switch off before you touch it, and in thunder keep away.',
  },
} as const satisfies Said;
