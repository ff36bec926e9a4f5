/** What a device has entered and the server has not taken yet. */

import type { SessionEvent } from './types';

/** A record made or changed, as a request that may be sent twice and does it once. */
export interface Write {
  id: string;
  method: 'POST' | 'PUT' | 'PATCH';
  /** Under the API. */
  path: string;
  body: Readonly<Record<string, unknown>>;
  /** What it is about, for whoever reads that it was not taken: "The reading". */
  what: string;
}

interface Kept {
  /** Order of entry on this device. */
  order?: number;
  /** Who was signed in; not there in what an older version of the app kept. */
  coach_id?: string;
  /** Which session it is of; empty for a record of the workspace. */
  session_id: string;
  /** Why the server would not take it; null while it is only waiting. */
  refused: string | null;
  /** The same by field, where the server named some. */
  fields?: Readonly<Record<string, string>>;
  /** Set where this device could not store it, so that it lives only as long as the page. */
  is_loose?: boolean;
}

export type PendingEvent = Kept & { event: SessionEvent; write?: never };
export type PendingWrite = Kept & { write: Write; event?: never };
export type Pending = PendingEvent | PendingWrite;

/** Tells entries of one device apart, sent or not. */
export function idOf(item: Pending): string {
  return item.event?.id ?? item.write?.id ?? '';
}

/** What may still be taken, oldest first. */
export function standing(waiting: readonly Pending[]): readonly Pending[] {
  return waiting.filter(({ refused }) => refused === null);
}

/** Whether a write is a green-speed measurement; one that an earlier version left waiting has the path of then. */
export function isMeasurement(path: string): boolean {
  return /^sessions\/[^/]+\/(green-speed|reading)$/.test(path);
}
