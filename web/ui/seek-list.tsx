'use client';
import { Command } from 'cmdk';
import { Check, ChevronDown } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import type { ListProps } from './choice';
import { closeness } from './closeness';

/** A chooser for a long list: under headings, with a field that seeks in it. */
export function SeekList({ id, value, choices, onChange, label, className, startOpen, takeFocus }: ListProps) {
  const trigger = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(startOpen);
  useEffect(() => {
    if (takeFocus) trigger.current?.focus();
  }, [takeFocus]);
  const chosen = choices.find((choice) => choice.id === value);
  const groups = [...new Set(choices.map((choice) => choice.group ?? ''))];
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        {...(id ? { id } : {})}
        ref={trigger}
        role="combobox"
        aria-label={label}
        aria-haspopup="listbox"
        className={className}
      >
        <span className="truncate">{chosen?.label}</span>
        <ChevronDown size={16} aria-hidden className="shrink-0 text-soft" />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          aria-label={label}
          className="z-[60] w-[max(var(--radix-popover-trigger-width),min(20rem,calc(100vw-2rem)))] rounded-[3px] bg-sheet shadow-[0_0_0_1.5px_var(--rule-strong),0_12px_30px_#0004]"
        >
          <Command label={`Find in ${label}`} defaultValue={value} filter={closeness} loop>
            <Command.Input
              placeholder="Find…"
              className="h-11 w-full border-b border-rule bg-transparent px-3 outline-none placeholder:text-soft"
            />
            <Command.List
              label={label}
              className="max-h-[min(24rem,calc(var(--radix-popover-content-available-height)-3rem))] overflow-y-auto overscroll-contain p-1"
            >
              <Command.Empty className="px-3 py-3 text-soft">Nothing here is called that.</Command.Empty>
              {groups.map((group) => (
                <Command.Group
                  key={group}
                  {...(group === '' ? {} : { heading: group })}
                  className="[&>[cmdk-group-heading]]:px-2 [&>[cmdk-group-heading]]:pt-3 [&>[cmdk-group-heading]]:pb-1 [&>[cmdk-group-heading]]:text-[0.85rem] [&>[cmdk-group-heading]]:font-semibold [&>[cmdk-group-heading]]:text-soft"
                >
                  {choices
                    .filter((choice) => (choice.group ?? '') === group)
                    .map((choice) => (
                      <Command.Item
                        key={choice.id}
                        value={choice.id}
                        keywords={[choice.label, group]}
                        disabled={choice.disabled ?? false}
                        aria-checked={choice.id === value}
                        onSelect={() => {
                          setOpen(false);
                          if (choice.id !== value) onChange(choice.id);
                        }}
                        className="flex min-h-11 cursor-pointer items-center gap-2 rounded-[2px] py-1.5 pr-4 pl-2 data-[disabled=true]:text-soft data-[selected=true]:bg-chalk-wash"
                      >
                        <span className="w-5">{choice.id === value && <Check size={16} aria-hidden />}</span>
                        {choice.label}
                      </Command.Item>
                    ))}
                </Command.Group>
              ))}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
