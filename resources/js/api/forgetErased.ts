/** What was erased for good goes from this device too: answers that are kept, what waits to be sent, where somebody stood. */

import type { QueryClient } from '@tanstack/react-query';
import { keys } from './keys';
import type { Outbox } from './outbox';

/** Ids this device has dealt with. */
const DONE = 'amble-erased';

/** Choices about the device itself, which say nothing of anybody; and what a student notes behind a link, who is no coach. */
const STAYS = /^amble-(theme$|keys-off$|reading-method$|at-home )/;

/**
 * Removes every answer, entry and note with one of these ids. An id is dealt with once: nothing of it comes from the
 * server any more.
 *
 * @param erased ids, as the server tells them
 */
export async function forgetErased(
  client: QueryClient,
  outbox: Pick<Outbox, 'forget'>,
  erased: readonly string[],
): Promise<void> {
  const done = new Set(doneBefore());
  const ids = erased.filter((id) => !done.has(id));
  if (ids.length === 0) {
    return;
  }
  const names = (value: unknown) => {
    const text = JSON.stringify(value) ?? '';
    return ids.some((id) => text.includes(id));
  };
  const predicate = ({ queryKey, state }: { queryKey: readonly unknown[]; state: { data: unknown } }) =>
    queryKey[0] !== keys.me[0] && names([queryKey, state.data]);
  client.removeQueries({ type: 'inactive', predicate });
  // What is on a screen is asked for anew.
  void client.resetQueries({ type: 'active', predicate });
  await outbox.forget(names);
  clearStorage((key) => key !== DONE && names([key, localStorage.getItem(key)]));
  keep([...done, ...ids].filter((id) => erased.includes(id)));
}

/** Removes everything of whoever was signed in; what waits to be sent stays for them. */
export function forgetPerson(): void {
  clearStorage((key) => !STAYS.test(key));
}

function clearStorage(isTheirs: (key: string) => boolean): void {
  try {
    for (const key of Object.keys(localStorage)) {
      if (key.startsWith('amble-') && isTheirs(key)) {
        localStorage.removeItem(key);
      }
    }
  } catch {
    // A device that keeps nothing has nothing to forget.
  }
}

function doneBefore(): readonly string[] {
  try {
    return JSON.parse(localStorage.getItem(DONE) ?? '[]') as string[];
  } catch {
    return [];
  }
}

function keep(ids: readonly string[]): void {
  try {
    localStorage.setItem(DONE, JSON.stringify(ids));
  } catch {
    // No room: it is done once more next time.
  }
}
