'use client';
import { useId, useState } from 'react';
import { postNumbers } from '@lignum/core/design/post-numbers';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatLength } from '@lignum/core/quantity/length';
import { asideOf, isOut, leanOf, uprightsOf, type Upright } from '@lignum/core/structures/rules/plumb';
import { measuredAs } from '../../kept/readings';
import { UPRIGHT_WORDS } from '../../words/plumb-words';
import { useGarden } from '../shell/garden-context';
import { ownName } from '../shell/own-name';
import { ReadingField } from './reading-field';

/** How upright its posts stand, and how much of that matters: read at the post, on the phone too. */
export default function Plumb({ computed }: { computed: ComputedStructure }) {
  const { record, tongue } = useGarden();
  const { design } = computed.sized;
  const numbers = postNumbers(design);
  const uprights = uprightsOf(design, computed.setting);
  const length = (mm: number) => formatLength(mm, tongue.units);
  const read = uprights.filter(({ lean, aside }) => lean.mm !== null || (aside?.mm ?? null) !== null);
  const say = (knob: string) => (value: number | null) =>
    record.say(
      [{ ...measuredAs({ structure: computed.structure.id, kind: computed.kind.id, knob }), value }],
      ownName(),
    );
  return (
    <section aria-label="Plumb and in line" className="max-w-2xl">
      <p className="text-[0.95rem] text-soft">
        Hold the level to two sides of each post: how far is its top out, over its whole height? Then look along the
        string: how far is its foot beside the line of the two next to it?
      </p>
      <ul className="mt-1 divide-y divide-rule">
        {uprights.map((post) => (
          <li key={post.id} className="py-2">
            <p className="font-medium">Post {numbers.get(post.id)}</p>
            <div className="grid gap-x-6 sm:grid-cols-2">
              <Reading
                post={`Post ${numbers.get(post.id)}`}
                label="out of plumb at its top"
                of={post.lean}
                may={`up to ${length(post.lean.mayMm)} is fine`}
                onSay={say(leanOf(post.id))}
              />
              {post.aside && (
                <Reading
                  post={`Post ${numbers.get(post.id)}`}
                  label="out of line at its foot"
                  of={post.aside}
                  may={`up to ${length(post.aside.mayMm)} is fine`}
                  onSay={say(asideOf(post.id))}
                />
              )}
            </div>
            {isOut(post) && <HowToMend post={post} say={length} />}
          </li>
        ))}
      </ul>
      <p role="status" className="mt-1 font-medium">
        {read.length > 0 &&
          (read.some(isOut)
            ? `${read.filter(isOut).length} of the ${read.length} that ${read.length === 1 ? 'was' : 'were'} read ${read.filter(isOut).length === 1 ? 'is' : 'are'} worth mending.`
            : `None of the ${read.length} that ${read.length === 1 ? 'was' : 'were'} read is worth mending.`)}
      </p>
      <p className="text-[0.85rem] text-soft">
        A two-hundredth of its height out of plumb is what timber frames are reckoned with; a three-hundredth of the way
        between its neighbours out of line is what a straight rail may be (EN 1995-1-1, 5.4.4 and 10.2). The drawing
        shows posts upright.
      </p>
    </section>
  );
}

function HowToMend({ post: { lean, aside, set }, say }: { post: Upright; say: (mm: number) => string }) {
  return (
    <p className="border-l-4 border-ochre pl-2 text-[0.95rem]">
      {(lean.mm ?? 0) > lean.mayMm && UPRIGHT_WORDS[set]}{' '}
      {aside !== null &&
        (aside.mm ?? 0) > aside.mayMm &&
        `Pack what is fixed along the posts off it, or off the others, by ${say(aside.mm ?? 0)}; or set it again in line.`}
    </p>
  );
}

function Reading({
  post,
  label,
  of: { mm, mostMm },
  may,
  onSay,
}: {
  /** What it is of: "Post 2". */
  post: string;
  label: string;
  of: Upright['lean'];
  may: string;
  onSay: (mm: number | null) => void;
}) {
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  return (
    <div>
      <div className="flex min-h-11 items-center justify-between gap-x-3">
        <label htmlFor={id} className="min-w-0 leading-tight">
          <span className="sr-only">{post} </span>
          {label}
          <span className="block text-[0.85rem] text-soft tabular-nums">{may}</span>
        </label>
        <ReadingField
          id={id}
          mm={mm ?? 0}
          isRead={mm !== null}
          blank
          leastMm={0}
          mostMm={mostMm}
          forgets={`Forget what was read: ${post} ${label}`}
          onSay={onSay}
          onFault={setFault}
          className={`w-24 ${mm === null ? 'text-soft' : 'font-semibold'}`}
        />
      </div>
      {fault && (
        <p role="alert" className="pb-1 text-[0.85rem] font-medium text-keel">
          {fault}
        </p>
      )}
    </div>
  );
}
