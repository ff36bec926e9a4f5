/** Events not yet accepted by the server: kept on this device, sent in order, each until it is taken. */

import Dexie, { type EntityTable } from 'dexie';
import { monotonicFactory } from 'ulid';
import { ApiError, request } from './api';
import type { Ball, Putt } from './types';

/** What a drill asks to be seen of a ball, and which run it belongs to. */
export interface Sight {
  run_id?: string;
  gate?: 'left' | 'through' | 'right';
  call?: 'short' | 'on' | 'long';
  hit?: boolean;
  side_m?: number;
}

/** An event as the API takes it. */
export type SessionEvent =
  | ({ id: string; type: 'putt_logged'; at_ms: number } & Ball & Sight)
  | ({ id: string; type: 'putt_corrected'; at_ms: number; putt_id: string } & Ball)
  | { id: string; type: 'undone'; at_ms: number; event_id: string };

export interface Waiting {
  /** Order of entry on this device. */
  order?: number;
  session_id: string;
  event: SessionEvent;
  /** Why the server would not take it; null while it is only waiting. */
  refused: string | null;
}

export type OutboxListener = (waiting: readonly Waiting[]) => void;

/** Says that this device could not keep an event, so that nothing is dropped silently. */
export class StorageError extends Error {
  constructor(cause: unknown) {
    super('This device has no room to keep the ball. Free some space, then enter it again.', { cause });
  }
}

const nextId = monotonicFactory();

/** A new event id: later ids sort after earlier ones, also within a millisecond. */
export function newId(): string {
  return nextId();
}

const RETRY_MS = 3000;
const BATCH = 50;

class OutboxStore extends Dexie {
  waiting!: EntityTable<Waiting, 'order'>;

  constructor(name: string) {
    super(name);
    this.version(1).stores({ waiting: '++order, session_id' });
  }
}

/** Keeps, shows and sends what the server has not yet taken. */
export class Outbox {
  readonly #store: OutboxStore;
  readonly #listeners = new Set<OutboxListener>();
  readonly #accepted = new Set<(sessionId: string, putts: Putt[]) => void>();
  #waiting: readonly Waiting[] = [];
  #sending = false;
  /** Whether something was added while sending, after the last look at what waits. */
  #again = false;
  #retry: ReturnType<typeof setTimeout> | undefined;

  /** @param name of the database on this device; one outbox a name */
  constructor(name = 'amble-outbox') {
    this.#store = new OutboxStore(name);
  }

  /** Loads what an earlier visit left, and sends it; call once when the app starts. */
  async open(): Promise<void> {
    await this.#refresh();
    window.addEventListener('online', () => void this.flush());
    void this.flush();
  }

  /** @returns a function that ends the subscription */
  subscribe(listener: OutboxListener): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  /** Calls back with a session's balls whenever the server took events. @returns the unsubscribe */
  onAccepted(listener: (sessionId: string, putts: Putt[]) => void): () => void {
    this.#accepted.add(listener);
    return () => this.#accepted.delete(listener);
  }

  /** Everything waiting, oldest first; the same array until it changes. */
  snapshot(): readonly Waiting[] {
    return this.#waiting;
  }

  /**
   * Keeps an event on this device, then sends it in the background.
   *
   * @throws StorageError when the device cannot keep it
   */
  async add(sessionId: string, event: SessionEvent): Promise<void> {
    try {
      await this.#store.waiting.add({ session_id: sessionId, event, refused: null });
    } catch (cause) {
      throw new StorageError(cause);
    }
    await this.#refresh();
    void this.flush();
  }

  /** Throws away one refused event, after the coach has seen why. */
  async discard(order: number): Promise<void> {
    await this.#store.waiting.delete(order);
    await this.#refresh();
  }

  /** Sends what waits, in order, until nothing is left or the server cannot be reached. */
  async flush(): Promise<void> {
    this.#again = true;
    if (this.#sending) {
      return;
    }
    this.#sending = true;
    clearTimeout(this.#retry);
    try {
      while (this.#again) {
        this.#again = false;
        for (let batch = await this.#next(); batch.length > 0; batch = await this.#next()) {
          await this.#send(batch);
        }
      }
    } catch {
      this.#retry = setTimeout(() => void this.flush(), RETRY_MS);
    } finally {
      this.#sending = false;
    }
  }

  /** The oldest events that belong to one session. */
  async #next(): Promise<Waiting[]> {
    const ready = (await this.#store.waiting.orderBy('order').toArray()).filter(
      (item) => item.refused === null,
    );
    return ready.filter((item) => item.session_id === ready[0]?.session_id).slice(0, BATCH);
  }

  async #send(batch: Waiting[]): Promise<void> {
    const sessionId = batch[0]?.session_id ?? '';
    try {
      const putts = await request<Putt[]>('POST', `sessions/${sessionId}/events`, {
        events: batch.map((item) => item.event),
      });
      await this.#store.waiting.bulkDelete(batch.map((item) => item.order ?? 0));
      for (const listener of this.#accepted) {
        listener(sessionId, putts);
      }
      await this.#refresh();
    } catch (error) {
      // A refusal of one must not hold up the rest: send them one by one and set aside the one at fault.
      if (!(error instanceof ApiError) || ![404, 422].includes(error.status)) {
        throw error;
      }
      if (batch.length > 1) {
        for (const item of batch) {
          await this.#send([item]);
        }
        return;
      }
      const reason = Object.values(error.fields)[0] ?? error.message;
      await this.#store.waiting.update(batch[0]?.order ?? 0, { refused: reason });
      await this.#refresh();
    }
  }

  async #refresh(): Promise<void> {
    this.#waiting = await this.#store.waiting.orderBy('order').toArray();
    for (const listener of this.#listeners) {
      listener(this.#waiting);
    }
  }
}

export const outbox = new Outbox();
