/** How each small part is set (common practice, no source). Apart from the catalogue: read only where a joint is shown large. */
const HOW_SET: Readonly<Record<string, string>> = {
  'gate-hinge': 'Both plates in the gap, the knuckle out of it on the side that opens; all holes filled.',
  'gate-latch': 'Bar on the leaf, catch on the post, level with each other when the leaf is shut.',
  'pipe-clamp': 'Where the two pipes cross; both nuts turned up evenly, the bolt ends down.',
  'butt-hinge': 'Knuckle over the gap, a leaf flat on each of the two, all holes filled.',
  'tower-tier': 'Turned so that its cups stand between those of the tier below.',
  'plant-strawberry': 'Roots spread, the crown level with the soil: neither buried nor dry.',
  'staple-tacker': 'Across the threads, flat on the cloth; what stands up is driven home with a hammer.',
  'hook-eye': 'Eye first; the hook so that it has to be pulled to drop in.',
  'hoop-clip':
    'Over the cover and the hoop together, pressed on from the side; a scrap of hose under it saves thin film.',
  'pipe-strap': 'Round the sleeve, both ears flat on the board, all screws in.',
  'post-clip':
    'Hooked over a wire of the panel close to its height, round the back of the post between two studs, and twisted shut with pliers.',
  'tie-plastic': 'Round both where they cross, head away from where hands reach, pulled tight; the tail cut off flush.',
  'tie-uv': 'Round both where they cross, head away from where hands reach, pulled tight; the tail cut off flush.',
  'screw-short': 'Head flush with the wood, not under it.',
  'screw-long': 'Head flush with the wood, not under it.',
  'screw-bracket': 'Head flush with the wood; in a bracket every hole is filled.',
  'l-bracket': 'In the inner corner, one leg flat on each piece, the bend tight in the corner.',
  'screw-16': 'By hand: brass shears when it is hurried.',
  'screw-20': 'By hand: brass shears when it is hurried.',
  'screw-40': 'Head flush with the wood, not under it.',
  'screw-50': 'Head flush with the wood, not under it.',
  'screw-75': 'Head flush with the wood, not under it.',
  'post-plate': 'Flat on the slab, its holes over the anchors; the post in its cheeks, all holes screwed.',
  'anchor-bolt': 'Into a hole blown clean of dust, knocked flush, and tightened until it holds.',
  'post-shoe':
    'Its foot in the wet concrete, its plate level and two fingers clear of it; the post on the plate, all holes screwed.',
  'screw-timber': 'Until its washer head is drawn into the wood, not through it; it takes the place of a bolt.',
  'screw-roofing': 'Through its washer, beside a crossing of wires, until the washer grips two wires.',
  'washer-fender': 'Under the head of its screw.',
  'staple-fence': 'Astride a wire, slanting across the grain, driven until it holds the wire and does not bend it.',
  'nail-round': 'Square to the wood; half of it left standing.',
  'post-cap': 'Square on the trimmed top, over a bead of its own screws or nails.',
  'strap-hinge': 'Knuckle over the gap, a strap along each of the two, all holes filled.',
  'vine-eye': 'Turned in with a bar through the eye until the thread is gone, the eye upright for the wire to pass.',
  'vine-eye-long':
    'Turned in with a bar through the eye until the thread is gone, the eye upright for the wire to pass.',
  'wall-plug': 'Into a hole as deep as it is long, blown clean of dust, flush with the brick.',
  turnbuckle: 'Opened nearly to its ends before the wire goes in, so that it has all its way to tighten.',
  'eye-bolt': 'Turned in with a bar through the eye, up to its shoulder, the eye in line with the wire.',
  'ground-peg': 'Leaning away from the pull, its head down to the soil.',
  'corner-strap': 'Bent round the corner over a block, flat on both boards, all holes filled.',
  'drip-tee': 'Pushed into the pipe over all of its ribs; in warm water it goes on more easily.',
  'drip-elbow': 'Pushed into the pipe over all of its ribs; in warm water it goes on more easily.',
  'drip-end': 'The pipe folded back on itself and the clip pushed over both.',
  'drip-peg': 'Over the pipe, straight down, until the pipe lies on the soil.',
  'drip-start': 'Screwed to the tap by hand, the filter first, its arrow with the water; the pipe pushed on last.',
  'tank-outlet':
    'Through a hole as wide as its thread, a seal on either side of the liner, the nut hand-tight and half a turn.',
  'ring-insulator': 'Turned in by hand until its shoulder meets the wood, the ring level, its slot up.',
  'line-clamp': 'Both wires side by side in its groove, bare metal on bare metal, the nut tight.',
  'gate-handle': 'The wire wound on to its spring; the hook dropped into the loop at the far post.',
  'warning-sign': 'Hung on the top wire, its writing to those who come.',
  'screw-eye': 'Turned in with a nail through the eye, up to its shoulder, the eye across the row.',
};

/** How a small part is set; nothing of what is not one. */
export const setOf = ({ stock, turns }: { stock: string; turns: boolean }): string =>
  turns ? 'Driven until it holds, then back a turn: what it goes through has to turn on it.' : (HOW_SET[stock] ?? '');
