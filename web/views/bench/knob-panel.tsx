'use client';
import { RotateCcw, Ruler } from 'lucide-react';
import { useId, useState } from 'react';
import { formatLength } from '@lignum/core/quantity/length';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { stepOf, type Knob, type KnobState } from '@lignum/core/structures/knob';
import { say, type Tongue } from '@lignum/core/wording/say';
import { Chooser } from '../../ui/chooser';
import type { Choice } from '../../ui/choice';
import { NumberInput } from '../../ui/field';
import { knobWords } from '../../words/knob-words';
import { RodSlider } from '../../ui/rod-slider';
import { Switcher } from '../../ui/switcher';
import { part } from '../../ui/part';
import { measuredAs } from '../../kept/readings';
import { setKnob } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { ownName } from '../shell/own-name';
import { KnobLength } from './knob-length';

/** Fetched when somebody measures, or has. */
const AsBuilt = part(() => import('./as-built'));

/** The kind's knobs in their groups. A knob not touched follows the crop and says why it stands where it does. */
export function KnobPanel({ computed }: { computed: ComputedStructure }) {
  const { store, record, tongue } = useGarden();
  const { structure, kind, setting, sized } = computed;
  const settled = Object.fromEntries(Object.entries(sized.knobs).map(([name, state]) => [name, state.value]));
  const shown = Object.entries(kind.knobs).filter(([, knob]) => knob.shown?.(settled, setting) ?? true);
  const groups = [...new Set(shown.map(([, knob]) => knob.group))];
  const [wanted, setWanted] = useState(groups[0] ?? '');
  const open = groups.includes(wanted) ? wanted : (groups[0] ?? '');
  return (
    <>
      <Switcher
        label="Sizes and choices"
        look="heading"
        value={open}
        choices={groups.map((group) => ({ id: group, label: group }))}
        onChange={setWanted}
      />
      <div className="divide-y divide-rule">
        {shown
          .filter(([, knob]) => knob.group === open)
          .map(([name, knob]) => (
            <KnobRow
              key={name}
              knob={knob}
              rodMost={knob.type === 'length' ? (knob.usualMost?.(setting) ?? knob.max) : 0}
              state={sized.knobs[name] as KnobState}
              tongue={tongue}
              phrases={kind.phrases}
              choices={
                knob.type === 'choice'
                  ? choicesOf(knob, knob.offered?.(setting, settled), sized.knobs[name]?.value)
                  : []
              }
              onChange={(value) => store.edit(setKnob(structure.id, name, value), `knob ${structure.id} ${name}`)}
              onMeasure={(value) =>
                record.say(
                  [{ ...measuredAs({ structure: structure.id, kind: kind.id, knob: name }), value }],
                  ownName(),
                )
              }
            />
          ))}
      </div>
    </>
  );
}

function choicesOf(
  knob: Extract<Knob, { type: 'choice' }>,
  offered: readonly string[] | undefined,
  current: unknown,
): Choice[] {
  return knob.choices
    .filter((choice) => !offered || offered.includes(choice.id) || choice.id === current)
    .map((choice) => ({
      ...choice,
      label: offered && !offered.includes(choice.id) ? `${choice.label} (no price)` : choice.label,
    }));
}

/** Under a knob: what is wrong with what was typed, that it was set by hand and what to go back to, or why it is as it is. */
function Because({
  id,
  fault,
  byHand,
  back,
  to,
  children,
}: {
  id: string;
  fault: string | null;
  byHand: boolean;
  back: () => void;
  to: string;
  children: string;
}) {
  if (fault)
    return (
      <p role="alert" id={`${id}-fault`} className="pt-1 text-[0.85rem] font-medium text-keel">
        {fault}
      </p>
    );
  if (!byHand) return <p className="pt-1 text-[0.85rem] text-soft">{children}</p>;
  return (
    <button
      type="button"
      onClick={back}
      className="flex min-h-8 items-center gap-1.5 pt-1 text-left text-[0.85rem] text-chalk hover:underline"
    >
      <RotateCcw size={14} aria-hidden className="shrink-0" />
      Set by you. Back to {to}
    </button>
  );
}

function KnobRow({
  knob,
  state,
  choices,
  rodMost,
  tongue,
  phrases,
  onChange,
  onMeasure,
}: {
  knob: Knob;
  rodMost: number;
  state: KnobState;
  choices: readonly Choice[];
  tongue: Tongue;
  phrases: Readonly<Record<string, string>>;
  onChange: (value: number | string | undefined) => void;
  onMeasure: (mm: number | null) => void;
}) {
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  const byHand = state.by === 'hand';
  const isMeasured = state.by === 'measured';
  const [measuring, setMeasuring] = useState(false);
  const short =
    choices.length <= 4 &&
    choices.every((choice) => choice.label.length <= 24) &&
    choices.reduce((sum, choice) => sum + choice.label.length, 0) <= 40;
  const said = knobWords(knob, state.suggestion.value, tongue.units);
  return (
    <div className="py-2.5">
      <div className="flex min-h-11 items-center justify-between gap-3">
        <label htmlFor={id} className="text-[0.95rem] leading-tight font-medium">
          {knob.label}
        </label>
        {knob.type === 'length' && !isMeasured && (
          <KnobLength
            id={id}
            knob={knob}
            state={state}
            tongue={tongue}
            isOwn={byHand}
            onChange={onChange}
            onFault={setFault}
          />
        )}
        {knob.type === 'count' && (
          <span className="flex items-center gap-2">
            <NumberInput
              id={id}
              value={state.value as number}
              min={knob.min}
              max={knob.max}
              onChange={onChange}
              onFault={setFault}
              className={`w-20 text-right ${byHand ? 'font-semibold' : ''}`}
            />
          </span>
        )}
      </div>
      {knob.type === 'length' && !isMeasured && (
        <RodSlider
          value={state.value as number}
          min={knob.min}
          max={Math.min(knob.max, Math.max(rodMost, state.value as number))}
          step={stepOf(knob, tongue.units)}
          label={knob.label}
          says={formatLength(state.value as number, tongue.units)}
          onChange={onChange}
        />
      )}
      {knob.type === 'choice' &&
        (short ? (
          <Switcher label={knob.label} value={state.value as string} choices={choices} onChange={onChange} />
        ) : (
          <Chooser
            id={id}
            label={knob.label}
            value={state.value as string}
            choices={choices}
            onChange={onChange}
            className="w-full"
          />
        ))}
      <div className="flex flex-wrap items-baseline justify-between gap-x-3">
        {!isMeasured && (
          <Because id={id} fault={fault} byHand={byHand} back={() => onChange(undefined)} to={said}>
            {say(state.suggestion.why, phrases, tongue)}
          </Because>
        )}
        {knob.type === 'length' && !isMeasured && !measuring && (
          <button
            type="button"
            onClick={() => setMeasuring(true)}
            aria-label={`As built… ${knob.label}`}
            className="flex min-h-8 shrink-0 items-center gap-1.5 text-[0.85rem] text-chalk hover:underline max-sm:min-h-11"
          >
            <Ruler size={14} aria-hidden />
            As built…
          </button>
        )}
        {knob.type === 'length' && (isMeasured || measuring) && (
          <AsBuilt
            knob={knob}
            state={state}
            tongue={tongue}
            onMeasure={onMeasure}
            onClose={() => setMeasuring(false)}
          />
        )}
      </div>
      <p className="sr-only">{knob.help}</p>
    </div>
  );
}
