import { useNavigate } from 'react-router';
import { startSession, useToday } from '../../api/queries';

/** @returns starts a session: Putt for a student who has been here, on the green of last time; a new one is checked in first */
export function useStart(): (start: Parameters<typeof startSession>[0]) => void {
  const navigate = useNavigate();
  const sessions = useToday().data?.sessions ?? [];
  return (start) => {
    const last = sessions.find(({ student_id, is_home }) => student_id === (start.student_id ?? '') && !is_home);
    const id = startSession({ ...start, green_id: start.green_id ?? last?.green_id ?? null });
    void navigate(`/sessions/${id}/${last === undefined ? 'check-in' : 'putt'}`);
  };
}
