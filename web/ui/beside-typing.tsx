'use client';
import { bareUnitOf, type Units } from '@lignum/core/quantity/length';

export { sayLengthFault } from './length-fault';

/** Below a length that is being typed: how a bare number is read, the larger unit a tap away, and the tape. */
export default function BesideTyping({
  bare,
  units,
  larger,
  tape,
}: {
  bare: string | null;
  units: Units;
  larger: (() => void) | null;
  tape: (() => void) | null;
}) {
  return (
    <span
      // The field stays the one that is written in and measured for.
      onPointerDown={(event) => event.preventDefault()}
      className="absolute top-full right-0 z-20 mt-px flex flex-col items-stretch rounded-[3px] bg-sheet text-[0.85rem] whitespace-nowrap shadow-[0_0_0_1px_var(--rule-strong)]"
    >
      {bare !== null && (
        <span className="max-w-60 px-3 pt-2 whitespace-normal text-soft" role="status">
          {bare} {bareUnitOf(units) === 'in' ? 'inches' : 'millimetres'}
        </span>
      )}
      {larger && (
        <button type="button" className="h-11 px-3 text-left text-chalk" onClick={larger}>
          {bare} {units === 'imperial' ? 'feet' : 'metres'} instead
        </button>
      )}
      {tape && (
        <button type="button" className="h-11 px-3 text-left text-chalk" onClick={tape}>
          Laser tape (simulated)
        </button>
      )}
    </span>
  );
}
