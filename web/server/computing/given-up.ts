/** Nobody waits for it any more. */
export class Left extends Error {
  readonly why = 'left';
}
/** It took longer than anybody is let work at. */
export class TooLong extends Error {
  readonly why = 'long';
}
