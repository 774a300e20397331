import { arborInside } from '../../../checks/arbor-inside';
import { braced } from '../../../checks/braced';
import { headroom } from '../../../checks/headroom';
import { onShoes } from '../../../checks/on-shoes';
import { plantsFit } from '../../../checks/plants-fit';
import { holdChecks, postChecks } from '../../../checks/sets';
import { vinesBorne } from '../../../checks/vines-borne';
import { feet, inches } from '../../../quantity/length';
import { asPlace } from '../../../site/stands/stands';
import { NO_FILL } from '../../../statics/embedment';
import { FOOTING, PLATES, SHOES } from '../../assemblies/footing';
import { RAILS } from '../../assemblies/rails';
import { SET_POST } from '../../assemblies/set-post';
import { STRINGS_UP } from '../../assemblies/strings-up';
import { structureKind } from '../../kind';
import { shortBy } from '../../rules/depth';
import { ROW_WORDS } from '../../rules/row';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { DEPTH_WORDS } from '../../rules/timber-post';
import { ARBOR_KNOBS, legOf, stringsAside } from './knobs';
import { sizeArbor } from './size';
import { BUILDING } from './steps';
import { strongerBeams, strongerRafters } from './vines';
import { WORDS } from './words';

/** Posts, beams and rafters over a way: an arbor, and with more bays a pergola. */
export const kind = structureKind({
  id: 'arbor',
  name: 'Arbor and pergola',
  blurb: 'Posts, shaped beams and rafters over a path: for roses, vines and shade, for good.',
  nature: { tendingMinutes: { leaner: 1, climber: 0.5 }, moves: 'stays' },
  purpose: 'support',
  stands: ['beds', 'spot'],
  knobs: ARBOR_KNOBS,
  size: sizeArbor,
  checks: ({ design, facts }, v, setting) => [
    headroom({ crownMm: facts.headroomMm, wantedMm: 0, hangMm: v.hang, statureMm: facts.statureMm }),
    arborInside(facts),
    braced(facts),
    facts.shoes && onShoes(facts.shoes),
    facts.vines && vinesBorne(facts.vines),
    ...postChecks(design, { soil: setting.soil, wind: setting.wind, fill: NO_FILL }),
    ...(design.hold && asPlace(setting.place, 'beds')
      ? holdChecks({ planted: setting.planted, hold: design.hold })
      : []),
    asPlace(setting.place, 'beds')
      ? plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 })
      : null,
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, TIMBER_WORDS, DEPTH_WORDS, SET_POST, FOOTING, SHOES, PLATES, RAILS, STRINGS_UP],
  ...WORDS,
  mends: {
    'headroom.low': (v, { facts }) => ({
      headroom: Math.min(feet(10), Math.ceil((facts.statureMm + v.hang + inches(2.5)) / inches(1)) * inches(1)),
    }),
    'inside.in-beds': (_v, { facts }) =>
      facts.onWayMm !== null && facts.onWayMm >= feet(2) ? { inside: facts.onWayMm } : null,
    // What is too close together to be braced one way may be wide enough the other.
    'brace.none': (v) => {
      const turned = v.beams === 'across' ? 'along' : 'across';
      const beams = [v.beams, turned].find((way) => legOf({ ...v, beams: way, braceLeg: inches(18) }) > 0);
      return beams === undefined ? null : { beams, braceLeg: inches(18) };
    },
    'vines.beams': (v, { facts }, setting) => facts.vines && strongerBeams(v, setting, facts.vines),
    'vines.rafters': (v, { facts }, setting) => facts.vines && strongerRafters(v, setting, facts.vines),
    'shoes.lean': (v) => (v.feet === 'shoes' ? { feet: 'ground' } : null),
    'depth.shallow': () => ({ depth: inches(24) }),
    'depth.share': (v) => ({ depth: Math.min(feet(5), Math.ceil(v.headroom / 3 / inches(1)) * inches(1)) }),
    'post.short': (v, { design }) => {
      const headroom = Math.floor((v.headroom - shortBy(design)) / 10) * 10;
      return headroom >= feet(6) ? { headroom } : null;
    },
    'mesh.wide': (v, _built, setting) => ({ sides: 'slats', strings: stringsAside(setting, v) }),
    'climb.thick': (v, _built, setting) => ({ sides: 'slats', strings: stringsAside(setting, v) }),
    'plants.too-many': () => null,
  },
});
