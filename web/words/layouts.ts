import type { CutPiece, Layout } from '@lignum/core/cutting/cut-plan';

/** Layouts cut alike from alike lengths, told once; `label` says what else of a piece has to be alike. */
export function alikeLayouts(layouts: readonly Layout[], label: (piece: CutPiece) => string = () => ''): Layout[][] {
  const groups = new Map<string, Layout[]>();
  for (const layout of layouts) {
    const cuts = layout.cuts.map((cut) => `${Math.round(cut.measure * 10)} ${label(cut)}`);
    const key = [layout.from, layout.measure, ...cuts].join('|');
    groups.set(key, [...(groups.get(key) ?? []), layout]);
  }
  return [...groups.values()];
}

/** "A–D, F": letters that follow each other are said as their first and last. */
export function namesOf(group: readonly Layout[], all: readonly Layout[]): string {
  const places = group.map((one) => all.indexOf(one));
  return places
    .flatMap((at, i) => {
      if (places[i - 1] === at - 1) return [];
      let end = i;
      while (places[end + 1] === (places[end] ?? 0) + 1) end++;
      const [first, last] = [group[i]?.name ?? '', group[end]?.name ?? ''];
      return [end > i ? `${first}–${last}` : first];
    })
    .join(', ');
}
