import { useId } from 'react';
import type { Choice } from './choice';

const LOOKS = {
  box: {
    all: 'rounded-[3px] bg-well p-0.5',
    each: 'min-h-10 rounded-[2px] px-3 text-[0.9rem] has-checked:bg-sheet has-checked:shadow-[0_0_0_1.5px_var(--chalk)]',
  },
  heading: {
    all: 'border-b border-rule',
    each: 'min-h-11 px-2 text-[0.95rem] has-checked:shadow-[inset_0_-3px_0_var(--chalk)]',
  },
} as const;

/** Two to four short choices side by side: the browser's own radio buttons, one to a button. */
export function Switcher({
  value,
  choices,
  onChange,
  label,
  look = 'box',
  scrolls = false,
  className = '',
}: {
  value: string;
  choices: readonly Choice[];
  onChange: (id: string) => void;
  label: string;
  /** Choices in a box, or headings of what is shown under them. */
  look?: keyof typeof LOOKS;
  /** On one line, pushed along with a finger where that is too short. */
  scrolls?: boolean;
  className?: string;
}) {
  const name = useId();
  return (
    <div
      role="radiogroup"
      aria-label={label}
      className={`flex ${LOOKS[look].all} ${scrolls ? 'max-w-full overflow-x-auto whitespace-nowrap [scrollbar-width:none]' : 'flex-wrap'} ${className}`}
    >
      {choices.map((choice) => (
        <label
          key={choice.id}
          className={`relative grid max-w-full flex-auto cursor-pointer place-items-center text-center leading-tight text-soft hover:text-ink has-checked:font-semibold has-checked:text-ink ${LOOKS[look].each} has-disabled:cursor-default has-disabled:opacity-45 has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-(--chalk)`}
        >
          <input
            type="radio"
            name={name}
            checked={choice.id === value}
            disabled={choice.disabled ?? false}
            onChange={() => onChange(choice.id)}
            className="absolute inset-0 m-0 cursor-[inherit] opacity-0"
          />
          {choice.label}
        </label>
      ))}
    </div>
  );
}
