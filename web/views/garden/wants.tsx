'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import { ChevronRight } from 'lucide-react';
import { Chooser } from '../../ui/chooser';
import { Sheet } from '../../ui/dialog';
import { useGarden } from '../shell/garden-context';

/** Everything one can want of a garden, said in one place; each leads to answers that are ranked, drawn and priced. */
export default function Wants({ onClose }: { onClose: () => void }) {
  const { id, plan } = useGarden();
  const router = useRouter();
  return (
    <Sheet open onClose={onClose} title="What do you want?">
      <ul className="border-t border-rule">
        <Want
          href={`/g/${id}/new`}
          title="Grow one crop"
          says="Which bed, on what, under what; drawn and priced beside each other."
        />
        <Want
          href={`/g/${id}/grow`}
          title="Grow several things"
          says="A list of wishes, shared out over your beds by room, sun and rested ground."
        />
        <Want
          href={`/g/${id}/build`}
          title="Build something"
          says="Every kind of structure, as it would stand in this garden."
        />
        <Want
          href={`/g/${id}/kept-out`}
          title="Keep somebody out"
          says="Who comes to which bed and when, and what would stop them."
        />
        <li className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-rule py-3">
          <span className="min-w-52 grow">
            <span className="block text-lg font-semibold">Fit a bed</span>
            <span className="text-[0.95rem] text-soft">What suits this bed, its size, sun and soil.</span>
          </span>
          {plan.beds.length > 0 ? (
            <Chooser
              label="Which bed"
              value="none"
              choices={[
                { id: 'none', label: 'Which bed…', disabled: true },
                ...plan.beds.map((bed) => ({ id: bed.id, label: bed.name })),
              ]}
              className="w-48"
              onChange={(bed) => router.push(`/g/${id}/new?bed=${bed}`)}
            />
          ) : (
            <span className="text-[0.95rem] text-soft">There is no bed yet.</span>
          )}
        </li>
        <Want
          href={`/g/${id}/build?first=shed`}
          title="Use what is in the shed"
          says={
            plan.shed.length > 0
              ? 'What can be built with it, what saves most first.'
              : 'Nothing is written down in the shed yet; say what lies there under Prices.'
          }
        />
      </ul>
    </Sheet>
  );
}

function Want({ href, title, says }: { href: string; title: ReactNode; says: string }) {
  return (
    <li className="border-b border-rule">
      <Link href={href} className="group flex items-center gap-4 py-3 hover:bg-well">
        <span className="min-w-0 grow">
          <span className="block text-lg font-semibold group-hover:text-chalk">{title}</span>
          <span className="block text-[0.95rem] text-soft">{says}</span>
        </span>
        <ChevronRight size={20} aria-hidden className="shrink-0 text-soft" />
      </Link>
    </li>
  );
}
