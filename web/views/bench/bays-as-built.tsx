'use client';
import { useId, useState } from 'react';
import { postNumbers } from '@lignum/core/design/post-numbers';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatLength } from '@lignum/core/quantity/length';
import { clearBefore } from '@lignum/core/structures/rules/as-stood';
import { measuredIn } from '@lignum/core/structures/rules/measured-in';
import { measuredAs } from '../../kept/readings';
import { part } from '../../ui/part';
import { apartWords } from '../../words/as-built-words';
import { useGarden } from '../shell/garden-context';
import { ownName } from '../shell/own-name';
import { ReadingField } from './reading-field';

const Recuts = part(() => import('./recuts'));

type Bay = NonNullable<ComputedStructure['sized']['design']['bays']>[number];

/** What the tape says between posts that stand: everything else is made to that, and the plan keeps what was meant. */
export function BaysAsBuilt({ computed }: { computed: ComputedStructure }) {
  const { record, tongue } = useGarden();
  const { design } = computed.sized;
  const read = (design.bays ?? []).filter(({ asStood }) => asStood);
  if (read.length === 0) return null;
  const numbers = postNumbers(design);
  const { measured, moreMm } = measuredIn(design);
  const say = (bay: Bay) => (value: number | null) =>
    record.say(
      [
        {
          ...measuredAs({
            structure: computed.structure.id,
            kind: computed.kind.id,
            knob: clearBefore(bay.posts[1]),
          }),
          value,
        },
      ],
      ownName(),
    );
  return (
    <section aria-label="Between the posts as built" className="mt-5 max-w-2xl border-l-4 border-leaf pl-3">
      <h3 className="text-lg">Once the posts stand</h3>
      <p className="text-[0.95rem] text-soft">
        Lay the tape from face to face, low down, and type what it says. What goes between them, the marks, the list and
        the days follow; the plan keeps what was meant.
      </p>
      <ul className="mt-1 divide-y divide-rule">
        {read.map((bay) => (
          <BayRow
            key={bay.posts[1]}
            bay={bay}
            between={bay.posts.map((post) => numbers.get(post)).join(' and ')}
            onSay={say(bay)}
          />
        ))}
      </ul>
      {measured > 0 && (
        <p role="status" className="mt-1 font-medium tabular-nums">
          {measured} of {read.length} measured. All together: {apartWords(moreMm, tongue.units).toLowerCase()}.
        </p>
      )}
      {measured > 0 && <Recuts computed={computed} />}
    </section>
  );
}

function BayRow({ bay, between, onSay }: { bay: Bay; between: string; onSay: (mm: number | null) => void }) {
  const { tongue } = useGarden();
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  const { asStood, clearMm } = bay;
  if (!asStood) return null;
  const { plannedMm, leastMm, mostMm, saidMm, isMeasured } = asStood;
  const length = (mm: number) => formatLength(mm, tongue.units);
  return (
    <li className="py-1.5">
      <div className="flex min-h-11 items-center justify-between gap-x-3">
        <label htmlFor={id} className="min-w-0 leading-tight font-medium">
          Between {between}
          <span className="block text-[0.9rem] font-normal text-soft tabular-nums">
            {isMeasured
              ? `${apartWords(clearMm - plannedMm, tongue.units)}, ${length(plannedMm)}`
              : `Planned ${length(plannedMm)}`}
          </span>
        </label>
        <ReadingField
          id={id}
          mm={clearMm}
          isRead={saidMm !== null}
          leastMm={leastMm}
          mostMm={mostMm}
          forgets={`Forget what was measured between ${between}`}
          onSay={onSay}
          onFault={setFault}
          className={`w-32 ${isMeasured ? 'font-semibold' : ''}`}
        />
      </div>
      {(fault || (saidMm !== null && !isMeasured)) && (
        <p role="alert" className="pb-1 text-[0.85rem] font-medium text-keel">
          {fault ??
            `The tape said ${length(saidMm ?? 0)}, which cannot be as the plan and the other posts are now: ${length(leastMm)} to ${length(mostMm)} can. Measure again, or forget it.`}
        </p>
      )}
    </li>
  );
}
