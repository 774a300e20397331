import type { ReactNode } from 'react';

export interface RodMark {
  /** Share of the rod's length, 0 to 1. */
  at: number;
  /** Said under the mark. */
  label?: string;
}
export interface RodBlock {
  from: number;
  to: number;
  label?: string;
  tone: 'timber' | 'chalk' | 'leaf' | 'waste';
}

const TONES: Record<RodBlock['tone'], string> = {
  timber: 'bg-timber shadow-[inset_0_0_0_1px_var(--timber-edge)]',
  chalk: 'bg-chalk-wash shadow-[inset_0_0_0_1px_var(--chalk)]',
  leaf: 'bg-leaf/15 shadow-[inset_0_0_0_1px_var(--leaf-line)]',
  waste:
    'bg-[repeating-linear-gradient(135deg,transparent_0_4px,var(--rule)_4px_5px)] shadow-[inset_0_0_0_1px_var(--rule-strong)]',
};

/**
 * The rod: one strip for anything measured along a length (a board, a row, a season). Blocks lie on
 * it, crow's feet stand on exact places.
 */
export function Rod({
  blocks = [],
  marks = [],
  share = 1,
  label,
  children,
}: {
  blocks?: readonly RodBlock[];
  marks?: readonly RodMark[];
  share?: number;
  label: string;
  children?: ReactNode;
}) {
  return (
    <div role="img" aria-label={label} className="relative h-9" style={{ width: `${Math.max(2, share * 100)}%` }}>
      <div className="absolute inset-x-0 top-2 h-5 bg-well" />
      {blocks.map((block, i) => (
        <div
          key={i}
          className={`absolute top-2 flex h-5 items-center justify-center overflow-hidden text-[0.72rem] leading-none text-ink ${TONES[block.tone]}`}
          style={{ left: `${block.from * 100}%`, width: `${(block.to - block.from) * 100}%` }}
        >
          {block.label && <span className="truncate px-1">{block.label}</span>}
        </div>
      ))}
      {marks.map((mark, i) => (
        <svg
          key={i}
          viewBox="0 0 8 9"
          aria-hidden
          className="absolute top-0 h-[9px] w-2 -translate-x-1/2 text-chalk"
          style={{ left: `${mark.at * 100}%` }}
        >
          <path d="M1 0.5 L4 8 L7 0.5" fill="none" stroke="currentColor" strokeWidth="1.5" />
        </svg>
      ))}
      {children}
    </div>
  );
}
