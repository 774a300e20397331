'use client';
import { Check, ChevronDown } from 'lucide-react';
import { Select } from 'radix-ui';
import { useEffect, useRef } from 'react';
import type { ListProps } from './choice';

/** A chooser with all it needs to open. */
export function ChooserList({ id, value, choices, onChange, label, className, startOpen, takeFocus }: ListProps) {
  const trigger = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (takeFocus) trigger.current?.focus();
  }, [takeFocus]);
  return (
    <Select.Root value={value} onValueChange={onChange} defaultOpen={startOpen}>
      <Select.Trigger {...(id ? { id } : {})} ref={trigger} aria-label={label} className={className}>
        <span className="truncate">
          <Select.Value />
        </span>
        <Select.Icon>
          <ChevronDown size={16} aria-hidden className="shrink-0 text-soft" />
        </Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          className="z-[60] max-h-[min(26rem,var(--radix-select-content-available-height))] min-w-[var(--radix-select-trigger-width)] overflow-hidden rounded-[3px] bg-sheet shadow-[0_0_0_1.5px_var(--rule-strong),0_12px_30px_#0004]"
        >
          <Select.Viewport className="p-1">
            {choices.map((choice) => (
              <Select.Item
                key={choice.id}
                value={choice.id}
                disabled={choice.disabled ?? false}
                className="flex min-h-11 cursor-pointer items-center gap-2 rounded-[2px] py-1.5 pr-4 pl-2 outline-none data-[disabled]:text-soft data-[highlighted]:bg-chalk-wash"
              >
                <span className="w-5">
                  <Select.ItemIndicator>
                    <Check size={16} aria-hidden />
                  </Select.ItemIndicator>
                </span>
                <Select.ItemText>{choice.label}</Select.ItemText>
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}
