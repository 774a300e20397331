'use client';
import { useState } from 'react';
import { Sheet } from '../../ui/dialog';
import { SINGLE_KEYS_SWITCH } from './single-keys';

const KEYS: readonly { keys: string; does: string }[] = [
  { keys: '/', does: 'Find anything, do anything by name' },
  { keys: 'Ctrl Z', does: 'Undo' },
  { keys: 'Ctrl Shift Z', does: 'Redo' },
  { keys: 'G', does: 'The garden' },
  { keys: 'N', does: 'Plan a new row' },
  { keys: 'B', does: 'What to build: every kind' },
  { keys: 'L', does: 'List for the shop' },
  { keys: 'W', does: 'Weekends: what is built when' },
  { keys: 'P', does: 'Prices and shed' },
  { keys: '[  ]', does: 'Design: previous or next structure' },
  { keys: 'K', does: 'Bench: build it as another kind' },
  { keys: 'S', does: 'Bench: its sheets to build from' },
  { keys: 'U', does: 'Feet and inches, or millimetres' },
  { keys: '← ↑ ↓ →  R', does: 'Garden: move or turn what is reached (Shift: a foot, 5°)' },
  { keys: '← ↑ ↓ →  Delete', does: 'Garden: move a corner, or remove it' },
  { keys: 'Space  Enter  Esc', does: 'Laying a fence: a corner, the end, leave it' },
  { keys: '↑ ↓', does: 'In a field or on a rod: one step' },
  { keys: '↑ ↓ ← →  Enter', does: 'On a pull in a drawing: one step, or type' },
  { keys: 'Shift ↑ ↓', does: 'In a length field or on a rod: ten steps' },
  { keys: '?', does: 'This sheet' },
];

/** Every shortcut. Single letters can be switched off for those who dictate. */
export default function KeySheet({ onClose }: { onClose: () => void }) {
  const [single, setSingle] = useState(() => localStorage.getItem(SINGLE_KEYS_SWITCH) !== 'off');
  return (
    <Sheet open onClose={onClose} title="Keys">
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {KEYS.map(({ keys, does }) => (
          <div key={keys} className="contents">
            <dt className="font-semibold whitespace-pre">{keys}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <label className="mt-5 flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-5 accent-(--chalk)"
          checked={single}
          onChange={(event) => {
            setSingle(event.target.checked);
            localStorage.setItem(SINGLE_KEYS_SWITCH, event.target.checked ? 'on' : 'off');
          }}
        />
        Single letters work as shortcuts
      </label>
    </Sheet>
  );
}
