/** The API client: same origin, session cookie, CSRF token, errors by field. */

import { apiPath, link } from './takeHomeLink';

/** The server answered, but not with what was asked. */
export class ApiError extends Error {
  /**
   * @param status HTTP status
   * @param fields one sentence per field at fault, by its path
   */
  constructor(
    readonly status: number,
    message: string,
    readonly fields: Readonly<Record<string, string>> = {},
  ) {
    super(message);
  }
}

/** The server could not be reached; what was entered stays where it was. */
export class OfflineError extends Error {
  constructor() {
    super('The server cannot be reached. Your entry is saved on this device.');
  }
}

type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/**
 * Sends one request and reads its JSON answer.
 *
 * @param whose id of the coach who entered it; the server refuses it whole where another is signed in now
 * @throws OfflineError when there is no answer
 * @throws ApiError when the answer is a refusal
 */
export async function request<T>(method: Method, path: string, body?: unknown, whose?: string): Promise<T> {
  if (door !== null) {
    await door;
  }
  return ask(method, path, body, whose);
}

/**
 * Sends a request that changes who is signed in, with nothing else under way: an answer to an earlier question
 * would bring the earlier cookie back, and what is asked meanwhile waits.
 */
export async function requestAlone<T>(method: Method, path: string, body?: unknown): Promise<T> {
  const alone = untilQuiet().then(() => ask<T>(method, path, body));
  const shut = () => {
    door = null;
  };
  door = alone.then(shut, shut);
  return alone;
}

/** Settles once nobody is being signed in or out any more; null while nobody is. */
let door: Promise<void> | null = null;

interface Way {
  accept?: string;
  /** Ends it; without one it is given up after the longest wait. */
  signal?: AbortSignal;
}

/**
 * Sends one request, and gives the answer as it comes.
 *
 * @throws OfflineError when there is no answer
 * @throws ApiError when the answer is a refusal
 */
export async function askRaw(
  method: Method,
  path: string,
  body?: unknown,
  way: Way = {},
  whose?: string,
): Promise<Response> {
  let response = await send(method, path, body, whose, way);
  if (response.status === 419) {
    // The page was open longer than its token lives; any answer brings a new one.
    await send('GET', 'me');
    response = await send(method, path, body, whose, way);
  }
  if (!response.ok) {
    throw refusal(response.status, await response.json().catch(() => null));
  }
  return response;
}

async function ask<T>(method: Method, path: string, body?: unknown, whose?: string): Promise<T> {
  const response = await askRaw(method, path, body, {}, whose);
  if (response.status === 204) {
    return undefined as T;
  }
  return response.json().catch(() => {
    // Cut off on its way: that is no answer, and must not be taken for an empty one.
    throw new OfflineError();
  });
}

/** A connection that died without a word would else be waited for without end. */
const LONGEST_WAIT_MS = 10_000;

let inFlight = 0;

/** Waits for the answers under way; each comes, or is given up, within the longest wait. */
async function untilQuiet(): Promise<void> {
  while (inFlight > 0) {
    await new Promise((wake) => setTimeout(wake, 50));
  }
}

async function send(method: Method, path: string, body?: unknown, whose?: string, way: Way = {}): Promise<Response> {
  inFlight += 1;
  try {
    return await fetch(`/api/${apiPath(path)}`, {
      method,
      credentials: 'same-origin',
      headers: {
        Accept: way.accept ?? 'application/json',
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': csrfToken() }),
        // Behind a link nobody is signed in whose it could be.
        ...(whose === undefined || link !== null ? {} : { 'X-Amble-Coach': whose }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      signal: way.signal ?? AbortSignal.timeout(LONGEST_WAIT_MS),
    });
  } catch {
    throw new OfflineError();
  } finally {
    inFlight -= 1;
  }
}

function csrfToken(): string {
  const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));
  return decodeURIComponent(cookie?.slice('XSRF-TOKEN='.length) ?? '');
}

export function refusal(status: number, answer: unknown): ApiError {
  const { message, errors } = (answer ?? {}) as { message?: string; errors?: Record<string, string[]> };
  const fields = Object.fromEntries(Object.entries(errors ?? {}).map(([field, said]) => [field, said[0] ?? '']));
  return new ApiError(status, SENTENCES[status] ?? message ?? 'Something went wrong. Nothing was changed.', fields);
}

const SENTENCES: Readonly<Record<number, string>> = {
  401: 'You are signed out. Sign in again; nothing was lost.',
  404: 'This record does not exist in your workspace, or it was deleted.',
  409: 'Another coach is signed in on this device now. Your entries stay here until you sign in.',
  419: 'This page has been open too long. Reload it; nothing was changed.',
  422: 'Some entries are not valid. They are marked below; nothing was saved.',
  429: 'Too many attempts in a short time. Wait a minute.',
  500: 'The server failed. Nothing was changed; try again.',
};

/** Gives the sentence for one field of a refusal, or null. */
export function fieldError(error: unknown, field: string): string | null {
  return error instanceof ApiError ? (error.fields[field] ?? null) : null;
}
