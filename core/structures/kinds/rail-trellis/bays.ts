import { equalBays } from '../../rules/spacing';

/**
 * Post centres along a level row. Divided: equal bays, none with more than `bayMm` clear (or from
 * centre to centre), outside faces on the ends of the row. Repeated: exactly that bay, as often as
 * the row holds, at least once. With 3½″ posts 90″ clear puts the second post's inside face at
 * 7′ 9½″ and the third's at 15′ 7″ (the trade's worked value). mm.
 */
export function postCentres(o: {
  rowMm: number;
  bayMm: number;
  by: 'divide' | 'clear' | 'centres';
  postWideMm: number;
}): number[] {
  const first = o.postWideMm / 2;
  if (o.by === 'divide')
    return equalBays([first, Math.max(first + o.postWideMm, o.rowMm - first)], o.bayMm + o.postWideMm);
  const pitch = o.by === 'clear' ? o.bayMm + o.postWideMm : Math.max(o.bayMm, o.postWideMm * 2);
  const count = Math.max(1, Math.floor((o.rowMm - o.postWideMm + 0.5) / pitch));
  return Array.from({ length: count + 1 }, (_, i) => first + i * pitch);
}
