'use client';
import { toNestErrors } from '@hookform/resolvers';
import { joiResolver } from '@hookform/resolvers/joi';
import type Joi from 'joi';
import { createContext, use, useEffect, useId, useMemo, useRef, type ReactNode } from 'react';
import {
  FormProvider,
  useController,
  useForm,
  useFormContext,
  type DefaultValues,
  type FieldError,
  type FieldErrors,
  type FieldValues,
  type Resolver,
  type UseFormReturn,
} from 'react-hook-form';
import { DOOR, limitsOf } from '@lignum/core/formats/door';
import { formatLength, type Units } from '@lignum/core/quantity/length';
import { ChooserField } from './chooser';
import type { Choice } from './choice';
import { Field, inputLook, LengthField, NumberField } from './field';
import { isUnread } from './unread';

/** What does not make sense although every field keeps its limits: where (`gapMm/least`), and what. */
export type Sense<Values> = (values: Values) => readonly { field: string; message: string }[];

const dotted = (field: string): string => field.replaceAll('/', '.');

/** Asks the core's schema first and then for sense, so that a form refuses what the door of the program would. */
function ruled<Values extends FieldValues>(schema: Joi.ObjectSchema, sense: Sense<Values>): Resolver<Values> {
  // Blanks round a name are taken off; nothing else is turned into something it is not.
  const byRule = joiResolver(schema, { ...DOOR, convert: true }) as unknown as Resolver<Values>;
  return async (values, context, options) => {
    const read = await byRule(values, context, options);
    if (Object.keys(read.errors).length > 0) return read;
    const faults = sense(values);
    if (faults.length === 0) return read;
    const flat = Object.fromEntries(
      faults.map(({ field, message }) => [dotted(field), { type: 'sense', message } satisfies FieldError]),
    ) as FieldErrors<Values>;
    return { values: {}, errors: toNestErrors(flat, options) };
  };
}

const NO_SENSE = () => [];

/** A sheet's fields, checked by the rules of the document they go into. */
export function useRuledForm<Values extends FieldValues>(
  schema: Joi.ObjectSchema,
  start: Values,
  sense: Sense<Values> = NO_SENSE,
): UseFormReturn<Values> {
  const resolver = useMemo(() => ruled(schema, sense), [schema, sense]);
  return useForm<Values>({
    defaultValues: start as DefaultValues<Values>,
    resolver,
    mode: 'onChange',
    shouldFocusError: false,
  });
}

interface Ruling {
  schema: Joi.ObjectSchema;
  units: Units;
  step: number;
}
const Ruled = createContext<Ruling | null>(null);
function useRuling(): Ruling {
  const ruling = use(Ruled);
  if (!ruling) throw new Error('A field of a form stands outside of one: put it inside <RuledForm>.');
  return ruling;
}

