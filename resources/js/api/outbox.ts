/** Entries not yet accepted by the server: kept on this device, sent in order, each until it is taken. */

import type { EntityTable } from 'dexie';
import { monotonicFactory } from 'ulid';
import { ApiError, request } from './api';
import { deviceStore } from './deviceStore';
import { idOf, type Pending, type Write } from './pending';
import { onNews, tell } from './tabs';
import { storageKey } from './takeHomeLink';
import type { SessionEvent, SessionLog } from './types';

export type { Pending } from './pending';
/**
 * An event as the API takes it, in the form it has now. Devices keep these between versions of the app, so
 * what an older one left waiting may have an earlier form; the server reads those too.
 */
export type { SessionEvent } from './types';

export type OutboxListener = (waiting: readonly Pending[]) => void;

/** What the server answered to something sent: a session's log to events, a record to a write. */
export type Accepted =
  | { kind: 'events'; sessionId: string; sent: readonly Pending[]; log: SessionLog }
  | { kind: 'write'; sessionId: string; write: Write; answer: unknown };

const nextId = monotonicFactory();

/** A new event id: later ids sort after earlier ones, also within a millisecond. */
export function newId(): string {
  return nextId();
}

const RETRY_MS = 3000;
/** What the server stumbles over is tried again later, and later still; meanwhile what is behind it goes on. */
const LATER_MS = 15_000;
const LATEST_MS = 600_000;
const BATCH = 50;

/** Keeps, shows and sends what the server has not yet taken. */
export class Outbox {
  readonly #store: ReturnType<typeof deviceStore<{ waiting: EntityTable<Pending, 'order'> }>>;
  readonly #listeners = new Set<OutboxListener>();
  readonly #signedOut = new Set<() => void>();
  readonly #accepted = new Set<(accepted: Accepted) => void>();
  #waiting: readonly Pending[] = [];
  /** Entered, and not yet known to be stored: shown at once, so that no ball waits for the disk. */
  #storing: Pending[] = [];
  /** What storage would not take: held in memory and sent like the rest. */
  #loose: Pending[] = [];
  /** Sessions the server stumbled over since sending last began: what is behind them goes on. */
  readonly #stumbling = new Set<string>();
  #wait = LATER_MS;
  #coachId: string | null = null;
  #sending: Promise<void> | null = null;
  /** Whether something was added while sending, after the last look at what waits. */
  #again = false;
  #retry: ReturnType<typeof setTimeout> | undefined;

  /** The version of a session's log that the screens know; null where they know none. Set by whoever keeps the answers. */
  versionOf: (sessionId: string) => number | null = () => null;

  /** @param name of the database on this device; one outbox a name */
  constructor(name = storageKey('amble-outbox')) {
    this.#store = deviceStore(name, { waiting: '++order, session_id' });
  }

