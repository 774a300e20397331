import type { Photo, PhotoChange, Side } from './photo';

/** A photo on its way: kept on the device until it has arrived. */
export interface WaitingPhoto extends Omit<Photo, 'widthPx' | 'heightPx'> {
  pictures: Readonly<Record<Side, Blob>>;
}

/** What is shown of a photo: where its pictures come from, and whether they are still on this device alone. */
export interface ShownPhoto extends Omit<Photo, 'widthPx' | 'heightPx'> {
  waits: WaitingPhoto['pictures'] | null;
}

/** How the photos of a garden stand as a tab shows them. */
export interface ShownPhotos {
  photos: readonly ShownPhoto[];
  /** Photos and changes that wait to be sent. */
  waiting: number;
  /** Whether anybody has told yet what there is. */
  isKnown: boolean;
  /** Sentences of what could not be kept. */
  refused: readonly string[];
}

/** What the server says of something that was sent: it is kept, it never will be, it will when there is room, or nobody answered. */
export type Said = { is: 'kept' } | { is: 'refused' | 'full'; message: string } | { is: 'away' };

/** What a book of photos needs of the outside. */
export interface PhotoOutside {
  /** All that the server keeps, or kept when it was last asked; null where nobody answers. Asked when nothing waits. */
  list(): Promise<readonly Photo[] | null>;
  send(photo: WaitingPhoto): Promise<Said>;
  change(id: string, change: PhotoChange): Promise<Said>;
  /** What waits on this device, of whichever tab. */
  stored(): Promise<Stored>;
  /** Keeps what waits on the device, each by itself: other tabs keep theirs beside it. Null where it has arrived. */
  put(photo: string, waits: WaitingPhoto | null): Promise<void>;
  putChange(id: string, said: SaidOf | null): Promise<void>;
  /** A name that sorts after all that were given before, on this device. */
  nextName(): string;
}

/** What was said of a photo and waits to be sent: never changed, so that tabs do not undo each other's. */
export interface SaidOf {
  id: string;
  photo: string;
  change: PhotoChange;
}

export interface Stored {
  photos: readonly WaitingPhoto[];
  changes: readonly SaidOf[];
}

const NONE: Stored = { photos: [], changes: [] };
const NOTHING: ShownPhotos = { photos: [], waiting: 0, isKnown: false, refused: [] };

/**
 * The photos of one garden in one tab: shown at once, sent behind, kept on the device until they have arrived. Decision 81.
 */
export class PhotoBook {
  private listeners = new Set<() => void>();
  private shown = NOTHING;
  private refused: readonly string[] = [];
  private held = NONE;
  private known: readonly Photo[] = [];
  private isKnown = false;
  private sending = false;
  /** There is no room for more photos; asked anew at each sync. */
  private full: string | null = null;

