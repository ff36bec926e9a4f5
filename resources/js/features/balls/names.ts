/** Who is on a session, as short as tells them apart. */

import type { GroupMember, Session } from '../../api/types';

/** A first name, where nobody else here has the same. */
export function shortName(name: string, all: readonly string[]): string {
  const first = name.split(' ')[0] ?? name;
  return all.filter((other) => other.split(' ')[0] === first).length > 1 ? name : first;
}

/** Those who roll now. */
export function here({ group_members }: Pick<Session, 'group_members'>): GroupMember[] {
  return group_members.filter(({ standing }) => standing === 'here');
}

/** Whose a ball is: its own word, else whoever the session was begun for. */
export function ownerOf(student: string | null, session: Pick<Session, 'student'>): string | null {
  return student ?? session.student?.id ?? null;
}

/** As a ball says whose it is outside a group: nothing for whoever the session was begun for. */
export function ownerAsEvent(student: string | null, session: Pick<Session, 'student'>): string | null {
  return student === session.student?.id ? null : student;
}
