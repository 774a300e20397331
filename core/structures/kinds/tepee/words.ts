import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      pole: { word: 'Pole', means: 'a whole pole, foot to tip', as: 'body' },
      lashing: { word: 'Lashing', means: 'hitches, wraps, turns and tail' },
      'ladder string': { word: 'Ladder string', means: 'one round, with turns and ends', stacks: true },
    },
    joinery: {
      'poles lashed':
        'Three poles side by side. Clove hitch round the first; three tight wraps round all three, each beside the last and not over it; clove hitch round the third. The tail stays, as long as your outstretched arms. Later poles lie in the crotch, and the tail goes twice round all and is tied off.',
      'ladder to pole': 'Once round each pole, pulled tight against the turn; a clove hitch at the first and the last.',
    },
    knots: {
      'poles lashed': ['three poles'],
      'ladder to pole': ['clove hitch'],
    },
  },
  phrases: {
    'form.room': 'The bed is wide enough to sit in.',
    'form.small': 'The bed is narrow: canes and twine, for beans and peas.',
    'ring.usual': 'One plant wide, with soil on both sides.',
    'radius.usual': 'A tepee that two children can sit in, or a cone an arm can reach round.',
    'radius.bed': 'As far as the bed allows.',
    'height.tepee': 'Beans top it; poles of 10′ (3 m) reach.',
    'height.stands': 'As high as poles on sale stand on a ring this wide without tipping.',
    'height.crop': 'As high as the crop is to be held.',
    'height.cone': 'As high as peas and dwarf beans climb.',
    'poles.twelve': 'Twelve make a playhouse.',
    'poles.six': 'Six canes are enough for a cone.',
    'pole.usual': 'The usual ones, in your price book.',
    'crossing.grip': 'Keeps the lashing from slipping off.',
    'push.firm': 'Pushed in by hand after the lashing.',
    'push.sand': 'Sand holds less: twice as deep.',
    'door.usual': 'Wide enough to crawl through.',
    'door.none': 'Too small for a door.',
    'door.shade': 'This side is turned from the sun, so the plants have it.',
    'ladder.hold': 'Gives shoots something to turn to between the poles.',
    'ladder.from': 'Low enough for the first shoots.',
    'ladder.thin': '{crop} has thin tendrils and wants a hold this often.',
    'ladder.ten': 'Twiners find a string a foot away.',
    'dig.roots': 'Room for roots.',
    'count.poles':
      '{poles|pole|poles} spaced {apart} round the ring; each needs {asked} and is bought at the next length up',
    'count.poles.door':
      '{poles|pole|poles} spaced {apart} round the ring from one side of the door to the other; each needs {asked} and is bought at the next length up',
    'count.lashing':
      'Clove hitch, three tight wraps, clove hitch, two turns about all {poles|pole|poles}, and a tail as long as outstretched arms',
    'count.ladder': '{rungs|round|rounds} from {from} up, {step} apart, one turn at each pole: {total} in all',
    'step.mark':
      'Peg the middle, scribe a ring {radius} round it with a string, and mark {poles|place|places} for poles, the door left open.',
    'step.dig': 'Loosen a bed {wide} wide and {deep} deep along the ring, open at the door: {volume} of soil.',
    'step.tripod':
      'Lay three poles side by side, feet level. At {up} from the feet: clove hitch, three tight wraps, clove hitch; leave the tail hanging.',
    'step.raise': 'Raise the three and open them to a tripod on their marks.',
    'step.lay': 'Lay the other {poles|pole|poles} into the crotch in order round the ring, the door’s two last.',
    'step.wind': 'Walk the tail round the bundle twice, pull it tight and tie it off.',
    'step.push': 'Push each pole {deep} into the soil at its mark.',
    'step.ladder': 'Wind string round from pole to pole, from {from} up, every {step}, one turn round each pole.',
    'step.ladder.door':
      'Wind string from pole to pole, from {from} up, every {step}, one turn round each pole; turn back at the door, never across it.',
    'step.plant': 'Plant or sow along the ring, at the feet of the poles.',
    'season.lead': 'Lead the first shoots to the strings; they climb on by themselves.',
    'season.compost': 'After the first frost, cut the strings down and compost them with the vines.',
    'season.unpick': 'After the first frost, unpick the strings from the vines and keep them.',
    'season.store': 'Untie the poles, let them dry and store them standing under a roof.',
    'care.lift': 'Two adults for the lift, one at the feet and one walking it up; nobody under it.',
    'care.climb': 'Not for children to climb: it is lashed to carry beans.',
  },
} as const satisfies Said;
