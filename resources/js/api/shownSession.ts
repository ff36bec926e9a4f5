/** A session, and a workspace, with what this device has not sent yet laid over what the server said. */

import { isMeasurement, type Pending, standing, type Write } from './pending';
import { shownLog } from './shownLog';
import type {
  Green,
  GreenSpeedMeasurement,
  MeasurementEntries,
  MeasurementMethod,
  Session,
  Student,
  Today,
} from './types';

/** What the workspace knows by id. */
export interface Known {
  students: readonly Student[];
  greens: readonly Green[];
}

const pathOf = (id: string) => `sessions/${id}`;

/** Writes that wait, oldest first. */
function writes(waiting: readonly Pending[]): Write[] {
  return standing(waiting).flatMap(({ write }) => (write === undefined ? [] : [write]));
}

/**
 * Lays what waits over a session; begins one that the server has not heard of.
 *
 * @param sent as the server last said; undefined where it never did
 * @param waiting of this device, oldest first
 * @returns undefined where neither knows the session
 */
export function shownSession(
  id: string,
  sent: Session | undefined,
  waiting: readonly Pending[],
  known: Known,
): Session | undefined {
  const own = writes(waiting);
  const begun = own.find(({ method, path, body }) => method === 'POST' && path === 'sessions' && body.id === id);
  let session = sent ?? (begun === undefined ? undefined : begin(begun, known));
  if (session === undefined) {
    return undefined;
  }
  for (const { method, path, body } of own) {
    if (method === 'PATCH' && path === pathOf(id)) {
      session = patched(session, body, known);
    } else if (method === 'PUT' && path.startsWith(`${pathOf(id)}/`) && isMeasurement(path)) {
      session = withReading(session, body);
    }
  }
  const nameOf = (student: string) => known.students.find((each) => each.id === student)?.name ?? '';
  const ofIt = waiting.filter(({ session_id }) => session_id === id);
  const { putts: _, ...card } = shownLog(session, ofIt, nameOf, session.student?.id);
  return withEvents({ ...session, ...card }, ofIt);
}

/** What its events change besides balls and card. */
export function withEvents(session: Session, waiting: readonly Pending[]): Session {
  let shown = session;
  for (const { event } of standing(waiting)) {
    if (event?.type === 'run_ended' && shown.run?.id === event.run_id) {
      shown = { ...shown, run: { ...shown.run, is_over: true } };
    } else if (event?.type === 'reading_chosen') {
      const chosen = [shown.own_measurement, shown.other_measurement].find(
        (reading) => reading?.id === event.reading_id,
      );
      shown = { ...shown, reading: chosen ?? shown.own_measurement ?? shown.reading };
    }
  }
  return shown;
}

function begin({ body }: Write, known: Known): Session {
  const blank: Session = {
    id: String(body.id),
    student: null,
    green: null,
    minutes: null,
    purpose: null,
    plan: null,
    stations: [],
    conditions: [],
    dismissed_insights: [],
    group_members: [],
    version: 0,
    latest_ms: 0,
    during: { part: null, disturbances: [] },
    checks: [],
    checklist_answers: [],
    note_for_student: null,
    note_for_next: null,
    started_at: new Date(Number(body.started_at_ms ?? 0)).toISOString(),
    ended_at: null,
    is_home: false,
    is_planned: false,
    reading: null,
    measurement_is_of_the_day: false,
    measurement_days_old: null,
    own_measurement: null,
    other_measurement: null,
    putts: [],
    care: {},
    kit_out: [],
    kit_word: null,
    last_note: null,
    last_stations: [],
    run: null,
  };
  return patched(blank, body, known);
}

/** A change of the card, as the server will make it. */
function patched(session: Session, change: Write['body'], known: Known): Session {
  const shown = { ...session };
  if ('student_id' in change) {
    shown.student = known.students.find(({ id }) => id === change.student_id) ?? null;
    const { student } = shown;
    const others = session.group_members.filter(({ student: id }) => id !== student?.id);
    shown.group_members =
      student === null ? others : [{ student: student.id, name: student.name, standing: 'here' }, ...others];
  }
  if ('green_id' in change) {
    shown.green = known.greens.find(({ id }) => id === change.green_id) ?? null;
    const reading = shown.green?.reading ?? null;
    // What stands on the other green is the server's to say; until it does, what the workspace knows of it.
    Object.assign(shown, {
      reading,
      own_measurement: null,
      other_measurement: reading,
      measurement_is_of_the_day: reading !== null && isOfToday(reading.taken_at),
      measurement_days_old: null,
    });
  }
  for (const field of ['minutes', 'purpose', 'plan', 'note_for_student', 'note_for_next', 'kit_word'] as const) {
    if (field in change) {
      Object.assign(shown, { [field]: change[field] ?? null });
    }
  }
  if ('ended' in change) {
    shown.ended_at = change.ended === true ? new Date(Number(change.ended_at_ms ?? 0)).toISOString() : null;
  }
  return shown;
}

