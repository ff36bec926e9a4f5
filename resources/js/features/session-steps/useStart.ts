import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { keys } from '../../api/keys';
import { planSession, startPlanned, startSession, useToday } from '../../api/queries';

type Start = Parameters<typeof startSession>[0];

/**
 * @returns starts a session: Putt for a student who has been here, on the green of last time; a new one is checked in
 *     first. What was planned ahead for the student is what starts.
 */
export function useStart(): (start: Start) => void {
  const navigate = useNavigate();
  const today = useToday().data;
  return (start) => {
    const last = today?.sessions.find(({ student_id, is_home }) => student_id === (start.student_id ?? '') && !is_home);
    const planned = today?.planned.find(({ student_id }) => student_id !== null && student_id === start.student_id);
    const green_id = start.green_id ?? last?.green_id ?? null;
    if (planned !== undefined) {
      startPlanned(planned.id, green_id);
    }
    const id = planned?.id ?? startSession({ ...start, green_id });
    void navigate(`/sessions/${id}/${last === undefined ? 'check-in' : 'putt'}`);
  };
}

/** @returns opens the plan of a student's next session; it waits there until the session is started */
export function usePlanAhead(): (start: Start) => Promise<void> {
  const navigate = useNavigate();
  const client = useQueryClient();
  const today = useToday().data;
  return async (start) => {
    const open = today?.sessions.find(
      ({ student_id, ended_at }) => student_id === start.student_id && ended_at === null,
    );
    const planned = today?.planned.find(({ student_id }) => student_id === start.student_id);
    const last = today?.sessions.find(({ student_id, is_home }) => student_id === start.student_id && !is_home);
    const known = open?.id ?? planned?.id;
    const id =
      known ??
      (await planSession({
        student_id: start.student_id ?? null,
        green_id: start.green_id ?? last?.green_id ?? null,
        ...(start.minutes != null && { minutes: start.minutes }),
      }));
    if (known === undefined) {
      await client.invalidateQueries({ queryKey: keys.today });
    }
    void navigate(`/sessions/${id}/plan`);
  };
}
