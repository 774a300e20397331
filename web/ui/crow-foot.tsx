/** The mark a carpenter makes on a board: two strokes that meet exactly on the line. Lignum's sign for anything measured. */
export function CrowFoot({ className = '' }: { className?: string }) {
  return (
    <svg viewBox="0 0 12 14" aria-hidden className={className}>
      <path
        d="M1 1 L6 13 L11 1"
        fill="none"
        stroke="currentColor"
        strokeWidth="2.4"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}
