/** What a hand on the lane means: a touch that rests is a ball, a swipe scrolls, sliding off takes it back. */

export interface Point {
  /** Pixels on the screen. */
  x: number;
  y: number;
}

/** When the finger came down, milliseconds; null for a mouse, which need not rest. */
type Since = number | null;

export type Press =
  | { phase: 'none' }
  /** Down, and not yet known to rest. */
  | { phase: 'settling'; at: Point; since: Since }
  /** Rests: it may be moved to aim, and logs when it is let go. */
  | { phase: 'aiming'; at: Point; since: Since }
  /** Moved off the lane: let go there, nothing is logged. */
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

/** A finger that stays so long rests, milliseconds; a swipe has moved by then. */
export const REST_MS = 120;
/** A finger that moves further before it rests is on its way elsewhere, pixels. */
const SWIPE_PX = 9;
/** A second tap so soon and so near is the same one said twice. */
const DOUBLE_MS = 380;
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
      return (press.phase === 'settling' || press.phase === 'aiming') && hasRested(press.since, event.time)
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
