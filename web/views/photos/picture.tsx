import { useEffect, useState } from 'react';
import type { Side } from '../../kept/photo';
import type { ShownPhoto } from '../../kept/photo-book';

/** A photo, from the server or from this device; what cannot be had is said in its place. */
export function Picture({
  garden,
  photo,
  side,
  alt = '',
  className,
}: {
  garden: string;
  photo: ShownPhoto;
  side: Side;
  alt?: string;
  className: string;
}) {
  const waits = photo.waits?.[side] ?? null;
  const [own, setOwn] = useState<string | null>(null);
  const [isMissing, setMissing] = useState(false);
  useEffect(() => {
    if (!waits) return undefined;
    const address = URL.createObjectURL(waits);
    setOwn(address);
    return () => URL.revokeObjectURL(address);
  }, [waits]);
  // Once there is a network it is asked for again.
  useEffect(() => {
    if (!isMissing) return undefined;
    const again = () => setMissing(false);
    window.addEventListener('online', again);
    return () => window.removeEventListener('online', again);
  }, [isMissing]);
  if (isMissing)
    return (
      <span className={`grid place-items-center p-2 text-center text-[0.85rem] text-soft ${className}`}>
        This picture is not on this device: there is no network just now.
      </span>
    );
  const address = waits
    ? own
    : `/api/gardens/${encodeURIComponent(garden)}/photos/${photo.id}${side === 'small' ? '?small' : ''}`;
  if (!address) return <span className={`block ${className}`} />;
  return <img src={address} alt={alt} loading="lazy" onError={() => setMissing(true)} className={className} />;
}
