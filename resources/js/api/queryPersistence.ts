/** What the server last said, kept on this device, so that the app opens where there is no network. */

import { type DehydratedState, dehydrate, hydrate, type QueryClient } from '@tanstack/react-query';
import type { EntityTable } from 'dexie';
import { deviceStore } from './deviceStore';
import { storageKey } from './takeHomeLink';

interface Kept {
  id: 'answers';
  /** Of this form; what another version of the app kept in another form is not read. */
  form: number;
  kept_at: number;
  state: DehydratedState;
}

/** Raise it when what the API sends changes in a way that older answers would break. */
const FORM = 8;
const PAUSE_MS = 400;
/** Answers to one moment's question, made anew by every key typed; and what is shown to whoever holds a link. */
const PASSING = new Set(['drill-check', 'drill-setup', 'linked', 'putt-read', 'reading-quiz']);
/** Older answers mislead more than they help. */
const LONGEST_MS = 14 * 24 * 3_600_000;

/** Keeps a query client's answers in a database of this device. */
export class QueryPersistence {
  readonly #store: ReturnType<typeof deviceStore<{ kept: EntityTable<Kept, 'id'> }>>;
  #timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly client: QueryClient,
    name = storageKey('amble-shelf'),
  ) {
    this.#store = deviceStore(name, { kept: 'id' });
  }

  /** Fills the client with what was kept; anything that goes wrong leaves it empty, as on a first visit. */
  async restore(now = Date.now()): Promise<void> {
    const kept = await this.#store()
      .then((store) => store.kept.get('answers'))
      .catch(() => undefined);
    if (kept !== undefined && kept.form === FORM && now - kept.kept_at < LONGEST_MS) {
      hydrate(this.client, kept.state);
      // Shown at once, and asked for again as soon as a screen needs it: it may be of another day.
      void this.client.invalidateQueries({ refetchType: 'none' });
    }
  }

  /** Keeps answers as they come, from now on. @returns a function that ends it */
  follow(): () => void {
    const keepNow = () => {
      this.#timer = undefined;
      void this.keep();
    };
    // Not put off by what comes meanwhile: where the network is away, answers that fail come without a pause.
    const unsubscribe = this.client.getQueryCache().subscribe(() => {
      this.#timer ??= setTimeout(keepNow, PAUSE_MS);
    });
    window.addEventListener('pagehide', keepNow);
    return () => {
      unsubscribe();
      clearTimeout(this.#timer);
      window.removeEventListener('pagehide', keepNow);
    };
  }

  /** Writes everything known; a device without room for it works on, and needs the network to open. */
  async keep(now = Date.now()): Promise<void> {
    const state = dehydrate(this.client, {
      shouldDehydrateQuery: ({ queryKey, state: { data } }) => data !== undefined && !PASSING.has(String(queryKey[0])),
      shouldDehydrateMutation: () => false,
    });
    await this.#store()
      .then((store) => store.kept.put({ id: 'answers', form: FORM, kept_at: now, state }))
      .catch(() => undefined);
  }
}