  constructor(private outside: PhotoOutside) {
    void this.lookAround().then(() => this.publish());
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  get = (): ShownPhotos => this.shown;

  /** Takes a photo in: it is shown, and kept on the device, whoever is being waited for. */
  async add(photo: WaitingPhoto): Promise<void> {
    await this.hold(photo);
    await this.sync();
  }

  /** Says something else of a photo, takes it away or brings it back. */
  async say(photo: string, change: PhotoChange): Promise<void> {
    const said = { id: this.outside.nextName(), photo, change };
    this.held = { ...this.held, changes: together(this.held.changes, [said]) };
    this.publish();
    await this.outside.putChange(said.id, said).catch(() => undefined);
    await this.sync();
  }

  dismiss(): void {
    this.refused = [];
    this.publish();
  }

  /** Sends what waits, of other tabs of this device too, and takes in what there is. */
  async sync(): Promise<void> {
    if (this.sending) return;
    this.sending = true;
    this.full = null;
    try {
      await this.lookAround();
      while ((await this.sendNext()) === 'more');
    } finally {
      this.sending = false;
    }
  }

  /** Sends the first of what waits; where nothing does, asks what there is. */
  private async sendNext(): Promise<'more' | 'done'> {
    const [photo] = this.held.photos;
    if (photo && this.full === null) {
      const said = await this.outside.send(photo);
      if (said.is === 'away') return 'done';
      // What has no room waits here until there is some; what was said of others goes on.
      if (said.is === 'full') {
        this.full = said.message;
        this.publish();
        return 'more';
      }
      if (said.is === 'refused') this.refused = [...this.refused, said.message];
      // It is known by what it is until the list says so too.
      else this.known = together(this.known, [{ ...photo, widthPx: 0, heightPx: 0 }]);
      this.held = { ...this.held, photos: this.held.photos.filter(({ id }) => id !== photo.id) };
      this.publish();
      await this.outside.put(photo.id, null).catch(() => undefined);
      // What is said of one that will never be there has nobody to go to.
      if (said.is === 'refused')
        for (const { id } of this.held.changes.filter((one) => one.photo === photo.id)) await this.forget(id);
      return 'more';
    }
    // Of a photo that has no room nobody there can be told anything yet.
    const held = new Set(this.held.photos.map(({ id }) => id));
    const [waits] = this.held.changes.filter(({ photo: of }) => !held.has(of));
    if (waits) {
      const said = await this.outside.change(waits.photo, waits.change);
      if (said.is === 'away') return 'done';
      if (said.is !== 'kept') this.refused = [...this.refused, said.message];
      else this.known = changed(this.known, waits.photo, waits.change);
      await this.forget(waits.id);
      return 'more';
    }
    const known = await this.outside.list();
    if (!known) return 'done';
    this.isKnown = true;
    this.known = known;
    this.publish();
    return this.full === null && this.held.photos.length + this.held.changes.length > 0 ? 'more' : 'done';
  }

  /** What waits on this device, of whichever tab, beside what this one holds. */
  private async lookAround(): Promise<void> {
    const there = await this.outside.stored().catch(() => NONE);
    this.held = {
      photos: together(there.photos, this.held.photos),
      changes: together(there.changes, this.held.changes).toSorted((a, b) => (a.id < b.id ? -1 : 1)),
    };
  }

  // Where the device's store is full or forbidden, what is held is still in this tab, and on its way.

  private async hold(photo: WaitingPhoto): Promise<void> {
    this.held = { ...this.held, photos: together(this.held.photos, [photo]) };
    this.publish();
    await this.outside.put(photo.id, photo).catch(() => undefined);
  }

  private async forget(change: string): Promise<void> {
    this.held = { ...this.held, changes: this.held.changes.filter(({ id }) => id !== change) };
    this.publish();
    await this.outside.putChange(change, null).catch(() => undefined);
  }

  private publish(): void {
    const { photos, changes } = this.held;
    const pictures = new Map(photos.map((photo) => [photo.id, photo.pictures]));
    const said = (id: string): PhotoChange =>
      Object.assign({}, ...changes.filter(({ photo }) => photo === id).map(({ change }) => change)) as PhotoChange;
    this.shown = {
      photos: together<Omit<Photo, 'widthPx' | 'heightPx'>>(this.known, photos).flatMap((photo): ShownPhoto[] => {
        const { removed, ...fields } = said(photo.id);
        return removed ? [] : [{ ...photo, ...fields, waits: pictures.get(photo.id) ?? null }];
      }),
      waiting: photos.length + changes.length,
      isKnown: this.isKnown,
      refused: this.full === null ? this.refused : [...this.refused, this.full],
    };
    for (const listener of this.listeners) listener();
  }
}

/** What is known, after a change has arrived: what was taken away is kept in sight of nobody. */
const changed = (known: readonly Photo[], id: string, { removed, ...fields }: PhotoChange): Photo[] =>
  known.flatMap((photo) => (photo.id !== id ? [photo] : removed ? [] : [{ ...photo, ...fields }]));

/** Two lists as one, of what is in both the later one's. */
const together = <One extends { id: string }>(earlier: readonly One[], later: readonly One[]): One[] => [
  ...new Map([...earlier, ...later].map((one) => [one.id, one])).values(),
];
