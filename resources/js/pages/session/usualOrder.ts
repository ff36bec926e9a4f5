/** People and greens in the order they are likely to be wanted. */

import type { SessionSummary, Today } from '../../api/types';

/** How often each was met lately: a session counts less the longer ago it was. */
function weights(sessions: readonly SessionSummary[], field: 'student_id' | 'green_id'): Map<string, number> {
  const found = new Map<string, number>();
  sessions.forEach((session, index) => {
    const id = session[field];
    if (id !== null) {
      found.set(id, (found.get(id) ?? 0) + 1 / (index + 3));
    }
  });
  return found;
}

/** Options with the usual ones first, the others by name. */
export function usualOrder(today: Today | undefined, kind: 'students' | 'greens'): { value: string; label: string }[] {
  const met = weights(today?.sessions ?? [], kind === 'students' ? 'student_id' : 'green_id');
  return [...(today?.[kind] ?? [])]
    .sort((a, b) => (met.get(b.id) ?? 0) - (met.get(a.id) ?? 0) || a.name.localeCompare(b.name))
    .map(({ id, name }) => ({ value: id, label: name }));
}