  /** Loads what an earlier visit left; call once when the app starts. */
  async open(): Promise<void> {
    // Without this a browser short of space may clear what waits; where it refuses, nothing is lost yet.
    void navigator.storage?.persist?.();
    window.addEventListener('online', () => void this.flush());
    window.addEventListener('beforeunload', (event) => {
      // What is not on the disk, or not yet, would be gone with the page.
      if (this.#loose.length + this.#storing.length > 0) {
        event.preventDefault();
      }
    });
    onNews('outbox', () => void this.#refresh());
    await this.#refresh();
  }

  /** Says who is signed in: only their own entries are sent, others wait for whoever entered them. */
  signedIn(coachId: string | null): void {
    if (coachId !== this.#coachId) {
      this.#coachId = coachId;
      void this.flush();
    }
  }

  /** @returns a function that ends the subscription */
  subscribe(listener: OutboxListener): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  /** Calls back with the server's answer whenever it took something. @returns the unsubscribe */
  onAccepted(listener: (accepted: Accepted) => void): () => void {
    this.#accepted.add(listener);
    return () => this.#accepted.delete(listener);
  }

  /** Calls back when the server no longer knows who is signed in. @returns the unsubscribe */
  onSignedOut(listener: () => void): () => void {
    this.#signedOut.add(listener);
    return () => this.#signedOut.delete(listener);
  }

  /** Everything waiting, oldest first; the same array until it changes. */
  snapshot(): readonly Pending[] {
    return this.#waiting;
  }

  /** Keeps an event on this device, or in memory where that fails, then sends it in the background. */
  add(sessionId: string, event: SessionEvent): Promise<void> {
    return this.#keep({ session_id: sessionId, refused: null, event });
  }

  /**
   * Keeps a record made or changed in the same way. What was refused of the same record gives way: this is
   * its correction.
   */
  async write(sessionId: string, write: Omit<Write, 'id'>): Promise<void> {
    const isOlderTry = ({ write: other, refused }: Pending) =>
      refused !== null && other?.path === write.path && other.method === write.method;
    await this.#drop(this.#waiting.filter(isOlderTry));
    await this.#keep({ session_id: sessionId, refused: null, write: { id: newId(), ...write } });
  }

  /** Sends one refused entry again: what it wanted may be there now. */
  async tryAgain(order: number): Promise<void> {
    this.#loose = this.#loose.map((each) => (each.order === order ? { ...each, refused: null } : each));
    await this.#change((waiting) => waiting.update(order, { refused: null }));
    await this.#refresh();
    await this.flush();
  }

  /** Throws away one refused entry, after the coach has seen why. */
  async discard(order: number): Promise<void> {
    await this.#drop(this.#waiting.filter((item) => item.order === order));
    await this.#refresh();
  }

  /** Throws away every entry that is about what was erased for good. */
  async forget(isErased: (entry: Pending) => boolean): Promise<void> {
    await this.#drop((await this.#all()).filter(isErased));
    await this.#refresh();
  }

  /**
   * Sends what waits, in order, until nothing is left or the server cannot be reached. Settles then, also for whoever
   * asks while it is under way.
   */
  flush(): Promise<void> {
    this.#again = true;
    if (this.#coachId === null) {
      return Promise.resolve();
    }
    this.#sending ??= this.#sendAll();
    return this.#sending;
  }

  async #sendAll(): Promise<void> {
    clearTimeout(this.#retry);
    this.#stumbling.clear();
    try {
      while (this.#again) {
        this.#again = false;
        for (let batch = await this.#next(); batch.length > 0; batch = await this.#next()) {
          await this.#send(batch);
        }
      }
    } catch (error) {
      if (error instanceof ApiError && (error.status === 401 || error.status === 409)) {
        for (const listener of this.#signedOut) {
          listener();
        }
      }
      this.#retry = setTimeout(() => void this.flush(), RETRY_MS);
    } finally {
      this.#sending = null;
    }
  }

  async #keep(entry: Pending): Promise<void> {
    // Its place among the others until the store gives it one.
    const last = Math.max(0, ...this.#waiting.map(({ order = 0 }) => order));
    const item: Pending = {
      ...entry,
      order: last + 1 / 1024,
      ...(this.#coachId === null ? {} : { coach_id: this.#coachId }),
    };
    this.#storing.push(item);
    this.#show([...this.#waiting, item]);
    try {
      const { order: _, ...kept } = item;
      await (await this.#store()).waiting.add(kept as Pending);
      tell('outbox');
    } catch {
      this.#storing = this.#storing.filter((other) => idOf(other) !== idOf(item));
      this.#loose.push({ ...item, is_loose: true });
    }
    await this.#refresh();
    void this.flush();
  }

  /** The oldest entry of whoever is signed in: a write alone, or the events of one session up to the next write. */
  async #next(): Promise<Pending[]> {
    const all = await this.#all();
    // What is still being stored has no lasting place yet; it is sent with the next look.
    const ready = all.filter(
      (item) =>
        item.refused === null &&
        (item.coach_id ?? this.#coachId) === this.#coachId &&
        !this.#stumbling.has(item.session_id) &&
        !this.#storing.some((other) => idOf(other) === idOf(item)),
    );
    const first = ready[0];
    if (first === undefined || first.write !== undefined) {
      return first === undefined ? [] : [first];
    }
    const write = ready.findIndex((item) => item.write !== undefined);
    return ready
      .slice(0, write === -1 ? ready.length : write)
      .filter((item) => item.session_id === first.session_id)
      .slice(0, BATCH);
  }

  async #send(batch: Pending[]): Promise<void> {
    const first = batch[0];
    if (first === undefined) {
      return;
    }
    try {
      const accepted = await transmit(first, batch, this.versionOf(first.session_id), this.#coachId ?? undefined);
      this.#wait = LATER_MS;
      await this.#drop(batch);
      tell('outbox');
      for (const listener of this.#accepted) {
        listener(accepted);
      }
      await this.#refresh();
    } catch (error) {
      if (error instanceof ApiError && error.status >= 500) {
        this.#stumbled(first.session_id);
        return;
      }
      // A refusal of one must not hold up the rest: send them one by one and set aside the one at fault.
      if (!(error instanceof ApiError) || ![403, 404, 422].includes(error.status)) {
        throw error;
      }
      if (batch.length > 1) {
        for (const item of batch) {
          await this.#send([item]);
        }
        return;
      }
      await this.#refuse(first, Object.values(error.fields)[0] ?? error.message, error.fields);
      await this.#refresh();
    }
  }

  /** What the server stumbled over waits, longer each time; nothing is refused for it. */
  #stumbled(session: string): void {
    this.#stumbling.add(session);
    clearTimeout(this.#retry);
    this.#retry = setTimeout(() => void this.flush(), this.#wait);
    this.#wait = Math.min(LATEST_MS, 2 * this.#wait);
  }

  async #refuse(item: Pending, refused: string, fields: Readonly<Record<string, string>>): Promise<void> {
    const order = item.order ?? 0;
    this.#loose = this.#loose.map((each) => (each.order === order ? { ...each, refused, fields } : each));
    await this.#change((waiting) => waiting.update(order, { refused, fields }));
  }

  async #drop(items: readonly Pending[]): Promise<void> {
    const ids = new Set(items.map(idOf));
    const orders = items.filter((item) => item.is_loose !== true).map(({ order = 0 }) => order);
    await this.#change((waiting) => waiting.bulkDelete(orders));
    this.#loose = this.#loose.filter((item) => !ids.has(idOf(item)));
    this.#storing = this.#storing.filter((item) => !ids.has(idOf(item)));
  }

  /** Stored, held and about to be stored, in the order of entry. */
  async #all(): Promise<Pending[]> {
    const stored = await this.#store()
      .then(({ waiting }) => waiting.orderBy('order').toArray())
      .catch((): Pending[] => []);
    const ids = new Set(stored.map(idOf));
    this.#storing = this.#storing.filter((item) => !ids.has(idOf(item)));
    return [...stored, ...this.#loose, ...this.#storing].sort((a, b) => (a.order ?? 0) - (b.order ?? 0));
  }

  /** Changes what is stored; where that fails it stays as it was, and is told so by the next look. */
  async #change(change: (waiting: EntityTable<Pending, 'order'>) => PromiseLike<unknown>): Promise<void> {
    await this.#store()
      .then(({ waiting }) => change(waiting))
      .catch(() => undefined);
  }

  async #refresh(): Promise<void> {
    this.#show(await this.#all());
  }

  #show(waiting: readonly Pending[]): void {
    this.#waiting = waiting;
    for (const listener of this.#listeners) {
      listener(waiting);
    }
  }
}

/** Sends a write, or a batch of one session's events. */
async function transmit(
  first: Pending,
  batch: readonly Pending[],
  version: number | null,
  whose?: string,
): Promise<Accepted> {
  const sessionId = first.session_id;
  if (first.write !== undefined) {
    const { method, path, body } = first.write;
    return {
      kind: 'write',
      sessionId,
      write: first.write,
      answer: await request<unknown>(method, path, body, whose),
    };
  }
  const events = batch.map(({ event }) => event);
  const log = await request<SessionLog>('POST', `sessions/${sessionId}/events`, { events, version }, whose);
  return { kind: 'events', sessionId, sent: batch, log };
}

export const outbox = new Outbox();
