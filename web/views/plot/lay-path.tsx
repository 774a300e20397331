'use client';
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { Check, CornerUpLeft, RefreshCw, Square, X } from 'lucide-react';
import { formatLength } from '@lignum/core/quantity/length';
import type { PlanSpot } from '@lignum/core/site/plot';
import { bedsAcross } from '@lignum/core/site/across-beds';
import { LEAST_LEG_MM, shortLeg } from '@lignum/core/site/path';
import { Button } from '../../ui/button';
import { useGarden } from '../shell/garden-context';
import { arrowMove } from './arrows';
import { MOST_CORNERS } from './things';
import { FIGURE } from './label';

/** A path while it is laid: corner after corner, as one would knock in pegs. */
export interface Laying {
  /** What will stand along it, in a word: "fence". */
  what: string;
  spots: readonly PlanSpot[];
  /** Why the last corner was not taken. */
  fault: string | null;
  add(spot: PlanSpot): void;
  back(): void;
  finish(closed: boolean): void;
  /** Lays it along the whole edge of the plot, with a gate where one can hang in it. */
  roundPlot(): void;
  cancel(): void;
}

const long = ([ax, ay]: PlanSpot, [bx, by]: PlanSpot): number => Math.hypot(bx - ax, by - ay);
const asSpots = (spots: readonly PlanSpot[]) => spots.map(([xMm, yMm]) => ({ xMm, yMm }));

