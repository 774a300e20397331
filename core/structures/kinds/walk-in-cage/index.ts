import { DEPTH_WORDS } from '../../rules/timber-post';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { COVERING_WORDS } from '../../rules/covering';
import { ROW_WORDS } from '../../rules/row';
import { HUNG_LEAF } from '../../assemblies/hung-leaf';
import { RAILS } from '../../assemblies/rails';
import { FOOTING } from '../../assemblies/footing';
import { SET_POST } from '../../assemblies/set-post';
import { plantsFit } from '../../../checks/plants-fit';
import { HEADROOM_MM, MOST_SAG, MOST_SHARE, roofWires } from '../../../checks/roof-wires';
import { stockOf } from '../../../catalogue/catalogue';
import { coverLight } from '../../../checks/cover-light';
import { coverChecks, tallestUnder } from '../../../checks/cover-set';
import { postChecks } from '../../../checks/sets';
import { feet, inches } from '../../../quantity/length';
import { NO_FILL } from '../../../statics/embedment';
import { structureKind } from '../../kind';
import { coverFor } from '../../rules/covering';
import { shortBy } from '../../rules/depth';
import { stillCome } from '../../rules/still-come';
import { wholeStep } from '../../rules/tidy';
import { POST_MENDS } from '../../rules/timber-post';
import { DOOR_UNDER_MM } from './frame';
import { WALK_IN_CAGE_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizeWalkInCage } from './size';
import { BUILDING } from './steps';

/** Posts and rails with nets all round and overhead, walked into by a door. */
export const kind = structureKind({
  id: 'walk-in-cage',
  name: 'Walk-in net cage',
  blurb: 'Posts, rails and nets round a bed and over it, with a door: everything in it is picked standing.',
  purpose: 'cover',
  stands: ['bed'],
  nature: { tendingMinutes: { leaner: 0.3, climber: 0.3 }, moves: 'stays' },
  knobs: WALK_IN_CAGE_KNOBS,
  size: sizeWalkInCage,
  checks: ({ design, facts }, v, setting) => {
    const crops = setting.planted.map((one) => one.crop);
    return [
      ...coverChecks({
        crops,
        site: setting.site,
        openingMm: facts.openingMm,
        nearest: tallestUnder(crops, facts.roof.highMm - setting.place.bed.heightMm),
      }),
      coverLight({ opacity: stockOf(setting.catalogue, v.net, 'mesh roll').opacity, airedBy: 'mesh', crops }),
      roofWires(facts.roof),
      ...postChecks(design, { soil: setting.soil, wind: setting.wind, fill: NO_FILL }),
      plantsFit({ planted: setting.planted, stations: design.stations, endToEnd: () => 0 }),
    ];
  },
  ...BUILDING,
  guards: {
    how: ({ facts }, v, setting) => ({
      barrier: {
        heightMm: v.height,
        openingLowMm: facts.lowOpeningMm,
        openingMm: facts.openingMm,
        lowToMm: facts.lowToMm,
        buriedMm: v.low === 'none' ? 0 : v.below,
        apronMm: 0,
        // Under the door nothing is buried.
        underMm: DOOR_UNDER_MM + facts.cage.door.riseMm + (v.low === 'none' ? 0 : v.below),
        looseTopMm: 0,
      },
      stiffMm: facts.lowToMm,
      nettedMm: facts.openingMm,
      roofed: true,
      floored: false,
      overMm: facts.roof.highMm - setting.place.bed.heightMm,
    }),
    stillCome,
  },
  builtOf: [ROW_WORDS, COVERING_WORDS, TIMBER_WORDS, DEPTH_WORDS, SET_POST, FOOTING, RAILS, HUNG_LEAF],
  ...WORDS,
  mends: {
    ...POST_MENDS,
    'cover.open': (_v, _built, setting) => {
      const { value } = coverFor(setting);
      return WALK_IN_CAGE_KNOBS.net.choices.some((one) => one.id === value) ? { net: value } : null;
    },
    'cover.outgrown': (v) => (v.height < feet(8) ? { height: feet(8) } : null),
    'cover.touches': (v) => (v.height < feet(8) ? { height: feet(8) } : null),
    'roof.low': (_v, { facts }, setting) => ({
      height: wholeStep(HEADROOM_MM + facts.roof.sagMm + facts.cage.rail.wideMm + inches(1), setting.market),
    }),
    // As many wires more as bring the sag to its limit: it goes with their distance.
    'roof.sags': (v, { facts }, setting) => {
      const apart = wholeStep((v.wires * facts.roof.spanMm * MOST_SAG) / facts.roof.sagMm, setting.market);
      return apart >= inches(18) ? { wires: apart } : { wires: inches(18), pull: Math.ceil(v.pull * 1.5) };
    },
    'roof.tight': (v, { facts }) => ({ pull: Math.floor((v.pull * (MOST_SHARE - 0.01)) / facts.roof.yieldShare) }),
    'post.short': (v, { design }, setting) => {
      const height = wholeStep(v.height - shortBy(design), setting.market);
      return height >= feet(5) ? { height } : null;
    },
  },
});
