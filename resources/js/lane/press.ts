/** What a hand on the lane means: a tap is a ball, a finger held down aims, a swipe scrolls, sliding off cancels. */

export interface Point {
  /** Pixels on the screen. */
  x: number;
  y: number;
}

/** When the finger came down, milliseconds; null for a mouse, which aims at once. */
type Since = number | null;

export type Press =
  | { phase: 'none' }
  /** Down for so short a time that it may still become a swipe. */
  | { phase: 'settling'; at: Point; since: Since }
  /** Held down: it may be moved to aim, and logs when it is lifted. */
  | { phase: 'aiming'; at: Point; since: Since }
  /** Moved off the lane: lifted there, nothing is logged. */
  | { phase: 'off'; since: Since };

export interface PressState {
  press: Press;
  /** The last ball that was logged by a press, to tell a double tap. */
  last: { at: Point; time: number } | null;
}

export type PressEvent =
  | { type: 'down'; at: Point; time: number; isTouch: boolean }
  | { type: 'move'; at: Point; time: number; isInside: boolean }
  | { type: 'rested' }
  | { type: 'up'; time: number }
  | { type: 'cancel' };

/** A finger that is held down so long aims, milliseconds; a swipe has moved by then. */
export const REST_MS = 120;
/** A finger that moves further before it aims is a swipe, pixels. */
const SWIPE_PX = 9;
/** A second tap so soon and so near is the same ball. */
const DOUBLE_MS = 500;
const DOUBLE_PX = 28;

export const NO_PRESS: PressState = { press: { phase: 'none' }, last: null };

/**
 * The press after an event, and the point of a ball where one was logged.
 *
 * Events are judged by when the hand made them: a screen that is busy hears of them late, and of "rested" early.
 */
export function pressed(state: PressState, event: PressEvent): { state: PressState; logged: Point | null } {
  const become = (press: Press) => ({ state: { ...state, press }, logged: null });
  const { press } = state;
  switch (event.type) {
    case 'down':
      if (isSecondTap(state, event)) {
        return become({ phase: 'none' });
      }
      // A mouse is exact and scrolls by its wheel.
      return become(
        event.isTouch
          ? { phase: 'settling', at: event.at, since: event.time }
          : { phase: 'aiming', at: event.at, since: null },
      );
    case 'move':
      return become(moved(press, event));
    case 'rested':
      return become(press.phase === 'settling' ? { ...press, phase: 'aiming' } : press);
    case 'up':
      return press.phase === 'settling' || press.phase === 'aiming'
        ? {
            state: { press: { phase: 'none' }, last: { at: press.at, time: event.time } },
            logged: press.at,
          }
        : become({ phase: 'none' });
    case 'cancel':
      return become({ phase: 'none' });
  }
}

function moved(press: Press, { at, time, isInside }: PressEvent & { type: 'move' }): Press {
  if (press.phase === 'none') {
    return press;
  }
  const { since } = press;
  if (press.phase !== 'off' && !hasRested(since, time)) {
    return distance(press.at, at) > SWIPE_PX ? { phase: 'none' } : press;
  }
  return isInside ? { phase: 'aiming', at, since } : { phase: 'off', since };
}

function hasRested(since: Since, time: number): boolean {
  return since === null || time - since >= REST_MS;
}

function isSecondTap({ last }: PressState, { at, time }: { at: Point; time: number }): boolean {
  return last !== null && time - last.time < DOUBLE_MS && distance(last.at, at) < DOUBLE_PX;
}

function distance(a: Point, b: Point): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
