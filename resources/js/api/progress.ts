/** What takes long: it tells how far it has come, and may be cancelled. */

import { ApiError, askRaw, OfflineError, refusal } from './api';

/** How far something has come; of null, nobody knows how much there is. */
export interface Progress {
  phase: string;
  done: number;
  of: number | null;
}

interface Watch {
  onProgress: (progress: Progress) => void;
  /** Aborted to cancel it. */
  signal: AbortSignal;
}

/** It was cancelled; nothing was changed by it. */
export class Cancelled extends Error {}

const STEPS = 'application/x-ndjson';

/**
 * Sends a request whose answer is a line for each step, and at last what came of it.
 *
 * @throws Cancelled when the signal was aborted
 * @throws ApiError when it was refused, before or on the way
 * @throws OfflineError when the answer broke off
 */
export async function requestInSteps<T>(path: string, body: unknown, watch: Watch): Promise<T> {
  return cancellable(watch.signal, async () => {
    const response = await askRaw('POST', path, body, { accept: STEPS, signal: watch.signal });
    let rest = '';
    const decoder = new TextDecoder();
    for await (const bytes of chunks(response)) {
      const lines = (rest + decoder.decode(bytes, { stream: true })).split('\n');
      rest = lines.pop() ?? '';
      for (const line of lines) {
        const told = JSON.parse(line) as Progress | { result: T } | { message: string };
        if ('result' in told) {
          return told.result;
        }
        if ('message' in told) {
          throw refusal(422, told);
        }
        watch.onProgress(told);
      }
    }
    throw new OfflineError();
  });
}

/** Fetches a file; how many bytes it has is told by the server in a header of its own, as it goes out compressed. */
export async function download(path: string, watch: Watch): Promise<Blob> {
  return cancellable(watch.signal, async () => {
    watch.onProgress({ phase: 'preparing', done: 0, of: null });
    const response = await askRaw('GET', path, undefined, {
      accept: 'application/json',
      signal: watch.signal,
    });
    const of = Number(response.headers.get('X-Amble-Bytes') ?? Number.NaN);
    const parts: BlobPart[] = [];
    let done = 0;
    for await (const bytes of chunks(response)) {
      parts.push(bytes);
      done += bytes.byteLength;
      watch.onProgress({ phase: 'fetching', done, of: Number.isFinite(of) ? of : null });
    }
    return new Blob(parts, { type: 'application/json' });
  });
}

async function* chunks(response: Response): AsyncGenerator<Uint8Array<ArrayBuffer>> {
  const reader = response.body?.getReader();
  if (reader === undefined) {
    return;
  }
  for (;;) {
    const { done, value } = await reader.read();
    if (done) {
      return;
    }
    yield value;
  }
}

async function cancellable<T>(signal: AbortSignal, does: () => Promise<T>): Promise<T> {
  try {
    return await does();
  } catch (error) {
    if (signal.aborted) {
      throw new Cancelled('Cancelled. Nothing was changed.');
    }
    throw error instanceof ApiError ? error : new OfflineError();
  }
}
