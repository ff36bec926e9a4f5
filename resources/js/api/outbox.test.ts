import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { newId, Outbox, type SessionEvent } from './outbox';
import type { SessionLog } from './types';

/** A server that remembers what it was sent and answers as told. */
class FakeServer {
  received: { session: string; ids: string[] }[] = [];
  whose: (string | undefined)[] = [];
  respond: (ids: string[]) => { status: number; body: unknown } | 'unreachable' = () => ({
    status: 200,
    body: [],
  });

  fetch = async (url: string, init: RequestInit): Promise<Response> => {
    const session = url.split('/')[3] ?? '';
    const ids = (JSON.parse(String(init.body)) as { events: { id: string }[] }).events.map(({ id }) => id);
    const answer = this.respond(ids);
    if (answer === 'unreachable') {
      throw new TypeError('no network');
    }
    this.received.push({ session, ids });
    this.whose.push((init.headers as Record<string, string>)['X-Amble-Coach']);
    return new Response(JSON.stringify(answer.body), { status: answer.status });
  };

  allIds(): string[] {
    return this.received.flatMap(({ ids }) => ids);
  }
}

function ball(id: string, roll = 3): SessionEvent {
  return {
    id,
    type: 'putt_logged',
    at_ms: 1,
    backstroke_m: 0.2,
    roll_m: roll,
    stop: 'free',
    target_m: null,
    grade_percent: 0,
  };
}

/** An outbox with somebody signed in, as on every screen that can add to it. */
function signedIn(name: string, coach = 'C'): Outbox {
  const outbox = new Outbox(name);
  made.push(outbox);
  outbox.signedIn(coach);
  return outbox;
}

let made: Outbox[] = [];

/** Waits until something holds, however busy the machine is. */
const eventually = (holds: () => void) => vi.waitFor(holds, { timeout: 20_000 });

