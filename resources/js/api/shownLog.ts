/** What a session shows: what the server has, with what still waits laid over it, so that no screen waits. */

import { type Pending, standing } from './pending';
import type { Ball, SessionEvent, SessionNotes, Station } from './types';

/** A ball as shown. */
export interface ShownPutt extends Ball {
  /** Whether anything about it has not reached the server yet. */
  isWaiting: boolean;
}

export interface ShownLog extends SessionNotes {
  putts: ShownPutt[];
}

/**
 * Lays waiting events over what the server has, by the same rules as the server's own fold.
 *
 * @param waiting oldest first; refused ones are left out
 * @param nameOf names of students by id
 * @param own id of whoever the session was begun for
 */
export function shownLog(
  log: SessionNotes & { putts: readonly Ball[] },
  waiting: readonly Pending[],
  nameOf: (student: string) => string = () => '',
  own = '',
): ShownLog {
  const putts = new Map<string, ShownPutt>(log.putts.map((putt) => [putt.id, { ...putt, isWaiting: false }]));
  const shown: ShownLog = {
    putts: [],
    stations: log.stations,
    conditions: log.conditions,
    dismissed_insights: log.dismissed_insights,
    group_members: log.group_members,
    during: log.during,
    checks: log.checks,
    checklist_answers: log.checklist_answers,
  };
  for (const { event } of standing(waiting)) {
    if (event !== undefined) {
      layPutt(putts, event);
      layCard(shown, event, nameOf);
      layCheck(shown, event, own);
    }
  }
  shown.putts = [...putts.values()];
  return shown;
}

function layPutt(putts: Map<string, ShownPutt>, event: SessionEvent): void {
  switch (event.type) {
    case 'putt_logged': {
      const { type: _, version: __, ...ball } = event;
      putts.set(event.id, {
        mark: null,
        cause: null,
        run_id: null,
        student: null,
        run_on_m: null,
        across_percent: 0,
        ...ball,
        seen: answered(ball.seen ?? {}),
        outcome: null,
        verdict: null,
        attempt: 1,
        corrections: 0,
        isWaiting: true,
      });
      break;
    }
    case 'putt_corrected': {
      const before = putts.get(event.putt_id);
      if (before !== undefined) {
        const { type: _, version: __, putt_id: id, at_ms: ___, ...ball } = event;
        putts.set(id, {
          ...before,
          mark: null,
          cause: null,
          ...ball,
          seen: answered(ball.seen ?? {}),
          id,
          outcome: null,
          verdict: null,
          corrections: before.corrections + 1,
          isWaiting: true,
        });
      }
      break;
    }
    case 'putt_remarked': {
      const before = putts.get(event.putt_id);
      if (before !== undefined) {
        const seen = answered({ ...before.seen, ...event.seen });
        putts.set(before.id, { ...before, mark: event.mark, cause: event.cause, seen, isWaiting: true });
      }
      break;
    }
    case 'putt_given': {
      const before = putts.get(event.putt_id);
      if (before !== undefined) {
        putts.set(before.id, {
          ...before,
          student: event.student,
          outcome: null,
          verdict: null,
          isWaiting: true,
        });
      }
      break;
    }
    case 'undone':
      putts.delete(event.event_id);
      break;
    default:
      break;
  }
}

function layCard(card: SessionNotes, event: SessionEvent, nameOf: (student: string) => string): void {
  switch (event.type) {
    case 'station_set': {
      const station: Station = {
        id: event.station_id,
        length_m: event.length_m,
        said: event.said,
        grade_percent: event.grade_percent,
        across_percent: event.across_percent ?? null,
      };
      const isThere = card.stations.some(({ id }) => id === station.id);
      card.stations = isThere
        ? card.stations.map((each) => (each.id === station.id ? station : each))
        : [...card.stations, station];
      break;
    }
    case 'station_removed':
      card.stations = card.stations.filter(({ id }) => id !== event.station_id);
      break;
    case 'condition_noted': {
      const others = card.conditions.filter((condition) => condition !== event.condition);
      card.conditions = event.is_seen ? [...others, event.condition] : others;
      break;
    }
    case 'company_noted': {
      const { student, standing: now } = event;
      const isThere = card.group_members.some((each) => each.student === student);
      card.group_members = isThere
        ? card.group_members.map((each) => (each.student === student ? { ...each, standing: now } : each))
        : [...card.group_members, { student, name: nameOf(student), standing: now }];
      break;
    }
    case 'note_set_aside': {
      const others = card.dismissed_insights.filter((key) => key !== event.key);
      card.dismissed_insights = event.is_aside ? [...others, event.key] : others;
      break;
    }
    default:
      break;
  }
}

/** What was checked, and what stands around the balls. */
function layCheck(card: SessionNotes, event: SessionEvent, own: string): void {
  switch (event.type) {
    case 'check_tried': {
      const { id, at_ms, check, answers, student } = event;
      // The server may have it already, a moment before the outbox lets it go.
      const others = card.checks.filter((each) => each.id !== id);
      card.checks = [...others, { id, at_ms, check, answers, student: student ?? own }];
      break;
    }
    case 'undone':
      card.checks = card.checks.filter(({ id }) => id !== event.event_id);
      break;
    case 'card_point_seen': {
      const { card: key, point, sight, word } = event;
      const student = event.student ?? own;
      const others = card.checklist_answers.filter(
        (each) => each.student !== student || each.card !== key || each.point !== point,
      );
      card.checklist_answers = sight === null ? others : [...others, { student, card: key, point, sight, word }];
      break;
    }
    case 'part_begun':
      card.during = { ...card.during, part: event.part };
      break;
    case 'disturbance_noted': {
      const others = card.during.disturbances.filter((each) => each !== event.disturbance);
      card.during = {
        ...card.during,
        disturbances: event.is_on ? [...others, event.disturbance] : others,
      };
      break;
    }
    default:
      break;
  }
}

/** An answer of null takes an earlier one back. */
function answered(seen: Ball['seen']): Ball['seen'] {
  return Object.fromEntries(Object.entries(seen).filter(([, answer]) => answer !== null));
}
