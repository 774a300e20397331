import type { Names } from '../../said';

/** What its parts and joints are called, and what the length of a part measures. */
export const RAIL_TRELLIS_NAMES: Names = {
  parts: {
    rail: { word: 'Rail', means: 'level between posts, end to end', stacks: true },
    panel: { word: 'Panel', means: 'welded panel, whole or cut beside a wire: its length' },
    shelf: { word: 'Shelf strip', means: 'strip of a panel split lengthways: its length', stacks: true },
  },
  joints: {},
  joinery: {
    'rail to post':
      'The rail lies flat on the face of the post. Where two rails meet they butt over the middle of it, and each bears on half. Two screws each, askew.',
    'panel to rail':
      'The panel stands against the rails, the closer wires downwards where it has closer ones; each screw beside a crossing, its washer over two wires.',
    'panel to post': 'Wire twice round an upright of the panel and the post, twisted three turns, the end turned in.',
    'shelf to rail':
      'The strip lies flat across the rails of both sides and stands over each by the same; its wires along the row lie undermost.',
    'cap on post': 'Over the trimmed top, its edges down.',
  },
  knots: {
    'panel to post': ['wire tie'],
  },
};
