'use client';
import { useState } from 'react';
import { FlipHorizontal2, Plus, X } from 'lucide-react';
import { formatLength } from '@lignum/core/quantity/length';
import { LEAST_LEG_MM, shortLeg, type PathSpot } from '@lignum/core/site/path';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { Button } from '../../ui/button';
import { LengthInput } from '../../ui/field';
import { changeStructure } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { UnderfootFields } from './underfoot-fields';
import { bendPath, type Thing } from './things';

/** A new corner goes on this far in the direction of the last stretch. mm. */
const GO_ON_MM = 1200;

/** One corner: how far from the left and the bottom edge, and how high its soil lies over the first; removed where enough are left. */
function CornerRow({
  id,
  no,
  spot,
  onChange,
  onRemove,
}: {
  id: string;
  no: number;
  spot: PathSpot;
  onChange: (part: Partial<PathSpot>) => void;
  onRemove: (() => void) | null;
}) {
  const { tongue } = useGarden();
  const length = { units: tongue.units, step: TAPE_STEP[tongue.units] };
  return (
    <tr>
      <th className="text-left font-semibold" scope="row">
        {no}
      </th>
      <td className="py-0.5 pr-1">
        <LengthInput
          {...length}
          fills
          className="min-w-0 !px-1.5 text-[0.8rem]"
          id={`${id}-x`}
          label={`Corner ${no}, from the left`}
          mm={spot.xMm}
          min={0}
          max={200_000}
          onChange={(xMm) => onChange({ xMm })}
        />
      </td>
      <td className="py-0.5 pr-1">
        <LengthInput
          {...length}
          fills
          className="min-w-0 !px-1.5 text-[0.8rem]"
          id={`${id}-y`}
          label={`Corner ${no}, from the bottom edge`}
          mm={spot.yMm}
          min={0}
          max={200_000}
          onChange={(yMm) => onChange({ yMm })}
        />
      </td>
      <td className="py-0.5">
        {no === 1 ? (
          <span className="px-2 text-soft">0</span>
        ) : (
          <LengthInput
            {...length}
            fills
            className="min-w-0 !px-1.5 text-[0.8rem]"
            id={`${id}-soil`}
            label={`Corner ${no}, soil over the first corner`}
            mm={spot.groundMm}
            min={-10_000}
            max={10_000}
            onChange={(groundMm) => onChange({ groundMm })}
          />
        )}
      </td>
      {onRemove && (
        <td>
          <button
            type="button"
            aria-label={`Remove corner ${no}`}
            onClick={onRemove}
            className="grid h-11 w-9 place-items-center rounded-[3px] text-soft hover:bg-well hover:text-keel"
          >
            <X size={16} aria-hidden />
          </button>
        </td>
      )}
    </tr>
  );
}

/** On which side of it the garden lies: turned over at once. */
function WhichSide({ thing }: { thing: Extract<Thing, { is: 'path' }> }) {
  const { store } = useGarden();
  const { inside } = thing.stand;
  return (
    <div className="grid gap-2">
      <p className="text-[0.95rem]">
        <strong>The garden lies on the {inside}</strong>
        <span className="block text-[0.85rem] text-soft">
          going from corner 1 to 2: mesh and boards come on the other side, an apron lies outward
        </span>
      </p>
      <Button
        onClick={() =>
          store.edit(
            changeStructure(thing.id, { stand: { ...thing.stand, inside: inside === 'left' ? 'right' : 'left' } }),
          )
        }
      >
        <FlipHorizontal2 size={16} aria-hidden />
        The garden is on the other side
      </Button>
    </div>
  );
}

/** The corners of a path by their figures: where each lies, and how high the soil is there. */
export function PathFields({ thing }: { thing: Extract<Thing, { is: 'path' }> }) {
  const { plan, store, tongue } = useGarden();
  const { spots, closed } = thing.stand;
  /** The corner that could not be put where it was typed, and why. */
  const [refused, setRefused] = useState<string | null>(null);
  const change = (corner: number, part: Partial<PathSpot>) => {
    const near = shortLeg(
      spots.map((spot, i) => (i === corner ? { ...spot, ...part } : spot)),
      closed,
    );
    setRefused(
      near
        ? `Corner ${corner + 1} would lie ${formatLength(near.mm, tongue.units)} from the next one: it stays where it was. Corners keep ${formatLength(LEAST_LEG_MM, tongue.units)} apart.`
        : null,
    );
    store.edit(
      bendPath(thing, (now) => now.map((spot, i) => (i === corner ? { ...spot, ...part } : spot))),
      `corner ${thing.id} ${corner} ${Object.keys(part).join()}`,
    );
  };
  const add = () =>
    store.edit(
      bendPath(thing, (now) => {
        const [before, last] = [now.at(-2), now.at(-1)] as [PathSpot, PathSpot];
        const long = Math.hypot(last.xMm - before.xMm, last.yMm - before.yMm);
        const on = (axis: 'xMm' | 'yMm', most: number) =>
          Math.max(0, Math.min(most, last[axis] + ((last[axis] - before[axis]) / long) * GO_ON_MM));
        return [
          ...now,
          { xMm: on('xMm', plan.site.widthMm), yMm: on('yMm', plan.site.depthMm), groundMm: last.groundMm },
        ];
      }),
    );
  const legs = spots.map((spot, i) => {
    const next = spots[i + 1] ?? (closed ? spots[0] : undefined);
    return next ? Math.hypot(next.xMm - spot.xMm, next.yMm - spot.yMm) : null;
  });
  const { underfoot } = thing.stand;
  return (
    <div className="grid gap-2">
      <WhichSide thing={thing} />
      <table className="w-full table-fixed text-[0.9rem] tabular-nums">
        <caption className="sr-only">
          Corners, from the left and from the bottom edge, and the soil over the first
        </caption>
        <thead>
          <tr className="text-left text-[0.85rem] text-soft">
            <th className="w-5 font-medium" />
            <th className="pr-1 font-medium">From left</th>
            <th className="pr-1 font-medium">From the bottom edge</th>
            <th className="font-medium">Soil</th>
            {spots.length > 2 && <th className="w-9" />}
          </tr>
        </thead>
        <tbody>
          {spots.map((spot, i) => (
            <CornerRow
              key={i}
              id={`${thing.id}-${i}`}
              no={i + 1}
              spot={spot}
              onChange={(part) => change(i, part)}
              onRemove={
                spots.length > 2 ? () => store.edit(bendPath(thing, (now) => now.filter((_, n) => n !== i))) : null
              }
            />
          ))}
        </tbody>
      </table>
      {refused && (
        <p role="alert" className="text-[0.9rem] font-medium text-keel">
          {refused}
        </p>
      )}
      <p className="text-[0.9rem] text-soft">
        Stretches: {legs.flatMap((leg) => (leg === null ? [] : [formatLength(leg, tongue.units)])).join(', ')}. Soil is
        read from a level line: how much higher it lies than at corner 1.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={add}>
          <Plus size={16} aria-hidden />
          Another corner
        </Button>
        {spots.length > 2 && (
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-(--chalk)"
              checked={closed}
              onChange={() => store.edit(bendPath(thing, (now) => now, !closed))}
            />
            a closed loop
          </label>
        )}
      </div>
      <UnderfootFields
        id={thing.id}
        underfoot={underfoot}
        onChange={(next) =>
          store.edit(changeStructure(thing.id, { stand: { ...thing.stand, underfoot: next } }), `underfoot ${thing.id}`)
        }
      />
    </div>
  );
}
