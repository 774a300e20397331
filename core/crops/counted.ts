import type { Crop } from './crop';

/** What one plant of a crop of the table is called, and several. */
const CALLED: Readonly<Record<string, readonly [one: string, several: string]>> = {
  tomato: ['tomato', 'tomatoes'],
  'tomato-bush': ['bush tomato', 'bush tomatoes'],
  pea: ['tall pea', 'tall peas'],
  'sweet-pea': ['sweet pea', 'sweet peas'],
  cucumber: ['cucumber', 'cucumbers'],
  melon: ['small melon', 'small melons'],
  squash: ['winter squash', 'winter squashes'],
  'pole-bean': ['pole bean', 'pole beans'],
  'runner-bean': ['runner bean', 'runner beans'],
  'yardlong-bean': ['yardlong bean', 'yardlong beans'],
  'malabar-spinach': ['Malabar spinach', 'Malabar spinaches'],
  hop: ['hop', 'hops'],
  raspberry: ['raspberry', 'raspberries'],
  'sweet-potato': ['sweet potato', 'sweet potatoes'],
  pepper: ['pepper', 'peppers'],
  aubergine: ['aubergine', 'aubergines'],
  'bush-bean': ['bush bean', 'bush beans'],
  cabbage: ['cabbage', 'cabbages'],
  lettuce: ['lettuce', 'lettuces'],
  strawberry: ['strawberry', 'strawberries'],
  carrot: ['carrot', 'carrots'],
  gourd: ['gourd', 'gourds'],
  'bitter-melon': ['bitter melon', 'bitter melons'],
  watermelon: ['watermelon', 'watermelons'],
  pumpkin: ['pumpkin', 'pumpkins'],
  courgette: ['courgette', 'courgettes'],
  'lima-bean': ['lima bean', 'lima beans'],
  'hyacinth-bean': ['hyacinth bean', 'hyacinth beans'],
  'morning-glory': ['morning glory', 'morning glories'],
  'hardy-kiwi': ['hardy kiwi', 'hardy kiwis'],
  tomatillo: ['tomatillo', 'tomatillos'],
  'broad-bean': ['broad bean', 'broad beans'],
  okra: ['okra plant', 'okra plants'],
  blackberry: ['blackberry', 'blackberries'],
  grape: ['grape vine', 'grape vines'],
  chard: ['chard plant', 'chard plants'],
  beetroot: ['beetroot', 'beetroots'],
  onion: ['onion', 'onions'],
  radish: ['radish', 'radishes'],
};

/** @example counted(tomato, 14) // "14 tomatoes"; of a gardener's own crop "3 × Lemon cucumber" */
export function counted(crop: Pick<Crop, 'id' | 'name'>, count: number): string {
  const called = CALLED[crop.id];
  return called ? `${count} ${called[count === 1 ? 0 : 1]}` : `${count} × ${crop.name}`;
}
