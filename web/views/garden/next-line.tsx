'use client';
import Link from 'next/link';
import { useState } from 'react';
import { ChevronDown, ChevronUp } from 'lucide-react';
import type { NextStep } from '@lignum/core/ahead/next-steps';
import { AHEAD_PHRASES } from '@lignum/core/ahead/phrases';
import { say } from '@lignum/core/wording/say';
import { Button, buttonLook } from '../../ui/button';
import { useGarden } from '../shell/garden-context';
import { usePutOff } from './put-off';

/** What can be done about a step without leaving the garden. */
export interface NextHere {
  firstBed: () => void;
  plant: (bed: string) => void;
  open: () => void;
}

/** The way to what a step asks for, in a word. */
function Door({ door, here, look }: { door: NextStep['door']; here: NextHere; look: 'main' | 'plain' }) {
  const { id } = useGarden();
  const button = (words: string, does: () => void) => (
    <Button look={look} onClick={does}>
      {words}
    </Button>
  );
  const link = (words: string, href: string) => (
    <Link href={href} className={buttonLook(look)}>
      {words}
    </Link>
  );
  switch (door.to) {
    case 'ground':
      return null;
    case 'first bed':
      return button('Put down a bed', here.firstBed);
    case 'plant':
      return button('Say what grows', () => here.plant(door.bed));
    case 'on what':
      return link('Choose a support', `/g/${id}/new?bed=${door.bed}`);
    case 'visitors':
      return link('Tick who visits', `/g/${id}/kept-out`);
    case 'open':
      return button('See what is open', here.open);
    case 'list':
      return link('List for the shop', `/g/${id}/list`);
    case 'weekends':
      return link('Say who builds, and when', `/g/${id}/weekends`);
    case 'print':
      return door.structures.length === 1
        ? link('Print it', `/g/${id}/s/${door.structures[0]}/sheet`)
        : link('Print them', `/g/${id}/list/sheet`);
  }
}

/** What the garden asks for next; it can be put off, and what comes after it can be looked at. */
export function NextLine({ steps, here }: { steps: readonly NextStep[]; here: NextHere }) {
  const { id, tongue } = useGarden();
  const [all, setAll] = useState(false);
  const { off, putOff } = usePutOff(id);
  const asked = steps.filter((step) => step.door.to !== 'ground' && !off.includes(step.id));
  const [first, ...rest] = asked;
  if (!first) return null;
  const more = rest.length > 0 && (
    <button
      type="button"
      aria-expanded={all}
      onClick={() => setAll(!all)}
      className="flex min-h-11 items-center gap-1 px-2 text-[0.9rem] text-chalk"
    >
      {all ? <ChevronUp size={15} aria-hidden /> : <ChevronDown size={15} aria-hidden />}
      {rest.length} more
    </button>
  );
  const row = (step: NextStep, isFirst: boolean) => (
    <div key={step.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1">
      <p className={`min-w-40 grow ${isFirst ? 'text-lg leading-snug font-semibold' : ''}`}>
        {isFirst && <span className="mr-2 text-[0.9rem] font-normal text-soft">Next</span>}
        {say(step.told, AHEAD_PHRASES, tongue)}
      </p>
      <span className="flex flex-wrap items-center">
        {isFirst && more}
        <Door door={step.door} here={here} look={isFirst ? 'main' : 'plain'} />
        <Button look="quiet" onClick={() => putOff(step.id)}>
          Not now
        </Button>
      </span>
    </div>
  );
  return (
    <section aria-label="What is next" className="border-l-4 border-chalk bg-sheet pr-2 pl-4">
      {row(first, true)}
      {all && rest.map((step) => row(step, false))}
    </section>
  );
}
