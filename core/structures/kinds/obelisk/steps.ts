import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { EndCut } from '../../../design/end-cut';
import type { Listed } from '../../../design/listed';
import { ofShape } from '../../../design/shapes/shapes';
import { fact } from '../../../wording/say';
import { clearing } from '../../rules/clearing';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import type { ObeliskValues } from './knobs';

const degrees = (rad: number): number => Math.round((Math.abs(rad) * 1800) / Math.PI) / 10;
const compound = (end: EndCut | undefined): Extract<EndCut, { cut: 'compound' }> | null =>
  end?.cut === 'compound' ? end : null;

/** Two sides lying on the ground, then the other two between them; stood up whole. */
function steps({ parts }: Design, v: ObeliskValues): Listed<StatedStep> {
  const legs = ofShape(parts, 'bar').filter(({ role }) => role === 'leg');
  const rungs = ofShape(parts, 'bar').filter(({ role }) => role === 'rung');
  const cut = compound(legs[0]?.ends[1]);
  const [first] = rungs;
  const mitre = first?.ends[0].cut === 'mitre' ? degrees(first.ends[0].angleRad) : 0;
  const pushed = v.feet === 'pushed';
  const of = (...sides: readonly string[]): string[] =>
    rungs.filter(({ id }) => sides.some((side) => id.startsWith(`rung-${side}-`))).map(({ id }) => id);
  return [
    cut
      ? {
          what: fact(pushed ? 'step.legs.top' : 'step.legs.both', {
            turned: degrees(cut.mitreRad),
            tilted: degrees(cut.tiltRad),
          }),
          caution: fact('care.saw'),
        }
      : { what: fact('step.legs.square'), caution: fact('care.saw') },
    { what: fact(mitre > 0 ? 'step.rungs' : 'step.rungs.square', { mitre }) },
    {
      what: fact('step.sides', { foot: { mm: v.foot } }),
      adds: [...legs.map(({ id }) => id), ...of('front', 'back')],
    },
    { what: fact('step.join'), people: 2, adds: of('end', 'start') },
    v.form === 'obelisk' && { what: fact('step.cap') },
    { what: fact('step.mark', { foot: { mm: v.foot } }) },
    pushed
      ? { what: fact('step.push', { depth: { mm: v.pushIn } }), people: 2 }
      : { what: fact('step.pin'), people: 2, caution: fact('care.pins') },
    v.strings > 0 && { what: fact('step.string', { strings: v.strings }) },
    { what: fact('step.plant') },
  ];
}

const season = (_design: Design, v: ObeliskValues, setting: BedSetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.lead') },
  ...(v.strings > 0 ? clearing(setting, v.twine === 'natural' ? 'season.compost' : 'season.unpick') : []),
  ...clearing(setting, v.feet === 'pushed' ? 'season.lift' : 'season.stays'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.legs.top': { uses: ['tape', 'bevel', 'saw', 'goggles'] },
  'step.legs.both': { uses: ['tape', 'bevel', 'saw', 'goggles'] },
  'step.legs.square': { uses: ['tape', 'square', 'saw', 'goggles'] },
  'step.rungs': { uses: ['tape', 'bevel', 'saw', 'goggles'] },
  'step.rungs.square': { uses: ['tape', 'square', 'saw', 'goggles'] },
  'step.sides': { uses: ['tape', 'square', 'drill'] },
  'step.join': { uses: ['tape', 'clamps', 'drill'] },
  'step.cap': { adds: ['cap'], uses: ['drill', 'steps'] },
  'step.mark': { uses: ['pegs', 'tape'] },
  'step.push': { uses: ['bar', 'level', 'mallet', 'gloves'] },
  'step.pin': { adds: ['pin'], uses: ['hammer', 'level', 'gloves', 'goggles'] },
  'step.string': { adds: ['string'], uses: ['knife'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