/** The form itself: Enter and its main button give what was filled in, once it keeps to the rules. */
export function RuledForm<Values extends FieldValues>({
  form,
  schema,
  units,
  step,
  onDone,
  children,
}: Ruling & { form: UseFormReturn<Values>; onDone: (values: Values) => void; children: ReactNode }) {
  const element = useRef<HTMLFormElement>(null);
  // Whatever kind of field it is: the first that is wrong is brought into sight.
  const { submitCount, isValid } = form.formState;
  useEffect(() => {
    if (submitCount > 0 && !isValid) element.current?.querySelector<HTMLElement>('[aria-invalid=true]')?.focus();
    // Only when it has been tried again, not while it is being mended.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [submitCount]);
  return (
    <Ruled value={{ schema, units, step }}>
      <FormProvider {...form}>
        <form
          ref={element}
          noValidate
          className="grid gap-4"
          onSubmit={(event) => {
            // A sheet may lie on another: only its own form is meant.
            event.stopPropagation();
            if (isUnread(event.currentTarget)) event.preventDefault();
            else void form.handleSubmit(onDone)(event);
          }}
        >
          {children}
        </form>
      </FormProvider>
    </Ruled>
  );
}

/** What is wrong with a field, in the words of the door; lengths in the gardener's own. */
function faultOf(error: FieldError | undefined, label: string, name: string, units: Units): string | null {
  if (!error?.message) return null;
  const message = name.includes('Mm')
    ? error.message.replace(/-?\d+(\.\d+)?/g, (mm) => formatLength(Number(mm), units))
    : error.message;
  return `${label} ${message}.`;
}

function useRuledField(name: string, label: string) {
  const { units } = useRuling();
  const { field, fieldState } = useController({ name });
  const { error } = fieldState;
  return { field, error, fault: faultOf(error, label, name, units) };
}

interface Named {
  name: string;
  label: string;
  help?: string;
}

/** `asks`: what is said where it may not be left empty. */
export function FormText({
  name,
  label,
  help,
  asks,
  maxLength,
  first = false,
}: Named & {
  asks?: string;
  maxLength: number;
  /** The sheet opens with the cursor in it. */
  first?: boolean;
}) {
  const id = useId();
  const { field, error, fault: told } = useRuledField(name, label);
  const fault = asks && error?.type === 'string.empty' ? asks : told;
  return (
    <Field label={label} htmlFor={id} help={help} fault={fault}>
      <input
        {...field}
        id={id}
        maxLength={maxLength}
        {...(first ? { 'data-first': '' } : {})}
        aria-invalid={fault !== null}
        aria-describedby={fault ? `${id}-fault` : undefined}
        className={inputLook}
      />
    </Field>
  );
}

/** A day of the calendar; empty where none is said. */
export function FormDay({ name, label, help }: Named) {
  const id = useId();
  const { field, fault } = useRuledField(name, label);
  return (
    <Field label={label} htmlFor={id} help={help} fault={fault}>
      <input
        {...field}
        id={id}
        type="date"
        value={(field.value as string | undefined) ?? ''}
        onChange={(event) => field.onChange(event.target.value || undefined)}
        aria-invalid={fault !== null}
        aria-describedby={fault ? `${id}-fault` : undefined}
        className={inputLook}
      />
    </Field>
  );
}

export function FormLength({ name, label, help }: Named) {
  const { schema, units, step } = useRuling();
  const { field, fault } = useRuledField(name, label);
  return (
    <LengthField
      {...limitsOf(schema, name)}
      {...(help ? { help } : {})}
      label={label}
      units={units}
      step={step}
      mm={field.value as number}
      fault={fault}
      onChange={field.onChange}
    />
  );
}

export function FormNumber({ name, label, help, whole = true }: Named & { whole?: boolean }) {
  const { schema } = useRuling();
  const { field, fault } = useRuledField(name, label);
  return (
    <NumberField
      {...limitsOf(schema, name)}
      {...(help ? { help } : {})}
      label={label}
      whole={whole}
      value={field.value as number}
      fault={fault}
      onChange={field.onChange}
    />
  );
}

export function FormChooser({
  name,
  label,
  help,
  choices,
  onChoose,
}: Named & { choices: readonly Choice[]; onChoose?: (id: string) => void }) {
  const { field } = useRuledField(name, label);
  return (
    <ChooserField
      {...(help ? { help } : {})}
      label={label}
      value={field.value as string}
      choices={choices}
      onChange={onChoose ?? field.onChange}
    />
  );
}

/** What is wrong in fields that the form does not show: said, because it cannot be pointed at. */
export function OtherFaults({ names }: { names: Readonly<Record<string, string>> }) {
  const { units } = useRuling();
  const { getFieldState, formState } = useFormContext();
  const said = Object.entries(names).flatMap(([name, label]) => {
    const fault = faultOf(getFieldState(name, formState).error, label, name, units);
    return fault ? [fault] : [];
  });
  return (
    said.length > 0 && (
      <ul role="alert" className="border-l-4 border-keel pl-3 text-[0.95rem] text-keel">
        {said.map((fault) => (
          <li key={fault}>{fault}</li>
        ))}
      </ul>
    )
  );
}