describe('the outbox', () => {
  let server: FakeServer;
  let name = '';
  let visits = 0;

  beforeEach(() => {
    server = new FakeServer();
    visits += 1;
    name = `outbox-${visits}`;
    vi.stubGlobal('fetch', server.fetch);
    vi.stubGlobal('document', { cookie: 'XSRF-TOKEN=abc%3D' });
    vi.stubGlobal('window', new EventTarget());
    vi.stubGlobal('navigator', {});
  });

  afterEach(async () => {
    // What one test began must not go on in the next.
    await Promise.all(made.map((outbox) => outbox.flush()));
    for (const outbox of made) {
      outbox.signedIn(null);
    }
    made = [];
    vi.unstubAllGlobals();
  });

  test('sends what is added and keeps nothing once it is taken', async () => {
    const outbox = signedIn(name);
    await outbox.add('S', ball('A'));
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
    expect(server.allIds()).toEqual(['A']);
  });

  test('keeps what cannot be sent and sends it in order when the network is back', async () => {
    server.respond = () => 'unreachable';
    const outbox = signedIn(name);
    for (const id of ['A', 'B', 'C']) {
      await outbox.add('S', ball(id));
    }
    expect(outbox.snapshot().map(({ event }) => event?.id)).toEqual(['A', 'B', 'C']);
    server.respond = () => ({ status: 200, body: [] });
    await outbox.flush();
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
    expect(server.allIds()).toEqual(['A', 'B', 'C']);
  });

  test('many waiting balls go in batches of at most fifty, in their order', async () => {
    server.respond = () => 'unreachable';
    const outbox = signedIn(name);
    const ids = Array.from({ length: 120 }, (_, index) => `B${String(index).padStart(3, '0')}`);
    for (const id of ids) {
      await outbox.add('S', ball(id));
    }
    server.respond = () => ({ status: 200, body: [] });
    const before = server.received.length;
    await outbox.flush();
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
    const batches = server.received.slice(before).map((batch) => batch.ids);
    expect(batches.map(({ length }) => length)).toEqual([50, 50, 20]);
    expect(batches.flat()).toEqual(ids);
  });

  test('a later visit finds what an earlier one left', async () => {
    server.respond = () => 'unreachable';
    const before = signedIn(name);
    await before.add('S', ball('A'));
    server.respond = () => ({ status: 200, body: [] });
    const after = signedIn(name);
    await after.open();
    await eventually(() => expect(server.allIds()).toContain('A'));
  });

  test('what the server always stumbles over does not hold up what is behind it', async () => {
    server.respond = (ids) => (ids.includes('A') ? { status: 500, body: {} } : { status: 200, body: [] });
    const outbox = signedIn(name);
    await outbox.add('S', ball('A'));
    await outbox.add('T', ball('B'));
    await eventually(() => expect(outbox.snapshot().map(({ event }) => event?.id)).toEqual(['A']));
    expect(server.received.at(-1)).toEqual({ session: 'T', ids: ['B'] });
    // It only waits: nothing is refused.
    expect(outbox.snapshot()[0]?.refused).toBeNull();
  });

  test('a batch says whose it is, and one that another’s cookie would bring stays and asks who is in', async () => {
    const asked = vi.fn();
    server.respond = () => ({ status: 409, body: {} });
    const outbox = signedIn(name, 'Ann');
    outbox.onSignedOut(asked);
    await outbox.add('S', ball('A'));
    await eventually(() => expect(asked).toHaveBeenCalled());
    expect(server.whose).toContain('Ann');
    expect(outbox.snapshot().map(({ refused }) => refused)).toEqual([null]);
    server.respond = () => ({ status: 200, body: [] });
    await outbox.flush();
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
  });

  test('what was refused may be tried again', async () => {
    server.respond = () => ({ status: 404, body: {} });
    const outbox = signedIn(name);
    await outbox.add('S', ball('A'));
    await eventually(() =>
      expect(outbox.snapshot()[0]?.refused).toBe('This record does not exist in your workspace, or it was deleted.'),
    );
    server.respond = () => ({ status: 200, body: [] });
    await outbox.tryAgain(outbox.snapshot()[0]?.order ?? 0);
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
  });

  test('a tab shows what another one sent', async () => {
    server.respond = () => 'unreachable';
    const [one, other] = [signedIn(name), new Outbox(name)];
    await one.add('S', ball('A'));
    await other.open();
    expect(other.snapshot()).toHaveLength(1);
    server.respond = () => ({ status: 200, body: [] });
    await one.flush();
    // Here both live in one page, and a page does not hear itself.
    const elsewhere = new BroadcastChannel('amble');
    elsewhere.postMessage('outbox');
    await eventually(() => expect(other.snapshot()).toHaveLength(0));
    elsewhere.close();
  });

  test('one refused ball does not hold up the rest, and says why', async () => {
    server.respond = () => 'unreachable';
    const outbox = signedIn(name);
    for (const id of ['A', 'B', 'C']) {
      await outbox.add('S', ball(id));
    }
    server.respond = (ids) =>
      ids.includes('B')
        ? { status: 422, body: { errors: { 'events.0.roll_m': ['Too far.'] } } }
        : { status: 200, body: [] };
    await outbox.flush();
    await eventually(() => expect(outbox.snapshot()).toHaveLength(1));
    const [left] = outbox.snapshot();
    expect(left?.event?.id).toBe('B');
    expect(left?.refused).toBe('Too far.');
    // What is refused is not tried again by itself; the coach puts it away.
    const tries = server.received.length;
    await outbox.flush();
    expect(server.received).toHaveLength(tries);
    await outbox.discard(left?.order ?? 0);
    expect(outbox.snapshot()).toHaveLength(0);
  });

  test('a stumbling server is tried again and refuses nothing', async () => {
    server.respond = () => ({ status: 500, body: {} });
    const outbox = signedIn(name);
    await outbox.add('S', ball('A'));
    await outbox.flush();
    expect(outbox.snapshot()[0]?.refused).toBeNull();
    server.respond = () => ({ status: 200, body: [] });
    await outbox.flush();
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
  });

  test('it tries again ever later, up to ten minutes, and soon again once something was taken', async () => {
    const waits: number[] = [];
    const later = vi.spyOn(globalThis, 'setTimeout');
    const ofTries = () => later.mock.calls.map(([, ms]) => ms ?? 0).filter((ms) => ms >= 15_000);
    server.respond = () => ({ status: 500, body: {} });
    const outbox = signedIn(name);
    await outbox.add('S', ball('A'));
    // A flush that finds one under way ends with that one.
    while (ofTries().length < 8) {
      await outbox.flush();
    }
    waits.push(...ofTries());
    expect(waits).toEqual([15, 30, 60, 120, 240, 480, 600, 600].map((seconds) => 1000 * seconds));
    server.respond = () => ({ status: 200, body: [] });
    await outbox.flush();
    server.respond = () => ({ status: 500, body: {} });
    await outbox.add('S', ball('B'));
    await eventually(() => expect(ofTries().length).toBeGreaterThan(waits.length));
    expect(ofTries().at(-1)).toBe(15_000);
    later.mockRestore();
  });

  test('balls of two sessions go to their own', async () => {
    server.respond = () => 'unreachable';
    const outbox = signedIn(name);
    await outbox.add('S1', ball('A'));
    await outbox.add('S2', ball('B'));
    await outbox.add('S1', ball('C'));
    server.respond = () => ({ status: 200, body: [] });
    await outbox.flush();
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
    const sentTo = (session: string) =>
      server.received.filter((each) => each.session === session).flatMap(({ ids }) => ids);
    expect(sentTo('S1')).toEqual(['A', 'C']);
    expect(sentTo('S2')).toEqual(['B']);
  });

  test('tells the screen what the server now has', async () => {
    const log = { putts: [{ id: 'A' }] } as SessionLog;
    server.respond = () => ({ status: 200, body: log });
    const outbox = signedIn(name);
    const heard: [string, SessionLog][] = [];
    const stop = outbox.onAccepted((accepted) => {
      if (accepted.kind === 'events') {
        heard.push([accepted.sessionId, accepted.log]);
      }
    });
    await outbox.add('S', ball('A'));
    await eventually(() => expect(heard).toEqual([['S', log]]));
    stop();
    await outbox.add('S', ball('B'));
    await eventually(() => expect(server.allIds()).toContain('B'));
    expect(heard).toHaveLength(1);
  });

  test('a ball added just as the last one is taken is sent too', async () => {
    const outbox = signedIn(name);
    for (let i = 0; i < 40; ++i) {
      void outbox.add('S', ball(`B${i}`));
      // Odd pauses, so that some land between the last look at what waits and the end of sending.
      await new Promise((wake) => setTimeout(wake, i % 3));
    }
    await eventually(() => expect(new Set(server.allIds()).size).toBe(40));
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
  });

  test('two presses at once send each ball once', async () => {
    const outbox = signedIn(name);
    await Promise.all([outbox.add('S', ball('A')), outbox.add('S', ball('B'))]);
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
    expect(server.allIds().sort()).toEqual(['A', 'B']);
  });

  test('what an older version of the app kept is sent by this one', async () => {
    // As version 1 wrote it: no word of who was signed in, none of the newer fields.
    const old = new Dexie(name);
    old.version(1).stores({ waiting: '++order, session_id' });
    await old.table('waiting').add({ session_id: 'S', event: ball('A'), refused: null });
    old.close();
    const outbox = signedIn(name);
    await outbox.open();
    await outbox.flush();
    await eventually(() => expect(server.allIds()).toEqual(['A']));
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
  });

  test('another coach signing in on the same device leaves what waits alone', async () => {
    server.respond = () => 'unreachable';
    const outbox = signedIn(name, 'hedda');
    await outbox.add('S', ball('A'));
    server.respond = () => ({ status: 200, body: [] });
    outbox.signedIn('corin');
    await outbox.add('T', ball('B'));
    await eventually(() => expect(server.allIds()).toEqual(['B']));
    await outbox.flush();
    outbox.signedIn(null);
    expect(outbox.snapshot().map(({ event }) => event?.id)).toEqual(['A']);
    outbox.signedIn('hedda');
    await eventually(() => expect(server.allIds()).toEqual(['B', 'A']));
  });

  test('where the device stores nothing, balls are held, shown as loose, and sent in order', async () => {
    server.respond = () => 'unreachable';
    const outbox = signedIn(name);
    await outbox.add('S', ball('A'));
    const full = vi.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    await outbox.add('S', ball('B'));
    await outbox.add('S', ball('C'));
    expect(outbox.snapshot().map(({ event, is_loose }) => [event?.id, is_loose ?? false])).toEqual([
      ['A', false],
      ['B', true],
      ['C', true],
    ]);
    full.mockRestore();
    server.respond = () => ({ status: 200, body: [] });
    await outbox.flush();
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
    expect(server.allIds()).toEqual(['A', 'B', 'C']);
  });

  test('a ball is shown before the disk has it, and only once after', async () => {
    server.respond = () => 'unreachable';
    const outbox = signedIn(name);
    const shown: (string | undefined)[][] = [];
    outbox.subscribe((waiting) => shown.push(waiting.map(({ event }) => event?.id)));
    const adding = outbox.add('S', ball('A'));
    expect(outbox.snapshot().map(({ event }) => event?.id)).toEqual(['A']);
    await adding;
    await outbox.flush();
    expect(shown.every((ids) => ids.join() === 'A')).toBe(true);
  });

  test('a page asks before it leaves a ball that the disk has not yet, and not after', async () => {
    const outbox = signedIn(name);
    await outbox.open();
    const leaving = () => {
      const event = new Event('beforeunload', { cancelable: true });
      window.dispatchEvent(event);
      return event.defaultPrevented;
    };
    const adding = outbox.add('S', ball('A'));
    expect(leaving()).toBe(true);
    await adding;
    await outbox.flush();
    expect(leaving()).toBe(false);
  });

  test('a write goes in its place between events, alone, and what depends on it after it', async () => {
    server.respond = () => 'unreachable';
    const outbox = signedIn(name);
    const sent: string[] = [];
    vi.stubGlobal('fetch', async (url: string, init: RequestInit) => {
      if (server.respond([]) === 'unreachable') {
        throw new TypeError('no network');
      }
      const body = JSON.parse(String(init.body)) as { events?: { id: string }[] };
      sent.push(`${init.method} ${url} ${(body.events ?? []).map(({ id }) => id).join()}`.trim());
      return new Response('{}', { status: 200 });
    });
    await outbox.write('S', { method: 'POST', path: 'sessions', body: { id: 'S' }, what: 'The session' });
    await outbox.add('S', ball('A'));
    await outbox.add('S', ball('B'));
    await outbox.write('S', { method: 'PATCH', path: 'sessions/S', body: { minutes: 5 }, what: 'Minutes' });
    await outbox.add('S', ball('C'));
    server.respond = () => ({ status: 200, body: {} });
    await outbox.flush();
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
    expect(sent).toEqual([
      'POST /api/sessions',
      'POST /api/sessions/S/events A,B',
      'PATCH /api/sessions/S',
      'POST /api/sessions/S/events C',
    ]);
  });

  test('a refused write says what is wrong by field, and its correction takes its place', async () => {
    let isRefused = true;
    vi.stubGlobal('fetch', async () =>
      isRefused
        ? new Response(JSON.stringify({ errors: { minutes: ['Too long.'] } }), { status: 422 })
        : new Response('{}', { status: 200 }),
    );
    const outbox = signedIn(name);
    const change = (minutes: number) =>
      outbox.write('S', { method: 'PATCH', path: 'sessions/S', body: { minutes }, what: 'The minutes' });
    await change(900);
    await eventually(() =>
      expect(outbox.snapshot()).toMatchObject([{ refused: 'Too long.', fields: { minutes: 'Too long.' } }]),
    );
    isRefused = false;
    await change(90);
    await eventually(() => expect(outbox.snapshot()).toHaveLength(0));
  });

  test('ids made in the same millisecond sort in the order they were made', () => {
    const ids = Array.from({ length: 200 }, newId);
    expect([...ids].sort()).toEqual(ids);
    expect(new Set(ids).size).toBe(200);
  });
});