function isOfToday(iso: string): boolean {
  return new Date(iso).toDateString() === new Date().toDateString();
}

/** A reading whose figure is the server's to say. */
function withReading(session: Session, draft: Write['body']): Session {
  const { id, method, taken_at_ms, ...entries } = draft as unknown as MeasurementEntries & {
    id: string;
    method: MeasurementMethod;
    taken_at_ms: number;
  };
  const own: GreenSpeedMeasurement = {
    id,
    green_id: session.green?.id ?? '',
    session_id: session.id,
    method,
    entries,
    speed_m: null,
    standard_error_m: null,
    give_or_take_m: null,
    grade: null,
    grade_range: null,
    whose: session.student?.name ?? null,
    is_level: false,
    warnings: [],
    taken_at: new Date(taken_at_ms).toISOString(),
  };
  return { ...session, own_measurement: own, reading: own, measurement_is_of_the_day: true, measurement_days_old: 0 };
}

/** A workspace with the students, greens and sessions that wait on this device. */
export function shownToday(sent: Today, waiting: readonly Pending[]): Today {
  // What this device kept of an earlier version has neither.
  const shown: Today = { ...sent, planned: sent.planned ?? [], conditions: sent.conditions ?? [] };
  for (const { method, path, body } of writes(waiting)) {
    const isNew =
      method === 'POST' && ![sent.students, sent.greens, sent.sessions].some((list) => hasId(list, body.id));
    if (isNew && path === 'students') {
      shown.students = [...shown.students, body as unknown as Student].sort(byName);
    } else if (isNew && path === 'greens') {
      shown.greens = [...shown.greens, { reading: null, ...body } as unknown as Green].sort(byName);
    } else if (isNew && path === 'sessions') {
      const { id, student_id = null, green_id = null } = body as Record<string, string | null>;
      const started_at = new Date(Number(body.started_at_ms ?? 0)).toISOString();
      const blank = { purpose: null, minutes: null, note_for_next: null, ended_at: null, is_home: false };
      shown.sessions = [{ ...blank, id: String(id), student_id, green_id, started_at }, ...shown.sessions];
    } else if (method === 'PATCH' && body.started === true) {
      const begun = shown.planned.find(({ id }) => path === pathOf(id));
      if (begun !== undefined) {
        const started_at = new Date(Number(body.started_at_ms ?? 0)).toISOString();
        const blank = { purpose: null, minutes: null, note_for_next: null, ended_at: null, is_home: false };
        shown.planned = shown.planned.filter(({ id }) => id !== begun.id);
        shown.sessions = [{ ...blank, ...begun, green_id: null, started_at }, ...shown.sessions];
      }
    } else if (method === 'PATCH') {
      shown.sessions = shown.sessions.map((session) =>
        path === pathOf(session.id) ? { ...session, ...summaryChange(body) } : session,
      );
    }
  }
  return shown;
}

const byName = (a: { name: string }, b: { name: string }) => a.name.localeCompare(b.name);

function hasId(list: readonly { id: string }[], id: unknown): boolean {
  return list.some((each) => each.id === id);
}

/** What of a change of a session's card the workspace's line shows. */
function summaryChange({ ended, ended_at_ms, ...change }: Write['body']): object {
  const { student_id, green_id, purpose, minutes, note_for_next } = change;
  const said = Object.entries({ student_id, green_id, purpose, minutes, note_for_next });
  return {
    ...Object.fromEntries(said.filter(([, value]) => value !== undefined)),
    ...(ended === undefined
      ? {}
      : { ended_at: ended === true ? new Date(Number(ended_at_ms ?? 0)).toISOString() : null }),
  };
}
