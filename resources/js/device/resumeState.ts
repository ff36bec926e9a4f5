/** Where the coach stood in each session, kept on this device so that going on lands exactly there. */

export interface ResumeState {
  /** The screen. */
  path?: string;
  /** The station rolled from, by id; "open" for no target. */
  station?: string;
  /** What balls outside a drill are rolled for. */
  purpose?: 'target' | 'backstroke';
  /** Whose ball is next; null for whoever the session was begun for. */
  student?: string | null;
  /** Metres; null for none noted. */
  backstroke?: number | null;
  /** The station, purpose and student it was chosen for. */
  backstrokeAt?: string;
  /** Half-typed. */
  roll?: string;
  stop?: string;
  /** Of a timed roll. */
  distance?: string;
  time?: string;
  direction?: 1 | 2;
  /** Which tab of Review was looked at. */
  view?: string;
  /** Lines above the lane that were read and put away. */
  dismissed?: string[];
  /** Whether a stroke sensor is on. */
  sensor?: boolean;
  /** Of a walk along: whether it goes by itself, what was only looked at, and the drill it tries. */
  walk?: { isOn?: boolean; seen?: string[]; drill?: string | null };
  at_ms?: number;
}

const PREFIX = 'amble-stand ';
/** Sessions of longer ago are looked back on, not gone on with. */
const LONGEST_MS = 30 * 24 * 3_600_000;

export function resumeStateOf(sessionId: string): ResumeState {
  try {
    return JSON.parse(localStorage.getItem(PREFIX + sessionId) ?? '{}') as ResumeState;
  } catch {
    return {};
  }
}

/** Lays what changed over what is kept; a device that keeps nothing works on and forgets. */
export function remember(sessionId: string, change: ResumeState): void {
  try {
    const stand: ResumeState = { ...resumeStateOf(sessionId), ...change, at_ms: Date.now() };
    localStorage.setItem(PREFIX + sessionId, JSON.stringify(stand));
  } catch {
    // No room, or not allowed.
  }
}

/** Forgets stands of long ago. */
export function deleteOldResumeStates(now = Date.now()): void {
  const old = Object.keys(localStorage).filter(
    (key) => key.startsWith(PREFIX) && now - (resumeStateOf(key.slice(PREFIX.length)).at_ms ?? 0) > LONGEST_MS,
  );
  for (const key of old) {
    localStorage.removeItem(key);
  }
}

/** Where "Go on" leads: the screen last worked at, else rolling. */
export function resumePath(sessionId: string): string {
  return resumeStateOf(sessionId).path ?? `/sessions/${sessionId}/putt`;
}
