/** What the screens know, brought up to what the server has just taken. */

import type { Query, QueryClient } from '@tanstack/react-query';
import { keys, REMINDERS } from './keys';
import type { Accepted } from './outbox';
import { isMeasurement } from './pending';
import { withEvents } from './shownSession';
import type { GreenSpeedMeasurement, Session, SessionLog, Today } from './types';

/** Lays an answer over what is known, and asks again for what rests on it. */
export function applyAccepted(client: QueryClient, accepted: Accepted): void {
  if (accepted.kind === 'write') {
    applyWrite(client, accepted);
    return;
  }
  const { sessionId, sent, log } = accepted;
  // What is on its way was asked before these balls were there: it must not land on top of them.
  void client.cancelQueries({ queryKey: keys.session(sessionId), exact: true });
  const known = client.getQueryData<Session>(keys.session(sessionId));
  const session = known && withChanges(known, log);
  // What the log does not say of them is shown as it was while they waited, until the session is asked for again.
  if (session !== undefined) {
    client.setQueryData<Session>(keys.session(sessionId), withEvents(session, sent));
  }
  if (session === undefined || !sent.every(({ event }) => event !== undefined && TOLD_WHOLE.has(event.type))) {
    void client.invalidateQueries({ queryKey: keys.session(sessionId), exact: true });
  }
  for (const run of log.runs) {
    void client.cancelQueries({ queryKey: [...keys.runs(sessionId), run.id], exact: true });
    client.setQueryData([...keys.runs(sessionId), run.id], run);
  }
  askAgain(client, keys.stroke(sessionId));
  askAgain(client, keys.balls(sessionId));
  // What drills found, and where they begin next time, rests on these balls too.
  askAgain(client, keys.drillResults);
  askAgain(client, keys.drillSetups);
  // Reminders rest on checks and checklists, not on balls.
  const areReminded = sent.some(({ event }) => event?.type === 'check_tried' || event?.type === 'card_point_seen');
  askAgain(client, keys.allReports, ({ queryKey }) => areReminded || queryKey.at(-1) !== REMINDERS);
  askAgain(client, keys.runs(sessionId), ({ queryKey }) => !log.runs.some(({ id }) => id === queryKey.at(-1)));
  askAgain(client, keys.plans(sessionId));
  askAgain(client, keys.sessions);
}

/** Events of which the answer tells all that a session shows of them. */
const TOLD_WHOLE: ReadonlySet<string> = new Set([
  'putt_logged',
  'putt_corrected',
  'putt_remarked',
  'putt_given',
  'station_set',
  'station_removed',
  'note_set_aside',
  'company_noted',
  'check_tried',
  'card_point_seen',
  'part_begun',
  'disturbance_noted',
]);

/** A session with what an answer says changed; undefined where it was told from another version than this. */
function withChanges(session: Session, { since, removed, runs: _, putts, ...rest }: SessionLog): Session | undefined {
  if (since === null) {
    return { ...session, ...rest, putts };
  }
  if (since !== session.version) {
    return undefined;
  }
  const changed = new Map(putts.map((putt) => [putt.id, putt]));
  const standing = session.putts.filter(({ id }) => !removed.includes(id)).map((putt) => changed.get(putt.id) ?? putt);
  const known = new Set(session.putts.map(({ id }) => id));
  return { ...session, ...rest, putts: [...standing, ...putts.filter(({ id }) => !known.has(id))] };
}

/**
 * Asks again for what rests on what was just taken. A first answer on its way was asked before that: left alone
 * it would land as if it were new, and stay.
 */
function askAgain(
  client: QueryClient,
  queryKey: readonly unknown[],
  predicate: (query: Query) => boolean = () => true,
): void {
  void client.cancelQueries({ queryKey, predicate }).then(() => client.invalidateQueries({ queryKey, predicate }));
}

function applyWrite(client: QueryClient, { sessionId, write, answer }: Accepted & { kind: 'write' }): void {
  const { path } = write;
  if (path === 'students' || path === 'greens') {
    // Known at once: the next screen may choose it before the workspace is asked again.
    client.setQueryData<Today>(keys.today, (today) => today && withRecord(today, path, answer));
  } else if (path.endsWith('/rounds')) {
    askAgain(client, keys.allReports);
  } else {
    void client.cancelQueries({ queryKey: keys.session(sessionId), exact: true });
    client.setQueryData<Session>(keys.session(sessionId), (session) =>
      isMeasurement(path)
        ? session && { ...session, ...readingParts(answer as GreenSpeedMeasurement) }
        : (answer as Session),
    );
    void client.invalidateQueries({ queryKey: keys.session(sessionId), exact: true });
    askAgain(client, keys.stroke(sessionId));
    askAgain(client, keys.plans(sessionId));
    askAgain(client, keys.sessions);
  }
  askAgain(client, keys.today);
}

function withRecord(today: Today, path: 'students' | 'greens', answer: unknown): Today {
  const record = answer as { id: string };
  const others = today[path].filter(({ id }) => id !== record.id);
  return { ...today, [path]: [...others, path === 'greens' ? { reading: null, ...record } : record] };
}

function readingParts(reading: GreenSpeedMeasurement): Partial<Session> {
  return { reading, own_measurement: reading, measurement_is_of_the_day: true, measurement_days_old: 0 };
}
