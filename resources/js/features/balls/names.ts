/** Who is on a session, as short as tells them apart. */

import type { GroupMember, Session } from '../../api/types';
import type { Sign } from '../../lane/StopLane';

/** A first name, where nobody else here has the same. */
export function shortName(name: string, all: readonly string[]): string {
  const first = name.split(' ')[0] ?? name;
  return all.filter((other) => other.split(' ')[0] === first).length > 1 ? name : first;
}

/** How many colours tell people apart; with more of them the letters alone do. */
const INKS = 6;

/** A letter and a colour for each of a group, on the lane and beside their name; none for one alone. */
export function signsOf({ group_members }: Pick<Session, 'group_members'>): ReadonlyMap<string, Sign> {
  const signs = new Map<string, Sign>();
  if (group_members.length < 2) {
    return signs;
  }
  for (const [index, { student, name }] of group_members.entries()) {
    const taken = [...signs.values()].map(({ letter }) => letter);
    const letters = [name.charAt(0), name.slice(0, 2), `${name.charAt(0)}${name.split(' ').at(-1)?.charAt(0) ?? ''}`];
    const letter = letters.find((each) => !taken.includes(each)) ?? `${name.charAt(0)}${index + 1}`;
    signs.set(student, { letter, ink: `var(--person-${(index % INKS) + 1})` });
  }
  return signs;
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
