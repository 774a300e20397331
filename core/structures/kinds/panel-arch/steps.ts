import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { ofShape } from '../../../design/shapes/shapes';
import { bendMarks } from '../../../geometry/curve';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { clearing } from '../../rules/clearing';
import type { Setting } from '../../setting';
import type { PanelArchValues } from './knobs';

/** Posts first, then the spring between them: one end in, the other walked in. */
function steps(design: Design, v: PanelArchValues): Listed<StatedStep> {
  const heights = design.marks.find((mark) => mark.view === 'elevation' && mark.axis === 'z')?.atMm ?? [0];
  const feet = design.marks.find((mark) => mark.label === 'feet')?.tapedMm?.[1] ?? 0;
  const lift = heights.length > 3 ? (heights[1] ?? 0) : 0;
  const buried = Math.min(...design.posts.map((post) => post.buriedMm));
  const above = Math.max(...design.posts.map((post) => post.aboveMm));
  const start: StatedStep[] = [
    {
      what: fact('step.mark', { span: { mm: feet }, diagonal: { mm: Math.hypot(feet, design.builtMm) } }),
    },
  ];
  if (v.make === 'rod')
    return [
      ...start,
      {
        what: fact('step.hoops', { depth: { mm: v.depth }, ...hoopMarks(design) }),
        people: 2,
        caution: fact('care.spring'),
      },
      { what: fact('step.purlin') },
      { what: fact('step.mesh'), people: 2, caution: fact('care.ends') },
      { what: fact('step.ends') },
      { what: fact('step.plant') },
    ];
  return [
    ...start,
    {
      what: fact('step.drive', { depth: { mm: buried }, side: { mm: above } }),
      caution: fact('care.driving'),
    },
    { what: fact('step.carry'), people: 2 },
    { what: fact('step.bend'), people: 2, caution: fact('care.spring') },
    lift > 1 && { what: fact('step.lift', { lift: { mm: lift } }), people: 2 },
    { what: fact('step.tie') },
    v.count > 1 && { what: fact('step.seam'), people: 2, caution: fact('care.spring') },
    { what: fact('step.ends'), caution: fact('care.ends') },
    design.stations.length > 0 && { what: fact('step.plant') },
  ];
}

/** Where a hoop has turned by an eighth, a quarter and three eighths of a turn, by a tape from its end. */
function hoopMarks(design: Design): Record<'eighth' | 'quarter' | 'more', { mm: number }> {
  const hoop = ofShape(design.parts, 'bar').find(({ role }) => role === 'hoop');
  const marks = hoop?.bent ? bendMarks(hoop.bent, Math.PI / 4) : [];
  const [eighth, quarter, more] = [0, 1, 2].map((n) => ({ mm: marks[n]?.atMm ?? 0 })) as [
    { mm: number },
    { mm: number },
    { mm: number },
  ];
  return { eighth, quarter, more };
}

const season = (design: Design, _v: unknown, setting: Setting): Listed<SeasonNote> => [
  design.stations.length > 0 && { on: null, what: fact('season.lead') },
  { on: null, what: fact('season.check') },
  ...(design.stations.length > 0 ? clearing(setting, 'season.clear') : []),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.mark': { uses: ['line', 'pegs', 'tape'] },
  'step.drive': { adds: ['post'], uses: ['driver', 'level', 'gloves', 'goggles', 'muffs', 'tape'] },
  'step.carry': { uses: ['gloves', 'goggles'] },
  'step.bend': { adds: ['panel:panel-1'], uses: ['gloves', 'goggles'] },
  'step.lift': { uses: ['blocks', 'tape'] },
  'step.tie': { joins: ['panel to post'], uses: ['pliers', 'snips'] },
  'step.seam': { adds: ['panel'], uses: ['pliers', 'snips', 'gloves'] },
  'step.ends': { uses: ['pliers', 'gloves', 'goggles'] },
  'step.hoops': { adds: ['hoop'], uses: ['tape', 'chalk', 'level', 'mallet'] },
  'step.purlin': { adds: ['purlin'], uses: ['saw', 'pliers', 'steps'] },
  'step.mesh': { adds: ['mesh'], uses: ['snips', 'pliers', 'gloves', 'goggles'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
