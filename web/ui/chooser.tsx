'use client';
import { ChevronDown } from 'lucide-react';
import { useId, useRef, useState, useSyncExternalStore, type ComponentType } from 'react';
import type { ChooserProps, ListProps } from './choice';
import { Field, inputLook } from './field';

const look = `${inputLook} inline-flex min-w-0 items-center justify-between gap-2 text-left`;

/** From so many on, a list is given a field that seeks in it. */
const SEEK_FROM = 16;
/** Fetched once, the first time one is reached for; every chooser takes it up then, so that none changes under a press. */
const fetched: Partial<Record<'plain' | 'long', ComponentType<ListProps>>> = {};
const listeners = new Set<() => void>();
const follow = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
async function fetchList(size: 'plain' | 'long'): Promise<void> {
  if (fetched[size]) return;
  fetched[size] =
    size === 'long' ? (await import('./seek-list')).SeekList : (await import('./chooser-list')).ChooserList;
  for (const listener of listeners) listener();
}

/** Fetches what choosers open, for where they will be reached for without a network: at the post. */
export const fetchChoosers = (): void =>
  void Promise.all([fetchList('plain'), fetchList('long')]).catch(() => undefined);

/** A list to choose one from; opens with the keyboard and can be typed into. What opens is fetched when it is reached for. */
export function Chooser(props: ChooserProps) {
  const size = props.choices.length < SEEK_FROM ? 'plain' : 'long';
  const List = useSyncExternalStore(
    follow,
    () => fetched[size],
    () => undefined,
  );
  const [opens, setOpens] = useState(false);
  const list = useId();
  const button = useRef<HTMLButtonElement>(null);
  const className = `${look} ${props.className ?? ''}`;
  // Where the keyboard was on the button, it is on what takes its place.
  const held = button.current !== null && document.activeElement === button.current;
  if (List) return <List {...props} className={className} startOpen={opens} takeFocus={held} />;
  const reach = (open: boolean) => {
    if (open) setOpens(true);
    void fetchList(size).catch(() => undefined);
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
      onPointerEnter={() => reach(false)}
      onFocus={() => reach(false)}
      onClick={() => reach(true)}
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
