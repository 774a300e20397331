'use client';
import { useMemo } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { setOf } from '@lignum/core/catalogue/how-set';
import { closeUps, type CloseUp } from '@lignum/core/drawing/close-ups';
import { knotViews } from '@lignum/core/drawing/knot-views';
import type { KnotId } from '@lignum/core/joinery/knots';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { StructureKind } from '@lignum/core/structures/kind';
import { formatBit, formatLength } from '@lignum/core/quantity/length';
import { Drawing } from '../../ui/drawing';
import { useGarden } from './garden-context';
import { whereHeld } from '../../words/where-held';
import { wordFor } from '../../words/stock-words';

/** Each kind of joint drawn large: what meets, how it laps, and where its fixings sit. */
export default function CloseUps({ computed }: { computed: ComputedStructure }) {
  const all = useMemo(() => closeUps(computed.sized.design), [computed]);
  return (
    <>
      <p className="max-w-[42rem] text-[0.95rem] text-soft">
        A red dot is the head of a screw or a nail, a dashed line its shank in the wood: drawn where it sits, as long as
        it is. One of each kind of joint is shown.
      </p>
      <ul className="mt-2">
        {all.map((one) => (
          <JointRow key={one.kind} kind={computed.kind} closeUp={one} />
        ))}
      </ul>
    </>
  );
}

function JointRow({ kind, closeUp }: { kind: StructureKind; closeUp: CloseUp }) {
  const { units } = useGarden().tongue;
  return (
    <li className="print-whole grid gap-y-2 border-t border-rule py-3">
      <div className="grid max-w-[34rem] min-w-0 grid-cols-1 gap-x-2 bg-sheet px-2 pt-2 min-[430px]:grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)]">
        {closeUp.views.map((view) => (
          <Drawing key={view.title} view={view} units={units} heightPx={270} />
        ))}
      </div>
      <div className="order-first grid gap-x-6 text-[0.95rem] sm:order-none sm:grid-cols-2">
        <div>
          <h3 className="text-[1.05rem] leading-tight">{wordFor(kind, closeUp.kind)}</h3>
          {kind.names.joinery?.[closeUp.kind] && <p className="mt-1">{kind.names.joinery[closeUp.kind]}</p>}
          <p className="mt-1 text-soft">
            {closeUp.parts.map((part) => `${wordFor(kind, part.role)}: ${CATALOGUE.stock(part.stock).name}`).join('. ')}
            . {closeUp.count > 1 ? `${closeUp.count} such joints.` : 'One such joint.'}
          </p>
        </div>
        <ul className="mt-1">
          {closeUp.fixings.map((one) => (
            <li key={`${one.stock} ${one.into}`}>
              <strong>{one.count} ×</strong> {CATALOGUE.stock(one.stock).name}
              {one.eachMm ? `, ${formatLength(one.eachMm, units)}` : ''}
              {whereHeld(kind, one)}
              {one.pilotMm !== null && `; pilot hole ${formatBit(one.pilotMm, units)}`}
              <span className="block text-soft">{setOf(one)}</span>
            </li>
          ))}
        </ul>
      </div>
      {kind.names.knots?.[closeUp.kind]?.map((knot) => (
        <KnotRow key={knot} knot={knot} />
      ))}
    </li>
  );
}

/** A knot in three pictures, what is done under each. */
function KnotRow({ knot }: { knot: KnotId }) {
  const { units } = useGarden().tongue;
  return (
    <section className="max-w-[44rem]">
      <h4 className="text-[0.95rem] first-letter:uppercase">{knot}</h4>
      <ol className="mt-1 grid grid-cols-3 gap-x-3 bg-sheet p-2">
        {knotViews(knot).map((view) => (
          <li key={view.id} className="min-w-0 text-[0.9rem] leading-snug text-soft">
            <Drawing view={view} units={units} heightPx={110} />
            {view.title}
          </li>
        ))}
      </ol>
    </section>
  );
}
