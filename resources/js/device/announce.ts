/** What a screen reader is told once: a reading, a change of station, what is wrong with an entry. */

type Listener = (text: string) => void;

const listeners = new Set<Listener>();
let said = '';

/** Says it politely, after what is being read; the same words again are said again. */
export function announce(text: string): void {
  // A region is read when its text changes: a mark nobody hears makes the same words new.
  said = text === said ? `${text}\u00a0` : text;
  for (const listener of listeners) {
    listener(said);
  }
}

/** @returns a function that ends the subscription */
export function onAnnounced(listener: Listener): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** What was said last. */
export function lastEntered(): string {
  return said;
}
