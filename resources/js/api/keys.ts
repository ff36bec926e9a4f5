/** Server state by key. */

/** Last part of the key of what to remember about a student. */
export const REMINDERS = 'remember';

export const keys = {
  me: ['me'] as const,
  goes: ['goes'] as const,
  signIns: ['sign-ins'] as const,
  secondFactor: ['second-factor'] as const,
  today: ['today'] as const,
  session: (id: string) => ['session', id] as const,
  stroke: (id: string) => ['stroke', id] as const,
  allLooks: ['looks'] as const,
  looks: (studentId: string) => ['looks', studentId] as const,
  balls: (sessionId: string) => ['ball', sessionId] as const,
  drills: ['drills'] as const,
  runs: (sessionId: string) => ['run', sessionId] as const,
  found: ['found'] as const,
  setOut: ['set-out'] as const,
  plans: (sessionId: string) => ['plan', sessionId] as const,
  ledger: ['ledger'] as const,
};

/**
 * Whether an answer of an earlier visit is on screen while a newer one is on its way.
 *
 * A form begun from it would write old values back, so forms wait for the newer one, or for word that
 * there is no network.
 */
export function isOfEarlierVisit(query: { dataUpdatedAt: number; isFetching: boolean; failureCount: number }): boolean {
  return query.dataUpdatedAt < performance.timeOrigin && query.isFetching && query.failureCount === 0;
}
