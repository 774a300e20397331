import type { ComponentType } from 'react';
import type { Design, ViewFrame } from '@lignum/core/design/design';
import { projectionOf } from '@lignum/core/design/projection';
import type { Paper } from '@lignum/core/drawing/sheet';
import type { Point } from '@lignum/core/geometry/space';
import { standOf } from '@lignum/core/withstand/stand-of';
import { shareWords } from '../../../words/stand-words';
import { useGarden } from '../../shell/garden-context';

/** What works hardest, to be marked on what is drawn; while a day is looked at, the design as it stands then. */
export interface Marked {
  part: string;
  at: Point;
  share: number;
  /** "Post 3: bends". */
  words: string;
  /** While a week is looked at: " on 14 June". */
  on?: string;
  onDay?: (design: Design) => Design;
  /** What draws it: fetched with what finds it. */
  Ring: ComponentType<{ marked: Marked; frame: ViewFrame; paper: Paper }>;
}

const RING_PX = 13;
const TEXT_PX = 13;
/** A figure is about so wide. Pixels. */
const FIGURE_PX = 7.5;

const INK = { holds: 'var(--ink-soft)', watch: 'var(--ochre)', fails: 'var(--keel)' } as const;

/** A ring round what works hardest, with how much of what it may it uses: dashed where that is enough, thick where it is not. */
export function HardestMark({ marked, frame, paper }: { marked: Marked; frame: ViewFrame; paper: Paper }) {
  const { tongue } = useGarden();
  const [right, up] = projectionOf(frame)(marked.at);
  const { scale, originPx } = paper.frame;
  const x = originPx[0] + right * scale;
  const y = originPx[1] - up * scale;
  const stand = standOf(marked.share);
  const says = shareWords(marked.share, tongue.locale);
  // From above it would hide what it is the mark of.
  if (frame.as === 'above') return null;
  const beyond = x + RING_PX + says.length * FIGURE_PX > paper.widthPx;
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${paper.widthPx} ${paper.heightPx}`}
      className="pointer-events-none absolute inset-0 h-full w-full"
    >
      <circle cx={x} cy={y} r={RING_PX} fill="none" stroke="var(--sheet)" strokeWidth="5" />
      <circle
        cx={x}
        cy={y}
        r={RING_PX}
        fill="none"
        stroke={INK[stand]}
        strokeWidth={stand === 'fails' ? 3 : 2}
        {...(stand === 'fails' ? {} : { strokeDasharray: '4 3' })}
      />
      <text
        x={x + (beyond ? -1 : 1) * (RING_PX + 5)}
        y={y + TEXT_PX / 3}
        textAnchor={beyond ? 'end' : 'start'}
        fontSize={TEXT_PX}
        fontWeight="600"
        fill={INK[stand]}
        stroke="var(--sheet)"
        strokeWidth="4"
        strokeLinejoin="round"
        style={{ paintOrder: 'stroke', fontVariantNumeric: 'tabular-nums' }}
      >
        {says}
      </text>
    </svg>
  );
}
