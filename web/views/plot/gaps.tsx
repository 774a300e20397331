'use client';
import { useState } from 'react';
import { formatLength, type Units } from '@lignum/core/quantity/length';
import { cornersOf, type PlanSpot } from '@lignum/core/site/plot';
import { FIGURE } from './label';
import type { Gap } from './gaps-among';

/**
 * The ways between beds, under everything: the one that is pointed at or chosen shows itself and how wide it is. By
 * keyboard they are reached from the beds on either side.
 */
export function Gaps({
  gaps,
  chosen,
  choose,
  path,
  toPx,
  units,
}: {
  gaps: readonly Gap[];
  chosen: string | null;
  choose: (id: string) => void;
  path: (spots: readonly PlanSpot[]) => string;
  toPx: (spot: PlanSpot) => PlanSpot;
  units: Units;
}) {
  const [touched, setTouched] = useState<string | null>(null);
  return (
    <g aria-hidden>
      {gaps.map(({ id, way }) => {
        const isShown = id === chosen || id === touched;
        const [x, y] = toPx([way.at.xMm, way.at.yMm]);
        return (
          <g
            key={id}
            className="cursor-pointer"
            onClick={() => choose(id)}
            onPointerEnter={() => setTouched(id)}
            onPointerLeave={() => setTouched(null)}
          >
            <path
              d={path(cornersOf(way.at, way.lengthMm, way.wideMm))}
              fill={isShown ? 'var(--chalk-wash)' : 'transparent'}
              stroke={isShown ? 'var(--chalk)' : 'none'}
              strokeDasharray="4 3"
              strokeWidth={id === chosen ? 2 : 1}
            />
            {isShown && (
              <text
                x={x}
                y={y}
                {...FIGURE}
                dominantBaseline="middle"
                textAnchor="middle"
                className="pointer-events-none"
              >
                {formatLength(way.wideMm, units)}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
