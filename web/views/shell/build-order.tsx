'use client';
import type { ComputedStructure } from '@lignum/core/plan/compute';
import { kindOf } from '@lignum/core/structures/registry';
import { say } from '@lignum/core/wording/say';
import { useGarden } from './garden-context';

/** The steps of building in their order, with the people each takes and the caution where it belongs. */
export function BuildOrder({ computed }: { computed: ComputedStructure }) {
  const { tongue } = useGarden();
  const { phrases } = kindOf(computed.structure.kind);
  return (
    <>
      <ol className="mt-1 list-decimal space-y-2 pl-6">
        {computed.sized.steps.map((step) => (
          <li key={step.what.code} className="pl-1">
            {say(step.what, phrases, tongue)}{step.people > 1 && <span className="text-soft"> ({step.people} people)</span>}
            {step.caution && <p className="mt-0.5 border-l-4 border-keel pl-2 text-[0.95rem]"><strong>Care:</strong> {say(step.caution, phrases, tongue)}</p>}
          </li>
        ))}
      </ol>
      <p className="mt-3 text-[0.9rem] text-soft">A gardener’s sums, not an engineer’s: for height, boundaries, snow and storm winds, local rules and licensed people decide.</p>
    </>
  );
}
