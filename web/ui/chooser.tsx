'use client';
import { ChevronDown } from 'lucide-react';
import { useId, useRef, useState, type ComponentType } from 'react';
import type { ChooserProps, ListProps } from './choice';
import { Field, inputLook } from './field';

const look = `${inputLook} inline-flex min-w-0 items-center justify-between gap-2 text-left`;

/** From so many on, a list is given a field that seeks in it. */
const SEEK_FROM = 16;
/** Fetched once, the first time one is reached for. */
const fetched: Partial<Record<'plain' | 'long', ComponentType<ListProps>>> = {};
async function fetchList(size: 'plain' | 'long'): Promise<ComponentType<ListProps>> {
  return (fetched[size] ??=
    size === 'long' ? (await import('./seek-list')).SeekList : (await import('./chooser-list')).ChooserList);
}

/** Fetches what choosers open, for where they will be reached for without a network: at the post. */
export const fetchChoosers = (): void =>
  void Promise.all([fetchList('plain'), fetchList('long')]).catch(() => undefined);

/** A list to choose one from; opens with the keyboard and can be typed into. What opens is fetched when it is reached for. */
export function Chooser(props: ChooserProps) {
  const size = props.choices.length < SEEK_FROM ? 'plain' : 'long';
  const [List, setList] = useState<ComponentType<ListProps> | null>(() => fetched[size] ?? null);
  const [opens, setOpens] = useState(false);
  const list = useId();
  const button = useRef<HTMLButtonElement>(null);
  const held = useRef(false);
  const className = `${look} ${props.className ?? ''}`;
  if (List) return <List {...props} className={className} startOpen={opens} takeFocus={held.current} />;
  const reach = async (open: boolean) => {
    if (open) setOpens(true);
    const Fetched = await fetchList(size);
    held.current = document.activeElement === button.current;
    setList(() => Fetched);
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
