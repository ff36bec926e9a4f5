/** What the screens know, brought up to what the server has just taken. */

import type { QueryClient } from '@tanstack/react-query';
import { keys } from './keys';
import type { Accepted } from './outbox';
import { withEvents } from './shownSession';
import type { GreenSpeedMeasurement, Session, Today } from './types';

/** Lays an answer over what is known, and asks again for what rests on it. */
export function follow(client: QueryClient, accepted: Accepted): void {
  if (accepted.kind === 'write') {
    followWrite(client, accepted);
    return;
  }
  const { sessionId, sent, log } = accepted;
  // What is on its way was asked before these balls were there: it must not land on top of them.
  void client.cancelQueries({ queryKey: keys.session(sessionId), exact: true });
  // What the log does not say of them is shown as it was while they waited, until the session is asked for again.
  client.setQueryData<Session>(
    keys.session(sessionId),
    (session) => session && withEvents({ ...session, ...log }, sent),
  );
  void client.invalidateQueries({ queryKey: keys.session(sessionId), exact: true });
  askAgain(client, keys.stroke(sessionId));
  askAgain(client, keys.balls(sessionId));
  // What drills found, and where they begin next time, rests on these balls too.
  askAgain(client, keys.found);
  askAgain(client, keys.setOut);
  askAgain(client, keys.allLooks);
  askAgain(client, keys.runs(sessionId));
  askAgain(client, keys.plans(sessionId));
  askAgain(client, keys.ledger);
}

/**
 * Asks again for what rests on what was just taken. A first answer on its way was asked before that: left alone
 * it would land as if it were new, and stay.
 */
function askAgain(client: QueryClient, queryKey: readonly unknown[]): void {
  void client.cancelQueries({ queryKey }).then(() => client.invalidateQueries({ queryKey }));
}

function followWrite(client: QueryClient, { sessionId, write, answer }: Accepted & { kind: 'write' }): void {
  const { path } = write;
  if (path === 'students' || path === 'greens') {
    // Known at once: the next screen may choose it before the bench is asked again.
    client.setQueryData<Today>(keys.bench, (bench) => bench && withRecord(bench, path, answer));
  } else if (path.endsWith('/rounds')) {
    askAgain(client, keys.allLooks);
  } else {
    void client.cancelQueries({ queryKey: keys.session(sessionId), exact: true });
    client.setQueryData<Session>(keys.session(sessionId), (session) =>
      path.endsWith('/reading')
        ? session && { ...session, ...readingParts(answer as GreenSpeedMeasurement) }
        : (answer as Session),
    );
    void client.invalidateQueries({ queryKey: keys.session(sessionId), exact: true });
    askAgain(client, keys.stroke(sessionId));
    askAgain(client, keys.plans(sessionId));
    askAgain(client, keys.ledger);
  }
  askAgain(client, keys.bench);
}

function withRecord(bench: Today, path: 'students' | 'greens', answer: unknown): Today {
  const record = answer as { id: string };
  const others = bench[path].filter(({ id }) => id !== record.id);
  return { ...bench, [path]: [...others, path === 'greens' ? { reading: null, ...record } : record] };
}

function readingParts(reading: GreenSpeedMeasurement): Partial<Session> {
  return { reading, own_reading: reading, reading_is_of_the_day: true, reading_days_old: 0 };
}
