'use client';
import { lazy, Suspense, useEffect, useId, useRef, useState, type ReactNode } from 'react';
import { bareUnitOf, exact, formatLength, parseLength, type Unit, type Units } from '@lignum/core/quantity/length';
import { lengthTarget, type LengthTarget } from './length-target';
import { besideTyping, useDraft } from './use-draft';

const BesideTyping = lazy(besideTyping);

export const inputLook =
  'h-11 rounded-[3px] bg-sheet px-3 text-ink shadow-[inset_0_0_0_1.5px_var(--rule-strong)] aria-invalid:shadow-[inset_0_0_0_2px_var(--keel)]';

/** Label, control, and below it either what is wrong or a line of help. Decision 50. */
export function Field({
  label,
  help,
  fault,
  htmlFor,
  children,
}: {
  label: string;
  help?: string | undefined;
  fault?: string | null | undefined;
  htmlFor?: string;
  children: ReactNode;
}) {
  return (
    <div className="flex min-w-0 flex-col gap-1">
      <label htmlFor={htmlFor} className="text-[0.9rem] font-medium">
        {label}
      </label>
      {children}
      {fault ? (
        <p role="alert" id={`${htmlFor}-fault`} className="text-[0.85rem] font-medium text-keel">
          {fault}
        </p>
      ) : help ? (
        <p className="text-[0.85rem] text-soft">{help}</p>
      ) : null}
    </div>
  );
}

/** Said by the field itself where nobody about it does. */
const OwnFault = ({ id, said }: { id: string; said: string }) => (
  <span role="alert" id={`${id}-fault`} className="block pt-1 text-[0.85rem] font-medium whitespace-normal text-keel">
    {said}
  </span>
);

const LARGER: Record<Units, Unit> = { imperial: 'ft', metric: 'm' };

interface LengthProps {
  id: string;
  mm: number;
  units: Units;
  min: number;
  max: number;
  step: number;
  onChange: (mm: number) => void;
  onFault?: (fault: string | null) => void;
  /** Something is wrong with it that the field itself does not find. */
  invalid?: boolean;
  /** Called when the field is left; Enter and Escape then leave it too. */
  onDone?: () => void;
  className?: string;
  /** As wide as its place. */
  fills?: boolean;
  label?: string;
  /** Nothing has been read yet: it is empty, and so a nought can be said. */
  blank?: boolean;
}

/**
 * A length as it is written on a plan. What is typed is read at every stroke and used as soon as it
 * is a length within the limits; arrow keys step it; leaving the field tidies it.
 */
export function LengthInput({
  id,
  mm,
  units,
  min,
  max,
  step,
  onChange,
  onFault,
  invalid = false,
  onDone,
  className = '',
  fills = false,
  label,
  blank = false,
}: LengthProps) {
  const { draft, setDraft, said, tell, tidy, settle, marks } = useDraft(mm, id, invalid, onFault, units);
  /** The tape is offered where a length is being typed; a sheet holds everything outside it still. */
  const [offersTape, offerTape] = useState(false);

  const type = (text: string) => {
    setDraft(text);
    const read = parseLength(text, bareUnitOf(units));
    if (!read.ok) return tell(read.fault);
    if (read.mm < min - 0.01)
      return tell(`${formatLength(read.mm, units)} is too little; the least is ${formatLength(min, units)}.`);
    if (read.mm > max + 0.01)
      return tell(`${formatLength(read.mm, units)} is too much; the most is ${formatLength(max, units)}.`);
    tell(null);
    onChange(Math.min(max, Math.max(min, read.mm)));
  };
  // A device may send long after the field was drawn: it is given the field as it is now.
  const latest = useRef(type);
  useEffect(() => {
    latest.current = type;
  });
  // A number alone is read in the small unit: that is said, and the large one is a tap away.
  const written = draft === null ? null : parseLength(draft, bareUnitOf(units));
  const bare = written?.ok && written.isBare ? (draft ?? '').trim() : null;
  const larger = bare === null ? null : parseLength(`${bare} ${LARGER[units]}`, bareUnitOf(units));
  const mine = useRef<LengthTarget | null>(null);
  useEffect(
    () => () => {
      if (lengthTarget.get() === mine.current) lengthTarget.set(null);
    },
    [],
  );
  const nudge = (by: number) => {
    tidy();
    onChange(Math.min(max, Math.max(min, exact(Math.round((mm + by) / step) * step))));
  };

  const input = (
    <input
      id={id}
      type="text"
      inputMode="text"
      autoComplete="off"
      spellCheck={false}
      aria-label={label}
      {...marks}
      value={draft ?? (blank ? '' : formatLength(mm, units))}
      placeholder={blank ? 'not read' : undefined}
      className={`${inputLook} ${fills ? 'w-full' : ''} ${className}`}
      onChange={(event) => type(event.target.value)}
      onFocus={(event) => {
        event.target.select();
        mine.current = {
          label: label ?? event.target.labels?.[0]?.textContent ?? 'this length',
          accept: (measured) => {
            latest.current(formatLength(measured, units));
            setDraft(null);
          },
          focus: () => marks.ref.current?.focus(),
        };
        lengthTarget.set(mine.current);
        offerTape(!lengthTarget.isOut() && !event.target.closest('[role=dialog]'));
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter') settle();
        if (event.key === 'Escape' && (draft !== null || onDone)) {
          event.preventDefault();
          event.stopPropagation();
          tidy();
        }
        if (onDone && (event.key === 'Enter' || event.key === 'Escape')) event.currentTarget.blur();
        if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
          event.preventDefault();
          nudge((event.key === 'ArrowUp' ? step : -step) * (event.shiftKey ? 10 : 1));
        }
      }}
    />
  );
  return (
    <span
      role="presentation"
      className={`relative block ${fills ? 'w-full' : 'w-fit'}`}
      onBlur={(event) => {
        // What is offered beside it belongs to it: Tab goes there before it leaves.
        if (event.currentTarget.contains(event.relatedTarget)) return;
        // What was opened to be typed into closes as it stood.
        if (onDone) tidy();
        else settle();
        offerTape(false);
        onDone?.();
      }}
    >
      {input}
      {said && !onFault && <OwnFault id={id} said={said} />}
      {(offersTape || bare !== null) && (
        <Suspense>
          <BesideTyping
            bare={bare}
            units={units}
            larger={
              larger?.ok && larger.mm >= min && larger.mm <= max
                ? () => {
                    type(`${bare} ${LARGER[units]}`);
                    marks.ref.current?.focus();
                  }
                : null
            }
            tape={
              offersTape
                ? () => {
                    offerTape(false);
                    lengthTarget.take(true);
                  }
                : null
            }
          />
        </Suspense>
      )}
    </span>
  );
}

