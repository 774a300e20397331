/** What a signed-in device carries where Lignum asks for a passphrase; sent over TLS only and to no script (`__Host-`: RFC 6265bis, 4.1.3.2). */
export const TICKET_COOKIE = '__Host-lignum';

/** Whether this Lignum asks for a passphrase: it is reached from elsewhere, and nothing before it asks. */
export const isGuarded = (): boolean => process.env.LIGNUM_GUARDED === '1';

/** A place of this program to go on to; home where it is none, as an address of elsewhere that was smuggled in. @example placeWithin('//elsewhere.example') // '/' */
export const placeWithin = (to: string | null | undefined): string =>
  to && /^\/(?![/\\])[\x20-\x5b\x5d-\x7e]*$/.test(to) ? to : '/';
