'use client';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { part } from '../../ui/part';
import { isWeighed } from '@lignum/core/withstand/stand-of';
import { Bays } from './bays';
import { LateFold } from './late-fold';
import type { Marked } from './stand/hardest-mark';

/** Fetched when they are opened. */
const WillItStand = part(() => import('./stand/will-it-stand'));
const CloseUps = part(() => import('../shell/close-ups'), <p className="py-8 text-soft">Drawing the joints…</p>);
const Marks = part(() => import('./marks'), <p className="py-8 text-soft">Setting out…</p>);
const BuildOrder = part(async () => ({ default: (await import('../shell/build-order')).BuildOrder }));
const HowFar = part(() => import('./how-far'), <p className="py-8 text-soft">Looking how far it is…</p>);
const Plumb = part(() => import('./plumb'));
const OwnPhotos = part(() => import('./own-photos'), <p className="py-8 text-soft">Looking for photos…</p>);
const SeasonNotes = part(async () => ({ default: (await import('../shell/build-order')).SeasonNotes }));

/** Its bays and what the tape says of them, whether it will stand, how it is built, how far it is, and what it looked like: come once the page is calm, as nobody reads them while a knob is turned. */
export default function Folds({
  computed,
  onLooked,
}: {
  computed: ComputedStructure;
  /** Which part of it is being looked at as it stands on a day. */
  onLooked: (marked: Marked | null) => void;
}) {
  return (
    <>
      <Bays computed={computed} />
      {isWeighed(computed.kind) && (
        <LateFold title="Will it stand?">{() => <WillItStand computed={computed} onLooked={onLooked} />}</LateFold>
      )}
      <LateFold title="The joints, close up">{() => <CloseUps computed={computed} />}</LateFold>
      <LateFold title="Marks to set out">{() => <Marks computed={computed} />}</LateFold>
      <LateFold title="In what order to build it">{() => <BuildOrder computed={computed} />}</LateFold>
      <LateFold title="How far it is">{() => <HowFar computed={computed} />}</LateFold>
      {computed.sized.design.posts.length > 0 && (
        <LateFold title="Plumb and in line">{() => <Plumb computed={computed} />}</LateFold>
      )}
      <LateFold title="Photos">{() => <OwnPhotos computed={computed} />}</LateFold>
      <LateFold title="Through the season">{() => <SeasonNotes computed={computed} />}</LateFold>
    </>
  );
}
