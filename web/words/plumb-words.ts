import type { Standing } from '@lignum/core/design/standing';

/** How a post is brought upright, by how it stands. */
export const UPRIGHT_WORDS: Readonly<Record<Standing['set'], string>> = {
  driven: 'Pull it upright by its top and tamp the soil on the side it leaned to.',
  pushed: 'Pull it out and push it in again a hand’s breadth beside the old hole.',
  'let in': 'Pull it upright, pack stones at its foot and tamp the fill in layers round it.',
  concrete:
    'Brace it upright before its concrete sets. Once that is hard, pack with wedges what is fixed to it; a gate’s post is dug out and set again.',
  screwed: 'Loosen its screws, pack a wedge behind its low side and screw it fast again.',
  shoe: 'Loosen it in its shoe and pack a shim under its low side.',
  plate: 'Loosen the plate and pack a shim under its low side.',
};
