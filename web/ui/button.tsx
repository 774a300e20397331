import type { ButtonHTMLAttributes } from 'react';

type Look = 'main' | 'plain' | 'quiet' | 'danger';

const LOOKS: Record<Look, string> = {
  main: 'bg-chalk text-on-chalk hover:bg-chalk-deep font-semibold',
  plain: 'bg-sheet text-ink shadow-[inset_0_0_0_1.5px_var(--rule-strong)] hover:bg-well font-medium',
  quiet: 'text-chalk hover:bg-chalk-wash font-medium',
  danger: 'text-keel shadow-[inset_0_0_0_1.5px_var(--keel)] hover:bg-keel/10 font-medium',
};

/** Shared with links that act as buttons. 44 px high: a gloved finger taps it. */
export const buttonLook = (look: Look, extra = ''): string =>
  `button-look inline-flex min-h-11 items-center justify-center gap-2 rounded-[3px] px-4 text-[0.95rem] leading-tight transition-colors disabled:opacity-45 ${LOOKS[look]} ${extra}`;

export function Button({
  look = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }) {
  return <button type="button" {...rest} className={buttonLook(look, className)} />;
}
