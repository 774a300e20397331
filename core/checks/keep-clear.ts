import { feetOf, rowOnPlan } from '../design/on-plot';
import { distanceTo } from '../site/plot';
import { verdict, type Check } from './verdict';

/** Does every post stand clear of buried lines, wells, walls and trees? The distances are the gardener's own. */
export const keepClear: Check = ({ design, setting }) => {
  const guarded = setting.features.filter((feature) => feature.keepClearMm > 0);
  if (guarded.length === 0) return null;
  const place = rowOnPlan(design, setting.bed);
  const posts = feetOf(design).map(([x, y]) => place(x, y));
  const near = guarded
    .map((feature) => ({ feature, mm: Math.min(...posts.map((post) => distanceTo(post, feature))) }))
    .filter(({ feature, mm }) => mm < feature.keepClearMm)
    .sort((a, b) => a.mm / a.feature.keepClearMm - b.mm / b.feature.keepClearMm)[0];
  if (!near) return verdict('keep-clear', 'good', 'clear.fine');
  const risky = near.feature.kind === 'buried line' || near.feature.kind === 'well';
  return verdict('keep-clear', risky ? 'fail' : 'note', 'clear.near', {
    near: { mm: near.mm },
    what: near.feature.name || near.feature.kind,
    clear: { mm: near.feature.keepClearMm },
  });
};
