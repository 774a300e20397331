'use client';
import { ChevronDown } from 'lucide-react';
import { useId, useRef, useState, type ComponentType } from 'react';
import { Field, inputLook } from './field';

export interface Choice {
  id: string;
  label: string;
  disabled?: boolean;
}

export interface ChooserProps {
  id?: string;
  value: string;
  choices: readonly Choice[];
  onChange: (id: string) => void;
  label: string;
  className?: string;
}

const look = `${inputLook} inline-flex min-w-0 items-center justify-between gap-2 text-left`;

/** What opens: as the chooser it takes the place of, open at once where that was pressed. */
export type ListProps = ChooserProps & { className: string; startOpen: boolean; takeFocus: boolean };
/** Fetched once, the first time one is reached for. */
let fetched: ComponentType<ListProps> | null = null;

/** A list to choose one from; opens with the keyboard and can be typed into. What opens is fetched when it is reached for. */
export function Chooser(props: ChooserProps) {
  const [List, setList] = useState<ComponentType<ListProps> | null>(() => fetched);
  const [opens, setOpens] = useState(false);
  const list = useId();
  const button = useRef<HTMLButtonElement>(null);
  const held = useRef(false);
  const className = `${look} ${props.className ?? ''}`;
  if (List) return <List {...props} className={className} startOpen={opens} takeFocus={held.current} />;
  const reach = async (open: boolean) => {
    if (open) setOpens(true);
    fetched ??= (await import('./chooser-list')).ChooserList;
    held.current = document.activeElement === button.current;
    setList(() => fetched);
  };
  const { id, value, choices, label } = props;
  return (
    <button
      ref={button}
      type="button"
      role="combobox"
      {...(id ? { id } : {})}
      aria-label={label}
      aria-haspopup="listbox"
      aria-controls={list}
      aria-expanded={false}
      aria-busy={opens}
      onPointerEnter={() => void reach(false)}
      onFocus={() => void reach(false)}
      onClick={() => void reach(true)}
      className={className}
    >
      <span className="truncate">{choices.find((choice) => choice.id === value)?.label}</span>
      <ChevronDown size={16} aria-hidden className="shrink-0 text-soft" />
    </button>
  );
}

export function ChooserField({ label, help, ...rest }: Omit<ChooserProps, 'id'> & { help?: string }) {
  const id = useId();
  return (
    <Field label={label} help={help} htmlFor={id}>
      <Chooser {...rest} id={id} label={label} />
    </Field>
  );
}
