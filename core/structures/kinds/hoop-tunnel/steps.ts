import type { Listed } from '../../../design/listed';
import { ofShape } from '../../../design/shapes/shapes';
import { stockOf } from '../../../catalogue/catalogue';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { bendMarks } from '../../../geometry/curve';
import { inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { coverSeason, snowOn } from '../../rules/covering';
import type { BedSetting } from '../../setting';
import { PEG_OUT } from './cover';
import { SLEEVE_MM } from './knobs';
import type { HoopTunnelValues } from './knobs';

/** Feet, hoops, ridge; then what grows, looked over, and the cover last. */
function steps(design: Design, v: HoopTunnelValues): Listed<StatedStep> {
  const bays = design.parts.filter((part) => part.role === 'hoop').length - 1;
  const long = { mm: SLEEVE_MM };
  const feet: Record<HoopTunnelValues['feet'], StatedStep[]> = {
    sleeve: [{ what: fact('step.sleeves', { long }), caution: fact('care.saw') }],
    side: [{ what: fact('step.straps', { long }), caution: fact('care.saw') }],
    core: [{ what: fact('step.cores', { long }), caution: fact('care.cement') }],
    pushed: [],
  };
  return [
    {
      what: fact('step.mark', { width: { mm: v.width }, apart: { mm: design.builtMm / Math.max(1, bays) } }),
    },
    ...feet[v.feet],
    v.shape === 'sprung'
      ? { what: fact('step.spring'), people: 2, caution: fact('care.spring') }
      : { what: fact('step.form', turnMarks(design)), people: 2, caution: fact('care.spring') },
    v.feet === 'pushed' && { what: fact('step.push', { deep: { mm: design.posts[0]?.buriedMm ?? 0 } }), people: 2 },
    v.ridge !== 'none' && { what: fact(v.ridge === 'cord' ? 'step.ridge-cord' : 'step.ridge-pipe') },
    { what: fact('step.plant') },
    { what: fact('step.look') },
    { what: fact('step.cover'), people: 2 },
    v.held === 'clips' && { what: fact('step.clip', clipsOf(design)) },
    v.held === 'cords' && { what: fact('step.cords') },
    { what: fact('step.tuck', { tuck: { mm: v.tuck } }) },
    { what: fact('step.gather', { out: { mm: PEG_OUT * highOf(design) } }) },
  ];
}

/** How high the hoops stand over the soil. mm. */
const highOf = ({ posts }: Design): number => Math.max(...posts.map((post) => post.aboveMm));

/** Nobody sets a clip closer than this (from memory). mm. */
const HALF_INCH_MM = inches(0.5);

/** How many clips hold the cover on a hoop, and how far apart along it. */
function clipsOf({ parts, joints }: Design): { clips: number; every: { mm: number } } {
  const clips = joints.find(({ kind }) => kind === 'cover on hoop')?.fixings[0]?.count ?? 0;
  const hoop = ofShape(parts, 'bar').find(({ role }) => role === 'hoop');
  const overMm = hoop ? hoop.cutMm - 2 * hoop.buriedMm : 0;
  return { clips, every: { mm: Math.round(overMm / Math.max(1, clips) / HALF_INCH_MM) * HALF_INCH_MM } };
}

/** Where a hoop has turned by an eighth, a quarter and three eighths of a turn, by a tape from its end. */
function turnMarks(design: Design): Record<'eighth' | 'quarter' | 'more', { mm: number }> {
  const hoop = ofShape(design.parts, 'bar').find(({ role }) => role === 'hoop');
  const marks = hoop?.bent ? bendMarks(hoop.bent, Math.PI / 4) : [];
  const at = (n: number): { mm: number } => ({ mm: marks[n]?.atMm ?? 0 });
  return { eighth: at(0), quarter: at(1), more: at(2) };
}

function season(design: Design, v: HoopTunnelValues, setting: BedSetting): Listed<SeasonNote> {
  const { openingMm, against } = stockOf(setting.catalogue, v.cover, 'mesh roll');
  const high = highOf(design);
  return [
    ...coverSeason(setting.planted, setting.site, { openingMm, highMm: high, against }),
    v.cover === 'cover-film' && { on: null, what: fact('season.heat') },
    { on: snowOn(setting.site), what: fact('season.snow') },
    { on: null, what: fact('season.storm') },
    { on: null, what: fact('season.store') },
  ];
}

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.mark': { uses: ['line', 'pegs', 'tape'] },
  'step.sleeves': { adds: ['sleeve'], uses: ['saw', 'mallet', 'level', 'tape', 'gloves', 'goggles'] },
  'step.straps': {
    adds: ['sleeve'],
    joins: ['hoop in sleeve'],
    uses: ['saw', 'drill', 'level', 'tape', 'gloves', 'goggles'],
  },
  'step.cores': { adds: ['sleeve', 'concrete'], uses: ['saw', 'level', 'tape', 'gloves', 'mask', 'barrow'] },
  'step.spring': { adds: ['hoop'], uses: ['saw', 'tape', 'goggles'] },
  'step.form': { adds: ['hoop'], uses: ['saw', 'tape', 'chalk', 'pegs', 'goggles'] },
  'step.push': { uses: ['bar'] },
  'step.ridge-cord': { adds: ['ridge cord'], uses: ['snips', 'level'] },
  'step.ridge-pipe': { adds: ['ridge'], uses: ['saw', 'pliers', 'level'] },
  'step.plant': { uses: [] },
  'step.look': { uses: [] },
  'step.cover': { adds: ['cover'], uses: ['snips', 'tape'] },
  'step.clip': { joins: ['cover on hoop'], uses: [] },
  'step.cords': { adds: ['hold-down'], uses: ['snips', 'mallet'] },
  'step.tuck': { uses: ['spade'] },
  'step.gather': { joins: ['end gathered'], uses: ['snips', 'mallet'] },
};

export const BUILDING = { steps, doings, season };