export function useLaying(
  what: string,
  onLaid: (spots: readonly PlanSpot[], closed: boolean, withGate: boolean) => void,
  onCancel: () => void,
): Laying {
  const { plan, tongue } = useGarden();
  const [spots, setSpots] = useState<readonly PlanSpot[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const least = formatLength(LEAST_LEG_MM, tongue.units);
  const refuse = (next: readonly PlanSpot[], closed: boolean): string | null => {
    if (next.length > MOST_CORNERS) return `That is corner ${next.length}; the most is ${MOST_CORNERS}.`;
    const short = shortLeg(asSpots(next), closed);
    return short
      ? `Corner ${((short.corner + 1) % next.length) + 1} lies ${formatLength(short.mm, tongue.units)} from corner ${short.corner + 1}; the least is ${least}. Put it farther off.`
      : null;
  };
  return {
    what,
    spots,
    fault,
    add(spot) {
      const next = [...spots, spot];
      const why = refuse(next, false);
      setFault(why);
      if (!why) setSpots(next);
    },
    back() {
      setFault(null);
      setSpots(spots.slice(0, -1));
    },
    finish(closed) {
      const few = closed ? spots.length < 3 : spots.length < 2;
      const why = few
        ? `${spots.length === 1 ? 'One corner is' : `${spots.length} corners are`} too few: it takes ${closed ? 'three to go all round' : 'two, where it begins and where it ends'}.`
        : refuse(spots, closed);
      setFault(why);
      if (!why) onLaid(spots, closed, false);
    },
    roundPlot() {
      const { widthMm, depthMm } = plan.site;
      onLaid(
        [
          [0, 0],
          [widthMm, 0],
          [widthMm, depthMm],
          [0, depthMm],
        ],
        true,
        true,
      );
    },
    cancel: onCancel,
  };
}

/** A stretch that has been laid, or the one that would be, with its length where there is room for it. */
function Leg({
  from: [x0, y0],
  to: [x1, y1],
  drawn,
  says,
}: {
  from: PlanSpot;
  to: PlanSpot;
  drawn: boolean;
  says: string | null;
}) {
  return (
    <g aria-hidden>
      <path
        d={`M${x0} ${y0}L${x1} ${y1}`}
        stroke="var(--chalk)"
        strokeWidth={drawn ? 3 : 1.5}
        strokeDasharray={drawn ? undefined : '6 5'}
      />
      {says && (
        <text {...FIGURE} textAnchor="middle" x={(x0 + x1) / 2} y={(y0 + y1) / 2 - 6}>
          {says}
        </text>
      )}
    </g>
  );
}

/** A corner that has been put; the first is larger once it can be met, and lights up while it is aimed at. */
const LaidCorner = ({
  no,
  at: [x, y],
  closes,
  aimed,
}: {
  no: number;
  at: PlanSpot;
  closes: boolean;
  aimed: boolean;
}) => (
  <g aria-hidden>
    <circle
      cx={x}
      cy={y}
      r={closes ? 14 : 9}
      fill={aimed ? 'var(--leaf)' : 'var(--chalk)'}
      stroke="var(--sheet)"
      strokeWidth="2"
    />
    <text x={x} y={y + 4} fontSize="11.5" fontWeight="700" textAnchor="middle" fill="var(--sheet)">
      {no}
    </text>
  </g>
);

/** Where the next corner would be put, with its figures while it is the first. */
const Aim = ({ at: [x, y], says }: { at: PlanSpot; says: string | null }) => (
  <g aria-hidden>
    <path
      d={`M${x - 12} ${y}h24M${x} ${y - 12}v24`}
      stroke="var(--ink)"
      strokeWidth="1.5"
      className="pointer-events-none"
    />
    {says && (
      <text {...FIGURE} textAnchor="middle" x={x} y={y - 18}>
        {says}
      </text>
    )}
  </g>
);

/** The sheet over the plot that takes the corners: by pointer, or with the arrow keys and the space bar. */
export function LayPath({
  laying,
  widthPx,
  heightPx,
  toPx,
  spotOf,
  settle,
  stepMm,
}: {
  laying: Laying;
  widthPx: number;
  heightPx: number;
  toPx: (spot: PlanSpot) => PlanSpot;
  spotOf: (event: PointerEvent<SVGElement>) => PlanSpot;
  settle: (spot: PlanSpot) => PlanSpot;
  stepMm: number;
}) {
  const { plan, tongue } = useGarden();
  const board = useRef<SVGGElement>(null);
  const [aim, setAim] = useState<PlanSpot>([plan.site.widthMm / 2, plan.site.depthMm / 2]);
  useEffect(() => board.current?.focus(), []);
  const { spots } = laying;
  const [first, last] = [spots[0], spots.at(-1)];
  const nearFirst = (spot: PlanSpot) =>
    spots.length >= 3 &&
    first !== undefined &&
    Math.hypot(...([0, 1] as const).map((n) => toPx(spot)[n] - toPx(first)[n])) < 14;
  const put = (spot: PlanSpot) => (nearFirst(spot) ? laying.finish(true) : laying.add(spot));
  const press = (event: KeyboardEvent<SVGElement>) => {
    const move = arrowMove(event, stepMm, 5);
    if (move)
      setAim([
        Math.max(0, Math.min(plan.site.widthMm, aim[0] + move[0])),
        Math.max(0, Math.min(plan.site.depthMm, aim[1] + move[1])),
      ]);
    else if (event.key === ' ') put(aim);
    else if (event.key === 'Enter') laying.finish(false);
    else if (event.key === 'Backspace') laying.back();
    else if (event.key === 'Escape') laying.cancel();
    else return;
    event.preventDefault();
  };
  const legs = [...spots, aim]
    .slice(1)
    .map((to, i) => ({ from: spots[i] as PlanSpot, to, drawn: i < spots.length - 1 }));
  return (
    <g
      ref={board}
      tabIndex={0}
      role="application"
      aria-label={`Lay the ${laying.what}: arrow keys aim, space puts a corner, Enter ends it, Backspace takes the last one back, Escape leaves it`}
      className="group cursor-crosshair outline-none!"
      onPointerMove={(event) => setAim(settle(spotOf(event)))}
      onPointerDown={(event) => {
        if (event.button === 0) put(settle(spotOf(event)));
      }}
      onKeyDown={press}
    >
      {/* An outline of its own would go round figures that reach over the rim, and be cut off there. */}
      <rect
        width={widthPx}
        height={heightPx}
        fill="var(--sheet)"
        fillOpacity="0.35"
        strokeWidth="5"
        className="group-focus-visible:stroke-chalk"
      />
      {legs.map(({ from, to, drawn }, i) => (
        <Leg
          key={i}
          from={toPx(from)}
          to={toPx(to)}
          drawn={drawn}
          says={long(from, to) > 300 ? formatLength(long(from, to), tongue.units) : null}
        />
      ))}
      {spots.map((spot, i) => (
        <LaidCorner
          key={i}
          no={i + 1}
          at={toPx(spot)}
          closes={i === 0 && spots.length >= 3}
          aimed={i === 0 && nearFirst(aim)}
        />
      ))}
      <Aim
        at={toPx(aim)}
        says={
          last === undefined ? `${formatLength(aim[0], tongue.units)} · ${formatLength(aim[1], tongue.units)}` : null
        }
      />
    </g>
  );
}

/** What has been laid so far, and how to go on: over the plot while it is being laid. */
export function LayingBar({ laying }: { laying: Laying }) {
  const { plan, tongue } = useGarden();
  const { spots } = laying;
  const crossed = bedsAcross(asSpots(spots), false, plan.beds).map(({ bed }) => bed.name);
  const total = spots.slice(1).reduce((sum, to, i) => sum + long(spots[i] as PlanSpot, to), 0);
  return (
    <div className="mb-3 border-l-4 border-chalk pl-3">
      <p className="min-h-6" aria-live="polite">
        {laying.fault ? (
          <span role="alert" className="font-semibold text-keel">
            {laying.fault}
          </span>
        ) : (
          <>
            <strong>Lay the {laying.what}.</strong>{' '}
            <span className="text-soft">
              {spots.length === 0
                ? 'Tap where it begins, or have it go all round the plot.'
                : spots.length === 1
                  ? 'Tap the next corner.'
                  : `${formatLength(total, tongue.units)} so far. Tap the next corner${spots.length >= 3 ? ', or the first one to go all round' : ''}.`}
            </span>
            {crossed.length > 0 && <strong className="text-ochre"> It goes through {crossed.join(', ')}.</strong>}
          </>
        )}
      </p>
      {/* The same buttons throughout: the plot must not shift between two taps. */}
      <div className="mt-1 flex flex-wrap gap-x-2 gap-y-2">
        <Button look="main" onClick={() => laying.finish(false)} disabled={spots.length < 2}>
          <Check size={16} aria-hidden />
          It ends here
        </Button>
        <Button onClick={() => laying.finish(true)} disabled={spots.length < 3}>
          <RefreshCw size={16} aria-hidden />
          Close the loop
        </Button>
        <Button onClick={() => laying.back()} disabled={spots.length === 0}>
          <CornerUpLeft size={16} aria-hidden />
          Undo last corner
        </Button>
        <Button onClick={() => laying.roundPlot()} disabled={spots.length > 0}>
          <Square size={16} aria-hidden />
          All round the plot
        </Button>
        <Button look="quiet" onClick={() => laying.cancel()}>
          <X size={16} aria-hidden />
          Cancel
        </Button>
      </div>
    </div>
  );
}
