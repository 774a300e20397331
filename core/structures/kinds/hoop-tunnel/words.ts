import type { Said } from '../../said';

/** What its parts are called and measure, how its joints are made, and what is said of it. */
export const WORDS = {
  names: {
    parts: {
      hoop: { word: 'Hoop', means: 'foot to foot along its bow, with what stands in the soil', stacks: true },
      sleeve: { word: 'Sleeve', means: 'piece of pipe for a foot' },
      concrete: { word: 'Concrete in a core', means: 'round a sleeve' },
      ridge: { word: 'Ridge pipe', means: 'under the crowns' },
      'ridge cord': { word: 'Ridge cord', means: 'hitched from hoop to hoop, with ends' },
      cover: { word: 'Cover', means: 'along the tunnel, with what is gathered at both ends' },
      'hold-down': { word: 'Hold-down cord', means: 'over a bay, with its ends' },
    },
    joints: {
      'hoop in sleeve': 'Foot in its sleeve',
      'sleeve in core': 'Sleeve in a core',
      'cord round hoop': 'Ridge cord round a hoop',
      'cover on hoop': 'Cover on a hoop',
      'cover to cover': 'Seam of the cover',
      'end gathered': 'End drawn together',
      'hold-down pegged': 'Hold-down pegged',
    },
    joinery: {
      'hoop in sleeve':
        'The foot goes down to the bottom of its sleeve and turns freely in it. On the side of a bed the sleeve stands plumb on the outside, its top level with the rim, a strap round its middle.',
      'sleeve in core': 'Plumb in the middle of the core, its top level with the block; dry mix round it, then water.',
      'hoop to ridge': 'The pipe lies under the crowns; the clamp holds both where they cross.',
      'cord round hoop': 'A clove hitch round the crown of every hoop, the cord tight from each to the next.',
      'cover on hoop': 'The cover lies over the hoops, as much hanging at one side as at the other.',
      'cover to cover': 'The strips lap along the tunnel, the upper over the lower; sewn, or clipped at every hoop.',
      'end gathered':
        'What hangs past the end hoop is drawn together in one hand, tied with a clove hitch, and the tie goes to a peg in line with the ridge.',
      'hold-down pegged':
        'The cord goes over the cover in the middle of a bay, down to a peg on each side; two half hitches, so that it is slacked in a moment.',
    },
    knots: {
      'cord round hoop': ['clove hitch'],
      'end gathered': ['clove hitch'],
      'hold-down pegged': ['two half hitches'],
    },
  },
  phrases: {
    'tuck.hand': 'Enough to lie flat under a board or a spit of soil.',
    'held.wind': 'The bed lies open to the wind.',
    'held.clips': 'Off in a moment when you weed or pick.',
    'rod.springs': 'It springs into its bow by hand.',
    'shape.springs': 'The shape that the pipe takes by itself.',
    'shape.form': 'Bent about a form, it can be as low or as high as you like.',
    'width.bed': 'Just inside the sides of the bed.',
    'height.crop': 'A hand over what grows highest, as far as hoops go; what grows past it is told.',
    'height.usual': 'Room for a bed of greens.',
    'apart.three': 'Three feet keeps covers from sagging.',
    'apart.sand': 'Closer: sand holds a foot less, and it blows.',
    'feet.core': 'The sides of the bed are of blocks: a sleeve stands in a core.',
    'feet.side': 'The sides of the bed carry them, out of the way of roots.',
    'feet.sleeve': 'They hold the hoops upright in loose soil.',
    'ridge.short': 'So short a tunnel stands without one.',
    'ridge.cord': 'Keeps the hoops apart and the cover up.',
    'ridge.pipe': 'Film and long tunnels sag under rain: a pipe carries them.',
    'count.hoops': '{bays} bays of {apart}, a hoop at each end of a bay',
    'count.sleeves': 'One for each foot',
    'count.cores': 'A core for each foot, filled round its sleeve',
    'count.ridge': 'From the first hoop to the last',
    'count.cover': '{girth} over a hoop and {tuck} tucked in at each side; {gather} more at each end to gather',
    'count.strips':
      '{strips} strips side by side, because the roll is narrower than {girth} over a hoop with {tuck} at each side; {gather} more at each end to gather',
    'count.clips': '{clips} on each hoop',
    'count.gathers': 'A peg and a tie at each end',
    'count.cords': 'One over each bay',
    'count.pegs': 'Two for each cord',
    'count.straps': 'One for each sleeve',
    'count.clamps': 'One where each hoop crosses, two where pieces meet',
    'step.mark': 'Mark the feet: {width} apart across the bed, hoops {apart} from each to the next along it.',
    'step.sleeves': 'Cut the sleeves {long} long and knock them in plumb at the marks, their tops level with the soil.',
    'step.straps':
      'Cut the sleeves {long} long and strap them plumb to the outside of the bed, their tops level with its rim.',
    'step.cores':
      'Stand a sleeve of {long} in the middle of each core, its top level with the block; fill round it with dry mix, water it, and check it plumb.',
    'step.spring': 'Cut the hoops, put one foot in and walk the other over until it drops in.',
    'step.form':
      'Cut the hoops and bend them about a form of pegs, from one end: they have turned an eighth of a turn at {eighth}, a quarter at {quarter}, three eighths at {more}. Set both feet.',
    'step.push': 'Push both feet {deep} into the soil, a pilot made with a bar first.',
    'step.ridge-cord': 'Hitch the ridge cord round the crown of every hoop, each plumb.',
    'step.ridge-pipe': 'Clamp the ridge pipe under the crowns, each hoop plumb.',
    'step.plant': 'Plant or sow, water, and weed: it is easier now than later.',
    'step.look':
      'Look under every leaf for eggs, beetles and slugs before anything is closed: a cover keeps them in too.',
    'step.cover': 'Lay the cover over the hoops, as much at each side and at each end.',
    'step.clip': 'Clip it to every hoop, from the crown down: {clips|clip|clips} to a hoop, about {every} apart.',
    'step.cords': 'Put a cord over each bay and peg it on both sides.',
    'step.tuck': 'Tuck {tuck} in at each side, all along: boards, stones or soil on it, no gap a finger fits through.',
    'step.gather': 'Draw each end together, tie it, and peg it in line with the ridge, {out} out from the end hoop.',
    'care.spring': 'A bent pipe is a spring: eyes clear, and hold it until its foot is in.',
    'care.cement': 'Cement burns skin and lungs: gloves, mask, and wash it off.',
    'care.saw': 'Clamp what you cut; gloves and eye protection.',
    'season.open':
      'Take the sides up by day from now on: {crop} flowers and wants insects. Close them at dusk, or leave it off.',
    'season.off': '{crop} reaches the cover: raise it, or take it off.',
    'season.heat': 'On a sunny day open both ends by mid-morning: it passes what plants stand within the hour.',
    'season.snow':
      'Take the cover off before snow, or knock wet snow off as it falls: what snow does to it is not reckoned.',
    'season.storm': 'Before a gale, look to its edges and pegs; afterwards to every clip and tear.',
    'season.store': 'Wash the cover, dry it, and store it out of the sun; it lasts twice as long.',
  },
} as const satisfies Said;
