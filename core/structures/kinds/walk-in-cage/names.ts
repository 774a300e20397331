import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const WALK_IN_CAGE_NAMES: Names = {
  parts: {
    'top rail': { word: 'Top rail', means: 'along the tops, end to end over posts' },
    'low rail': { word: 'Low rail', means: 'low down, end to end over posts' },
    lintel: { word: 'Rail over the door', means: 'end to end' },
    'roof wire': { word: 'Roof wire', means: 'from eye to eye, with its ends' },
    'side net': { word: 'Side net', means: 'along its side' },
    'roof net': { word: 'Roof net', means: 'along the cage, with what is turned down at both ends' },
    'low mesh': { word: 'Low mesh', means: 'along its side' },
    'door net': { word: 'Door net', means: 'across the leaf' },
    'door mesh': { word: 'Door mesh', means: 'across the leaf' },
    rail: { word: 'Door rail', means: 'across the leaf, over its notches', stacks: true },
    brace: { word: 'Brace', means: 'across the leaf, long point to long point', as: 'brace', stacks: true },
  },
  joints: {
    'wire to rail': 'Roof wire on its eye',
    'net to rail': 'Net on a rail',
    'low mesh to rail': 'Stiff mesh on the low rail',
    'net to door': 'Net on the door',
    'net lapped': 'Nets over each other',
    'leaf joined': 'Corner of the door',
    'brace fixed': 'Brace of the door',
    'mesh to leaf': 'Stiff mesh on the door',
    hung: 'Door hung',
    latched: 'Door latched',
  },
  joinery: {
    'rail to post':
      'Flat on the outer face of the post, its end over the middle of a post or flush with the outer face of a corner; two screws, pre-drilled.',
    'wire to rail':
      'The eye in the inner face of the rail, beside a post and not behind it; the wire through it and twice round itself.',
    'net to rail':
      'Stapled astride its threads through a fold of two layers, so that they do not tear; from the middle of the rail to both ends.',
    'low mesh to rail': 'Its upper edge on the rail, cut ends turned out and down; the net goes over it.',
    'net to door': 'Folded once at its edge, on stiles and rails.',
    'net lapped': 'One a hand over the other, laced or clipped every foot.',
    'leaf joined': 'Halved into each other, flush on both faces, four screws from the stile’s back.',
    'brace fixed': 'Flat on the inner face, from the lower hinge corner up to the latch corner, its ends plumb.',
    'mesh to leaf': 'Over the net on the outside, screws through washers beside a crossing of wires.',
    hung: 'Straps on the outer face, knuckles clear of the gap.',
    latched: 'At three quarters of its height; it shuts by itself.',
    'post in its hole': 'On gravel, plumb both ways, what is poured round it crowned so that water runs off.',
  },
};
