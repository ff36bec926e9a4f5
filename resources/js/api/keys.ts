/** Server state by key. */

/** Last part of the key of what to remember about a student. */
export const REMINDERS = 'reminders';

export const keys = {
  me: ['me'] as const,
  deletionPreview: ['deletion-preview'] as const,
  signedInDevices: ['signed-in-devices'] as const,
  twoStepSignIn: ['two-step-sign-in'] as const,
  today: ['today'] as const,
  session: (id: string) => ['session', id] as const,
  stroke: (id: string) => ['stroke', id] as const,
  allReports: ['reports'] as const,
  reports: (studentId: string) => ['reports', studentId] as const,
  balls: (sessionId: string) => ['ball', sessionId] as const,
  drills: ['drills'] as const,
  runs: (sessionId: string) => ['run', sessionId] as const,
  drillResults: ['drill-results'] as const,
  drillSetups: ['drill-setup'] as const,
  plans: (sessionId: string) => ['plan', sessionId] as const,
  sessions: ['sessions'] as const,
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
