'use client';
import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { X } from 'lucide-react';
import { formatLength } from '@lignum/core/quantity/length';
import { Button } from '../../ui/button';
import { lengthTarget } from '../../ui/length-target';
import { useGarden } from '../shell/garden-context';
import { SimulatedLaser, steady, type MeasuringDevice } from './measuring-device';

const KEPT = 12;

/** Behaves as a laser tape does: a live reading, hold, and send to the length field worked on last. */
export function LaserPanel({ onClose }: { onClose: () => void }) {
  const { tongue } = useGarden();
  const laser = useRef(new SimulatedLaser(3000));
  const device: MeasuringDevice = laser.current;
  const [readings, setReadings] = useState<readonly number[]>([]);
  const [held, setHeld] = useState<number | null>(null);
  const [distance, setDistance] = useState(3000);
  const target = useSyncExternalStore(lengthTarget.subscribe, lengthTarget.get, () => null);

  useEffect(() => {
    device.start((mm) => setReadings((before) => [...before, mm].slice(-KEPT)));
    return () => device.stop();
  }, [device]);

  // By keyboard it was opened from a button that is gone now; who points stays in the field.
  const putAway = () => {
    onClose();
    target?.focus();
  };
  const panel = useRef<HTMLElement>(null);
  useHotkeys('escape', putAway, {
    enableOnFormTags: true,
    ignoreEventWhen: ({ target: at }) => !panel.current?.contains(at as Node),
  });
  useEffect(() => {
    if (document.activeElement === document.body) panel.current?.focus();
  }, []);

  const live = readings.at(-1);
  const shown = held ?? live;
  const hold = () => setHeld(held === null && readings.length > 0 ? steady(readings) : null);
  const send = () => {
    if (target && readings.length > 0) target.accept(Math.round(held ?? steady(readings)));
  };
  return (
    <section
      ref={panel}
      tabIndex={-1}
      aria-label={device.name}
      className="no-print fixed right-3 bottom-3 z-40 w-80 max-w-[calc(100vw-1.5rem)] rounded-[3px] bg-sheet p-3 shadow-[0_0_0_1.5px_var(--rule-strong),0_12px_30px_#0004] max-lg:bottom-16"
    >
      <div className="flex items-center justify-between">
        <h2 className="text-base">{device.name}</h2>
        <button
          type="button"
          aria-label="Put the laser tape away"
          onClick={putAway}
          className="-my-2 -mr-2 grid size-11 place-items-center text-soft hover:text-ink"
        >
          <X size={18} aria-hidden />
        </button>
      </div>
      <p className={`text-right text-3xl font-semibold ${held !== null ? 'text-chalk' : ''}`} aria-live="off">
        {shown === undefined ? '…' : formatLength(shown, tongue.units)}
      </p>
      <label className="mt-1 block text-[0.85rem] text-soft">
        Stand-in for pointing it somewhere
        <input
          type="range"
          min={100}
          max={20_000}
          step={5}
          value={distance}
          onChange={(event) => {
            const mm = Number(event.target.value);
            setDistance(mm);
            laser.current.distanceMm = mm;
            setHeld(null);
          }}
          className="h-11 w-full accent-(--chalk)"
        />
      </label>
      <div className="flex gap-2">
        <Button className="flex-1" aria-pressed={held !== null} onClick={hold}>
          {held === null ? 'Hold' : 'Let go'}
        </Button>
        <Button look="main" className="flex-1" disabled={!target} onClick={send}>
          Send
        </Button>
      </div>
      <p className="mt-1 text-[0.85rem] text-soft">
        {target ? (
          <>
            Sends to <strong>{target.label}</strong>.
          </>
        ) : (
          'Choose a length field first: the reading goes there.'
        )}{' '}
        {device.simulated && 'No real device is used.'}
      </p>
    </section>
  );
}