/** `fault`: what is wrong with a length that can be read, beside what the field itself finds. */
export function LengthField({
  label,
  help,
  fault = null,
  ...input
}: Omit<LengthProps, 'id' | 'onFault'> & { label: string; help?: string; fault?: string | null }) {
  const id = useId();
  const [unread, setUnread] = useState<string | null>(null);
  return (
    <Field label={label} help={help} fault={unread ?? fault} htmlFor={id}>
      <LengthInput {...input} fills id={id} invalid={fault !== null} onFault={setUnread} />
    </Field>
  );
}

/** A whole number, or one with decimals where `whole` is false. */
export function NumberInput({
  id,
  value,
  min,
  max,
  onChange,
  onFault,
  invalid = false,
  whole = true,
  className = '',
  label,
}: {
  id: string;
  value: number;
  min: number;
  max: number;
  onChange: (value: number) => void;
  onFault?: (fault: string | null) => void;
  invalid?: boolean;
  whole?: boolean;
  className?: string;
  label?: string;
}) {
  const { draft, setDraft, said, tell, tidy, settle, marks } = useDraft(value, id, invalid, onFault);
  const type = (text: string) => {
    setDraft(text);
    const number = Number(text.trim().replace(',', '.'));
    if (text.trim() === '' || !Number.isFinite(number)) return tell(`"${text}" is not a number.`);
    if (whole && !Number.isInteger(number)) return tell(`${text} is not a whole number.`);
    if (number < min) return tell(`${number} is too little; the least is ${min}.`);
    if (number > max) return tell(`${number} is too much; the most is ${max}.`);
    tell(null);
    onChange(number);
  };
  const input = (
    <input
      id={id}
      type="text"
      inputMode={whole ? 'numeric' : 'decimal'}
      autoComplete="off"
      aria-label={label}
      {...marks}
      value={draft ?? String(value)}
      className={`${inputLook} ${className}`}
      onChange={(event) => type(event.target.value)}
      onFocus={(event) => event.target.select()}
      onBlur={settle}
      onKeyDown={(event) => {
        if (event.key === 'Enter') settle();
        if (event.key === 'Escape' && draft !== null) {
          event.preventDefault();
          event.stopPropagation();
          tidy();
        }
        if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
          event.preventDefault();
          tidy();
          onChange(Math.min(max, Math.max(min, value + (event.key === 'ArrowUp' ? 1 : -1))));
        }
      }}
    />
  );
  return onFault ? (
    input
  ) : (
    <span>
      {input}
      {said && <OwnFault id={id} said={said} />}
    </span>
  );
}

export function NumberField({
  label,
  help,
  fault = null,
  ...rest
}: {
  label: string;
  help?: string;
  fault?: string | null;
  value: number;
  min: number;
  max: number;
  onChange: (value: number) => void;
  whole?: boolean;
}) {
  const id = useId();
  const [unread, setUnread] = useState<string | null>(null);
  return (
    <Field label={label} help={help} fault={unread ?? fault} htmlFor={id}>
      <NumberInput {...rest} id={id} invalid={fault !== null} onFault={setUnread} />
    </Field>
  );
}
